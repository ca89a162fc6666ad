import { describe, expect, test } from '@jest/globals';
import { homeMadeId, type Component } from '../catalogue/index.js';
import { judgeGroup } from '../needs/index.js';
import { applyCommand, planLarder, planSchema, type Command, type Cut, type Plan } from '../plan/index.js';
import { boughtFor } from '../portion/index.js';
import { filled, libraryCutter, mouldById, needOfCut } from '../shape/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { castMould } from './crafts.js';
import { crumbleOffcuts, foldIntoDip, freeOffcutsG } from './offcuts.js';

const vegans = group('vegans', 2, ['vegan']);

/** One square of 50 from a slice of 100: a quarter of it, the rest is left. */
const square: Cut = {
  componentId: id('young-gouda'),
  slice: { shape: 'rect', lengthMm: 100, widthMm: 100 },
  thicknessMm: 6,
  gapMm: 2,
  marginMm: 2,
  turns: null,
  cutters: [libraryCutter('square', 50)!],
  pieces: [{ cutter: 0, x: 0, y: 0, angle: 0, locked: false }],
  offcuts: 'waste',
  ownCutters: false,
  seed: 1,
};
const hummus = lies('hummus-home', 300, { form: 'bowl' });
const start = planWith({
  party: [group('all', 10), vegans],
  cuts: [square],
  placements: [lies('young-gouda', 157.5, { form: 'cut-outs', pieces: 10 }), hummus],
});
const food = (plan: Plan, name: string): Component => planLarder(plan).get(id(name))!;
const after = (plan: Plan, command: Command | undefined): Plan => {
  const done = applyCommand(plan, command!);
  if (!done.ok) throw new Error(JSON.stringify(done));
  expect(planSchema.safeParse(done.plan).success).toBe(true);
  return done.plan;
};
const boughtG = (plan: Plan, name: string): number =>
  boughtFor(plan.placements, planLarder(plan), plan).find((one) => one.id === id(name))!.neededG;
const at = start.surfaces[0]!.id;
const gouda = food(start, 'young-gouda');
const { leftG } = needOfCut(gouda, square, start);

describe('offcuts', () => {
  test('are three quarters of ten slices, and none of them is spoken for', () => {
    // 100 x 100 x 6 mm at 1.05 g a millilitre
    expect(leftG).toBeCloseTo(10 * 63 - 157.5, 0);
    expect(freeOffcutsG(start, gouda)).toBeCloseTo(leftG, 6);
  });

  test('crumbled are a food of the plan that costs nothing more, and no gram is bought for it', () => {
    const now = after(start, crumbleOffcuts(start, gouda, at));
    const crumbs = food(now, homeMadeId(now.recipes[0]!));
    expect(crumbs.packs.map(({ priceMinor }) => priceMinor)).toEqual([0]);
    expect(crumbs.per100g.energyKj).toBe(gouda.per100g.energyKj);
    expect(now.placements.find(({ componentId }) => componentId === crumbs.id)!.massG).toBeCloseTo(leftG, 0);
    expect(boughtG(now, 'young-gouda')).toBeCloseTo(boughtG(start, 'young-gouda'), 6);
    expect(freeOffcutsG(now, gouda)).toBeLessThan(1);
    // asked again it is the same: its own are not in its way
    expect(after(now, crumbleOffcuts(now, gouda, at))).toEqual(now);
  });

  test('folded into a dip make it a food that is judged anew, where the dip lay', () => {
    const dip = food(start, 'hummus-home');
    expect(judgeGroup(dip, 'bowl', vegans).verdict).not.toBe('forbidden');
    const now = after(start, foldIntoDip(start, gouda, dip, at));
    const made = food(now, homeMadeId(now.recipes[0]!));
    expect(judgeGroup(made, 'bowl', vegans).verdict).toBe('forbidden');
    expect(made.allergens.milk).toBe('contains');
    expect(now.placements.some(({ componentId }) => componentId === dip.id)).toBe(false);
    const [recipe] = now.recipes as [Plan['recipes'][number]];
    const lying = now.placements.filter(({ componentId }) => componentId === made.id);
    expect(lying.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(recipe.outG, 0);
    // a third of it at most
    expect(recipe.parts[1]!.massG / recipe.outG).toBeLessThanOrEqual(1 / 3 + 1e-3);
    expect(after(now, foldIntoDip(now, gouda, dip, at)).recipes).toEqual(now.recipes);
    expect(freeOffcutsG(now, gouda)).toBeCloseTo(leftG - recipe.parts[1]!.massG, 1);
  });

  test('that are wanted and are not there any more are bought', () => {
    const crumbs = after(start, crumbleOffcuts(start, gouda, at));
    const fewer: Plan = {
      ...crumbs,
      placements: crumbs.placements.map((placement) =>
        placement.form === 'cut-outs' ? { ...placement, pieces: 2, massG: 31.5 } : placement,
      ),
    };
    // two slices leave 94.5 g; the crumbs on the board are 472.5 g
    expect(boughtG(fewer, 'young-gouda')).toBeCloseTo(2 * 63 + (leftG - 2 * 63 * 0.75), 0);
  });

  test('fill a mould before the block does, where they are to be melted', () => {
    const melting = { ...start, cuts: [{ ...square, offcuts: 'melted' as const }] };
    const mould = mouldById('fish-tray')!;
    for (const [count, parts] of [
      [6, [true]],
      [60, [true, undefined]],
    ] as const) {
      const found = filled(mould, gouda, count);
      const now = after(melting, castMould(melting, mould, gouda, count, found, at));
      expect(now.recipes[0]!.parts.map(({ fromOffcuts }) => fromOffcuts)).toEqual(parts);
      expect(now.recipes[0]!.parts.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(found.batchG, 0);
    }
    expect(
      after(start, castMould(start, mould, gouda, 6, filled(mould, gouda, 6), at)).recipes[0]!.parts,
    ).toHaveLength(1);
  });
});

test('what is melted of two foods has the worst facts of both', () => {
  const plant = [...planLarder(start).values()].find(
    ({ family, milk, allergens }) => family === 'cheese' && milk === 'plant' && allergens.milk !== 'contains',
  )!;
  const mould = mouldById('fish-tray')!;
  const found = filled(mould, plant, 6);
  const now = after(start, castMould(start, mould, plant, 6, found, at, { food: gouda, share: 0.3 }));
  const made = food(now, homeMadeId(now.recipes[0]!));
  expect(made.allergens.milk).toBe('contains');
  expect(judgeGroup(made, 'cut-outs', vegans).verdict).toBe('forbidden');
  expect(now.recipes[0]!.parts.map(({ componentId }) => componentId)).toEqual([plant.id, gouda.id]);
});
