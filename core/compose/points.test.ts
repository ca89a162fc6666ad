import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE, servingOf, usualForm } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { randomBrief } from '../testing/briefs.js';
import { board, group, id, planWith } from '../testing/plans.js';
import { compose, draftOf, problemOf, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const party = [group('all', 8)];

/** A plan whose larder is only these foods. */
const only = (foods: readonly string[], patch: Partial<Plan> = {}): Plan => {
  const base = planWith({ party, ...patch });
  return {
    ...base,
    wishes: {
      ...base.wishes,
      excluded: CATALOGUE.filter((component) => !foods.includes(component.id)).map(
        (component) => component.id,
      ),
    },
  };
};

/** The whole program with exactly these foods chosen, each laid where it can be: every variable by its name. */
function boardOfExactly(foods: readonly string[], larder: readonly string[], patch: Partial<Plan>) {
  // a handful of guests would be given no whole wheel of it: the amounts are another matter
  const draft = draftOf(problemOf(only(larder, patch), false, true));
  for (const [food, x] of draft.chosen) {
    const on = foods.includes(food) ? 1 : 0;
    for (const v of [x, ...draft.entriesOf(food).map((entry) => entry.laid)])
      Object.assign(draft.model.variables[v]!, { lower: on, upper: on });
  }
  // who is looked after is another matter: these boards are far too small for it
  const rows = draft.model.rows.filter(
    (row) =>
      !/^(enough|body|vehicle|fresh|a vehicle|a body|a contrast|bites|bread|ample) (all|g\d)( and others| g\d)*$/.test(
        row.name,
      ),
  );
  draft.model.rows.splice(0, draft.model.rows.length, ...rows);
  const found = solve(draft.model, { gap: 0, nodes: 0, seed: 1, relaxed: true });
  return {
    feasible: found.status !== 'infeasible',
    points: found.objective,
    of: (name: string): number => {
      const i = draft.model.variables.findIndex((variable) => variable.name === name);
      if (i < 0) throw new Error(`there is no variable "${name}"`);
      return found.values[i]!;
    },
  };
}

/** What is lost, with which foods, and with which it is not; both among the same larder. */
const TABLE: [lost: string, without: string[], instead: string[], patch?: Partial<Plan>][] = [
  ['missing something sharp', ['brie', 'honey'], ['brie', 'cornichons']],
  ['missing something sweet', ['brie', 'cornichons'], ['brie', 'honey']],
  ['missing something salty and crunchy', ['brie', 'honey'], ['brie', 'almonds']],
  ['missing something smoked', ['brie', 'salami'], ['brie', 'smoked-cheese']],
  ['missing a soft cheese', ['aged-gouda', 'emmental'], ['brie', 'emmental']],
  ['missing an aged cheese', ['brie', 'emmental'], ['brie', 'grana-padano']],
  ['missing goat or sheep milk', ['brie', 'emmental'], ['brie', 'feta']],
  ['missing a plain cracker or bread', ['brie', 'seed-crackers'], ['brie', 'water-crackers']],
  ['no vehicle on board', ['brie', 'emmental'], ['brie', 'water-crackers']],
  ['no relief on board', ['salami', 'triple-cream'], ['salami', 'cornichons']],
  ['missing red on board', ['brie', 'cucumber', 'kiwi'], ['brie', 'strawberries', 'cherry-tomatoes']],
  ['missing green on board', ['brie', 'strawberries', 'cherry-tomatoes'], ['brie', 'cucumber', 'kiwi']],
  [
    'missing a star',
    ['water-crackers', 'young-gouda', 'salami'],
    ['water-crackers', 'tete-de-moine', 'salami'],
  ],
];

describe('what a board loses points for', () => {
  test.each(TABLE)('%s', (lost, without, instead, patch = {}) => {
    const larder = [...new Set([...without, ...instead])];
    expect(boardOfExactly(without, larder, patch).of(lost)).toBeGreaterThan(0.01);
    expect(boardOfExactly(instead, larder, patch).of(lost)).toBeCloseTo(0, 6);
  });

  test('cheeses all cut alike, where other shapes are in the larder', () => {
    const larder = ['young-gouda', 'emmental', 'maasdam', 'brie', 'feta', 'comte', 'aged-gouda'];
    const lost = 'missing cheeses in different shapes';
    expect(boardOfExactly(['emmental', 'maasdam'], larder, {}).of(lost)).toBeCloseTo(2, 6);
    expect(boardOfExactly(['emmental', 'maasdam', 'brie', 'comte'], larder, {}).of(lost)).toBeCloseTo(0, 6);
  });

  test('a colour of the theme in fewer than three places, by each place that is missing', () => {
    const theme = { ...planWith({}).occasion.theme, palette: ['#c2283a'] };
    const patch = { occasion: { ...planWith({}).occasion, theme } };
    const red = ['strawberries', 'cherry-tomatoes', 'raspberries', 'redcurrants'];
    const points = [0, 1, 2, 3].map((n) => boardOfExactly(red.slice(0, n), red, patch).of('palette #c2283a'));
    for (const [fewer, more] of [
      [1, 0],
      [2, 1],
      [3, 2],
    ] as const)
      expect(points[fewer]!).toBeLessThanOrEqual(points[more]! + 1e-6);
    expect(points[3]!).toBeLessThan(points[0]!);
  });

  test('too heavy before a meal, and not where none follows', () => {
    const foods = ['brie', 'almonds', 'salami', 'triple-cream', 'potato-crisps', 'dark-chocolate'];
    const before = { ...planWith({}).occasion, role: 'drinks' as const, otherDishes: 4 };
    const heavy = boardOfExactly(foods, foods, { occasion: before });
    const light = boardOfExactly(['cucumber', 'strawberries'], [...foods, 'cucumber', 'strawberries'], {
      occasion: before,
    });
    expect(light.of('too heavy')).toBeCloseTo(0, 3);
    expect(heavy.of('too heavy')).toBeGreaterThanOrEqual(light.of('too heavy'));
  });

  test('food out of season, by months and by the half of the world', () => {
    const at = (start: string, hemisphere: 'north' | 'south') =>
      boardOfExactly(['strawberries'], ['strawberries'], {
        occasion: { ...planWith({}).occasion, start, hemisphere },
      }).points;
    const [june, january] = ['2027-06-12T18:00', '2027-01-12T18:00'];
    expect(at(january, 'north')).toBeGreaterThan(at(june, 'north') + 0.5);
    expect(at(june, 'south')).toBeGreaterThan(at(january, 'south') + 0.5);
  });

  test('food that is not at home in the theme’s region', () => {
    const theme = { ...planWith({}).occasion.theme, region: 'italy' as const };
    const occasion = { ...planWith({}).occasion, theme };
    const cost = (food: string) =>
      boardOfExactly([food], ['grana-padano', 'aged-gouda'], { occasion }).points -
      boardOfExactly([food], ['grana-padano', 'aged-gouda'], {}).points;
    // the theme's kitchen has its own shares, for whatever food
    expect(Math.abs(cost('grana-padano'))).toBeLessThan(0.5);
    expect(cost('aged-gouda') - cost('grana-padano')).toBeGreaterThan(7);
  });

  test('a food that somebody dislikes, by each group that does', () => {
    const cost = (...dislikes: string[][]) =>
      boardOfExactly(['kiwi'], ['kiwi'], {
        party: dislikes.map((dislike, i) => group(`g${i}`, 4, [], { dislikes: dislike })),
      }).points;
    expect(cost(['kiwi'], [])).toBeGreaterThan(cost([], []));
    expect(cost(['kiwi'], ['kiwi'])).toBeGreaterThan(cost(['kiwi'], []));
  });

  test('less is lost for what is in the house', () => {
    const own = { pantry: [{ componentId: id('honey'), massG: 300 }] };
    expect(boardOfExactly(['brie', 'honey'], ['brie', 'honey'], own).points).toBeLessThan(
      boardOfExactly(['brie', 'honey'], ['brie', 'honey'], {}).points,
    );
  });

  test('savoury food in a sweet course, which comes there only when it is pinned', () => {
    const occasion = { ...planWith({}).occasion, role: 'sweet' as const };
    // eight do not eat enough kale crisps to be worth an oven
    const offered = (patch: Partial<Plan>) =>
      problemOf(
        only(['kale-crisps', 'strawberries'], { party: [group('all', 30)], ...patch }),
      ).candidates.map(({ component }) => component.id);
    expect(offered({})).toContain('kale-crisps');
    expect(offered({ occasion })).toEqual(['strawberries']);
    const pinned = { occasion, wishes: { ...planWith({}).wishes, pinned: [id('kale-crisps')] } };
    const draft = draftOf(problemOf(planWith(pinned)));
    const why = draft.model.reasons.find(
      (reason) => reason.variable === draft.chosen.get(id('kale-crisps')) && reason.why.say === 'loss.sweet',
    );
    expect(why!.cost).toBeGreaterThan(20);
  });
});

describe('what is worth making', () => {
  test('nobody stirs a dip for one guest unless it is asked for; for six it is offered', () => {
    const offered = (count: number, pinned: string[] = []) =>
      problemOf(
        planWith({
          party: [group('all', count)],
          wishes: { ...planWith({}).wishes, pinned: pinned.map(id) },
        }),
      ).candidates.some(({ component }) => component.id === 'beet-dip');
    expect([offered(1), offered(1, ['beet-dip']), offered(6)]).toEqual([false, true, true]);
  });

  test('what is made for a tray of one or two is made for the board too, or not at all', () => {
    let made = 0;
    for (const n of [6, 97]) {
      const { plan } = compose(randomBrief(n), solve, { quick: true });
      const grams = new Map<string, number>();
      for (const { componentId, massG } of plan.placements)
        grams.set(componentId, (grams.get(componentId) ?? 0) + massG);
      for (const [food, massG] of grams) {
        const component = planLarder(plan).get(id(food))!;
        if (component.made !== 'home-made') continue;
        made += 1;
        // rounded to whole pieces, it may be a piece less
        const worth =
          servingOf(component).weight === 'accent' ? 30 : component.family === 'vehicle' ? 80 : 60;
        expect(massG).toBeGreaterThan(worth - usualForm(component).pieceG);
      }
    }
    expect(made).toBeGreaterThan(3);
  });
});

describe('what no board may be', () => {
  test('one with more bowls than there are', () => {
    const dips = ['hummus-home', 'tzatziki'];
    const bowls = (count: number) => ({ bowls: [{ diameterMm: 100, count }] });
    expect(boardOfExactly(dips, dips, bowls(2)).feasible).toBe(true);
    expect(boardOfExactly(dips, dips, bowls(1)).feasible).toBe(false);
  });

  test.each([
    ['one bowl', 1, 110],
    ['two bowls', 2, 200],
    ['three bowls', 3, 215],
  ])('one with more bowls than find room side by side: %s', (_, n, roomMm) => {
    const dips = ['hummus-home', 'tzatziki', 'baba-ganoush', 'tapenade'].slice(0, n);
    // narrower or wider than so many bowls of ten centimetres, with a rim of ten and four about each
    const on = (inner: number) => ({
      bowls: [{ diameterMm: 96, count: 9 }],
      surfaces: [board({ outline: { kind: 'round' as const, diameterMm: inner + 24 }, rimMm: 10 })],
    });
    expect(boardOfExactly(dips, dips, on(roomMm + 6)).feasible).toBe(true);
    if (n > 1) expect(boardOfExactly(dips, dips, on(roomMm - 6)).feasible).toBe(false);
  });

  test('one with more work than there are hands', () => {
    const foods = ['brie', 'salami', 'cucumber', 'strawberries'];
    const minutes = (n: number) => ({ work: { minutes: n, helpers: 0 } });
    expect(boardOfExactly(foods, foods, minutes(240)).feasible).toBe(true);
    expect(boardOfExactly(foods, foods, minutes(5)).feasible).toBe(false);
    // helpers bring hands of their own
    expect(boardOfExactly(foods, foods, { work: { minutes: 5, helpers: 9 } }).feasible).toBe(true);
  });

  test('one that costs more than the budget in whole packs', () => {
    const foods = ['brie', 'salami'];
    const cheapest = foods.reduce(
      (least, f) =>
        least +
        Math.min(...CATALOGUE.find((component) => component.id === f)!.packs.map((pack) => pack.priceMinor)),
      0,
    );
    expect(boardOfExactly(foods, foods, { budgetMinor: cheapest - 10 }).feasible).toBe(false);
    expect(boardOfExactly(foods, foods, { budgetMinor: cheapest * 10 }).feasible).toBe(true);
  });
});
