import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { gapBetween } from '../shape/index.js';
import type { Lying } from './context.js';

/** Nearer than this, crumbs and drops reach the neighbour (house default: two fingers). */
export const NEAR_MM = 25;

export const laidOn = (plan: Plan, surface: Surface): readonly LaidElement[] =>
  plan.layout.find((l) => l.surfaceId === surface.id)?.elements ?? [];

export const elementsOf = (plan: Plan, l: Lying): LaidElement[] =>
  laidOn(plan, l.surface).filter((e) => e.componentId === l.component.id);

/** Shortest way between two foods as they lie; undefined while one of them is not laid. */
export function gapOf(plan: Plan, a: Lying, b: Lying): number | undefined {
  const [ours, theirs] = [elementsOf(plan, a), elementsOf(plan, b)];
  if (ours.length === 0 || theirs.length === 0) return undefined;
  return Math.min(...ours.flatMap((x) => theirs.map((y) => gapBetween(x.outline, y.outline))));
}

const inZone = (l: Lying) => l.surface.zoneFor !== undefined && l.lots.every((p) => p.inZone === true);

/**
 * Do they touch? Foods that are not laid yet may lie anywhere, so nobody can say no, unless one of them is kept in a
 * zone: the layout leaves open ground around it, and once they are laid the ground is measured.
 */
export function near(plan: Plan, a: Lying, b: Lying): boolean {
  const gap = gapOf(plan, a, b);
  return gap === undefined ? inZone(a) === inZone(b) : gap < NEAR_MM;
}
