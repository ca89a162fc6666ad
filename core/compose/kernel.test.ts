import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { costOf } from '../portion/index.js';
import { randomBrief } from '../testing/briefs.js';
import { group, planWith, withSmallLarder } from '../testing/plans.js';
import { firstInBudget, worthTheMoney } from './frugal.js';
import { compose, draftOf, problemOf, type Solver } from './index.js';
import { boardOf } from './settle.js';
import { sketchOf } from './sketch.js';
import { solveAmong, solveKernel, takenBy, withinReach, worthALook } from './kernel.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const relaxedOf = (draft: ReturnType<typeof draftOf>, seed = 1) =>
  solve(draft.model, { gap: 0, nodes: 0, seed, relaxed: true });
const boundsOf = (draft: ReturnType<typeof draftOf>) =>
  draft.model.variables.map((variable) => [variable.lower, variable.upper]);

const brief = (n: number) => withSmallLarder(randomBrief(n));

const BRIEFS = [1, 4, 7, 13].map((n) => [n] as const);

describe('the part of the larder that is worth a look', () => {
  test.each(BRIEFS)('holds what the relaxed program takes whole, and is a small part (brief %i)', (n) => {
    const draft = draftOf(problemOf(randomBrief(n)));
    const relaxed = relaxedOf(draft);
    const worth = worthALook(draft, relaxed);
    for (const entry of takenBy(draft, relaxed)) expect(worth.has(entry)).toBe(true);
    expect(worth.size).toBeGreaterThan(0);
    expect(worth.size).toBeLessThan(draft.entries.length / 2);
  });

  test.each(BRIEFS)(
    'gives a board that is a board of the whole program, and leaves it as it was (brief %i)',
    (n) => {
      const draft = draftOf(problemOf(brief(n)));
      const before = boundsOf(draft);
      const relaxed = relaxedOf(draft);
      const worth = worthALook(draft, relaxed);
      const found = solveAmong(draft, worth, solve, { gap: 0.2 });
      expect(boundsOf(draft)).toEqual(before);
      if (!found) throw new Error('expected that the part that is worth a look feeds everybody');
      // no board of a part is better than the relaxed whole, and it keeps every row of the whole
      expect(found.objective).toBeGreaterThanOrEqual(relaxed.objective - 1e-6);
      for (const row of draft.model.rows) {
        const value = row.terms.reduce((sum, [v, f]) => sum + f * found.values[v]!, 0);
        expect(value).toBeGreaterThanOrEqual(row.lower - 1e-4);
        expect(value).toBeLessThanOrEqual(row.upper + 1e-4);
      }
      for (const entry of draft.entries)
        if (!worth.has(entry)) expect(found.values[entry.laid]).toBeLessThan(0.5);
    },
  );

  // in the small larder of brief 13 everything is within reach
  const LEAVING_OUT = [1, 4, 7, 10].map((n) => [n] as const);
  test.each(LEAVING_OUT)(
    'the best board lies within its own reach, which leaves much out (brief %i)',
    (n) => {
      const draft = draftOf(problemOf(brief(n)));
      const relaxed = relaxedOf(draft);
      const best = solve(draft.model, { gap: 0.005, nodes: 5000, seed: 1, relaxed: false });
      const open = withinReach(draft, relaxed, best.objective);
      for (const entry of takenBy(draft, best)) expect(open.has(entry)).toBe(true);
      expect(open.size).toBeLessThan(draft.entries.length);
      // what is left out may be forced back in, and then costs more than the best: the bound is not made up
      const [out] = draft.entries.filter((entry) => !open.has(entry));
      draft.model.variables[out!.laid]!.lower = 1;
      const forced = solve(draft.model, { gap: 0.005, nodes: 5000, seed: 1, relaxed: false });
      expect(forced.bound).toBeGreaterThan(best.objective - 1e-6);
    },
  );

  test('what lies there by hand is within reach, whatever it costs', () => {
    const { plan } = compose(brief(1), solve, { quick: true });
    const draft = draftOf(problemOf(plan, true));
    const relaxed = relaxedOf(draft);
    const held = draft.entries.filter(({ candidate }) => candidate.held);
    expect(held.length).toBeGreaterThan(8);
    const open = withinReach(draft, relaxed, relaxed.objective + 1e-6);
    expect(held.filter((entry) => !open.has(entry))).toEqual([]);
  });

  test.each(BRIEFS)('what is decided in a part has the same name in the whole (brief %i)', (n) => {
    const problem = problemOf(randomBrief(n));
    const decided = (draft: ReturnType<typeof draftOf>) =>
      draft.model.variables.filter(({ integer }) => integer).map(({ name }) => name);
    const whole = decided(draftOf(problem));
    expect(new Set(whole).size).toBe(whole.length);
    const part = decided(draftOf(sketchOf(problem)));
    expect(part.length).toBeGreaterThan(40);
    expect(part.filter((name) => !whole.includes(name))).toEqual([]);
  });

  test('only from a board in hand is its proof looked for, and the board that is shown is no worse', () => {
    const asked: { proving: boolean | undefined; start: boolean }[] = [];
    const watched: Solver = (model, options) => {
      asked.push({ proving: options.proving, start: options.start !== undefined });
      return solve(model, options);
    };
    for (const n of [1, 5]) {
      const seen: number[] = [];
      const found = compose(brief(n), watched, { onFirst: (_plan, objective) => seen.push(objective) });
      expect(found.objective).toBeLessThanOrEqual(Math.min(...seen) + 1e-6);
      expect(found.bound).toBeLessThanOrEqual(found.objective + 1e-6);
    }
    const proofs = asked.filter(({ proving }) => proving);
    expect(proofs.length).toBeGreaterThan(0);
    expect(proofs.every(({ start }) => start)).toBe(true);
  });

  test('what is pinned is never left out', () => {
    const one = brief(3);
    const [first] = problemOf(one).candidates;
    const pinned = { ...one, wishes: { ...one.wishes, pinned: [first!.component.id] } };
    const draft = draftOf(problemOf(pinned));
    const found = solveKernel(draft, relaxedOf(draft), solve, { gap: 0.3 });
    expect(
      found && boardOf(draft, found.values).placements.map((placement) => placement.componentId),
    ).toContain(first!.component.id);
  });
});

