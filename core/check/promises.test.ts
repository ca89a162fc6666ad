import { ENGLISH } from '../words/index.js';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../plan/index.js';
import { after, board, group, id, lies, planWith } from '../testing/plans.js';
import { label, said } from '../testing/words.js';
import { sharing, type FlowGroup } from './flow.js';
import {
  certificateOf,
  checkPlan,
  contextOf,
  labelQuestions,
  partyCare,
  plateSums,
  questionsText,
  seatState,
} from './index.js';

const codes = (plan: Plan) => checkPlan(plan).findings.map((finding) => finding.code);
const finding = (plan: Plan, code: string) =>
  checkPlan(plan).findings.find((finding) => finding.code === code)!;

describe('the certificate', () => {
  const plan = planWith({
    surfaces: [board()],
    party: [
      group('all', 6),
      group('vegans', 2, ['vegan']),
      group('coeliac', 1, ['gluten-free'], { needs: [{ id: 'gluten-free', settings: { contact: 'none' } }] }),
    ],
    placements: [
      lies('brie', 400),
      lies('hummus-home', 900),
      lies('socca-crisps', 240),
      lies('green-grapes', 600),
      lies('cherry-tomatoes', 900),
      lies('almonds', 100),
      lies('falafel', 360),
    ],
  });

  test('holds up to where it says, and not beyond', () => {
    const context = contextOf(plan);
    const care = partyCare(context);
    const certificate = certificateOf(context, care);
    expect(certificate.lookedAfter).toBe(true);
    expect(certificate.holdsUpTo).toBeGreaterThan(1);
    // never rounded up: the figure in words is one that holds
    const times = Number(/([\d.]+) times/.exec(said(certificate.said))![1]);
    expect(times).toBeLessThanOrEqual(certificate.holdsUpTo);
    expect(times).toBeGreaterThan(certificate.holdsUpTo - 0.01);
    for (const promise of certificate.groups)
      expect(said(promise.said)).toMatch(
        /as long as .* take no more than .* and nobody with a need takes more than a portion/,
      );
  });

  test('who eats everything takes of each food alike, and in all what they eat: the rest is left, by hand', () => {
    const nine = planWith({
      surfaces: [board()],
      party: [group('all', 7), group('vegans', 2, ['vegan'])],
      placements: [lies('brie', 1000), lies('falafel', 3000)],
    });
    const context = contextOf(nine);
    const portion = context.targets.perPortionG;
    const [, vegans] = partyCare(context).groups;
    // of 4000 g seven eat seven portions: what they leave of the falafel is the vegans', as far as they eat it
    const left = 3000 * (1 - (7 * portion) / 4000);
    expect(left).toBeGreaterThan(100);
    expect(vegans!.sureG).toBeCloseTo(Math.min(left, 2 * portion), 3);
    // where there is less than all eat, each food is shared by the portions
    const scarce = contextOf({ ...nine, placements: [lies('brie', 1000), lies('falafel', 900)] });
    expect(partyCare(scarce).groups[1]!.sureG).toBeCloseTo((900 * 2) / 9, 0);
  });

  test('more food never makes it hold less', () => {
    const holds = (factor: number) =>
      partyCare(
        contextOf({
          ...plan,
          placements: plan.placements.map((placement) => ({ ...placement, massG: placement.massG * factor })),
        }),
      ).greed;
    expect(holds(1.2)).toBeGreaterThanOrEqual(holds(1));
    expect(holds(2)).toBeGreaterThanOrEqual(holds(1.2));
  });

  test('says what runs short first, and the least change makes it hold longer', () => {
    const context = contextOf(plan);
    const certificate = certificateOf(context, partyCare(context));
    expect(said(certificate.shortFirst!.said)).toMatch(/runs short first|too little in all/);
    const more = contextOf(after(plan, certificate.remedy!.command));
    expect(partyCare(more).greed).toBeGreaterThanOrEqual(certificate.holdsUpTo);
  });

  test('without bread for them the coeliac are not looked after, whatever else there is', () => {
    const none = {
      ...plan,
      placements: plan.placements.filter((placement) => placement.componentId !== 'socca-crisps'),
    };
    const context = contextOf({ ...none, placements: [...none.placements, lies('water-crackers', 250)] });
    const certificate = certificateOf(context, partyCare(context));
    expect([certificate.lookedAfter, certificate.holdsUpTo]).toEqual([false, 0]);
    expect(said(certificate.said)).toContain('coeliac');
  });

  test('what is left at worst is what a hungry rest would leave, group by group', () => {
    // one food for both: vegans fill up on it first, and the coeliac guest has what they leave
    const shared = planWith({
      surfaces: [board()],
      party: [
        group('vegans', 2, ['vegan']),
        group('coeliac', 1, ['gluten-free'], {
          needs: [{ id: 'gluten-free', settings: { contact: 'none' } }],
        }),
      ],
      placements: [lies('hummus-home', 500), lies('brie', 100)],
    });
    const context = contextOf(shared);
    const care = partyCare(context);
    const need = (id: string) => care.groups.find((care) => care.group.id === id)!.needG;
    const coeliac = care.groups.find((care) => care.group.id === 'coeliac')!;
    const byHand = Math.max(0, 500 - Math.min(500, need('vegans'))) + 100;
    expect(coeliac.worstG).toBeCloseTo(Math.min(coeliac.sureG, byHand), 3);
    for (const group of care.groups) expect(group.worstG).toBeLessThanOrEqual(group.sureG);
  });

  test('a guest whose plate goes over a strict limit is not looked after', () => {
    const sweet = planWith({
      surfaces: [board()],
      party: [group('keto', 2, ['keto'])],
      placements: [
        lies('brie', 200),
        lies('hummus-home', 900),
        lies('cherry-tomatoes', 300),
        lies('almonds', 60),
      ],
    });
    const care = partyCare(contextOf(sweet)).groups[0]!;
    const [sum] = plateSums(contextOf(sweet));
    expect(sum!.sum.low).toBeGreaterThan(sum!.limit);
    expect([care.ok, care.missing.map(said).join()]).toEqual([
      false,
      expect.stringContaining('net carbohydrate on a plate'),
    ]);
  });

  test('a bite lies on one surface, with a helping of each part', () => {
    const two = [board(), { ...board(), id: 'other' as ReturnType<typeof board>['id'], name: 'Other' }];
    const bites = (placements: Plan['placements']) =>
      partyCare(contextOf(planWith({ surfaces: two, party: [group('all', 4)], placements }))).groups[0]!
        .bites;
    const there = [lies('brie', 200), lies('green-grapes', 200), lies('cherry-tomatoes', 200)];
    const bread = lies('water-crackers', 150);
    const contrast = bites([...there, bread, lies('fig-jam', 100)]);
    expect(contrast).toBeGreaterThan(0);
    expect(bites([...there, { ...bread, surfaceId: 'other' as never }, lies('fig-jam', 100)])).toBe(0);
    expect(bites([...there, { ...bread, massG: 5 }, lies('fig-jam', 100)])).toBe(0);
  });

  test('letting a question be takes the slip away and leaves the seat covered', () => {
    const asked = planWith({
      surfaces: [board()],
      party: [group('all', 6), group('vegans', 2, ['vegan'])],
      placements: plan.placements.map((placement) => placement).concat(lies('dark-chocolate', 60)),
    });
    const before = checkPlan(asked);
    const question = before.findings.find(
      (finding) => finding.severity === 'ask' && finding.concerns.includes('vegans' as never),
    );
    expect(question).toBeDefined();
    const settled = before.findings
      .filter((finding) => finding.severity === 'ask')
      .map((finding) => ({ key: finding.key, how: 'left as it is', when: '2027-05-15T10:00' }));
    const then = checkPlan({ ...asked, settled });
    expect(then.findings.some((finding) => finding.key === question!.key)).toBe(false);
    const vegans = asked.party[1]!;
    expect(seatState(before, vegans)).toEqual({ severity: seatState(before, vegans).severity, letBe: false });
    expect(seatState(then, vegans).letBe).toBe(true);
    expect(seatState(then, vegans).severity).toBe(seatState(before, vegans).severity);
    expect(then.care).toEqual(before.care);
  });

  test('nobody is coming: nothing is promised', () => {
    const context = contextOf({ ...plan, party: [] });
    expect(certificateOf(context, partyCare(context)).lookedAfter).toBe(false);
  });

  test('the cut of a sharing is short by just what its foods lack (against its own sum)', () => {
    const any = fc.record({
      needs: fc.array(fc.integer({ min: 0, max: 50 }), { minLength: 1, maxLength: 4 }),
      left: fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 1, maxLength: 5 }),
      eats: fc.array(fc.array(fc.nat(4), { maxLength: 5 }), { minLength: 4, maxLength: 4 }),
    });
    fc.assert(
      fc.property(any, ({ needs, left, eats }) => {
        const groups: FlowGroup[] = needs.map((needG, i) => ({
          id: `${i}`,
          needG,
          eats: [...new Set(eats[i]!.filter((f) => f < left.length))],
        }));
        const otherSharing = sharing(groups, left);
        const got = otherSharing.gotG.reduce((a, b) => a + b, 0);
        const cut =
          groups.reduce((sum, eaters, i) => sum + (otherSharing.short.includes(i) ? 0 : eaters.needG), 0) +
          otherSharing.exhausted.reduce((sum, f) => sum + left[f]!, 0);
        expect(got).toBeCloseTo(cut, 3);
      }),
    );
  });
});

