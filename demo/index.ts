import type { Plan } from '../core/plan/index.js';
import { cometWatchBrief } from './comet-watch.js';
import { kiteMeadowBrief, lampBoatBrief, lastFerryBrief, openLoomBrief } from './others.js';

/** The briefs that the application ships, by name; the main one first. */
export const DEMOS: Record<string, () => Plan> = {
  'comet-watch': cometWatchBrief,
  'kite-meadow': kiteMeadowBrief,
  'last-ferry': lastFerryBrief,
  'open-loom': openLoomBrief,
  'lamp-boat-sweets': lampBoatBrief,
};
