import { servingOf, type Component } from '../catalogue/index.js';
import { guestsIn, portionsIn, type Group } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { targetsOf, wantsBread } from '../portion/index.js';

/** Of what a guest has of bread and crackers, the part that holds a slice of cheese: 20 g of 30 at drinks, 45 g of 48 at a meal (house default). */
const HOLDS = 20 / 30;
const HOLDS_AT_A_MEAL = 45 / 48;

/** Does it hold a slice of cheese for this group? Leaves and cucumber do for who counts carbohydrate. */
export const carriesFor = (component: Component, group: Group): boolean => {
  const { carries } = servingOf(component);
  return carries === 'all' || (carries === 'keto' && group.needs.some((choice) => choice.id === 'keto'));
};

/** Bread that seven in ten take: the few may have a kind of their own, and the many are not handed that alone. */
const FAMILIAR = 0.7;
export const isPlainBread = (component: Component): boolean =>
  servingOf(component).carries === 'all' && servingOf(component).takers >= FAMILIAR;

/** May most guests of the party eat it, group by group? */
export const isForMost = (plan: Plan, isForbidden: (group: Group) => boolean): boolean =>
  guestsIn(plan.party.filter((group) => !isForbidden(group))) * 2 > guestsIn(plan.party);

/** Grams of what carries that these guests need between them. */
export function carriedNeedG(plan: Plan, groups: readonly Group[]): number {
  if (!wantsBread(plan)) return 0;
  const { byFamily, portions } = targetsOf(plan);
  const share = plan.occasion.role === 'meal' ? HOLDS_AT_A_MEAL : HOLDS;
  return portions === 0 ? 0 : ((byFamily.vehicle * share) / portions) * portionsIn(groups);
}

/**
 * Whose bread is weighed: each group's by itself, and everybody's together, or what the few may eat would be all that the
 * many have. Named by the group; the whole party has no name.
 */
export const carriedSets = (plan: Plan): { id: string; group: Group | null; groups: readonly Group[] }[] => [
  ...plan.party.map((group) => ({ id: group.id as string, group, groups: [group] })),
  ...(plan.party.length > 1 ? [{ id: 'everybody', group: null, groups: plan.party }] : []),
];
