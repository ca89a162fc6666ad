import { inside, type Point, type Polygon } from '../core/geometry/index.js';
import {
  boundsOf,
  cutterById,
  cutterOutline,
  disc,
  heightOf,
  neckOf,
  Nesting,
  rect,
  ring,
  widthOf,
  type CutterSize,
  type Slice,
} from '../core/shape/index.js';

/**
 * How many pieces a slice gives, beside two baselines of the same run: pieces on a grid of rows, and the best rows that
 * interlock. Steps are the budget, so that the counts are the same on every machine; seconds are for reading.
 */
const outline = (id: string, size: CutterSize): Polygon => cutterOutline(cutterById(id)!, size);

/** Container to disc (known optima or best known), a thousandth wider. */
const DISCS: readonly (readonly [ratio: number, count: number])[] = [
  [3, 7],
  [3.304, 8],
  [3.613, 9],
  [3.813, 10],
  [3.923, 11],
  [4.0296, 12],
  [4.236, 13],
  [4.328, 14],
  [4.521, 15],
  [4.615, 16],
  [4.792, 17],
  [4.8637, 19],
  [5.122, 20],
  [6.1977, 30],
  [6.7588, 37],
  [8.6613, 61],
];

const CUTTERS: readonly (readonly [
  name: string,
  outline: Polygon,
  steps: number,
  targets: readonly number[],
])[] = [
  ['star 30', outline('star', 30), 26_000, [13, 14, 10]],
  ['heart 28', outline('heart', 28), 44_000, [14, 15, 11]],
  ['crescent 34', outline('crescent', 34), 72_000, [11, 11, 9]],
  ['leaf 40x18', outline('leaf', { widthMm: 40, heightMm: 18 }), 28_000, [12, 13, 10]],
  ['E 25', outline('block-e', 25), 42_000, [13, 16, 10]],
  ['gear 26', outline('gear', 26), 22_000, [11, 12, 9]],
];
const SLICES: readonly (readonly [name: string, slice: Slice])[] = [
  ['disc 110', disc(110)],
  ['rect 100x100', rect(100, 100)],
  ['ring 110/30', ring(110, 30)],
];

interface Run {
  count: number;
  bound: number;
  inRows: number | undefined;
  reached: number | undefined;
  first: number;
  seconds: number;
}

function run(request: ConstructorParameters<typeof Nesting>[0], steps: number, target: number): Run {
  const start = performance.now();
  const since = () => (performance.now() - start) / 1000;
  const nesting = new Nesting(request);
  let [count, first] = [0, 0];
  let reached: number | undefined;
  while (!nesting.done && nesting.steps < steps && count < target) {
    nesting.step();
    const now = nesting.best.pieces.length;
    if (now > 0 && count === 0) first = since();
    count = now;
    if (count >= target) reached ??= since();
  }
  return { count, bound: nesting.best.bound, inRows: nesting.inRows, reached, first, seconds: since() };
}

/** Pieces side by side in straight rows, moved over the slice: what a first try gives. */
function onGrid(polygon: Polygon, slice: Slice, gap: number, margin: number): number {
  const bounds = boundsOf(polygon);
  const [dx, dy] = [widthOf(bounds) + gap, heightOf(bounds) + gap];
  const fits = (x: number, y: number): boolean =>
    polygon.every(([px, py]) => roomAt(slice, [px + x, py + y]) >= margin);
  const size = boundsOf(slice.outer);
  let best = 0;
  for (let a = 0; a < 6; a++) {
    for (let b = 0; b < 6; b++) {
      let count = 0;
      for (let x = size.left + (a / 6) * dx; x < size.right; x += dx)
        for (let y = size.top + (b / 6) * dy; y < size.bottom; y += dy) if (fits(x, y)) count += 1;
      best = Math.max(best, count);
    }
  }
  return best;
}

