import { signedArea, type Point, type Polygon, hypot2 } from '../geometry/index.js';

const { ceil, max, min } = Math;

/** The rectangle around an outline, in its own unit. */
export interface Bounds {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

export function boundsOf(polygon: Polygon): Bounds {
  const bounds = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  for (const [x, y] of polygon) {
    bounds.left = min(bounds.left, x);
    bounds.right = max(bounds.right, x);
    bounds.top = min(bounds.top, y);
    bounds.bottom = max(bounds.bottom, y);
  }
  return bounds;
}

export const widthOf = ({ left, right }: Bounds): number => right - left;
export const heightOf = ({ top, bottom }: Bounds): number => bottom - top;

/** The point on which a flat piece of this outline would balance. */
export function centroidOf(polygon: Polygon): Point {
  let [area, x, y] = [0, 0, 0];
  polygon.forEach(([ax, ay], i) => {
    const [bx, by] = polygon[(i + 1) % polygon.length]!;
    const cross = ax * by - bx * ay;
    area += cross;
    x += (ax + bx) * cross;
    y += (ay + by) * cross;
  });
  return area === 0 ? [0, 0] : [x / (3 * area), y / (3 * area)];
}

export const moved = (polygon: Polygon, dx: number, dy: number): Point[] =>
  polygon.map(([x, y]) => [x + dx, y + dy]);

export const scaled = (polygon: Polygon, fx: number, fy = fx): Point[] =>
  polygon.map(([x, y]) => [x * fx, y * fy]);

/** With its area counted positive (`signedArea`), whichever way it was drawn. */
export const oriented = (polygon: Polygon): Point[] =>
  signedArea(polygon) < 0 ? [...polygon].reverse() : [...polygon];

/** Oriented, and about the point on which it balances: what is turned, turns about that. */
export function centred(polygon: Polygon): Point[] {
  const [x, y] = centroidOf(polygon);
  return oriented(moved(polygon, -x, -y));
}

/** The farthest that an outline reaches from its origin. */
export const reachOf = (polygon: Polygon): number =>
  polygon.reduce((most, [x, y]) => max(most, hypot2(x, y)), 0);

export function perimeterOf(polygon: Polygon): number {
  return polygon.reduce((sum, [ax, ay], i) => {
    const [bx, by] = polygon[(i + 1) % polygon.length]!;
    return sum + hypot2(bx - ax, by - ay);
  }, 0);
}

/** Points along an outline: all its corners, and more between those that are farther apart than `stepMm`. */
export function sampled(polygon: Polygon, stepMm: number): Point[] {
  return polygon.flatMap(([ax, ay], i): Point[] => {
    const [bx, by] = polygon[(i + 1) % polygon.length]!;
    const parts = max(1, ceil(hypot2(bx - ax, by - ay) / stepMm));
    return Array.from({ length: parts }, (_, k): Point => {
      const t = k / parts;
      return [ax + (bx - ax) * t, ay + (by - ay) * t];
    });
  });
}
