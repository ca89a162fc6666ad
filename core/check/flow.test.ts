import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { nodeSolver } from '../../solver/node.js';
import { LinearModel, type Solver } from '../compose/index.js';
import { after, board, group as people, lies, planWith } from '../testing/plans.js';
import { careAt, contextOf, partyCare, promiseAt } from './index.js';
import { sharing, sharingInParts, type FlowGroup, type LeastPart } from './flow.js';
import { said } from '../testing/words.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

/** The slow, obvious way: one linear program with a variable for each group and food. */
function feasible(
  groups: readonly FlowGroup[],
  parts: readonly LeastPart[],
  left: readonly number[],
): boolean {
  const model = new LinearModel();
  const x = groups.map((eaters) =>
    left.map((l, f) => model.variable(`x`, 0, eaters.eats.includes(f) ? l : 0)),
  );
  left.forEach((l, f) =>
    model.atMost(
      'there is',
      x.map((row) => [row[f]!, 1] as const),
      l,
    ),
  );
  groups.forEach((eaters, i) => {
    model.atLeast(
      'in all',
      x[i]!.map((v) => [v, 1] as const),
      eaters.needG,
    );
    for (const least of parts)
      model.atLeast(
        'of a part',
        x[i]!.flatMap((v, f) => (least.foods.has(f) ? [[v, 1] as const] : [])),
        eaters.needG * least.share,
      );
  });
  return solve(model, { gap: 0, nodes: 0, seed: 1, relaxed: true }).status !== 'infeasible';
}

const FOODS = 6;
const group = fc
  .record({ needG: fc.integer({ min: 10, max: 300 }), eats: fc.subarray([...Array(FOODS).keys()]) })
  .map((g): FlowGroup => ({ id: 'g', ...g }));
const world = fc.record({
  groups: fc.array(group, { minLength: 1, maxLength: 4 }),
  left: fc.array(fc.integer({ min: 0, max: 300 }), { minLength: FOODS, maxLength: FOODS }),
});
const PARTS: LeastPart[] = [
  { share: 0.3, foods: new Set([0, 1]) },
  { share: 0.2, foods: new Set([2, 3]) },
];

describe('everything asked at once', () => {
  test('is enough exactly when the linear program of all rows can be kept', () => {
    fc.assert(
      fc.property(world, ({ groups, left }) => {
        const got = sharingInParts(groups, PARTS, left).gotG;
        const enough = groups.every((eaters, i) => got[i]! >= eaters.needG - 0.01);
        expect(enough).toBe(feasible(groups, PARTS, left));
      }),
      { numRuns: 300 },
    );
  });

  test('asks more than each part and the whole by themselves', () => {
    // 100 g bread serves the part of both, or the whole of one, but not both at once
    const groups: FlowGroup[] = [
      { id: 'a', needG: 100, eats: [0] },
      { id: 'b', needG: 100, eats: [0, 1] },
    ];
    const parts: LeastPart[] = [{ share: 0.5, foods: new Set([0]) }];
    const left = [120, 100];
    const whole = sharing(groups, left).gotG;
    expect(whole).toEqual([100, 100]);
    expect(sharingInParts(groups, parts, left).gotG.reduce((a, b) => a + b, 0)).toBeLessThan(200);
  });
});

describe('the dial', () => {
  const plan = planWith({
    surfaces: [board()],
    party: [people('all', 6), people('vegans', 2, ['vegan'])],
    placements: [
      lies('falafel', 1000),
      lies('brie', 600),
      lies('socca-crisps', 500),
      lies('strawberries', 1200),
      lies('cucumber', 900),
      lies('cornichons', 400),
      lies('radishes', 300),
    ],
  });
  const context = contextOf(plan);

  test('holds up to the number of the certificate, and not far beyond it', () => {
    const { greed, groups } = partyCare(context);
    expect(groups.map((care) => care.missing)).toEqual([[], []]);
    expect(careAt(context, Math.max(1, greed)).short).toBeUndefined();
    if (greed < 3) expect(careAt(context, greed + 0.05).short).toBeDefined();
  });

  test('never gives a group more when the others take more', () => {
    const sure = [1, 1.3, 1.8, 2.5, 3].map((g) => careAt(context, g).groups[0]!.sureG);
    expect([...sure].sort((a, b) => b - a)).toEqual(sure);
  });

  test('names what is missing and a change that helps', () => {
    const far = promiseAt(context, 3);
    expect(said(far.said)).toMatch(/g of .+ are missing for “vegans”/);
    const more = after(plan, far.remedy!.command);
    expect(promiseAt(contextOf(more), 3).at.groups[0]!.sureG).toBeGreaterThan(far.at.groups[0]!.sureG - 1e-6);
    expect(more.placements.reduce((sum, placement) => sum + placement.massG, 0)).toBeGreaterThan(
      plan.placements.reduce((sum, placement) => sum + placement.massG, 0),
    );
  });
});
