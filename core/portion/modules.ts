import { guestsIn } from '../party/index.js';
import { moduleKey, type Plan } from '../plan/index.js';

/** So many guests are few for a board. */
export const UP_TO_TINY = 3;

/** Surfaces that are alike in everything are modules of one table: each holds every kind, for its part of the guests. */
export function modulesOf(plan: Plan): number {
  const [first] = plan.surfaces;
  return first && plan.surfaces.every((surface) => moduleKey(surface) === moduleKey(first))
    ? plan.surfaces.length
    : 1;
}

/** Is the table one for two or three? */
export const isTiny = (plan: Plan): boolean => guestsIn(plan.party) / modulesOf(plan) <= UP_TO_TINY;
