import type { ComponentId } from '../../../core/catalogue/index.js';
import type { Plan } from '../../../core/plan/index.js';
import type { ConvertedItem } from '../../../core/swap/index.js';

/** One place on the two plates: what lies there now, and what then; null where nothing does. */
export interface Place {
  now: ComponentId | null;
  then: ComponentId | null;
}

const kindsOf = (plan: Plan): ComponentId[] => [
  ...new Set(plan.placements.map((placement) => placement.componentId)),
];

/** Every food across from what it becomes; what only joins comes last. */
export function acrossPlates(plan: Plan, after: Plan, items: readonly ConvertedItem[]): Place[] {
  const there = new Set(kindsOf(after));
  const becomes = new Map(items.map((item) => [item.from, item.kind === 'leave-out' ? null : item.to]));
  const places = kindsOf(plan).map((now): Place => {
    const then = becomes.has(now) ? becomes.get(now)! : now;
    return { now, then: then !== null && there.has(then) ? then : null };
  });
  for (const place of places) if (place.then) there.delete(place.then);
  return [...places, ...[...there].map((then) => ({ now: null, then }))];
}
