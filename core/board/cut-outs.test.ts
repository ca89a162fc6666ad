import { describe, expect, test } from '@jest/globals';
import { applyCommand, planLarder, type Cut, type Plan } from '../plan/index.js';
import { libraryCutter, proposedCut } from '../shape/index.js';
import { id, lies, planWith } from '../testing/plans.js';
import { layCutOuts, surfaceOfFood } from './index.js';

const board = planWith({}).surfaces[0]!;
const larder = planLarder(planWith({}));
const cut: Cut = {
  ...proposedCut(larder.get(id('young-gouda'))!, ['crescent'], 1)!,
  cutters: [libraryCutter('square', 20)!],
};
/** 20 by 20 by 6 mm at 1.05. */
const SQUARE_G = 2.52;
const done = (plan: Plan, pieces: number) => {
  const result = applyCommand(plan, layCutOuts(plan, cut, pieces, board.id));
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.plan;
};
const grams = (plan: Plan) => plan.placements.reduce((sum, { massG }) => sum + massG, 0);

describe('cut-outs on a board', () => {
  test('take their grams from what lies of the food in other forms', () => {
    const plan = done(planWith({ placements: [lies('young-gouda', 400)] }), 60);
    const [rest, shaped] = plan.placements;
    expect([shaped!.form, shaped!.pieces]).toEqual(['cut-outs', 60]);
    expect(shaped!.massG).toBeCloseTo(60 * SQUARE_G, 0);
    expect(rest!.form).not.toBe('cut-outs');
    expect(grams(plan)).toBeGreaterThan(390);
    expect(grams(plan)).toBeLessThan(410);
  });

  test('all of it, more than there was, and again another number', () => {
    const start = planWith({ placements: [lies('young-gouda', 150)] });
    const all = done(start, 60);
    expect(all.placements.map(({ form, pieces }) => [form, pieces])).toEqual([['cut-outs', 60]]);
    const more = done(all, 80);
    expect(more.placements.map(({ form, pieces }) => [form, pieces])).toEqual([['cut-outs', 80]]);
    expect(grams(more)).toBeCloseTo(80 * SQUARE_G, 0);
  });

  test('stand in lots where the food may not lie so long, and are as many in all', () => {
    const base = planWith({});
    const long = planWith({
      occasion: { ...base.occasion, airTempC: 33, where: 'outdoors', durationMin: 300 },
      placements: [lies('cooked-ham', 300)],
    });
    const ham = { ...cut, componentId: id('cooked-ham') };
    const result = applyCommand(long, layCutOuts(long, ham, 61, board.id));
    const plan = result.ok ? result.plan : long;
    const shaped = plan.placements.filter(({ form }) => form === 'cut-outs');
    expect(shaped.length).toBeGreaterThan(1);
    expect(shaped.reduce((sum, { pieces }) => sum + pieces, 0)).toBe(61);
  });

  test('stay in the bowl and with the tongs that the food had', () => {
    const plan = done(
      planWith({ placements: [{ ...lies('young-gouda', 150), contained: true, ownTool: true }] }),
      60,
    );
    expect(plan.placements[0]).toMatchObject({ form: 'cut-outs', contained: true, ownTool: true });
  });

  test('go where most of the food lies', () => {
    const tray = { ...board, id: 'tray' as typeof board.id, name: 'Tray' };
    const plan = planWith({
      surfaces: [board, tray],
      placements: [lies('young-gouda', 50), { ...lies('young-gouda', 90), surfaceId: tray.id }],
    });
    expect(surfaceOfFood(plan, id('young-gouda'))).toBe('tray');
    expect(surfaceOfFood(plan, id('brie'))).toBe('board');
  });
});
