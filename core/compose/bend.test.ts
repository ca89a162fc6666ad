import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { isBold } from '../board/index.js';
import { atHomeIn, CATALOGUE } from '../catalogue/index.js';
import { contextOf, plateSums } from '../check/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { costOf, minutesOfPlan } from '../portion/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { said } from '../testing/words.js';
import { compose, problemOf, otherBoards, whyComponent, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

/** A third of the larder: quick, and with enough of everything. */
const some = CATALOGUE.filter((_, i) => i % 3 === 0).map((component) => component.id);
const base = (patch: Partial<Plan> = {}): Plan =>
  planWith({
    party: [group('all', 8), group('vegans', 2, ['vegan'])],
    surfaces: [{ ...planWith({}).surfaces[0]!, outline: { kind: 'round', diameterMm: 440 } }],
    wishes: {
      ...planWith({}).wishes,
      excluded: CATALOGUE.filter((component) => !some.includes(component.id)).map(
        (component) => component.id,
      ),
    },
    ...patch,
  });
const ids = (plan: Plan) => [...new Set(plan.placements.map((placement) => placement.componentId))];
const composed = (plan: Plan) => compose(plan, solve, { gap: 0.03 }).plan;
/** The board of a brief that wishes for nothing more, composed once for all that it is compared with. */
let made: Plan | undefined;
const plainBoard = (): Plan => (made ??= composed(base()));

describe('what the board is composed for', () => {
  test('a star is on the main board', () => {
    const star = some.find((id) => CATALOGUE.find((component) => component.id === id)!.family === 'cheese')!;
    const plan = base({ wishes: { ...base().wishes, star } });
    expect(composed(plan).placements.some((placement) => placement.componentId === star)).toBe(true);
  });

  test('what the last boards had gives way to what serves alike', () => {
    const before = plainBoard();
    const after = composed(base({ wishes: { ...base().wishes, lately: ids(before) } }));
    const again = ids(after).filter((id) => ids(before).includes(id));
    expect(again.length).toBeLessThan(ids(before).length * 0.8);
    // a board all the same: what everybody wants is not left out for it
    expect(after.placements.length).toBeGreaterThan(before.placements.length * 0.8);
  });

  test('what is in the house is used, and not bought', () => {
    const plain = plainBoard();
    const larder = CATALOGUE.filter((component) => some.includes(component.id));
    const pantry = larder
      .filter(
        (component) =>
          component.job === 'contrast' && !ids(plain).includes(component.id) && !isBold(component),
      )
      .slice(0, 8)
      .map((component) => ({ componentId: component.id, massG: 400 }));
    const with_ = compose(base({ pantry }), solve).plan;
    // none of them is on the board of a kitchen that has none
    expect(pantry.filter((p) => ids(with_).includes(p.componentId)).length).toBeGreaterThan(0);
    expect(costOf(with_)).toBeLessThan(costOf({ ...with_, pantry: [] }));
  });

  test('a region brings its food', () => {
    const theme = { ...base().occasion.theme, region: 'italy' as const };
    const share = (plan: Plan) => ids(plan).filter((id) => atHomeIn(id, 'italy')).length / ids(plan).length;
    expect(share(composed(base({ occasion: { ...base().occasion, theme } })))).toBeGreaterThan(
      share(plainBoard()),
    );
  });

  test('the hands there are are kept, and the lever asks for less work', () => {
    const free = plainBoard();
    const lazy = composed(
      base({ wishes: { ...base().wishes, levers: { ...base().wishes.levers, lessWork: 2 } } }),
    );
    expect(minutesOfPlan(lazy)).toBeLessThanOrEqual(minutesOfPlan(free));
    const minutes = Math.round(minutesOfPlan(free) * 0.8);
    const tight = composed(base({ work: { minutes, helpers: 0 } }));
    // the last herbs and whole pieces are not counted in the program
    expect(minutesOfPlan(tight)).toBeLessThanOrEqual(minutes * 1.12);
  });

  test('in the southern half of the world May is autumn', () => {
    const at = (hemisphere: 'north' | 'south') =>
      composed(
        base({
          occasion: { ...base().occasion, hemisphere, start: '2027-05-15T18:00' },
          wishes: { ...base().wishes, levers: { ...base().wishes.levers, season: 2 } },
        }),
      );
    const outOf = (plan: Plan, month: number) =>
      ids(plan).filter(
        (id) => !CATALOGUE.find((component) => component.id === id)!.seasonMonths.includes(month),
      ).length;
    const [north, south] = [at('north'), at('south')];
    expect(outOf(south, 11) + outOf(north, 5)).toBeLessThan(outOf(north, 11) + outOf(south, 5));
  });

  test('a keto guest’s plate keeps its limit', () => {
    const strict = [{ id: 'keto', settings: { limit: '5' } }];
    const plan = base({ party: [group('all', 6), group('keto', 3, [], { needs: strict })] });
    const done = compose(plan, solve, { gap: 0.03 });
    expect(done.status).not.toBe('impossible');
    const [plate] = plateSums(contextOf(done.plan));
    expect(plate!.need).toBe('keto');
    expect(plate!.sum.high).toBeLessThanOrEqual(plate!.limit);
    // without the guest the same board would be over it: the limit is what holds it down
    const free = compose({ ...plan, party: [group('all', 9)] }, solve, { gap: 0.03 }).plan;
    expect(plateSums(contextOf({ ...free, party: plan.party }))[0]!.sum.high).toBeGreaterThan(
      plate!.sum.high,
    );
  });
});

describe('a few who count', () => {
  const fare = (needs: string[]) => {
    // on too small a board everything gives way to everything
    const surfaces = [{ ...planWith({}).surfaces[0]!, outline: { kind: 'round' as const, diameterMm: 600 } }];
    const plan = base({ party: [group('all', 14), group('few', 2, needs)], surfaces });
    const done = compose(plan, solve, { gap: 0.03 }).plan;
    const grams = (family: string) =>
      contextOf(done)
        .placed.filter(({ component }) => component.family === family)
        .reduce((sum, { massG }) => sum + massG, 0);
    return { done, grams };
  };

  test.each(['lighter', 'low-salt', 'keto'])('%s for two of sixteen takes nobody’s food', (need) => {
    const { done, grams } = fare([need]);
    const { byFamily } = contextOf(done).targets;
    for (const family of ['nut-seed', 'cheese', 'cured-meat', 'fresh-fruit'] as const) {
      expect(grams(family)).toBeGreaterThan(0.7 * byFamily[family]);
      expect(grams(family)).toBeLessThan(1.3 * byFamily[family]);
    }
    const [plate] = plateSums(contextOf(done));
    expect(plate!.sum.high).toBeLessThanOrEqual(plate!.limit);
  });
});

describe('keeping the rest', () => {
  const hand = [lies('young-gouda', 300), lies('red-grapes', 420)].filter((placement) =>
    some.includes(placement.componentId),
  );
  test('what lies there stays as it is, to the gram, and the rest is filled up', () => {
    const mine =
      hand.length > 0
        ? hand
        : [
            lies(
              some.find((id) => id !== 'brie')!,
              200,
            ),
          ];
    const done = compose(base({ placements: mine }), solve, { keep: true, gap: 0.03 });
    for (const placement of mine) expect(done.plan.placements).toContainEqual(placement);
    expect(ids(done.plan).length).toBeGreaterThan(10);
  });
});

test('what stands on ice takes none of the bowls at hand', () => {
  const [dip] = plainBoard().placements.filter(({ form }) => form === 'bowl');
  const iced = { ...dip!, ice: { innerMm: 120, wallMm: 25 } };
  const done = compose(base({ placements: [iced], bowls: [] }), solve, { keep: true, gap: 0.05 });
  expect(done.status).not.toBe('impossible');
  expect(done.plan.placements).toContainEqual(iced);
});

describe('never only one answer', () => {
  test('others differ in six kinds at least from the board and from each other, and are as full', () => {
    const plan = plainBoard();
    const others = otherBoards(plan, solve, 2);
    expect(others).toHaveLength(2);
    for (const board of others) expect(board.came.length + board.went.length).toBeGreaterThanOrEqual(6);
    const [a, b] = others.map((board) => new Set(ids(board.plan)));
    expect([...a!].filter((id) => !b!.has(id)).length).toBeGreaterThan(0);
  });

  test('an empty board has none', () => expect(otherBoards(base(), solve, 2)).toEqual([]));
});

describe('why this?', () => {
  const plan = () => plainBoard();
  test('a food on the board says what would be lost without it and what would come instead', () => {
    const board = plan();
    const why = whyComponent(board, ids(board)[0]!, solve);
    expect(why.status).toBe('chosen');
    expect(why.points).toBeGreaterThan(-1);
    expect(why.said.map(said).join(' ').length).toBeGreaterThan(20);
    expect(why.instead.every((id) => id !== ids(board)[0])).toBe(true);
  });

  test('the optimum cannot be made better by much with what it left out', () => {
    const board = compose(base(), solve).plan;
    const offered = problemOf(base()).candidates.map(({ component }) => component.id);
    const out = some.find(
      (id) =>
        !ids(board).includes(id) &&
        offered.includes(id) &&
        CATALOGUE.find((component) => component.id === id)!.family === 'cheese',
    )!;
    const why = whyComponent(board, out, solve);
    expect(why.status).toBe('not-chosen');
    expect(why.points).toBeGreaterThan(-0.6);
  });

  test('a food that is excluded says so', () =>
    expect(
      said(
        whyComponent({ ...plan(), wishes: { ...base().wishes, excluded: [id('brie')] } }, id('brie'), solve)
          .said[0]!,
      ),
    ).toMatch(/never brie/));
});

describe('impossible wishes', () => {
  test('name ways out, cheapest first, and each of them works', () => {
    const plan = base({ budgetMinor: 600 });
    const { status, conflicts } = compose(plan, solve);
    expect(status).toBe('impossible');
    expect(conflicts[0]!.ways.length).toBeGreaterThan(0);
    expect(said(conflicts[0]!.ways[0]!.label)).toMatch(/Raise the budget by/);
    for (const way of conflicts[0]!.ways.slice(0, 2)) {
      const done = applyCommand(plan, way.command);
      if (!done.ok) throw new Error('expected a way that can be taken');
      expect(compose(done.plan, solve, { quick: true }).status).not.toBe('impossible');
    }
  });

  test('fewer wishes never give a worse optimum', () => {
    const pins = some
      .filter((id) =>
        ['cheese', 'pickle'].includes(CATALOGUE.find((component) => component.id === id)!.family),
      )
      .slice(0, 3);
    const many = compose(base({ wishes: { ...base().wishes, pinned: pins } }), solve);
    const few = compose(base(), solve);
    expect(few.bound).toBeLessThanOrEqual(many.objective + 1e-6);
  });
});
