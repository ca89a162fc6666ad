import type { Component } from '../catalogue/index.js';
import { hypot2, type Point } from '../geometry/index.js';
import type { Random } from '../measure/index.js';
import type { Spot } from './anchors.js';
import type { Grid } from './grid.js';
import { wants } from './neighbours.js';
import type { MarkedPlace } from '../plan/index.js';
import type { Part } from './parts.js';
import { isWantedAt } from './places.js';
import type { Site } from './regions.js';
import { borderPoints, isAlike, WANTED_APART } from './terms/index.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { abs, exp, max, min } = Math;

/** Swaps of regions must be about as large as each other, or the shapes no longer fit the food; a row for a heap only at first. */
const MOST_RATIO = 2.3;
const OTHER_KIND_RATIO = 1.6;
const OTHER_KIND_UNTIL = 0.5;
const SWAPS = 9000;
/** Heat of the first and of the last swaps, in points. */
const [HOT, COLD] = [120, 5];
/** Two piles of one food that lie together, two of one colour within a hand's width, a dip far from its dipper (notes on laying). */
const TOGETHER = 560;
const [LOOK_ALIKE, ALIKE_MM] = [60, 115];
const [AWAY_PER_MM, BESIDE_MM, MOST_AWAY] = [1.5, 45, 90];
/** A border a little way off still counts for the eye. */
const [NEAR_CELLS, NEAR_SHARE] = [2, 0.45];

/** Lengths of common borders, in cells: regions first, then anchors. `owner` counts anchors from `regions` on. */
export function borders(grid: Grid, owner: Int16Array, count: number): Float64Array {
  return along(grid, owner, count, 1, 1, new Float64Array(count * count));
}

/** Borders as the eye counts them, in millimetres: what lies two cells off is half a neighbour. */
export function bordersSeen(grid: Grid, owner: Int16Array, count: number): Float64Array {
  const out = borders(grid, owner, count);
  along(grid, owner, count, NEAR_CELLS, NEAR_SHARE, out);
  for (let k = 0; k < out.length; k++) out[k]! *= grid.stepMm;
  return out;
}

function along(
  grid: Grid,
  owner: Int16Array,
  count: number,
  step: number,
  share: number,
  out: Float64Array,
): Float64Array {
  const touch = (a: number, b: number) => {
    if (a === b || a < 0 || b < 0) return;
    out[a * count + b]! += share;
    out[b * count + a]! += share;
  };
  for (let j = 0; j < grid.rows; j++)
    for (let i = 0; i < grid.columns; i++) {
      const c = j * grid.columns + i;
      if (i + step < grid.columns) touch(owner[c]!, owner[c + step]!);
      if (j + step < grid.rows) touch(owner[c]!, owner[c + step * grid.columns]!);
    }
  return out;
}

/** What is worked out once about the foods, before many thousand swaps ask for it. */
interface Table {
  n: number;
  foods: readonly Component[];
  points: Float64Array;
  alike: Uint8Array;
  same: Uint8Array;
  /** How far apart piles of the part's food should lie, in millimetres. */
  apartMm: readonly number[];
  /** Of each food that wants company: its own parts, and the parts that it wants near. */
  wanting: readonly { mine: readonly number[]; theirs: readonly number[] }[];
}

function tableOf(parts: readonly Part[], anchors: readonly Part[], spanMm: number): Table {
  const foods = [...parts, ...anchors].map((part) => part.component);
  const pairs = foods.flatMap((a) => foods.map((b) => [a, b] as const));
  const indices = (test: (food: Component) => boolean) => foods.flatMap((food, i) => (test(food) ? [i] : []));
  return {
    n: parts.length,
    foods,
    points: Float64Array.from(pairs, ([a, b]) => borderPoints(a, b)),
    alike: Uint8Array.from(pairs, ([a, b]) => (isAlike(a, b) ? 1 : 0)),
    same: Uint8Array.from(pairs, ([a, b]) => (a.id === b.id ? 1 : 0)),
    apartMm: parts.map(({ component }) => {
      const piles = parts.filter((part) => part.component.id === component.id).length;
      return WANTED_APART[max(0, min(WANTED_APART.length, piles - 1) - 1)]! * spanMm;
    }),
    wanting: [...new Set(foods)].flatMap((food) => {
      const theirs = indices((other) => wants(food, other));
      return theirs.length > 0 ? [{ mine: indices(({ id }) => id === food.id), theirs }] : [];
    }),
  };
}

/** What relabelling looks at: the regions as they have grown, and what stands fast around them. */
export interface Relabelling {
  parts: readonly Part[];
  anchors: readonly Part[];
  sites: readonly Site[];
  spots: readonly Pick<Spot, 'x' | 'y'>[];
  /** Lengths of common borders, regions first, then anchors. */
  border: Float64Array;
  ground: readonly Point[];
  /** 0 in the first round and near 1 in the last. */
  late?: number;
  wishes?: readonly MarkedPlace[];
}

