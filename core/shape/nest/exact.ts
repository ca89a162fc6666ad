import { inside, type Point, type Polygon, hypot2 } from '../../geometry/index.js';
import type { Energy } from './energy.js';

const { cos, max, min, round, sin } = Math;

/** Where a cutter is pressed: its middle in millimetres, its turn in degrees, and the outline that it cuts. */
export interface Placed {
  cutter: number;
  x: number;
  y: number;
  angle: number;
  outline: Polygon;
  locked: boolean;
}

function pointToSide(p: Point, a: Point, b: Point): number {
  const [ex, ey] = [b[0] - a[0], b[1] - a[1]];
  const length2 = ex * ex + ey * ey;
  const t = length2 === 0 ? 0 : max(0, min(1, ((p[0] - a[0]) * ex + (p[1] - a[1]) * ey) / length2));
  return hypot2(p[0] - a[0] - t * ex, p[1] - a[1] - t * ey);
}

const cross = (o: Point, a: Point, b: Point): number =>
  (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);

function sideToSide(a: Point, b: Point, c: Point, d: Point): number {
  // what crosses is nearer than any distance, nought too
  if (cross(a, b, c) * cross(a, b, d) < 0 && cross(c, d, a) * cross(c, d, b) < 0) return -Infinity;
  return min(pointToSide(a, c, d), pointToSide(b, c, d), pointToSide(c, a, b), pointToSide(d, a, b));
}

/** Are two outlines at least so far apart everywhere? Sides that a circle keeps apart are not looked at. */
function keepApart(
  a: Polygon,
  b: Polygon,
  least: number,
  around?: { x: number; y: number; reach: number },
): boolean {
  for (let i = 0; i < a.length; i++) {
    const [p, q] = [a[i]!, a[(i + 1) % a.length]!];
    const [mx, my, half] = [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2, hypot2(q[0] - p[0], q[1] - p[1]) / 2];
    if (around && hypot2(mx - around.x, my - around.y) > half + around.reach + least) continue;
    for (let j = 0; j < b.length; j++) {
      const [r, s] = [b[j]!, b[(j + 1) % b.length]!];
      const reach = half + hypot2(s[0] - r[0], s[1] - r[1]) / 2 + least;
      if (hypot2((r[0] + s[0]) / 2 - mx, (r[1] + s[1]) / 2 - my) > reach) continue;
      if (sideToSide(p, q, r, s) < least) return false;
    }
  }
  return true;
}

/** A millionth of a millimetre is no fault. */
const ROUNDED = 1e-6;

/** The pieces of a state as they are cut. Coordinates to a ten-thousandth of a millimetre. */
export function placedBy(energy: Energy, x: Float64Array, n: number): Placed[] {
  return Array.from({ length: n }, (_, i) => {
    const kind = energy.kindOf(i);
    const turn = x[3 * i + 2]! / kind.lever;
    const [c, s, mx, my] = [cos(turn), sin(turn), x[3 * i]!, x[3 * i + 1]!];
    const fine = (v: number): number => round(v * 1e4) / 1e4;
    return {
      cutter: energy.kindAt[i]!,
      x: fine(mx),
      y: fine(my),
      angle: fine(((((turn * 180) / Math.PI) % 360) + 360) % 360),
      outline: kind.outline.map(([px, py]): Point => [
        fine(mx + c * px - s * py),
        fine(my + s * px + c * py),
      ]),
      locked: energy.fixed[i] === 1,
    };
  });
}

/** Does a piece keep the margin to the edge of the slice, and to its holes? */
function keepsMargin(energy: Energy, piece: Placed): boolean {
  const { slice, distances, kinds } = energy;
  const least = distances.marginMm - ROUNDED;
  const { reach, radius } = kinds[piece.cutter]!;
  const middle = hypot2(piece.x, piece.y);
  if (slice.round) {
    const outer = slice.round.drawnMm - least;
    const inner = slice.round.innerMm > 0 ? slice.round.innerMm + least : 0;
    if (middle + reach <= outer && middle - reach >= inner) return true;
    if (radius > 0) return middle + radius <= outer && (inner === 0 || middle - radius >= inner);
    if (!piece.outline.every(([x, y]) => hypot2(x, y) <= outer)) return false;
    if (inner === 0) return true;
    if (inside(piece.outline, 0, 0)) return false;
    return piece.outline.every(
      (a, i) => pointToSide([0, 0], a, piece.outline[(i + 1) % piece.outline.length]!) >= inner,
    );
  }
  if (energy.roomAt(piece.x, piece.y) > reach + distances.marginMm) return true;
  const [first] = piece.outline as [Point];
  if (!inside(slice.outer, first[0], first[1])) return false;
  if (slice.holes.some((hole) => inside(hole, first[0], first[1]) || inside(piece.outline, ...hole[0]!)))
    return false;
  return [slice.outer, ...slice.holes].every((loop) => keepApart(piece.outline, loop, least));
}

function keepsGap({ distances, kinds }: Energy, piece: Placed, other: Placed): boolean {
  const least = distances.gapMm - ROUNDED;
  const [kind, otherKind] = [kinds[piece.cutter]!, kinds[other.cutter]!];
  const middles = hypot2(other.x - piece.x, other.y - piece.y);
  if (middles >= kind.reach + otherKind.reach + least) return true;
  if (kind.radius > 0 && otherKind.radius > 0) return false;
  if (inside(other.outline, ...piece.outline[0]!) || inside(piece.outline, ...other.outline[0]!))
    return false;
  return keepApart(piece.outline, other.outline, least, { ...other, reach: otherKind.reach });
}

/** Do all pieces keep the gap between them and the margin to the edge? By their sides, to the last digit. */
export function isKept(energy: Energy, pieces: readonly Placed[]): boolean {
  return pieces.every((piece, i) => {
    if (piece.locked) return true;
    if (!keepsMargin(energy, piece)) return false;
    return pieces.every((other, j) => j === i || (j < i && !other.locked) || keepsGap(energy, piece, other));
  });
}