describe('questions for labels', () => {
  const plan = planWith({
    surfaces: [board()],
    party: [group('all', 4), group('nut', 1, ['tree-nut-free']), group('veg', 2, ['vegetarian'])],
    placements: [lies('brie', 250), lies('water-crackers', 125)],
  });

  test('stand in one list, the allergy first, with for whom they are', () => {
    const lines = labelQuestions(contextOf(plan));
    expect(lines[0]).toMatchObject({ grave: true });
    expect(
      lines
        .find((line) => line.component.id === 'brie' && line.fact === 'rennet')
        ?.groups.map((group) => group.id),
    ).toEqual(['veg']);
    const text = questionsText(lines, 'Supper', ENGLISH);
    expect(text).toContain('Which rennet?');
    expect(text).toContain('(allergy or small child)');
  });

  test('an answer turns the verdict, and stays in the list with who said so', () => {
    const told = after(plan, {
      name: 'answer',
      answer: {
        componentId: id('brie'),
        fact: 'rennet',
        value: 'microbial',
        who: 'Ada',
        when: '2027-05-08T10:00',
        seen: 'label',
        photo: 'folder 3',
      },
    });
    const context = contextOf(told);
    expect(context.judge(context.placed[0]!, told.party[2]!).verdict).toBe('fine');
    expect(labelQuestions(context).at(-1)?.answer?.who).toBe('Ada');
  });

  test('a plan with an open question on an allergy is never whole', () => {
    const open = checkPlan(plan).findings.filter((finding) => finding.grave && finding.severity === 'ask');
    expect(open.length).toBeGreaterThan(0);
    const settled = {
      ...plan,
      settled: open.map((finding) => ({ key: finding.key, how: 'read', when: '2027-05-08T10:00' })),
    };
    expect(checkPlan(settled).findings.some((finding) => finding.grave && finding.severity === 'ask')).toBe(
      true,
    );
  });
});

