import type { Component } from '../catalogue/index.js';
import { hypot2, type Point } from '../geometry/index.js';
import type { Part } from './parts.js';

/** The star stands no farther out than this, as a share of the half width: well within what still counts as seen first. */
const STAR_OUT = 0.45;

/** What of the star is seen first: the largest of it that is no line of berries and no leaf. */
export const starOf = (parts: readonly Part[], star: Component['id'] | null): Part | undefined =>
  parts
    .filter(({ component, kind }) => component.id === star && kind !== 'line' && kind !== 'herb')
    .reduce<Part | undefined>(
      (best, part) => (best && best.groundCm2 >= part.groundCm2 ? best : part),
      undefined,
    );

export const halfOf = (ground: readonly Point[]): Point => [
  Math.max(...ground.map(([x]) => Math.abs(x))),
  Math.max(...ground.map(([, y]) => Math.abs(y))),
];

/** How much too far out a place is for the star, as a share of the half width; `half` is the ground's. */
export const starFarOut = ({ x, y }: { x: number; y: number }, half: Point): number =>
  Math.max(0, hypot2(x / half[0], y / half[1]) - STAR_OUT);
