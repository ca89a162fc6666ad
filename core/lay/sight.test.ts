import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { createRandom } from '../measure/index.js';
import type { Plan } from '../plan/index.js';
import { surfaceAreaCm2 } from '../portion/index.js';
import { board, group, lies, planWith } from '../testing/plans.js';
import { servingGround } from './grid.js';
import { growRegions, tradedBySight, type Laying, type Regions } from './grow.js';
import { laySurface, type HowToLay } from './lay.js';
import { partsOf, type Part } from './parts.js';
import { NOBODY } from './regions.js';
import { bordersSeen } from './relabel.js';
import { borderPoints } from './terms/index.js';

const ROUND = board({ outline: { kind: 'round', diameterMm: 340 } });
const GROUND = servingGround(ROUND);
const FOODS: [string, number][] = [
  ['strawberries', 115],
  ['cherry-tomatoes', 110],
  ['roast-chickpeas', 100],
  ['cashews', 100],
  ['green-grapes', 130],
  ['mature-cheddar', 110],
  ['dried-apricots', 100],
  ['salami', 85],
];
const PLAN = planWith({ surfaces: [ROUND], placements: FOODS.map(([id, g]) => lies(id, g)) });
const PARTS = partsOf(PLAN, ROUND, surfaceAreaCm2(ROUND)).filter(({ kind }) => kind !== 'hard');

const laying = (seed: number): Laying => ({
  random: createRandom(seed),
  steps: 0,
  bySight: 0,
  openings: 1,
  stands: undefined,
  star: null,
  surface: ROUND,
  thin: 1,
  worth: () => 0,
});
const grown = (parts: readonly Part[], seed: number): Regions =>
  growRegions(parts, [], [], [], GROUND, laying(seed));
const traded = (regions: Regions, seen: Int16Array, seed: number): Regions | undefined =>
  tradedBySight(regions, seen, { anchors: [], spots: [], ground: GROUND }, laying(seed));

/** What the borders of a map cost, by the same points. */
function costOn(seen: Int16Array, { grid, parts }: Regions): number {
  const borders = bordersSeen(grid, seen, parts.length);
  return parts.reduce(
    (sum, a, i) =>
      sum +
      parts.reduce(
        (of, b, k) =>
          k > i ? of + borders[i * parts.length + k]! * borderPoints(a.component, b.component) : of,
        0,
      ),
    0,
  );
}

describe('trading places by what is seen', () => {
  test('every part stays once, with its own share of the ground, and the ground is shared out again', () => {
    let some = 0;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const before = grown(PARTS, seed);
        const owner = before.owner.slice();
        const after = traded(before, before.owner, seed);
        // what came in is kept, to go back to
        expect([...before.owner]).toEqual([...owner]);
        if (!after) return;
        some += 1;
        expect(after.parts.map(({ id }) => id).sort()).toEqual(PARTS.map(({ id }) => id).sort());
        const share = ({ parts, sites }: Regions) =>
          new Map(parts.map(({ id }, i) => [id, sites[i]!.targetCells]));
        expect(share(after)).toEqual(share(before));
        expect([...after.owner].filter((o) => o !== NOBODY).length).toBe(
          [...owner].filter((o) => o !== NOBODY).length,
        );
      }),
      { numRuns: 12, seed: 3 },
    );
    expect(some).toBeGreaterThan(5);
  });

  test('what is seen is dearer before than after, on the very map that was seen', () => {
    const gains = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => {
      const before = grown(PARTS, seed);
      const after = traded(before, before.owner, seed);
      return after
        ? costOn(before.owner, before) - costOn(before.owner, { ...before, parts: after.parts })
        : 0;
    });
    expect(gains.filter((gain) => gain > 0).length).toBeGreaterThan(5);
    expect(gains.reduce((sum, gain) => sum + gain, 0)).toBeGreaterThan(0);
  });

  test('a pile that a hand holds trades with nobody', () => {
    const first = laySurface(PLAN, ROUND, 4).elements;
    const pinned = first.filter(({ layer }) => layer < 3).slice(0, 2);
    const plan = {
      ...PLAN,
      layout: [{ surfaceId: ROUND.id, elements: pinned.map((element) => ({ ...element, pinned: true })) }],
    };
    for (const seed of [1, 2, 3]) {
      const again = laySurface(plan, ROUND, seed).elements;
      for (const { id, x, y, pieces } of pinned)
        expect(again.find((element) => element.id === id)).toMatchObject({ x, y, pieces });
    }
  });
});

/** What each seed gains by the one way of laying, beside the other. */
const gains = (plan: Plan, one: HowToLay, other: HowToLay): number[] =>
  [1, 2, 3, 4, 5, 6].map((seed) => {
    const whole = (how: HowToLay) => laySurface(plan, plan.surfaces[0]!, seed, how).whole;
    return whole(one) - whole(other);
  });
const better = (all: readonly number[]): number => all.filter((gain) => gain > 1e-4).length;

test('no board is worse for it, and most are better', () => {
  const won = gains(PLAN, {}, { bySight: 0 });
  for (const gain of won) expect(gain).toBeGreaterThan(-1e-9);
  expect(better(won)).toBeGreaterThan(won.length / 2);
});

test('a zone and what lies beside it are better for it, too', () => {
  const few = group('few', 2);
  const zoned = planWith({
    party: [group('all', 6), few],
    surfaces: [board({ ...ROUND, zoneFor: [few.id] })],
    placements: FOODS.map(([id, g], i) => ({ ...lies(id, g), inZone: i % 2 === 0 })),
  });
  expect(laySurface(zoned, zoned.surfaces[0]!, 1).elements.some(({ inZone }) => inZone)).toBe(true);
  const won = gains(zoned, {}, { bySight: 0 });
  // what one part wins, the other may miss a little of
  expect(won.reduce((sum, gain) => sum + gain, 0)).toBeGreaterThan(0.005);
  expect(better(won)).toBeGreaterThan(won.length / 2);
});

test('the better of two beginnings is gone on with', () => {
  const won = gains(PLAN, { bySight: 0 }, { bySight: 0, openings: 1 });
  for (const gain of won) expect(gain).toBeGreaterThan(-1e-9);
  expect(better(won)).toBeGreaterThan(1);
});
