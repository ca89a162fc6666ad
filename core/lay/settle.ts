import { memo1 } from '../measure/index.js';
import { hypot2, meanOf, outlineOfPiece, placed, type Point } from '../geometry/index.js';
import { forCellsIn, type Grid } from './grid.js';
import type { Laid } from './fill.js';
import type { MarkedPlace } from '../plan/index.js';
import type { Part } from './parts.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { floor, max, min } = Math;
const FAR = Infinity;

/** A soft part with its pieces. */
export interface Filled {
  part: Part;
  pieces: Laid[];
}

const ROUNDS = 12;
/** A board that shows more wood than this after them is given more. */
const FULL = 0.95;
const MOST_ROUNDS = 96;
/** So many rounds without a gain that an eye could see, and it rests. */
const [PATIENCE, LEAST_GAIN] = [10, 0.001];
const LONGEST_MOVE_MM = 7;
/** A piece is pulled by gaps no further away than this beyond its own size. */
const PULL_MM = 26;

/** Food may lean over the rim, but no further than this, and a small piece never with its middle. */
const [LEAN_MM, LEAN_SHARE] = [5, 0.3];
const leanOver = ({ fact }: Part): number => min(LEAN_MM, LEAN_SHARE * min(fact.lengthMm, fact.widthMm));

/** How far an outline goes from its middle. */
const reachOf = memo1((outline: readonly Point[]): number => max(...outline.map(([x, y]) => hypot2(x, y))));

/** Draws pieces that stand over the edge of the (convex) ground back in. */
export function keepInside(
  ground: readonly Point[],
  filled: readonly Filled[],
  open: readonly MarkedPlace[] = [],
): void {
  for (const otherFilled of filled) {
    if (otherFilled.part.pinned) continue;
    otherFilled.pieces.forEach((laid, n) => {
      const outline = outlineOfPiece(otherFilled.part.fact, n);
      const shape = { outline, reach: reachOf(outline), lean: leanOver(otherFilled.part) };
      const clears = open.map((place) => clearanceOf(place, otherFilled.part, outline));
      for (const clearance of clears) pushOut(clearance, laid);
      drawIn(ground, shape, laid);
      for (const clearance of clears) goRound(clearance, laid, (moved) => drawIn(ground, shape, moved));
    });
  }
}

/** A piece may lean over the edge of a place that stays open by so much of its half width. */
const OVER_OPEN = 0.3;

/** A place that stays open, as a piece must keep clear of it: the piece's own point, from which it is drawn, is looked at. */
interface Clearance {
  x: number;
  y: number;
  /** Nearer than this it lies in the place. */
  least: number;
  /** So far off it is pushed. */
  far: number;
}

function clearanceOf(place: MarkedPlace, { fact }: Part, outline: readonly Point[]): Clearance {
  // a fold or a wedge has its middle beside its own point
  const off = hypot2(...meanOf(outline));
  const half = (min(fact.lengthMm, fact.widthMm) / 2) * (1 - OVER_OPEN);
  const { x, y, radiusMm } = place;
  return { x, y, least: radiusMm + off, far: radiusMm + max(half, off) + 1 };
}

function pushOut({ x, y, far }: Clearance, laid: Laid): void {
  const d = hypot2(laid.x - x, laid.y - y);
  if (d >= far) return;
  // one that lies on the very middle goes to the right
  const [nx, ny] = d < 1e-6 ? [1, 0] : [(laid.x - x) / d, (laid.y - y) / d];
  laid.x = x + nx * far;
  laid.y = y + ny * far;
}

/** A twenty-fourth of a turn. */
const [TURN_X, TURN_Y] = [0.9659258262890683, 0.25881904510252074];
const HALF_ROUND = 12;

/** Between an open place and the rim there may be no room: the piece that was drawn back into the place goes round it, the shorter way. */
function goRound(place: Clearance, laid: Laid, draw: (moved: Laid) => void): void {
  const clear = (at: Laid): boolean => hypot2(at.x - place.x, at.y - place.y) > place.least;
  if (clear(laid)) return;
  const d = hypot2(laid.x - place.x, laid.y - place.y);
  const from: Point = d < 1e-6 ? [1, 0] : [(laid.x - place.x) / d, (laid.y - place.y) / d];
  let [left, right] = [from, from];
  for (let k = 0; k < HALF_ROUND; k++) {
    left = [left[0] * TURN_X - left[1] * TURN_Y, left[1] * TURN_X + left[0] * TURN_Y];
    right = [right[0] * TURN_X + right[1] * TURN_Y, right[1] * TURN_X - right[0] * TURN_Y];
    for (const [nx, ny] of [left, right]) {
      const moved = { ...laid, x: place.x + nx * place.far, y: place.y + ny * place.far };
      draw(moved);
      if (!clear(moved)) continue;
      laid.x = moved.x;
      laid.y = moved.y;
      return;
    }
  }
}