/** Which part lies in which region, and what that costs in points. */
class Labels {
  /** The part of each region. */
  readonly label: number[];
  /** The region of each part, the other way round. */
  private readonly regionOf: number[];
  private readonly places: readonly Pick<Spot, 'x' | 'y'>[];
  private readonly table: Table;

  constructor(private readonly given: Relabelling) {
    const { parts, anchors, sites, spots, ground } = given;
    this.label = parts.map((_, i) => i);
    this.regionOf = parts.map((_, i) => i);
    this.places = [...sites, ...spots];
    this.table = tableOf(parts, anchors, 2 * max(...ground.map(([x, y]) => max(abs(x), abs(y)))));
  }

  private apart(r: number, q: number): number {
    return hypot2(this.places[r]!.x - this.places[q]!.x, this.places[r]!.y - this.places[q]!.y);
  }

  /** What the food of a region costs where it lies. */
  cost(r: number): number {
    const { table, label } = this;
    const { parts, border, wishes = [] } = this.given;
    const { n } = table;
    const count = this.places.length;
    const mine = r < n ? label[r]! : r;
    let e = wishes.length > 0 ? wishAt(parts[mine]!, this.places[r]!, wishes) : 0;
    for (let q = 0; q < count; q++) {
      if (q === r) continue;
      const pair = mine * count + (q < n ? label[q]! : q);
      const length = border[r * count + q]!;
      if (length > 0) e += length * table.points[pair]!;
      if (table.same[pair] && q < n) {
        const wanted = table.apartMm[mine]!;
        const d = this.apart(r, q);
        if (d < wanted) e += TOGETHER * (1 - d / wanted);
      } else if (table.alike[pair]) {
        const d = this.apart(r, q);
        if (d < ALIKE_MM) e += LOOK_ALIKE * (1 - d / ALIKE_MM);
      }
    }
    return e;
  }

  /** What the ways between foods and the company that they want cost. */
  lonely(): number {
    const placeOf = (part: number) => (part < this.table.n ? this.regionOf[part]! : part);
    let e = 0;
    for (const { mine, theirs } of this.table.wanting) {
      let near = Infinity;
      for (const a of mine) for (const b of theirs) near = min(near, this.apart(placeOf(a), placeOf(b)));
      e += min(MOST_AWAY, AWAY_PER_MM * max(0, near - BESIDE_MM));
    }
    return e;
  }

  swap(a: number, b: number): void {
    const { label, regionOf } = this;
    [label[a], label[b]] = [label[b]!, label[a]!];
    regionOf[label[a]] = a;
    regionOf[label[b]] = b;
  }
}

/**
 * Which food goes into which region, by trying swaps on the true map of borders: the decisive step of the layout.
 * Returns the part of each region. Fixed regions keep theirs.
 */
export function relabel(given: Relabelling, random: Random): number[] {
  const { parts, sites, late = 0 } = given;
  const labels = new Labels(given);
  const { label } = labels;
  const free = parts.map((_, i) => i).filter((i) => !sites[i]!.fixed);
  if (free.length < 2) return label;
  let away = labels.lonely();
  for (let k = 0; k < SWAPS; k++) {
    const heat = (HOT * (1 - late) + COLD * late) * (1 - k / SWAPS) ** 2;
    const a = free[random.int(free.length)]!;
    const b = free[random.int(free.length)]!;
    if (a === b || !canSwap(parts[label[a]!]!, parts[label[b]!]!, sites[a]!, sites[b]!, late)) continue;
    const before = labels.cost(a) + labels.cost(b) + away;
    labels.swap(a, b);
    const now = labels.lonely();
    const rise = labels.cost(a) + labels.cost(b) + now - before;
    if (rise > 0 && random.next() >= exp(-rise / (0.01 + heat))) labels.swap(a, b);
    else away = now;
  }
  return label;
}

/** Points for a kind that lies where a hand wants it, and against another that takes its place. */
const [WISHED, UNWISHED] = [700, 260];

function wishAt(part: Part, { x, y }: Pick<Spot, 'x' | 'y'>, wishes: readonly MarkedPlace[]): number {
  let e = 0;
  for (const place of wishes) {
    const near = max(0, 1 - max(0, hypot2(x - place.x, y - place.y) - place.radiusMm * 0.6) / place.radiusMm);
    e += near * (isWantedAt(part.component, place) ? -WISHED : UNWISHED);
  }
  return e;
}

function canSwap(part: Part, otherPart: Part, a: Site, b: Site, late: number): boolean {
  const ratio = a.targetCells / b.targetCells;
  const most = part.kind === otherPart.kind ? MOST_RATIO : OTHER_KIND_RATIO;
  if (ratio > most || ratio < 1 / most) return false;
  if (part.kind === otherPart.kind) return true;
  return late < OTHER_KIND_UNTIL && part.kind !== 'line' && otherPart.kind !== 'line';
}
