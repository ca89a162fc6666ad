import { planLarder, type Plan } from '../plan/index.js';
import { portionsIn } from '../party/index.js';
import { occasionOf } from './occasion.js';

/** Before a meal a board stays below this for each grown portion (house default: about 570 kcal). */
export const BEFORE_A_MEAL_KJ = 2400;
/** So far above it a board is clearly too much: a usual one at drinks, by the house's figures, has up to a third more (pairs). */
export const CLEARLY_HEAVY_KJ = 1.35 * BEFORE_A_MEAL_KJ;

/** Energy of what is planned for each grown portion; foods whose energy nobody knows are named apart. */
export function energyEach(plan: Plan): { kj: number; unknown: number } {
  const larder = planLarder(plan);
  const portions = portionsIn(plan.party);
  let [kj, unknown] = [0, 0];
  for (const placement of plan.placements) {
    const energy = larder.get(placement.componentId)?.per100g.energyKj;
    if (energy === null || energy === undefined) unknown += 1;
    else kj += (placement.massG * energy) / 100;
  }
  return { kj: portions > 0 ? kj / portions : 0, unknown };
}

/** Does a meal follow this board? Then it must not be too heavy. A breakfast or a picnic is one. */
export const mealFollows = (plan: Plan): boolean =>
  plan.occasion.role === 'drinks' && occasionOf(plan) === 'drinks';
