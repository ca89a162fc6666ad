import {
  goodOf,
  homeMadeId,
  makingOf,
  recipeOf,
  STAPLES,
  type ComponentId,
  type Making,
} from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';

/** A making with its parts as the plan knows them: what comes from offcuts is paid for with the slices. */
export interface PlanMaking extends Omit<Making, 'source'> {
  /** The stylist's own recipe, or one of the house. */
  own: boolean;
}

/** How a food of this plan is made; undefined for what is bought. */
export function planMaking(plan: Pick<Plan, 'recipes'>, id: ComponentId): PlanMaking | undefined {
  const own = plan.recipes.find((recipe) => homeMadeId(recipe) === id);
  if (!own) {
    const house = makingOf(id);
    return house && { ...house, own: false };
  }
  return {
    parts: own.parts
      .filter(({ fromOffcuts }) => !fromOffcuts)
      .map(({ componentId, massG }) => [componentId, massG] as const),
    outG: own.outG,
    handsMin: own.handsMin,
    waitMin: own.waitMin,
    keepsH: own.keepsH,
    uses: own.uses ?? [],
    onMin: own.waitMin,
    steps: own.steps,
    own: true,
  };
}

/** What anything is called that is bought or made: a food, a staple, a good, a recipe of the house. */
export const nameOf = (plan: Parameters<typeof planLarder>[0], id: string): string =>
  planLarder(plan).get(id as ComponentId)?.name ??
  STAPLES.get(id)?.name ??
  goodOf(id)?.name ??
  recipeOf(id as ComponentId)?.name ??
  id;

/** All that is made at home for a plan, with the grams that are laid, in the order of the plan. */
export function makingsOf(plan: Plan): { id: ComponentId; massG: number; making: PlanMaking }[] {
  const grams = new Map<ComponentId, number>();
  for (const { componentId, massG } of plan.placements)
    grams.set(componentId, (grams.get(componentId) ?? 0) + massG);
  return [...grams].flatMap(([id, massG]) => {
    const making = planMaking(plan, id);
    return making ? [{ id, massG, making }] : [];
  });
}
