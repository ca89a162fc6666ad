import { simplified, type Point } from '../geometry/index.js';
import type { Grid } from './grid.js';

/**
 * The outer border of the largest connected patch of cells, as a polygon from the surface's centre: edges between
 * inside and outside are walked with the inside on the right, then smoothed of their stairs.
 */
export function outlineOf(grid: Grid, cells: readonly number[]): Point[] {
  const patch = largestPatch(grid, cells);
  if (patch.size === 0) return [];
  const next = new Map<string, [number, number]>();
  const has = (i: number, j: number) =>
    i >= 0 && j >= 0 && i < grid.columns && j < grid.rows && patch.has(j * grid.columns + i);
  for (const c of patch) {
    const [i, j] = [c % grid.columns, Math.floor(c / grid.columns)];
    if (!has(i, j - 1)) next.set(`${i},${j}`, [i + 1, j]);
    if (!has(i + 1, j)) next.set(`${i + 1},${j}`, [i + 1, j + 1]);
    if (!has(i, j + 1)) next.set(`${i + 1},${j + 1}`, [i, j + 1]);
    if (!has(i - 1, j)) next.set(`${i},${j + 1}`, [i, j]);
  }
  return longestLoop(next, grid);
}

function longestLoop(next: Map<string, [number, number]>, grid: Grid): Point[] {
  let best: Point[] = [];
  while (next.size > 0) {
    const [start] = next.keys();
    let key = start!;
    const loop: Point[] = [];
    for (let to = next.get(key); to; to = next.get(key)) {
      next.delete(key);
      loop.push([grid.xOf(to[0]) - grid.stepMm / 2, grid.yOf(to[1]) - grid.stepMm / 2]);
      key = `${to[0]},${to[1]}`;
    }
    if (loop.length > best.length) best = loop;
  }
  const half = Math.floor(best.length / 2);
  const tolerance = grid.stepMm * 0.8;
  const line = [
    ...simplified(best.slice(0, half + 1), tolerance).slice(0, -1),
    ...simplified([...best.slice(half), best[0]!], tolerance).slice(0, -1),
  ];
  const round = (v: number) => Math.round(v * 10) / 10;
  return line.map(([x, y]) => [round(x), round(y)]);
}

function largestPatch(grid: Grid, cells: readonly number[]): Set<number> {
  const left = new Set(cells);
  let best = new Set<number>();
  while (left.size > 0) {
    const [seed] = left;
    const patch = new Set([seed!]);
    const queue = [seed!];
    left.delete(seed!);
    while (queue.length > 0) {
      const c = queue.pop()!;
      const i = c % grid.columns;
      for (const d of [
        c - grid.columns,
        c + grid.columns,
        ...(i > 0 ? [c - 1] : []),
        ...(i < grid.columns - 1 ? [c + 1] : []),
      ]) {
        if (!left.has(d)) continue;
        left.delete(d);
        patch.add(d);
        queue.push(d);
      }
    }
    if (patch.size > best.size) best = patch;
  }
  return best;
}
