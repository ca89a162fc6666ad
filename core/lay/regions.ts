import { FORMS, type FormFact } from '../catalogue/index.js';
import type { Random } from '../measure/index.js';
import { hypot2, type Point } from '../geometry/index.js';
import { spineThrough, type Field, type Spine } from './field.js';
import type { Grid } from './grid.js';
import type { Part } from './parts.js';
import type { MarkedPlace } from '../plan/index.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { floor, max, min, round, sqrt } = Math;
const FAR = Infinity;

/** A soft part's ground while it finds its place: a point, or the line of a row, that reaches for its share of the board. */
export interface Site {
  x: number;
  y: number;
  spine: Spine;
  weight: number;
  targetCells: number;
  /** Pinned: it neither moves nor takes another food. */
  fixed: boolean;
  /** It keeps its place, along the rim or around a bowl, but may take another food. */
  still: boolean;
  /** A hand has wanted some kind of food there: it does not stray from it. */
  near?: MarkedPlace | undefined;
  /** The pile's own wish for its direction, radians. */
  own: number;
}

export const NOBODY = -1;

/** A row is about this many times as long as it is wide before it starts a second one beside it. */
const RUN_ASPECT = 4.2;
/** A slice's row is this much narrower than the slice is long, so that rows lap. */
export const LAP = 0.8;

/** How broad a row of these is. */
export const acrossRow = ({ form, lengthMm, widthMm }: FormFact): number =>
  FORMS[form].scales ? widthMm : lengthMm;

/** How long and wide a part's row lies on so much ground. */
export function rowOn(part: Part, areaMm2: number): { lengthMm: number; widthMm: number } {
  const across = part.kind === 'line' ? part.fact.widthMm * 1.1 : acrossRow(part.fact) * LAP;
  const rows = part.kind === 'line' ? 1 : max(1, round(sqrt(areaMm2 / RUN_ASPECT) / across));
  const widthMm = min(rows * across, sqrt(areaMm2));
  return { lengthMm: areaMm2 / max(1, widthMm), widthMm };
}

export function siteFor(
  part: Part,
  x: number,
  y: number,
  own: number,
  targetCells: number,
  grid: Grid,
  field?: Field,
): Site {
  const site: Site = {
    x,
    y,
    spine: { points: [[x, y]], angle: own },
    weight: 0,
    targetCells,
    fixed: false,
    still: false,
    own,
  };
  if (field) stretch(part, site, grid, field);
  return site;
}

/** Lays a row's line through its place anew; a heap has its place alone. */
export function stretch(part: Part, site: Site, grid: Grid, field: Field): void {
  if (part.kind === 'loose' || site.fixed) {
    site.spine = { points: [[site.x, site.y]], angle: site.own };
    return;
  }
  const { lengthMm, widthMm } = rowOn(part, site.targetCells * grid.stepMm * grid.stepMm);
  site.spine = spineThrough(field, site.x, site.y, site.own, lengthMm, widthMm);
}

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

/** The free cells, block by block, with their places already shifted by the noise. */
export interface FreeCells {
  cells: Int32Array;
  x: Float64Array;
  y: Float64Array;
  /** Cells that lie together, and a circle that holds all of their places. */
  blocks: readonly Block[];
}

interface Block {
  from: number;
  to: number;
  x: number;
  y: number;
  r: number;
}

/** Cells along the side of a block. */
const BLOCK = 5;

export function freeCells(
  grid: Grid,
  taken: Uint8Array,
  noise: (x: number, y: number) => [number, number],
): FreeCells {
  const list: number[] = [];
  const starts: number[] = [];
  for (let bj = 0; bj < grid.rows; bj += BLOCK)
    for (let bi = 0; bi < grid.columns; bi += BLOCK) {
      starts.push(list.length);
      for (let j = bj; j < min(grid.rows, bj + BLOCK); j++)
        for (let i = bi; i < min(grid.columns, bi + BLOCK); i++) {
          const c = j * grid.columns + i;
          if (grid.ground[c] && !taken[c]) list.push(c);
        }
    }
  starts.push(list.length);
  const x = new Float64Array(list.length);
  const y = new Float64Array(list.length);
  list.forEach((c, k) => {
    const [px, py] = [grid.xOf(c % grid.columns), grid.yOf(floor(c / grid.columns))];
    const [dx, dy] = noise(px, py);
    x[k] = px + dx;
    y[k] = py + dy;
  });
  const blocks = starts.slice(1).flatMap((to, b): Block[] => {
    const from = starts[b]!;
    if (from === to) return [];
    let [mx, my, r] = [0, 0, 0];
    for (let k = from; k < to; k++) {
      mx += x[k]! / (to - from);
      my += y[k]! / (to - from);
    }
    for (let k = from; k < to; k++) r = max(r, hypot2(x[k]! - mx, y[k]! - my));
    return [{ from, to, x: mx, y: my, r }];
  });
  return { cells: Int32Array.from(list), x, y, blocks };
}

/** A circle around the points of each site; its radius a crumb too large, for what is rounded. */
function circlesAround(
  first: Int32Array,
  px: Float64Array,
  py: Float64Array,
): { x: Float64Array; y: Float64Array; r: Float64Array } {
  const n = first.length - 1;
  const [x, y, r] = [new Float64Array(n), new Float64Array(n), new Float64Array(n)];
  for (let i = 0; i < n; i++) {
    const [from, to] = [first[i]!, first[i + 1]!];
    for (let q = from; q < to; q++) {
      x[i]! += px[q]! / (to - from);
      y[i]! += py[q]! / (to - from);
    }
    for (let q = from; q < to; q++) r[i] = max(r[i]!, hypot2(px[q]! - x[i]!, py[q]! - y[i]!));
    r[i]! += 1e-6;
  }
  return { x, y, r };
}

