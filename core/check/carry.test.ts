import { expect, test } from '@jest/globals';
import { applyCommand, type Plan, type Surface } from '../plan/index.js';
import { loadG, loadOf } from '../portion/index.js';
import { board, lies, planWith } from '../testing/plans.js';
import { checkPlan, type FindingCode } from './index.js';

const round = (diameterMm: number, more: Partial<Surface> = {}): Surface =>
  board({ outline: { kind: 'round', diameterMm }, rimMm: 10, ...more });

const planOn = (surface: Surface, massG: number, carMin = 0): Plan => {
  const plan = planWith({ surfaces: [surface], placements: [lies('almonds', massG)] });
  return { ...plan, occasion: { ...plan.occasion, carMin } };
};
const told = (plan: Plan, code: FindingCode) => checkPlan(plan).findings.find((one) => one.code === code);

test('a load is the board, its bowls and its food; over six kilos two carry it', () => {
  const surface = round(500);
  // 1963 cm² of oak at 1.26 g/cm² is 2474 g
  expect(loadOf(planOn(surface, 3000), surface)).toEqual({ boardG: 2474, foodG: 3000, bowlsG: 0 });
  expect(told(planOn(surface, 3000), 'heavy-board')).toBeUndefined();
  const heavy = planOn(surface, 3600);
  expect(told(heavy, 'heavy-board')?.args).toMatchObject({ load: { g: 6074 } });
  expect(told(planOn({ ...surface, weightG: 1500 }, 3600), 'heavy-board')).toBeUndefined();
  expect(told(planOn({ ...surface, material: 'paper' }, 9000), 'heavy-board')).toBeUndefined();
});

test('each remedy of a heavy board ends the slip', () => {
  const heavy = planOn(round(500), 3600);
  const { remedies } = told(heavy, 'heavy-board')!;
  expect(remedies.map(({ kind }) => kind)).toEqual(['built-in-place', 'in-parts']);
  for (const { command } of remedies) {
    const done = applyCommand(heavy, command);
    if (!done.ok) throw new Error('refused');
    for (const surface of done.plan.surfaces)
      if (!surface.inPlace) expect(loadG(loadOf(done.plan, surface))).toBeLessThan(6000);
    expect(told(done.plan, 'heavy-board')).toBeUndefined();
  }
});

test('a board passes a door by its width, and lies in a car by both', () => {
  const long = (lengthMm: number, widthMm: number, more: Partial<Surface> = {}) =>
    board({ outline: { kind: 'rectangle', lengthMm, widthMm, cornerMm: 0 }, ...more });
  const what = (surface: Surface, carMin = 0) => told(planOn(surface, 500, carMin), 'does-not-pass')?.args;
  expect(what(long(1400, 400))).toBeUndefined();
  expect(what(long(1400, 800))).toMatchObject({ what: 'door' });
  expect(what(long(1400, 800, { inPlace: true }))).toBeUndefined();
  expect(what(long(1400, 400), 30)).toMatchObject({ what: 'car' });
  // it is driven, though it is laid where it is served
  expect(what(long(1400, 400, { inPlace: true }), 30)).toMatchObject({ what: 'car' });
  expect(what(long(950, 650), 30)).toBeUndefined();
});

test('from one side a hand reaches 600 mm, from two sides twice that', () => {
  const deep = (widthMm: number, guests?: Surface['guests']) =>
    told(
      planOn(
        board({
          outline: { kind: 'rectangle', lengthMm: 700, widthMm, cornerMm: 0 },
          ...(guests ? { guests } : {}),
        }),
        500,
      ),
      'too-deep',
    );
  expect(deep(600, 'one-side')).toBeUndefined();
  expect(deep(620, 'one-side')?.remedies.map(({ kind }) => kind)).toEqual([
    'from-two-sides',
    'from-all-round',
  ]);
  expect(deep(900, 'two-sides')).toBeUndefined();
  expect(deep(1250, 'two-sides')?.remedies.map(({ kind }) => kind)).toEqual(['from-all-round']);
  expect(deep(1250)).toBeUndefined();
});

test('bare sheet metal wants paper between', () => {
  const tin = round(400, { material: 'tin' });
  expect(told(planOn(tin, 500), 'wants-liner')).toBeDefined();
  expect(told(planOn({ ...tin, liner: 'baking-paper' }, 500), 'wants-liner')).toBeUndefined();
  expect(told(planOn(round(400), 500), 'wants-liner')).toBeUndefined();
});
