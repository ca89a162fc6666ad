import type { Random } from '../measure/index.js';
import type { Grid } from './grid.js';
import type { Part } from './parts.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { PI, cos, floor, max, round, sin, sqrt } = Math;
const FAR = Infinity;

/** A soft part's ground while it finds its place: a point or a short line that reaches for its share of the board. */
export interface Site {
  x: number;
  y: number;
  /** Radians; half of the line's length. Points have none. */
  angle: number;
  half: number;
  weight: number;
  targetCells: number;
  fixed: boolean;
}

export const NOBODY = -1;

/** Rows of slices are about this long before they start a second row. */
const RUN_ASPECT = 2.1;

export function siteFor(
  part: Part,
  x: number,
  y: number,
  angle: number,
  targetCells: number,
  stepMm: number,
): Site {
  return {
    x,
    y,
    angle,
    half: part.kind === 'run' ? runHalf(targetCells, stepMm) : 0,
    weight: 0,
    targetCells,
    fixed: false,
  };
}

const runHalf = (cells: number, stepMm: number): number => {
  const area = cells * stepMm * stepMm;
  const length = sqrt(area * RUN_ASPECT);
  return max(0, (length - area / length) / 2);
};

/** Smooth noise in millimetres, so that borders look grown, not ruled. Values on a coarse lattice, blended. */
export function borderNoise(
  random: Random,
  waveMm = 34,
  strengthMm = 6,
): (x: number, y: number) => [number, number] {
  const size = 32;
  const values = Array.from({ length: size * size * 2 }, () => random.range(-strengthMm, strengthMm));
  const at = (i: number, j: number, k: number) =>
    values[((((i % size) + size) % size) * size + (((j % size) + size) % size)) * 2 + k]!;
  return (x, y) => {
    const [u, v] = [x / waveMm, y / waveMm];
    const [i, j] = [floor(u), floor(v)];
    const [a, b] = [ease(u - i), ease(v - j)];
    const blend = (k: number) =>
      (at(i, j, k) * (1 - a) + at(i + 1, j, k) * a) * (1 - b) +
      (at(i, j + 1, k) * (1 - a) + at(i + 1, j + 1, k) * a) * b;
    return [blend(0), blend(1)];
  };
}

const ease = (t: number): number => t * t * (3 - 2 * t);

/** The free cells, with their places already shifted by the noise. */
export interface FreeCells {
  cells: Int32Array;
  x: Float64Array;
  y: Float64Array;
}

export function freeCells(
  grid: Grid,
  taken: Uint8Array,
  noise: (x: number, y: number) => [number, number],
): FreeCells {
  const list: number[] = [];
  for (let c = 0; c < grid.ground.length; c++) if (grid.ground[c] && !taken[c]) list.push(c);
  const x = new Float64Array(list.length);
  const y = new Float64Array(list.length);
  list.forEach((c, k) => {
    const [px, py] = [grid.xOf(c % grid.columns), grid.yOf(floor(c / grid.columns))];
    const [dx, dy] = noise(px, py);
    x[k] = px + dx;
    y[k] = py + dy;
  });
  return { cells: Int32Array.from(list), x, y };
}

/** Each free cell goes to the site that is nearest, weights off. A long kernel in one loop: it is most of the layout's time. */
export function assign(free: FreeCells, sites: readonly Site[], owner: Int16Array): void {
  const n = sites.length;
  const sx = new Float64Array(n);
  const sy = new Float64Array(n);
  const ux = new Float64Array(n);
  const uy = new Float64Array(n);
  const half = new Float64Array(n);
  const weight = new Float64Array(n);
  sites.forEach((site, i) => {
    sx[i] = site.x;
    sy[i] = site.y;
    ux[i] = cos(site.angle);
    uy[i] = sin(site.angle);
    half[i] = site.half;
    weight[i] = site.weight;
  });
  for (let k = 0; k < free.cells.length; k++) {
    const x = free.x[k]!;
    const y = free.y[k]!;
    let best = NOBODY;
    let least = FAR;
    for (let i = 0; i < n; i++) {
      const dx = x - sx[i]!;
      const dy = y - sy[i]!;
      let along = dx * ux[i]! + dy * uy[i]!;
      const h = half[i]!;
      along = along > h ? along - h : along < -h ? along + h : 0;
      const across = dy * ux[i]! - dx * uy[i]!;
      const d = sqrt(along * along + across * across) - weight[i]!;
      if (d < least) {
        least = d;
        best = i;
      }
    }
    owner[free.cells[k]!] = best;
  }
}

interface Moments {
  count: number;
  x: number;
  y: number;
  angle: number;
}

/** Count, middle and main direction of every region. */
export function momentsOf(grid: Grid, owner: Int16Array, regions: number): Moments[] {
  const sums = Array.from({ length: regions }, () => [0, 0, 0, 0, 0, 0]);
  for (let c = 0; c < owner.length; c++) {
    const o = owner[c]!;
    if (o < 0) continue;
    const [x, y] = [grid.xOf(c % grid.columns), grid.yOf(floor(c / grid.columns))];
    const s = sums[o]!;
    s[0]! += 1;
    s[1]! += x;
    s[2]! += y;
    s[3]! += x * x;
    s[4]! += y * y;
    s[5]! += x * y;
  }
  return sums.map(([n = 0, x = 0, y = 0, xx = 0, yy = 0, xy = 0]) => {
    if (n === 0) return { count: 0, x: 0, y: 0, angle: 0 };
    const [mx, my] = [x / n, y / n];
    const [vxx, vyy, vxy] = [xx / n - mx * mx, yy / n - my * my, xy / n - mx * my];
    return { count: n, x: mx, y: my, angle: 0.5 * Math.atan2(2 * vxy, vxx - vyy) };
  });
}

/** One step of the weighted diagram: weights follow the missing area, sites follow their region's middle and turn with it. */
export function stepRegions(
  grid: Grid,
  free: FreeCells,
  sites: Site[],
  owner: Int16Array,
  moving: number,
): void {
  assign(free, sites, owner);
  const moments = momentsOf(grid, owner, sites.length);
  sites.forEach((site, i) => {
    const m = moments[i]!;
    // a region that has shrunk to little or nothing would leap over the whole board by its own short border: it is given
    // at least the border of half its share, so that it comes back and does not push all others out
    const perimeter = max(8, 3.6 * sqrt(max(1, m.count, site.targetCells * 0.5)));
    site.weight += (0.7 * grid.stepMm * (site.targetCells - m.count)) / perimeter;
    if (site.fixed || m.count === 0) return;
    site.x += (m.x - site.x) * moving;
    site.y += (m.y - site.y) * moving;
    if (site.half > 0) {
      let turn = m.angle - site.angle;
      turn -= PI * round(turn / PI);
      site.angle += turn * moving;
    }
  });
  const mean = sites.reduce((sum, site) => sum + site.weight, 0) / max(1, sites.length);
  for (const site of sites) site.weight -= mean;
}