/** The edges of a ground: where each begins, and its direction inward. */
const edgesOf = memo1(
  (ground: readonly Point[]): readonly (readonly [x: number, y: number, nx: number, ny: number])[] =>
    ground.map(([x1, y1], i) => {
      const [x2, y2] = ground[(i + 1) % ground.length]!;
      const length = hypot2(x2 - x1, y2 - y1) || 1;
      return [x1, y1, -(y2 - y1) / length, (x2 - x1) / length];
    }),
);

interface Shape {
  outline: readonly Point[];
  /** How far it goes from its middle: an edge further away than that is not looked at. */
  reach: number;
  /** How far it may lean over the rim. */
  lean: number;
}

function drawIn(ground: readonly Point[], { outline, reach, lean }: Shape, laid: Laid): void {
  let points: Point[] | undefined;
  for (const [x1, y1, nx, ny] of edgesOf(ground)) {
    if ((laid.x - x1) * nx + (laid.y - y1) * ny >= reach) continue;
    points ??= placed(outline, laid.x, laid.y, laid.angle);
    let over = 0;
    for (const [x, y] of points) over = max(over, -((x - x1) * nx + (y - y1) * ny));
    if (over <= lean) continue;
    laid.x += nx * (over - lean);
    laid.y += ny * (over - lean);
    for (let k = 0; k < points.length; k++)
      points[k] = [points[k]![0] + nx * (over - lean), points[k]![1] + ny * (over - lean)];
  }
}

/** What stops so near to the rim is pressed to it, and leans over by this: a bare ring reads as a board too large. */
const NEAR_RIM_MM = 11;
const OVER_RIM_MM = 1;

/** Moves pieces that stop just short of the (convex) ground's edge out to it. */
function pressToRim(ground: readonly Point[], filled: readonly Filled[]): void {
  for (const { part, pieces } of filled) {
    if (part.pinned) continue;
    pieces.forEach((laid, n) => {
      const outline = outlineOfPiece(part.fact, n);
      const near = NEAR_RIM_MM + reachOf(outline);
      let points: Point[] | undefined;
      let [short, outX, outY] = [FAR, 0, 0];
      for (const [x1, y1, nx, ny] of edgesOf(ground)) {
        if ((laid.x - x1) * nx + (laid.y - y1) * ny > near) continue;
        points ??= placed(outline, laid.x, laid.y, laid.angle);
        let inward = FAR;
        for (const [x, y] of points) inward = min(inward, (x - x1) * nx + (y - y1) * ny);
        if (inward < short) [short, outX, outY] = [inward, -nx, -ny];
      }
      if (short <= 0 || short > NEAR_RIM_MM) return;
      laid.x += outX * (short + OVER_RIM_MM);
      laid.y += outY * (short + OVER_RIM_MM);
    });
  }
}

/** How many pieces hide each cell, counted on from `cover`. */
export function coverCount(
  grid: Grid,
  filled: readonly Filled[],
  hard: readonly (readonly Point[])[],
  cover = new Uint16Array(grid.ground.length),
): Uint16Array {
  for (const polygon of hard) forCellsIn(grid, polygon, (c) => cover[c]!++);
  for (const otherFilled of filled) {
    otherFilled.pieces.forEach((laid, n) => {
      const outline = outlineOfPiece(otherFilled.part.fact, n);
      forCellsIn(grid, placed(outline, laid.x, laid.y, laid.angle), (c) => cover[c]!++);
    });
  }
  return cover;
}

/** Share of the ground that is hidden, 0 to 1. */
export function coverage(grid: Grid, cover: Uint16Array): number {
  let [ground, hidden] = [0, 0];
  for (let c = 0; c < cover.length; c++) {
    if (!grid.ground[c]) continue;
    ground += 1;
    if (cover[c]! > 0) hidden += 1;
  }
  return ground === 0 ? 1 : hidden / ground;
}

/** A piece that may close a gap: whose it is, and how far it goes from its middle at least. */
interface Near {
  laid: Laid;
  part: number | undefined;
  halfMm: number;
}

