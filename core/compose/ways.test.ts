import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE } from '../catalogue/index.js';
import { checkPlan } from '../check/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { costOf, minutesOfPlan } from '../portion/index.js';
import { group, id, planWith, withSmallLarder } from '../testing/plans.js';
import { said } from '../testing/words.js';
import { compose, otherBoards, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const whole = (patch: Partial<Plan> = {}): Plan =>
  planWith({
    party: [group('all', 8), group('vegans', 2, ['vegan'])],
    surfaces: [{ ...planWith({}).surfaces[0]!, outline: { kind: 'round', diameterMm: 440 } }],
    ...patch,
  });
const base = (patch: Partial<Plan> = {}): Plan => withSmallLarder(whole(patch));
const wishes = (patch: Partial<Plan['wishes']>): Pick<Plan, 'wishes'> => ({
  wishes: { ...base().wishes, ...patch },
});
/** Everything but these families is never to be chosen. */
const without = (...families: string[]) =>
  CATALOGUE.filter((component) => families.includes(component.family)).map((component) => component.id);

/** Briefs that cannot be kept, and a wish that must be among what is named. */
const IMPOSSIBLE: [name: string, plan: () => Plan, named: string][] = [
  ['no money', () => base({ budgetMinor: 400 }), 'budget'],
  ['no time', () => base({ work: { minutes: 5, helpers: 0 } }), 'work'],
  // little money and few minutes find a way only in all of the larder
  ['neither', () => whole({ budgetMinor: 900, work: { minutes: 10, helpers: 0 } }), 'budget'],
  [
    'a dear pin and little money',
    () => base({ budgetMinor: 1200, ...wishes({ pinned: [id('tete-de-moine')] }) }),
    'budget',
  ],
  [
    'a dear star and little money',
    () => base({ budgetMinor: 1200, ...wishes({ star: id('tete-de-moine') }) }),
    'budget',
  ],
];

describe('a brief that cannot be kept', () => {
  test.each(IMPOSSIBLE)('%s: says what collides, and every way out leads out', (_name, plan, named) => {
    const asked = plan();
    const { status, conflicts, plan: back } = compose(asked, solve);
    expect(status).toBe('impossible');
    expect(back.placements).toEqual(asked.placements);
    const [conflict] = conflicts;
    expect(conflict!.wishes).toContain(named);
    expect(said(conflict!.said).length).toBeGreaterThan(10);
    expect(conflict!.ways.length).toBeGreaterThan(0);
    const [way] = conflict!.ways;
    const done = applyCommand(asked, way!.command);
    if (!done.ok) throw new Error(`expected "${way!.label}" to be an edit that can be taken`);
    const after = compose(done.plan, solve, { quick: true });
    expect([way!.label, after.status]).not.toContain('impossible');
    if (done.plan.budgetMinor !== null) expect(costOf(after.plan)).toBeLessThanOrEqual(done.plan.budgetMinor);
  });

  test('guests for whom the larder holds no bread are named, not counted as fed', () => {
    const plan = base({
      party: [group('all', 6), group('coeliac', 2, ['gluten-free'])],
      ...wishes({
        excluded: CATALOGUE.filter(
          (component) => component.family === 'vehicle' && component.allergens.gluten === 'free',
        ).map((component) => component.id),
      }),
    });
    const { status, conflicts } = compose(plan, solve);
    expect(status).toBe('impossible');
    expect(conflicts[0]!.wishes).toContain('group:coeliac');
    expect(said(conflicts[0]!.said)).toContain('coeliac');
  });

  test('a larder without any bread is nobody’s wish but the brief’s own fault: all are named', () => {
    const { status, conflicts } = compose(base(wishes({ excluded: without('vehicle') })), solve);
    expect(status).toBe('impossible');
    expect(conflicts[0]!.wishes.some((wish) => wish.startsWith('group:'))).toBe(true);
  });
});

describe('limits that can be kept', () => {
  test.each([45])('%d minutes are kept, and everyone is looked after all the same', (minutes) => {
    const done = compose(base({ work: { minutes, helpers: 0 } }), solve, { quick: true });
    expect(done.status).not.toBe('impossible');
    // herbs are washed at the end, and whole pieces weigh a little more than was asked
    expect(minutesOfPlan(done.plan)).toBeLessThanOrEqual(minutes * 1.15 + 6);
    expect(checkPlan(done.plan).care.groups.map((care) => care.missing)).toEqual([[], []]);
  });
});

describe('other boards', () => {
  test('keep the pins, the budget and everybody fed, and are nearly as good', () => {
    const free = compose(base(), solve, { quick: true }).plan;
    const pin = free.placements[0]!.componentId;
    const brief = base({ ...wishes({ pinned: [pin] }), budgetMinor: costOf(free) });
    const best = compose(brief, solve);
    const others = otherBoards(best.plan, solve, 2);
    expect(others).toHaveLength(2);
    for (const board of others) {
      expect(costOf(board.plan)).toBeLessThanOrEqual(costOf(free));
      expect(board.plan.placements.map((placement) => placement.componentId)).toContain(pin);
      expect(checkPlan(board.plan).care.groups.map((care) => care.missing)).toEqual([[], []]);
      expect(board.objective).toBeGreaterThanOrEqual(best.bound - 1e-4);
      expect(board.objective).toBeLessThan(best.objective * 1.2);
      expect(board.went.length).toBeGreaterThanOrEqual(5);
    }
  });

  test('a board of pins alone has no other', () => {
    const done = compose(base(), solve, { quick: true }).plan;
    const pinned = [...new Set(done.placements.map((placement) => placement.componentId))];
    expect(otherBoards({ ...done, wishes: { ...done.wishes, pinned } }, solve, 1)).toEqual([]);
  });
});
