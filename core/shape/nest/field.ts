import type { Polygon } from '../../geometry/index.js';
import { boundsOf, heightOf, widthOf } from '../outline.js';

const { abs, ceil, max, min, sqrt } = Math;
const FAR = Infinity;

/** Outlines as flat arrays of their sides, for kernels. */
export interface Sides {
  ax: Float64Array;
  ay: Float64Array;
  bx: Float64Array;
  by: Float64Array;
}

export function sidesOf(loops: readonly Polygon[]): Sides {
  const ends = loops.flatMap((loop) =>
    loop.map(([ax, ay], i) => {
      const [bx, by] = loop[(i + 1) % loop.length]!;
      return [ax, ay, bx, by] as const;
    }),
  );
  const column = (k: 0 | 1 | 2 | 3): Float64Array => Float64Array.from(ends, (side) => side[k]);
  return { ax: column(0), ay: column(1), bx: column(2), by: column(3) };
}

/** Where the nearest point of the sides lies, and how far: written into by `nearestOn`, so that nothing is made per call. */
export interface Nearest {
  /** Below nought inside. */
  distance: number;
  /** Which way it grows fastest: a direction of length one. */
  nx: number;
  ny: number;
}

/**
 * The signed distance of (x, y) from outlines taken by the even-odd rule, to the last digit: a kernel. Right on a side the
 * direction is that side's own.
 */
export function nearestOn({ ax, ay, bx, by }: Sides, x: number, y: number, found: Nearest): number {
  let best = FAR;
  let dx = 0;
  let dy = 0;
  let sx = 0;
  let sy = 0;
  let odd = false;
  for (let i = 0; i < ax.length; i++) {
    const x1 = ax[i]!;
    const y1 = ay[i]!;
    const ex = bx[i]! - x1;
    const ey = by[i]! - y1;
    const length2 = ex * ex + ey * ey;
    const t = length2 === 0 ? 0 : max(0, min(1, ((x - x1) * ex + (y - y1) * ey) / length2));
    const qx = x - x1 - t * ex;
    const qy = y - y1 - t * ey;
    const d2 = qx * qx + qy * qy;
    if (d2 < best) {
      best = d2;
      dx = qx;
      dy = qy;
      const length = sqrt(length2) || 1;
      sx = ey / length;
      sy = -ex / length;
    }
    if (y1 > y !== by[i]! > y && x < (ex * (y - y1)) / ey + x1) odd = !odd;
  }
  const distance = sqrt(best);
  const sign = odd ? -1 : 1;
  found.distance = sign * distance;
  found.nx = distance > 1e-9 ? (sign * dx) / distance : sx;
  found.ny = distance > 1e-9 ? (sign * dy) / distance : sy;
  return found.distance;
}

/** Signed distances on a grid, read between its points by their mean. */
export interface Field {
  x0: number;
  y0: number;
  perMm: number;
  columns: number;
  rows: number;
  values: Float64Array;
}

/** The field around outlines, `padMm` wider than they are. */
export function fieldOf(loops: readonly Polygon[], cellMm: number, padMm: number): Field {
  const bounds = boundsOf(loops.flat());
  const x0 = bounds.left - padMm;
  const y0 = bounds.top - padMm;
  const columns = ceil((widthOf(bounds) + 2 * padMm) / cellMm) + 2;
  const rows = ceil((heightOf(bounds) + 2 * padMm) / cellMm) + 2;
  const values = new Float64Array(columns * rows);
  const sides = sidesOf(loops);
  const found: Nearest = { distance: 0, nx: 0, ny: 0 };
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++)
      values[row * columns + column] = nearestOn(sides, x0 + column * cellMm, y0 + row * cellMm, found);
  }
  return { x0, y0, perMm: 1 / cellMm, columns, rows, values };
}

/** The deepest point inside, in millimetres from the outline, as near as the grid tells. */
export const depthOf = (field: Field): number => field.values.reduce((most, d) => max(most, -d), 0);

/** Square millimetres nearer to the inside than `d`: what an outline covers when it is grown by d. */
export function areaWithin(field: Field, d: number): number {
  const cell = 1 / (field.perMm * field.perMm);
  // a cell that the edge passes through counts by how much of it lies inside
  const blur = 0.5 / field.perMm;
  return field.values.reduce((sum, value) => {
    if (abs(value - d) < blur) return sum + cell * (0.5 - (value - d) / (2 * blur));
    return value < d ? sum + cell : sum;
  }, 0);
}
