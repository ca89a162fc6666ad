import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE } from '../catalogue/index.js';
import { checkPlan } from '../check/index.js';
import { applyCommand, canonicalText, planLarder, type Plan } from '../plan/index.js';
import { targetsOf } from '../portion/index.js';
import { brief, group, id, planWith } from '../testing/plans.js';
import { compose, draftOf, problemOf, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

/** A plan whose larder is only these components. */
function only(ids: string[], patch: Partial<Plan> = {}): Plan {
  return planWith({
    party: [
      group('picky', 4, [], { dislikes: ['kiwi', 'radish', 'cornichon'] }),
      group('meatless', 1, ['vegetarian']),
    ],
    wishes: {
      pinned: [],
      excluded: CATALOGUE.filter((c) => !ids.includes(c.id)).map((c) => c.id),
      star: null,
      levers: { bolder: 0, colour: 0, cheaper: 0, lessWork: 0, season: 0 },
    },
    ...patch,
  });
}

/** Every choice of components, each solved with its choice fixed: slow and obvious. One surface, so laid means chosen. */
function exhaustive(plan: Plan): number {
  const draft = draftOf(problemOf(plan));
  const ids = [...draft.chosen.keys()];
  let best = Infinity;
  for (let mask = 0; mask < 2 ** ids.length; mask++) {
    ids.forEach((component, i) => {
      const on = (mask >> i) & 1;
      const binaries = [
        draft.chosen.get(component)!,
        ...draft.entries.filter((e) => e.candidate.component.id === component).map((e) => e.laid),
      ];
      for (const b of binaries) Object.assign(draft.model.variables[b]!, { lower: on, upper: on });
    });
    best = Math.min(best, solve(draft.model, { gap: 0, nodes: 0, seed: 1, relaxed: true }).objective);
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

  test('the demo is optimal to one per cent, and everyone is looked after by the check', () => {
    const c = compose(brief(), solve);
    expect(c.status).toBe('optimal');
    expect(c.gap).toBeLessThanOrEqual(0.01);
    expect(c.bound).toBeLessThanOrEqual(c.objective + 1e-6);
    const checked = checkPlan(c.plan);
    expect(checked.care.groups.map((g) => [g.group.id, g.ok])).toEqual(c.plan.party.map((g) => [g.id, true]));
    expect(checked.care.greed).toBeGreaterThanOrEqual(1);
    expect(checked.findings.filter((f) => f.glyph === 'cracked')).toEqual([]);
    const open = checked.findings.filter((f) => f.glyph !== 'whole');
    expect(open.length).toBeGreaterThanOrEqual(3);
    expect(open.length).toBeLessThanOrEqual(4);
    expect(open.filter((f) => f.glyph === 'covered' && f.grave)).toEqual([]);
  });

  test('the same seed gives the same board, another seed may give another', () => {
    const text = (seed: number) => canonicalText({ ...compose({ ...brief(), seed }, solve).plan, seed: 0 });
    expect(text(3)).toBe(text(3));
    expect(text(4)).not.toBe(text(3));
  });

  test('amounts come near the school: no family strays by a third', () => {
    const { plan } = compose(brief(), solve);
    const larder = planLarder(plan);
    const { byFamily } = targetsOf(plan);
    for (const [family, target] of Object.entries(byFamily)) {
      const mass = plan.placements
        .filter((p) => larder.get(p.componentId)?.family === family)
        .reduce((n, p) => n + p.massG, 0);
      expect(Math.abs(mass - target)).toBeLessThanOrEqual(Math.max(60, target * 0.34));
    }
  });

  test('a quiet tray holds nothing that breaks or might break its promise', () => {
    const { plan } = compose(brief(), solve);
    expect(checkPlan(plan).findings.filter((f) => f.code.startsWith('promise'))).toEqual([]);
  });

  test('pins come, exclusions stay away', () => {
    const plan = {
      ...brief(),
      wishes: { ...brief().wishes, pinned: [id('feta')], excluded: [id('brie'), id('salami')] },
    };
    const ids = compose(plan, solve).plan.placements.map((p) => p.componentId);
    expect(ids).toContain('feta');
    expect(ids).not.toContain('brie');
    expect(ids).not.toContain('salami');
  });

  test('wishes that collide are named in plain words', () => {
    const plan = only(SMALL[0]!, { budgetMinor: 100 });
    const c = compose(plan, solve);
    expect(c.status).toBe('impossible');
    expect(c.conflicts[0]!.wishes).toContain('budget');
    expect(c.conflicts[0]!.text).toContain('budget');
  });

  test('vegans without any vehicle are named', () => {
    const c = compose(
      only(['brie', 'falafel', 'cucumber', 'strawberries', 'water-crackers'], {
        party: [group('vegans', 4, ['vegan'])],
      }),
      solve,
    );
    expect(c.status).toBe('impossible');
    expect(c.conflicts[0]!.wishes).toEqual(['group:vegans']);
  });

  test('nobody, or no surface, is said and not solved', () => {
    expect(compose(planWith({}), solve).conflicts[0]!.text).toContain('Nobody');
    expect(compose(planWith({ party: [group('a', 2)], surfaces: [] }), solve).conflicts[0]!.text).toContain(
      'surface',
    );
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
    party: plan.party.filter((g) => g.id !== 'tree-nut'),
    surfaces: plan.surfaces
      .filter((s) => s.id !== 'quiet-tray')
      .map((s) => ({ ...s, serves: s.serves?.filter((g) => g !== 'tree-nut') ?? null })),
  };
}

describe('a guest with a nut allergy', () => {
  const nuts = (plan: Plan) =>
    plan.placements.filter((p) => planLarder(plan).get(p.componentId)?.allergens['tree-nuts'] === 'contains')
      .length;

  test('keeps tree nuts off the boards; without that guest they come', () => {
    expect(nuts(compose(brief(), solve).plan)).toBe(0);
    expect(nuts(compose(withoutNutGuest(), solve).plan)).toBeGreaterThan(0);
  });

  test('and without the quiet tray there is more wheat bread, because fewer guests depend on special crackers', () => {
    const wheatG = (plan: Plan) => {
      const larder = planLarder(plan);
      return plan.placements
        .filter((p) => {
          const food = larder.get(p.componentId)!;
          return food.job === 'vehicle' && food.allergens.gluten === 'contains';
        })
        .reduce((n, p) => n + p.massG, 0);
    };
    for (const seed of [1, 15])
      expect(wheatG(compose({ ...withoutNutGuest(), seed }, solve).plan)).toBeGreaterThan(
        wheatG(compose({ ...brief(), seed }, solve).plan),
      );
  });

  test('who comes after all finds a slip whose remedies clear it', () => {
    const { plan } = compose(withoutNutGuest(), solve);
    const guest = brief().party.find((g) => g.id === 'tree-nut')!;
    const again: Plan = {
      ...plan,
      party: [...plan.party, guest],
      surfaces: plan.surfaces.map((s) => (s.id === 'oak' ? { ...s, serves: [...s.serves!, guest.id] } : s)),
    };
    const slip = (p: Plan) => checkPlan(p).findings.find((f) => f.key === 'contact oak tree-nut');
    expect(slip(again)).toMatchObject({ glyph: 'cracked', grave: true });
    for (const remedy of slip(again)!.remedies) {
      const done = applyCommand(again, remedy.command);
      expect(done.ok && slip(done.plan)).toBeUndefined();
    }
  });
});
