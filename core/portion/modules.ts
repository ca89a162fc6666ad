import { guestsIn } from '../party/index.js';
import { moduleKey, numberOf, type Plan } from '../plan/index.js';

/** So many guests are few for a board. */
export const UP_TO_TINY = 3;

/**
 * Surfaces that are alike in everything are modules of one table: each holds every kind, for its part of the guests. So
 * does each single portion, whatever others there are.
 */
export function modulesOf(plan: Plan): number {
  const [first] = plan.surfaces;
  const alike = first && plan.surfaces.every((surface) => moduleKey(surface) === moduleKey(first));
  return alike || plan.surfaces.some(({ singles }) => singles)
    ? Math.max(
        1,
        plan.surfaces.reduce((sum, surface) => sum + numberOf(surface), 0),
      )
    : 1;
}

/** Are there fewer bowls than single portions? Then nothing is served in one. */
export const lacksCups = (plan: Plan): boolean =>
  plan.bowls.reduce((sum, { count }) => sum + count, 0) <
  plan.surfaces.reduce((sum, { singles = 0 }) => sum + singles, 0);

/** Is the table one for two or three? */
export const isTiny = (plan: Plan): boolean => guestsIn(plan.party) / modulesOf(plan) <= UP_TO_TINY;
