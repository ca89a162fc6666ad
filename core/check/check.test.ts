import { describe, expect, test } from '@jest/globals';
import { ownComponent } from '../catalogue/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { readParty } from '../party/index.js';
import { laySurface } from '../lay/index.js';
import { laidGroundCm2, surfaceAreaCm2 } from '../portion/index.js';
import { board, group, id, lies, planWith } from '../testing/plans.js';
import { checkPlan, type Finding } from './index.js';
import { label, text, why } from '../testing/words.js';

const find = (plan: Plan, code: string): Finding | undefined =>
  checkPlan(plan).findings.find((finding) => finding.code === code);

function after(plan: Plan, finding: Finding, remedy = 0): Plan {
  const done = applyCommand(plan, finding.remedies[remedy]!.command);
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.plan;
}

const threes = group('threes', 2, [], { band: 'child', ages: [3, 3] });
const all = group('all', 6);

describe('small children', () => {
  const plan = planWith({ party: [all, threes], placements: [lies('green-grapes', 300)] });

  test('whole grapes near a three-year-old stop service, they are no "take care"', () => {
    expect(find(plan, 'choking-shape')).toMatchObject({
      severity: 'blocker',
      grave: true,
      concerns: ['threes'],
    });
  });

  test('cut in quarters they are fine', () => {
    const slip = find(plan, 'choking-shape')!;
    expect(label(slip.remedies[0]!)).toBe('Cut in quarters');
    expect(find(after(plan, slip), 'choking-shape')).toBeUndefined();
  });

  test('every remedy of the slip clears it', () => {
    const slip = find(plan, 'choking-shape')!;
    slip.remedies.forEach((_, i) => expect(find(after(plan, slip, i), 'choking-shape')).toBeUndefined());
  });

  test('a board out of small hands that is not for them may hold whole grapes', () => {
    const board = { ...plan.surfaces[0]!, smallHands: false, serves: [all.id] };
    expect(find(planWith({ ...plan, surfaces: [board] }), 'choking-shape')).toBeUndefined();
  });

  test('a grave slip cannot be put on the spike; only a person overrules, by name', () => {
    const slip = find(plan, 'choking-shape')!;
    const settled = planWith({
      ...plan,
      settled: [{ key: slip.key, how: 'left', when: '2027-05-15T10:00' }],
    });
    expect(find(settled, 'choking-shape')).toBeDefined();
    const overruled = planWith({
      ...plan,
      overrulings: [
        {
          componentId: id('green-grapes'),
          groupId: threes.id,
          who: 'Jory',
          why: 'parents cut them',
          when: '2027-05-15T10:00',
        },
      ],
    });
    expect(find(overruled, 'choking-shape')).toBeUndefined();
  });

  test('an age that nobody said asks, and its remedy settles it', () => {
    const kids = planWith({ party: [group('kids', 2, [], { band: 'child' })] });
    const slip = find(kids, 'how-old')!;
    expect(slip.severity).toBe('ask');
    expect(find(after(kids, slip), 'how-old')).toBeUndefined();
  });
});

describe('what nobody understood', () => {
  const asked = planWith({
    party: readParty('4 guests: 1 who glorps', NEED_WORDS, isFoodWord).groups,
    placements: [
      lies('water-crackers', 200),
      lies('brie', 250),
      lies('strawberries', 300),
      lies('kiwi', 200),
    ],
  });

  test('is asked by itself, nothing is promised meanwhile, and a press settles it', () => {
    const slip = find(asked, 'not-understood')!;
    expect([slip.severity, slip.grave, slip.concerns]).toEqual(['ask', true, [asked.party[1]!.id]]);
    expect(text(slip)).toContain('glorps');
    expect(find(asked, 'label-to-read')).toBeUndefined();
    expect(find(asked, 'looked-after')).toBeUndefined();
    const short = checkPlan(asked).findings.filter(({ code }) => code === 'not-looked-after');
    expect(short.flatMap(({ concerns }) => concerns)).not.toContain(asked.party[1]!.id);
    const settled = after(asked, slip);
    expect(settled.party[1]!.needs).toEqual([]);
    expect(find(settled, 'not-understood')).toBeUndefined();
  });

  test.each(['1 only eats fish', '1 who eats cheese from sheep'])(
    '“%s” names a food: no press says that it is no matter of food',
    (who) => {
      const { groups } = readParty(`4 guests: ${who}`, NEED_WORDS, isFoodWord);
      const slip = find({ ...asked, party: groups }, 'not-understood')!;
      expect(slip.severity).toBe('ask');
      expect(slip.remedies.map(({ kind }) => kind)).toEqual([]);
    },
  );
});

