import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyCommand, type Plan, type Surface } from '../plan/index.js';
import { passesDoor } from '../portion/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import { inEnglish } from '../words/index.js';
import { advisedTable, inParts, servingAreas, tooFarToReach } from './index.js';

const board = (outline: Surface['outline'], more: Partial<Surface> = {}): Surface => ({
  ...planWith({}).surfaces[0]!,
  outline,
  ...more,
});
const round = (diameterMm: number) => board({ kind: 'round', diameterMm });
const long = (lengthMm: number, widthMm: number) =>
  board({ kind: 'rectangle', lengthMm, widthMm, cornerMm: 0 });
const planOf = (guests: number, surface: Surface, more: Partial<Plan> = {}): Plan =>
  planWith({ party: [group('all', guests)], surfaces: [surface], ...more });
const after = (plan: Plan, n: number): Plan => {
  const done = applyCommand(plan, inParts(plan, plan.surfaces[0]!, n));
  if (!done.ok) throw new Error(inEnglish(done.problems[0]!.reason));
  return done.plan;
};

test.each([
  ['twenty at one board', 20, round(800), undefined],
  ['as many as stand around one', 25, round(900), undefined],
  ['more than reach over one', 26, round(900), 2],
  ['a wedding at one board', 70, round(1200), 4],
  ['few at a board as long as three', 12, long(1800, 300), 2],
  ['few at one that a hand reaches', 12, long(1200, 400), undefined],
])('%s', (_name, guests, surface, parts) => {
  expect(tooFarToReach(planOf(guests, surface), surface)?.parts).toBe(parts);
});

test('guests who have another table too count as half at each', () => {
  const main = round(900);
  const bar = board({ kind: 'round', diameterMm: 700 }, { id: 'bar' as Surface['id'] });
  const plan = planWith({ party: [group('all', 40)], surfaces: [main, bar] });
  expect(tooFarToReach(plan, main)).toBeUndefined();
  expect(advisedTable(plan, { ...main, inPlace: true })).toHaveLength(1);
});

test('what is carried in passes the door, and what is built there need not', () => {
  const plan = planOf(24, round(400));
  const [first] = plan.surfaces;
  const carried = advisedTable(plan, first!);
  expect(carried).toHaveLength(2);
  expect(carried.every(passesDoor)).toBe(true);
  const [there, ...more] = advisedTable(plan, { ...first!, inPlace: true });
  expect([passesDoor(there!), more]).toEqual([false, []]);
});

test('what lies on a table is shared out by whole pieces, and nothing is lost', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 15 }),
      fc.integer({ min: 1, max: 2000 }),
      fc.boolean(),
      (n, grams, twice) => {
        const plan = planOf(60, round(1000), {
          placements: [lies('brie', 250), lies('green-olives', grams), lies('feta', grams * 2)],
        });
        const set = twice ? after(after(plan, n), n + 2) : after(plan, n);
        for (const { componentId, massG, pieces } of plan.placements) {
          const there = set.placements.filter((placement) => placement.componentId === componentId);
          expect(there.reduce((sum, placement) => sum + placement.massG, 0)).toBeCloseTo(massG, 6);
          expect(there.reduce((sum, placement) => sum + placement.pieces, 0)).toBe(pieces);
          // no part has more than a piece more than another
          const each = set.surfaces.map(
            ({ id }) => there.find((placement) => placement.surfaceId === id)?.pieces ?? 0,
          );
          expect(Math.max(...each) - Math.min(...each)).toBeLessThanOrEqual(1);
        }
      },
    ),
    { numRuns: 40 },
  );
});

test('parts are one table of the same ground, and are far from nobody', () => {
  const set = after(planOf(70, round(1200)), 4);
  expect(servingAreas(set)).toMatchObject([{ copies: 4 }]);
  expect(set.surfaces.every(({ outline }) => outline.kind === 'round' && outline.diameterMm === 600)).toBe(
    true,
  );
  expect(tooFarToReach(set, set.surfaces[0]!)).toBeUndefined();
});

test('boards that differ in who is kept from them, or in whose hands come to them, are not parts of one table', () => {
  const one = board({ kind: 'round', diameterMm: 400 });
  const unlike: Partial<Surface>[] = [
    { smallHands: false },
    { zoneFor: [group('all', 3).id] },
    { freeFrom: ['pork'] },
  ];
  for (const other of unlike) {
    const surfaces = [one, { ...one, id: 'other' as Surface['id'], ...other }];
    expect(servingAreas(planWith({ party: [group('all', 3)], surfaces }))).toHaveLength(2);
  }
});
