import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { buyingOf, CATALOGUE, type Occasion } from '../catalogue/index.js';
import type { Group } from '../party/index.js';
import { brief, group, planWith } from '../testing/plans.js';
import { addMinutes, formatMass, parseLocalTime, speakTime } from '../measure/index.js';
import {
  choosePacks,
  COUNTED,
  fittingOutline,
  kindRanges,
  lotShares,
  mealFollows,
  reshaped,
  roleFor,
  surfaceAreaCm2,
  targetsOf,
} from './index.js';

describe('the school by family', () => {
  test('the demo brief: 45 g cheese a portion, the rest at 0.6 beside six other dishes', () => {
    const targets = targetsOf(brief());
    expect(targets.portions).toBeCloseTo(25.5);
    expect(targets.byFamily.cheese).toBeCloseTo(45 * 25.5);
    expect(targets.byFamily['fresh-fruit']).toBeCloseTo(60 * 0.6 * 25.5);
    expect(
      targets.byFamily['cured-meat'] + targets.byFamily.fish + targets.byFamily['plant-protein'],
    ).toBeCloseTo(45 * 25.5);
    expect(targets.totalG).toBeCloseTo((90 + 234 * 0.6) * 25.5);
  });

  test('a vegan’s meat budget is plant protein', () => {
    const targets = targetsOf(planWith({ party: [group('vegans', 10, ['vegan'])] }));
    expect(targets.byFamily['cured-meat']).toBe(0);
    expect(targets.byFamily['plant-protein']).toBeCloseTo(450);
  });

  test('nobody is offered fish at a table where somebody has an allergy to it; meat stands in for it', () => {
    const party = [group('all', 18), group('fish', 1, ['fish-free'])];
    const none = planWith({ party });
    expect(targetsOf(none).byFamily.fish).toBe(0);
    expect(targetsOf(none).byFamily['cured-meat']).toBeCloseTo(45 * 19);
    const [board] = none.surfaces;
    const tray = { ...board!, id: 'tray' as never, serves: [party[1]!.id] };
    const apart = { ...none, surfaces: [{ ...board!, serves: [party[0]!.id] }, tray] };
    expect(targetsOf(apart).byFamily.fish).toBeGreaterThan(0);
    // to prawns alone: there is other fish
    const prawns = [group('all', 18), group('shells', 1, ['crustacean-free'])];
    expect(targetsOf(planWith({ party: prawns })).byFamily.fish).toBeGreaterThan(0);
  });

  test('plant protein stands where somebody needs it, and then everybody takes of it', () => {
    const of = (...more: Group[]) =>
      targetsOf(planWith({ party: [group('all', 10), ...more] })).byFamily['plant-protein'];
    expect([of(), of(group('halal', 2, ['halal']))]).toEqual([0, 0]);
    for (const need of ['vegan', 'vegetarian'])
      expect(of(group('one', 1, [need]))).toBeCloseTo((45 * 10) / 5 + 45, 6);
  });

  test('a meal is more, appetite scales it, nobody is nothing', () => {
    const of = (role: 'meal' | 'drinks', appetite = 1) => {
      const base = planWith({ party: [group('a', 4, [], { appetite })] });
      return targetsOf({ ...base, occasion: { ...base.occasion, role } }).totalG;
    };
    expect(of('meal')).toBeGreaterThan(of('drinks') * 1.5);
    expect(of('drinks', 2)).toBeCloseTo(of('drinks') * 2);
    expect(targetsOf(planWith({})).totalG).toBe(0);
  });

  test('at a table for two or three one protein feeds, and the fresh fruit is the sweet thing', () => {
    const of = (n: number) => targetsOf(planWith({ party: [group('all', n)] })).byFamily;
    expect([of(3).fish, of(3)['plant-protein'], of(3)['dried-fruit']]).toEqual([0, 0, 0]);
    for (const family of ['fish', 'dried-fruit'] as const) expect(of(4)[family]).toBeGreaterThan(0);
    // nobody has less for it
    const each = (n: number) => targetsOf(planWith({ party: [group('all', n)] })).perPortionG;
    expect(each(3)).toBeCloseTo(each(4), 6);
    // each group by what it may eat
    const mixed = targetsOf(planWith({ party: [group('all', 2), group('vegan', 1, ['vegan'])] })).byFamily;
    expect(mixed['plant-protein']).toBeCloseTo(mixed['cured-meat'] / 2, 6);
  });

  test('an afternoon is sweet and small, and nobody is handed fish in the dark', () => {
    const { occasion } = planWith({});
    const of = (kind: Occasion) => planWith({ party: [group('all', 12)], occasion: { ...occasion, kind } });
    const each = (kind: Occasion) => targetsOf(of(kind)).byFamily;
    expect(each('afternoon')['sweet-bite']).toBeGreaterThan(2 * each('drinks')['sweet-bite']);
    expect(each('afternoon')['cured-meat']).toBeLessThan(each('drinks')['cured-meat']);
    expect(each('film').fish).toBe(0);
    expect(kindRanges(of('film')).fish.to).toBe(0);
  });

  test('kinds grow with the party and never fall below two cheeses', () => {
    const cheeses = (n: number) => kindRanges(planWith({ party: [group('a', n)] })).cheese.to;
    expect([cheeses(2), cheeses(6), cheeses(12), cheeses(40)]).toEqual([2, 3, 5, 7]);
  });

  test('two are not asked for fish, nuts or sweets, but a sweet course of two is made of sweets', () => {
    const from = (role: 'drinks' | 'sweet', n: number) => {
      const ranges = kindRanges(
        planWith({ party: [group('a', n)], occasion: { ...planWith({}).occasion, role } }),
      );
      return [ranges.fish.from, ranges['nut-seed'].from, ranges['sweet-bite'].from];
    };
    expect(from('drinks', 2)).toEqual([0, 0, 0]);
    expect(from('drinks', 12)).toEqual([1, 2, 2]);
    expect(from('sweet', 2)[2]).toBeGreaterThan(0);
  });
});

