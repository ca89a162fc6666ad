import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { checkPlan } from '../check/index.js';
import { compose, type Solver } from '../compose/index.js';
import { laySurface, layPlan, stagesOf, unlaidOn } from '../lay/index.js';
import { menuText } from '../exchange/index.js';
import type { Group } from '../party/index.js';
import {
  applyCommand,
  emptyPlan,
  inWhole,
  oneOfEach,
  planLarder,
  type Command,
  type Plan,
  type Surface,
} from '../plan/index.js';
import { advisedOutline, boughtFor, laidGroundCm2, surfaceAreaCm2 } from '../portion/index.js';
import { convert, convertCommand, later, laterCommand } from '../swap/index.js';
import { group } from '../testing/plans.js';
import { ENGLISH } from '../words/index.js';
import { nodeSolver } from '../../solver/node.js';
import { keptAs, placementsOf, servingAreas, tongsInUse, toolsInUse } from './index.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

/** Boxes for these guests, in the size that a portion asks for. */
function boxesFor(party: Group[], surfaces: (Partial<Surface> & { singles: number })[]): Plan {
  const empty = emptyPlan('boxes', '2027-06-12T12:00');
  const box = { ...empty.surfaces[0]!, name: 'Box', rimMm: 4, material: 'paper' as const };
  const plan = {
    ...empty,
    party,
    occasion: { ...empty.occasion, kind: 'picnic' as const },
    surfaces: surfaces.map((own, i): Surface => ({ ...box, ...own, id: `box-${i + 1}` as Surface['id'] })),
  };
  return {
    ...plan,
    surfaces: plan.surfaces.map((surface) => ({
      ...surface,
      outline: advisedOutline(plan, surface) ?? surface.outline,
    })),
  };
}

const done = (plan: Plan, command: Command): Plan => {
  const result = applyCommand(plan, command);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.plan;
};

const codes = (plan: Plan): string[] => checkPlan(plan).findings.map(({ code }) => code);

test('whole portions by shares add up, and each share has one while there are so many', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 300 }),
      fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 4 }),
      (n, parts) => {
        const all = parts.reduce((a, b) => a + b, 0);
        const counts = inWhole(
          n,
          parts.map((part) => part / all),
        );
        expect(counts.reduce((a, b) => a + b, 0)).toBe(n);
        expect(counts.filter((count) => count > 0).length).toBe(Math.max(1, Math.min(n, parts.length)));
      },
    ),
  );
});

