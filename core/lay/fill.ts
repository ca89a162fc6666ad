import { FORMS } from '../catalogue/index.js';
import type { Random } from '../measure/index.js';
import { areaOf, hypot2, outlineOfPiece, type Point } from '../geometry/index.js';
import type { Grid } from './grid.js';
import type { Spine } from './field.js';
import type { Part } from './parts.js';
import { acrossRow, LAP } from './regions.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { PI, cos, floor, max, min, round, sin } = Math;
const FAR = Infinity;

/** Where one piece lies: millimetres from the surface's centre, degrees. */
export interface Laid {
  x: number;
  y: number;
  angle: number;
}

const EVENING = 9;

/** The lower layer of a heap lies so near that each piece has this much of its own area; the rest lies on the inner part. */
const ROOM_EACH = 1.06;
const LEAST_BELOW = 0.55;
const INNER = 0.55;
/** Fewer pieces than this are no heap. */
const LEAST_HEAPED = 12;

/**
 * Loose pieces, exactly as many as the plan has, as a heap: a lower layer spread evenly over the region, what has no room in
 * it on the middle, and a little unrest so that it does not read as a lattice. From the edge to the middle, as they are laid.
 */
export function fillLoose(part: Part, cells: readonly number[], grid: Grid, random: Random): Laid[] {
  if (cells.length === 0) return [];
  const points = cells.map((cell): Point => [
    grid.xOf(cell % grid.columns),
    grid.yOf(floor(cell / grid.columns)),
  ]);
  const middle = meanOf(points);
  const far = ([x, y]: Point): number => hypot2(x - middle[0], y - middle[1]);
  const inward = (a: Point, b: Point): number => far(b) - far(a);
  const areaEach = areaOf(outlineOfPiece(part.fact, 0));
  const room = round((cells.length * grid.stepMm * grid.stepMm) / (ROOM_EACH * areaEach));
  const fits = max(room, part.pieces < LEAST_HEAPED ? part.pieces : round(part.pieces * LEAST_BELOW));
  const below = max(1, min(part.pieces, fits));
  const inner = points.toSorted((a, b) => far(a) - far(b)).slice(0, max(1, round(points.length * INNER)));
  const laid = [
    ...spreadOver(points, below, random).sort(inward),
    ...spreadOver(inner, part.pieces - below, random).sort(inward),
  ];
  const unrest = min(part.fact.lengthMm, part.fact.widthMm) * 0.08;
  const lean = random.range(0, 360);
  const elongated = part.fact.lengthMm > part.fact.widthMm * 1.7;
  return laid.map(([x, y]) => ({
    x: x + random.range(-unrest, unrest),
    y: y + random.range(-unrest, unrest),
    // long pieces lie roughly one way, as a hand drops them
    angle: elongated ? lean + random.range(-38, 38) : random.range(0, 360),
  }));
}

const meanOf = (points: readonly Point[]): Point => [
  points.reduce((sum, [x]) => sum + x, 0) / points.length,
  points.reduce((sum, [, y]) => sum + y, 0) / points.length,
];

/** So many places, each in the middle of its share of the points: Lloyd's method (1982). */
function spreadOver(points: readonly Point[], n: number, random: Random): Point[] {
  const px = new Float64Array(n);
  const py = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const [x, y] = points[random.int(points.length)]!;
    px[i] = x + random.range(-2, 2);
    py[i] = y + random.range(-2, 2);
  }
  const sum = new Float64Array(n * 3);
  for (let turn = 0; turn < EVENING && n > 0; turn++) {
    sum.fill(0);
    for (const [x, y] of points) {
      let best = 0;
      let least = FAR;
      for (let i = 0; i < n; i++) {
        const dx = x - px[i]!;
        const dy = y - py[i]!;
        const d = dx * dx + dy * dy;
        if (d < least) {
          least = d;
          best = i;
        }
      }
      sum[best * 3]! += x;
      sum[best * 3 + 1]! += y;
      sum[best * 3 + 2]! += 1;
    }
    for (let i = 0; i < n; i++) {
      const count = sum[i * 3 + 2]!;
      if (count === 0) continue;
      px[i] = sum[i * 3]! / count;
      py[i] = sum[i * 3 + 1]! / count;
    }
  }
  return Array.from({ length: n }, (_, i): Point => [px[i]!, py[i]!]);
}

