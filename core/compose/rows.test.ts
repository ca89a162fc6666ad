import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE, FORMS, usualForm } from '../catalogue/index.js';
import { checkPlan } from '../check/index.js';
import { planLarder, type Plan, type Surface } from '../plan/index.js';
import { bowlsInUse, costOf, planMaking, targetsOf } from '../portion/index.js';
import { group, id, planWith, withSmallLarder } from '../testing/plans.js';
import { isBold, isCheese, placementsOf, taste, wholePieces } from '../board/index.js';
import { compose, draftOf, problemOf, type Solver } from './index.js';
import { text } from '../testing/words.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

const party = [group('all', 8), group('vegans', 2, ['vegan'])];
const board = planWith({}).surfaces[0]!;
const round = (mm: number): Surface => ({ ...board, outline: { kind: 'round', diameterMm: mm } });
const base = (patch: Partial<Plan> = {}): Plan =>
  withSmallLarder(planWith({ party, surfaces: [round(440)], ...patch }));
const food = (id: string) => CATALOGUE.find((component) => component.id === id)!;
const massOf = (plan: Plan, test: (id: string) => boolean) =>
  plan.placements
    .filter((placement) => test(placement.componentId))
    .reduce((sum, placement) => sum + placement.massG, 0);

describe('whole pieces', () => {
  test('their mass is their number times one, never none, and never far from what was asked', () => {
    fc.assert(
      fc.property(fc.constantFrom(...CATALOGUE), fc.integer({ min: 1, max: 900 }), (component, massG) => {
        const fact = usualForm(component);
        const got = wholePieces(fact, massG, 300);
        expect(got.pieces).toBeGreaterThanOrEqual(1);
        if (FORMS[fact.form].lies !== 'alone') {
          expect(got.massG).toBeCloseTo(got.pieces * fact.pieceG, 1);
          expect(Math.abs(got.massG - massG)).toBeLessThanOrEqual(
            Math.max(fact.pieceG, fact.pieceG / 2 + 0.1),
          );
        }
      }),
    );
  });

  test('a large wedge or bowl becomes two, a wheel is whole wheels in every lot', () => {
    expect(wholePieces(usualForm(food('aged-gouda')), 600, 300).pieces).toBe(2);
    const long = base({ occasion: { ...base().occasion, durationMin: 240, carMin: 30, buildMin: 30 } });
    const brie = food('brie');
    const lots = placementsOf({
      plan: long,
      component: brie,
      fact: usualForm(brie),
      surfaceId: board.id,
      massG: 500,
    });
    expect(lots.length).toBeGreaterThan(1);
    for (const placement of lots) expect(placement.massG % usualForm(brie).pieceG).toBe(0);
  });

  test('what is counted is as many pieces in all lots together as the whole gives, and one in each at least', () => {
    const long = base({ occasion: { ...base().occasion, durationMin: 300, carMin: 30, buildMin: 30 } });
    const counted = CATALOGUE.filter((component) => !FORMS[usualForm(component).form].cutToMass);
    let several = 0;
    fc.assert(
      fc.property(fc.constantFrom(...counted), fc.integer({ min: 1, max: 900 }), (component, massG) => {
        const fact = usualForm(component);
        if (FORMS[fact.form].wholeLots) return;
        const lots = placementsOf({ plan: long, component, fact, surfaceId: board.id, massG });
        if (lots.length > 1) several += 1;
        expect(lots.every((lot) => lot.pieces >= 1)).toBe(true);
        expect(lots.reduce((sum, lot) => sum + lot.pieces, 0)).toBe(
          Math.max(lots.length, Math.round(massG / fact.pieceG)),
        );
      }),
    );
    expect(several).toBeGreaterThan(5);
  });

  test('lots of one food add up to what was asked, within a piece each', () => {
    const long = base({ occasion: { ...base().occasion, durationMin: 240 } });
    const dip = food('tzatziki');
    const lots = placementsOf({
      plan: long,
      component: dip,
      fact: usualForm(dip),
      surfaceId: board.id,
      massG: 400,
    });
    expect(lots.map((placement) => placement.lot)).toEqual(lots.map((_, i) => i));
    expect(lots.reduce((sum, placement) => sum + placement.massG, 0)).toBeCloseTo(400, -1.5);
  });
});

