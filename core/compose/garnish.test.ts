import { describe, expect, test } from '@jest/globals';
import { atHomeIn, CATALOGUE } from '../catalogue/index.js';
import type { Plan, Surface } from '../plan/index.js';
import { board, group, id, planWith } from '../testing/plans.js';
import { garnish } from './garnish.js';

const party = [group('all', 8), group('vegans', 2, ['vegan'])];
const round = (mm: number): Surface => board({ outline: { kind: 'round', diameterMm: mm } });
const base = (patch: Partial<Plan> = {}): Plan => planWith({ party, surfaces: [round(440)], ...patch });
const food = (id: string) => CATALOGUE.find((component) => component.id === id)!;

describe('greens', () => {
  test('herbs are strewn by the ground: a box gets one sprig of each, a large board five, no bitter ones on sweets', () => {
    const box: Surface = {
      ...board(),
      outline: { kind: 'rectangle', lengthMm: 140, widthMm: 100, cornerMm: 8 },
    };
    const sprigs = (plan: Plan) => garnish(plan).map((placement) => placement.pieces);
    expect(sprigs(base({ surfaces: [box] }))).toEqual([1, 1]);
    expect(sprigs(base({ surfaces: [round(440)] }))).toEqual([5, 5]);
    const sweet = base({ occasion: { ...base().occasion, role: 'sweet' } });
    for (const placement of garnish(sweet))
      expect(food(placement.componentId).taste?.bitter).toBeLessThanOrEqual(1);
  });

  test('greens follow the region, differ from day to day, and are no two alike; what is disliked stays away', () => {
    const greens = (plan: Plan) => garnish(plan).map((placement) => placement.componentId as string);
    const on = (region: 'italy' | 'levant' | '', day = '2027-06-12') => {
      const { occasion } = base();
      return planWith({
        party,
        occasion: { ...occasion, start: `${day}T18:00`, theme: { ...occasion.theme, region } },
      });
    };
    for (const region of ['italy', 'levant'] as const)
      expect(greens(on(region)).filter((green) => !atHomeIn(id(green), region))).toEqual([]);
    const days = Array.from({ length: 12 }, (_, i) => `2027-06-${String(i + 10)}`);
    const seen = days.map((day) => greens(on('', day)));
    expect(new Set(seen.flat()).size).toBeGreaterThanOrEqual(4);
    const unlike = seen.filter(
      (pair) => new Set(pair.map((green) => food(id(green)).forms[0]!.piece)).size === 2,
    );
    expect(unlike.length).toBeGreaterThanOrEqual(9);
    const [first] = greens(on('italy'));
    const plan = on('italy');
    const fussy = {
      ...plan,
      party: plan.party.map((group) => ({ ...group, dislikes: [food(id(first!)).name] })),
    };
    expect(greens(fussy)).not.toContain(first);
  });
});
