import { said } from '../testing/words.js';
import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE } from '../catalogue/index.js';
import { checkFood } from '../check/index.js';
import type { Solver } from '../compose/index.js';
import { judgeNeed } from '../needs/index.js';
import { guestsIn } from '../party/index.js';
import { planLarder, type Plan, type SurfaceId } from '../plan/index.js';
import { costOf } from '../portion/index.js';
import { laidDemo } from '../test-support/demo.js';
import { after, group, id, lies, planWith } from '../testing/plans.js';
import { accepted, cheaperBy, convert, convertCommand, onlyJobs, optionsFor, swapsFor } from './index.js';

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
  ].map((char) => lies(char, 150)),
});
const need = (name: string) => ({ needs: [{ id: name, settings: {} }] });
const kinds = (plan: Plan) => [...new Set(plan.placements.map((placement) => placement.componentId))];

describe('converting a board', () => {
  test('one surface alone: what lies there is fine, what lies elsewhere stays to the gram, in one step of undo', () => {
    const tray = {
      ...board.surfaces[0]!,
      id: 'tray' as SurfaceId,
      name: 'Tray',
      serves: [board.party[1]!.id],
    };
    const both = {
      ...board,
      surfaces: [...board.surfaces, tray],
      placements: [
        ...board.placements,
        ...['brie', 'water-crackers', 'strawberries', 'honey'].map((food) =>
          lies(food, 60, { surfaceId: tray.id }),
        ),
      ],
    };
    const target = { ...need('vegan'), surfaces: [tray.id] };
    const conversion = convert(both, target, solve);
    expect(conversion.status).not.toBe('impossible');
    const then = after(both, convertCommand(both, target, conversion.items));
    const on = (plan: Plan, id: SurfaceId) => plan.placements.filter(({ surfaceId }) => surfaceId === id);
    expect(on(then, both.surfaces[0]!.id)).toEqual(on(both, both.surfaces[0]!.id));
    expect(on(then, tray.id).length).toBeGreaterThan(1);
    const larder = planLarder(then);
    for (const { componentId, form } of on(then, tray.id))
      expect([
        componentId,
        judgeNeed(larder.get(componentId)!, form, { id: 'vegan', settings: {} }).verdict,
      ]).not.toEqual([componentId, 'forbidden']);
  });

  test.each([
    'vegan',
    'vegetarian',
    'halal',
    'tree-nut-free',
    'gluten-free',
    'dairy-free',
    'keto',
    'child-1-3',
  ])('to %s leaves nothing forbidden, makes no two things the same, and says what is open', (name) => {
    const conversion = convert(board, need(name), solve);
    expect(conversion.status).toBe('optimal');
    const larder = planLarder(conversion.plan);
    const apart = new Set(conversion.apart);
    for (const placement of conversion.plan.placements) {
      if (apart.has(placement.componentId)) continue;
      const { verdict } = judgeNeed(larder.get(placement.componentId)!, placement.form, need(name).needs[0]!);
      expect([placement.componentId, verdict === 'forbidden']).toEqual([placement.componentId, false]);
      if (verdict === 'ask')
        expect(conversion.open.map(said).join(' ')).toContain(larder.get(placement.componentId)!.name);
    }
    const to = conversion.items.filter((item) => item.kind !== 'leave-out').map((item) => item.to);
    expect(new Set(to).size).toBe(to.length);
    expect(conversion.bound).toBeLessThanOrEqual(conversion.objective + 1e-6);
  });

  test('a board that is what it should be stays as it is', () => {
    const vegan = planWith({
      party: [group('v', 4, ['vegan'])],
      placements: [lies('strawberries', 200), lies('cucumber', 150)],
    });
    const conversion = convert(vegan, need('vegan'), solve);
    expect(conversion.items.map((item) => item.kind)).toEqual(['stays', 'stays']);
    expect(conversion.plan.placements).toEqual(vegan.placements);
  });

  test('what brings a guest who counts more than the limit is taken back, not the whole turn refused', () => {
    const ferry = laidDemo('last-ferry');
    const stops = (plan: Plan) =>
      checkFood(plan)
        .findings.filter(({ severity }) => severity === 'blocker')
        .map(({ key }) => key);
    expect(ferry.party.some(({ needs }) => needs.some((need) => need.id === 'keto'))).toBe(true);
    const conversion = convert(ferry, need('peanut-free'), solve);
    expect(conversion.status).toBe('optimal');
    expect(stops(conversion.plan)).toEqual(stops(ferry));
  });

  test('guests with an allergy to tree nuts get no peanuts for almonds, unless those were there', () => {
    const nuts = planWith({
      party: [group('all', 8), group('nut', 2, ['tree-nut-free'])],
      placements: [lies('almonds', 120), lies('cucumber', 150), lies('strawberries', 200)],
    });
    const asPeanuts = (plan: Plan) => {
      const larder = planLarder(plan);
      const options = optionsFor(plan, larder, larder.get(id('almonds'))!, plan.placements.slice(0, 1));
      return options.find((option) => option.id === id('peanuts-no-nuts'))!;
    };
    const unasked = asPeanuts({ ...nuts, party: [nuts.party[0]!] });
    expect(unasked.changes.join()).not.toContain('allergy');
    expect(asPeanuts(nuts).score).toBeLessThan(unasked.score - 0.1);
    expect(asPeanuts(nuts).changes[0]).toContain('allergy');
  });

  test('an empty board stays empty', () =>
    expect(convert(planWith({}), need('vegan'), solve).items).toEqual([]));

  test('is the best of all choices on a small board, against trying every one', () => {
    const small = planWith({ party: [group('all', 4)], placements: [lies('brie', 200), lies('honey', 60)] });
    const conversion = convert(small, need('vegan'), solve);
    const losses = conversion.items.map((item) => 1 - item.likeness);
    // no single food could lose less by any swap that is fine and not taken by the other
    const better = swapsFor(small, id('brie'), { judge: false, kinds: ['component', 'home-made'] })
      .filter((swap) => {
        const food = CATALOGUE.find((component) => component.id === swap.id);
        return food && judgeNeed(food, swap.form, need('vegan').needs[0]!).verdict === 'fine';
      })
      .map((swap) => 1 - swap.score);
    expect(losses[0]!).toBeLessThanOrEqual(Math.min(...better) + 0.3);
    // whatever it chose, without that choice nothing better is left
    for (const item of conversion.items.filter(
      (otherItem) => otherItem.kind === 'component' || otherItem.kind === 'home-made',
    )) {
      const without = { ...small, wishes: { ...small.wishes, excluded: [item.to] } };
      expect(convert(without, need('vegan'), solve).objective).toBeGreaterThanOrEqual(
        conversion.objective - 1e-6,
      );
    }
  });

  test('cheaper by a fifth costs a fifth less in packs bought, also for another number of guests', () => {
    for (const guests of [undefined, 6]) {
      const target = { needs: [], ...(guests ? { guests } : {}) };
      const budgetMinor = cheaperBy(board, 20, target);
      const conversion = convert(board, { ...target, budgetMinor }, solve);
      expect(conversion.status).toBe('optimal');
      expect(costOf(conversion.plan)).toBeLessThanOrEqual(budgetMinor);
      expect(budgetMinor).toBeLessThan(costOf(convert(board, target, solve).plan));
    }
  });

  test('what is in the house costs nothing when the board is made cheaper', () => {
    const dear = 'aged-gouda';
    const owning = { ...board, pantry: [{ componentId: id(dear), massG: 400 }] };
    const budgetMinor = cheaperBy(board, 35);
    const stays = (plan: Plan) => convert(plan, { needs: [], budgetMinor }, solve).objective;
    expect(stays(owning)).toBeLessThanOrEqual(stays(board) + 1e-6);
    expect(costOf(convert(owning, { needs: [], budgetMinor }, solve).plan)).toBeLessThanOrEqual(budgetMinor);
  });

  test('a swap brings nothing that reaches a guest who comes: no nuts for keto beside a nut allergy', () => {
    const nutGuest = { ...board, party: [...board.party, group('nuts', 1, ['tree-nut-free'])] };
    const without = {
      ...nutGuest,
      placements: nutGuest.placements.filter((placement) => placement.componentId !== 'almonds'),
    };
    for (const name of ['keto', 'gluten-free', 'vegan', 'dairy-free']) {
      const conversion = convert(without, need(name), solve);
      const larder = planLarder(conversion.plan);
      const nuts = kinds(conversion.plan).filter(
        (id) => larder.get(id)!.allergens['tree-nuts'] === 'contains',
      );
      expect([name, nuts]).toEqual([name, []]);
    }
  });

  test('for fewer guests every group stays, and the grams go with them', () => {
    const conversion = convert(board, { needs: [], guests: 5 }, solve);
    expect(guestsIn(conversion.plan.party)).toBe(5);
    expect(conversion.plan.party.every((group) => group.count >= 1)).toBe(true);
    expect(conversion.plan.placements.reduce((sum, placement) => sum + placement.massG, 0)).toBeCloseTo(
      750,
      -1,
    );
  });

  test('in the heat chocolate goes', () => {
    const conversion = convert(
      board,
      { needs: [], occasion: { start: '2027-07-15T18:00', airTempC: 31, where: 'outdoors' } },
      solve,
    );
    expect(kinds(conversion.plan).some((id) => id.includes('chocolate'))).toBe(false);
  });

  test('a part of it can be taken, and one step of undo takes all that was taken', () => {
    const conversion = convert(board, need('vegan'), solve);
    const one = conversion.items.filter((item) => item.from === 'brie');
    const plan = after(board, convertCommand(board, need('vegan'), one));
    expect(kinds(plan)).not.toContain('brie');
    expect(kinds(plan)).toContain('salami');
    expect(accepted(board, []).placements).toEqual(board.placements);
  });

  test('whatever turns says why, what nothing forbids, too', () => {
    for (const target of [need('pregnancy'), { needs: [], budgetMinor: cheaperBy(board, 20) }]) {
      const { items } = convert(board, target, solve);
      const turned = items.filter(({ kind }) => kind !== 'stays');
      expect(turned.length).toBeGreaterThan(0);
      expect(turned.filter(({ reasons }) => reasons.length === 0)).toEqual([]);
    }
  });

  test('what is held stays if it may', () => {
    const conversion = convert(
      board,
      { needs: [], budgetMinor: cheaperBy(board, 15), locked: [id('brie')] },
      solve,
    );
    expect(conversion.items.find((item) => item.from === 'brie')!.kind).toBe('stays');
  });

  test('two needs together are both kept', () => {
    const both = { needs: [...need('vegan').needs, ...need('gluten-free').needs] };
    const conversion = convert(board, both, solve);
    const larder = planLarder(conversion.plan);
    for (const placement of conversion.plan.placements.filter(
      (otherPlacement) => !conversion.apart.includes(otherPlacement.componentId),
    ))
      for (const choice of both.needs)
        expect(judgeNeed(larder.get(placement.componentId)!, placement.form, choice).verdict).not.toBe(
          'forbidden',
        );
  });

  test('no budget at all has no answer but leaving everything out, or says so', () => {
    const conversion = convert(board, { needs: [], budgetMinor: 0 }, solve);
    expect(conversion.status === 'impossible' || conversion.plan.placements.length === 0).toBe(true);
  });
});

