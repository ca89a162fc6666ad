import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE } from '../catalogue/index.js';
import type { Solver } from '../compose/index.js';
import { judgeNeed } from '../needs/index.js';
import { guestsIn } from '../party/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { costOf } from '../portion/index.js';
import { after, group, id, lies, planWith } from '../testing/plans.js';
import { accepted, cheaperBy, convert, convertCommand, onlyJobs, swapsFor } from './index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const board: Plan = planWith({
  party: [group('all', 8), group('vegans', 2, ['vegan'])],
  placements: [
    'brie',
    'salami',
    'aged-gouda',
    'honey',
    'water-crackers',
    'strawberries',
    'cornichons',
    'almonds',
    'hummus-home',
    'milk-chocolate',
  ].map((c) => lies(c, 150)),
});
const need = (n: string) => ({ needs: [{ id: n, settings: {} }] });
const kinds = (p: Plan) => [...new Set(p.placements.map((x) => x.componentId))];

describe('converting a board', () => {
  test.each([
    'vegan',
    'vegetarian',
    'halal',
    'tree-nut-free',
    'gluten-free',
    'dairy-free',
    'keto',
    'child-1-3',
  ])('to %s leaves nothing forbidden, makes no two things the same, and says what is open', (n) => {
    const c = convert(board, need(n), solve);
    expect(c.status).toBe('optimal');
    const larder = planLarder(c.plan);
    const apart = new Set(c.apart);
    for (const p of c.plan.placements) {
      if (apart.has(p.componentId)) continue;
      const { verdict } = judgeNeed(larder.get(p.componentId)!, p.form, need(n).needs[0]!);
      expect([p.componentId, verdict === 'forbidden']).toEqual([p.componentId, false]);
      if (verdict === 'ask') expect(c.open.join(' ')).toContain(larder.get(p.componentId)!.name);
    }
    const to = c.items.filter((i) => i.kind !== 'leave-out').map((i) => i.to);
    expect(new Set(to).size).toBe(to.length);
    expect(c.bound).toBeLessThanOrEqual(c.objective + 1e-6);
  });

  test('a board that is what it should be stays as it is', () => {
    const vegan = planWith({
      party: [group('v', 4, ['vegan'])],
      placements: [lies('strawberries', 200), lies('cucumber', 150)],
    });
    const c = convert(vegan, need('vegan'), solve);
    expect(c.items.map((i) => i.kind)).toEqual(['stays', 'stays']);
    expect(c.plan.placements).toEqual(vegan.placements);
  });

  test('an empty board stays empty', () =>
    expect(convert(planWith({}), need('vegan'), solve).items).toEqual([]));

  test('is the best of all choices on a small board, against trying every one', () => {
    const small = planWith({ party: [group('all', 4)], placements: [lies('brie', 200), lies('honey', 60)] });
    const c = convert(small, need('vegan'), solve);
    const losses = c.items.map((i) => 1 - i.likeness);
    // no single food could lose less by any swap that is fine and not taken by the other
    const better = swapsFor(small, id('brie'), { judge: false, kinds: ['component', 'home-made'] })
      .filter((s) => {
        const food = CATALOGUE.find((x) => x.id === s.id);
        return food && judgeNeed(food, s.form, need('vegan').needs[0]!).verdict === 'fine';
      })
      .map((s) => 1 - s.score);
    expect(losses[0]!).toBeLessThanOrEqual(Math.min(...better) + 0.3);
    // whatever it chose, without that choice nothing better is left
    for (const i of c.items.filter((x) => x.kind === 'component' || x.kind === 'home-made')) {
      const without = { ...small, wishes: { ...small.wishes, excluded: [i.to] } };
      expect(convert(without, need('vegan'), solve).objective).toBeGreaterThanOrEqual(c.objective - 1e-6);
    }
  });

  test('cheaper by a fifth costs a fifth less in packs bought, also for another number of guests', () => {
    for (const guests of [undefined, 6]) {
      const target = { needs: [], ...(guests ? { guests } : {}) };
      const budgetMinor = cheaperBy(board, 20, target);
      const c = convert(board, { ...target, budgetMinor }, solve);
      expect(c.status).toBe('optimal');
      expect(costOf(c.plan)).toBeLessThanOrEqual(budgetMinor);
      expect(budgetMinor).toBeLessThan(costOf(convert(board, target, solve).plan));
    }
  });

  test('what is in the house costs nothing when the board is made cheaper', () => {
    const dear = 'aged-gouda';
    const owning = { ...board, pantry: [{ componentId: id(dear), massG: 400 }] };
    const budgetMinor = cheaperBy(board, 35);
    const stays = (p: Plan) => convert(p, { needs: [], budgetMinor }, solve).objective;
    expect(stays(owning)).toBeLessThanOrEqual(stays(board) + 1e-6);
    expect(costOf(convert(owning, { needs: [], budgetMinor }, solve).plan)).toBeLessThanOrEqual(budgetMinor);
  });

  test('a swap brings nothing that reaches a guest who comes: no nuts for keto beside a nut allergy', () => {
    const nutGuest = { ...board, party: [...board.party, group('nuts', 1, ['tree-nut-free'])] };
    const without = {
      ...nutGuest,
      placements: nutGuest.placements.filter((p) => p.componentId !== 'almonds'),
    };
    for (const n of ['keto', 'gluten-free', 'vegan', 'dairy-free']) {
      const c = convert(without, need(n), solve);
      const larder = planLarder(c.plan);
      const nuts = kinds(c.plan).filter((k) => larder.get(k)!.allergens['tree-nuts'] === 'contains');
      expect([n, nuts]).toEqual([n, []]);
    }
  });

  test('for fewer guests every group stays, and the grams go with them', () => {
    const c = convert(board, { needs: [], guests: 5 }, solve);
    expect(guestsIn(c.plan.party)).toBe(5);
    expect(c.plan.party.every((g) => g.count >= 1)).toBe(true);
    expect(c.plan.placements.reduce((n, p) => n + p.massG, 0)).toBeCloseTo(750, -1);
  });

  test('in the heat chocolate goes', () => {
    const c = convert(
      board,
      { needs: [], occasion: { start: '2027-07-15T18:00', airTempC: 31, where: 'outdoors' } },
      solve,
    );
    expect(kinds(c.plan).some((x) => x.includes('chocolate'))).toBe(false);
  });

  test('a part of it can be taken, and one step of undo takes all that was taken', () => {
    const c = convert(board, need('vegan'), solve);
    const one = c.items.filter((i) => i.from === 'brie');
    const plan = after(board, convertCommand(board, need('vegan'), one));
    expect(kinds(plan)).not.toContain('brie');
    expect(kinds(plan)).toContain('salami');
    expect(accepted(board, []).placements).toEqual(board.placements);
  });

  test('what is held stays if it may', () => {
    const c = convert(board, { needs: [], budgetMinor: cheaperBy(board, 15), locked: [id('brie')] }, solve);
    expect(c.items.find((i) => i.from === 'brie')!.kind).toBe('stays');
  });

  test('two needs together are both kept', () => {
    const both = { needs: [...need('vegan').needs, ...need('gluten-free').needs] };
    const c = convert(board, both, solve);
    const larder = planLarder(c.plan);
    for (const p of c.plan.placements.filter((x) => !c.apart.includes(x.componentId)))
      for (const n of both.needs)
        expect(judgeNeed(larder.get(p.componentId)!, p.form, n).verdict).not.toBe('forbidden');
  });

  test('no budget at all has no answer but leaving everything out, or says so', () => {
    const c = convert(board, { needs: [], budgetMinor: 0 }, solve);
    expect(c.status === 'impossible' || c.plan.placements.length === 0).toBe(true);
  });
});

