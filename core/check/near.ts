import type { PlacedFood } from '../board/index.js';
import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { lies } from '../lay/index.js';
import { gapBetween, type Point } from '../geometry/index.js';
import type {} from './context.js';

/** Nearer than this, crumbs and drops reach the neighbour (house default: two fingers). */
export const NEAR_MM = 25;

export const laidOn = (plan: Plan, surface: Surface): readonly LaidElement[] =>
  plan.layout.find((l) => l.surfaceId === surface.id)?.elements ?? [];

export const elementsOf = (plan: Plan, l: PlacedFood): LaidElement[] =>
  laidOn(plan, l.surface).filter((e) => e.componentId === l.component.id);

interface Spread {
  outline: readonly Point[];
  x: number;
  y: number;
  r: number;
}

/** A piece with the circle around it, so that pieces far from each other are not measured. */
function spread(outline: readonly Point[]): Spread {
  const x = outline.reduce((n, p) => n + p[0], 0) / outline.length;
  const y = outline.reduce((n, p) => n + p[1], 0) / outline.length;
  return { outline, x, y, r: Math.max(...outline.map((p) => Math.hypot(p[0] - x, p[1] - y))) };
}

const spreads = new WeakMap<LaidElement, readonly Spread[]>();
function spreadsOf(e: LaidElement, l: PlacedFood): readonly Spread[] {
  let found = spreads.get(e);
  if (!found) spreads.set(e, (found = lies(e, l.component).map(spread)));
  return found;
}

/**
 * Shortest way between two foods as they lie, piece by piece; undefined while one of them is not laid. What is further away
 * than `beyond` is only told to be at least so far.
 */
export function gapOf(plan: Plan, a: PlacedFood, b: PlacedFood, beyond = Infinity): number | undefined {
  const ours = elementsOf(plan, a).flatMap((e) => spreadsOf(e, a));
  const theirs = elementsOf(plan, b).flatMap((e) => spreadsOf(e, b));
  if (ours.length === 0 || theirs.length === 0) return undefined;
  // the nearest circles first: what is further apart than the best so far is not measured
  const pairs = ours.flatMap((x) =>
    theirs.flatMap((y) => {
      const between = Math.hypot(x.x - y.x, x.y - y.y) - x.r - y.r;
      return between < beyond ? [{ x, y, between }] : [];
    }),
  );
  pairs.sort((p, q) => p.between - q.between);
  let least = beyond;
  for (const { x, y, between } of pairs) {
    if (between >= least || least <= 0) break;
    least = Math.min(least, gapBetween(x.outline, y.outline));
  }
  return least;
}

const inZone = (l: PlacedFood) => l.surface.zoneFor !== undefined && l.lots.every((p) => p.inZone === true);

/**
 * Do they touch? Foods that are not laid yet may lie anywhere, so nobody can say no, unless one of them is kept in a
 * zone: the layout leaves open ground around it, and once they are laid the ground is measured.
 */
export function near(plan: Plan, a: PlacedFood, b: PlacedFood): boolean {
  const gap = gapOf(plan, a, b, NEAR_MM);
  return gap === undefined ? inZone(a) === inZone(b) : gap < NEAR_MM;
}
