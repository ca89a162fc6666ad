import { beforeAll, describe, expect, test } from '@jest/globals';
import { DEMOS } from '../../demo/index.js';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE } from '../catalogue/index.js';
import { certificateOf, checkPlan, contextOf, partyCare } from '../check/index.js';
import { applyCommand, canonicalText, planLarder, type Plan } from '../plan/index.js';
import { unreadNeed } from '../party/avoid.js';
import { costOf, targetsOf } from '../portion/index.js';
import { randomBrief } from '../testing/briefs.js';
import { brief, group, id, planWith, withSmallLarder } from '../testing/plans.js';
import { said } from '../testing/words.js';
import type { Draft } from './draft.js';
import { compose, draftOf, problemOf, type Solver } from './index.js';
import { isSweetFare } from '../board/index.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

/** What several tests look at is composed once. */
const once = <T>(make: () => T): (() => T) => {
  let made: { value: T } | undefined;
  return () => (made ??= { value: make() }).value;
};
const demoBoard = once(() => compose(brief(), solve));
const boardWithoutNutGuest = once(() => compose(withoutNutGuest(), solve));

/** A plan whose larder is only these components. */
function only(ids: string[], patch: Partial<Plan> = {}): Plan {
  return planWith({
    party: [
      group('picky', 4, [], { dislikes: ['kiwi', 'radish', 'cornichon'] }),
      group('meatless', 1, ['vegetarian']),
    ],
    wishes: {
      pinned: [],
      excluded: CATALOGUE.filter((component) => !ids.includes(component.id)).map((component) => component.id),
      star: null,
      lately: [],
      levers: { bolder: 0, colour: 0, cheaper: 0, lessWork: 0, season: 0 },
    },
    ...patch,
  });
}

/** Every choice of components, each solved with its choice fixed: slow and obvious. One surface, so laid means chosen. */
/** The best of all sets of foods; with more of a food than is taken of it only where there is no other board. */
function exhaustive(plan: Plan, wholePacks = false): number {
  const within = bestOf(draftOf(problemOf(plan)), wholePacks);
  return within < Infinity ? within : bestOf(draftOf(problemOf(plan, false, true)), wholePacks);
}

function bestOf(draft: Draft, wholePacks: boolean): number {
  const ids = [...draft.chosen.keys()];
  let best = Infinity;
  for (let mask = 0; mask < 2 ** ids.length; mask++) {
    ids.forEach((component, i) => {
      const on = (mask >> i) & 1;
      const binaries = [
        draft.chosen.get(component)!,
        ...draft.entries
          .filter((entry) => entry.candidate.component.id === component)
          .map((entry) => entry.laid),
      ];
      for (const binary of binaries) Object.assign(draft.model.variables[binary]!, { lower: on, upper: on });
    });
    const options = wholePacks ? { gap: 1e-6, nodes: 1000 } : { gap: 0, nodes: 0 };
    best = Math.min(best, solve(draft.model, { ...options, seed: 1, relaxed: !wholePacks }).objective);
  }
  return best;
}

const SMALL = [
  [
    'falafel',
    'hummus-home',
    'socca-crisps',
    'cucumber',
    'strawberries',
    'young-gouda',
    'salami',
    'green-olives',
    'melon',
  ],
  [
    'herb-tofu',
    'beet-dip',
    'potato-rounds',
    'cherry-tomatoes',
    'kiwi',
    'brie',
    'water-crackers',
    'honey',
    'mature-cheddar',
  ],
  [
    'sunflower-round',
    'chickpea-bites',
    'socca-crisps',
    'radishes',
    'orange-wheels',
    'feta',
    'young-gouda',
    'medjool-dates',
    'melon',
  ],
];

