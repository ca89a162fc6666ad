import { describe, expect, test } from '@jest/globals';
import type { ConvertedItem } from '../../../core/swap/index.js';
import { id, lies, planWith } from '../../../core/testing/plans.js';
import { acrossPlates, cellsInDisc } from './plates.js';

const item = (from: string, kind: ConvertedItem['kind'], to = from): ConvertedItem => ({
  from: id(from),
  to: id(to),
  name: to,
  kind,
  keeps: [],
  changes: [],
  reasons: [],
  likeness: 1,
  commands: [],
});
const board = (...foods: string[]) => planWith({ placements: foods.map((food) => lies(food, 100)) });

describe('the two plates', () => {
  const now = board('brie', 'salami', 'almonds');

  test('each food lies across from what it becomes', () => {
    const then = board('almonds', 'sunflower-round', 'lupin-beans');
    const items = [
      item('brie', 'component', 'sunflower-round'),
      item('salami', 'component', 'lupin-beans'),
      item('almonds', 'stays'),
    ];
    expect(acrossPlates(now, then, items)).toEqual([
      { now: 'brie', then: 'sunflower-round' },
      { now: 'salami', then: 'lupin-beans' },
      { now: 'almonds', then: 'almonds' },
    ]);
  });

  test('what is left out leaves its place empty; a refused change stays as it is', () => {
    const then = board('brie', 'almonds');
    expect(acrossPlates(now, then, [item('salami', 'leave-out')])).toEqual([
      { now: 'brie', then: 'brie' },
      { now: 'salami', then: null },
      { now: 'almonds', then: 'almonds' },
    ]);
  });

  test('a twin joins at the end, and nothing is shown that does not lie there', () => {
    const then = board('brie', 'salami', 'almonds', 'sunflower-round');
    expect(acrossPlates(now, then, [item('brie', 'split'), item('almonds', 'component', 'pecans')])).toEqual([
      { now: 'brie', then: 'brie' },
      { now: 'salami', then: 'salami' },
      { now: 'almonds', then: null },
      { now: null, then: 'almonds' },
      { now: null, then: 'sunflower-round' },
    ]);
  });
});

describe('foods in rows on a round plate', () => {
  test.each([0, 1, 2, 7, 12, 25, 38, 60, 140])('%d lie whole within its rim, none over another', (n) => {
    const cells = cellsInDisc(n);
    expect(cells).toHaveLength(n);
    for (const [i, { x, y, side }] of cells.entries()) {
      for (const [u, v] of [
        [-1, -1],
        [1, -1],
        [-1, 1],
        [1, 1],
      ] as const)
        expect(Math.hypot(x + (u * side) / 2 - 0.5, y + (v * side) / 2 - 0.5)).toBeLessThanOrEqual(
          0.5 + 1e-9,
        );
      for (const other of cells.slice(i + 1))
        expect(Math.max(Math.abs(other.x - x), Math.abs(other.y - y))).toBeGreaterThanOrEqual(side - 1e-9);
    }
    // most of the plate is used
    if (n > 20) expect(n * cells[0]!.side ** 2).toBeGreaterThan(0.4);
  });
});
