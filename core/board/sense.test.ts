import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE, isPartner, OCCASIONS, SAME_SETS, servingOf, type Occasion } from '../catalogue/index.js';
import { compose, type Solver } from '../compose/index.js';
import type { Plan } from '../plan/index.js';
import { helpingFactor, kindRanges, occasionOf, targetsOf } from '../portion/index.js';
import { randomBrief } from '../testing/briefs.js';
import { group, lies, planWith } from '../testing/plans.js';
import {
  eaten,
  helpingAt,
  isBold,
  isDip,
  isDipper,
  mayStandAt,
  needsPartner,
  senseOf,
  servingAreas,
  takersAt,
  type Senseless,
} from './index.js';

const at = (kind: Occasion, role: Plan['occasion']['role'] = 'drinks') => ({
  occasion: { ...planWith({}).occasion, kind, role },
});
const codes = (plan: Plan): Senseless['code'][] => senseOf(plan).map((senseless) => senseless.code);

/** Twelve guests at drinks, with a board that a stylist would serve. */
const GOOD: readonly (readonly [string, number])[] = [
  ['brie-de-meaux', 130],
  ['mature-cheddar', 160],
  ['aged-gouda', 120],
  ['salami', 120],
  ['cooked-ham', 110],
  ['baguette-toasts', 160],
  ['water-crackers', 150],
  ['green-grapes', 275],
  ['strawberries', 170],
  ['cherry-tomatoes', 180],
  ['cucumber-sticks', 180],
  ['carrot-sticks', 170],
  ['green-olives', 130],
  ['cornichons', 60],
  ['almonds', 90],
  ['hummus-home', 180],
  ['fig-jam', 40],
];
const board = (foods: readonly (readonly [string, number])[], patch: Partial<Plan> = {}): Plan =>
  planWith({
    party: [group('all', 12)],
    surfaces: [{ ...planWith({}).surfaces[0]!, outline: { kind: 'round', diameterMm: 560 } }],
    placements: foods.map(([food, grams]) => lies(food, grams)),
    ...at('drinks'),
    ...patch,
  });
const but = (...changes: readonly (readonly [string, number])[]) => [
  ...GOOD.filter(([food]) => !changes.some(([changed]) => changed === food)),
  ...changes.filter(([, grams]) => grams > 0),
];

describe('a board that lacks sense says where', () => {
  test('a good one says nothing', () => expect(codes(board(GOOD))).toEqual([]));

  const BAD: [
    code: Senseless['code'],
    what: string,
    foods: readonly (readonly [string, number])[],
    patch?: Partial<Plan>,
  ][] = [
    ['beyond-most', 'a bowl of ginger', but(['candied-ginger', 120])],
    ['beyond-most', 'mustard for four dozen', but(['dijon-mustard', 390])],
    ['beyond-most', 'falafel where nobody lives on it', but(['falafel', 400])],
    ['never-here', 'chocolate spread at drinks', but(['chocolate-hazelnut', 80])],
    ['never-here', 'blue cheese at breakfast', but(['roquefort', 60]), at('breakfast')],
    ['same-job', 'two blues', but(['roquefort', 40], ['gorgonzola', 60])],
    [
      'too-bold',
      'four bold kinds',
      but(['roquefort', 40], ['smoked-eel', 30], ['kimchi', 25], ['capers', 25]),
    ],
    ['accents', 'a fifth of pomegranate and physalis', but(['pomegranate', 400], ['physalis', 300])],
    [
      'little-base',
      'most of it for few',
      but(['green-grapes', 0], ['mature-cheddar', 0], ['papaya', 500], ['grapefruit', 500], ['fennel', 400]),
    ],
    [
      'alone',
      'mustard with neither ham nor pâté',
      but(['salami', 0], ['cooked-ham', 0], ['dijon-mustard', 30]),
    ],
    ['dry', 'scones and a spoon of jam', but(['small-scones', 500], ['chia-berry-jam', 40]), at('afternoon')],
    [
      'no-dippers',
      'a dip and nothing to dip',
      [
        ['hummus-home', 180],
        ['green-grapes', 270],
        ['brie-de-meaux', 130],
      ],
    ],
    ['no-carrier', 'crisps only', but(['baguette-toasts', 0], ['water-crackers', 0], ['potato-crisps', 90])],
    [
      'little-carried',
      'a handful of crackers for twelve',
      but(['baguette-toasts', 0], ['water-crackers', 60]),
    ],
    [
      'no-plain-bread',
      'special crackers alone, for people who eat bread',
      but(['baguette-toasts', 0], ['water-crackers', 0], ['flax-crackers', 120], ['polenta-crisps', 150]),
    ],
    ['no-board', 'nothing to lay it on', but(['baguette-toasts', 0], ['water-crackers', 0])],
    [
      'no-board',
      'a sweet course of fruit alone',
      [
        ['green-grapes', 275],
        ['strawberries', 170],
      ],
      at('sweet', 'sweet'),
    ],
    ['large', 'a fifth of the ground for one food', but(['water-crackers', 420])],
  ];
  test.each(BAD)('%s: %s', (code, _what, foods, patch = {}) => {
    expect(codes(board(foods, patch))).toContain(code);
  });

  test('the special bread of all is nobody’s lack where most may eat no other, and counts for who may', () => {
    const special = but(
      ['baguette-toasts', 0],
      ['water-crackers', 0],
      ['flax-crackers', 120],
      ['polenta-crisps', 150],
    );
    const free = [group('all', 4), group('free', 8, ['gluten-free'])];
    expect(codes(board(special, { party: free }))).not.toContain('no-plain-bread');
    const found = (plan: Plan) =>
      senseOf(plan).flatMap((senseless) =>
        senseless.code === 'little-carried' ? [senseless.group?.id ?? null] : [],
      );
    // the wheat is there for all but them
    expect(found(board(GOOD, { party: free }))).toEqual(['free']);
    // each has enough alone, all together have not
    const both = but(['baguette-toasts', 0], ['water-crackers', 0], ['polenta-crisps', 135]);
    const halves = [group('one', 6), group('other', 6)];
    expect(found(board(both, { party: halves }))).toEqual([null]);
  });

  test('what six vegans live on is not too much for them, and would be for others', () => {
    const foods = but(['falafel', 230]);
    const vegans = [group('all', 6), group('vegan', 6, ['vegan'])];
    const beyond = (plan: Plan) =>
      senseOf(plan).flatMap((senseless) =>
        senseless.code === 'beyond-most' ? [senseless.component.id] : [],
      );
    // cheese and meat for twelve are too much for the six others; falafel is not
    expect(beyond(board(foods, { party: vegans }))).not.toContain('falafel');
    expect(beyond(board(foods))).toEqual(['falafel']);
  });
});

