import { toolsOf } from '../make/index.js';
import { describe, expect, test } from '@jest/globals';
import { CATALOGUE } from '../catalogue/index.js';
import { layPlan } from '../lay/index.js';
import { applyCommand, type Plan, type Surface } from '../plan/index.js';
import { advisedOutline, costOf, targetsOf } from '../portion/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { byUrgency, finding, checkPlan, worstOf, type Finding } from './index.js';
import { label, text, valueOf } from '../testing/words.js';

const all = group('all', 6);
const find = (plan: Plan, code: string): Finding | undefined =>
  checkPlan(plan).findings.find((finding) => finding.code === code);

function after(plan: Plan, finding: Finding, remedy = 0): Plan {
  const done = applyCommand(plan, finding.remedies[remedy]!.command);
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.plan;
}

/** Each remedy of the slip, carried out, takes the slip away. */
function everyRemedyClears(plan: Plan, code: string): void {
  const slip = find(plan, code)!;
  expect(slip.remedies.length).toBeGreaterThan(0);
  slip.remedies.forEach((remedy, i) =>
    expect([label(remedy), find(after(plan, slip, i), code)]).toEqual([label(remedy), undefined]),
  );
}

describe('amounts against the school', () => {
  const target = targetsOf(planWith({ party: [all] })).byFamily.cheese;
  const cheese = (share: number) =>
    planWith({ party: [all], placements: [lies('mature-cheddar', Math.round(target * share))] });

  test.each([
    [0.4, 'too-little'],
    [0.75, undefined],
    [1, undefined],
    [1.25, undefined],
    [1.7, 'too-much'],
  ])('%d of the school’s cheese is %s', (share, code) => {
    const found = checkPlan(cheese(share)).findings.filter((finding) => finding.key === 'amount cheese');
    expect(found.map((finding) => finding.code)).toEqual(code ? [code] : []);
  });

  test('none of a family of which no kind is asked for is no slip', () => {
    const keys = (n: number) =>
      checkPlan(planWith({ party: [group('all', n)], placements: [lies('brie', 200)] })).findings.map(
        (finding) => finding.key,
      );
    // seven are asked for no fish, twenty for a kind of it
    expect(keys(7)).not.toContain('amount fish');
    expect(keys(20)).toContain('amount fish');
    expect(keys(7)).toContain('amount vehicle');
  });

  test('little of a family that mostly may not come near a guest is no slip; much of it is', () => {
    const nuts = (massG: number, needs: string[]) =>
      checkPlan(
        planWith({
          party: [group('all', 30), group('few', 2, needs)],
          placements: [lies('pumpkin-seeds', massG)],
        }),
      ).findings.find((finding) => finding.key === 'amount nut-seed')?.code;
    expect(nuts(60, [])).toBe('too-little');
    expect(nuts(60, ['dairy-free'])).toBe('too-little');
    expect(nuts(60, ['tree-nut-free'])).toBeUndefined();
    expect(nuts(1500, ['tree-nut-free'])).toBe('too-much');
  });

  test('the remedy brings the family to the school’s figure', () => {
    for (const share of [0.4, 1.7]) {
      const plan = cheese(share);
      const slip = checkPlan(plan).findings.find((finding) => finding.key === 'amount cheese')!;
      const mass = after(plan, slip).placements.reduce((sum, placement) => sum + placement.massG, 0);
      expect(Math.abs(mass - target)).toBeLessThan(target * 0.1);
    }
  });

  test('nothing chosen yet is no finding about amounts', () => {
    expect(
      checkPlan(planWith({ party: [all] })).findings.filter((finding) => finding.key.startsWith('amount')),
    ).toEqual([]);
  });
});