/** Coarse buckets of pieces, to find those near a gap. */
function bucketsOf(
  filled: readonly Filled[],
  sizeMm: number,
  partIndex: ReadonlyMap<Part, number>,
): Map<number, Near[]> {
  const out = new Map<number, Near[]>();
  for (const { part, pieces } of filled) {
    if (part.pinned) continue;
    const halfMm = min(part.fact.lengthMm, part.fact.widthMm) / 2;
    for (const laid of pieces) {
      const key = bucket(laid.x, laid.y, sizeMm);
      const near = { laid, part: partIndex.get(part), halfMm };
      const list = out.get(key);
      if (list) list.push(near);
      else out.set(key, [near]);
    }
  }
  return out;
}

const bucket = (x: number, y: number, sizeMm: number): number =>
  (floor(x / sizeMm) + 500) * 1000 + floor(y / sizeMm) + 500;

/**
 * Closes gaps with what is there: every bare cell pulls its nearest piece a little. No piece is added, so masses stay
 * true. Keeps the best round. `homes` says which region a cell belongs to: its own food answers first.
 */
export function settle(
  grid: Grid,
  ground: readonly Point[],
  filled: Filled[],
  hard: readonly (readonly Point[])[],
  homes: Int16Array,
  partIndex: ReadonlyMap<Part, number>,
  {
    mostRounds = MOST_ROUNDS,
    open = [],
  }: { mostRounds?: number | undefined; open?: readonly MarkedPlace[] } = {},
): number {
  pressToRim(ground, filled);
  keepInside(ground, filled, open);
  // what is pinned hides the same cells in every round
  const still = coverCount(
    grid,
    filled.filter((filled) => filled.part.pinned),
    hard,
  );
  const moving = filled.filter((filled) => !filled.part.pinned);
  const count = () => coverCount(grid, moving, [], still.slice());
  let best = filled.map((filled) => filled.pieces.map((laid) => ({ ...laid })));
  let cover = count();
  let most = coverage(grid, cover);
  let since = 0;
  for (
    let round = 0;
    round < Math.min(mostRounds, most < FULL ? MOST_ROUNDS : ROUNDS) && since < PATIENCE;
    round++
  ) {
    since += 1;
    pull(grid, filled, cover, homes, partIndex);
    keepInside(ground, filled, open);
    cover = count();
    const now = coverage(grid, cover);
    if (now > most) {
      if (now > most + LEAST_GAIN) since = 0;
      most = now;
      best = filled.map((filled) => filled.pieces.map((laid) => ({ ...laid })));
    }
  }
  filled.forEach((filled, i) => (filled.pieces = best[i]!));
  return most;
}

function pull(
  grid: Grid,
  filled: readonly Filled[],
  cover: Uint16Array,
  homes: Int16Array,
  partIndex: ReadonlyMap<Part, number>,
): void {
  const buckets = bucketsOf(filled, PULL_MM * 2, partIndex);
  const pulls = new Map<Laid, [number, number, number]>();
  for (let c = 0; c < cover.length; c++) {
    if (!grid.ground[c] || cover[c]! > 0) continue;
    const [x, y] = [grid.xOf(c % grid.columns), grid.yOf(floor(c / grid.columns))];
    const nearest = nearestPiece(buckets, x, y, homes[c]!);
    if (!nearest) continue;
    const sum = pulls.get(nearest) ?? [0, 0, 0];
    pulls.set(nearest, [sum[0] + x, sum[1] + y, sum[2] + 1]);
  }
  for (const [laid, [x, y, n]] of pulls) {
    const [dx, dy] = [x / n - laid.x, y / n - laid.y];
    const d = hypot2(dx, dy);
    if (d < 1e-6) continue;
    const step = min(LONGEST_MOVE_MM, d * 0.35);
    laid.x += (dx / d) * step;
    laid.y += (dy / d) * step;
  }
}

function nearestPiece(
  buckets: ReadonlyMap<number, Near[]>,
  x: number,
  y: number,
  home: number,
): Laid | undefined {
  let best: Laid | undefined;
  let least = FAR;
  const size = PULL_MM * 2;
  for (let i = -1; i <= 1; i++)
    for (let j = -1; j <= 1; j++) {
      const near = buckets.get(bucket(x + i * size, y + j * size, size));
      if (!near) continue;
      for (const { laid, part, halfMm } of near) {
        const own = part === home;
        const reach = hypot2(laid.x - x, laid.y - y) - halfMm;
        if (reach > (own ? PULL_MM * 2 : PULL_MM)) continue;
        const d = reach * (own ? 0.7 : 1);
        if (d < least) {
          least = d;
          best = laid;
        }
      }
    }
  return best;
}
