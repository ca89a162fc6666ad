import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { held, NEAREST, useZoom, WHOLE, zoomedAt, type View } from './zoom.js';

const half = { x: 500, y: 334 };
const point = fc.record({
  x: fc.double({ min: -half.x, max: half.x, noNaN: true }),
  y: fc.double({ min: -half.y, max: half.y, noNaN: true }),
});
const view = fc
  .record({ zoom: fc.double({ min: 1, max: NEAREST, noNaN: true }), at: point })
  .map(({ zoom, at }): View => held({ zoom, x: at.x * zoom, y: at.y * zoom }, half));

describe('looking nearer', () => {
  test('what is under the pointer stays there, unless the edge would come into sight', () => {
    fc.assert(
      fc.property(view, point, fc.double({ min: 0.3, max: 3, noNaN: true }), (view, at, factor) => {
        const next = zoomedAt(view, factor, at, half);
        const seen = (otherView: View) => ({
          x: (at.x - otherView.x) / otherView.zoom,
          y: (at.y - otherView.y) / otherView.zoom,
        });
        const free = held(next, { x: 1e9, y: 1e9 });
        const bound =
          half.x * (next.zoom - 1) - Math.abs(next.x) < 1e-6 ||
          half.y * (next.zoom - 1) - Math.abs(next.y) < 1e-6;
        if (!bound) {
          expect(seen(next).x).toBeCloseTo(seen(view).x, 4);
          expect(seen(next).y).toBeCloseTo(seen(view).y, 4);
        }
        expect(free).toEqual(next);
        expect(next.zoom).toBeGreaterThanOrEqual(1);
        expect(next.zoom).toBeLessThanOrEqual(NEAREST);
      }),
    );
  });

  test('no edge of the drawing ever comes into sight, and the whole is the whole', () => {
    fc.assert(
      fc.property(view, (view) => {
        expect(Math.abs(view.x)).toBeLessThanOrEqual(half.x * (view.zoom - 1) + 1e-9);
        expect(Math.abs(view.y)).toBeLessThanOrEqual(half.y * (view.zoom - 1) + 1e-9);
      }),
    );
    expect(held({ zoom: 1, x: 40, y: -9 }, half)).toEqual({ zoom: 1, x: 0, y: -0 });
  });

  test('steps nearer and back come to the whole again', () => {
    const { nearer, further, whole } = useZoom.getState();
    for (let i = 0; i < 20; i++) nearer();
    expect(useZoom.getState().zoom).toBe(NEAREST);
    for (let i = 0; i < 20; i++) further();
    expect(useZoom.getState().zoom).toBe(1);
    nearer();
    whole();
    expect(useZoom.getState()).toMatchObject(WHOLE);
  });
});
