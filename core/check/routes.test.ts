import { describe, expect, test } from '@jest/globals';
import { CATALOGUE } from '../catalogue/index.js';
import { keepsApart, keptDay, scheduleOf } from '../make/index.js';
import type { Plan } from '../plan/index.js';
import { after, board, group, id, lies, planWith } from '../testing/plans.js';
import { checkPlan, contextOf } from './index.js';
import { label, text, why } from '../testing/words.js';

const square = (x: number, y: number, half = 20): [number, number][] => [
  [x - half, y - half],
  [x + half, y - half],
  [x + half, y + half],
  [x - half, y + half],
];
const element = (component: string, x: number, y: number) => ({
  id: `${component}-${x}`,
  componentId: id(component),
  form: CATALOGUE.find((otherComponent) => otherComponent.id === component)!.forms[0]!.form,
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
const codes = (plan: Plan) => checkPlan(plan).findings.map((finding) => finding.code);
const finding = (plan: Plan, code: string) =>
  checkPlan(plan).findings.find((finding) => finding.code === code)!;

describe('neighbours on the board', () => {
  const nearby = { id: 'tree-nut-free', settings: { contact: 'neighbours' } };
  const plan = planWith({
    surfaces: [board()],
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
    for (const remedy of remedies)
      expect([label(remedy), codes(after(withCapers, remedy.command)).includes('neighbours')]).toEqual([
        label(remedy),
        false,
      ]);
  });

  test('what touches does not count for the guest, what lies apart does', () => {
    const context = contextOf(
      laid(plan, element('almonds', -40, 0), element('brie', 10, 0), element('green-grapes', 120, 0)),
    );
    const counts = (food: string) =>
      context.counts(
        context.placed.find((placed) => placed.component.id === food)!,
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
    const grapes = (context: ReturnType<typeof at>) =>
      context.counts(
        context.placed.find((placed) => placed.component.id === 'green-grapes')!,
        context.plan.party[1]!,
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
    surfaces: [board()],
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
    expect(why(slip)).toMatch(/cutting board and the gloves/);
    expect(codes(after(plan, slip.remedies[0]!.command))).not.toContain('kitchen-order');
  });

  test('a day that proves it takes the slip away; one that a hand has spoilt brings it back', () => {
    const laidOut = after(plan, { name: 'set-day', tasks: keptDay(plan, scheduleOf(plan, { rounds: 20 })) });
    expect(keepsApart(laidOut)).toBe(true);
    expect(codes(laidOut)).not.toContain('kitchen-order');
    // what came since has no place in it
    const more = { ...laidOut, placements: [...laidOut.placements, lies('kiwi', 200)] };
    expect(codes(more)).toContain('kitchen-order');
  });

  test('who minds the whole kitchen is told so even when the order is promised', () => {
    const strict = {
      ...plan,
      party: [
        plan.party[0]!,
        group('nut', 1, [], { needs: [{ id: 'tree-nut-free', settings: { contact: 'same-kitchen' } }] }),
      ],
    };
    expect(finding(strict, 'same-kitchen').severity).toBe('blocker');
    const promised = after(strict, finding(strict, 'same-kitchen').remedies[0]!.command);
    expect(finding(promised, 'same-kitchen').severity).toBe('caution');
  });
});

describe('foods that never meet', () => {
  const plan = planWith({
    surfaces: [board()],
    party: [group('all', 4), group('kosher', 2, ['kosher-style'])],
    placements: [lies('roast-beef', 150), lies('young-gouda', 200), lies('green-grapes', 200)],
  });

  test('meat and dairy on one surface stop service kosher-style, and each remedy parts them', () => {
    const slip = finding(plan, 'not-together');
    expect(text(slip)).toMatch(/Meat and dairy/);
    for (const remedy of slip.remedies)
      expect(codes(after(plan, remedy.command))).not.toContain('not-together');
  });

  test('without such guests nobody minds', () => {
    expect(codes({ ...plan, party: [plan.party[0]!] })).not.toContain('not-together');
  });
});
