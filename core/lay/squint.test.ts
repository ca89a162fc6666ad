import { expect, test } from '@jest/globals';
import { laidBowl, laidHeap, patch } from '../testing/laid.js';
import { board, planWith } from '../testing/plans.js';
import { squintOf } from './index.js';

const plan = planWith({});
const surface = board();

test('shares of a squint are those of what is seen: sides, dark, colours, and the theme’s', () => {
  const themed = {
    ...plan,
    occasion: { ...plan.occasion, theme: { ...plan.occasion.theme, palette: ['#d43a2c', '#1a5fd4'] } },
  };
  const tomatoes = laidHeap('cherry-tomatoes', patch(-90, 60, 80, 22));
  const brie = laidBowl('brie', 90, -60, 90);
  const squint = squintOf(themed, surface, [tomatoes, brie])!;
  const sum = squint.colours.reduce((sum, { share }) => sum + share, 0);
  expect(sum).toBeCloseTo(1);
  // one lies left and in front, the other right and behind
  expect(squint.left).toBeCloseTo(squint.front, 2);
  expect(squint.left).toBeGreaterThan(0.3);
  expect(squint.palette[0]!.share).toBeCloseTo(squint.left, 2);
  expect(squint.palette[1]!.share).toBe(0);
  expect(squint.darkLeft).toBeGreaterThanOrEqual(0.5);
});

test('what is hidden is not seen, and nothing laid is no squint', () => {
  const under = laidHeap('cherry-tomatoes', patch(0, 0, 40, 22), 1);
  const squint = squintOf(plan, surface, [under, laidBowl('brie', 0, 0, 160)])!;
  expect(squint.colours).toHaveLength(2);
  expect(Math.min(...squint.colours.map(({ share }) => share))).toBe(0);
  expect(squintOf(plan, surface, [])).toBeUndefined();
});