describe('swaps of every kind', () => {
  test('the only sharp thing is not swapped for something that is not sharp without saying so', () => {
    const jobs = onlyJobs(board, id('cornichons'));
    expect(jobs.map((job) => job.name)).toContain('something sharp');
    for (const swap of swapsFor(board, id('cornichons'), { judge: false, kinds: ['component'] })) {
      const sharp = (CATALOGUE.find((component) => component.id === swap.id)!.taste?.sour ?? 0) >= 4;
      expect([swap.name, sharp || swap.changes.includes('no more something sharp')]).toEqual([
        swap.name,
        true,
      ]);
    }
  });

  test('come as other foods, other forms and home-made', () => {
    const found = new Set(swapsFor(board, id('honey'), { judge: false }).map((swap) => swap.kind));
    expect([...found].sort()).toEqual(expect.arrayContaining(['component', 'home-made']));
    expect(swapsFor(board, id('strawberries'), { judge: false }).some((swap) => swap.kind === 'form')).toBe(
      true,
    );
  });

  test('a home-made one brings its recipe as a food of one’s own', () => {
    const made = swapsFor(board, id('honey'), { kinds: ['home-made'] })[0]!;
    const plan = after(board, made.command);
    expect(plan.ownComponents.map((component) => component.id)).toContain(made.id);
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
    expect(done.placements.some((placement) => placement.componentId === 'brie')).toBe(true);
    expect(
      done.placements.some(
        (placement) => placement.componentId === twin.id && placement.surfaceId === 'tray',
      ),
    ).toBe(true);
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
      fc.property(fc.constantFrom(...kinds(board)), (id) => {
        const quick = new Set(swapsFor(board, id, { judge: false }).map((swap) => swap.name));
        for (const swap of swapsFor(board, id, { kinds: ['form'] })) expect(quick.has(swap.name)).toBe(true);
      }),
      { numRuns: 4 },
    );
  });
});
