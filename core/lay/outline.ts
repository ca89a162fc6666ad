import { contours } from 'd3-contour';
import simplify from 'simplify-js';
import { areaOf, type Point } from '../geometry/index.js';
import type { Grid } from './grid.js';

/** Of a cell: stairs are smoothed away, corners stay. */
const TOLERANCE = 0.8;
const tenth = (mm: number) => Math.round(mm * 10) / 10;

/** The outer border of the largest connected patch of cells, as a polygon in millimetres from the surface's centre. */
export function outlineOf(grid: Grid, cells: readonly number[]): Point[] {
  const taken = new Array<number>(grid.columns * grid.rows).fill(0);
  for (const cell of cells) taken[cell] = 1;
  const border = contours().size([grid.columns, grid.rows]).contour(taken, 0.5);
  const outer = border.coordinates.map(([ring]) => ring as [number, number][]);
  const [largest] = outer.toSorted((a, b) => areaOf(b) - areaOf(a));
  if (!largest) return [];
  const line = largest.map(([x, y]) => ({ x, y }));
  // a ring begins where it ends, so that it is simplified in two halves
  const half = Math.floor(line.length / 2);
  return [line.slice(0, half + 1), line.slice(half)]
    .flatMap((part) => simplify(part, TOLERANCE, true).slice(0, -1))
    .map(({ x, y }) => [tenth(grid.xOf(x - 0.5)), tenth(grid.yOf(y - 0.5))]);
}
