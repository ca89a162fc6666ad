import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { sharing, type FlowGroup } from './flow.js';
import {
  certificateOf,
  checkPlan,
  contextOf,
  labelQuestions,
  partyCare,
  plateOf,
  plateSums,
  questionsText,
} from './index.js';

const surface = (more: Partial<Plan['surfaces'][number]> = {}): Plan['surfaces'][number] => ({
  id: 'board' as Plan['surfaces'][number]['id'],
  name: 'Board',
  outline: { kind: 'round', diameterMm: 400 },
  rimMm: 10,
  material: 'oak',
  serves: null,
  freeFrom: [],
  smallHands: false,
  ...more,
});
const square = (x: number, y: number, half = 20): [number, number][] => [
  [x - half, y - half],
  [x + half, y - half],
  [x + half, y + half],
  [x - half, y + half],
];
const element = (component: string, x: number, y: number) => ({
  id: `${component}-${x}`,
  componentId: id(component),
  form: CATALOGUE.find((c) => c.id === component)!.forms[0]!.form,
  contained: false,
  x,
  y,
  angle: 0,
  layer: 0,
  pinned: false,
  outline: square(x, y),
  pieces: [],
  bowlMm: null,
});
const laid = (plan: Plan, ...elements: ReturnType<typeof element>[]): Plan => ({
  ...plan,
  layout: [{ surfaceId: plan.surfaces[0]!.id, elements }],
});
const codes = (plan: Plan) => checkPlan(plan).findings.map((f) => f.code);
const finding = (plan: Plan, code: string) => checkPlan(plan).findings.find((f) => f.code === code)!;
const after = (plan: Plan, command: Parameters<typeof applyCommand>[1]): Plan => {
  const done = applyCommand(plan, command);
  if (!done.ok) throw new Error(done.problems[0]!.reason);
  return done.plan;
};

describe('neighbours on the board', () => {
  const nearby = { id: 'tree-nut-free', settings: { contact: 'neighbours' } };
  const plan = planWith({
    surfaces: [surface()],
    party: [group('all', 6), group('nut', 1, [], { needs: [nearby] })],
    placements: [lies('almonds', 60), lies('brie', 250), lies('green-grapes', 200)],
  });

  test('nuts that touch the cheese stop service; far enough away they do not', () => {
    const touching = laid(
      plan,
      element('almonds', -40, 0),
      element('brie', 10, 0),
      element('green-grapes', 120, 0),
    );
    expect(codes(touching)).toContain('neighbours');
    const apart = laid(
      plan,
      element('almonds', -120, 0),
      element('brie', 10, 0),
      element('green-grapes', 120, 0),
    );
    expect(codes(apart)).not.toContain('neighbours');
  });

  test('foods that are not laid yet may touch, so nothing is promised', () => {
    expect(codes(plan)).toContain('neighbours');
  });

  test('every remedy clears the slip, and trading places moves the two elements', () => {
    const touching = laid(
      plan,
      element('almonds', -40, 0),
      element('brie', 10, 0),
      element('green-grapes', 120, 0),
      element('capers', -120, 90),
    );
    const withCapers = { ...touching, placements: [...touching.placements, lies('capers', 40)] };
    const { remedies } = finding(withCapers, 'neighbours');
    expect(remedies.length).toBeGreaterThanOrEqual(2);
    for (const r of remedies)
      expect([r.label, codes(after(withCapers, r.command)).includes('neighbours')]).toEqual([r.label, false]);
  });

  test('what touches does not count for the guest, what lies apart does', () => {
    const c = contextOf(
      laid(plan, element('almonds', -40, 0), element('brie', 10, 0), element('green-grapes', 120, 0)),
    );
    const counts = (food: string) =>
      c.counts(
        c.lying.find((l) => l.component.id === food)!,
        plan.party[1]!,
      );
    expect([counts('brie'), counts('green-grapes'), counts('almonds')]).toEqual([false, true, false]);
  });

  test('"none" minds nothing, "same surface" everything on it', () => {
    const at = (contact: string) =>
      contextOf(
        laid(
          {
            ...plan,
            party: [
              plan.party[0]!,
              group('nut', 1, [], { needs: [{ id: 'tree-nut-free', settings: { contact } }] }),
            ],
          },
          element('almonds', -120, 0),
          element('green-grapes', 120, 0),
        ),
      );
    const grapes = (c: ReturnType<typeof at>) =>
      c.counts(
        c.lying.find((l) => l.component.id === 'green-grapes')!,
        c.plan.party[1]!,
      );
    expect([grapes(at('none')), grapes(at('neighbours')), grapes(at('same-surface'))]).toEqual([
      true,
      true,
      false,
    ]);
  });
});

