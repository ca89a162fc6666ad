import { describe, expect, test } from '@jest/globals';
import { ellipse, type Point } from '../geometry/index.js';
import { bulges, holdsMiddle } from './bulges.js';

const turned = (points: readonly Point[]): Point[] => [...points].reverse();
const BOX: Point[] = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
];

describe('an outline of one’s own', () => {
  test('bulges outward, either way round, with points along a straight side', () => {
    for (const points of [BOX, ellipse(2, 2, 40), [...BOX.slice(0, 1), [0, -1] as Point, ...BOX.slice(1)]]) {
      expect(bulges(points)).toBe(true);
      expect(bulges(turned(points))).toBe(true);
    }
  });

  test('is refused with a notch, a handle, a crossing, or no ground at all', () => {
    const notch: Point[] = [...BOX.slice(0, 2), [0.6, 0], ...BOX.slice(2)];
    const star = Array.from({ length: 5 }, (_, k): Point => {
      const turn = (k * 4 * Math.PI) / 5;
      return [Math.cos(turn), Math.sin(turn)];
    });
    const bow: Point[] = [BOX[0]!, BOX[2]!, BOX[1]!, BOX[3]!];
    const line: Point[] = [
      [-1, 0],
      [0, 0],
      [1, 0],
    ];
    for (const points of [notch, star, bow, line]) expect(bulges(points)).toBe(false);
  });

  test('holds the middle of its box', () => {
    expect(holdsMiddle(BOX)).toBe(true);
    expect(holdsMiddle(turned(BOX))).toBe(true);
    expect(
      holdsMiddle([
        [-1, -1],
        [-0.2, -1],
        [1, 1],
        [-1, -0.2],
      ]),
    ).toBe(true);
    expect(
      holdsMiddle([
        [-1, -1],
        [1, -1],
        [1, -0.5],
      ]),
    ).toBe(false);
  });
});
