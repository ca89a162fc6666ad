import { describe, expect, test } from '@jest/globals';
import { CATALOGUE, factValue, usualForm } from '../catalogue/index.js';
import { carriesTo, judgeGroup } from '../needs/index.js';
import { applyCommand, type Plan, type Surface } from '../plan/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { checkPlan, type Finding, type Remedy } from './index.js';
import { label } from '../testing/words.js';

const find = (plan: Plan, key: string): Finding | undefined =>
  checkPlan(plan).findings.find((finding) => finding.key.startsWith(key));

function apply(plan: Plan, remedy: Remedy): Plan {
  const done = applyCommand(plan, remedy.command);
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.plan;
}

const labelled = (finding: Finding, words: string): Remedy => {
  const remedy = finding.remedies.find((remedy) => label(remedy) === words);
  if (!remedy)
    throw new Error(
      `expected "${words}" among ${finding.remedies.map((remedy) => label(remedy)).join(', ')}`,
    );
  return remedy;
};

const all = group('all', 6);
const nutGuest = group('nut', 1, ['tree-nut-free']);
const coeliac = group('coeliac', 2, ['gluten-free']);

/** Enough for two or three, of foods that carry nothing. */
const CLEAN = [
  lies('falafel', 200),
  lies('socca-crisps', 150),
  lies('cucumber', 200),
  lies('strawberries', 200),
  lies('kiwi', 150),
];

describe('nuts on the only board of a guest with a nut allergy', () => {
  const few = group('few', 1);
  const plan = planWith({ party: [few, nutGuest], placements: [...CLEAN, lies('almonds', 120)] });
  const slip = find(plan, 'contact board nut')!;

  test('stops service and offers a bowl, a board apart and leaving out, in this order', () => {
    expect(slip.severity).toBe('blocker');
    expect(slip.remedies.map((remedy) => label(remedy))).toEqual([
      'A bowl of its own',
      'A board of its own, apart',
      'Leave it out',
    ]);
  });

  test('each of them clears the slip and gives the guest the board back', () => {
    for (const remedy of slip.remedies) {
      const after = apply(plan, remedy);
      expect(find(after, 'contact')).toBeUndefined();
      expect(find(after, 'not-looked-after nut')).toBeUndefined();
    }
  });

  test('the board apart holds the nuts in the size that they fill, for everybody but that guest', () => {
    const after = apply(plan, labelled(slip, 'A board of its own, apart'));
    const board = after.surfaces.find((surface) => surface.id === 'side-board')!;
    expect(board.serves).toEqual(['few']);
    expect(
      after.placements
        .filter((placement) => placement.surfaceId === 'side-board')
        .map((placement) => placement.componentId),
    ).toEqual(['almonds']);
    expect(find(after, 'size side-board')).toBeUndefined();
  });

  test('without a bowl left, no bowl is offered', () => {
    const bare = planWith({ ...plan, bowls: [] });
    expect(find(bare, 'contact board nut')!.remedies.map((remedy) => label(remedy))).not.toContain(
      'A bowl of its own',
    );
  });

  test('a second surface that the guest is not served from takes them', () => {
    const tray = { ...plan.surfaces[0]!, id: 'tray', name: 'Tray', serves: ['few', 'all'] } as Surface;
    const other = planWith({
      ...plan,
      party: [few, all, nutGuest],
      surfaces: [plan.surfaces[0]!, tray],
    });
    const move = labelled(find(other, 'contact board nut')!, 'Move to tray');
    expect(find(apply(other, move), 'contact')).toBeUndefined();
  });

  test('a person may overrule it by name, and then it no longer takes the board away', () => {
    const overruled = planWith({
      ...plan,
      overrulings: [
        {
          componentId: id('almonds'),
          groupId: nutGuest.id,
          who: 'Jory',
          why: 'sealed packs',
          when: '2027-05-15T10:00',
        },
      ],
    });
    expect(find(overruled, 'contact')).toBeUndefined();
  });
});

/** Foods whose nuts or gluten only the label tells, in a form that is not a bowl. */
function openCarriers(need: string) {
  const guest = group('guest', 1, [need]);
  return CATALOGUE.filter(
    (component) =>
      component.job !== 'none' &&
      usualForm(component).form !== 'bowl' &&
      carriesTo(component, guest).some((carried) => carried.verdict === 'ask') &&
      carriesTo(component, guest).every((carried) => carried.verdict === 'ask'),
  );
}

