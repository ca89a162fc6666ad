import { said } from '../testing/words.js';
import { describe, expect, test } from '@jest/globals';
import { board, group, id, lies, planWith } from '../testing/plans.js';
import { bitesFor, cheesePartners, checkPlan, choiceOf, contextOf, glanceOf } from './index.js';

const plan = planWith({
  surfaces: [board()],
  party: [group('all', 6), group('vegans', 2, ['vegan']), group('kosher', 2, ['kosher-style'])],
  placements: [
    lies('blue-wedge', 200),
    lies('salami', 150),
    lies('hummus-home', 200),
    lies('water-crackers', 120),
    lies('cornichons', 100),
    lies('fig-jam', 90),
    lies('strawberries', 200),
    lies('cucumber', 150),
  ],
});
const bites = (g: string) =>
  bitesFor(
    contextOf(plan),
    plan.party.find((group) => group.id === g)!,
  );
const ids = (g: string) => bites(g).map((bite) => bite.foods.map((component) => component.id as string));

describe('bites', () => {
  test('are bread, body and contrast, at most ten, the best first', () => {
    const all = bites('all');
    expect(all.length).toBeGreaterThan(3);
    expect(all.length).toBeLessThanOrEqual(10);
    for (const bite of all)
      expect(bite.foods.map((component) => component.job)).toEqual(['vehicle', 'body', 'contrast']);
    expect([...all].sort((a, b) => b.points - a.points)).toEqual(all);
  });

  test('of a group hold only what counts for it', () => {
    const context = contextOf(plan);
    const vegans = plan.party[1]!;
    for (const bite of bites('vegans'))
      for (const component of bite.foods)
        expect(
          context.placed.some(
            (placed) => placed.component.id === component.id && context.counts(placed, vegans),
          ),
        ).toBe(true);
    expect(ids('vegans').flat()).not.toContain('blue-wedge');
  });

  test('salty blue comes with something sweet before a gherkin', () => {
    const blue = bites('all').filter((bite) => bite.foods[1]!.id === 'blue-wedge');
    expect(blue[0]!.foods[2]!.id).toBe('fig-jam');
  });

  test('kosher-style keep meat and dairy out of one bite', () => {
    for (const foods of ids('kosher'))
      expect(foods.includes('salami') && foods.includes('blue-wedge')).toBe(false);
  });

  test('there is none without bread', () => {
    const bare = {
      ...plan,
      placements: plan.placements.filter((placement) => placement.componentId !== 'water-crackers'),
    };
    expect(bitesFor(contextOf(bare), plan.party[0]!)).toEqual([]);
    expect(cheesePartners(contextOf(bare))[0]!.why).toBe('nothing to lay it on');
  });
});

describe('at a glance', () => {
  const glance = glanceOf(contextOf(plan));
  test('the shares of the colours add up to the whole', () =>
    expect(glance.colours.reduce((sum, c) => sum + c.share, 0)).toBeCloseTo(1));
  test('the ladder goes from mild to strong and holds every body once', () => {
    expect(glance.ladder.map((s) => s.strength)).toEqual([...glance.ladder.map((s) => s.strength)].sort());
    expect(glance.ladder.flatMap((s) => s.foods)).toHaveLength(3);
  });
  test('what is missing is a taste without foods', () =>
    expect(glance.tastes.find((taste) => taste.taste === 'smoke')!.foods).toEqual([]));
  test('an empty board shows nothing', () => {
    const none = glanceOf(contextOf(planWith({})));
    expect([none.colours, none.ladder]).toEqual([[], []]);
  });
});