describe('a table for many', () => {
  const crowd = planWith({
    party: [group('all', 70)],
    placements: [lies('black-olives', 900), lies('brie', 250)],
  });

  test('at one board says who does not come near, and one press sets it in parts with all that lay there', () => {
    const slip = find(crowd, 'out-of-reach')!;
    expect(text(slip)).toContain('70 guests');
    const set = after(crowd, slip);
    expect(set.surfaces).toHaveLength(4);
    expect(set.placements.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(1150, 6);
    expect(find(set, 'out-of-reach')).toBeUndefined();
  });
});

test('a second surface that is no board by itself says what it lacks, and offers it', () => {
  const first = planWith({}).surfaces[0]!;
  const bar = { ...first, id: 'bar' as typeof first.id, name: 'Bar', smallHands: false };
  const plan = planWith({
    party: [group('all', 8)],
    surfaces: [first, bar],
    placements: [
      ...['brie', 'water-crackers', 'strawberries', 'cornichons', 'fig-jam'].map((food) => lies(food, 100)),
      ...['brie', 'strawberries', 'cornichons'].map((food) => lies(food, 100, { surfaceId: bar.id })),
    ],
  });
  const slip = find(plan, 'no-board')!;
  expect(slip.surfaceId).toBe('bar');
  expect(text(slip)).toContain('bread or crackers');
  expect(find(after(plan, slip), 'no-board')).toBeUndefined();
});

describe('who is looked after', () => {
  test('a vegan guest is not looked after when the only dip holds honey', () => {
    const plan = planWith({
      party: [group('vegans', 2, ['vegan'])],
      placements: [lies('socca-crisps', 100), lies('honey', 200), lies('cucumber', 300)],
    });
    expect(why(find(plan, 'not-looked-after')!).toLowerCase()).toContain('nothing with body');
  });

  test('an unread label counts for nobody, and counts once it is read', () => {
    const plan = planWith({
      party: [group('vegans', 2, ['vegan'])],
      placements: [
        lies('falafel', 200),
        lies('water-crackers', 150),
        lies('cucumber', 200),
        lies('strawberries', 200),
        lies('kiwi', 150),
      ],
    });
    expect(why(find(plan, 'not-looked-after')!).toLowerCase()).toContain('no bread or cracker');
    const slip = find(plan, 'label-to-read')!;
    expect(find(after(plan, slip), 'not-looked-after')).toBeUndefined();
  });

  test('wheat on the only board takes all of it from a coeliac guest', () => {
    const foods = [
      lies('falafel', 200),
      lies('socca-crisps', 150),
      lies('cucumber', 200),
      lies('strawberries', 200),
      lies('kiwi', 150),
    ];
    const clean = planWith({ party: [group('coeliac', 2, ['gluten-free'])], placements: foods });
    expect(find(clean, 'not-looked-after')).toBeUndefined();
    const wheat = planWith({ ...clean, placements: [...foods, lies('breadsticks', 60)] });
    expect(find(wheat, 'same-surface')).toMatchObject({ severity: 'blocker', grave: true });
    expect(find(wheat, 'not-looked-after')).toBeDefined();
    expect(find(after(wheat, find(wheat, 'same-surface')!), 'not-looked-after')).toBeUndefined();
  });
});

describe('holding', () => {
  const evening = planWith({ party: [all], placements: [lies('tzatziki', 220)] });
  const long = planWith({
    ...evening,
    occasion: { ...evening.occasion, durationMin: 150, carMin: 20, buildMin: 40 },
  });

  test('a short evening needs no second lot, a long one does, and the remedy brings it', () => {
    expect(
      find(planWith({ ...evening, occasion: { ...evening.occasion, durationMin: 60 } }), 'too-long'),
    ).toBeUndefined();
    const slip = find(long, 'too-long')!;
    expect(slip.severity).toBe('blocker');
    const done = after(long, slip);
    expect(find(done, 'too-long')).toBeUndefined();
    expect(done.placements.map((placement) => placement.lot)).toEqual([0, 1]);
  });

  test('in the heat an hour is all there is; cold air stops the clock', () => {
    const at = (airTempC: number) =>
      planWith({ ...evening, occasion: { ...evening.occasion, durationMin: 60, buildMin: 20, airTempC } });
    expect(find(at(34), 'too-long')).toBeDefined();
    expect(find(at(20), 'too-long')).toBeUndefined();
    expect(
      find(planWith({ ...long, occasion: { ...long.occasion, airTempC: 3 } }), 'too-long'),
    ).toBeUndefined();
  });

  test('food whose keeping nobody knows counts as perishable; grapes keep', () => {
    expect(find(planWith({ ...long, placements: [lies('green-grapes', 200)] }), 'too-long')).toBeUndefined();
    const own = ownComponent('Mystery dip', 'spread-dip');
    const placements = [{ ...lies('hummus-home', 200), componentId: own.id }];
    expect(find(planWith({ ...long, ownComponents: [own], placements }), 'too-long')).toBeDefined();
  });
});

describe('the rest of the table', () => {
  const plan = planWith({
    party: [all],
    placements: [lies('brie', 500), lies('mozzarella-pearls', 400), lies('hummus-home', 440)],
  });

  test('nothing sharp, no crunch and all soft are told, each with a remedy that works', () => {
    for (const code of ['nothing-sharp', 'no-crunch', 'all-soft']) {
      const slip = find(plan, code)!;
      expect(slip.severity).toBe('caution');
      expect(find(after(plan, slip), code)).toBeUndefined();
    }
  });

  test('that a board is a little too small is a guess until it is laid: where all of it lies, nothing is said', () => {
    const foods = ['young-gouda', 'strawberries', 'salami', 'cucumber', 'almonds', 'water-crackers'];
    const on = (diameterMm: number): Plan =>
      planWith({
        surfaces: [board({ outline: { kind: 'round', diameterMm } })],
        placements: foods.map((food) => lies(food, 150)),
      });
    const full = [260, 270, 280, 290, 300, 310, 320, 330, 340].map(on).filter((plan) => {
      const share = laidGroundCm2(plan, plan.surfaces[0]!) / surfaceAreaCm2(plan.surfaces[0]!);
      return share > 1.03 && share <= 1.1;
    });
    expect(full.length).toBeGreaterThan(0);
    for (const plan of full) {
      expect(find(plan, 'too-small')).toBeDefined();
      const { elements } = laySurface(plan, plan.surfaces[0]!, 1);
      const laid = { ...plan, layout: [{ surfaceId: plan.surfaces[0]!.id, elements }] };
      const some = { ...plan, layout: [{ surfaceId: plan.surfaces[0]!.id, elements: elements.slice(1) }] };
      expect([find(laid, 'too-small'), find(laid, 'not-all-laid')]).toEqual([undefined, undefined]);
      expect(find(some, 'too-small')).toBeDefined();
    }
  });

  test('a board that is too small or too large comes with the size that fits', () => {
    const small = planWith({
      ...plan,
      surfaces: [{ ...plan.surfaces[0]!, outline: { kind: 'round', diameterMm: 200 } }],
    });
    expect(find(after(small, find(small, 'too-small')!), 'too-small')).toBeUndefined();
    const large = planWith({
      ...plan,
      surfaces: [{ ...plan.surfaces[0]!, outline: { kind: 'round', diameterMm: 900 } }],
    });
    expect(find(after(large, find(large, 'too-large')!), 'too-large')).toBeUndefined();
  });

  test('a tray that promises no gluten cannot hold wheat', () => {
    const tray = planWith({
      party: [all],
      surfaces: [{ ...plan.surfaces[0]!, freeFrom: ['gluten'] }],
      placements: [lies('breadsticks', 60)],
    });
    expect(find(tray, 'promise-broken')).toMatchObject({ severity: 'blocker' });
    expect(find(after(tray, find(tray, 'promise-broken')!), 'promise-broken')).toBeUndefined();
  });

  test('bowls and knives are counted', () => {
    const bare = planWith({ ...plan, bowls: [], tools: { knives: 0, spoons: 0, tongs: 0 } });
    for (const code of ['too-few-bowls', 'too-few-knives'])
      expect(find(after(bare, find(bare, code)!), code)).toBeUndefined();
  });

  test('a food that no larder knows is shown and counts for nobody', () => {
    const lost = planWith({ party: [all], placements: [{ ...lies('brie', 100), componentId: id('gone') }] });
    expect(find(lost, 'unknown-component')).toMatchObject({ severity: 'ask' });
  });

  test('an empty plan has no slips but asks for nothing wrong', () => {
    expect(checkPlan(planWith({})).findings).toEqual([]);
  });

  test('every finding says what, why and its facts; every remedy can be carried out', () => {
    const busy = planWith({
      ...plan,
      party: [all, threes, group('nuts', 1, ['tree-nut-free'])],
      placements: [...plan.placements, lies('almonds', 100), lies('green-grapes', 200)],
    });
    for (const finding of checkPlan(busy).findings) {
      expect(text(finding).length).toBeGreaterThan(3);
      expect(why(finding).length).toBeGreaterThan(5);
      expect(finding.facts.length).toBeGreaterThan(0);
      for (const remedy of finding.remedies)
        expect(applyCommand(busy, remedy.command)).toMatchObject({ ok: true });
    }
  });
});
