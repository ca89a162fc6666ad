import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { ellipse, placed } from '../geometry/index.js';
import { id, lies } from './plans.js';

/** Things laid by hand, for tests that know what they look at. Millimetres from the surface's middle. */

/** A bowl of a food. */
export const laidBowl = (component: string, x: number, y: number, d: number, n = 1): LaidElement => ({
  id: `${component}-${n}`,
  componentId: id(component),
  form: 'bowl',
  contained: true,
  x,
  y,
  angle: 0,
  layer: 4,
  pinned: false,
  outline: placed(ellipse(d, d, 48), x, y, 0).map(([a, b]): [number, number] => [a, b]),
  pieces: [[0, 0, 0]],
  bowlMm: d / 2,
});

/** A whole cheese. */
export const laidWheel = (component: string, x: number, y: number, d: number): LaidElement => ({
  ...laidBowl(component, x, y, d),
  form: 'wheel',
  contained: false,
  bowlMm: null,
});

/** Pieces of a food in its usual form, at these places. */
export const laidHeap = (
  component: string,
  at: readonly (readonly [number, number])[],
  layer: 1 | 2 = 2,
): LaidElement => ({
  ...laidBowl(component, 0, 0, 10),
  form: lies(component, 50).form,
  contained: false,
  layer,
  bowlMm: null,
  pieces: at.map(([x, y]) => [x, y, 0]),
});

/** Places in rows of a hand's width, so that a food covers about a square of this side. */
export const patch = (x: number, y: number, side: number, step: number): [number, number][] => {
  const n = Math.max(1, Math.round(side / step));
  return Array.from({ length: n * n }, (_, k) => [
    x + ((k % n) - (n - 1) / 2) * step,
    y + (Math.floor(k / n) - (n - 1) / 2) * step,
  ]);
};

export const withElements = (plan: Plan, surface: Surface, elements: LaidElement[]): Plan => ({
  ...plan,
  layout: [{ surfaceId: surface.id, elements }],
});