describe('how foods are served', () => {
  test('every food has a helping, takers and a weight that agree', () => {
    expect(CATALOGUE.length).toBeGreaterThan(300);
    for (const component of CATALOGUE) {
      const { helping, takers, childTakers, source } = servingOf(component);
      expect([component.id, source]).toEqual([component.id, 'house default']);
      expect(helping.little).toBeLessThan(helping.usual);
      expect(helping.usual).toBeLessThan(helping.most);
      expect(takers).toBeGreaterThan(0);
      for (const share of [takers, childTakers]) {
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1);
      }
    }
  });

  test('sets and partners name foods that there are, and a partner is never the food itself', () => {
    const ids = new Set(CATALOGUE.map((component) => component.id));
    for (const set of SAME_SETS)
      for (const food of set.foods) expect([food, ids.has(food)]).toEqual([food, true]);
    for (const component of CATALOGUE.filter(needsPartner)) {
      const { partners } = servingOf(component);
      const found = CATALOGUE.filter((other) => isPartner(partners, other));
      expect([component.id, found.length > 0]).toEqual([component.id, true]);
    }
  });

  test('for every occasion there are bodies, carriers, fruit and something to dip into or to lay on', () => {
    for (const occasion of OCCASIONS.filter((o) => !['none', 'sweet'].includes(o))) {
      const here = CATALOGUE.filter((component) => mayStandAt(component, component.forms[0]!.form, occasion));
      for (const job of ['body', 'vehicle', 'contrast'] as const)
        expect(here.filter((component) => component.job === job).length).toBeGreaterThan(8);
      expect(here.filter(isDipper).length).toBeGreaterThan(10);
      if (occasion !== 'walk') expect(here.filter(isDip).length).toBeGreaterThan(3);
    }
    expect(CATALOGUE.filter(isBold).length).toBeGreaterThan(20);
  });

  const party = [group('all', 10)];
  test('helpings follow the meal: smaller beside many dishes, larger at a meal', () => {
    const factor = (patch: Partial<Plan['occasion']>) =>
      helpingFactor(planWith({ party, occasion: { ...planWith({}).occasion, ...patch } }), 'cheese');
    expect(factor({ role: 'drinks', otherDishes: 0 })).toBeCloseTo(1, 6);
    expect(factor({ role: 'meal' })).toBeGreaterThan(1.4);
    const fruit = helpingFactor(
      planWith({ party, occasion: { ...planWith({}).occasion, otherDishes: 6 } }),
      'fresh-fruit',
    );
    expect(fruit).toBeCloseTo(0.6, 6);
  });

  test('who asks for bolder food has guests who take it, children apart, and nobody takes what he hates', () => {
    const blue = CATALOGUE.find(({ id }) => id === 'gorgonzola')!;
    const plain = CATALOGUE.find(({ id }) => id === 'edam')!;
    const takers = (bolder: number, food = blue, more: Partial<Plan['party'][number]> = {}) => {
      const guests = group('all', 10, [], more);
      const { wishes } = planWith({});
      const plan = planWith({
        party: [guests],
        wishes: { ...wishes, levers: { ...wishes.levers, bolder } },
      });
      return takersAt(plan, food, guests);
    };
    expect(isBold(blue)).toBe(true);
    expect([-2, -1, 0, 1, 2].map((step) => takers(step) / takers(0))).toEqual([
      1,
      1,
      1,
      expect.closeTo(1.6, 6),
      expect.closeTo(Math.min(2.2, 0.75 / takers(0)), 6),
    ]);
    expect(takers(2)).toBeLessThanOrEqual(0.75);
    expect(takers(2, plain)).toBe(takers(0, plain));
    expect(takers(2, blue, { band: 'child', ages: [9] })).toBe(takers(0, blue, { band: 'child', ages: [9] }));
    expect(takers(2, blue, { dislikes: ['gorgonzola'] })).toBe(0);
  });

  test('the occasion shifts families and kinds: bread at breakfast, no pickles, no fish for children', () => {
    const of = (kind: Occasion) => planWith({ party, ...at(kind) });
    const share = (kind: Occasion, family: 'vehicle' | 'pickle' | 'fish') =>
      targetsOf(of(kind)).byFamily[family] / targetsOf(of('drinks')).byFamily[family];
    expect(share('breakfast', 'vehicle')).toBeCloseTo(2.2, 6);
    expect(share('breakfast', 'pickle')).toBe(0);
    expect(share('children', 'fish')).toBe(0);
    expect(kindRanges(of('breakfast')).pickle.to).toBe(0);
    expect(occasionOf(of('none'))).toBe('drinks');
    expect(occasionOf(planWith(at('picnic', 'sweet')))).toBe('sweet');
  });
});