describe('picky children', () => {
  const kids = (knownFoods: string[]) =>
    planWith({
      surfaces: [board()],
      party: [group('kids', 2, [], { band: 'child', ages: [7, 8], knownFoods })],
      placements: [lies('brie', 200), lies('green-grapes', 200), lies('banana', 100)],
    });

  test('want two foods that they know; the remedy brings one', () => {
    const plan = kids(['banana', 'cucumber']);
    const slip = finding(plan, 'too-few-known-foods');
    expect(label(slip.remedies[0]!)).toMatch(/cucumber/i);
    expect(codes(after(plan, slip.remedies[0]!.command))).not.toContain('too-few-known-foods');
    expect(codes(kids(['banana', 'grape']))).not.toContain('too-few-known-foods');
  });
});

describe('a plate of their own', () => {
  const plan = planWith({
    surfaces: [board()],
    policy: 'own-plate',
    party: [group('all', 4), group('vegans', 2, ['vegan'])],
    placements: [
      lies('hummus-home', 400),
      lies('socca-crisps', 200),
      lies('green-grapes', 400),
      lies('cherry-tomatoes', 300),
      lies('almonds', 80),
      lies('brie', 250),
    ],
  });

  test('is asked by the policy, and the remedy lays one that only they are served from', () => {
    const slip = finding(plan, 'no-own-plate');
    const told = after(plan, slip.remedies[0]!.command);
    const own = told.surfaces.at(-1)!;
    expect(own.serves).toEqual(['vegans']);
    expect(codes(told)).not.toContain('no-own-plate');
    const foods = told.placements
      .filter((placement) => placement.surfaceId === own.id)
      .map((placement) => placement.componentId);
    expect(foods).not.toContain('brie');
    expect(foods.length).toBeGreaterThanOrEqual(5);
  });

  test('another policy asks for none', () => {
    expect(codes({ ...plan, policy: 'looked-after' })).not.toContain('no-own-plate');
  });
});
