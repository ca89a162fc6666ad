import { describe, expect, test } from '@jest/globals';
import { CATALOGUE } from '../catalogue/index.js';
import type { Plan, Surface } from '../plan/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { contextOf, standingAnywhere, standingOf, worstAsItLies, type Standing } from './index.js';

const vegan = group('vegan', 2, ['vegan']);
const coeliac = group('coeliac', 1, ['gluten-free']);
const plain = group('plain', 4, [], { dislikes: ['olives'] });
const party = [vegan, coeliac, plain];

function standing(plan: Plan, food: string, group: (typeof party)[number]): Standing {
  const context = contextOf(plan);
  return standingOf(
    context,
    context.placed.find((placed) => placed.component.id === food)!,
    plan.party.find((otherGroup) => otherGroup.id === group.id)!,
  );
}

const plan = planWith({
  party,
  placements: [
    lies('brie', 200),
    lies('cucumber', 200),
    lies('breadsticks', 60),
    lies('green-olives', 90),
    lies('water-crackers', 60),
  ],
});

describe('what a food is for a guest, where it lies', () => {
  test.each([
    ['cucumber', vegan, 'fine'],
    ['brie', vegan, 'no'],
    ['water-crackers', vegan, 'ask'],
    ['cucumber', coeliac, 'touched'],
    ['breadsticks', coeliac, 'no'],
    ['brie', plain, 'fine'],
    ['green-olives', plain, 'no'],
  ] as const)('%s for %o is %s', (food, group, expected) => {
    expect(standing(plan, food, group)).toBe(expected);
  });

  test('what takes much of a counted plate is theirs in a small helping, lying or not', () => {
    const counted = planWith({
      party: [group('keto', 2, ['keto']), group('light', 1, ['lighter'], { dislikes: ['almonds'] })],
      placements: [
        lies('brie', 200),
        lies('mango', 150),
        lies('dry-cured-ham', 80),
        lies('honey', 40),
        lies('almonds', 60),
      ],
    });
    const [keto, light] = counted.party as [(typeof party)[number], (typeof party)[number]];
    expect(['brie', 'mango', 'honey'].map((food) => standing(counted, food, keto))).toEqual([
      'fine',
      'little',
      'no',
    ]);
    // a dislike is a no, however little
    expect(standing(counted, 'almonds', light)).toBe('no');
    const context = contextOf(planWith({ party: counted.party }));
    const food = (name: string) => CATALOGUE.find((component) => component.id === name)!;
    expect(standingAnywhere(context, food('mango'), keto)).toBe('little');
    expect(standingAnywhere(context, food('honey'), keto)).toBe('no');
  });

  test('a food in a bowl of its own touches nothing', () => {
    const apart = planWith({
      ...plan,
      placements: plan.placements.map((placement) =>
        ['breadsticks', 'water-crackers'].includes(placement.componentId)
          ? { ...placement, contained: true }
          : placement,
      ),
    });
    expect(standing(apart, 'cucumber', coeliac)).toBe('fine');
  });

  test('an overruling makes it theirs, for that group alone', () => {
    const overruled = planWith({
      ...plan,
      overrulings: [
        {
          componentId: id('brie'),
          groupId: vegan.id,
          who: 'Jory',
          why: 'they asked',
          when: '2027-05-15T10:00',
        },
      ],
    });
    expect(standing(overruled, 'brie', vegan)).toBe('fine');
    expect(standing(overruled, 'brie', coeliac)).toBe('touched');
  });

  test('what lies on a surface that they are not served from is not theirs', () => {
    const away = planWith({ ...plan, surfaces: [{ ...plan.surfaces[0]!, serves: [plain.id] } as Surface] });
    expect(standing(away, 'cucumber', vegan)).toBe('no');
  });
});

describe('what a food is for a guest anywhere', () => {
  const component = (food: string) => CATALOGUE.find((component) => component.id === food)!;

  test('the best place counts', () => {
    const tray = { ...plan.surfaces[0]!, id: 'tray', serves: [coeliac.id] } as Surface;
    const both = planWith({
      ...plan,
      surfaces: [plan.surfaces[0]!, tray],
      placements: [...plan.placements, lies('cucumber', 100, { surfaceId: tray.id })],
    });
    const context = contextOf(both);
    expect(standingAnywhere(context, component('cucumber'), both.party[1]!)).toBe('fine');
  });

  test('a food that lies nowhere is judged in its usual form', () => {
    const context = contextOf(plan);
    expect(standingAnywhere(context, component('hummus-home'), plan.party[0]!)).toBe('fine');
    expect(standingAnywhere(context, component('salami'), plan.party[0]!)).toBe('no');
    expect(standingAnywhere(context, component('seed-crackers'), plan.party[0]!)).toBe('ask');
    expect(standingAnywhere(context, component('black-olives'), plan.party[2]!)).toBe('no');
  });
});

test('a food that nuts touch is not theirs, for who minds neighbours alone; for who counts carbohydrate the plate decides', () => {
  const near = group('near', 1, [], {
    needs: [{ id: 'tree-nut-free', settings: { contact: 'neighbours' } }],
  });
  const keto = group('keto', 1, ['keto']);
  const context = contextOf(
    planWith({
      party: [near, keto],
      placements: [lies('almonds', 60), lies('cucumber', 200), lies('hummus-home', 100)],
    }),
  );
  const of = (food: string, group: typeof near) =>
    standingOf(
      context,
      context.placed.find((placed) => placed.component.id === food)!,
      context.plan.party.find((otherGroup) => otherGroup.id === group.id)!,
    );
  expect([of('cucumber', near), of('almonds', near)]).toEqual(['touched', 'no']);
  expect(of('hummus-home', keto)).toBe('little');
});

describe('what a food is in the forms in which it lies', () => {
  const small = group('small', 2, [], { band: 'child', ages: [3, 3] });
  const grapes = (...forms: string[]): Plan =>
    planWith({
      party: [small],
      placements: forms.map((form) => lies('green-grapes', 40, { form } as never)),
    });
  const judged = (plan: Plan) =>
    worstAsItLies(
      plan,
      CATALOGUE.find((component) => component.id === 'green-grapes')!,
      plan.party[0]!,
    );

  test('quartered grapes are fine for a child of three, in whichever order whole ones lie beside them they are not', () => {
    expect(judged(grapes('quartered')).verdict).toBe('fine');
    for (const forms of [
      ['quartered', 'cluster'],
      ['cluster', 'quartered'],
    ])
      expect(judged(grapes(...forms))).toMatchObject({ verdict: 'forbidden', form: 'cluster' });
  });

  test('of a food that lies nowhere the usual form counts', () => {
    expect(judged(planWith({ party: [small], placements: [] })).verdict).toBe('forbidden');
  });
});
