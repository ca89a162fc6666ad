import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../plan/index.js';
import { after, board, group, lies, planWith } from '../testing/plans.js';
import { checkPlan, contextOf, plateOf, plateSums } from './index.js';

const codes = (plan: Plan) => checkPlan(plan).findings.map((finding) => finding.code);
const finding = (plan: Plan, code: string) =>
  checkPlan(plan).findings.find((finding) => finding.code === code)!;

describe('a plate that is counted', () => {
  const plan = planWith({
    surfaces: [board()],
    party: [group('keto', 2, ['keto'])],
    placements: [
      lies('brie', 250),
      lies('dry-cured-ham', 150),
      lies('hummus-home', 60),
      lies('raspberries', 150),
    ],
  });

  test('the sum is that of its parts, by hand', () => {
    const [sum] = plateSums(contextOf(plan));
    const there = 250 + 150 + 60 + 150;
    const each = Math.min(contextOf(plan).targets.perPortionG, there / 2);
    const carbs = (250 * 0.5 + 150 * 0 + 60 * 11 + 150 * 5) / 100;
    expect(sum!.sum.high).toBeCloseTo((carbs * each) / there, 3);
    expect(sum!.sum.low).toBeCloseTo(sum!.sum.high, 9);
  });

  test('a little of a sweet thing is fine, too much is not; leaving it out helps', () => {
    expect(codes(plan)).not.toContain('plate-over-limit');
    const much = {
      ...plan,
      placements: [lies('brie', 80), lies('hummus-home', 660), lies('green-grapes', 0.1)],
    };
    const strict = {
      ...much,
      party: [group('keto', 2, [], { needs: [{ id: 'keto', settings: { limit: '6' } }] })],
    };
    const slip = finding(strict, 'plate-over-limit');
    expect(slip.severity).toBe('blocker');
    expect(codes(after(strict, slip.remedies[0]!.command))).not.toContain('plate-over-limit');
  });

  test('few among many take what is fine first, as far as the others leave it', () => {
    const beside = {
      ...plan,
      party: [group('all', 18), group('keto', 2, ['keto'])],
      placements: [
        lies('brie', 1000),
        lies('dry-cured-ham', 1000),
        lies('green-grapes', 1e-3),
        lies('hummus-home', 4000),
      ],
    };
    const context = contextOf(beside);
    const on = (food: string) =>
      plateOf(context, beside.party[1]!)
        .filter(({ food: { component } }) => component.id === food)
        .reduce((sum, { massG }) => sum + massG, 0);
    // a tenth of the party: three tenths of the brie and the ham for the two of them, the rest of the portion is hummus
    const portion = context.targets.perPortionG;
    expect(on('brie')).toBeCloseTo(Math.min(0.3 * 1000, portion) / 2, 3);
    expect(on('dry-cured-ham')).toBeCloseTo(Math.min(0.3 * 1000, portion) / 2, 3);
    expect(on('hummus-home')).toBeCloseTo(Math.max(0, portion - 300), 3);
    const more = contextOf({ ...beside, placements: [lies('brie', 3000), lies('hummus-home', 4000)] });
    expect(plateOf(more, beside.party[1]!).filter(({ massG }) => massG > 1e-9)).toHaveLength(1);
  });

  test('two groups that count share what is fine: no gram is on two plates', () => {
    const both = {
      ...plan,
      party: [group('all', 10), group('keto', 5, ['keto']), group('light', 5, ['keto'])],
      placements: [lies('brie', 1000), lies('hummus-home', 6000)],
    };
    const context = contextOf(both);
    const brie = both.party
      .slice(1)
      .map((group) =>
        plateOf(context, group).reduce(
          (sum, { food, massG }) => sum + (food.component.id === 'brie' ? massG * group.count : 0),
          0,
        ),
      );
    expect(brie[0]).toBeCloseTo(500, 3);
    expect(brie[0]! + brie[1]!).toBeLessThanOrEqual(1000 + 1e-6);
  });

  test('as a meal the usual limit is wider', () => {
    const meal = { ...plan, occasion: { ...plan.occasion, role: 'meal' as const } };
    expect([plateSums(contextOf(plan))[0]!.limit, plateSums(contextOf(meal))[0]!.limit]).toEqual([8, 15]);
  });

  test('a plate never holds more than lies there', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 900 }), fc.integer({ min: 10, max: 900 }), (a, b) => {
        const otherPlan = { ...plan, placements: [lies('brie', a), lies('raspberries', b)] };
        const total = plateOf(contextOf(otherPlan), otherPlan.party[0]!).reduce(
          (sum, plateLine) => sum + plateLine.massG,
          0,
        );
        expect(total * 2).toBeLessThanOrEqual(a + b + 1e-6);
      }),
    );
  });
});
