import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readPrices, shoppingText, writePrices } from '../exchange/index.js';
import { applyCommand, EMPTY_DAY, planLarder, type Plan } from '../plan/index.js';
import { cheapestPacks } from '../portion/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { nodeSolver } from '../../solver/node.js';
import { shopFor } from './shopping.js';
import { basketWith, isInBasket, tripsOf } from './trips.js';
import { cuttingBoards } from './cutting-boards.js';
import { tasksOf } from './tasks/index.js';
import { toolsOf } from './tools.js';
import { compose } from '../compose/index.js';

const party = [group('all', 6)];
const lineOf = (plan: Plan, food: string) => shopFor([plan]).lines.find((line) => line.id === food)!;
const ticked = (plan: Plan, food: string): Plan => {
  const basket = { id: food, packs: basketWith(plan, lineOf(plan, food)) };
  const done = applyCommand(plan, { name: 'set-bought', basket });
  if (!done.ok) throw new Error('expected a basket that can be kept');
  return done.plan;
};

describe('what lies in the basket', () => {
  test('stays bought at what was paid; a larger need asks for the rest only, a smaller one leaves more', () => {
    const plan = ticked(planWith({ party, placements: [lies('brie', 240)] }), 'brie');
    const line = lineOf(plan, 'brie');
    expect([isInBasket(line), line.packs]).toEqual([true, []]);
    const paid = line.costMinor;
    expect(paid).toBeGreaterThan(0);
    const more = lineOf({ ...plan, placements: [lies('brie', 700)] }, 'brie');
    expect(isInBasket(more)).toBe(false);
    expect(more.basket!.massG + more.boughtG).toBeGreaterThanOrEqual(700);
    expect(more.costMinor).toBe(
      paid + more.packs.reduce((sum, pack) => sum + pack.count * pack.priceMinor, 0),
    );
    const less = lineOf({ ...plan, placements: [lies('brie', 50)] }, 'brie');
    expect([less.costMinor, less.leftG]).toEqual([paid, less.basket!.massG - 50]);
    // another price tomorrow changes nothing of what was paid
    const dear = {
      componentId: id('brie'),
      currency: plan.currency,
      packs: [{ massG: 250, priceMinor: 9900 }],
    };
    expect(lineOf({ ...plan, prices: [dear] }, 'brie').costMinor).toBe(paid);
  });

  test('is taken twice where the need has grown between, and put back whole', () => {
    const plan = ticked(planWith({ party, placements: [lies('brie', 240)] }), 'brie');
    const again = ticked({ ...plan, placements: [lies('brie', 700)] }, 'brie');
    expect(isInBasket(lineOf(again, 'brie'))).toBe(true);
    const back = applyCommand(again, { name: 'put-back', id: 'brie' });
    expect(back.ok && lineOf(back.plan, 'brie').basket).toBe(null);
  });

  test('a tick of an older plan stands for what the list says now', () => {
    const plan = planWith({
      party,
      placements: [lies('brie', 240)],
      day: { ...EMPTY_DAY, bought: [{ id: 'brie', packs: null }] },
    });
    const open = lineOf({ ...plan, day: EMPTY_DAY }, 'brie');
    expect(lineOf(plan, 'brie')).toMatchObject({ costMinor: open.costMinor, boughtG: 0 });
  });
});

describe('a basket', () => {
  test('remembers the shop of each pack', () => {
    const plan = planWith({
      party,
      placements: [lies('brie', 240)],
      prices: [
        {
          componentId: id('brie'),
          currency: 'EUR',
          packs: [{ massG: 100, priceMinor: 100, shop: 'Cheese cellar' }],
        },
      ],
    });
    const packs = [{ massG: 100, priceMinor: 100, count: 3, shop: 'Cheese cellar' }];
    expect(ticked(plan, 'brie').day.bought).toEqual([{ id: 'brie', packs }]);
  });
});

describe('open packs with a date', () => {
  const plan = planWith({ party, placements: [lies('brie', 200)] });
  const day = plan.occasion.start.slice(0, 10);
  const having = (until?: string): Plan => ({
    ...plan,
    pantry: [{ componentId: id('brie'), massG: 200, ...(until === undefined ? {} : { until }) }],
  });
  test('count while they are good on the day, and not a day longer', () => {
    expect(lineOf(having(), 'brie').boughtG).toBe(0);
    expect(lineOf(having(day), 'brie').boughtG).toBe(0);
    expect(lineOf(having('2001-01-01'), 'brie').ownedG).toBe(0);
    expect(lineOf(having('2001-01-01'), 'brie').boughtG).toBeGreaterThan(0);
  });
});

const pack = fc.record({
  massG: fc.integer({ min: 20, max: 900 }),
  priceMinor: fc.integer({ min: 10, max: 2000 }),
});

/** Every count of every pack, slowly. */
function leastByTrying(packs: readonly { massG: number; priceMinor: number }[], needG: number): number {
  const [first, ...rest] = packs;
  if (needG <= 0) return 0;
  if (!first) return Infinity;
  let best = Infinity;
  for (let n = 0; n <= Math.ceil(needG / first.massG); n++)
    best = Math.min(best, n * first.priceMinor + leastByTrying(rest, needG - n * first.massG));
  return best;
}

