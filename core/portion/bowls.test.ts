import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { group, lies, planWith } from '../testing/plans.js';
import { bowlForG, bowlHoldsG, bowlSizes, bowlsInUse, runsOver } from './index.js';

const DIPS = ['hummus-home', 'tzatziki', 'honey', 'beet-dip', 'fig-jam'];

const arbitraryPlan = fc
  .record({
    grams: fc.array(fc.integer({ min: 10, max: 600 }), { minLength: 1, maxLength: DIPS.length }),
    bowls: fc.array(
      fc.record({
        diameterMm: fc.constantFrom(60, 80, 100, 120, 150),
        count: fc.integer({ min: 0, max: 2 }),
      }),
      { maxLength: 4 },
    ),
  })
  .map(({ grams, bowls }) =>
    planWith({
      party: [group('all', 12)],
      bowls,
      placements: grams.map((gram, i) => lies(DIPS[i]!, gram, { pieces: 1 })),
    }),
  );

/** The most foods that could stand in a bowl that holds them, by trying every way of sharing the bowls out. */
function mostThatFit(masses: readonly number[], sizes: readonly number[]): number {
  const [mass, ...others] = masses;
  if (mass === undefined) return 0;
  const without = mostThatFit(others, sizes);
  const tried = sizes.flatMap((d, i) =>
    bowlHoldsG(d) >= mass ? [1 + mostThatFit(others, sizes.toSpliced(i, 1))] : [],
  );
  return Math.max(without, ...tried);
}

describe('bowls in use', () => {
  test('each food has one; none is given out twice; what is missing is said', () => {
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const list = bowlsInUse(plan);
        const owned = (d: number) =>
          plan.bowls.filter((bowl) => bowl.diameterMm === d).reduce((sum, bowl) => sum + bowl.count, 0);
        const all = plan.bowls.reduce((sum, bowl) => sum + bowl.count, 0);
        expect(list.map((bowl) => bowl.componentId)).toEqual(
          plan.placements.map((placement) => placement.componentId),
        );
        expect(list.filter((bowl) => bowl.atHand)).toHaveLength(Math.min(all, list.length));
        for (const { diameterMm, count } of bowlSizes(list.filter((bowl) => bowl.atHand)))
          expect(count).toBeLessThanOrEqual(owned(diameterMm));
      }),
    );
  });

  test('where all can stand in a bowl that holds them they do; else no other sharing out lets less run over', () => {
    const over = (massG: number, d: number): number => Math.max(0, massG - bowlHoldsG(d));
    const least = ([mass, ...others]: readonly number[], sizes: readonly number[]): number =>
      mass === undefined
        ? 0
        : Math.min(...sizes.map((d, i) => over(mass, d) + least(others, sizes.toSpliced(i, 1))));
    let tight = 0;
    fc.assert(
      fc.property(arbitraryPlan, (plan) => {
        const sizes = plan.bowls.flatMap((bowl) => Array<number>(bowl.count).fill(bowl.diameterMm));
        const list = bowlsInUse(plan);
        const used = list.filter(({ atHand }) => atHand);
        const sum = used.reduce((grams, bowl) => grams + over(bowl.massG, bowl.diameterMm), 0);
        if (
          mostThatFit(
            plan.placements.map(({ massG }) => massG),
            sizes,
          ) === list.length
        )
          expect(sum).toBe(0);
        if (sum > 0 && used.length > 1) tight += 1;
        const best = least(
          used.map(({ massG }) => massG),
          used.map(({ diameterMm }) => diameterMm),
        );
        expect(sum).toBeLessThanOrEqual(best + used.length);
      }),
    );
    expect(tight).toBeGreaterThan(5);
  });

  test('and so they do beside bread: no dip stands in a basket while bread could have it', () => {
    const mixed = fc.record({
      dips: fc.array(fc.integer({ min: 20, max: 400 }), { minLength: 1, maxLength: 3 }),
      bread: fc.integer({ min: 1, max: 12 }),
      bowls: fc.array(fc.constantFrom(80, 100, 120, 160, 220), { minLength: 1, maxLength: 5 }),
    });
    fc.assert(
      fc.property(mixed, ({ dips, bread, bowls }) => {
        const plan = planWith({
          party: [group('all', 12)],
          bowls: bowls.map((diameterMm) => ({ diameterMm, count: 1 })),
          placements: [
            lies('sourdough-slices', bread * 16, { pieces: bread, contained: true }),
            ...dips.map((gram, i) => lies(DIPS[i]!, gram, { pieces: 1 })),
          ],
        });
        const list = bowlsInUse(plan);
        const fits = (bowl: (typeof list)[number]) =>
          bowl.atHand && bowl.massG <= bowlHoldsG(bowl.diameterMm, bowl.gPerCm2);
        const basket = list.find((bowl) => bowl.form === 'bowl' && fits(bowl) && bowl.diameterMm >= 180);
        const hungry = list.find((bowl) => bowl.form !== 'bowl' && !fits(bowl));
        if (basket && hungry)
          expect(hungry.massG).toBeGreaterThan(bowlHoldsG(basket.diameterMm, hungry.gPerCm2));
      }),
    );
  });

  test('a dozen brownies take two small bowls and not the basket; rolls and popcorn take it', () => {
    const bowls = [
      { diameterMm: 100, count: 4 },
      { diameterMm: 220, count: 1 },
    ];
    const sizes = (food: string, massG: number) =>
      bowlsInUse(planWith({ bowls, placements: [lies(food, massG, { contained: true })] })).map(
        ({ diameterMm, atHand }) => [diameterMm, atHand],
      );
    expect(sizes('brownie-bites', 210)).toEqual([
      [100, true],
      [100, true],
    ]);
    expect(sizes('home-rolls', 400)).toEqual([[220, true]]);
    expect(sizes('salted-popcorn', 180)).toEqual([[220, true]]);
    // where there is nothing else, the basket serves
    const alone = planWith({
      bowls: [{ diameterMm: 220, count: 1 }],
      placements: [lies('brownie-bites', 210, { contained: true })],
    });
    expect(bowlsInUse(alone).map(({ diameterMm }) => diameterMm)).toEqual([220]);
  });

  test('a few pieces stand in a small bowl rather than be lost in a large one, also before a dip', () => {
    const plan = planWith({
      party: [group('all', 12)],
      bowls: [
        { diameterMm: 80, count: 1 },
        { diameterMm: 160, count: 2 },
      ],
      placements: [
        lies('hummus-home', 90, { pieces: 1 }),
        lies('cornichons', 60, { pieces: 10, contained: true }),
        lies('tzatziki', 300, { pieces: 1 }),
      ],
    });
    expect(bowlsInUse(plan).map(({ diameterMm }) => diameterMm)).toEqual([160, 80, 160]);
  });

  test('bread stands in as many bowls as it fills: no piece is lost, none runs over by more than a piece', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 120 }), fc.constantFrom(80, 120, 180), (pieces, diameterMm) => {
        const bread = lies('sourdough-slices', pieces * 28, { pieces, contained: true });
        const plan = planWith({
          party: [group('all', 12)],
          bowls: [{ diameterMm, count: 40 }],
          placements: [bread],
        });
        const list = bowlsInUse(plan);
        expect(list.reduce((sum, bowl) => sum + bowl.pieces, 0)).toBe(pieces);
        expect(list.reduce((sum, bowl) => sum + bowl.massG, 0)).toBeCloseTo(bread.massG);
        for (const bowl of list)
          expect(bowl.massG - 28).toBeLessThanOrEqual(bowlHoldsG(diameterMm, bowl.gPerCm2));
      }),
    );
  });

  test('the size to bring holds what it is for, and the next smaller does not', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2000 }), (g) => {
        const mm = bowlForG(g);
        expect(bowlHoldsG(mm)).toBeGreaterThanOrEqual(g);
        if (mm > 30) expect(bowlHoldsG(mm - 10)).toBeLessThan(g);
      }),
    );
  });

  test('dips stand in as many bowls as they have; bread shares a basket; refills use the same bowl', () => {
    const plan = planWith({
      party: [group('all', 12)],
      bowls: [{ diameterMm: 120, count: 9 }],
      placements: [
        lies('hummus-home', 400, { pieces: 2 }),
        lies('hummus-home', 200, { pieces: 1, lot: 1 }),
        lies('breadsticks', 120, { contained: true }),
        lies('water-crackers', 120),
      ],
    });
    expect(bowlsInUse(plan).map((bowl) => [bowl.componentId, bowl.n, bowl.massG])).toEqual([
      ['hummus-home', 1, 200],
      ['hummus-home', 2, 200],
      ['breadsticks', 1, 120],
    ]);
  });
});

