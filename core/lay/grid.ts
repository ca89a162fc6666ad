import { outlinePolygon, type Surface } from '../plan/index.js';
import type { Point, Polygon } from '../geometry/index.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { ceil, floor, max, min } = Math;
const FAR = Infinity;

/** A raster over the ground inside the rim; cell (i, j) has its middle at `xOf(i)`, `yOf(j)`, millimetres from the surface's centre. */
export interface Grid {
  stepMm: number;
  columns: number;
  rows: number;
  /** 1 inside the serving ground. */
  ground: Uint8Array;
  xOf(i: number): number;
  yOf(j: number): number;
}

/** The serving ground inside the rim, as a polygon; `scale` below 1 keeps open china around a small plate's food. */
export function servingGround(surface: Surface, scale = 1): Point[] {
  return outlinePolygon(surface.outline, surface.rimMm, scale);
}

export function gridOver(ground: Polygon, stepMm: number): Grid {
  const xs = ground.map((p) => p[0]);
  const ys = ground.map((p) => p[1]);
  const [left, top] = [min(...xs), min(...ys)];
  const columns = max(1, ceil((max(...xs) - left) / stepMm));
  const rows = max(1, ceil((max(...ys) - top) / stepMm));
  const xOf = (i: number) => left + (i + 0.5) * stepMm;
  const yOf = (j: number) => top + (j + 0.5) * stepMm;
  const grid = { stepMm, columns, rows, ground: new Uint8Array(columns * rows), xOf, yOf };
  forCellsIn(grid, ground, (c) => (grid.ground[c] = 1));
  return grid;
}

/** Room for where edges cross rows, kept between calls, for there are many thousands; it is written before it is read. */
const scratch = { counts: new Uint8Array(0), at: new Float64Array(0) };

/**
 * Calls back for each cell whose middle lies in the polygon. A kernel: it goes along the edges once, and then along the
 * rows. A row has room for `most` crossings; where a polygon has more, it is begun again with more room.
 */
export function forCellsIn(grid: Grid, polygon: Polygon, each: (cell: number) => void, most = 8): void {
  let [top, bottom] = [FAR, -FAR];
  for (const [, y] of polygon) {
    if (y < top) top = y;
    if (y > bottom) bottom = y;
  }
  const { stepMm, columns, rows } = grid;
  const y0 = grid.yOf(0);
  const x0 = grid.xOf(0);
  const from = max(0, ceil((top - y0) / stepMm));
  const to = min(rows - 1, floor((bottom - y0) / stepMm));
  if (to < from) return;
  const high = to - from + 1;
  if (scratch.counts.length < high) scratch.counts = new Uint8Array(high);
  if (scratch.at.length < high * most) scratch.at = new Float64Array(high * most);
  const { counts, at } = scratch;
  counts.fill(0, 0, high);
  for (let a = polygon.length - 1, b = 0; b < polygon.length; a = b++) {
    const [xa, ya] = polygon[a]!;
    const [xb, yb] = polygon[b]!;
    const last = min(to, ceil((max(ya, yb) - y0) / stepMm));
    for (let j = max(from, floor((min(ya, yb) - y0) / stepMm)); j <= last; j++) {
      const y = y0 + j * stepMm;
      if (ya > y === yb > y) continue;
      const n = counts[j - from]!;
      if (n === most) return forCellsIn(grid, polygon, each, most * 4);
      // in order as they come: most rows are crossed twice
      const x = xa + ((y - ya) * (xb - xa)) / (yb - ya);
      const row = (j - from) * most;
      let k = row + n;
      for (; k > row && at[k - 1]! > x; k--) at[k] = at[k - 1]!;
      at[k] = x;
      counts[j - from] = n + 1;
    }
  }
  for (let j = from; j <= to; j++) {
    const row = (j - from) * most;
    for (let k = row; k + 1 < row + counts[j - from]!; k += 2) {
      const left = max(0, ceil((at[k]! - x0) / stepMm));
      const right = min(columns - 1, floor((at[k + 1]! - x0) / stepMm));
      for (let c = j * columns + left; c <= j * columns + right; c++) each(c);
    }
  }
}
