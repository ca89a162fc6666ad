import type { Component, FormId } from '../catalogue/index.js';
import { judgeGroup, QUANTITY_FACTS } from '../needs/index.js';
import { portionsIn, portionsOf, type Group } from '../party/index.js';
import { groupsAt, type Plan, type Surface } from '../plan/index.js';

// what a guest who counts carbohydrate, salt or energy puts on the plate

/** Fine by itself, left to the whole plate (a helping takes much of the limit), or not eaten at all. */
export type OnPlate = 'first' | 'then' | 'never';

export function onPlateOf(component: Component, form: FormId, group: Group): OnPlate {
  const { reasons } = judgeGroup(component, form, group);
  if (reasons.length === 0) return 'first';
  const counted = (fact: string) => (QUANTITY_FACTS as readonly string[]).includes(fact);
  return reasons.every(({ verdict, fact }) => verdict === 'ask' && counted(fact)) ? 'then' : 'never';
}

/** Who counts takes so many times the even share of what is fine for them: the others leave it, and eat the rest (house default). */
const TAKES_MORE = 3;

/** The part of each food on a surface that a group may take: of a box of one's own the even share, of a board more, never more than lies there. */
export function reachOf(plan: Plan, surface: Surface, group: Group): number {
  const there = portionsIn(groupsAt(plan, surface));
  const even = there === 0 ? 0 : portionsOf(group) / there;
  return surface.singles ? even : Math.min(1, TAKES_MORE * even);
}

/** Over so much of a party there is nobody to leave it what is fine: it eats of everything that lies there. */
const MOST_OF_IT = 0.5;

export const isMostOf = (plan: Plan, group: Group): boolean =>
  portionsOf(group) > MOST_OF_IT * portionsIn(plan.party);