describe('the program', () => {
  test('has tidy rows: every term names a variable, no bound is crossed', () => {
    const { model } = draftOf(problemOf(base()));
    for (const row of model.rows) {
      expect(row.lower).toBeLessThanOrEqual(row.upper);
      for (const [v, factor] of row.terms) {
        expect(model.variables[v]).toBeDefined();
        expect(Number.isFinite(factor)).toBe(true);
      }
    }
    for (const variable of model.variables) expect(variable.lower).toBeLessThanOrEqual(variable.upper);
  });

  test('the relaxed program is never worse than the board that is found: its points are a bound', () => {
    const draft = draftOf(problemOf(base()));
    const relaxed = solve(draft.model, { gap: 0, nodes: 0, seed: 1, relaxed: true });
    const composition = compose(base(), solve);
    expect(relaxed.objective).toBeLessThanOrEqual(composition.objective + 1e-6);
    expect(composition.bound).toBeLessThanOrEqual(composition.objective + 1e-6);
  });
});

describe('what a board keeps to', () => {
  test('a budget is kept in whole packs, and a tight one costs points', () => {
    const free = compose(base(), solve);
    const cost = costOf(free.plan);
    const budgetMinor = Math.round(cost * 0.8);
    const shown: number[] = [];
    const tight = compose(base({ budgetMinor }), solve, { onFirst: (plan) => shown.push(costOf(plan)) });
    // every board that is shown on the way keeps the budget too
    expect(shown.length).toBeGreaterThan(0);
    for (const s of shown) expect(s).toBeLessThanOrEqual(budgetMinor);
    expect(tight.status).not.toBe('impossible');
    expect(costOf(tight.plan)).toBeLessThanOrEqual(budgetMinor);
    expect(tight.objective).toBeGreaterThan(free.objective);
  });

  test('what is made at home is paid by its ingredients, what is in the house is not, what is in the basket is paid', () => {
    const made = (plan: Plan) => plan.placements.filter(({ componentId }) => planMaking(plan, componentId));
    const spend = (patch: Partial<Plan>) => compose(base({ budgetMinor: 5200, ...patch }), solve).plan;
    const bare = spend({ pantry: [] });
    const stocked = spend({});
    const packs = [{ massG: 250, priceMinor: 900, count: 1 }];
    const paid = spend({ day: { ...base().day, bought: [{ id: 'saffron', packs }] } });
    for (const plan of [bare, stocked, paid]) {
      expect(plan.placements.length).toBeGreaterThan(10);
      expect(costOf(plan)).toBeLessThanOrEqual(5200);
    }
    expect(made(stocked).length).toBeGreaterThan(0);
    // the basket takes its share of the money
    expect(costOf({ ...paid, day: base().day })).toBeLessThanOrEqual(5200 - 900);
  });

  test('no more bowls are used than there are', () => {
    const one = compose(base({ bowls: [{ diameterMm: 100, count: 1 }] }), solve).plan;
    expect(
      new Set(
        one.placements.filter((placement) => placement.contained).map((placement) => placement.componentId),
      ).size,
    ).toBeLessThanOrEqual(1);
  });

  test('a bowl holds so much: where more is laid, more bowls are counted', () => {
    const party = [group('all', 40)];
    const plan = compose(base({ party, bowls: [{ diameterMm: 120, count: 3 }] }), solve).plan;
    const used = plan.placements
      .filter((placement) => placement.contained && placement.lot === 0)
      .reduce((sum, placement) => sum + (placement.form === 'bowl' ? placement.pieces : 1), 0);
    expect(used).toBeGreaterThan(0);
    expect(used).toBeLessThanOrEqual(3);
  });

  test('a basket holds bread, and no dip', () => {
    const bowls = [
      { diameterMm: 120, count: 2 },
      { diameterMm: 220, count: 2 },
    ];
    const plan = compose(base({ party: [group('all', 40)], bowls }), solve).plan;
    const dips = bowlsInUse(plan).filter((bowl) => bowl.form === 'bowl');
    expect(dips.length).toBeGreaterThan(0);
    expect(dips.map((bowl) => bowl.diameterMm).filter((mm) => mm > 120)).toEqual([]);
  });

  describe('a coeliac guest at the one board', () => {
    const party = [group('all', 9), group('coeliac', 1, ['gluten-free'])];
    const wheat = (plan: Plan) =>
      plan.placements.filter((placement) => {
        const food = planLarder(plan).get(placement.componentId)!;
        return food.job === 'vehicle' && food.allergens.gluten === 'contains';
      });

    test('wheat bread stands in bowls with tools of their own, and nothing reaches the guest', () => {
      const { plan } = compose(base({ party, bowls: [{ diameterMm: 120, count: 8 }] }), solve);
      expect(wheat(plan).length).toBeGreaterThan(0);
      for (const placement of wheat(plan))
        expect([placement.contained, placement.ownTool]).toEqual([true, true]);
      const codes = checkPlan(plan).findings.map((finding) => finding.code);
      expect(codes).not.toContain('contact');
      expect(codes).not.toContain('shared-tool');
    });

    test('without a bowl there is no wheat beside them', () => {
      expect(wheat(compose(base({ party, bowls: [] }), solve).plan)).toEqual([]);
    });
  });

  test('honey, jam and jelly go by the teaspoon', () => {
    const plan = compose(base({ wishes: { ...base().wishes, pinned: [id('honey')] } }), solve).plan;
    const most = 6 * targetsOf(plan).portions;
    expect(massOf(plan, (char) => char === 'honey')).toBeGreaterThan(0);
    expect(massOf(plan, (char) => char === 'honey')).toBeLessThanOrEqual(most + 15);
  });

  test('a palette brings its colours', () => {
    const red = base();
    const themed = {
      ...red,
      occasion: { ...red.occasion, theme: { ...red.occasion.theme, palette: ['#d8322b'] } },
    };
    const count = (plan: Plan) => {
      const larder = planLarder(plan);
      return new Set(
        plan.placements
          .map((placement) => larder.get(placement.componentId)!)
          .filter((component) =>
            ['strawberries', 'cherry-tomatoes', 'raspberries', 'beet-dip', 'salami', 'chorizo'].includes(
              component.id,
            ),
          )
          .map((component) => component.id),
      ).size;
    };
    expect(count(compose(themed, solve).plan)).toBeGreaterThanOrEqual(count(compose(red, solve).plan));
  });

  test('levers do what they say: bolder is stronger, cheaper costs less', () => {
    // in a small larder there is little to choose from
    const plan = planWith({ party: [group('all', 8)] });
    const lever = (patch: Partial<Plan['wishes']['levers']>) =>
      compose({ ...plan, wishes: { ...plan.wishes, levers: { ...plan.wishes.levers, ...patch } } }, solve)
        .plan;
    const bold = (plan: Plan) => {
      const larder = planLarder(plan);
      const foods = [...new Set(plan.placements.map((placement) => placement.componentId))].map((id) =>
        larder.get(id)!,
      );
      return (
        foods.reduce(
          (sum, component) => sum + (component.taste?.strength ?? 0) + (component.taste?.heat ?? 0),
          0,
        ) / foods.length
      );
    };
    const bolder = lever({ bolder: 2 });
    expect(bold(bolder)).toBeGreaterThan(bold(lever({ bolder: -2 })));
    // hot sausage alone is no bold board
    const cheeses = bolder.placements.map(({ componentId }) => planLarder(bolder).get(componentId)!);
    expect(
      cheeses.some((cheese) => isCheese(cheese) && isBold(cheese) && taste(cheese, 'strength') >= 4),
    ).toBe(true);
    const cost = (plan: Plan) => costOf(plan);
    expect(cost(lever({ cheaper: 2 }))).toBeLessThan(cost(lever({ cheaper: -2 })));
  });

  test('disliked food is passed over where something else does the job', () => {
    const picky = base({ party: [group('all', 8, [], { dislikes: ['olives', 'blue'] })] });
    const ids = compose(picky, solve).plan.placements.map((placement) => placement.componentId as string);
    expect(ids.filter((char) => /olive|blue-wedge/.test(char))).toEqual([]);
  });

  test('a vegan guest’s board of everything-fits holds nothing that is not vegan', () => {
    const plan = compose(base({ policy: 'everything-fits' }), solve).plan;
    expect(checkPlan(plan).findings.filter((finding) => finding.code === 'not-for-them')).toEqual([]);
    expect(plan.placements.length).toBeGreaterThan(8);
  });

  test.each([
    'dairy-free',
    'tree-nut-free',
    'gluten-free',
    'egg-free',
    'sesame-free',
    'fish-free',
    'peanut-free',
    'halal',
  ])('one %s guest at one shared board is looked after: what would reach them stands in bowls', (need) => {
    const party = [group('all', 9), group('veg', 3, ['vegan']), group('one', 1, [need])];
    const { plan, status } = compose(base({ party, surfaces: [round(600)] }), solve);
    expect(status).toBe('optimal');
    const checked = checkPlan(plan);
    expect(checked.findings.filter((finding) => finding.severity === 'blocker').map(text)).toEqual([]);
    expect(checked.care.groups.find((care) => care.group.id === 'one')!.ok).toBe(true);
  });

  test('without bowls, or with two, a board is found all the same', () => {
    for (const count of [0, 2]) {
      const party = [group('all', 9), group('one', 1, ['dairy-free'])];
      const bowls = [{ diameterMm: 100, count }];
      const { plan, status } = compose(base({ party, surfaces: [round(600)], bowls }), solve);
      expect(status).not.toBe('impossible');
      const standing = plan.placements.filter(
        (placement) => placement.contained && placement.lot === 0,
      ).length;
      expect(standing).toBeLessThanOrEqual(count);
    }
  });

  test.each([[2], [4]])('within reach of children of %d lies nothing that stops service for them', (age) => {
    const small = group('small', 2, [], { band: 'child', ages: [age, age] });
    const { plan } = compose(base({ party: [group('all', 10), small] }), solve);
    expect(plan.placements.length).toBeGreaterThan(10);
    const slips = checkPlan(plan).findings.filter((finding) => finding.severity === 'blocker');
    expect(slips.map(text)).toEqual([]);
    // very salty food is left out although everyone else would like it, even where there may be more of it
    const offered = (plan: Plan) =>
      problemOf(plan, false, true).candidates.map((candidate) => candidate.component.id as string);
    expect(offered(plan)).not.toContain('capers');
    expect(offered(base())).toContain('capers');
  });

  test('a child’s plate holds only what is fine for it, and not mostly bread', () => {
    const threes = group('threes', 2, [], { band: 'child', ages: [3, 3] });
    const plate = (n: number): Surface => ({
      ...round(160),
      id: `plate-${n}` as Surface['id'],
      serves: [threes.id],
      smallHands: true,
    });
    const plan = compose(
      base({
        party: [...party, threes],
        surfaces: [
          { ...round(440), serves: party.map((group) => group.id), smallHands: false },
          plate(1),
          plate(2),
        ],
      }),
      solve,
    ).plan;
    const larder = planLarder(plan);
    for (const n of [1, 2]) {
      const here = plan.placements.filter((placement) => placement.surfaceId === `plate-${n}`);
      const mass = here.reduce((sum, placement) => sum + placement.massG, 0);
      const bread = here
        .filter((placement) => larder.get(placement.componentId)!.job === 'vehicle')
        .reduce((sum, placement) => sum + placement.massG, 0);
      expect(here.length).toBeGreaterThanOrEqual(5);
      expect(bread / mass).toBeLessThan(0.5);
    }
    expect(checkPlan(plan).findings.filter((finding) => finding.code === 'choking-shape')).toEqual([]);
  });
});