describe('slips about company', () => {
  const codes = (otherPlan: typeof plan) => checkPlan(otherPlan).findings.map((finding) => finding.code);
  const with_ = (patch: Partial<typeof plan>) => ({ ...plan, ...patch });
  test('a star that is not there, or stands alone, is told', () => {
    expect(codes(with_({ wishes: { ...plan.wishes, star: id('brie') } }))).toContain('star-missing');
    expect(codes(with_({ wishes: { ...plan.wishes, star: id('blue-wedge') } }))).toContain(
      'star-without-support',
    );
  });
  test('rich cheese with nothing sharp beside it is told, and the remedy settles it', () => {
    const rich = planWith({
      surfaces: [board()],
      party: [group('all', 6)],
      placements: [lies('brie', 250), lies('triple-cream', 200), lies('water-crackers', 100)],
    });
    const slip = checkPlan(rich).findings.find((finding) => finding.code === 'rich-without-relief')!;
    expect(slip.remedies.length).toBeGreaterThan(0);
  });
  test('cheese without bread is told', () =>
    expect(
      codes(
        with_({
          placements: plan.placements.filter((placement) => placement.componentId !== 'water-crackers'),
        }),
      ),
    ).toContain('cheese-without-vehicle'));
  test('a board that is too heavy before a meal is told', () => {
    const heavy = with_({ placements: [...plan.placements, lies('macadamias', 2500)] });
    expect(codes(heavy)).toContain('too-heavy');
    expect(codes({ ...heavy, occasion: { ...heavy.occasion, role: 'meal' } })).not.toContain('too-heavy');
  });
  test('more work than hands is told', () =>
    expect(codes(with_({ work: { minutes: 5, helpers: 0 } }))).toContain('too-much-work'));
});

describe('a sweet course', () => {
  const sweet = planWith({
    surfaces: [board()],
    party: [group('all', 4), group('vegans', 2, ['vegan'])],
    occasion: { ...planWith({}).occasion, role: 'sweet' },
    placements: [
      lies('milk-chocolate', 150),
      lies('date-oat-balls', 200),
      lies('strawberries', 250),
      lies('blackberries', 150),
      lies('fig-jam', 60),
    ],
  });

  test('asks nobody for bread: a bite is a sweet and its contrast', () => {
    for (const group of sweet.party) {
      const found = bitesFor(contextOf(sweet), group);
      expect(found.length).toBeGreaterThan(0);
      for (const bite of found)
        expect(bite.foods.map((component) => component.job)).toEqual(['body', 'contrast']);
    }
    const missing = checkPlan(sweet).care.groups.flatMap((care) => care.missing);
    expect(missing.filter((said) => said.say === 'care.missing.vehicle')).toEqual([]);
  });

  test('a bite on bread where there is bread, and the same food has its usual job on a savoury board', () => {
    const withBread = { ...sweet, placements: [...sweet.placements, lies('brioche-toasts', 80)] };
    const jobs = bitesFor(contextOf(withBread), sweet.party[0]!).map((bite) =>
      bite.foods.map((component) => component.job),
    );
    expect(jobs).toContainEqual(['vehicle', 'body', 'contrast']);
    const savoury = { ...sweet, occasion: { ...sweet.occasion, role: 'drinks' as const } };
    expect(bitesFor(contextOf(savoury), sweet.party[0]!)).toEqual([]);
    expect(checkPlan(savoury).care.groups[0]!.missing.map(said).join(' ')).toContain('bread');
  });

  test('a guest for whom no sweet is left is told so', () => {
    const noBalls = {
      ...sweet,
      placements: sweet.placements.filter((placement) => placement.componentId !== 'date-oat-balls'),
    };
    const vegans = checkPlan(noBalls).care.groups.find((care) => care.group.id === 'vegans')!;
    expect(vegans.ok).toBe(false);
    expect(vegans.missing).toContainEqual({ say: 'care.missing.body' });
  });
});

test('who has a thin choice stands first, with what there is little of', () => {
  const plan = planWith({
    party: [group('all', 8), group('vegan', 2, ['vegan'])],
    placements: [
      'brie',
      'salami',
      'aged-gouda',
      'falafel',
      'vegan-baguette',
      'home-crackers',
      'red-grapes',
      'cucumber',
      'strawberries',
    ].map((food) => lies(food, 150)),
  });
  const { context, care } = checkPlan(plan);
  const [first, second] = choiceOf(context, care);
  expect([first!.group.id, first!.kinds, first!.thin]).toEqual(['vegan', 6, [{ part: 'body', kinds: 1 }]]);
  expect([second!.group.id, second!.kinds, second!.thin]).toEqual(['all', 9, []]);
});
