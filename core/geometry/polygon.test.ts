import { PIECES } from './pieces.js';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  areaOf,
  convexOverlap,
  ellipse,
  inside,
  pieceOutline,
  placed,
  rectangle,
  roundedRectangle,
  signedArea,
  type Point,
  type Polygon,
} from './index.js';

const size = fc.integer({ min: 4, max: 120 });
const place = fc.integer({ min: -80, max: 80 });
const turn = fc.integer({ min: 0, max: 359 });

/** Share of a fine raster that lies in both, in mm²: slow and obvious. */
function commonArea(a: Polygon, b: Polygon): number {
  let n = 0;
  for (let x = -200; x <= 200; x += 1)
    for (let y = -200; y <= 200; y += 1) if (inside(a, x, y) && inside(b, x, y)) n += 1;
  return n;
}

describe('outlines', () => {
  test('an ellipse of many points has the area of an ellipse, a rectangle that of a rectangle', () => {
    expect(areaOf(ellipse(80, 50, 400))).toBeCloseTo(Math.PI * 40 * 25, -1);
    expect(areaOf(rectangle(80, 50))).toBe(4000);
  });

  test('rounding corners takes away what the corners hold, and never more than the shape', () => {
    fc.assert(
      fc.property(size, size, fc.integer({ min: 0, max: 200 }), (l, w, corner) => {
        const r = Math.min(corner, l / 2, w / 2);
        const area = areaOf(roundedRectangle(l, w, corner, 24));
        expect(area).toBeGreaterThan(0);
        expect(Math.abs(area - (l * w - (4 - Math.PI) * r * r))).toBeLessThan(l * w * 0.01 + 1);
      }),
    );
  });

  test('all outlines run clockwise on the screen, so that inside lies on one known side', () => {
    for (const polygon of [ellipse(30, 20), rectangle(30, 20), roundedRectangle(30, 20, 5)])
      expect(signedArea(polygon)).toBeGreaterThan(0);
  });

  test('turning and moving keeps the area; a whole turn changes nothing', () => {
    fc.assert(
      fc.property(size, size, place, place, turn, (l, w, x, y, angle) => {
        const shape = roundedRectangle(l, w, 6);
        expect(areaOf(placed(shape, x, y, angle))).toBeCloseTo(areaOf(shape), 6);
        placed(shape, 0, 0, 360).forEach(([px, py], i) => {
          expect(px).toBeCloseTo(shape[i]![0], 9);
          expect(py).toBeCloseTo(shape[i]![1], 9);
        });
      }),
    );
  });

  test('a quarter turn sends the right end down, as the screen counts', () => {
    const [[x, y]] = placed([[10, 0]], 0, 0, 90) as [Point];
    expect(x).toBeCloseTo(0);
    expect(y).toBeCloseTo(10);
  });
});

describe('inside', () => {
  test('the middle of a shape is in it, a point beyond its length is not', () => {
    fc.assert(
      fc.property(size, size, turn, (l, w, angle) => {
        const shape = placed(ellipse(l, w), 3, -4, angle);
        expect(inside(shape, 3, -4)).toBe(true);
        expect(inside(shape, 3 + l + w, -4)).toBe(false);
      }),
    );
  });
});

describe('overlap of convex shapes', () => {
  test('agrees with a raster wherever more than a crumb is shared or free', () => {
    fc.assert(
      fc.property(size, size, place, place, turn, (l, w, x, y, angle) => {
        const a = rectangle(60, 40);
        const b = placed(ellipse(l, w, 24), x, y, angle);
        const common = commonArea(a, b);
        if (common > 6) expect(convexOverlap(a, b)).toBe(true);
        if (!convexOverlap(a, b)) expect(common).toBeLessThanOrEqual(6);
      }),
      { numRuns: 40 },
    );
  });

  test('does not depend on which comes first', () => {
    fc.assert(
      fc.property(size, size, place, place, turn, (l, w, x, y, angle) => {
        const a = ellipse(50, 30);
        const b = placed(rectangle(l, w), x, y, angle);
        expect(convexOverlap(a, b)).toBe(convexOverlap(b, a));
      }),
    );
  });
});

describe('the ground of a piece', () => {
  test('every kind fits into its length and width, fills at least a third of them, and is centred near its middle', () => {
    for (const piece of PIECES) {
      const outline = pieceOutline(piece, 40, 24);
      for (const [x, y] of outline) {
        expect(Math.abs(x)).toBeLessThanOrEqual(20.01);
        expect(Math.abs(y)).toBeLessThanOrEqual(12.01);
      }
      expect(areaOf(outline)).toBeGreaterThan(40 * 24 * 0.33);
      expect(inside(outline, 2, 0)).toBe(true);
    }
  });

  test('grows with its size: twice the length and width is four times the ground', () => {
    for (const piece of PIECES)
      expect(areaOf(pieceOutline(piece, 60, 40)) / areaOf(pieceOutline(piece, 30, 20))).toBeCloseTo(4, 1);
  });
});