describe('a food of which no label says yet whether it carries', () => {
  test.each(['tree-nut-free', 'gluten-free'])(
    'asks a %s guest on its only board, and never stays silent',
    (need) => {
      const guest = group('guest', 1, [need]);
      const foods = openCarriers(need);
      expect(foods.length).toBeGreaterThan(0);
      for (const food of foods.slice(0, 8)) {
        const plan = planWith({ party: [all, guest], placements: [...CLEAN, lies(food.id, 120)] });
        const slip = find(plan, 'contact-open board guest');
        expect(slip).toMatchObject({ severity: 'ask', grave: true, components: [food.id] });
        expect(slip!.remedies.length).toBeGreaterThanOrEqual(2);
        for (const remedy of slip!.remedies)
          expect(find(apply(plan, remedy), 'contact-open')).toBeUndefined();
      }
    },
  );

  test('once the label was read, its answer stands in the plan with a person and a time', () => {
    const food = openCarriers('tree-nut-free')[0]!;
    const plan = planWith({ party: [all, nutGuest], placements: [...CLEAN, lies(food.id, 120)] });
    const read = find(plan, 'contact-open')!.remedies[0]!;
    expect(label(read)).toMatch(/^Label read/);
    const after = apply(plan, read);
    expect(after.answers.length).toBeGreaterThan(0);
    for (const answer of after.answers) {
      expect(answer.who.length).toBeGreaterThan(0);
      expect(['unknown', 'brand']).toContain(factValue(food, answer.fact, usualForm(food).form));
    }
  });

  test('a guest who has a clean surface of their own is not asked about the others', () => {
    const food = openCarriers('gluten-free')[0]!;
    const tray = { ...planWith({}).surfaces[0]!, id: 'tray', name: 'Tray', serves: [coeliac.id] } as Surface;
    const plan = planWith({
      party: [all, coeliac],
      surfaces: [planWith({}).surfaces[0]!, tray],
      placements: [
        lies(food.id, 200),
        ...CLEAN.map((placement) => ({ ...placement, surfaceId: tray.id, massG: placement.massG * 1.5 })),
      ],
    });
    expect(find(plan, 'contact-open')).toBeUndefined();
    expect(find(plan, 'not-looked-after coeliac')).toBeUndefined();
  });
});

describe('a guest who is not looked after', () => {
  test('is offered a food for each thing that is missing, which they may eat', () => {
    const vegans = group('vegans', 3, ['vegan']);
    const plan = planWith({
      party: [all, vegans],
      placements: [lies('brie', 400), lies('strawberries', 300)],
    });
    const slip = find(plan, 'not-looked-after vegans')!;
    const added = slip.remedies.filter((remedy) => label(remedy).startsWith('Add '));
    expect(added.length).toBeGreaterThanOrEqual(2);
    for (const remedy of added) {
      const next = apply(plan, remedy);
      const food = next.placements.at(-1)!;
      const component = CATALOGUE.find((component) => component.id === food.componentId)!;
      expect(judgeGroup(component, food.form, vegans).verdict).toBe('fine');
    }
  });

  test('no helper is offered that would carry to somebody at that surface', () => {
    const plan = planWith({
      party: [all, nutGuest, coeliac],
      placements: [lies('brie', 400), lies('strawberries', 300)],
    });
    for (const finding of checkPlan(plan).findings)
      for (const remedy of finding.remedies.filter((otherRemedy) => label(otherRemedy).startsWith('Add '))) {
        const food = apply(plan, remedy).placements.at(-1)!;
        const component = CATALOGUE.find((component) => component.id === food.componentId)!;
        expect([nutGuest, coeliac].flatMap((group) => carriesTo(component, group))).toEqual([]);
      }
  });

  test('when neighbours take everything away, keeping them apart comes first', () => {
    const plan = planWith({ party: [coeliac], placements: [...CLEAN, lies('breadsticks', 60)] });
    const slip = find(plan, 'not-looked-after coeliac')!;
    expect(label(slip.remedies[0]!)).toBe('A bowl of its own');
    expect(find(apply(plan, slip.remedies[0]!), 'not-looked-after')).toBeUndefined();
  });
});