describe('what must be at hand', () => {
  const dips = [lies('hummus-home', 200), lies('tzatziki', 200), lies('honey', 60)];

  test('bowls are counted at opening, later lots use the same bowl', () => {
    const plan = planWith({ party: [all], placements: dips, bowls: [{ diameterMm: 90, count: 2 }] });
    expect(text(find(plan, 'too-few-bowls')!)).toBe('1 bowl is missing: 1 of 110 mm.');
    everyRemedyClears(plan, 'too-few-bowls');
    const later = {
      ...plan,
      placements: dips.map((placement, i) => (i === 0 ? { ...placement, lot: 1 } : placement)),
    };
    expect(find(later, 'too-few-bowls')).toBeUndefined();
  });

  test('a bowl that is too small for what is in it, and a board that is laid in other bowls, are told', () => {
    const plan = planWith({ party: [all], placements: dips, bowls: [{ diameterMm: 90, count: 3 }] });
    expect(find(plan, 'bowls-too-small')!.facts).toHaveLength(2);
    everyRemedyClears(plan, 'bowls-too-small');
    const laid = layPlan(plan, 1).plan;
    expect(find(laid, 'bowls-laid-otherwise')).toBeUndefined();
    const larger = { ...laid, bowls: [{ diameterMm: 150, count: 3 }] };
    expect(find(larger, 'bowls-laid-otherwise')!.components).toHaveLength(3);
    expect(find(layPlan(larger, 1).plan, 'bowls-laid-otherwise')).toBeUndefined();
  });

  test('two of one colour that touch are told, with their places; of two colours nothing is said', () => {
    // two foods fill the board between them, so they touch
    const pair = (a: string, b: string) => {
      const plan = planWith({ party: [all], placements: [lies(a, 700), lies(b, 700)] });
      const [surface] = plan.surfaces;
      const fits = { ...plan, surfaces: [{ ...surface!, outline: advisedOutline(plan, surface!)! }] };
      return find(layPlan(fits, 1).plan, 'one-patch');
    };
    const found = pair('almonds', 'hazelnuts')!;
    expect(found.components.toSorted()).toEqual(['almonds', 'hazelnuts']);
    for (const { r } of found.places) expect(r).toBeGreaterThan(0);
    expect(text(found)).toMatch(/and .+ touch: one colour\.$/);
    expect(pair('cherry-tomatoes', 'cucumber-sticks')).toBeUndefined();
  });

  test('what is dragged over the rim is told, with how much of it is beyond', () => {
    const heap = [lies('cashews', 90), lies('hummus-home', 150)];
    const laid = layPlan(planWith({ party: [all], placements: heap }), 1).plan;
    expect(find(laid, 'over-the-rim')).toBeUndefined();
    const dragged = (component: string, x: number) => ({
      ...laid,
      layout: laid.layout.map((layer) => ({
        ...layer,
        elements: layer.elements.map((element) =>
          element.componentId === component
            ? {
                ...element,
                x: element.x + x,
                outline: element.outline.map(([u, v]): [number, number] => [u + x, v]),
              }
            : element,
        ),
      })),
    });
    const told = find(dragged('cashews', 1000), 'over-the-rim')!;
    expect(told.components).toEqual(['cashews']);
    for (const fact of told.facts) expect(valueOf(fact)).toMatch(/^(\d+) of \1 beyond the rim$/);
    expect(valueOf(find(dragged('hummus-home', 1000), 'over-the-rim')!.facts[0]!)).toBe(
      '1 of 1 beyond the rim',
    );
    expect(find(dragged('hummus-home', 3), 'over-the-rim')).toBeUndefined();
  });

  test('each cheese that is cut at the table wants a knife, cubes want none', () => {
    const plan = planWith({
      party: [all],
      placements: [lies('brie', 250), lies('aged-gouda', 200), lies('mozzarella-pearls', 100)],
      tools: { knives: 1, spoons: 9, tongs: 9 },
    });
    expect(valueOf(find(plan, 'too-few-knives')!.facts[0]!)).toBe('1 of 2');
    everyRemedyClears(plan, 'too-few-knives');
  });

  test('a tool of its own that is promised is there', () => {
    const plan = planWith({
      party: [group('all', 4)],
      placements: [lies('almonds', 60, { ownTool: true }), lies('cucumber', 100, { ownTool: true })],
      tools: { knives: 9, spoons: 9, tongs: 1 },
    });
    expect(valueOf(find(plan, 'too-few-tongs')!.facts[0]!)).toBe('1 of 2');
    everyRemedyClears(plan, 'too-few-tongs');
    // what the remedy brings is what the list of tools asks for
    const brought = after(plan, find(plan, 'too-few-tongs')!, 0);
    expect(toolsOf(brought).find(({ id }) => id === 'tongs')).toMatchObject({ count: 3, have: 3 });
    expect(find({ ...plan, tools: { ...plan.tools, tongs: 2 } }, 'too-few-tongs')).toBe(undefined);
  });

  test('money is what the packs cost, and the budget is held against that', () => {
    const plan = planWith({ party: [all], placements: [lies('brie', 260)] });
    const brie = CATALOGUE.find((component) => component.id === 'brie')!;
    const cost = costOf(plan);
    expect(cost).toBeGreaterThanOrEqual(brie.packs[0]!.priceMinor);
    expect(find({ ...plan, budgetMinor: cost }, 'over-budget')).toBeUndefined();
    const tight = { ...plan, budgetMinor: cost - 1 };
    expect(text(find(tight, 'over-budget')!)).toContain('€ 0.01 over');
    everyRemedyClears(tight, 'over-budget');
    expect(find({ ...plan, budgetMinor: null }, 'over-budget')).toBeUndefined();
  });
});

