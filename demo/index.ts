import type { Plan } from '../core/plan/index.js';
import { cometWatchBrief } from './comet-watch.js';

/** The briefs that the application ships, by name. */
export const DEMOS: Record<string, () => Plan> = { 'comet-watch': cometWatchBrief };