const inPacks = CATALOGUE.filter((component) => buyingOf(component).sold !== 'by-weight');
test('packs hold the need, and no other count of packs is cheaper', () => {
  fc.assert(
    fc.property(fc.constantFrom(...inPacks), fc.integer({ min: 1, max: 1500 }), (component, need) => {
      const found = choosePacks(component, need);
      expect(found.massG).toBeGreaterThanOrEqual(need);
      const [pack, otherPack = { massG: Infinity, priceMinor: 0 }] = component.packs;
      for (let i = 0; i <= Math.ceil(need / pack!.massG); i++) {
        const rest = Math.max(0, need - i * pack!.massG);
        const j = rest === 0 ? 0 : Math.ceil(rest / otherPack.massG);
        if (rest > 0 && otherPack.massG === Infinity) continue;
        expect(found.priceMinor).toBeLessThanOrEqual(i * pack!.priceMinor + j * otherPack.priceMinor);
      }
    }),
  );
});

test('lots share out all of the food', () => {
  for (const component of CATALOGUE)
    expect(lotShares(component, brief()).reduce((a, b) => a + b, 0)).toBeCloseTo(1);
});

test('the size that is advised holds the ground, and not much more', () => {
  fc.assert(
    fc.property(fc.integer({ min: 200, max: 6000 }), fc.boolean(), (ground, round) => {
      const surface = brief().surfaces[round ? 0 : 1]!;
      const area = surfaceAreaCm2({ ...surface, outline: fittingOutline(surface, ground) });
      expect(area / (ground / 0.97)).toBeGreaterThan(0.88);
      expect(area / (ground / 0.97)).toBeLessThan(1.12);
    }),
  );
});

describe('measures', () => {
  test('evenings pass midnight, months and leap days', () => {
    expect(addMinutes('2027-05-15T22:00', 150)).toBe('2027-05-16T00:30');
    expect(addMinutes('2028-02-28T23:30', 60)).toBe('2028-02-29T00:30');
    expect(addMinutes('2027-01-01T00:10', -20)).toBe('2026-12-31T23:50');
    // the platform's own words: some put a comma after the weekday
    expect(speakTime('2027-05-15T22:00')).toMatch(/^Saturday,? 15 May 2027, 22:00$/);
    expect(speakTime('2027-05-15T22:00', { locale: 'de', year: false })).toMatch(
      /^Samstag, 15\. Mai, 22:00$/,
    );
    expect(parseLocalTime('2027-02-30T10:00')).toBeUndefined();
    expect(parseLocalTime('2027-13-01T10:00')).toBeUndefined();
  });

  test('there and back again is the same minute', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -2000000, max: 2000000 }),
        (m) => addMinutes(addMinutes('2027-05-15T22:00', m), -m) === '2027-05-15T22:00',
      ),
    );
  });

  test('grams and ounces', () => {
    expect([formatMass(250), formatMass(5875), formatMass(250, 'imperial')]).toEqual([
      '250 g',
      '5.88 kg',
      '8.8 oz',
    ]);
  });
});

test('the families add up to the total', () => {
  const targets = targetsOf(brief());
  expect(COUNTED.reduce((sum, family) => sum + targets.byFamily[family], 0)).toBeCloseTo(targets.totalG);
});

describe('another shape', () => {
  test('a round board becomes an oblong one of nearly the same ground, and the other way round', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 120 }), fc.integer({ min: 0, max: 20 }), (cm, rimMm) => {
        const round = {
          ...planWith({}).surfaces[0]!,
          rimMm,
          outline: { kind: 'round' as const, diameterMm: cm * 10 },
        };
        const oblong = { ...round, outline: reshaped(round, 'rectangle') };
        const again = { ...round, outline: reshaped(oblong, 'round') };
        expect(reshaped(round, 'round')).toBe(round.outline);
        for (const surface of [oblong, again])
          expect(Math.abs(surfaceAreaCm2(surface) / surfaceAreaCm2(round) - 1)).toBeLessThan(0.14);
      }),
    );
  });
});

test('what a board at drinks is for decides its part: a meal feeds, and nothing follows a breakfast', () => {
  expect([roleFor('drinks', 'meal'), roleFor('drinks', 'sweet'), roleFor('drinks', 'breakfast')]).toEqual([
    'meal',
    'sweet',
    'drinks',
  ]);
  expect(roleFor('one-of-many', 'meal')).toBe('one-of-many');
  const follows = (kind: 'none' | 'drinks' | 'breakfast' | 'picnic'): boolean => {
    const plan = planWith({});
    return mealFollows({ ...plan, occasion: { ...plan.occasion, kind } });
  };
  expect([follows('none'), follows('drinks'), follows('breakfast'), follows('picnic')]).toEqual([
    true,
    true,
    false,
    false,
  ]);
});
