import { beforeAll, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { nodeSolver } from '../../solver/node.js';
import { COUNTER_STEP_G } from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';
import { costOf, neededFor, perGram, wareOf } from '../portion/index.js';
import { id, lies, planWith } from '../testing/plans.js';
import { billsOf, LinearModel, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

/** Chickpeas, cumin, lemon and oil go into several of them; avocado is weighed, and lies as it is as well. */
const FOODS = ['hummus-home', 'falafel', 'guacamole', 'avocado', 'hummus-wraps', 'brie', 'cornichons'];

/** The least that these foods come to in the program, all of them bought, while all others might be. */
function leastBill(plan: Plan, laid: readonly (readonly [food: string, massG: number])[]): number {
  const model = new LinearModel();
  const bought = new Map(laid);
  const foods = FOODS.map((food) => {
    const chosen = model.binary(food);
    Object.assign(model.variables[chosen]!, bought.has(food) ? { lower: 1 } : { upper: 0 });
    const massG = bought.get(food) ?? 400;
    return { food: id(food), chosen, terms: [[chosen, massG] as const], mostG: massG, wasteG: 0 };
  });
  for (const { spent } of billsOf(model, plan, foods)) for (const [v, minor] of spent) model.charge(v, minor);
  return solve(model, { gap: 0, nodes: 2000, seed: 1, relaxed: false }).objective;
}

/** What rounding up to the step of a scale may add. */
const stepsOf = (plan: Plan): number =>
  neededFor(plan)
    .map((need) => wareOf(plan, need.id)!)
    .filter((ware) => ware.edible !== null)
    .reduce((sum, ware) => sum + COUNTER_STEP_G * perGram({ packs: ware.sold }), 0);

test('the program pays what the list comes to: an ingredient of several foods once, in whole packs', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.tuple(fc.constantFrom(...FOODS), fc.integer({ min: 20, max: 900 })), {
        minLength: 1,
        selector: ([food]) => food,
      }),
      fc.constantFrom('staple-chickpeas', 'staple-lemon', 'brie', 'staple-olive-oil'),
      fc.constantFrom(0, 30, 250, 2000),
      (laid, known, grams) => {
        const pantry = grams > 0 ? [{ componentId: id(known), massG: grams }] : [];
        const plan = planWith({ pantry, placements: laid.map(([food, massG]) => lies(food, massG)) });
        const [paid, cost] = [leastBill(plan, laid), costOf(plan)];
        // pennies are rounded for each thing that is weighed
        expect(paid).toBeGreaterThanOrEqual(cost - laid.length);
        expect(paid).toBeLessThanOrEqual(cost + stepsOf(plan) + laid.length);
      },
    ),
    { seed: 9, numRuns: 60 },
  );
});
