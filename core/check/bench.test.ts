import { describe, expect, test } from '@jest/globals';
import { castMould } from '../board/index.js';
import { applyCommand, planLarder, type Cut, type Plan } from '../plan/index.js';
import { filled, libraryCutter, mouldById } from '../shape/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { checkPlan } from './index.js';

const cutOf = (food: string, cutter: string, more: Partial<Cut> = {}): Cut => ({
  componentId: id(food),
  slice: { shape: 'rect', lengthMm: 100, widthMm: 80 },
  thicknessMm: 6,
  gapMm: 2,
  marginMm: 2,
  turns: null,
  cutters: [libraryCutter(cutter, 40)!],
  pieces: [{ cutter: 0, x: 0, y: 0, angle: 0, locked: false }],
  offcuts: 'waste',
  ownCutters: false,
  seed: 1,
  ...more,
});

const milkFree = group('milk-free', 2, ['dairy-free']);
const shaped = (food: string) => lies(food, 100, { form: 'cut-outs', pieces: 10 });
const plan = (cuts: Cut[], more: Partial<Plan> = {}): Plan =>
  planWith({
    party: [group('all', 6), milkFree],
    cuts,
    placements: cuts.map(({ componentId }) => shaped(componentId)),
    ...more,
  });
const told = (of: Plan) => checkPlan(of).findings.filter(({ code }) => code === 'same-cutter');
const MELON = 'melon';

describe('a tool of the bench in two foods', () => {
  test('is told to whom may eat the one and must not meet the other: a cutter', () => {
    const [finding, ...more] = told(plan([cutOf(MELON, 'disc'), cutOf('young-gouda', 'disc')]));
    expect(more).toEqual([]);
    expect([finding!.concerns, finding!.components]).toEqual([['milk-free'], [MELON, 'young-gouda']]);
    expect(finding!.severity).toBe('blocker');
  });

  test.each<[string, Plan]>([
    ['two cutters', plan([cutOf(MELON, 'star'), cutOf('young-gouda', 'disc')])],
    ['a cutter of its own', plan([cutOf(MELON, 'disc', { ownCutters: true }), cutOf('young-gouda', 'disc')])],
    [
      'the free food first',
      plan([cutOf(MELON, 'disc'), cutOf('young-gouda', 'disc')], {
        prep: { freeFromFirst: true, freshGloves: false },
      }),
    ],
    [
      'nobody who minds',
      { ...plan([cutOf(MELON, 'disc'), cutOf('young-gouda', 'disc')]), party: [group('all', 6)] },
    ],
    ['two foods of milk', plan([cutOf('edam', 'disc'), cutOf('young-gouda', 'disc')])],
  ])('and not with %s', (_, of) => {
    expect(told(of)).toEqual([]);
  });

  test('a wire goes through every cheese, whatever its cutters', () => {
    const plant = [...planLarder(plan([])).values()].find(
      ({ family, milk, allergens, forms }) =>
        family === 'cheese' && milk === 'plant' && allergens.milk === 'free' && forms.length > 0,
    )!;
    const cuts = [cutOf(plant.id, 'star'), cutOf('young-gouda', 'disc')];
    const [finding] = told(plan(cuts));
    expect(finding?.components).toEqual([plant.id, 'young-gouda']);
    expect(JSON.stringify(finding)).toContain('Wire');
  });

  test('a mould that was filled with cheese is not filled with dark chocolate for them', () => {
    const mould = mouldById('fish-tray')!;
    const at = plan([]).surfaces[0]!.id;
    const withMoulds = (...foods: string[]): Plan =>
      foods.reduce((now, name) => {
        const food = planLarder(now).get(id(name))!;
        const done = applyCommand(now, castMould(now, mould, food, 4, filled(mould, food, 4), at));
        if (!done.ok) throw new Error('not cast');
        return done.plan;
      }, plan([]));
    const chocolate = [...planLarder(plan([])).values()].find(
      ({ id: one, allergens }) => /chocolate/.test(one) && allergens.milk === 'free',
    )!;
    expect(told(withMoulds(chocolate.id))).toEqual([]);
    const both = told(withMoulds(chocolate.id, 'young-gouda'));
    expect(both.map(({ concerns }) => concerns)).toEqual([['milk-free']]);
    expect(both[0]!.remedies.map(({ kind }) => kind)).not.toContain('own-cutters');
  });
});
