import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { homeMadeId, type Component } from '../catalogue/index.js';
import { judgeGroup } from '../needs/index.js';
import { applyCommand, planLarder, planSchema, type Command, type Plan } from '../plan/index.js';
import { sectionOf } from '../shape/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { layCutFruit } from './cut-fruit.js';
import {
  cupShares,
  laySkewers,
  piecesInPacks,
  threadedForm,
  threadedOrder,
  type Threaded,
} from './skewers.js';

const start = planWith({
  party: [group('all', 10)],
  placements: [
    lies('cherry-tomatoes', 400),
    lies('young-gouda', 300, { form: 'cubes' }),
    lies('green-grapes', 400),
  ],
});
const at = start.surfaces[0]!.id;
const food = (plan: Plan, name: string): Component => planLarder(plan).get(id(name))!;
const threaded = (name: string, each: number): Threaded => {
  const component = food(start, name);
  return { component, fact: threadedForm(component)!, each };
};
const after = (plan: Plan, command: Command | undefined): Plan => {
  const done = applyCommand(plan, command!);
  if (!done.ok) throw new Error(JSON.stringify(done));
  expect(planSchema.safeParse(done.plan).success).toBe(true);
  return done.plan;
};
const massOf = (plan: Plan, name: string): number =>
  plan.placements
    .filter(({ componentId }) => componentId === id(name))
    .reduce((sum, { massG }) => sum + massG, 0);
const parts = [threaded('cherry-tomatoes', 2), threaded('young-gouda', 1)];

describe('skewers', () => {
  test('are a food of all that is on them: nobody who may not eat one part may eat it', () => {
    const now = after(start, laySkewers(start, parts, 12, at));
    const made = food(now, homeMadeId(now.recipes[0]!));
    expect(made.allergens.milk).toBe('contains');
    for (const need of ['vegan', 'vegetarian', 'halal']) {
      const eaters = group('eaters', 1, [need]);
      const RANK = ['fine', 'ask', 'forbidden'];
      const rank = (component: Component, form: Component['forms'][number]['form']) =>
        RANK.indexOf(judgeGroup(component, form, eaters).verdict);
      for (const { component, fact } of parts)
        expect(rank(made, 'sticks')).toBeGreaterThanOrEqual(rank(component, fact.form));
    }
    expect(['chunk', 'round', 'hard']).toContain(made.forms[0]!.choking);
  });

  test('take their pieces from the board, and only once', () => {
    const once = after(start, laySkewers(start, parts, 12, at));
    const eachG = parts[0]!.fact.pieceG * 2;
    expect(massOf(once, 'cherry-tomatoes')).toBeCloseTo(400 - 12 * eachG, -1);
    expect(after(once, laySkewers(once, parts, 12, at))).toEqual(once);
    const more = after(once, laySkewers(once, parts, 14, at));
    expect(massOf(once, 'cherry-tomatoes') - massOf(more, 'cherry-tomatoes')).toBeCloseTo(2 * eachG, -1);
  });

  test('alternate, and none is made of nothing', () => {
    expect(threadedOrder(parts).map(({ component }) => component.id)).toEqual([
      'cherry-tomatoes',
      'young-gouda',
      'cherry-tomatoes',
    ]);
    expect(laySkewers(start, [threaded('young-gouda', 0)], 5, at)).toBeUndefined();
    expect(laySkewers(start, parts, 0, at)).toBeUndefined();
  });

  test('are counted in whole pieces of what is bought', () => {
    const [{ component, fact }] = parts as [Threaded];
    expect(piecesInPacks(start, component, fact)).toBeGreaterThanOrEqual(Math.floor(400 / fact.pieceG));
    expect(piecesInPacks(planWith({}), component, fact)).toBe(0);
  });
});

test('cups get the same whole pieces, and what is left over is less than one each', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 60 }), (cups) => {
      for (const { component, each, leftOver } of cupShares(start, at, cups)) {
        const { pieces } = start.placements.find(({ componentId }) => componentId === component.id)!;
        expect(each * cups + leftOver).toBe(pieces);
        expect(leftOver).toBeLessThan(cups);
      }
    }),
  );
});

describe('fruit that is cut', () => {
  const fruit = planWith({ placements: [lies('melon', 600), lies('cucumber', 300)] });

  test.each([
    ['melon', 'balls'],
    ['melon', 'quarters'],
    ['cucumber', 'coins'],
    ['cucumber', 'ribbons'],
    ['cucumber', 'sticks'],
  ] as const)('%s as %s lies there in so many pieces, laid once', (name, cut) => {
    const found = sectionOf(name, cut)!;
    const command = layCutFruit(fruit, food(fruit, name), cut, found, 20, at);
    const now = after(fruit, command);
    const lying = now.placements.filter(({ componentId }) => componentId.includes(name));
    const byForm = new Map<string, number>();
    for (const { form, pieces } of lying) byForm.set(form, (byForm.get(form) ?? 0) + pieces);
    expect([...byForm.values()]).toContain(20);
    const again = after(now, layCutFruit(now, food(now, name), cut, found, 20, at));
    expect(again).toEqual(now);
  });

  test('a hollowed bowl is laid by hand', () => {
    expect(
      layCutFruit(fruit, food(fruit, 'melon'), 'bowl', sectionOf('melon', 'bowl')!, 1, at),
    ).toBeUndefined();
  });
});