describe('the composer', () => {
  test.each(SMALL.map((ids, i) => [i, ids] as const))(
    'finds what exhaustive search finds (larder %d)',
    (_i, ids) => {
      const plan = only([...ids]);
      const found = compose(plan, solve);
      const best = exhaustive(plan);
      expect(found.status).toBe('optimal');
      expect(found.objective).toBeGreaterThanOrEqual(best - 1e-4);
      expect(found.objective).toBeLessThanOrEqual(best * 1.011);
    },
  );

  test.each([
    [0.95, 2, true],
    [0.9, 0, true],
    [0.4, 0, false],
  ])('and under %d of what it would like to spend (larder %d)', (share, larder, can) => {
    const plan = only([...SMALL[larder]!]);
    const budgetMinor = Math.round(costOf(compose(plan, solve).plan) * share);
    const tight = { ...plan, budgetMinor };
    const found = compose(tight, solve);
    const best = exhaustive(tight, true);
    expect(found.status === 'impossible').toBe(best === Infinity);
    expect(best < Infinity).toBe(can);
    if (found.status === 'impossible') return;
    expect(costOf(found.plan)).toBeLessThanOrEqual(budgetMinor);
    expect(found.bound).toBeLessThanOrEqual(best + 1e-4);
    expect(found.objective).toBeGreaterThanOrEqual(best - 1e-4);
    expect(found.objective).toBeLessThanOrEqual(best * 1.021);
  });

  test('a table of many alike surfaces keeps its budget too: whole wheels on each of them', () => {
    const wheel = id('goat-ash-pyramid');
    const ferry = DEMOS['last-ferry']!();
    const plan = { ...ferry, wishes: { ...ferry.wishes, pinned: [wheel] } };
    const budgetMinor = Math.round(costOf(compose(plan, solve, { quick: true }).plan) * 0.95);
    const found = compose({ ...plan, budgetMinor }, solve, { quick: true });
    expect(costOf(found.plan)).toBeLessThanOrEqual(budgetMinor);
    const wheels = found.plan.placements.filter((placement) => placement.componentId === wheel);
    expect(wheels.length).toBeGreaterThan(0);
    for (const placement of wheels) expect(Number.isInteger(placement.pieces)).toBe(true);
  });

  test('a sweet course is sweet, without kale or beans, and asks nobody for bread', () => {
    const { plan } = compose(DEMOS['lamp-boat-sweets']!(), solve);
    const larder = planLarder(plan);
    const foods = [...new Set(plan.placements.map((placement) => placement.componentId))].map((id) =>
      larder.get(id)!,
    );
    expect(
      foods
        .filter((component) => component.family !== 'garnish' && !isSweetFare(component))
        .map((component) => component.id),
    ).toEqual([]);
    expect(checkPlan(plan).care.groups.map((care) => care.missing)).toEqual(plan.party.map(() => []));
  });

  test('small children have a sweet course on plates of their own, without bread and without a choking shape', () => {
    const [main] = planWith({}).surfaces;
    const plan = planWith({
      party: [group('all', 6), group('small', 2, [], { band: 'child', ages: [3, 3] })],
      occasion: { ...planWith({}).occasion, role: 'sweet' },
      surfaces: [
        { ...main!, serves: [id('all') as never], smallHands: false },
        ...[1, 2].map((n) => ({
          ...main!,
          id: `plate-${n}` as never,
          name: `Plate ${n}`,
          outline: { kind: 'round' as const, diameterMm: 180 },
          serves: [id('small') as never],
          smallHands: true,
        })),
      ],
    });
    const done = compose(plan, solve, { quick: true });
    expect(done.status).not.toBe('impossible');
    const checked = checkPlan(done.plan);
    expect(checked.care.groups.map((care) => [care.group.id, care.missing])).toEqual([
      ['all', []],
      ['small', []],
    ]);
    expect(checked.findings.filter((finding) => finding.code === 'choking-shape')).toEqual([]);
  });

  test('a plate for which nothing is known to be fine stays empty, the others have their board, and Check asks', () => {
    const [main] = planWith({}).surfaces;
    const small = group('small', 1, [], { band: 'child', ages: [2], needs: [unreadNeed('xyzzy')] });
    const plan = planWith({
      party: [group('all', 9), small],
      surfaces: [
        { ...main!, serves: [id('all') as never] },
        { ...main!, id: 'plate' as never, name: 'Plate', serves: [id('small') as never], smallHands: true },
      ],
    });
    const done = compose(withSmallLarder(plan), solve, { quick: true });
    expect(done.status).not.toBe('impossible');
    const laidOn = new Set(done.plan.placements.map(({ surfaceId }) => String(surfaceId)));
    expect([...laidOn]).toEqual([String(main!.id)]);
    expect(checkPlan(done.plan).findings).toEqual(
      expect.arrayContaining([expect.objectContaining({ severity: 'ask', grave: true })]),
    );
  });

  test('the demo is optimal to one per cent, and everyone is looked after by the check', () => {
    const composition = demoBoard();
    expect(composition.status).toBe('optimal');
    expect(composition.gap).toBeLessThanOrEqual(0.01);
    expect(composition.bound).toBeLessThanOrEqual(composition.objective + 1e-6);
    const checked = checkPlan(composition.plan);
    expect(checked.care.groups.map((care) => [care.group.id, care.ok])).toEqual(
      composition.plan.party.map((group) => [group.id, true]),
    );
    expect(checked.care.greed).toBeGreaterThanOrEqual(1);
    expect(checked.findings.filter((finding) => finding.severity === 'blocker')).toEqual([]);
    const open = checked.findings.filter((finding) => finding.severity !== 'good');
    expect(open.length).toBeGreaterThanOrEqual(3);
    expect(open.length).toBeLessThanOrEqual(7);
    expect(open.filter((finding) => finding.severity === 'ask' && finding.grave)).toEqual([]);
  });

  test('the same seed gives the same board, another seed may give another', () => {
    const text = (seed: number) =>
      canonicalText({ ...compose({ ...withSmallLarder(randomBrief(4)), seed }, solve).plan, seed: 0 });
    expect(text(3)).toBe(text(3));
    expect(new Set([3, 4, 5, 6].map(text)).size).toBeGreaterThan(1);
  });

  test('amounts come near the school: no family strays by a third', () => {
    const { plan } = demoBoard();
    const larder = planLarder(plan);
    const { byFamily } = targetsOf(plan);
    for (const [family, target] of Object.entries(byFamily)) {
      const mass = plan.placements
        .filter((placement) => larder.get(placement.componentId)?.family === family)
        .reduce((sum, placement) => sum + placement.massG, 0);
      // half of the nuts and seeds may not come near one of the guests
      const stray = family === 'nut-seed' ? 0.5 : 0.34;
      expect(Math.abs(mass - target)).toBeLessThanOrEqual(Math.max(60, target * stray));
    }
  });

  test('two vegans of nine do not make a board of food for eleven', () => {
    const few = planWith({ party: [group('all', 7), group('vegans', 2, ['vegan'])] });
    const { plan } = compose(withSmallLarder(few), solve);
    const total = plan.placements.reduce((sum, placement) => sum + placement.massG, 0);
    const eaten = 9 * targetsOf(few).perPortionG;
    expect(total / eaten).toBeGreaterThan(1.05);
    expect(total / eaten).toBeLessThan(1.15);
    const context = contextOf(plan);
    expect(certificateOf(context, partyCare(context)).lookedAfter).toBe(true);
  });

  test('a quiet tray holds nothing that breaks or might break its promise', () => {
    const { plan } = demoBoard();
    expect(checkPlan(plan).findings.filter((finding) => finding.code.startsWith('promise'))).toEqual([]);
  });

  test('pins come, exclusions stay away', () => {
    const plan = {
      ...brief(),
      wishes: { ...brief().wishes, pinned: [id('feta')], excluded: [id('brie'), id('salami')] },
    };
    const { plan: board } = compose(plan, solve, { quick: true });
    const ids = board.placements.map((placement) => placement.componentId);
    expect(ids).toContain('feta');
    expect(ids).not.toContain('brie');
    expect(ids).not.toContain('salami');
  });

  test('wishes that collide are named in plain words', () => {
    const plan = only(SMALL[0]!, { budgetMinor: 100 });
    const composition = compose(plan, solve);
    expect(composition.status).toBe('impossible');
    expect(composition.conflicts[0]!.wishes).toContain('budget');
    expect(said(composition.conflicts[0]!.said)).toContain('budget');
  });

  test('vegans without any vehicle are named', () => {
    const composition = compose(
      only(['brie', 'falafel', 'cucumber', 'strawberries', 'water-crackers'], {
        party: [group('vegans', 4, ['vegan'])],
      }),
      solve,
    );
    expect(composition.status).toBe('impossible');
    expect(composition.conflicts[0]!.wishes).toEqual(['group:vegans']);
  });

  test('nobody, or no surface, is said and not solved', () => {
    expect(said(compose(planWith({}), solve).conflicts[0]!.said)).toContain('Nobody');
    expect(
      said(compose(planWith({ party: [group('a', 2)], surfaces: [] }), solve).conflicts[0]!.said),
    ).toContain('surface');
  });

  test('one guest alone gets a board', () => {
    expect(compose(planWith({ party: [group('one', 1)] }), solve).status).not.toBe('impossible');
  });
});