describe('tools and kitchen', () => {
  const plan = planWith({
    surfaces: [surface()],
    party: [group('all', 6), group('nut', 1, ['tree-nut-free'])],
    placements: [lies('almonds', 60, { contained: true }), lies('brie', 250), lies('green-grapes', 200)],
  });

  test('a bowl of nuts wants a spoon of its own; the remedy gives it', () => {
    expect(codes(plan)).toContain('shared-tool');
    const told = after(plan, finding(plan, 'shared-tool').remedies[0]!.command);
    expect(told.placements[0]!.ownTool).toBe(true);
    expect(codes(told)).not.toContain('shared-tool');
  });

  test('the order of work is asked until it is promised', () => {
    const slip = finding(plan, 'kitchen-order');
    expect(slip.why).toMatch(/cutting board and the gloves/);
    expect(codes(after(plan, slip.remedies[0]!.command))).not.toContain('kitchen-order');
  });

  test('who minds the whole kitchen is told so even when the order is promised', () => {
    const strict = {
      ...plan,
      party: [
        plan.party[0]!,
        group('nut', 1, [], { needs: [{ id: 'tree-nut-free', settings: { contact: 'same-kitchen' } }] }),
      ],
    };
    expect(finding(strict, 'same-kitchen').glyph).toBe('cracked');
    const promised = after(strict, finding(strict, 'same-kitchen').remedies[0]!.command);
    expect(finding(promised, 'same-kitchen').glyph).toBe('chipped');
  });
});

describe('foods that never meet', () => {
  const plan = planWith({
    surfaces: [surface()],
    party: [group('all', 4), group('kosher', 2, ['kosher-style'])],
    placements: [lies('roast-beef', 150), lies('young-gouda', 200), lies('green-grapes', 200)],
  });

  test('meat and dairy on one surface stop service kosher-style, and each remedy parts them', () => {
    const slip = finding(plan, 'not-together');
    expect(slip.text).toMatch(/Meat and dairy/);
    for (const r of slip.remedies) expect(codes(after(plan, r.command))).not.toContain('not-together');
  });

  test('without such guests nobody minds', () => {
    expect(codes({ ...plan, party: [plan.party[0]!] })).not.toContain('not-together');
  });
});

describe('a plate that is counted', () => {
  const plan = planWith({
    surfaces: [surface()],
    party: [group('keto', 2, ['keto'])],
    placements: [
      lies('brie', 250),
      lies('dry-cured-ham', 150),
      lies('hummus-home', 60),
      lies('raspberries', 150),
    ],
  });

  test('the sum is that of its parts, by hand', () => {
    const [sum] = plateSums(contextOf(plan));
    const there = 250 + 150 + 60 + 150;
    const each = Math.min(contextOf(plan).targets.perPortionG, there / 2);
    const carbs = (250 * 0.5 + 150 * 0 + 60 * 11 + 150 * 5) / 100;
    expect(sum!.sum.high).toBeCloseTo((carbs * each) / there, 3);
    expect(sum!.sum.low).toBeCloseTo(sum!.sum.high, 9);
  });

  test('a little of a sweet thing is fine, too much is not; leaving it out helps', () => {
    expect(codes(plan)).not.toContain('plate-over-limit');
    const much = {
      ...plan,
      placements: [lies('brie', 80), lies('hummus-home', 660), lies('green-grapes', 0.1)],
    };
    const strict = {
      ...much,
      party: [group('keto', 2, [], { needs: [{ id: 'keto', settings: { limit: '5' } }] })],
    };
    const slip = finding(strict, 'plate-over-limit');
    expect(slip.glyph).toBe('cracked');
    expect(codes(after(strict, slip.remedies[0]!.command))).not.toContain('plate-over-limit');
  });

  test('as a meal the usual limit is wider', () => {
    const meal = { ...plan, occasion: { ...plan.occasion, role: 'meal' as const } };
    expect([plateSums(contextOf(plan))[0]!.limit, plateSums(contextOf(meal))[0]!.limit]).toEqual([8, 15]);
  });

  test('a plate never holds more than lies there', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 900 }), fc.integer({ min: 10, max: 900 }), (a, b) => {
        const p = { ...plan, placements: [lies('brie', a), lies('raspberries', b)] };
        const total = plateOf(contextOf(p), p.party[0]!).reduce((n, l) => n + l.massG, 0);
        expect(total * 2).toBeLessThanOrEqual(a + b + 1e-6);
      }),
    );
  });
});

