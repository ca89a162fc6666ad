import { beforeAll, describe, expect, test } from '@jest/globals';
import { mayStandAt, servingAreas, tongsInUse, withSize } from '../board/index.js';
import {
  atHomeIn,
  factValue,
  isForeignTo,
  servingOf,
  usualForm,
  type Family,
  type RegionId,
} from '../catalogue/index.js';
import { checkPlan } from '../check/index.js';
import { PARTNERS } from '../catalogue/data/serving-sets.js';
import { forbiddenToSmall, judgeGroup } from '../needs/index.js';
import type { Group } from '../party/index.js';
import { applyCommand, emptyPlan, planLarder, type Plan } from '../plan/index.js';
import { group, id } from '../testing/plans.js';
import { nodeSolver } from '../../solver/node.js';
import { compose, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

/** A new plan for these guests, set and composed as the brief does it. */
function composedFor(
  party: Group[],
  patch: Partial<Plan['occasion']> = {},
  excluded: readonly string[] = [],
): Plan {
  const anew = emptyPlan('new', '2027-06-12T18:00');
  const empty = { ...anew, wishes: { ...anew.wishes, excluded: excluded.map(id) } };
  const fresh = { ...empty, occasion: { ...empty.occasion, ...patch } };
  const done = applyCommand(fresh, withSize(fresh, { name: 'set-party', party }));
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  const { plan, status } = compose(done.plan, solve);
  expect(status).not.toBe('impossible');
  return plan;
}

const gramsOn = (plan: Plan, served: string, family: Family): number =>
  plan.placements
    .filter(({ surfaceId }) => plan.surfaces.find(({ id }) => id === surfaceId)!.serves?.join(' ') === served)
    .filter(({ componentId }) => planLarder(plan).get(componentId)!.family === family)
    .reduce((sum, placement) => sum + placement.massG, 0);

const noBlockers = (plan: Plan): void =>
  expect(
    checkPlan(plan)
      .findings.filter(({ severity }) => severity === 'blocker')
      .map(({ code }) => code),
  ).toEqual([]);

describe('a tray for the few', () => {
  test('wheat bread lies on the table, and the coeliac guests have bread, cheese and fruit of their own', () => {
    const plan = composedFor([group('all', 24), group('gf', 3, ['gluten-free'])], { kind: 'drinks' });
    noBlockers(plan);
    for (const family of ['cheese', 'vehicle', 'fresh-fruit', 'vegetable'] as const)
      expect([family, gramsOn(plan, 'gf', family) > 20]).toEqual([family, true]);
    const larder = planLarder(plan);
    const wheat = plan.placements.filter(
      ({ componentId, form }) => factValue(larder.get(componentId)!, 'allergen.gluten', form) === 'contains',
    );
    expect(wheat.length).toBeGreaterThan(0);
    // on the table it lies open: nobody who minds its crumbs eats there
    expect(wheat.some(({ contained }) => !contained)).toBe(true);
    expect(wheat.every(({ surfaceId }) => !surfaceId.startsWith('tray'))).toBe(true);
  });

  test('where half of a board is coeliac no wheat lies on it, not even in a bowl, and all have bread', () => {
    const plan = composedFor([group('all', 4), group('gf', 5, ['gluten-free'])], { kind: 'drinks' });
    noBlockers(plan);
    const larder = planLarder(plan);
    const wheat = plan.placements.filter(
      ({ componentId, form }) => factValue(larder.get(componentId)!, 'allergen.gluten', form) === 'contains',
    );
    expect(plan.surfaces).toHaveLength(1);
    expect(wheat.map(({ componentId }) => componentId)).toEqual([]);
    const bread = plan.placements.filter(({ componentId }) => larder.get(componentId)!.family === 'vehicle');
    expect(bread.length).toBeGreaterThan(1);
  });

  test('four who keep meat from milk leave the others their ham', () => {
    const plan = composedFor([group('all', 20), group('kosher', 4, ['kosher-style'])], { kind: 'drinks' });
    noBlockers(plan);
    expect(gramsOn(plan, 'all', 'cured-meat')).toBeGreaterThan(20 * 20);
  });

  test('a party that keeps meat from milk has a board of cheese and fish, and is missed no meat', () => {
    const plan = composedFor([group('kosher', 12, ['kosher-style'])], { kind: 'drinks' });
    const larder = planLarder(plan);
    const families = new Set(plan.placements.map(({ componentId }) => larder.get(componentId)!.family));
    expect([families.has('cheese'), families.has('fish'), families.has('cured-meat')]).toEqual([
      true,
      true,
      false,
    ]);
    expect(checkPlan(plan).findings.map(({ code }) => code)).not.toContain('too-little');
  });

  test.each([[[2, 3]], [[4, 5, 7, 8, 9]]])('children of %j have a plate that feeds them all', (ages) => {
    const small = group('children', ages.length, [], { band: 'child', ages });
    const plan = composedFor([group('all', 30), small], { kind: 'drinks' });
    noBlockers(plan);
    expect(servingAreas(plan).at(-1)!.groups).toEqual([small]);
    // the others have again what a small child may not: whole grapes, nuts
    const table = plan.placements.filter(({ surfaceId }) => !surfaceId.startsWith('tray'));
    const larder = planLarder(plan);
    const freed = table.filter(({ componentId, form }) =>
      forbiddenToSmall(judgeGroup(larder.get(componentId)!, form, small)),
    );
    expect(freed.length).toBeGreaterThan(3);
    expect(table.filter(({ form }) => form === 'quartered')).toEqual([]);
    expect(checkPlan(plan).findings.map(({ code }) => code)).toContain('out-of-small-hands');
  });
});

test('a film night has popcorn, and one with a child of three has none that the child reaches', () => {
  const has = (plan: Plan) => plan.placements.some(({ componentId }) => /popcorn/.test(componentId));
  expect(has(composedFor([group('all', 6)], { kind: 'film' }))).toBe(true);
  const small = group('small', 3, [], { band: 'child', ages: [3, 3, 4] });
  expect(has(composedFor([group('all', 3), small], { kind: 'film' }))).toBe(false);
});

test('an afternoon has its sandwiches, and scones with something to spread', () => {
  const plan = composedFor([group('all', 8)], { kind: 'afternoon' });
  const ids = plan.placements.map(({ componentId }) => String(componentId));
  expect(ids).toEqual(expect.arrayContaining(['small-sandwiches', 'small-scones']));
  expect(ids.some((id) => PARTNERS.scone.split(' ').includes(id))).toBe(true);
  const drinks = composedFor([group('all', 8)], { kind: 'drinks' });
  expect(drinks.placements.map(({ componentId }) => componentId)).not.toContain('small-scones');
});

test('a breakfast has jam or honey by the spoon', () => {
  const plan = composedFor([group('all', 12)], { kind: 'breakfast' });
  const larder = planLarder(plan);
  const jams = plan.placements.filter(
    ({ componentId }) => servingOf(larder.get(componentId)!).class === 'jam',
  );
  expect(jams.reduce((sum, { massG }) => sum + massG, 0)).toBeGreaterThan(12 * 4);
});

test('a fast is broken with dates, and without pork and wine though nobody asked for it', () => {
  const plan = composedFor([group('all', 10)], { kind: 'iftar', role: 'meal' });
  const foods = plan.placements.map(({ componentId }) => planLarder(plan).get(componentId)!);
  expect(foods.map(({ id }) => id)).toContain('medjool-dates');
  expect(foods.filter(({ animal, alcohol }) => animal.pork === 'contains' || alcohol === 'contains')).toEqual(
    [],
  );
  const ham = [...planLarder(plan).values()].find(({ id }) => id === 'serrano-ham')!;
  const form = usualForm(ham).form;
  expect(mayStandAt(ham, form, 'iftar')).toBe(false);
  expect(mayStandAt(ham, form, 'meal')).toBe(true);
});

test('a table for two or three has what most would eat: two cheeses that few leave, and two meats', () => {
  for (const [guests, kind] of [
    [2, 'drinks'],
    [3, 'meal'],
  ] as const) {
    const plan = composedFor([group('all', guests)], { kind, role: kind });
    const larder = planLarder(plan);
    const of = (family: Family) =>
      [...new Set(plan.placements.map(({ componentId }) => larder.get(componentId)!))].filter(
        (food) => food.family === family,
      );
    const takers = of('cheese').map((cheese) => servingOf(cheese).takers);
    expect(takers).toHaveLength(2);
    expect(takers[0]! + takers[1]!).toBeGreaterThan(2 * 0.6);
    expect(of('cured-meat')).toHaveLength(2);
  }
});

describe('a theme of one kitchen', () => {
  const at = (region: RegionId, kind: 'drinks' | 'meal'): Plan =>
    composedFor([group('all', 12), group('veg', 2, ['vegetarian'])], {
      kind,
      role: kind,
      theme: { ...emptyPlan('t', '2027-06-12T18:00').occasion.theme, region },
    });
  test.each<[RegionId, 'drinks' | 'meal']>([
    ['italy', 'drinks'],
    ['aegean', 'meal'],
    ['isles', 'meal'],
  ])('%s, %s: three in four are at home, and hardly anything is another kitchen’s', (region, kind) => {
    const ids = [...new Set(at(region, kind).placements.map(({ componentId }) => componentId))];
    expect(ids.filter((id) => atHomeIn(id, region)).length).toBeGreaterThanOrEqual(0.75 * ids.length);
    expect(ids.filter((id) => isForeignTo(id, region)).length).toBeLessThanOrEqual(3);
  });
});

test('beside a nut allergy no other nut may have met it, and no food wants tongs that nobody has', () => {
  const party = [group('all', 14), group('peanut', 1, ['peanut-free']), group('egg', 1, ['egg-free'])];
  const plan = composedFor(party, { kind: 'breakfast' });
  const foods = plan.placements.map(({ componentId }) => planLarder(plan).get(componentId)!);
  const nutty = foods.filter(({ sheds }) => sheds.includes('nut-pieces'));
  expect(nutty.map(({ allergens }) => allergens.peanuts)).toEqual(nutty.map(() => 'free'));
  expect(foods.some(({ family }) => family === 'nut-seed')).toBe(true);
  expect(tongsInUse(plan).own).toBeLessThanOrEqual(plan.tools.tongs);
});

test('where no nut is packed apart, none lies beside an allergy that it may have met', () => {
  const party = [group('all', 9), group('peanut', 1, ['peanut-free'])];
  const plan = composedFor(party, { kind: 'drinks' }, ['almonds-no-peanuts']);
  const foods = plan.placements.map(({ componentId }) => planLarder(plan).get(componentId)!);
  expect(foods.filter(({ sheds }) => sheds.includes('nut-pieces')).map(({ name }) => name)).toEqual([]);
});

test('who may eat some of the meats finds one of them, though its making must be asked', () => {
  const party = [group('all', 4), group('expecting', 3, ['pregnancy'])];
  const plan = composedFor(party, { kind: 'drinks' });
  const meats = plan.placements
    .map(({ componentId, form }) => ({ food: planLarder(plan).get(componentId)!, form }))
    .filter(({ food }) => food.family === 'cured-meat');
  const verdicts = meats.map(({ food, form }) => judgeGroup(food, form, party[1]!).verdict);
  expect(verdicts.some((verdict) => verdict !== 'forbidden')).toBe(true);
});
