import { usualForm, type Component, type ComponentId } from '../catalogue/index.js';
import { mostInABowlG, wholePieces } from '../board/index.js';
import { judgeGroup, type Verdict } from '../needs/index.js';
import { planLarder, type Plan, type SingleCommand } from '../plan/index.js';
import { choosePacks } from '../portion/index.js';

/** Worse comes later. */
const ORDER: readonly Verdict[] = ['fine', 'ask', 'forbidden'];

/** A bought one is no worse for any group of the plan, as it would lie. */
function suitsAll({ party }: Plan, made: Component, bought: Component): boolean {
  const worst = (food: Component, group: Plan['party'][number]): number =>
    ORDER.indexOf(judgeGroup(food, usualForm(food).form, group).verdict);
  return party.every((group) => worst(bought, group) <= worst(made, group));
}

/**
 * The same food bought instead of made: of the same family and base food, no worse for anybody who comes; the cheapest.
 * Undefined where the larder has none.
 */
export function boughtInstead(plan: Plan, id: ComponentId): Component | undefined {
  const larder = planLarder(plan);
  const made = larder.get(id);
  if (!made || made.baseFood === '') return undefined;
  const there = new Set(plan.placements.map(({ componentId }) => componentId));
  const cost = (food: Component): number => choosePacks(food, gramsOf(plan, id)).priceMinor;
  return [...larder.values()]
    .filter(
      (food) =>
        food.made !== 'home-made' &&
        food.made !== 'unknown' &&
        food.family === made.family &&
        food.baseFood === made.baseFood &&
        !there.has(food.id) &&
        !plan.wishes.excluded.includes(food.id) &&
        suitsAll(plan, made, food),
    )
    .sort((a, b) => cost(a) - cost(b))[0];
}

export const gramsOf = ({ placements }: Pick<Plan, 'placements'>, id: ComponentId): number =>
  placements.reduce((sum, { componentId, massG }) => sum + (componentId === id ? massG : 0), 0);

/** The edit that lays bought foods where made ones lie, as much of them. */
export function buyInstead(plan: Plan, pairs: readonly (readonly [ComponentId, Component])[]): SingleCommand {
  const bowlG = mostInABowlG(plan);
  const to = new Map(pairs);
  return {
    name: 'set-board',
    placements: plan.placements.map((placement) => {
      const food = to.get(placement.componentId);
      if (!food) return placement;
      const fact = food.forms.find(({ form }) => form === placement.form) ?? usualForm(food);
      return {
        ...placement,
        componentId: food.id,
        form: fact.form,
        ...wholePieces(fact, placement.massG, bowlG),
      };
    }),
  };
}