describe('the certificate', () => {
  const plan = planWith({
    surfaces: [surface()],
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
    const c = contextOf(plan);
    const care = partyCare(c);
    const certificate = certificateOf(c, care);
    expect(certificate.lookedAfter).toBe(true);
    expect(certificate.holdsUpTo).toBeGreaterThan(1);
    expect(certificate.text).toContain(`${certificate.holdsUpTo.toFixed(1)} times`);
    for (const g of certificate.groups) expect(g.text).toMatch(/as long as the others take no more than/);
  });

  test('more food never makes it hold less', () => {
    const holds = (factor: number) =>
      partyCare(
        contextOf({ ...plan, placements: plan.placements.map((p) => ({ ...p, massG: p.massG * factor })) }),
      ).greed;
    expect(holds(1.2)).toBeGreaterThanOrEqual(holds(1));
    expect(holds(2)).toBeGreaterThanOrEqual(holds(1.2));
  });

  test('says what runs short first, and the least change makes it hold longer', () => {
    const c = contextOf(plan);
    const certificate = certificateOf(c, partyCare(c));
    expect(certificate.shortFirst!.text).toMatch(/runs short first|too little in all/);
    const more = contextOf(after(plan, certificate.remedy!.command));
    expect(partyCare(more).greed).toBeGreaterThanOrEqual(certificate.holdsUpTo);
  });

  test('without bread for them the coeliac are not looked after, whatever else there is', () => {
    const none = { ...plan, placements: plan.placements.filter((p) => p.componentId !== 'socca-crisps') };
    const c = contextOf({ ...none, placements: [...none.placements, lies('water-crackers', 250)] });
    const certificate = certificateOf(c, partyCare(c));
    expect([certificate.lookedAfter, certificate.holdsUpTo]).toEqual([false, 0]);
    expect(certificate.text).toContain('coeliac');
  });

  test('nobody is coming: nothing is promised', () => {
    const c = contextOf({ ...plan, party: [] });
    expect(certificateOf(c, partyCare(c)).lookedAfter).toBe(false);
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
        const s = sharing(groups, left);
        const got = s.gotG.reduce((a, b) => a + b, 0);
        const cut =
          groups.reduce((n, g, i) => n + (s.short.includes(i) ? 0 : g.needG), 0) +
          s.exhausted.reduce((n, f) => n + left[f]!, 0);
        expect(got).toBeCloseTo(cut, 3);
      }),
    );
  });
});

describe('questions for labels', () => {
  const plan = planWith({
    surfaces: [surface()],
    party: [group('all', 4), group('nut', 1, ['tree-nut-free']), group('veg', 2, ['vegetarian'])],
    placements: [lies('brie', 250), lies('water-crackers', 125)],
  });

  test('stand in one list, the allergy first, with for whom they are', () => {
    const lines = labelQuestions(contextOf(plan));
    expect(lines[0]).toMatchObject({ grave: true });
    expect(
      lines.find((l) => l.component.id === 'brie' && l.fact === 'rennet')?.groups.map((g) => g.id),
    ).toEqual(['veg']);
    const text = questionsText(lines, 'Supper');
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
    const c = contextOf(told);
    expect(c.judge(c.lying[0]!, told.party[2]!).verdict).toBe('fine');
    expect(labelQuestions(c).at(-1)?.answer?.who).toBe('Ada');
  });

  test('a plan with an open question on an allergy is never whole', () => {
    const open = checkPlan(plan).findings.filter((f) => f.grave && f.glyph === 'covered');
    expect(open.length).toBeGreaterThan(0);
    const settled = {
      ...plan,
      settled: open.map((f) => ({ key: f.key, how: 'read', when: '2027-05-08T10:00' })),
    };
    expect(checkPlan(settled).findings.some((f) => f.grave && f.glyph === 'covered')).toBe(true);
  });
});

describe('picky children', () => {
  const kids = (knownFoods: string[]) =>
    planWith({
      surfaces: [surface()],
      party: [group('kids', 2, [], { band: 'child', ages: [7, 8], knownFoods })],
      placements: [lies('brie', 200), lies('green-grapes', 200), lies('banana', 100)],
    });

  test('want two foods that they know; the remedy brings one', () => {
    const plan = kids(['banana', 'cucumber']);
    const slip = finding(plan, 'too-few-known-foods');
    expect(slip.remedies[0]?.label).toMatch(/cucumber/i);
    expect(codes(after(plan, slip.remedies[0]!.command))).not.toContain('too-few-known-foods');
    expect(codes(kids(['banana', 'grape']))).not.toContain('too-few-known-foods');
  });
});

describe('a plate of their own', () => {
  const plan = planWith({
    surfaces: [surface()],
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
    const foods = told.placements.filter((p) => p.surfaceId === own.id).map((p) => p.componentId);
    expect(foods).not.toContain('brie');
    expect(foods.length).toBeGreaterThanOrEqual(5);
  });

  test('another policy asks for none', () => {
    expect(codes({ ...plan, policy: 'looked-after' })).not.toContain('no-own-plate');
  });
});
