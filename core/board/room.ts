import type { Surface } from '../plan/index.js';
import { surfaceAreaCm2 } from '../portion/index.js';

/** A surface holds one kind for each so many square centimetres before it gets busy (house default). */
const CM2_PER_KIND = 55;
/** A table for two has a cheese or two, meat, bread, fruit, a dip, something sharp and something sweet on one small board. */
const LEAST_KINDS = 11;
/** In a portion of one's own two or three pieces of each lie side by side. */
const LEAST_OF_ONES_OWN = 14;

/** Kinds that a surface takes before it looks busy. */
export const kindsThatFit = (surface: Surface): number =>
  Math.max(
    surface.singles ? LEAST_OF_ONES_OWN : LEAST_KINDS,
    Math.floor(surfaceAreaCm2(surface) / CM2_PER_KIND),
  );
