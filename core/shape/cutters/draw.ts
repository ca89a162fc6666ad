import type { Point, Polygon } from '../../geometry/index.js';

/** Outlines are drawn in any unit, y upwards, and sized afterwards. */
const TURN = 2 * Math.PI;

/** A curve around the origin: its distance at each share of a turn, from the top. */
export const around = (points: number, radius: (share: number) => number): Point[] =>
  Array.from({ length: points }, (_, i): Point => {
    const share = i / points;
    const t = Math.PI / 2 + TURN * share;
    return [radius(share) * Math.cos(t), radius(share) * Math.sin(t)];
  });

/** A star with so many tips; `inner` is how far its inner corners lie out, of its tips. */
export const star = (tips: number, inner: number): Point[] =>
  around(2 * tips, (share) => (Math.round(share * 2 * tips) % 2 === 0 ? 1 : inner));

export const regular = (corners: number): Point[] => around(corners, () => 1);

/** Rounded petals: how deep the notches between them are, of the whole radius. */
export const petals = (count: number, notch: number, points = 24): Point[] =>
  around(count * points, (share) => 1 - notch * (1 - Math.abs(Math.cos(Math.PI * count * share))));

/** Points of an arc, both ends with it. Degrees, counter-clockwise from the right. */
export const arc = (cx: number, cy: number, r: number, from: number, to: number, parts = 24): Point[] =>
  Array.from({ length: parts + 1 }, (_, i): Point => {
    const t = ((from + ((to - from) * i) / parts) * Math.PI) / 180;
    return [cx + r * Math.cos(t), cy + r * Math.sin(t)];
  });

/** A closed smooth curve through these points (Catmull-Rom). A point named twice is a corner. */
export function smooth(points: Polygon, parts = 6): Point[] {
  const n = points.length;
  const at = (i: number): Point => points[(i + n) % n]!;
  return points.flatMap((p1, i): Point[] => {
    const [p0, p2, p3] = [at(i - 1), at(i + 1), at(i + 2)];
    if (p1[0] === p2[0] && p1[1] === p2[1]) return [];
    return Array.from({ length: parts }, (_, k): Point => {
      const t = k / parts;
      const along = (a: 0 | 1): number =>
        0.5 *
        (2 * p1[a] +
          (p2[a] - p0[a]) * t +
          (2 * p0[a] - 5 * p1[a] + 4 * p2[a] - p3[a]) * t * t +
          (3 * p1[a] - p0[a] - 3 * p2[a] + p3[a]) * t * t * t);
      return [along(0), along(1)];
    });
  });
}

/** The right half, from top to bottom, and its mirror image: points on the axis are named once. */
export function mirrored(right: Polygon): Point[] {
  const left = [...right].reverse().filter(([x]) => Math.abs(x) > 1e-9);
  return [...right, ...left.map(([x, y]): Point => [-x, y])];
}
