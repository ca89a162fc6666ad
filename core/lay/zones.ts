import { areaOf, cutBy, type Point, type Polygon } from '../geometry/index.js';

/**
 * Open ground between a zone and the rest: two fingers between the pieces themselves, which lean over the edge of their
 * ground on either side.
 */
export const ZONE_GAP_MM = 46;
/** A zone is never a sliver, nor the whole board. */
const LEAST = 0.12;
const HALVINGS = 24;

/** What a convex ground keeps on one side of a level line: below it for side 1, above it for side −1 (y grows down). */
export const cutLevel = (ground: Polygon, y: number, side: 1 | -1): Point[] =>
  cutBy(ground, [0, y], [0, side]);

/**
 * The ground in two parts with open ground between: the zone lies in front and has `share` of what both have.
 * Undefined where the ground is too small for a gap.
 */
export function zoneGrounds(ground: Polygon, share: number): { rest: Point[]; zone: Point[] } | undefined {
  const ys = ground.map((p) => p[1]);
  const wanted = Math.min(1 - LEAST, Math.max(LEAST, share));
  let [low, high] = [Math.min(...ys) + ZONE_GAP_MM / 2, Math.max(...ys) - ZONE_GAP_MM / 2];
  if (high - low < ZONE_GAP_MM) return undefined;
  const parts = (y: number) => ({
    rest: cutLevel(ground, y - ZONE_GAP_MM / 2, -1),
    zone: cutLevel(ground, y + ZONE_GAP_MM / 2, 1),
  });
  for (let k = 0; k < HALVINGS; k++) {
    const middle = (low + high) / 2;
    const { rest, zone } = parts(middle);
    const [a, b] = [areaOf(zone), areaOf(rest)];
    if (a / (a + b) > wanted) low = middle;
    else high = middle;
  }
  return parts((low + high) / 2);
}