function roomAt(slice: Slice, [x, y]: Point): number {
  if (!inside(slice.outer, x, y)) return -1;
  const loops = [slice.outer, ...slice.holes];
  if (slice.holes.some((hole) => inside(hole, x, y))) return -1;
  return Math.min(
    ...loops.flatMap((loop) => loop.map(([px, py]) => Math.hypot(px - x, py - y))),
    rectRoom(slice, x, y),
  );
}

/** A drawn circle has corners everywhere; of a square the sides count. */
function rectRoom(slice: Slice, x: number, y: number): number {
  if (slice.outer.length > 4) return Infinity;
  const b = boundsOf(slice.outer);
  return Math.min(x - b.left, b.right - x, y - b.top, b.bottom - y);
}

const short: string[] = [];
console.log('discs in a disc: ratio, count of wanted, seconds to it by seed (1 s is the aim), bound');
for (const [ratio, target] of DISCS) {
  const runs = [1, 2, 3].map((seed) =>
    run(
      {
        slice: disc(22 * ratio * 1.001),
        cutters: [{ outline: outline('disc', 22) }],
        gapMm: 0,
        marginMm: 0,
        seed,
      },
      60_000,
      target,
    ),
  );
  const times = runs.map(({ reached }) => (reached === undefined ? 'not' : reached.toFixed(2)));
  if (runs.some(({ count }) => count < target)) short.push(`disc ${ratio}`);
  console.log(
    `  ${ratio}: ${runs.map(({ count }) => count).join(' ')} of ${target}; ${times.join(' ')} s; bound ${runs[0]!.bound}`,
  );
}

console.log(
  '\nshapes, gap 2, margin 2: grid, rows, then by seed 1 to 8; target; bound; seconds to the target; the longest run',
);
for (const [s, [sliceName, slice]] of SLICES.entries()) {
  for (const [name, polygon, steps, targets] of CUTTERS) {
    const target = targets[s]!;
    const runs = Array.from({ length: 8 }, (_, i) =>
      run({ slice, cutters: [{ outline: polygon }], gapMm: 2, marginMm: 2, seed: i + 1 }, steps, target),
    );
    const reached = runs.flatMap((one) => (one.reached === undefined ? [] : [one.reached]));
    const rows = Math.max(...runs.map(({ inRows }) => inRows ?? 0));
    const misses = runs.filter(({ count }) => count < target).length;
    if (misses > 0) short.push(`${name} in ${sliceName} (${misses} of 8 seeds)`);
    console.log(
      `  ${name} in ${sliceName}: grid ${onGrid(polygon, slice, 2, 2)}, rows ${rows}, found ${runs.map(({ count }) => count).join(' ')}; target ${target}; bound ${runs[0]!.bound}; ${Math.min(...reached).toFixed(2)}–${Math.max(...reached).toFixed(2)} s; the longest ${Math.max(...runs.map(({ seconds }) => seconds)).toFixed(1)} s, first ${Math.max(...runs.map(({ first }) => first)).toFixed(2)} s`,
    );
  }
}

console.log('\nnecks: found, wanted, ms');
const dumbBell: Polygon = [
  [-15, -6],
  [-4, -6],
  [-4, -1.5],
  [4, -1.5],
  [4, -6],
  [15, -6],
  [15, 6],
  [4, 6],
  [4, 1.5],
  [-4, 1.5],
  [-4, 6],
  [-15, 6],
];
const hourglass: Polygon = [
  [-10, -12],
  [10, -12],
  [2, 0],
  [10, 12],
  [-10, 12],
  [-2, 0],
];
for (const [name, polygon, wanted] of [
  ['E 25', outline('block-e', 25), 5],
  ['hourglass', hourglass, 4],
  ['dumb-bell', dumbBell, 3],
  ['crescent 34', outline('crescent', 34), 10.65],
] as const) {
  const start = performance.now();
  const { neckMm } = neckOf(polygon);
  console.log(`  ${name}: ${neckMm.toFixed(2)} of ${wanted}, ${(performance.now() - start).toFixed(0)} ms`);
}
console.log(short.length === 0 ? '\nall targets reached' : `\nshort of: ${short.join('; ')}`);
