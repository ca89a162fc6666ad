import { inside, type Point, type Polygon, hypot2 } from '../geometry/index.js';
import { boundsOf, heightOf, oriented, perimeterOf, sampled, widthOf } from './outline.js';
import { nearestOn, sidesOf, type Nearest, type Sides } from './nest/field.js';

const { abs, atan2, ceil, cos, max, min, round, sin } = Math;

/** Where a shape would break: its narrowest neck, and its thinnest tip. Millimetres, in the frame of the outline. */
export interface Neck {
  neckMm: number;
  /** The middle of the neck. */
  at: Point;
  /** The width of its thinnest tip, three millimetres from its end. */
  tipMm: number;
  tipAt: Point;
}

const SAMPLES = 600;
/** A ball that touches both sides of a neck does so this far apart, seen from its middle; below it, tips count as necks. */
const OPPOSITE = cos((170 * Math.PI) / 180);
const SHRINKS = 30;
const FAN = 8;
/** So far from its end a tip's width is measured, and so near to a corner the outline must turn for one. */
const TIP_MM = 3;
const TIP_NEAR_MM = 2;
const TIP_TURN = Math.PI / 3;

/** A point of an outline and the way into the shape there. */
interface Rim {
  x: number;
  y: number;
  nx: number;
  ny: number;
}

/**
 * The narrowest neck of an outline by the balls of its medial axis (Ma, Bae and Choi, 3D medial axis point approximation
 * using nearest neighbors, 2012: the shrinking ball), the least one that touches two opposite sides. A shape without a neck
 * is as narrow as the largest ball within it.
 */
export function neckOf(polygon: Polygon): Neck {
  // the way in is then on the left of each side
  const outline = oriented(polygon);
  const sides = sidesOf([outline]);
  const rim = rimOf(outline);
  let neck = { mm: Infinity, at: [0, 0] as Point };
  let deepest = { mm: 0, at: [0, 0] as Point };
  const bounds = boundsOf(outline);
  const largest = hypot2(widthOf(bounds), heightOf(bounds));
  for (const point of rim) {
    // a ball as large as the narrowest neck so far that touches nothing else is no narrower one
    const ball = ballAt(point, sides, min(largest, neck.mm / 2));
    if (!ball) continue;
    if (2 * ball.radius > deepest.mm) deepest = { mm: 2 * ball.radius, at: ball.middle };
    if (ball.apart <= OPPOSITE && 2 * ball.radius < neck.mm) neck = { mm: 2 * ball.radius, at: ball.middle };
  }
  const found = Number.isFinite(neck.mm) ? neck : deepest;
  const tip = thinnestTip(outline);
  return { neckMm: found.mm, at: found.at, tipMm: tip.mm, tipAt: tip.at };
}

/** Points along the rim; a corner that points inwards has a fan of them. */
function rimOf(outline: Polygon): Rim[] {
  const step = perimeterOf(outline) / SAMPLES;
  return outline.flatMap((a, i): Rim[] => {
    const [z, b] = [outline.at(i - 1)!, outline[(i + 1) % outline.length]!];
    const [ex, ey] = [b[0] - a[0], b[1] - a[1]];
    const length = hypot2(ex, ey);
    if (length === 0) return [];
    const [nx, ny] = [-ey / length, ex / length];
    const parts = max(2, ceil(length / step));
    const along = Array.from({ length: parts }, (_, k): Rim => {
      const t = (k + 0.5) / parts;
      return { x: a[0] + ex * t, y: a[1] + ey * t, nx, ny };
    });
    const [fx, fy] = [a[0] - z[0], a[1] - z[1]];
    if (fx * ey - fy * ex >= -1e-9) return along;
    const from = atan2(fx, -fy);
    let turn = atan2(ny, nx) - from;
    while (turn > Math.PI) turn -= 2 * Math.PI;
    while (turn < -Math.PI) turn += 2 * Math.PI;
    const fan = Array.from({ length: FAN + 1 }, (_, k): Rim => {
      const angle = from + (turn * k) / FAN;
      return { x: a[0], y: a[1], nx: cos(angle), ny: sin(angle) };
    });
    return [...along, ...fan];
  });
}