describe('where few eat', () => {
  const cheddar = CATALOGUE.find((component) => component.id === 'mature-cheddar')!;
  const { helping, takers } = servingOf(cheddar);
  const taken = (...counts: number[]) =>
    eaten(
      planWith({ party: counts.map((count, i) => group(`group-${i}`, count)), ...at('drinks') }),
      cheddar,
      counts.map((count, i) => ({ group: group(`group-${i}`, count), verdict: 'fine' as const })),
    );

  test('one guest takes a helping or none, no share of one; among many the shares even out', () => {
    // half as much again where only two or three are at table: fewer kinds stand there
    expect(taken(1).usual).toBeCloseTo(1.5 * helping.usual, 6);
    expect(taken(1).most).toBeCloseTo(1.5 * helping.most, 6);
    expect(taken(3).most).toBeCloseTo(3 * 1.5 * helping.most, 6);
    expect(taken(4).most).toBeCloseTo(4 * takers * helping.most, 6);
    // two groups at one surface are counted together
    expect(taken(3, 9).most).toBeCloseTo(12 * takers * helping.most, 6);
  });

  test('who has a quiet tray eats from it, and takes little besides', () => {
    const main = planWith({}).surfaces[0]!;
    const tray = {
      ...main,
      id: 'tray' as typeof main.id,
      serves: ['coeliac' as never],
      freeFrom: ['gluten' as const],
    };
    const party = [group('coeliac', 12, ['gluten-free'])];
    const plan = planWith({ party, surfaces: [main, tray], ...at('drinks') });
    const fine = new Map([['coeliac', 'fine' as const]]);
    const [atMain, atTray] = servingAreas(plan).map((area) => helpingAt(plan, cheddar, area, fine).most);
    expect(atTray).toBeCloseTo(12 * takers * helping.most, 6);
    expect(atMain).toBeCloseTo(0.3 * atTray!, 6);
    // without a promise that is kept, both are the same to them
    const open = planWith({ party, surfaces: [main, { ...tray, freeFrom: [] }], ...at('drinks') });
    const [one, other] = servingAreas(open).map((area) => helpingAt(open, cheddar, area, fine).most);
    expect(one).toBeCloseTo(other!, 6);
  });

  test('a small pile is no heap, however small the tray', () => {
    const tray = (diameterMm: number, grams: number) =>
      senseOf(
        board(but(['water-crackers', grams]), {
          surfaces: [{ ...planWith({}).surfaces[0]!, outline: { kind: 'round', diameterMm } }],
        }),
      ).some((found) => found.code === 'large' && found.component.id === 'water-crackers');
    expect(tray(560, 420)).toBe(true);
    expect(tray(190, 20)).toBe(false);
  });
});

describe('what the composer proposes has sense', () => {
  let solve: Solver;
  beforeAll(async () => (solve = await nodeSolver()));

  test.each([0, 3, 8, 11, 14, 17])('brief %i, at its first board already', (n) => {
    const { status, plan } = compose(randomBrief(n), solve, { quick: true });
    expect(status).not.toBe('impossible');
    const found = senseOf(plan).filter(({ code }) => ['beyond-most', 'never-here', 'alone'].includes(code));
    expect(found).toEqual([]);
    // it is on the screen for a moment only
    expect(senseOf(plan).length).toBeLessThanOrEqual(3);
  });
});