/** The demo without the guest with the nut allergy and without the tray that is kept for the others. */
function withoutNutGuest(): Plan {
  const plan = brief();
  return {
    ...plan,
    party: plan.party.filter((group) => group.id !== 'tree-nut'),
    surfaces: plan.surfaces
      .filter((surface) => surface.id !== 'quiet-tray')
      .map((surface) => ({ ...surface, serves: surface.serves?.filter((id) => id !== 'tree-nut') ?? null })),
  };
}

describe('a guest with a nut allergy', () => {
  const nuts = (plan: Plan) =>
    plan.placements.filter(
      (placement) => planLarder(plan).get(placement.componentId)?.allergens['tree-nuts'] === 'contains',
    ).length;

  test('keeps tree nuts off the boards; without that guest they come', () => {
    expect(nuts(demoBoard().plan)).toBe(0);
    expect(nuts(boardWithoutNutGuest().plan)).toBeGreaterThan(0);
  });

  test('and without the quiet tray there is more wheat bread, because fewer guests depend on special crackers', () => {
    const wheatG = (plan: Plan) => {
      const larder = planLarder(plan);
      return plan.placements
        .filter((placement) => {
          const food = larder.get(placement.componentId)!;
          return food.job === 'vehicle' && food.allergens.gluten === 'contains';
        })
        .reduce((sum, placement) => sum + placement.massG, 0);
    };
    expect(wheatG(boardWithoutNutGuest().plan)).toBeGreaterThan(wheatG(demoBoard().plan));
  });

  test('who comes after all finds a slip whose remedies clear it', () => {
    const { plan } = boardWithoutNutGuest();
    const guest = brief().party.find((group) => group.id === 'tree-nut')!;
    const again: Plan = {
      ...plan,
      party: [...plan.party, guest],
      surfaces: plan.surfaces.map((surface) =>
        surface.id === 'oak' ? { ...surface, serves: [...surface.serves!, guest.id] } : surface,
      ),
    };
    const slip = (plan: Plan) =>
      checkPlan(plan).findings.find((finding) => finding.key === 'contact oak tree-nut');
    expect(slip(again)).toMatchObject({ severity: 'blocker', grave: true });
    for (const remedy of slip(again)!.remedies) {
      const done = applyCommand(again, remedy.command);
      expect(done.ok && slip(done.plan)).toBeUndefined();
    }
  });
});
