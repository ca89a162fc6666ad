import { hypot2 } from '../geometry/index.js';
import type { Random } from '../measure/index.js';
import type { Grid } from './grid.js';
import { borderPoints } from './neighbours.js';
import type { Part } from './parts.js';
import type { Site } from './regions.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { exp } = Math;

/** Swaps of regions must be about as large as each other, or the shapes no longer fit the food. */
const MOST_RATIO = 2.4;
const SWAPS = 9000;
/** Parts of one food like to lie this share of the board's width apart. */
const APART = 0.42;

/** Lengths of common borders, in cells: regions first, then anchors. `owner` counts anchors from `regions` on. */
export function borders(grid: Grid, owner: Int16Array, count: number): Float64Array {
  const out = new Float64Array(count * count);
  const touch = (a: number, b: number) => {
    if (a === b || a < 0 || b < 0) return;
    out[a * count + b]! += 1;
    out[b * count + a]! += 1;
  };
  for (let j = 0; j < grid.rows; j++)
    for (let i = 0; i < grid.columns; i++) {
      const c = j * grid.columns + i;
      if (i + 1 < grid.columns) touch(owner[c]!, owner[c + 1]!);
      if (j + 1 < grid.rows) touch(owner[c]!, owner[c + grid.columns]!);
    }
  return out;
}

/**
 * Which food goes into which region, by trying swaps on the true map of borders: the decisive step of the layout.
 * Returns the part of each region. Fixed regions keep theirs.
 */
export function relabel(
  parts: readonly Part[],
  anchors: readonly Part[],
  sites: readonly Site[],
  border: Float64Array,
  widthMm: number,
  random: Random,
): number[] {
  const n = parts.length;
  const count = n + anchors.length;
  const label = parts.map((_, i) => i);
  // worked out once: the loop below asks for each pair many thousand times
  const foods = [...parts, ...anchors].map((part) => part.component);
  const points = foods.flatMap((component) => foods.map((food) => borderPoints(component, food)));
  const foodAt = (r: number) => (r < n ? label[r]! : r);
  const cost = (r: number): number => {
    const mine = foodAt(r);
    let e = 0;
    for (let q = 0; q < count; q++) {
      const length = border[r * count + q]!;
      const theirs = foodAt(q);
      if (length > 0) e += length * points[mine * count + theirs]!;
      if (q < n && q !== r && foods[theirs]!.id === foods[mine]!.id) {
        const d = hypot2(sites[r]!.x - sites[q]!.x, sites[r]!.y - sites[q]!.y) / widthMm;
        if (d < APART) e += 40 * (1 - d / APART);
      }
    }
    return e;
  };
  const free = parts.map((_, i) => i).filter((i) => !sites[i]!.fixed);
  if (free.length < 2) return label;
  for (let k = 0; k < SWAPS; k++) {
    const heat = 6 * (1 - k / SWAPS) ** 2;
    const a = free[random.int(free.length)]!;
    const b = free[random.int(free.length)]!;
    if (a === b || !canSwap(parts[label[a]!]!, parts[label[b]!]!, sites[a]!, sites[b]!)) continue;
    const before = cost(a) + cost(b);
    [label[a], label[b]] = [label[b]!, label[a]!];
    const rise = cost(a) + cost(b) - before;
    if (rise > 0 && random.next() >= exp(-rise / (0.01 + heat)))
      [label[a], label[b]] = [label[b]!, label[a]!];
  }
  return label;
}

function canSwap(part: Part, otherPart: Part, a: Site, b: Site): boolean {
  if (part.kind !== otherPart.kind) return false;
  const ratio = a.targetCells / b.targetCells;
  return ratio < MOST_RATIO && ratio > 1 / MOST_RATIO;
}
