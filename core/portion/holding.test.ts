import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE, type Component } from '../catalogue/index.js';
import { addMinutes } from '../measure/index.js';
import type { Plan } from '../plan/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import {
  advisedOutline,
  COUNTED,
  ampleAt,
  areaAskedCm2,
  eatenBy,
  groundNeededCm2,
  holdingOf,
  kindsFitting,
  laidAtOpening,
  laidGroundCm2,
  lotShares,
  surfaceAreaCm2,
  targetsOf,
} from './index.js';

const food = (id: string): Component => CATALOGUE.find((component) => component.id === id)!;
const dip = food('tzatziki');
const grapes = food('green-grapes');

function evening(patch: Partial<Plan['occasion']>): Plan {
  const plan = planWith({});
  return { ...plan, occasion: { ...plan.occasion, carMin: 0, buildMin: 0, airTempC: 20, ...patch } };
}

describe('how long food may stand', () => {
  // public guidance: two hours between 5 and 60 °C in all, one above 32 °C
  test.each([
    [{ durationMin: 120 }, 1],
    [{ durationMin: 121 }, 2],
    [{ durationMin: 240 }, 2],
    [{ durationMin: 241 }, 3],
    [{ durationMin: 120, carMin: 20, buildMin: 40 }, 2],
    [{ durationMin: 60, carMin: 20, buildMin: 40 }, 1],
    [{ durationMin: 60, airTempC: 33 }, 1],
    [{ durationMin: 61, airTempC: 33 }, 2],
    [{ durationMin: 600, airTempC: 4 }, 1],
    [{ durationMin: 30, carMin: 90, buildMin: 40 }, 0],
  ])('a dip on an evening of %j comes in %d lots', (patch, lots) => {
    expect(holdingOf({ ...dip, temperMin: 0 }, evening(patch)).lots).toBe(lots);
  });

  test('tempering counts as time out of the cold, but not twice with the road', () => {
    const soft = { ...food('brie'), temperMin: 30 };
    expect(holdingOf(soft, evening({ durationMin: 60 })).leadMin).toBe(30);
    expect(holdingOf(soft, evening({ durationMin: 60, carMin: 20, buildMin: 25 })).leadMin).toBe(45);
  });

  test('what keeps has no limit and one lot, however hot and long', () => {
    const holding = holdingOf(grapes, evening({ durationMin: 600, airTempC: 38 }));
    expect([holding.limitMin, holding.lots]).toEqual([Infinity, 1]);
  });

  test('no lot stands over the limit, and the lots follow each other without a gap', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 15, max: 900 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 50 }),
        fc.integer({ min: 5, max: 40 }),
        (durationMin, carMin, buildMin, airTempC) => {
          const plan = evening({ durationMin, carMin, buildMin, airTempC });
          const holding = holdingOf({ ...dip, temperMin: 0 }, plan);
          if (holding.lots === 0) return;
          const end = addMinutes(plan.occasion.start, durationMin);
          expect(holding.leaves).toHaveLength(holding.lots);
          holding.leaves.forEach((leave, i) => {
            const until = holding.leaves[i + 1] ?? end;
            expect(until <= addMinutes(leave, holding.limitMin)).toBe(true);
            expect(leave <= until).toBe(true);
          });
        },
      ),
    );
  });
});

describe('the shares of the lots', () => {
  test('guests eat more at first, and all by the end', () => {
    expect([eatenBy(0), eatenBy(1)]).toEqual([0, 1]);
    expect(eatenBy(0.5)).toBeGreaterThan(0.5);
    for (let t = 0; t < 0.94; t += 0.05) expect(eatenBy(t + 0.05)).toBeGreaterThan(eatenBy(t));
  });

  test('are all above nothing and add up to one, on any evening', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CATALOGUE),
        fc.integer({ min: 15, max: 900 }),
        fc.integer({ min: 0, max: 100 }),
        (component, durationMin, carMin) => {
          const shares = lotShares(component, evening({ durationMin, carMin }));
          expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
          for (const share of shares) expect(share).toBeGreaterThan(0);
        },
      ),
    );
  });
});