describe('place and season', () => {
  const at = (patch: Partial<Plan['occasion']>, food = 'brie') => {
    const plan = planWith({ party: [all], placements: [lies(food, 250)] });
    return { ...plan, occasion: { ...plan.occasion, ...patch } };
  };

  test('cheese outdoors in the cold is told, indoors or in mild air it is not', () => {
    expect(find(at({ where: 'outdoors', airTempC: 9 }), 'cold-air')).toBeDefined();
    expect(find(at({ where: 'outdoors', airTempC: 14 }), 'cold-air')).toBeUndefined();
    expect(find(at({ where: 'indoors', airTempC: 9 }), 'cold-air')).toBeUndefined();
    expect(find(at({ where: 'outdoors', airTempC: 9 }, 'strawberries'), 'cold-air')).toBeUndefined();
    everyRemedyClears(at({ where: 'outdoors', airTempC: 9 }), 'cold-air');
  });

  test('fruit outside its months is told with its months', () => {
    const winter = at({ start: '2027-12-20T18:00' }, 'strawberries');
    expect(valueOf(find(winter, 'out-of-season')!.facts[0]!)).toContain('months');
    expect(find(at({ start: '2027-06-10T18:00' }, 'strawberries'), 'out-of-season')).toBeUndefined();
    everyRemedyClears(winter, 'out-of-season');
    // what grows under glass then is told to who asks for the season
    const cucumber = at({ start: '2027-12-20T18:00' }, 'cucumber');
    expect(find(cucumber, 'out-of-season')).toBeUndefined();
    const levers = { ...cucumber.wishes.levers, season: 1 };
    expect(find({ ...cucumber, wishes: { ...cucumber.wishes, levers } }, 'out-of-season')).toBeDefined();
  });
});

describe('kinds and sizes', () => {
  const many = CATALOGUE.filter(
    (component) => component.job !== 'none' && component.forms[0]!.form !== 'bowl',
  ).slice(0, 14);

  test('too many kinds for a small board are told, and leaving the least out helps', () => {
    const plan = planWith({
      party: [all],
      surfaces: [{ ...planWith({}).surfaces[0]!, outline: { kind: 'round', diameterMm: 300 } }],
      placements: many.map((component) => lies(component.id, 60)),
    });
    const slip = find(plan, 'too-many-kinds')!;
    const least = after(plan, slip).placements.length;
    expect(least).toBe(plan.placements.length - 1);
    // not the bread, however little of it there is
    const crackers = lies('water-crackers', 20);
    const breads = { ...plan, placements: [...plan.placements, crackers] };
    expect(after(breads, find(breads, 'too-many-kinds')!).placements).toContainEqual(crackers);
  });

  test('a child’s own plate may show its china', () => {
    const child = group('threes', 2, [], { band: 'child', ages: [3, 3] });
    const plate = {
      ...planWith({}).surfaces[0]!,
      outline: { kind: 'round', diameterMm: 240 },
      serves: [child.id],
    } as Surface;
    const plan = planWith({
      party: [group('all', 2), child],
      surfaces: [plate],
      placements: [lies('cucumber', 40, { form: 'thin-strips' })],
    });
    expect(find(plan, 'too-large')).toBeUndefined();
  });
});

describe('policy', () => {
  const vegan = group('vegan', 2, ['vegan']);

  test('when everything must fit everyone, one guest’s no stops service', () => {
    const plan = planWith({
      party: [all, vegan],
      policy: 'everything-fits',
      placements: [lies('brie', 250)],
    });
    expect(find(plan, 'not-for-them')).toMatchObject({ severity: 'blocker', concerns: ['vegan'] });
    everyRemedyClears(plan, 'not-for-them');
    expect(find({ ...plan, policy: 'looked-after' }, 'not-for-them')).toBeUndefined();
  });

  test('a food on a group’s own surface that is not for it stops service in any policy', () => {
    const own = { ...planWith({}).surfaces[0]!, id: 'own', serves: [vegan.id] } as Surface;
    const plan = planWith({
      party: [all, vegan],
      surfaces: [planWith({}).surfaces[0]!, own],
      placements: [lies('brie', 250, { surfaceId: own.id })],
    });
    expect(find(plan, 'not-for-them')).toMatchObject({ surfaceId: 'own' });
  });

  test('a promise that only a label can keep asks', () => {
    const tray = { ...planWith({}).surfaces[0]!, freeFrom: ['milk'] } as Surface;
    const plan = planWith({ party: [all], surfaces: [tray], placements: [lies('water-crackers', 60)] });
    expect(find(plan, 'promise-open')).toMatchObject({ severity: 'ask' });
    everyRemedyClears(plan, 'promise-open');
  });
});

