import { FORMS } from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';
import { bowlsInUse } from '../portion/index.js';

/** What stands on the table at opening beside the food. */
export interface ToolsInUse {
  bowls: number;
  /** One for each food that the guests cut: one for all of them mixes them. */
  knives: number;
  /** One for each bowl that is not picked from. */
  spoons: number;
}

/** Foods on one surface that are cut there, each with a knife of its own. */
const cutThere = (
  foods: readonly { componentId: string; surfaceId: string; form: keyof typeof FORMS }[],
): number =>
  new Set(
    foods.filter((food) => FORMS[food.form].large).map((food) => `${food.componentId} ${food.surfaceId}`),
  ).size;

/** What several help themselves from: a portion of one's own is eaten with one's own fork. */
const sharedOf = <T extends { surfaceId: string }>(plan: Plan, list: readonly T[]): T[] =>
  list.filter(({ surfaceId }) => !plan.surfaces.find(({ id }) => id === surfaceId)?.singles);

export function toolsInUse(plan: Plan): ToolsInUse {
  const bowls = bowlsInUse(plan);
  return {
    bowls: bowls.length,
    knives: cutThere(sharedOf(plan, plan.placements)),
    spoons: sharedOf(plan, bowls).filter((bowl) => FORMS[bowl.form].bowl).length,
  };
}

export interface TongsInUse {
  /** Foods that are kept apart by a tool of their own; what is spooned or cut has its spoon or knife. */
  own: number;
  /** With those that go around: one for each surface with loose food, and one for each part that is kept for somebody. */
  all: number;
}

export function tongsInUse(plan: Plan): TongsInUse {
  const { surfaces } = plan;
  const loose = sharedOf(plan, plan.placements).filter(({ form }) => !FORMS[form].large && !FORMS[form].bowl);
  const own = new Set(
    loose.filter(({ ownTool }) => ownTool).map(({ componentId, surfaceId }) => `${componentId} ${surfaceId}`),
  ).size;
  const around = surfaces.filter(({ id }) => loose.some(({ surfaceId }) => surfaceId === id));
  const zones = around.filter(({ zoneFor }) => (zoneFor?.length ?? 0) > 0).length;
  return { own, all: around.length + zones + own };
}
