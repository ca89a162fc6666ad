import type { Plan } from '../core/plan/index.js';
import { cometWatchBrief } from './comet-watch.js';
import { smallWatchBrief } from './small-watch.js';
import { kiteMeadowBrief, lampBoatBrief, lastFerryBrief, openLoomBrief } from './others.js';

/** The briefs that the application ships, by name; the main one first. */
export const DEMOS: Record<string, () => Plan> = {
  'comet-watch': cometWatchBrief,
  'kite-meadow': kiteMeadowBrief,
  'last-ferry': lastFerryBrief,
  'open-loom': openLoomBrief,
  'lamp-boat-sweets': lampBoatBrief,
};

/** All that are kept solved: those that are shipped, and the small one that most tests walk on. */
export const KEPT_BRIEFS: Record<string, () => Plan> = { ...DEMOS, 'small-watch': smallWatchBrief };
