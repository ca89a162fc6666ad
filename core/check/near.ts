import type { PlacedFood } from '../board/index.js';
import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { lies } from '../lay/index.js';
import { memo1 } from '../measure/index.js';
import { gapBetween, meanOf, type Point } from '../geometry/index.js';

/** Nearer than this, crumbs and drops reach the neighbour (house default: two fingers). */
export const NEAR_MM = 25;

export const laidOn = (plan: Plan, surface: Surface): readonly LaidElement[] =>
  plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? [];

export const elementsOf = (plan: Plan, placed: PlacedFood): LaidElement[] =>
  laidOn(plan, placed.surface).filter((element) => element.componentId === placed.component.id);

interface Spread {
  outline: readonly Point[];
  x: number;
  y: number;
  r: number;
}

/** A piece with the circle around it, so that pieces far from each other are not measured. */
function spread(outline: readonly Point[]): Spread {
  const [x, y] = meanOf(outline);
  return { outline, x, y, r: Math.max(...outline.map((p) => Math.hypot(p[0] - x, p[1] - y))) };
}

const spreadsIn = memo1((outlines: readonly (readonly Point[])[]): readonly Spread[] => outlines.map(spread));
const spreadsOf = (element: LaidElement, placed: PlacedFood): readonly Spread[] =>
  spreadsIn(lies(element, placed.component));

/**
 * Shortest way between two foods as they lie, piece by piece; undefined while one of them is not laid. What is further away
 * than `beyond` is only told to be at least so far.
 */
export function gapOf(plan: Plan, a: PlacedFood, b: PlacedFood, beyond = Infinity): number | undefined {
  const ours = elementsOf(plan, a).flatMap((element) => spreadsOf(element, a));
  const theirs = elementsOf(plan, b).flatMap((element) => spreadsOf(element, b));
  if (ours.length === 0 || theirs.length === 0) return undefined;
  // the nearest circles first: what is further apart than the best so far is not measured
  const pairs = ours.flatMap((spread) =>
    theirs.flatMap((otherSpread) => {
      const between =
        Math.hypot(spread.x - otherSpread.x, spread.y - otherSpread.y) - spread.r - otherSpread.r;
      return between < beyond ? [{ x: spread, y: otherSpread, between }] : [];
    }),
  );
  pairs.sort((p, q) => p.between - q.between);
  let least = beyond;
  for (const { x: spread, y: otherSpread, between } of pairs) {
    if (between >= least || least <= 0) break;
    least = Math.min(least, gapBetween(spread.outline, otherSpread.outline));
  }
  return least;
}

const inZone = (placed: PlacedFood) =>
  placed.surface.zoneFor !== undefined && placed.lots.every((placement) => placement.inZone === true);

/**
 * Do they touch? Foods that are not laid yet may lie anywhere, so nobody can say no, unless one of them is kept in a
 * zone: the layout leaves open ground around it, and once they are laid the ground is measured.
 */
export function near(plan: Plan, a: PlacedFood, b: PlacedFood): boolean {
  const gap = gapOf(plan, a, b, NEAR_MM);
  return gap === undefined ? inZone(a) === inZone(b) : gap < NEAR_MM;
}
