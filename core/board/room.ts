import { moduleKey, type Plan, type Surface } from '../plan/index.js';
import { coverOf, laidGroundCm2, surfaceAreaCm2 } from '../portion/index.js';
import { isOwnPlate } from './serving.js';

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

/** Below this part of the wanted cover a board looks mean; above all of it, it does not fit. */
const SPARSE_OF_COVER = 0.886;
/** Whole pieces round it up, and they lean on each other: so much more than the ground is laid all the same (measured: of 17 composed boards up to it all lay to the last piece). */
const FULL = 1.05;

/** How what lies there at opening suits the size of a surface; `share` is of the ground inside the rim. */
export function roomOn(plan: Plan, surface: Surface): { is: 'small' | 'large' | 'fitting'; share: number } {
  const share = laidGroundCm2(plan, surface) / surfaceAreaCm2(surface);
  if (share > FULL) return { is: 'small', share };
  // a child's plate is meant to show some china
  const isMean = share < SPARSE_OF_COVER * coverOf(plan, surface) && !isOwnPlate(plan, surface);
  return { is: isMean ? 'large' : 'fitting', share };
}

/** The parts of a table that are alike change their size together; two children's plates are each their own. */
export function sizedTogether(plan: Plan, surface: Surface): Surface[] {
  const twins = plan.surfaces.filter((other) => moduleKey(other) === moduleKey(surface));
  return isOwnPlate(plan, surface) && twins.length === 2 ? [surface] : twins;
}