describe('packs', () => {
  test('are the cheapest mix of one shop that holds the need', () => {
    fc.assert(
      fc.property(
        fc.array(pack, { minLength: 1, maxLength: 3 }),
        fc.array(pack, { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 1, max: 2500 }),
        (here, there, needG) => {
          const all = [...here, ...there.map((pack) => ({ ...pack, shop: 'Market hall' }))];
          const chosen = cheapestPacks(all, needG);
          const [cost, other] = [leastByTrying(here, needG), leastByTrying(there, needG)];
          expect(chosen.priceMinor).toBe(Math.min(cost, other));
          expect(chosen.shop).toBe(other < cost ? 'Market hall' : undefined);
          expect(chosen.massG).toBeGreaterThanOrEqual(needG);
        },
      ),
      { numRuns: 80 },
    );
  });

  test('of twelve sizes and twenty kilograms are found without trying every count', () => {
    const packs = Array.from({ length: 12 }, (_, i) => ({ massG: 37 + 41 * i, priceMinor: 90 + 83 * i }));
    const chosen = cheapestPacks(packs, 20_000);
    const best = Math.min(...packs.map(({ massG, priceMinor }) => priceMinor / massG));
    expect(chosen.priceMinor).toBeGreaterThanOrEqual(20_000 * best);
    expect(chosen.priceMinor).toBeLessThanOrEqual(20_000 * best * 1.02);
  });
});

describe('shops and errands', () => {
  const price = (food: string, shop?: string) => ({
    componentId: id(food),
    currency: 'EUR' as const,
    packs: [{ massG: 100, priceMinor: 200, ...(shop === undefined ? {} : { shop }) }],
  });
  const plan = planWith({
    party,
    placements: [lies('brie', 200), lies('almonds', 100), lies('cucumber', 300)],
    prices: [price('brie', 'Cheese cellar'), price('almonds')],
  });

  test('each shop is a trip of its own, shelf by shelf, and every line is on one', () => {
    const { lines } = shopFor([plan]);
    const trips = tripsOf(lines);
    expect(trips.map(({ key }) => key)).toContain('day-before|Cheese cellar');
    const listed = trips.flatMap(({ aisles }) => aisles.flatMap(({ lines }) => lines.map(({ id }) => id)));
    expect([...listed].sort()).toEqual(lines.map(({ id }) => id).sort());
    expect(shoppingText([plan])).toContain('the day before: Cheese cellar, dairy counter');
    expect(shoppingText([ticked(plan, 'brie')])).not.toContain('Brie');
  });

  test('a price book keeps packs and shops both ways', () => {
    const text = writePrices(plan.prices, planLarder(plan));
    expect(readPrices(text, planLarder(plan), 'EUR')).toEqual({ prices: plan.prices, problems: [] });
  });
});

describe('cutting boards', () => {
  test('are named by what they touch, in the house’s colours, with one for free-from food', () => {
    const plan = planWith({
      party: [group('all', 6), group('no-fish', 2, ['fish-free'])],
      placements: [lies('hot-smoked-trout', 200), lies('carrot-sticks', 200), lies('young-gouda', 200)],
      day: { ...EMPTY_DAY, boards: [{ touches: 'fish', colour: 'blue' }] },
    });
    const boards = cuttingBoards(plan, tasksOf(plan), planLarder(plan));
    expect(boards.find(({ touches }) => touches === 'fish')).toMatchObject({ colour: 'blue', count: 1 });
    expect(boards.map(({ touches }) => touches)).toContain('free');
    expect(toolsOf(plan).find(({ key }) => key === 'board-fish')).toMatchObject({
      id: 'board',
      colour: 'blue',
    });
  });

  test('go from no hand to another: each that works with one has its own, as the proof of the day assumes', () => {
    const plan = planWith({
      party,
      placements: [lies('carrot-sticks', 900), lies('cucumber', 900)],
      work: { minutes: null, helpers: 2 },
    });
    const cuts = tasksOf(plan).filter(({ kind }) => kind === 'cut');
    expect(cuts).toHaveLength(2);
    // one after the other, never at once
    const work = (task: string, hand: string, startMin: number) => ({
      task,
      hand,
      startMin,
      pinned: false,
      doneMin: null,
    });
    const count = (hands: string[]) => {
      const tasks = cuts.map(({ id }, i) => work(id, hands[i]!, -300 + 100 * i));
      const laid = { ...plan, day: { ...EMPTY_DAY, tasks } };
      return cuttingBoards(laid, tasksOf(laid), planLarder(laid))[0]!.count;
    };
    expect([count(['you', 'you']), count(['you', 'helper-1'])]).toEqual([1, 2]);
    // no day yet: as many as could work with it
    expect(cuttingBoards(plan, tasksOf(plan), planLarder(plan))[0]!.count).toBe(2);
  });
});

describe('a budget', () => {
  test('is held to what the list comes to, ingredients of what is made counted in packs', async () => {
    const solve = await nodeSolver();
    const brief = planWith({ party: [group('all', 10)], placements: [], seed: 3 });
    const free = compose(brief, solve, { quick: true });
    const budgetMinor = Math.round(shopFor([free.plan]).costMinor * 0.85);
    const found = compose({ ...brief, budgetMinor }, solve, { quick: true });
    expect(found.plan.budgetMinor).toBe(budgetMinor);
    expect(found.plan.placements.length).toBeGreaterThan(5);
    expect(shopFor([found.plan]).costMinor).toBeLessThanOrEqual(budgetMinor);
  });
});
