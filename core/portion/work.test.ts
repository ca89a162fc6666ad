import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { buyingOf, CATALOGUE, usualForm, type Component } from '../catalogue/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import {
  boughtFor,
  choosePacks,
  costOf,
  effortOf,
  energyEach,
  inPantry,
  mealFollows,
  minutesAtHand,
  minutesOf,
  minutesOfPlan,
} from './index.js';
import { planLarder } from '../plan/index.js';

const food = (name: string): Component => CATALOGUE.find((component) => component.id === name)!;

const IN_PACKS = CATALOGUE.filter((component) => buyingOf(component).sold !== 'by-weight');

describe('packs', () => {
  /** Every number of every pack up to what could be needed: slow and obvious. */
  function cheapest(component: Component, grams: number): number {
    const most = component.packs.map((pack) => Math.ceil(grams / pack.massG) + 1);
    let best = Infinity;
    const walk = (i: number, massG: number, price: number): void => {
      if (i === component.packs.length) {
        if (massG >= grams - 1e-9) best = Math.min(best, price);
        return;
      }
      for (let n = 0; n <= most[i]!; n++)
        walk(i + 1, massG + n * component.packs[i]!.massG, price + n * component.packs[i]!.priceMinor);
    };
    walk(0, 0, 0);
    return best;
  }

  test('the cheapest whole packs that hold what is needed, as trying every number finds', () => {
    fc.assert(
      fc.property(fc.constantFrom(...IN_PACKS), fc.integer({ min: 0, max: 1500 }), (component, grams) => {
        const chosen = choosePacks(component, grams);
        expect(chosen.massG).toBeGreaterThanOrEqual(grams - 1e-9);
        expect(chosen.leftOverG).toBeCloseTo(Math.max(0, chosen.massG - grams), 6);
        expect(chosen.priceMinor).toBe(cheapest(component, grams));
        for (const pack of chosen.packs) expect(Number.isInteger(pack.count) && pack.count > 0).toBe(true);
      }),
      { numRuns: 150 },
    );
  });

  test('a food is bought once for all surfaces and lots, less what is in the house', () => {
    const plan = planWith({
      party: [group('all', 4)],
      placements: [lies('brie', 130), lies('brie', 110, { lot: 1 }), lies('cucumber', 100)],
    });
    const bought = boughtFor(plan.placements, planLarder(plan));
    expect(bought.map((bought) => [bought.id, bought.neededG])).toEqual([
      ['brie', 240],
      ['cucumber', 100],
    ]);
    expect(costOf(plan)).toBe(
      choosePacks(food('brie'), 240).priceMinor + choosePacks(food('cucumber'), 100).priceMinor,
    );
    const owning = {
      ...plan,
      pantry: [
        { componentId: id('brie'), massG: 200 },
        { componentId: id('brie'), massG: 40 },
      ],
    };
    expect(inPantry(owning, id('brie'))).toBe(240);
    expect(costOf(owning)).toBe(choosePacks(food('cucumber'), 100).priceMinor);
    // more in the house than is needed gives no money back
    const full = { ...plan, pantry: [{ componentId: id('brie'), massG: 5000 }] };
    expect(costOf(full)).toBe(costOf(owning));
  });

  test('costs what the stylist’s own shop asks, where that is noted', () => {
    const plan = planWith({ party: [group('all', 4)], placements: [lies('cucumber', 300)] });
    const packs = [{ massG: 100, priceMinor: 77 }];
    const asked = { ...plan, prices: [{ componentId: id('cucumber'), currency: plan.currency, packs }] };
    expect(costOf(asked)).toBe(3 * 77);
    expect(costOf(plan)).not.toBe(costOf(asked));
    expect(costOf({ ...asked, prices: [] })).toBe(costOf(plan));
    // ten of one money are not ten of another
    expect(costOf({ ...asked, currency: 'SEK' })).toBe(costOf(plan));
    expect(costOf({ ...asked, currency: 'EUR' })).toBe(3 * 77);
  });
});

describe('minutes of work', () => {
  test('never fall with the grams, and a kind takes something at all', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CATALOGUE),
        fc.integer({ min: 0, max: 800 }),
        fc.integer({ min: 0, max: 800 }),
        (component, a, b) => {
          const effort = effortOf(component, usualForm(component).form);
          expect(effort.kindMin).toBeGreaterThan(0);
          expect(minutesOf(effort, Math.max(a, b))).toBeGreaterThanOrEqual(minutesOf(effort, Math.min(a, b)));
        },
      ),
    );
  });

  test('of a plan are those of its foods in their forms, a food on two surfaces once', () => {
    const placements = [lies('brie', 200), lies('cucumber', 150), lies('brie', 50, { lot: 1 })];
    const plan = planWith({ party: [group('all', 4)], placements });
    const alone = (placement: (typeof placements)[number], massG: number) =>
      minutesOf(effortOf(food(placement.componentId), placement.form), massG);
    expect(minutesOfPlan(plan)).toBeCloseTo(alone(placements[0]!, 250) + alone(placements[1]!, 150), 9);
    expect(minutesOfPlan(planWith({ party: [group('all', 4)] }))).toBe(0);
  });

  test('quartering grapes takes longer than laying them, a home-made dip longer than a bought one', () => {
    const grapes = food('green-grapes');
    const usual = minutesOf(effortOf(grapes, usualForm(grapes).form), 200);
    expect(minutesOf(effortOf(grapes, 'quartered'), 200)).toBeGreaterThan(usual);
    expect(effortOf(food('hummus-home'), 'bowl').kindMin).toBeGreaterThan(
      effortOf(food('hummus-bought'), 'bowl').kindMin,
    );
  });

  test('hands: nobody counts minutes unless they are limited, and each helper brings as many', () => {
    const hands = (minutes: number | null, helpers: number) =>
      minutesAtHand(planWith({ work: { minutes, helpers } }));
    expect(hands(null, 3)).toBeUndefined();
    expect(hands(60, 0)).toBe(60);
    expect(hands(60, 2)).toBe(180);
  });
});

describe('energy', () => {
  test('is that of the grams, for each portion; what nobody knows is counted apart, never as nothing', () => {
    const plan = planWith({ party: [group('all', 4)], placements: [lies('brie', 200)] });
    const kj = food('brie').per100g.energyKj!;
    expect(energyEach(plan)).toEqual({ kj: (2 * kj) / 4, unknown: 0 });
    const strange = {
      ...food('brie'),
      id: id('own-strange'),
      per100g: { ...food('brie').per100g, energyKj: null },
    };
    const withStrange = {
      ...plan,
      ownComponents: [strange],
      placements: [...plan.placements, { ...lies('brie', 100), componentId: strange.id }],
    };
    expect(energyEach(withStrange)).toEqual({ kj: (2 * kj) / 4, unknown: 1 });
    expect(energyEach({ ...plan, party: [] })).toEqual({ kj: 0, unknown: 0 });
  });

  test('a meal follows drinks alone', () => {
    const role = (r: 'drinks' | 'meal' | 'sweet' | 'one-of-many') =>
      mealFollows(planWith({ occasion: { ...planWith({}).occasion, role: r } }));
    expect([role('drinks'), role('meal'), role('sweet'), role('one-of-many')]).toEqual([
      true,
      false,
      false,
      false,
    ]);
  });
});
