import { describe, expect, test } from '@jest/globals';
import { areaOf, ellipse, type Point } from '../geometry/index.js';
import { outlinePolygon, surfaceProblem, type Surface } from '../plan/index.js';
import { readSvg } from '../shape/index.js';
import { board } from '../testing/plans.js';
import { ownOutline, tiersOf } from './index.js';

const drawn = (d: string) => {
  const read = readSvg(
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 400 300" width="400mm" height="300mm"><path d="${d}"/></svg>`,
  );
  if (!read.ok) throw new Error('not read');
  return ownOutline(read.outline);
};

describe('an outline of one’s own', () => {
  test('is taken from a drawing in the size and the way up in which it was drawn', () => {
    const own = drawn('M0 100 Q200 -100 400 100 L400 300 L0 300 Z');
    if (!own.ok) throw new Error('refused');
    expect(own.outline).toMatchObject({ kind: 'own', lengthMm: 400, widthMm: 300 });
    const polygon = outlinePolygon(own.outline);
    // its bow is at the back, its corners in front
    expect(polygon.some(([x, y]) => x > 195 && y > 145)).toBe(true);
    expect(polygon.some(([x, y]) => x > 150 && y < -140)).toBe(false);
    expect(surfaceProblem(board({ outline: own.outline }))).toBeUndefined();
  });

  test('keeps its area with few corners, however many the drawing has', () => {
    const egg = ellipse(420, 260, 900).map(([x, y]): Point => [x * (1 + y / 1600), y]);
    const own = ownOutline(egg);
    if (!own.ok || own.outline.kind !== 'own') throw new Error('refused');
    expect(own.outline.corners.length).toBeLessThanOrEqual(120);
    expect(areaOf(outlinePolygon(own.outline)) / areaOf(egg)).toBeCloseTo(1, 2);
    expect(surfaceProblem(board({ outline: own.outline }))).toBeUndefined();
  });

  test('is refused with a handle or a notch, or where there is hardly anything', () => {
    expect(drawn('M0 0 H300 V120 H400 V180 H300 V300 H0 Z')).toEqual({
      ok: false,
      problem: { say: 'outline.notched' },
    });
    expect(drawn('M0 0 H400 V300 L200 150 L0 300 Z')).toMatchObject({ problem: { say: 'outline.notched' } });
    expect(drawn('M0 0 H400 V12 H0 Z')).toMatchObject({ problem: { say: 'svg.tiny' } });
  });
});

test('a stand has three tiers, each smaller than the one below, all of one stand', () => {
  const surface = board({ outline: { kind: 'round', diameterMm: 400 } });
  const tiers = tiersOf(surface, ['low', 'middle', 'top']);
  expect(tiers.map(({ outline }) => outline)).toEqual([
    { kind: 'round', diameterMm: 400 },
    { kind: 'round', diameterMm: 300 },
    { kind: 'round', diameterMm: 220 },
  ] satisfies Surface['outline'][]);
  expect(new Set(tiers.map(({ id }) => id)).size).toBe(3);
  expect(new Set(tiers.map(({ tierOf }) => tierOf)).size).toBe(1);
});