describe('single portions', () => {
  let boxes: Plan;
  beforeAll(() => {
    const party = [group('all', 26), group('veg', 4, ['vegetarian'])];
    const plan = boxesFor(party, [
      { singles: 26, serves: [party[0]!.id] },
      { singles: 4, serves: [party[1]!.id], name: 'Vegetarian box' },
    ]);
    boxes = compose(plan, solve).plan;
  });

  test('of each food there are as many whole pieces in one as in any other, and nobody’s box has what is not theirs', () => {
    expect(boxes.placements.length).toBeGreaterThan(15);
    for (const surface of boxes.surfaces) {
      const foods = new Map<string, number>();
      for (const { surfaceId, componentId, pieces } of boxes.placements)
        if (surfaceId === surface.id) foods.set(componentId, (foods.get(componentId) ?? 0) + pieces);
      expect(foods.size).toBeGreaterThan(6);
      for (const pieces of foods.values()) expect(pieces % surface.singles!).toBe(0);
      expect(unlaidOn(boxes, surface)).toEqual([]);
    }
    expect(codes(boxes)).toContain('looked-after');
    // there is no cup for each of thirty
    expect(boxes.placements.filter(({ contained }) => contained)).toEqual([]);
    expect(codes(boxes)).not.toContain('same-surface');
  });

  test('one of them is laid, by hand and sheet, and all of them are bought', () => {
    const laid = layPlan(boxes, 1).plan;
    for (const surface of laid.surfaces) {
      const one = oneOfEach(laid);
      const fills = laidGroundCm2(laid, surface) / surfaceAreaCm2(surface);
      expect(fills).toBeGreaterThan(0.8);
      expect(fills).toBeLessThan(1.15);
      const onSheet = stagesOf(laid, surface)
        .flatMap(({ foods }) => foods)
        .reduce((sum, { massG }) => sum + massG, 0);
      const inOne = one.placements
        .filter(({ surfaceId }) => surfaceId === surface.id)
        .reduce((sum, { massG }) => sum + massG, 0);
      expect(onSheet).toBeCloseTo(inOne, 3);
      expect(laySurface(one, surface, 1).elements).toEqual(laySurface(laid, surface, 1).elements);
    }
    const bought = boughtFor(boxes.placements, planLarder(boxes), boxes);
    const all = boxes.placements.reduce((sum, { massG }) => sum + massG, 0);
    expect(bought.reduce((sum, { neededG }) => sum + neededG, 0)).toBeGreaterThanOrEqual(all - 1);
    expect(menuText(boxes, ENGLISH)).toContain('26 × Box');
    expect(menuText(boxes, ENGLISH)).toMatch(/\d in each/);
  });

  test('a table that becomes portions gives those who count on some foods portions of their own', () => {
    const party = [
      group('all', 9),
      group('veg', 2, ['vegetarian']),
      group('coeliac', 1, ['gluten-free']),
      // they count on all foods, cut small: nobody else's grapes are quartered for them
      group('small', 2, [], { band: 'child', ages: [3, 3] }),
    ];
    const board = { ...emptyPlan('p', '2027-06-12T12:00').surfaces[0]!, id: 'board' as Surface['id'] };
    const table = {
      ...boxes,
      placements: [],
      party,
      surfaces: [board, { ...board, id: 'board-2' as Surface['id'] }],
    };
    const commands = keptAs(table, board, { ...board, singles: 14 });
    const plan = commands.reduce<Plan>(done, table);
    expect(plan.surfaces.map(({ serves, singles }) => [serves, singles])).toEqual([
      [[party[0]!.id], 9],
      [[party[1]!.id], 2],
      [[party[2]!.id], 1],
      [[party[3]!.id], 2],
    ]);
    expect(codes(plan)).not.toContain('too-few-portions');
    // what was changed about a box is kept as it is
    expect(keptAs(plan, plan.surfaces[0]!, { ...plan.surfaces[0]!, singles: 10 })).toHaveLength(1);
  });

  test('they want neither tongs nor knives of the house, and count as so many places', () => {
    expect(tongsInUse(boxes).all).toBe(0);
    expect(toolsInUse(boxes).knives).toBe(0);
    expect(servingAreas(boxes).map(({ copies }) => copies)).toEqual([26, 4]);
  });

  test('fewer than guests are told, and one press makes one for each with the same in it', () => {
    const [first] = boxes.surfaces;
    const few = done(boxes, { name: 'set-surface', surface: { ...first!, singles: 20 } });
    const slip = checkPlan(few).findings.find(({ code }) => code === 'too-few-portions')!;
    expect(slip.args).toMatchObject({ n: 20, guests: 26 });
    const again = done(few, slip.remedies[0]!.command);
    expect(codes(again)).not.toContain('too-few-portions');
    expect(oneOfEach(again).placements.map(({ componentId, pieces }) => [componentId, pieces])).toEqual(
      oneOfEach(boxes).placements.map(({ componentId, pieces }) => [componentId, pieces]),
    );
  });

  test('for more guests there are more of them, each with what it had; for fewer, fewer', () => {
    for (const count of [33, 20]) {
      const party = boxes.party.map((group, i) => (i === 0 ? { ...group, count } : group));
      const after = later(boxes, party, solve);
      const plan = done(boxes, laterCommand(boxes, after, 'more guests'));
      expect(plan.surfaces.map(({ singles }) => singles)).toEqual([count, 4]);
      expect(codes(plan)).not.toContain('too-few-portions');
      const inOne = (of: Plan) =>
        oneOfEach(of)
          .placements.map(({ componentId, pieces, surfaceId }) => `${componentId} ${pieces} ${surfaceId}`)
          .sort();
      expect(inOne(plan)).toEqual(inOne(boxes));
    }
  });

  test('what does not go evenly into all is told with its grams, never laid', () => {
    const { surfaceId, componentId } = boxes.placements[0]!;
    const odd = {
      ...boxes,
      placements: boxes.placements.map((placement, i) =>
        i === 0 ? { ...placement, pieces: placement.pieces + 7 } : placement,
      ),
    };
    const laid = layPlan(odd, 1).plan;
    const surface = laid.surfaces.find(({ id }) => id === surfaceId)!;
    expect(unlaidOn(laid, surface)).toMatchObject([{ component: { id: componentId }, why: 'uneven' }]);
  });

  test('what a box holds for others feeds nobody who may not eat it', () => {
    // the vegetarians have the others' boxes, ham and all: what is theirs in them is a part of each
    const party = boxes.party;
    const shared = {
      ...boxes,
      surfaces: [{ ...boxes.surfaces[0]!, serves: null, singles: 30 }],
      placements: boxes.placements.filter(({ surfaceId }) => surfaceId === boxes.surfaces[0]!.id),
    };
    const larder = planLarder(shared);
    const theirs = shared.placements
      .filter(({ componentId }) => larder.get(componentId)!.family !== 'cured-meat')
      .reduce((sum, { massG }) => sum + massG, 0);
    const { sureG, worstG } = checkPlan(shared).care.groups.find((care) => care.group.id === party[1]!.id)!;
    expect(sureG).toBeLessThanOrEqual((theirs * 4) / 30 + 1);
    // nobody takes from another's box
    expect(worstG).toBeCloseTo(sureG, 0);
    expect(codes(shared)).toContain('not-looked-after');
    const proposed = compose({ ...shared, placements: [] }, solve).plan;
    expect(
      proposed.placements.filter(({ componentId }) => larder.get(componentId)!.family === 'cured-meat'),
    ).toEqual([]);
  });

  test('the whole board for other guests has as many portions as they are', () => {
    const target = { guests: 15, needs: [] };
    const { items } = convert(boxes, target, solve);
    const plan = done(boxes, convertCommand(boxes, target, items));
    const guests = plan.party.reduce((sum, { count }) => sum + count, 0);
    expect(guests).toBe(15);
    expect(plan.surfaces.reduce((sum, { singles }) => sum + singles!, 0)).toBe(15);
    expect(codes(plan)).not.toContain('too-few-portions');
  });

  test('an edit by hand leaves as many whole pieces in each', () => {
    const { surfaceId } = boxes.placements[0]!;
    const fact = planLarder(boxes).get('strawberries' as never)!;
    const placed = done(boxes, {
      name: 'place',
      componentId: fact.id,
      surfaceId,
      placements: [
        {
          componentId: fact.id,
          surfaceId,
          form: fact.forms[0]!.form,
          massG: 700,
          pieces: 61,
          lot: 0,
          contained: false,
        },
      ],
    });
    const [berries] = placed.placements.filter(({ componentId }) => componentId === fact.id);
    expect(berries).toMatchObject({ pieces: 52, massG: Math.round((700 / 61) * 520) / 10 });
  });

  test('what would stand too long comes with boxes that come later', () => {
    const long = { ...boxes, occasion: { ...boxes.occasion, durationMin: 150 } };
    const prawns = planLarder(long).get('prawns' as never)!;
    const lots = placementsOf({
      plan: long,
      component: prawns,
      fact: prawns.forms[0]!,
      surfaceId: long.surfaces[0]!.id,
      massG: 26 * 3 * prawns.forms[0]!.pieceG,
    });
    expect(lots.length).toBeGreaterThan(1);
    for (const { pieces } of lots) expect(pieces % 3).toBe(0);
    expect(lots.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(26 * 3);
  });
});
