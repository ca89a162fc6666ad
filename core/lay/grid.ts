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

/** Calls back for each cell whose middle lies in the polygon. A kernel: it scans rows, not points. */
export function forCellsIn(grid: Grid, polygon: Polygon, each: (cell: number) => void): void {
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
  const crossings: number[] = [];
  for (let j = from; j <= to; j++) {
    const y = y0 + j * stepMm;
    crossings.length = 0;
    for (let a = polygon.length - 1, b = 0; b < polygon.length; a = b++) {
      const [xa, ya] = polygon[a]!;
      const [xb, yb] = polygon[b]!;
      if (ya > y !== yb > y) crossings.push(xa + ((y - ya) * (xb - xa)) / (yb - ya));
    }
    // most pieces bulge nowhere inward: a row goes in once and out once
    if (crossings.length > 2) crossings.sort((p, q) => p - q);
    else if (crossings[0]! > crossings[1]!) crossings.reverse();
    for (let k = 0; k + 1 < crossings.length; k += 2) {
      const left = max(0, ceil((crossings[k]! - x0) / stepMm));
      const right = min(columns - 1, floor((crossings[k + 1]! - x0) / stepMm));
      for (let i = left; i <= right; i++) each(j * columns + i);
    }
  }
}
