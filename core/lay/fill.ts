import type { Random } from '../measure/index.js';
import { areaOf, hypot2, outlineOfPiece, type Point } from '../geometry/index.js';
import type { Grid } from './grid.js';
import type { Part } from './parts.js';

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

/** A slice's row is this much narrower than the slice is long, so that rows lap. */
const LAP = 0.8;

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

/**
 * Slices, shingled in rows that follow the region: each row runs along the main direction and bends with the middle
 * of the band; pieces come at equal shares of the ground, so the pitch is even.
 */
export function fillRun(
  part: Part,
  cells: readonly number[],
  grid: Grid,
  angle: number,
  random: Random,
): Laid[] {
  if (cells.length === 0) return [];
  const [c, s] = [cos(angle), sin(angle)];
  const us: number[] = [];
  const vs: number[] = [];
  for (const cell of cells) {
    const [x, y] = [grid.xOf(cell % grid.columns), grid.yOf(floor(cell / grid.columns))];
    us.push(x * c + y * s);
    vs.push(y * c - x * s);
  }
  const { from, bins } = bandsOf(us, vs, grid.stepMm);
  const across = part.fact.lengthMm;
  const width = (cells.length * grid.stepMm) / max(1, bins.length);
  const rows = max(1, min(part.pieces, round(width / (across * LAP))));
  const smooth = smoothed(bins, max(2, round(16 / grid.stepMm)));
  const laid: Laid[] = [];
  let left = part.pieces;
  for (let row = 0; row < rows; row++) {
    const n = round(left / (rows - row));
    left -= n;
    laid.push(
      ...oneRow(n, row, rows, from, smooth, grid.stepMm, random).map((otherAlong) =>
        back(otherAlong, c, s, angle),
      ),
    );
  }
  return laid;
}

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

/** Each slice stands across the row: its length points over the row's direction, with a little unrest. */
function back(otherAlong: Along, c: number, s: number, angle: number): Laid {
  return {
    x: otherAlong.u * c - otherAlong.v * s,
    y: otherAlong.u * s + otherAlong.v * c,
    angle: ((angle + otherAlong.slope) * 180) / PI + 90,
  };
}