interface Bin {
  low: number;
  high: number;
  count: number;
}

/** Bands across the main direction: how wide the region is at each step along it. */
function bandsOf(
  us: readonly number[],
  vs: readonly number[],
  stepMm: number,
): { from: number; bins: Bin[] } {
  const from = min(...us);
  const bins: Bin[] = [];
  us.forEach((u, k) => {
    const b = floor((u - from) / stepMm);
    const bin = (bins[b] ??= { low: FAR, high: -FAR, count: 0 });
    bin.low = min(bin.low, vs[k]!);
    bin.high = max(bin.high, vs[k]!);
    bin.count += 1;
  });
  for (let b = 0; b < bins.length; b++) bins[b] ??= { low: 0, high: 0, count: 0 };
  return { from, bins };
}

/** A spine as its stretches: where each begins, its direction, and how far along the line it is. */
interface Stretch {
  x: number;
  y: number;
  c: number;
  s: number;
  from: number;
  length: number;
}

function stretchesOf({ points, angle }: Spine): Stretch[] {
  if (points.length < 2) {
    const [x, y] = points[0]!;
    return [{ x, y, c: cos(angle), s: sin(angle), from: 0, length: 0 }];
  }
  let from = 0;
  return points.slice(1).map(([bx, by], i) => {
    const [x, y] = points[i]!;
    const length = max(1e-6, hypot2(bx - x, by - y));
    const stretch = { x, y, c: (bx - x) / length, s: (by - y) / length, from, length };
    from += length;
    return stretch;
  });
}

/** A point as its way along the spine and its distance to the left of it; the ends go on straight. */
function onSpine(stretches: readonly Stretch[], x: number, y: number): [u: number, v: number] {
  let [best, u, v] = [FAR, 0, 0];
  stretches.forEach((stretch, i) => {
    const { c, s, from, length } = stretch;
    const [dx, dy] = [x - stretch.x, y - stretch.y];
    const t = dx * c + dy * s;
    const along = max(i === 0 ? -FAR : 0, min(i === stretches.length - 1 ? FAR : length, t));
    const across = dy * c - dx * s;
    const d = hypot2(t - along, across);
    if (d < best) [best, u, v] = [d, from + along, (across < 0 ? -1 : 1) * d];
  });
  return [u, v];
}

/**
 * Slices, shingled in rows that follow their spine: each row bends with it and with the middle of the band; pieces come at
 * equal shares of the ground, so the pitch is even. A slice wider than its row leans, all of a row one way.
 */
export function fillRun(
  part: Part,
  cells: readonly number[],
  grid: Grid,
  spine: Spine,
  random: Random,
): Laid[] {
  if (cells.length === 0) return [];
  const stretches = stretchesOf(spine);
  const us: number[] = [];
  const vs: number[] = [];
  for (const cell of cells) {
    const [u, v] = onSpine(stretches, grid.xOf(cell % grid.columns), grid.yOf(floor(cell / grid.columns)));
    us.push(u);
    vs.push(v);
  }
  const { from, bins } = bandsOf(us, vs, grid.stepMm);
  const scales = FORMS[part.fact.form].scales === true;
  const across = acrossRow(part.fact);
  const width = (cells.length * grid.stepMm) / max(1, bins.length);
  const rows = max(1, min(part.pieces, round(width / (across * LAP))));
  const smooth = smoothed(bins, max(2, round(16 / grid.stepMm)));
  // what is as wide as long has no lean to be seen
  const lean = !scales && part.fact.widthMm < across * ROUNDISH ? leanOf(width / rows, across) : 0;
  const turn = scales ? ALONG : lean;
  const laid: Laid[] = [];
  let left = part.pieces;
  for (let row = 0; row < rows; row++) {
    const n = round(left / (rows - row));
    left -= n;
    const pieces = oneRow(n, row, rows, from, smooth, grid.stepMm, random).map((along) =>
      back(along, stretches, turn),
    );
    laid.push(...(scales ? closed(pieces) : pieces));
  }
  return laid;
}

