import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE, type ComponentId } from '../catalogue/index.js';
import { costOf } from '../portion/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { neededFor, TASTED } from '../portion/index.js';
import { severalFrom, shopFor } from './shopping.js';

const all = group('all', 10);
const [BOARD] = planWith({}).surfaces;
const SURFACES = [BOARD!, { ...BOARD!, id: 'second' as never }];
const line = (shopping: ReturnType<typeof shopFor>, id: string) =>
  shopping.lines.find((line) => line.id === id);

describe('what is bought', () => {
  test('a home-made food is bought as its ingredients, scaled, a little more for tasting, water from the tap', () => {
    const plan = planWith({ party: [all], placements: [lies('hummus-home', 620)] });
    const needs = new Map(neededFor(plan).map(({ id, neededG }) => [id, neededG]));
    expect(needs.get('staple-chickpeas')).toBeCloseTo(480 * (1 + TASTED));
    expect(needs.get('sesame-paste')).toBeCloseTo(80 * (1 + TASTED));
    expect(needs.has('hummus-home')).toBe(false);
    const crackers = planWith({ party: [all], placements: [lies('home-crackers', 370)] });
    expect(neededFor(crackers).map(({ id }) => id)).not.toContain('staple-water');
  });

  test('what is made of something made goes down to what a shop has', () => {
    const ids = neededFor(planWith({ placements: [lies('hummus-wraps', 400)] })).map(({ id }) => id);
    expect(ids).toContain('staple-chickpeas');
    expect(ids).toContain('vegan-tortillas');
    expect(ids).not.toContain('hummus-home');
  });

  test('the same ingredient of two foods is one line, and says into what it goes', () => {
    const plan = planWith({ placements: [lies('hummus-home', 300), lies('falafel', 260)] });
    const chickpeas = line(shopFor([plan]), 'staple-chickpeas')!;
    expect(chickpeas.goesInto.map(({ componentId }) => componentId).sort()).toEqual([
      'falafel',
      'hummus-home',
    ]);
    expect(chickpeas.neededG).toBeCloseTo((480 / 620) * 300 * 1.03 + (480 / 520) * 260 * 1.03);
  });

  test('what is in the house is used first, also an ingredient, and the same jar of two plans is one', () => {
    const pantry = [{ componentId: id('staple-chickpeas'), massG: 10_000 }];
    const plan = planWith({ placements: [lies('hummus-home', 620)], pantry });
    const shopping = shopFor([plan, { ...plan, id: 'other' }]);
    const chickpeas = line(shopping, 'staple-chickpeas')!;
    expect(chickpeas.costMinor).toBe(0);
    const less = shopFor([
      { ...plan, pantry: [{ ...pantry[0]!, massG: 300 }] },
      { ...plan, pantry: [{ ...pantry[0]!, massG: 300 }] },
    ]);
    expect(line(less, 'staple-chickpeas')!.ownedG).toBe(300);
  });

  test('the list comes to what the composer spends: made at home, in the house, in the basket, or cut out', () => {
    const foods = ['brie', 'hummus-home', 'falafel', 'guacamole', 'almonds', 'hummus-wraps'];
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.tuple(fc.constantFrom(...foods), fc.integer({ min: 30, max: 900 })), {
          minLength: 1,
          selector: ([food]) => food,
        }),
        fc.constantFrom('brie', 'staple-chickpeas', 'sesame-paste', 'salami'),
        fc.integer({ min: 0, max: 600 }),
        (laid, known, grams) => {
          const plan = planWith({ placements: laid.map(([food, massG]) => lies(food, massG)) });
          const packs = [{ massG: 250, priceMinor: 310, count: 1 }];
          const owning = { ...plan, pantry: [{ componentId: id(known), massG: grams }] };
          const basket = { ...plan, day: { ...plan.day, bought: [{ id: known, packs }] } };
          for (const one of [plan, owning, basket]) expect(shopFor([one]).costMinor).toBe(costOf(one));
          expect(costOf(owning)).toBeLessThanOrEqual(costOf({ ...plan, pantry: [] }));
          expect(costOf(basket)).toBeGreaterThanOrEqual(310);
        },
      ),
      { seed: 4, numRuns: 60 },
    );
  });

  test('cost is packs times price, what is left is bought less needed, and surfaces add up to all of it', () => {
    const foods = CATALOGUE.map(({ id }) => id as string);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...foods), fc.integer({ min: 5, max: 3000 })), {
          minLength: 1,
          maxLength: 12,
        }),
        (rows) => {
          const placements = rows.map(([food, massG], i) =>
            lies(food, massG, { surfaceId: (i % 2 ? 'board' : 'second') as never }),
          );
          const base = planWith({ surfaces: SURFACES, placements });
          const shopping = shopFor([base]);
          for (const line of shopping.lines) {
            const price = line.packs.reduce((sum, pack) => sum + pack.count * pack.priceMinor, 0);
            expect(line.costMinor).toBe(price);
            expect(line.boughtG + line.ownedG).toBeGreaterThanOrEqual(line.neededG - 1e-6);
            expect(line.leftG).toBeCloseTo(line.boughtG + line.ownedG - line.neededG);
            expect(line.unknown).toBe(false);
          }
          const surfaces = shopping.bySurface.reduce((sum, { costMinor }) => sum + costMinor, 0);
          expect(surfaces).toBeCloseTo(shopping.costMinor, 4);
          const families = shopping.byFamily.reduce((sum, { costMinor }) => sum + costMinor, 0);
          expect(families).toBe(shopping.costMinor);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('several boards from one shop never cost more than apart', () => {
    const foods = CATALOGUE.map(({ id }) => id as string);
    const board = fc.array(fc.tuple(fc.constantFrom(...foods), fc.integer({ min: 5, max: 900 })), {
      minLength: 1,
      maxLength: 10,
    });
    fc.assert(
      fc.property(fc.array(board, { minLength: 2, maxLength: 3 }), (boards) => {
        const plans = boards.map((rows, i) => ({
          ...planWith({ placements: rows.map(([food, massG]) => lies(food, massG)) }),
          id: `plan-${i}`,
        }));
        const apart = plans.reduce((sum, plan) => sum + shopFor([plan]).costMinor, 0);
        const together = shopFor(plans);
        // what is weighed is rounded to a cent, line by line
        expect(together.costMinor).toBeLessThanOrEqual(apart + together.lines.length);
      }),
      { numRuns: 60 },
    );
  });

  test('each further board of several alike costs no more than one alone, and the packs in the basket are there once', () => {
    const one = planWith({
      party: [all],
      placements: [lies('brie', 90), lies('hummus-home', 200), lies('almonds', 40)],
    });
    const several = severalFrom(one, 5);
    expect(several.map(({ boards }) => boards)).toEqual([1, 2, 3, 4, 5]);
    expect(several[0]!.costMinor).toBe(shopFor([one]).costMinor);
    expect(several.reduce((sum, { moreMinor }) => sum + moreMinor, 0)).toBe(several[4]!.costMinor);
    for (const { moreMinor } of several) expect(moreMinor).toBeLessThanOrEqual(several[0]!.costMinor);
    expect(several[4]!.costMinor).toBeLessThan(5 * several[0]!.costMinor);
    const packs = [{ massG: 250, priceMinor: 420, count: 2 }];
    const bought = { ...one, day: { ...one.day, bought: [{ id: 'brie', packs }] } };
    const brie = severalFrom({ ...bought, placements: [lies('brie', 100)] }, 5);
    expect(brie.map(({ costMinor }) => costMinor)).toEqual([840, 840, 840, 840, 840]);
  });

  test('a food that nobody knows any more is on the list, without a price', () => {
    const plan = planWith({
      placements: [{ ...lies('brie', 100), componentId: 'gone-cheese' as ComponentId }],
    });
    expect(shopFor([plan]).lines).toMatchObject([{ id: 'gone-cheese', unknown: true, costMinor: 0 }]);
  });

  test('yoghurt and tofu are bought cold and late, lemons at the stall, and keep no longer than they do', () => {
    const shopping = shopFor([
      planWith({ placements: [lies('vanilla-yoghurt-dip', 100), lies('hummus-home', 100)] }),
    ]);
    expect(line(shopping, 'staple-yoghurt')).toMatchObject({ aisle: 'dairy counter', day: 'day-before' });
    expect(line(shopping, 'staple-yoghurt')!.becomes.at(-1)).toEqual({ kind: 'soon' });
    expect(line(shopping, 'staple-lemon')!.aisle).toBe('market stall');
    expect(line(shopping, 'staple-chickpeas')!.aisle).toBe('jars and tins');
  });

  test('what is left says what can become of it', () => {
    const shopping = shopFor([planWith({ placements: [lies('hummus-home', 100)] })]);
    expect(line(shopping, 'sesame-paste')!.becomes.at(-1)).toEqual({ kind: 'keeps' });
    const feta = shopFor([planWith({ placements: [lies('feta', 60)] })]).lines[0]!;
    expect(feta.becomes[0]).toMatchObject({ kind: 'recipe' });
  });
});
