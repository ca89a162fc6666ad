import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { CATALOGUE } from '../catalogue/index.js';
import { senseOf } from '../board/index.js';
import type { Plan, Surface } from '../plan/index.js';
import { board, group, id, planWith, withSmallLarder } from '../testing/plans.js';
import type { Said } from '../words/index.js';
import { compose, draftOf, problemOf, tieOf, whyComponent, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => {
  solve = await nodeSolver();
});

const round = (mm: number): Surface => board({ outline: { kind: 'round', diameterMm: mm } });

/** The foods that this loss speaks against, for these guests. */
function chargedWith(loss: Said['say'], groups: Plan['party']): string[] {
  const draft = draftOf(problemOf(planWith({ party: groups, surfaces: [round(440)] })));
  const charged = new Set(
    draft.model.reasons.filter(({ why }) => why.say === loss).map(({ variable }) => variable),
  );
  return draft.entries
    .filter(({ laid }) => charged.has(laid))
    .map(({ candidate }) => candidate.component.id as string);
}

describe('boards that differ, and have what each needs', () => {
  test('what an allergy forbids stands back where its like is taken as gladly, and all cheese does not', () => {
    const back = (need: string) =>
      chargedWith('loss.like-without', [group('all', 8), group('few', 2, [need])]);
    expect(back('sesame-free')).toContain('hummus-bought');
    expect(back('sesame-free')).not.toContain('hummus-no-sesame');
    expect(back('dairy-free')).not.toEqual(expect.arrayContaining(['blue-wedge']));
    expect(back('dairy-free').filter((food) => /brie|gouda|cheddar/.test(food))).toEqual([]);
    expect(chargedWith('loss.like-without', [group('all', 8)])).toEqual([]);
  });

  test('what guests with an allergy are often allergic to as well is not proposed until it is asked, and says why', () => {
    const party = (need: string) => [group('all', 40), group('few', 2, [need])];
    const planFor = (need: string, pinned: string[] = []) => {
      const plan = planWith({ party: party(need) });
      return { ...plan, wishes: { ...plan.wishes, pinned: pinned.map(id) } };
    };
    const isProposed = (food: string, plan: Plan) =>
      problemOf(plan).candidates.some(({ component }) => component.id === food);
    for (const [need, food] of [
      ['tree-nut-free', 'peanuts-no-nuts'],
      ['peanut-free', 'lupin-beans'],
      ['mollusc-free', 'prawns'],
      ['crustacean-free', 'octopus'],
    ] as const) {
      expect([food, isProposed(food, planFor(need))]).toEqual([food, false]);
      expect([food, isProposed(food, planFor(need, [food]))]).toEqual([food, true]);
      expect([food, isProposed(food, planFor('vegan'))]).toEqual([food, true]);
    }
    expect(whyComponent(planFor('tree-nut-free'), id('peanuts-no-nuts'), solve).said).toEqual([
      expect.objectContaining({ say: 'why.often-too' }),
    ]);
  });

  test('on the tray of a few lies nothing that would reach an allergy at the large table', () => {
    const few: Surface = { ...round(240), id: 'tray' as Surface['id'], serves: [id('gf') as never] };
    const main: Surface = { ...round(440), serves: [id('all') as never, id('minds') as never] };
    const charged = (need: string[]) => {
      const plan = planWith({
        party: [group('all', 9), group('minds', 1, need), group('gf', 2, ['gluten-free'])],
        surfaces: [main, few],
      });
      const draft = draftOf(problemOf(plan));
      const reasons = draft.model.reasons.filter(({ why }) => why.say === 'loss.allergy');
      return draft.entries.filter(
        ({ laid, candidate }) =>
          candidate.area.surface.id === few.id &&
          candidate.component.id === 'almonds' &&
          reasons.some(({ variable }) => variable === laid),
      ).length;
    };
    expect(charged(['tree-nut-free'])).toBe(1);
    expect(charged([])).toBe(0);
  });

  test('something hot is wanted of a board for grown guests, and not beside small children', () => {
    const missing = (groups: Plan['party']) =>
      draftOf(problemOf(planWith({ party: groups, surfaces: [round(440)] }))).model.variables.some(
        ({ name }) => name === 'missing something hot',
      );
    expect(missing([group('all', 9)])).toBe(true);
    expect(missing([group('all', 5)])).toBe(false);
    expect(missing([group('all', 9), group('small', 2, [], { band: 'child', ages: [2, 2] })])).toBe(false);
  });

  test('what only the whole plate decides stands on no label', () => {
    const open = (need: string) => chargedWith('loss.no-label', [group('all', 8), group('few', 2, [need])]);
    expect(open('lighter')).toEqual([]);
    expect(open('vegan').length).toBeGreaterThan(20);
  });

  test('what is bought for its label stands back where nobody needs it, and nowhere else', () => {
    const back = (groups: Plan['party']) => chargedWith('loss.plain-food', groups);
    const forNobody = back([group('all', 8)]);
    expect(forNobody).toEqual(
      expect.arrayContaining(['halal-meatballs', 'vegan-baguette', 'free-from-chocolate', 'oat-biscuits']),
    );
    expect(forNobody).not.toContain('beef-meatballs');
    const forHalal = back([group('all', 8), group('halal', 2, ['halal'])]);
    expect(forHalal).not.toContain('halal-meatballs');
    expect(back([group('all', 8), group('vegan', 2, ['vegan'])])).not.toContain('oat-biscuits');
  });

  test('a cheese of plants is for who may have none of milk; a vegetarian has the others', () => {
    const plants = (groups: Plan['party']) =>
      chargedWith('loss.plain-food', groups).filter((food) => /cashew|almond-feta/.test(food));
    expect(plants([group('all', 60), group('veg', 12, ['vegetarian'])])).toEqual(
      expect.arrayContaining(['aged-cashew-wedge', 'cashew-round', 'almond-feta']),
    );
    expect(plants([group('all', 60), group('vegan', 1, ['vegan'])])).toEqual([]);
    expect(plants([group('all', 60), group('milk', 1, ['dairy-free'])])).toEqual([]);
  });

  test('butter on the tray of two is none for the twenty beside them', () => {
    const tray: Surface = { ...round(240), id: 'tray' as Surface['id'], serves: [id('gf') as never] };
    const main: Surface = { ...round(520), serves: [id('all') as never] };
    const plan = planWith({
      party: [group('all', 20), group('gf', 2, ['gluten-free'])],
      surfaces: [main, tray],
      occasion: { ...planWith({}).occasion, kind: 'breakfast' },
    });
    const draft = draftOf(problemOf(plan));
    const row = draft.model.rows.find(({ name }) => name === 'want butter or fresh cheese to spread')!;
    const surfaceOf = new Map(draft.entries.map(({ laid, candidate }) => [laid, candidate.area.surface.id]));
    const places = row.terms.flatMap(([variable]) => surfaceOf.get(variable) ?? []);
    expect(places.length).toBeGreaterThan(1);
    expect(new Set(places)).toEqual(new Set([main.id]));
  });

  test('in winter cucumber from under glass costs less than strawberries, and in summer neither costs', () => {
    const inSeason = (month: string) => {
      const occasion = { ...planWith({}).occasion, start: `2027-${month}-12T18:00` };
      const { model, chosen } = draftOf(
        problemOf(planWith({ party: [group('all', 10)], occasion, surfaces: [round(440)] })),
      );
      const points = (food: string) =>
        model.reasons
          .filter(({ variable, why }) => why.say === 'loss.season' && variable === chosen.get(id(food)))
          .reduce((sum, { cost }) => sum + cost, 0);
      return [points('cucumber'), points('strawberries')] as const;
    };
    const [cucumber, strawberries] = inSeason('12');
    expect(cucumber).toBeGreaterThan(0);
    expect(strawberries).toBeGreaterThan(2 * cucumber);
    expect(inSeason('06')).toEqual([0, 0]);
  });

  test('what nearly everybody takes gives way on its days by more points than its like', () => {
    const carrots = CATALOGUE.find(({ id }) => id === 'carrot-sticks')!;
    const kohlrabi = CATALOGUE.find(({ id }) => id === 'kohlrabi')!;
    const most = (component: typeof carrots) =>
      Math.max(...Array.from({ length: 60 }, (_, seed) => tieOf({ ...planWith({}), seed }, component)));
    expect(most(carrots)).toBeGreaterThan(most(kohlrabi) + 2);
  });

  test('each day has other points for the same foods; the same seed and day have the same', () => {
    const on = (day: string) => ({
      ...planWith({}),
      occasion: { ...planWith({}).occasion, start: `${day}T18:00` },
    });
    const points = (plan: Plan) => CATALOGUE.map((component) => tieOf(plan, component));
    expect(points(on('2027-06-12'))).toEqual(points(on('2027-06-12')));
    const apart = points(on('2027-06-13')).filter((point, i) => point !== points(on('2027-06-12'))[i]);
    expect(apart.length).toBeGreaterThan(CATALOGUE.length * 0.9);
    const waiting = points(on('2027-06-12')).filter((point) => point > 1.5).length / CATALOGUE.length;
    expect(waiting).toBeGreaterThan(0.2);
    expect(waiting).toBeLessThan(0.5);
  });

  test('bread on somebody else’s tray alone is none of a group’s two kinds', () => {
    const tray: Surface = {
      ...round(260),
      id: 'tray' as Surface['id'],
      name: 'Tray',
      serves: [id('gf') as never],
      freeFrom: ['gluten'],
    };
    const main: Surface = { ...round(440), serves: [id('all') as never] };
    const plan = withSmallLarder(
      planWith({
        party: [group('all', 9), group('gf', 4, ['gluten-free'])],
        surfaces: [main, tray],
      }),
    );
    const draft = draftOf(problemOf(plan));
    const row = draft.model.rows.find(({ name }) => name === 'carriers all')!;
    const there = new Set(
      draft.entries
        .filter(({ candidate }) => candidate.area.surface.id === main.id)
        .map(({ laid }) => draft.model.variables[laid]!.name),
    );
    const terms = row.terms.map(([variable]) => draft.model.variables[variable]!.name);
    expect(terms.filter((name) => !there.has(name))).toEqual(['carriers missing all']);
    const found = compose(plan, solve, { quick: true }).plan;
    const short = senseOf(found).flatMap((one) =>
      one.code === 'no-carrier' ? [one.group.id as string] : [],
    );
    expect(short).not.toContain('all');
  });
});
