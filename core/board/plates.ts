import type { Component, FormId } from '../catalogue/index.js';
import { judgeGroup, packOf, QUANTITY_FACTS } from '../needs/index.js';
import { needsOf, portionsIn, portionsOf, type Group } from '../party/index.js';
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

const isCounting = (group: Group): boolean => needsOf(group).some((choice) => packOf(choice)?.quantity);

/** The part of each food on a surface that a group may take: of a box of one's own the even share, of a board more; all who count share what is there. */
export function reachOf(plan: Plan, surface: Surface, group: Group): number {
  const there = groupsAt(plan, surface);
  const all = portionsIn(there);
  if (all === 0) return 0;
  const mine = portionsOf(group);
  if (surface.singles) return mine / all;
  const counting = portionsIn(there.filter((other) => other === group || isCounting(other)));
  return Math.min((TAKES_MORE * mine) / all, mine / counting);
}

/** Over so much of a party there is nobody to leave it what is fine: it eats of everything that lies there. */
const MOST_OF_IT = 0.5;

/** Do those who count, one group with the others, make most of the party? */
export const mostCount = ({ party }: Pick<Plan, 'party'>): boolean =>
  portionsIn(party.filter(isCounting)) > MOST_OF_IT * portionsIn(party);
