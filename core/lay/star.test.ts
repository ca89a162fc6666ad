import { describe, expect, test } from '@jest/globals';
import { areaOf, middleOf, hypot2 } from '../geometry/index.js';
import type { Surface } from '../plan/index.js';
import { board, id, lies, planWith } from '../testing/plans.js';
import { laySurface } from './index.js';

const ROUND = board({ outline: { kind: 'round', diameterMm: 340 } });
const LONG = board({ outline: { kind: 'rectangle', lengthMm: 700, widthMm: 240, cornerMm: 20 } });
const FOODS = [
  lies('brie', 250),
  lies('camembert', 250),
  lies('blue-wedge', 150),
  lies('hummus-home', 200),
  lies('dry-cured-ham', 150),
  lies('water-crackers', 120),
  lies('red-grapes', 200),
  lies('strawberries', 150),
  lies('almonds', 110),
  lies('cucumber', 150),
];

/** How far out the nearest large pile of the food lies, as a share of the half width. */
function farOut(surface: Surface, food: string, star: string | null): number {
  const empty = planWith({});
  const plan = planWith({
    surfaces: [surface],
    placements: FOODS,
    wishes: { ...empty.wishes, star: star === null ? null : id(star) },
  });
  const { elements, outline } = laySurface(plan, surface, 3, { bySight: 1 });
  const half = [0, 1].map((axis) => Math.max(...outline.map((point) => point[axis]!)));
  const mine = elements.filter(({ componentId }) => componentId === food);
  expect(mine.length).toBeGreaterThan(0);
  const largest = Math.max(...mine.map((element) => areaOf(element.outline)));
  return Math.min(
    ...mine
      .filter((element) => areaOf(element.outline) >= largest * 0.6)
      .map((element) => {
        const [x, y] = middleOf(element.outline);
        return hypot2(x / half[0]!, y / half[1]!);
      }),
  );
}

describe('the star', () => {
  test.each(['brie', 'blue-wedge', 'dry-cured-ham', 'almonds'])(
    '%s lies where eyes go first, on a round and on a long board',
    (food) => {
      for (const surface of [ROUND, LONG]) expect(farOut(surface, food, food)).toBeLessThan(0.62);
    },
  );

  test('what is not the star may lie anywhere: these lie farther out then', () => {
    const without = ['brie', 'blue-wedge', 'almonds'].map((food) => farOut(LONG, food, null));
    expect(Math.max(...without)).toBeGreaterThan(0.62);
  });
});