describe('slips', () => {
  test('hang most urgent first: what stops, what asks, what wants care, what is good; grave before the rest', () => {
    const f = (severity: Finding['severity'], grave = false) =>
      finding('no-smoke', { severity, grave, key: `${severity}${grave}`, args: {} });
    const order = byUrgency([f('good'), f('caution'), f('ask'), f('ask', true), f('blocker')]);
    expect(order.map((finding) => finding.key)).toEqual([
      'blockerfalse',
      'asktrue',
      'askfalse',
      'cautionfalse',
      'goodfalse',
    ]);
    expect(worstOf([f('caution'), f('ask')])).toBe('ask');
    expect(worstOf([])).toBe('good');
  });

  test('that are settled leave the rail and come back when they are taken back', () => {
    const plan = planWith({ party: [all], placements: [lies('brie', 250)] });
    const slip = find(plan, 'nothing-sharp')!;
    const settled = applyCommand(plan, {
      name: 'settle',
      settled: { key: slip.key, how: 'left', when: '2027-05-15T10:00' },
    });
    if (!settled.ok) throw new Error('expected it to be settled');
    expect(find(settled.plan, 'nothing-sharp')).toBeUndefined();
    expect(checkPlan(settled.plan).settled.map((finding) => finding.key)).toEqual([slip.key]);
  });

  test('a food of the stylist’s own asks for everyone with a need, and counts for nobody', () => {
    const own = CATALOGUE.find((component) => component.id === 'brie')!;
    const plan = planWith({ party: [group('v', 1, ['vegetarian'])], placements: [lies(own.id, 250)] });
    expect(find(plan, 'label-to-read')!.components).toEqual([id('brie')]);
  });

  test('drinks of many miss something sharp and hot; a breakfast, children, an afternoon and a walk do not', () => {
    const missed = (kind: Plan['occasion']['kind'], n = 12) => {
      const plan = planWith({
        party: [group('all', n)],
        placements: [lies('brie', 250)],
        occasion: { ...planWith({}).occasion, kind },
      });
      const codes = checkPlan(plan).findings.map((found) => found.code);
      return ['nothing-sharp', 'nothing-hot', 'no-crunch'].filter((code) => codes.includes(code as never));
    };
    expect(missed('drinks')).toEqual(['nothing-sharp', 'nothing-hot', 'no-crunch']);
    for (const kind of ['breakfast', 'children', 'afternoon', 'walk'] as const)
      expect(missed(kind)).toEqual(['no-crunch']);
    // six are given nothing hot that they did not ask for
    expect(missed('drinks', 6)).toEqual(['nothing-sharp', 'no-crunch']);
  });

  test('a kind that lies on two boards alike is one kind tasted', () => {
    const [main] = planWith({}).surfaces;
    const twin = { ...main!, id: 'twin' as Surface['id'], name: 'Its twin' };
    const plan = planWith({
      surfaces: [main!, twin],
      placements: [lies('brie', 250), lies('green-grapes', 90), { ...lies('brie', 250), surfaceId: twin.id }],
    });
    expect(valueOf(find(plan, 'no-crunch')!.facts[0]!)).toBe('2');
  });

  test('a food on every part of a table is one label to read', () => {
    const [main] = planWith({}).surfaces;
    const part = { ...main!, id: 'part' as Surface['id'], name: 'Another part' };
    const halal = group('halal', 4, ['halal']);
    const plan = planWith({
      party: [halal],
      surfaces: [main!, part],
      placements: [lies('aged-gouda', 90), { ...lies('aged-gouda', 90), surfaceId: part.id }],
    });
    const slip = find(plan, 'label-to-read')!;
    expect([slip.components, slip.args]).toMatchObject([[id('aged-gouda')], { n: 1 }]);
    expect(slip.remedies.length).toBe(1);
  });
});