describe('swaps of every kind', () => {
  test('the only sharp thing is not swapped for something that is not sharp without saying so', () => {
    const jobs = onlyJobs(board, id('cornichons'));
    expect(jobs.map((j) => j.name)).toContain('something sharp');
    for (const s of swapsFor(board, id('cornichons'), { judge: false, kinds: ['component'] })) {
      const sharp = (CATALOGUE.find((c) => c.id === s.id)!.taste?.sour ?? 0) >= 4;
      expect([s.name, sharp || s.changes.includes('no more something sharp')]).toEqual([s.name, true]);
    }
  });

  test('come as other foods, other forms and home-made', () => {
    const found = new Set(swapsFor(board, id('honey'), { judge: false }).map((s) => s.kind));
    expect([...found].sort()).toEqual(expect.arrayContaining(['component', 'home-made']));
    expect(swapsFor(board, id('strawberries'), { judge: false }).some((s) => s.kind === 'form')).toBe(true);
  });

  test('a home-made one brings its recipe as a food of one’s own', () => {
    const made = swapsFor(board, id('honey'), { kinds: ['home-made'] })[0]!;
    const plan = after(board, made.command);
    expect(plan.ownComponents.map((c) => c.id)).toContain(made.id);
    expect(kinds(plan)).toContain(made.id);
  });

  test('a twin goes to the plate of those who may not have it, and the food stays with the others', () => {
    const main = planWith({}).surfaces[0]!;
    const plan: Plan = {
      ...board,
      surfaces: [main, { ...main, id: 'tray' as never, name: 'Tray', serves: [board.party[1]!.id] }],
    };
    const twin = swapsFor(plan, id('brie'), { kinds: ['split'] })[0]!;
    const done = after(plan, twin.command);
    expect(done.placements.some((p) => p.componentId === 'brie')).toBe(true);
    expect(done.placements.some((p) => p.componentId === twin.id && p.surfaceId === 'tray')).toBe(true);
  });

  test('weights change the order: who asks for the price gets the cheap ones first', () => {
    const none = {
      family: 0,
      role: 0,
      taste: 0,
      texture: 0,
      colour: 0,
      form: 0,
      service: 0,
      cost: 1,
      effort: 0,
    };
    const first = swapsFor(board, id('brie'), { judge: false, kinds: ['component'], weights: none })[0]!;
    expect(first.like.cost).toBe(1);
  });

  test('the quick list holds the same foods as can be judged', () => {
    fc.assert(
      fc.property(fc.constantFrom(...kinds(board)), (x) => {
        const quick = new Set(swapsFor(board, x, { judge: false }).map((s) => s.name));
        for (const s of swapsFor(board, x, { kinds: ['form'] })) expect(quick.has(s.name)).toBe(true);
      }),
      { numRuns: 4 },
    );
  });
});