describe('the size of a surface', () => {
  const all = group('all', 10);
  const few = group('few', 2, ['vegan']);
  const base = planWith({}).surfaces[0]!;
  const tray = { ...base, id: 'tray' as typeof base.id, serves: [few.id] };

  test('before anything is chosen the surfaces share the area that the brief asks for', () => {
    const plan = planWith({ party: [all, few], surfaces: [base, tray] });
    const sum = plan.surfaces.reduce((sum, surface) => sum + groundNeededCm2(plan, surface), 0);
    expect(sum / (areaAskedCm2(plan) * 0.97)).toBeCloseTo(1, 6);
  });

  test('what comes in later lots needs no ground at opening: the size is that of the first', () => {
    const at = (durationMin: number, buildMin = 0) => {
      const plan = evening({ durationMin, buildMin });
      return { ...plan, party: [all], surfaces: [base] };
    };
    const [short, long] = [at(110), at(110, 70)].map((plan) => areaAskedCm2(plan));
    expect(long! / short!).toBeLessThan(0.9);
    expect(long! / short!).toBeGreaterThan(0.4);
    // in the cold all of it may lie there from the beginning
    const cold = (plan: Plan) => areaAskedCm2({ ...plan, occasion: { ...plan.occasion, airTempC: 4 } });
    expect(cold(at(110, 70))).toBeCloseTo(cold(at(30)), 6);
    // and a box is filled once
    const boxes = (plan: Plan): number =>
      groundNeededCm2({ ...plan, surfaces: [{ ...base, singles: 10 }] }, { ...base, singles: 10 });
    expect(boxes(at(110, 70))).toBeCloseTo(boxes(at(110)), 6);
  });

  test('of each family no more lies there at opening than there is, and of what keeps all of it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 15, max: 600 }),
        fc.integer({ min: 0, max: 150 }),
        (durationMin, carMin) => {
          const { byFamily } = targetsOf({ ...evening({ durationMin, carMin }), party: [all] });
          const laid = laidAtOpening(evening({ durationMin, carMin }), byFamily);
          for (const family of COUNTED) {
            expect(laid[family]).toBeLessThanOrEqual(byFamily[family] + 1e-9);
            const keeps = CATALOGUE.filter((component) => component.family === family).every(
              (component) => lotShares(component, evening({ durationMin, carMin })).length === 1,
            );
            if (keeps) expect(laid[family]).toBeCloseTo(byFamily[family], 9);
            else expect(laid[family] === 0 || laid[family] < byFamily[family]).toBe(true);
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  test('who is served from two surfaces takes as much from each', () => {
    const plan = planWith({ party: [all, few], surfaces: [base, tray] });
    expect(groundNeededCm2(plan, tray) / groundNeededCm2(plan, base)).toBeCloseTo(1 / 11, 6);
  });

  test('a board from which some eat some foods only is so much larger, unless they have a table of their own too', () => {
    const vegans = group('vegans', 2, ['vegan']);
    const mixed = planWith({ party: [all, vegans], surfaces: [base] });
    const plain = planWith({ party: [all, { ...vegans, needs: [] }], surfaces: [base] });
    expect(ampleAt(mixed, base)).toBeGreaterThan(1.05);
    expect(ampleAt(plain, base)).toBe(1);
    const own = { ...tray, serves: [vegans.id] };
    expect(ampleAt({ ...mixed, surfaces: [base, own] }, base)).toBe(1);
    // parts of one table are one table
    const parts = { ...mixed, surfaces: [base, { ...base, id: 'second' as never }] };
    expect(ampleAt(parts, base)).toBe(ampleAt(mixed, base));
  });

  test('once something lies there, that counts and nothing else', () => {
    const plan = planWith({ party: [all], placements: [lies('strawberries', 400)] });
    expect(groundNeededCm2(plan, base)).toBe(laidGroundCm2(plan, base));
  });

  test('a board says how many of its kinds it takes, the largest left out, and its advised size takes them all', () => {
    const placements = [lies('strawberries', 900), lies('brie', 500), lies('blueberries', 120)];
    const plan = planWith({ party: [all], placements });
    const advised = { ...base, outline: advisedOutline(plan, base)! };
    expect(kindsFitting(plan, advised)).toEqual({ fit: 3, of: 3 });
    const two = planWith({ party: [all], placements: placements.slice(1) });
    const smaller = { ...base, outline: advisedOutline(two, base)! };
    expect(kindsFitting(plan, smaller)).toEqual({ fit: 2, of: 3 });
    expect(kindsFitting(plan, { ...base, outline: { kind: 'round', diameterMm: 60 } })).toEqual({
      fit: 0,
      of: 3,
    });
    expect(kindsFitting(planWith({ party: [all] }), base)).toEqual({ fit: 0, of: 0 });
  });

  test('the advised size is right for what lies on it, and none for a surface that serves nobody', () => {
    const plan = planWith({ party: [all], placements: [lies('strawberries', 900), lies('brie', 500)] });
    const advised = { ...base, outline: advisedOutline(plan, base)! };
    expect(laidGroundCm2(plan, base) / surfaceAreaCm2(advised)).toBeCloseTo(0.97, 1);
    expect(
      advisedOutline(planWith({ party: [all] }), { ...base, id: 'x' as never, serves: [] }),
    ).toBeUndefined();
  });
});