interface Ball {
  radius: number;
  middle: Point;
  /** The cosine of the angle between its two contacts, from its middle. */
  apart: number;
}

/** The largest ball inside that touches the rim at this point and another one; none where that is larger than asked. */
function ballAt({ x, y, nx, ny }: Rim, sides: Sides, largest: number): Ball | undefined {
  const found: Nearest = { distance: 0, nx: 0, ny: 0 };
  let radius = largest;
  let contact: Point | undefined;
  for (let k = 0; k < SHRINKS; k++) {
    const [cx, cy] = [x + nx * radius, y + ny * radius];
    const distance = abs(nearestOn(sides, cx, cy, found));
    if (distance >= radius - 1e-7) break;
    const [qx, qy] = [cx - found.nx * found.distance, cy - found.ny * found.distance];
    const [dx, dy] = [qx - x, qy - y];
    const into = dx * nx + dy * ny;
    if (into <= 1e-12) break;
    radius = (dx * dx + dy * dy) / (2 * into);
    contact = [qx, qy];
  }
  if (!contact) return undefined;
  const middle: Point = [x + nx * radius, y + ny * radius];
  const apart =
    ((x - middle[0]) * (contact[0] - middle[0]) + (y - middle[1]) * (contact[1] - middle[1])) /
    (radius * radius);
  return { radius, middle, apart };
}

// ------------------------------------------------------------------ tips

/** How the outline turns near a point, and the way inwards between both sides there. */
function turnAt(points: Polygon, i: number, span: number): { turn: number; nx: number; ny: number } {
  const at = (k: number): Point => points[(k + points.length) % points.length]!;
  const [before, here, after] = [at(i - span), at(i), at(i + span)];
  const [ax, ay] = [here[0] - before[0], here[1] - before[1]];
  const [bx, by] = [after[0] - here[0], after[1] - here[1]];
  const [la, lb] = [hypot2(ax, ay) || 1, hypot2(bx, by) || 1];
  const turn = atan2(ax * by - ay * bx, ax * bx + ay * by);
  const [ix, iy] = [bx / lb - ax / la, by / lb - ay / la];
  const length = hypot2(ix, iy);
  // along a straight side the way in is across it
  return length > 1e-6 ? { turn, nx: ix / length, ny: iy / length } : { turn, nx: -ay / la, ny: ax / la };
}

function thinnestTip(outline: Polygon): { mm: number; at: Point } {
  const step = min(0.5, perimeterOf(outline) / SAMPLES);
  const points = sampled(outline, step);
  const span = max(1, round(TIP_NEAR_MM / step));
  const turns = points.map((_, i) => turnAt(points, i, span));
  const sharp = turns.map(({ turn }, i) => ({ turn, i })).filter(({ turn }) => turn > TIP_TURN);
  // where the outline turns most, not all around it; a shape without a tip is measured everywhere
  const ends = sharp.filter(({ turn, i }) =>
    sharp.every((other) => abs(other.i - i) > span || other.turn <= turn || other.i === i),
  );
  const looked = ends.length > 0 ? ends.map(({ i }) => i) : points.map((_, i) => i);
  return looked.reduce(
    (least, i) => {
      const mm = widthInside(outline, points[i]!, turns[i]!);
      return mm < least.mm ? { mm, at: points[i]! } : least;
    },
    { mm: Infinity, at: [0, 0] as Point },
  );
}

/** How wide the shape is across, `TIP_MM` in from a point of its rim. */
function widthInside(outline: Polygon, [x, y]: Point, { nx, ny }: { nx: number; ny: number }): number {
  const [mx, my] = [x + nx * TIP_MM, y + ny * TIP_MM];
  if (!inside(outline, mx, my)) return Infinity;
  let [left, right] = [Infinity, Infinity];
  outline.forEach(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!;
    const [da, db] = [(ax - mx) * nx + (ay - my) * ny, (bx - mx) * nx + (by - my) * ny];
    if (da > 0 === db > 0) return;
    const t = da / (da - db);
    const along = (ax + (bx - ax) * t - mx) * -ny + (ay + (by - ay) * t - my) * nx;
    if (along >= 0) right = min(right, along);
    else left = min(left, -along);
  });
  return left + right;
}
