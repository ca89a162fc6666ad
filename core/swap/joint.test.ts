import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import type { Solver } from '../compose/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { costOf } from '../portion/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { arcsFor, lossOf, type Arc, type Target } from './arcs.js';
import { jointProgram } from './joint.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const board: Plan = planWith({
  party: [group('all', 6)],
  placements: [lies('brie', 250), lies('camembert', 250), lies('cornichons', 80)],
});
const KINDS = ['brie', 'camembert', 'cornichons'].map(id);

/** The likest few of each food, so that every choice can be tried; and always leaving it out. */
function few(target: Target, most: number, plan = board): Arc[][] {
  const loss = lossOf(plan);
  return KINDS.map((id) => {
    const all = arcsFor(plan, planLarder(plan), id, target, loss);
    return [...new Set([...all.slice(0, most), all.at(-1)!])];
  });
}

/** Every choice of one arc for each food, solved with that choice fixed: slow and obvious. */
function bestOfAll(arcs: Arc[][], target: Target): number {
  let best = Infinity;
  const walk = (i: number, chosen: number[]): void => {
    if (i < arcs.length) {
      arcs[i]!.forEach((_, j) => walk(i + 1, [...chosen, j]));
      return;
    }
    const { model, choice } = jointProgram(board, KINDS, arcs, target);
    choice.forEach((xs, food) =>
      xs.forEach((x, j) => {
        const on = chosen[food] === j ? 1 : 0;
        Object.assign(model.variables[x]!, { lower: on, upper: on });
      }),
    );
    // whole packs, where money counts
    const relaxed = target.budgetMinor === undefined;
    best = Math.min(best, solve(model, { gap: 0, nodes: 100, seed: 1, relaxed }).objective);
  };
  walk(0, []);
  return best;
}

const TARGETS: [string, Target][] = [
  ['vegan', { needs: [{ id: 'vegan', settings: {} }] }],
  ['keto', { needs: [{ id: 'keto', settings: {} }] }],
  ['cheaper', { needs: [], budgetMinor: 900 }],
  ['much cheaper', { needs: [], budgetMinor: 400 }],
  ['vegan and cheaper', { needs: [{ id: 'vegan', settings: {} }], budgetMinor: 700 }],
  ['with brie held', { needs: [], budgetMinor: 900, locked: [id('brie')] }],
];

describe('the joint choice', () => {
  test.each(TARGETS)('%s: is the best of every choice', (_name, target) => {
    const arcs = few(target, 4);
    const { model } = jointProgram(board, KINDS, arcs, target);
    const found = solve(model, { gap: 0, nodes: 5000, seed: 1, relaxed: false });
    expect(found.objective).toBeCloseTo(bestOfAll(arcs, target), 5);
  });

  test.each(TARGETS)(
    '%s: each food becomes one thing, no two the same, within the money',
    (_name, target) => {
      const arcs = few(target, 9);
      const { model, choice } = jointProgram(board, KINDS, arcs, target);
      const found = solve(model, { gap: 0, nodes: 5000, seed: 1, relaxed: false });
      const picked = choice.map((xs, i) => arcs[i]!.filter((_, j) => found.values[xs[j]!]! > 0.5));
      for (const arcs of picked) expect(arcs).toHaveLength(1);
      const becomes = picked.flat().flatMap((arc) => arc.component?.id ?? []);
      expect(new Set(becomes).size).toBe(becomes.length);
      const placements = picked
        .flat()
        .flatMap(({ buys }) => (buys ? [{ ...lies('brie', buys.massG), componentId: buys.food }] : []));
      if (target.budgetMinor !== undefined)
        expect(costOf({ ...board, placements })).toBeLessThanOrEqual(target.budgetMinor);
    },
  );

  test('two soft white cheeses do not both become the one that is likest to each', () => {
    const target: Target = { needs: [{ id: 'vegan', settings: {} }] };
    const arcs = few(target, 9);
    const first = (food: number) =>
      arcs[food]!.filter((arc) => arc.component).sort((a, b) => a.loss - b.loss)[0]!.component!.id;
    const { model, choice } = jointProgram(board, KINDS, arcs, target);
    const found = solve(model, { gap: 0, nodes: 5000, seed: 1, relaxed: false });
    const got = [0, 1].map(
      (food) => arcs[food]![choice[food]!.findIndex((x) => found.values[x]! > 0.5)]!.component?.id,
    );
    if (first(0) === first(1)) expect(got[0]).not.toBe(got[1]);
    expect(new Set(got).size).toBe(2);
  });
});