describe('wishes that collide', () => {
  test('the smallest set is named: a pin and a budget, and nobody who is innocent', () => {
    const plan = base({
      budgetMinor: 300,
      wishes: { ...base().wishes, pinned: [id('aged-gouda')] },
    });
    const composition = compose(plan, solve);
    expect(composition.status).toBe('impossible');
    expect(composition.conflicts).toHaveLength(1);
    expect(composition.conflicts[0]!.wishes).toContain('budget');
    expect(composition.conflicts[0]!.wishes.length).toBeLessThanOrEqual(2);
    expect(composition.plan.placements).toEqual([]);
  });

  test('stopping at the first board is told as unproven', () => {
    const composition = compose(base(), solve, { quick: true });
    expect(['feasible', 'optimal']).toContain(composition.status);
    expect(composition.status === 'optimal').toBe(composition.gap <= 0.01);
  });

  test('the first board comes before the best and is a whole plan', () => {
    const firsts: Plan[] = [];
    const composition = compose(base(), solve, { onFirst: (plan) => firsts.push(plan) });
    expect(firsts.length).toBeGreaterThanOrEqual(1);
    for (const plan of firsts) expect(plan.placements.length).toBeGreaterThan(8);
    expect(composition.plan.placements.length).toBeGreaterThan(8);
  });
});