describe('bowls of ice and of other wares', () => {
  const iced = { innerMm: 100, wallMm: 25 };
  const dip = lies('hummus-home', 150, { contained: true, form: 'bowl' });

  test('a bowl of ice is there for its food, takes none of those at hand, and holds what its inside holds', () => {
    const bowls = [{ diameterMm: 90, count: 1 }];
    const plan = planWith({
      bowls,
      placements: [{ ...dip, ice: iced }, lies('honey', 80, { contained: true, form: 'bowl' })],
    });
    expect(
      bowlsInUse(plan).map(({ componentId, diameterMm, atHand, ware }) => [
        componentId,
        diameterMm,
        atHand,
        ware,
      ]),
    ).toEqual([
      ['hummus-home', 150, true, 'ice'],
      ['honey', 90, true, undefined],
    ]);
    const full = planWith({ bowls, placements: [{ ...dip, massG: bowlHoldsG(100) + 1, ice: iced }] });
    expect(bowlsInUse(full).map(runsOver)).toEqual([true]);
  });

  test('the ware goes with the bowl, also where two change bowls', () => {
    const plan = planWith({
      bowls: [
        { diameterMm: 120, count: 1, ware: 'glass' },
        { diameterMm: 80, count: 1, ware: 'wood' },
      ],
      placements: [dip, lies('honey', 60, { contained: true, form: 'bowl' })],
    });
    const ware = Object.fromEntries(bowlsInUse(plan).map((bowl) => [bowl.diameterMm, bowl.ware]));
    expect(ware).toEqual({ 120: 'glass', 80: 'wood' });
  });
});