/** From across the row to along it, the tip where the row goes on. */
const ALONG = PI / 2;
const ROUNDISH = 0.8;
/** Two folds that lie tip to tip are no row. */
const LEAST_CLOSED = 3;

/** The last fold lies the other way round, under the one before it: no tip looks out of the row's end. */
function closed(row: readonly Laid[]): Laid[] {
  if (row.length < LEAST_CLOSED) return [...row];
  const last = row.at(-1)!;
  return [...row.slice(0, -2), { ...last, angle: last.angle + 180 }, row.at(-2)!];
}
const MOST_LEAN = (42 * PI) / 180;

/** How far a slice must lean to have room in a row this wide. */
const leanOf = (rowMm: number, sliceMm: number): number =>
  rowMm >= sliceMm ? 0 : min(MOST_LEAN, Math.acos(rowMm / sliceMm));

/** Pieces one behind the other along a line, at even distances, with a little unrest. */
export function fillLine(part: Part, spine: Spine, random: Random): Laid[] {
  const stretches = stretchesOf(spine);
  const last = stretches.at(-1)!;
  const middle = (last.from + last.length) / 2;
  const pitch = part.fact.widthMm * LINE_PITCH;
  return Array.from({ length: part.pieces }, (_, i) => {
    const u = middle + (i - (part.pieces - 1) / 2) * pitch;
    // two and two side by side here and there: a string of beads is no hand's work
    const v = random.range(-0.32, 0.32) * part.fact.widthMm;
    return { ...back({ u, v, slope: 0 }, stretches, 0), angle: random.range(0, 360) };
  });
}

/** Berries in a line touch and lap a little. */
const LINE_PITCH = 0.86;

/** Running means of the band's two edges, weighted by what is there. */
function smoothed(bins: readonly Bin[], reach: number): Bin[] {
  return bins.map((_, b) => {
    let [low, high, weight] = [0, 0, 0];
    for (let k = max(0, b - reach); k <= min(bins.length - 1, b + reach); k++) {
      const bin = bins[k]!;
      if (bin.count === 0) continue;
      low += bin.low * bin.count;
      high += bin.high * bin.count;
      weight += bin.count;
    }
    return weight === 0
      ? { low: 0, high: 0, count: 0 }
      : { low: low / weight, high: high / weight, count: bins[b]!.count };
  });
}

interface Along {
  u: number;
  v: number;
  slope: number;
}

function oneRow(
  n: number,
  row: number,
  rows: number,
  from: number,
  bins: readonly Bin[],
  stepMm: number,
  random: Random,
): Along[] {
  const total = bins.reduce((sum, bin) => sum + bin.count, 0);
  const middle = (b: number): number => {
    const bin = bins[max(0, min(bins.length - 1, b))]!;
    return bin.low + ((bin.high - bin.low) * (row + 0.5)) / rows;
  };
  const out: Along[] = [];
  let [b, seen] = [0, 0];
  for (let i = 0; i < n; i++) {
    const wanted = ((i + 0.5) / n) * total;
    while (b < bins.length - 1 && seen + bins[b]!.count < wanted) seen += bins[b++]!.count;
    const share = bins[b]!.count > 0 ? (wanted - seen) / bins[b]!.count : 0.5;
    const slope = Math.atan2(middle(b + 3) - middle(b - 3), 6 * stepMm);
    out.push({ u: from + (b + share) * stepMm, v: middle(b) + random.range(-1.2, 1.2), slope: slope * 0.8 });
  }
  return out;
}

/** Each slice stands across the row, turned by so much: its length points over the row's direction, with a little unrest. */
function back({ u, v, slope }: Along, stretches: readonly Stretch[], turn: number): Laid {
  const at = stretches.find(({ from, length }) => u < from + length) ?? stretches.at(-1)!;
  const { c, s } = at;
  const along = u - at.from;
  return {
    x: at.x + along * c - v * s,
    y: at.y + along * s + v * c,
    angle: ((Math.atan2(s, c) + slope + turn) * 180) / PI + 90,
  };
}