describe('under a budget', () => {
  const free = withSmallLarder(planWith({ party: [group('all', 10), group('vegans', 2, ['vegan'])] }));

  test.each([0.9, 0.7, 0.65])('the first board keeps %d of the money in whole packs', (share) => {
    const budgetMinor = Math.round(costOf(compose(free, solve, { quick: true }).plan) * share);
    const tight = { ...free, budgetMinor };
    const first = firstInBudget(problemOf(tight), solve);
    expect(first).toBeDefined();
    expect(costOf(boardOf(first!.draft, first!.solution.values))).toBeLessThanOrEqual(budgetMinor);
    // its points are those of the program with whole packs, so that boards can be set side by side
    const value = first!.draft.model.variables.reduce(
      (sum, variable, i) => sum + variable.cost * first!.solution.values[i]!,
      first!.draft.model.offset,
    );
    expect(first!.solution.objective).toBeCloseTo(value, 6);
  });

  test('where no money buys a board there is no first one', () => {
    expect(firstInBudget(problemOf({ ...free, budgetMinor: 50 }), solve)).toBeUndefined();
  });

  test('the dial adds to what the budget alone would look at', () => {
    const budgetMinor = Math.round(costOf(compose(free, solve, { quick: true }).plan) * 0.7);
    const draft = draftOf(problemOf({ ...free, budgetMinor }));
    const relaxed = relaxedOf(draft);
    const worth = worthTheMoney(draft, relaxed, solve);
    for (const entry of takenBy(draft, relaxed)) expect(worth.has(entry)).toBe(true);
    expect(worth.size).toBeGreaterThan(takenBy(draft, relaxed).size);
    expect(draft.entries.filter((entry) => worth.has(entry)).length).toBe(worth.size);
  });

  test('less money never gives a better board, and every one keeps its own', () => {
    const cost = costOf(compose(free, solve, { quick: true }).plan);
    const done = [0.95, 0.75].map((share) => {
      const budgetMinor = Math.round(cost * share);
      return { budgetMinor, found: compose({ ...free, budgetMinor }, solve) };
    });
    for (const { budgetMinor, found } of done) {
      expect(found.status).not.toBe('impossible');
      expect(costOf(found.plan)).toBeLessThanOrEqual(budgetMinor);
    }
    for (const [i, { found }] of done.entries()) {
      const richer = done[i - 1]?.found;
      // the bound of the richer brief holds for the poorer one too
      if (richer) expect(found.objective).toBeGreaterThanOrEqual(richer.bound - 1e-4);
    }
  });
});
