import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { compose, type Solver } from '../compose/index.js';
import { basketWith, shopFor } from '../make/index.js';
import { portionsIn } from '../party/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import { laidDemo } from '../test-support/demo.js';
import { later, laterCommand, withCounts } from './later.js';

const demo = laidDemo();
let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

const counts = (plan: Plan, factor: number): Plan['party'] =>
  withCounts(plan.party, new Map(plan.party.map(({ id, count }) => [id, Math.round(count * factor)])));
const grams = ({ placements }: Plan): number => placements.reduce((sum, { massG }) => sum + massG, 0);
const taken = (plan: Plan, party: Plan['party']): Plan => {
  const done = applyCommand(plan, laterCommand(plan, later(plan, party, solve), 'more'));
  if (!done.ok) throw new Error('expected a change that can be applied');
  return done.plan;
};

describe('another number of guests', () => {
  test('as many as before changes nothing', () => {
    const same = later(demo, demo.party, solve);
    expect([same.foods, same.buy, same.spared, same.brings]).toEqual([[], [], [], []]);
    expect(same.costMinor.after).toBe(same.costMinor.before);
  });

  test('half as many more is half as much more of everything, bought, and can be taken in one step', () => {
    const party = counts(demo, 1.5);
    const found = later(demo, party, solve);
    const ratio = portionsIn(party) / portionsIn(demo.party);
    expect(grams(found.plan) / grams(demo)).toBeGreaterThan(1 + (ratio - 1) * 0.7);
    expect(grams(found.plan) / grams(demo)).toBeLessThan(1 + (ratio - 1) * 1.3);
    expect(found.buy.length).toBeGreaterThan(5);
    expect(found.costMinor.after).toBe(shopFor([taken(demo, party)]).costMinor);
    expect(found.foods.some(({ made }) => made)).toBe(true);
    expect(taken(demo, party).party).toEqual(party);
  });

  test('after shopping only what is beyond the basket is bought, and fewer guests leave it bought', () => {
    const bought = shopFor([demo]).lines.reduce((plan, line) => {
      const basket = { id: line.id, packs: basketWith(plan, line) };
      const done = applyCommand(plan, { name: 'set-bought', basket });
      return done.ok ? done.plan : plan;
    }, demo);
    const paid = shopFor([bought]).costMinor;
    const more = later(bought, counts(demo, 1.5), solve);
    expect(more.buy.length).toBeGreaterThan(0);
    for (const { line, moreG } of more.buy) {
      expect(moreG).toBe(line.boughtG);
      expect((line.basket?.massG ?? 0) + line.ownedG).toBeLessThan(line.neededG);
    }
    expect(more.costMinor.after - paid).toBe(
      more.buy.reduce(
        (sum, { line }) =>
          sum + line.costMinor - (line.basket?.packs ?? []).reduce((s, p) => s + p.count * p.priceMinor, 0),
        0,
      ),
    );
    const fewer = later(bought, counts(demo, 0.5), solve);
    expect([fewer.buy, fewer.costMinor.after]).toEqual([[], paid]);
    expect(grams(fewer.plan)).toBeLessThan(grams(demo));
  });

  test.each([1, 2])(
    'what scaling would leave short is chosen anew, and what is bought stays (seed %i)',
    (seed) => {
      const brief = planWith({
        party: [group('all', 10), group('vegans', 1, ['vegan'])],
        placements: [],
        seed,
      });
      const composed = compose(brief, solve, { quick: true }).plan;
      const [first, second] = shopFor([composed]).lines.filter(
        ({ id, packs }) =>
          composed.placements.some(({ componentId }) => componentId === id) && packs.length > 0,
      );
      const bought = [first!, second!].map((line) => ({ id: line.id, packs: line.packs }));
      const plan = { ...composed, day: { ...composed.day, bought } };
      const found = later(
        plan,
        withCounts(
          plan.party,
          new Map([
            ['all', 2],
            ['vegans', 9],
          ]),
        ),
        solve,
      );
      expect(found.how).toBe('chosen');
      expect(found.brings.filter(({ severity }) => severity === 'blocker')).toEqual([]);
      const there = new Set(found.plan.placements.map(({ componentId }) => componentId as string));
      for (const { id } of bought) expect(there).toContain(id);
      expect(found.plan.party.map(({ count }) => count)).toEqual([2, 9]);
    },
  );

  test('boxes for one guest each become more or fewer boxes, each as full as before', () => {
    const [board] = planWith({}).surfaces;
    const boxes = [1, 2, 3].map((n) => ({ ...board!, id: `box-${n}` as never, name: `Box ${n}` }));
    const plan = planWith({
      party: [group('all', 3)],
      surfaces: boxes,
      placements: boxes.map(({ id }) => lies('brie', 60, { surfaceId: id })),
    });
    for (const count of [2, 5]) {
      const after = taken(plan, withCounts(plan.party, new Map([['all', count]])));
      expect(after.surfaces.map(({ name }) => name)).toEqual(
        Array.from({ length: count }, (_, i) => `Box ${i + 1}`),
      );
      expect(after.placements.map(({ massG }) => massG)).toEqual(Array<number>(count).fill(60));
    }
  });

  test('a group of nobody goes, with the plate that was its own', () => {
    const child = group('child', 1);
    const [board] = planWith({}).surfaces;
    const plate = { ...board!, id: 'plate' as never, serves: [child.id] };
    const plan = planWith({
      party: [group('all', 6), child],
      surfaces: [board!, plate],
      placements: [lies('brie', 300), lies('cucumber', 60, { surfaceId: plate.id })],
    });
    const party = withCounts(plan.party, new Map([['child', 0]]));
    const after = taken(plan, party);
    expect(after.party.map(({ id }) => id)).toEqual(['all']);
    expect(after.placements.map(({ componentId }) => componentId)).toEqual(['brie']);
  });
});
