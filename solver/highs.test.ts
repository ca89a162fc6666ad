import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LinearModel, type SolveOptions, type Solver } from '../core/compose/index.js';
import { nodeSolver } from './node.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

const exact: SolveOptions = { gap: 0, nodes: 10_000, seed: 1, relaxed: false };

/** Take things worth `worth` into a bag that holds `room`: most worth is least cost. */
function bag(things: readonly { size: number; worth: number }[], room: number): LinearModel {
  const model = new LinearModel();
  const taken = things.map((t, i) => model.binary(`take ${i}`, -t.worth));
  model.atMost(
    'room',
    taken.map((v, i) => [v, things[i]!.size] as const),
    room,
  );
  return model;
}

/** The slow obvious way: every choice. */
function bestByHand(things: readonly { size: number; worth: number }[], room: number): number {
  let best = 0;
  for (let choice = 0; choice < 1 << things.length; choice++) {
    const inside = things.filter((_, i) => choice & (1 << i));
    if (inside.reduce((n, t) => n + t.size, 0) <= room)
      best = Math.max(
        best,
        inside.reduce((n, t) => n + t.worth, 0),
      );
  }
  return best;
}

const thing = fc.record({ size: fc.integer({ min: 1, max: 20 }), worth: fc.integer({ min: 1, max: 30 }) });

describe('the solver behind the core', () => {
  test('finds the best of every choice', () => {
    fc.assert(
      fc.property(
        fc.array(thing, { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 0, max: 60 }),
        (things, room) => {
          const found = solve(bag(things, room), exact);
          expect(found.status).toBe('optimal');
          expect(-found.objective).toBeCloseTo(bestByHand(things, room), 6);
          for (const v of found.values) expect(Math.abs(v - Math.round(v))).toBeLessThan(1e-6);
        },
      ),
      { numRuns: 40, seed: 7 },
    );
  });

  test('relaxed it bounds the whole one, and so does the bound that it tells', () => {
    fc.assert(
      fc.property(
        fc.array(thing, { minLength: 2, maxLength: 8 }),
        fc.integer({ min: 1, max: 60 }),
        (things, room) => {
          const model = bag(things, room);
          const whole = solve(model, exact);
          const relaxed = solve(model, { ...exact, relaxed: true });
          expect(relaxed.objective).toBeLessThanOrEqual(whole.objective + 1e-6);
          expect(whole.bound).toBeLessThanOrEqual(whole.objective + 1e-6);
        },
      ),
      { numRuns: 25, seed: 3 },
    );
  });

  test('a reduced cost is what one unit more costs at least', () => {
    const model = new LinearModel();
    const cheap = model.variable('cheap', 0, 10, 1);
    const dear = model.variable('dear', 0, 10, 3);
    model.atLeast(
      'enough',
      [
        [cheap, 1],
        [dear, 1],
      ],
      4,
    );
    const relaxed = solve(model, { ...exact, relaxed: true });
    expect(relaxed.objective).toBeCloseTo(4, 9);
    expect(relaxed.duals![cheap]).toBeCloseTo(0, 9);
    expect(relaxed.duals![dear]).toBeCloseTo(2, 9);
    model.variables[dear]!.lower = 1;
    expect(solve(model, { ...exact, relaxed: true }).objective).toBeCloseTo(4 + 2, 9);
  });

  test('what cannot be is a status, not an error; and has no values', () => {
    const model = new LinearModel();
    const x = model.binary('x', 1);
    model.atLeast('two of one', [[x, 1]], 2);
    for (const relaxed of [true, false])
      expect(solve(model, { ...exact, relaxed })).toMatchObject({ status: 'infeasible', values: [] });
  });

  test('a variable that stands twice in a row counts twice', () => {
    const model = new LinearModel();
    const x = model.variable('x', 0, 10, 1);
    model.atLeast(
      'twice',
      [
        [x, 1],
        [x, 1],
      ],
      6,
    );
    expect(solve(model, { ...exact, relaxed: true }).values[x]).toBeCloseTo(3, 9);
  });

  test('a free row and an endless bound are taken as such; the offset is added', () => {
    const model = new LinearModel();
    model.offset = 5;
    const x = model.variable('x', -Infinity, Infinity, 2);
    model.row('between', -3, [[x, 1]], 8);
    const found = solve(model, { ...exact, relaxed: true });
    expect([found.values[x], found.objective]).toEqual([-3, -1]);
  });

  test('stops at points that are good enough, and says that it is not the best', () => {
    const things = Array.from({ length: 24 }, (_, i) => ({
      size: 7 + ((i * 13) % 11),
      worth: 9 + ((i * 17) % 23),
    }));
    const model = bag(things, 90);
    const best = solve(model, exact);
    const quick = solve(model, { ...exact, enough: best.objective * 0.5 });
    expect(quick.objective).toBeLessThanOrEqual(best.objective * 0.5 + 1e-6);
    expect(quick.objective).toBeGreaterThanOrEqual(best.objective - 1e-6);
  });

  test('the same model and seed give the same answer, with a start or without', () => {
    const things = Array.from({ length: 20 }, (_, i) => ({
      size: 5 + ((i * 7) % 9),
      worth: 4 + ((i * 5) % 17),
    }));
    const model = bag(things, 60);
    const one = solve(model, { ...exact, gap: 0.05, seed: 9 });
    expect(solve(model, { ...exact, gap: 0.05, seed: 9 })).toEqual(one);
    const nothing = model.variables.map(() => 0);
    expect(solve(model, { ...exact, start: nothing }).objective).toBeCloseTo(
      solve(model, exact).objective,
      6,
    );
  });
});
