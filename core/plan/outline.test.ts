import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { areaOf, signedArea } from '../geometry/index.js';
import { outlineAreaMm2, outlinePolygon, outlineSize, outlineSized } from './outline.js';
import type { Surface } from './records/surface.js';

/** Straight below, a gable above. */
const HOUSE: [number, number][] = [
  [-1, 1],
  [1, 1],
  [1, -0.2],
  [0, -1],
  [-1, -0.2],
];

const mm = fc.integer({ min: 120, max: 1500 });
const outline: fc.Arbitrary<Surface['outline']> = fc.oneof(
  fc.record({ kind: fc.constant('round' as const), diameterMm: mm }),
  fc.record({ kind: fc.constant('oval' as const), lengthMm: mm, widthMm: mm }),
  fc.record({ kind: fc.constant('half-round' as const), lengthMm: mm, widthMm: mm }),
  fc.record({
    kind: fc.constant('rectangle' as const),
    lengthMm: mm,
    widthMm: mm,
    cornerMm: fc.integer({ min: 0, max: 100 }),
  }),
  fc.record({
    kind: fc.constant('own' as const),
    lengthMm: mm,
    widthMm: mm,
    corners: fc.constantFrom(HOUSE, HOUSE.toReversed()),
  }),
);

test('a polygon has the area that is reckoned, inside any rim, and bulges outward', () => {
  fc.assert(
    fc.property(outline, fc.integer({ min: 0, max: 50 }), (shape, rim) => {
      const polygon = outlinePolygon(shape, rim);
      const area = outlineAreaMm2(shape, rim);
      expect(areaOf(polygon) / area).toBeGreaterThan(0.985);
      expect(areaOf(polygon) / area).toBeLessThan(1.015);
      // clockwise on screen, and every corner turns the same way
      expect(signedArea(polygon)).toBeGreaterThan(0);
      polygon.forEach(([x, y], i) => {
        const [ax, ay] = polygon[(i + 1) % polygon.length]!;
        const [bx, by] = polygon[(i + 2) % polygon.length]!;
        expect((ax - x) * (by - ay) - (ay - y) * (bx - ax)).toBeGreaterThan(-1e-6);
      });
    }),
  );
});

test('it stays in its box about its middle, and grows with its size', () => {
  fc.assert(
    fc.property(outline, (shape) => {
      const [length, width] = outlineSize(shape);
      for (const [x, y] of outlinePolygon(shape)) {
        expect(Math.abs(x)).toBeLessThanOrEqual(length / 2 + 1e-6);
        expect(Math.abs(y)).toBeLessThanOrEqual(width / 2 + 1e-6);
      }
      const twice = outlineSized(shape, (mm) => 2 * mm);
      expect(outlineSize(twice)).toEqual([2 * length, 2 * width]);
      expect(twice.kind).toBe(shape.kind);
    }),
  );
});