/**
 * Each free cell goes to the site that is nearest, weights off. A long kernel: it is most of the layout's time, so that a
 * block of cells first asks which sites could be nearest to any of them.
 */
export function assign(free: FreeCells, sites: readonly Site[], owner: Int16Array): void {
  const n = sites.length;
  const first = new Int32Array(n + 1);
  sites.forEach((site, i) => (first[i + 1] = first[i]! + site.spine.points.length));
  const px = new Float64Array(first[n]!);
  const py = new Float64Array(first[n]!);
  const weight = new Float64Array(n);
  sites.forEach((site, i) => {
    weight[i] = site.weight;
    site.spine.points.forEach(([x, y], k) => {
      px[first[i]! + k] = x;
      py[first[i]! + k] = y;
    });
  });
  const reach = (i: number, x: number, y: number): number => {
    let near = FAR;
    const end = first[i + 1]!;
    for (let q = first[i]!; q < end; q++) {
      const dx = x - px[q]!;
      const dy = y - py[q]!;
      const d = dx * dx + dy * dy;
      if (d < near) near = d;
    }
    return sqrt(near) - weight[i]!;
  };
  const around = circlesAround(first, px, py);
  const away = new Float64Array(n);
  const could = new Int32Array(n);
  for (const block of free.blocks) {
    // a site is no nearer than its circle, and no farther than the other side of that
    let nearest = FAR;
    for (let i = 0; i < n; i++) {
      away[i] = hypot2(block.x - around.x[i]!, block.y - around.y[i]!) - weight[i]!;
      if (away[i]! + around.r[i]! < nearest) nearest = away[i]! + around.r[i]!;
    }
    const farthest = nearest + 2 * block.r + 1e-6;
    for (let i = 0; i < n; i++) {
      if (away[i]! - around.r[i]! > farthest) away[i] = FAR;
      else away[i] = reach(i, block.x, block.y);
      if (away[i]! < nearest) nearest = away[i]!;
    }
    let m = 0;
    for (let i = 0; i < n; i++) {
      if (away[i]! > nearest + 2 * block.r + 1e-6) continue;
      // the nearest first, so that most of the others are not even measured
      let q = m++;
      for (; q > 0 && away[could[q - 1]!]! > away[i]!; q--) could[q] = could[q - 1]!;
      could[q] = i;
    }
    if (m === 1) {
      for (let k = block.from; k < block.to; k++) owner[free.cells[k]!] = could[0]!;
      continue;
    }
    for (let k = block.from; k < block.to; k++) {
      let best = NOBODY;
      let least = FAR;
      for (let q = 0; q < m && away[could[q]!]! - block.r <= least; q++) {
        const d = reach(could[q]!, free.x[k]!, free.y[k]!);
        if (d < least) {
          least = d;
          best = could[q]!;
        }
      }
      owner[free.cells[k]!] = best;
    }
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

/** A region's weight changes by no more than this in a step, so that none leaps over the board. */
const MOST_STEP_MM = 6;
/** A row follows the middle of its ground at half a heap's pace. */
const ROW_PACE = 0.55;

/** One step of the weighted diagram: weights follow the missing area, sites their region's middle, rows the field. */
export function stepRegions(
  grid: Grid,
  free: FreeCells,
  parts: readonly Part[],
  sites: Site[],
  owner: Int16Array,
  moving: number,
  field: Field,
): void {
  assign(free, sites, owner);
  const moments = momentsOf(grid, owner, sites.length);
  sites.forEach((site, i) => {
    const m = moments[i]!;
    // a region that has shrunk to little or nothing would leap over the whole board by its own short border: it is given
    // at least the border of half its share, so that it comes back and does not push all others out
    const perimeter = max(8, 3.6 * sqrt(max(1, m.count, site.targetCells * 0.5)));
    const step = (0.7 * grid.stepMm * (site.targetCells - m.count)) / perimeter;
    site.weight += max(-MOST_STEP_MM, min(MOST_STEP_MM, step));
    if (site.fixed || site.still || m.count === 0) return;
    const { points } = site.spine;
    const pace = moving * (points.length > 1 ? ROW_PACE : 1);
    site.x += (m.x - mean(points, 0)) * pace;
    site.y += (m.y - mean(points, 1)) * pace;
    if (site.near) keepNear(site, site.near);
    stretch(parts[i]!, site, grid, field);
  });
  const even = sites.reduce((sum, site) => sum + site.weight, 0) / max(1, sites.length);
  for (const site of sites) site.weight -= even;
}

/** So much of the place's radius its middle may be off. */
const STRAY = 0.5;

function keepNear(site: Site, { x, y, radiusMm }: MarkedPlace): void {
  const d = hypot2(site.x - x, site.y - y);
  const k = (STRAY * radiusMm) / max(STRAY * radiusMm, d);
  site.x = x + (site.x - x) * k;
  site.y = y + (site.y - y) * k;
}

const mean = (points: readonly Point[], k: 0 | 1): number =>
  points.reduce((sum, point) => sum + point[k], 0) / points.length;
