import { brief } from './brief/station.js';
import { check } from './check/station.js';
import { choose } from './choose/station.js';
import { lay } from './lay/station.js';
import { make } from './make/station.js';
import { shape } from './shape/station.js';
import type { StationRecord } from './station.js';

/** Every station, in the order of the work. It is read by the server too: records hold no code of the page but by fetching it. */
export const STATIONS: readonly StationRecord[] = [brief, choose, check, shape, lay, make];

export const stationOf = (id: string): StationRecord | undefined =>
  STATIONS.find((station) => station.id === id);
