import { said } from '../testing/words.js';
import { describe, expect, test } from '@jest/globals';
import { group, planWith } from '../testing/plans.js';
import { schoolsOf, targetsOf } from './index.js';

const ten = (patch: Parameters<typeof planWith>[0] = {}) => planWith({ party: [group('all', 10)], ...patch });
const at = (patch: Partial<ReturnType<typeof ten>['occasion']>) =>
  ten({ occasion: { ...ten().occasion, ...patch } });
const body = (plan: ReturnType<typeof ten>) => {
  const { byFamily: f } = targetsOf(plan);
  return [f.cheese, f['cured-meat'] + f.fish + f['plant-protein']].map(Math.round);
};

describe('cheese and meat by school, for ten guests', () => {
  test.each([
    ['cheese-only', 'drinks', 300, 0],
    ['cheese-only', 'meal', 600, 0],
    ['by-family', 'drinks', 450, 450],
    ['by-family', 'meal', 875, 875],
    ['combined', 'drinks', 275, 275],
    ['combined', 'meal', 700, 700],
  ] as const)('%s at %s: %i g and %i g', (school, role, cheese, meat) =>
    expect(body({ ...at({ role }), school })).toEqual([cheese, meat]),
  );

  test('who eats no meat gets it as plant protein, not as nothing', () => {
    const { byFamily } = targetsOf({ ...ten(), party: [group('v', 10, ['vegan'])] });
    expect(Math.round(byFamily['plant-protein'])).toBe(450);
  });
});

describe('the schools side by side', () => {
  test('are what the plan gets when it takes each, with one chosen', () => {
    const plan = ten();
    for (const offer of schoolsOf(plan)) {
      expect(offer.targets).toEqual(targetsOf({ ...plan, school: offer.id }));
      expect(offer.rows.reduce((sum, row) => sum + row.totalG, 0)).toBeCloseTo(offer.targets.totalG, 6);
    }
    expect(schoolsOf(plan).filter((offer) => offer.chosen)).toHaveLength(1);
  });

  test('say the difference in kilos and why', () =>
    expect(said(schoolsOf(ten()).find((offer) => offer.id === 'combined')!.difference)).toBe(
      'Combined gives 350 g less because it shares one budget between cheese and meat.',
    ));

  test('ask for more board and money where they give more food', () => {
    const [sparing, , , ,] = schoolsOf(ten());
    const family = schoolsOf(ten()).find((offer) => offer.id === 'by-family')!;
    expect(sparing!.areaCm2).toBeLessThan(family.areaCm2);
    expect(sparing!.costMinor).toBeLessThan(family.costMinor);
    expect(sparing!.kinds.to).toBeLessThan(family.kinds.to);
  });

  test('count crackers whole', () => {
    const row = schoolsOf(at({ role: 'meal' }))
      .find((offer) => offer.id === 'by-family')!
      .rows.find((row) => row.family === 'vehicle')!;
    expect([row.gEach, row.piecesEach]).toEqual([48, 8]);
  });

  test('are all nothing for nobody', () => {
    for (const offer of schoolsOf(planWith({ party: [] })))
      expect([offer.targets.totalG, offer.costMinor]).toEqual([0, 0]);
  });
});

describe('figures of one’s own', () => {
  const own = { name: 'Sunday', rows: { cheese: 80, vehicle: 50 } };
  test('stand where they are kept, the house’s elsewhere', () => {
    const { byFamily } = targetsOf({ ...ten(), school: 'own', ownSchool: own });
    expect([byFamily.cheese, byFamily.vehicle, byFamily.pickle]).toEqual([800, 500, 200]);
    const rows = schoolsOf({ ...ten(), ownSchool: own }).find((offer) => offer.id === 'own')!.rows;
    expect(rows.filter((row) => row.source === 'your own figure').map((row) => row.family)).toEqual([
      'cheese',
      'vehicle',
    ]);
  });

  test('are scaled for a meal as the house’s are', () =>
    expect(
      targetsOf({ ...at({ role: 'meal' }), school: 'own', ownSchool: own }).byFamily.vehicle,
    ).toBeCloseTo(800));
});

describe('the log', () => {
  const board = (cheese: number) => ({
    name: 'May',
    portions: 10,
    role: 'drinks' as const,
    otherDishes: 0,
    eatenG: { cheese },
  });
  const with_ = (n: number) => ({ ...ten(), school: 'log' as const, pastBoards: Array(n).fill(board(900)) });

  test('bends the school a little with one board, and wins with many', () => {
    const cheese = [0, 1, 3, 30].map((n) => targetsOf(with_(n)).byFamily.cheese);
    expect(cheese[0]).toBe(450);
    expect(cheese[1]).toBeCloseTo(562.5);
    expect(cheese[2]).toBeCloseTo(675);
    expect(cheese[3]).toBeGreaterThan(850);
  });

  test('of meals says nothing about drinks', () => {
    const plan = { ...with_(0), pastBoards: [{ ...board(900), role: 'meal' as const }] };
    expect(targetsOf(plan).byFamily.cheese).toBe(450);
  });
});

test('in the heat there is less cheese and chocolate and more fruit', () => {
  const [cool, hot] = [targetsOf(at({ airTempC: 20 })).byFamily, targetsOf(at({ airTempC: 31 })).byFamily];
  expect(hot.cheese).toBeLessThan(cool.cheese);
  expect(hot['sweet-bite']).toBeLessThan(cool['sweet-bite']);
  expect(hot['fresh-fruit']).toBeGreaterThan(cool['fresh-fruit']);
});
