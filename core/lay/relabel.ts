import type { Component } from '../catalogue/index.js';
import { hypot2, type Point } from '../geometry/index.js';
import type { Random } from '../measure/index.js';
import type { Spot } from './anchors.js';
import type { Grid } from './grid.js';
import { wants } from './neighbours.js';
import type { MarkedPlace } from '../plan/index.js';
import type { Part } from './parts.js';
import { isWantedAt } from './places.js';
import { halfOf, starFarOut } from './star.js';
import type { Site } from './regions.js';
import { borderPoints, isAlike, WANTED_APART } from './terms/index.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { exp, max, min } = Math;

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
/** A star that lies too far out, for each half width. */
const STAR = 6000;
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

/** A food and what it wants near: its own parts, and theirs. */
interface Company {
  mine: readonly number[];
  theirs: readonly number[];
}

/** What is worked out once about the foods, before many thousand swaps ask for it. */
interface Table {
  n: number;
  points: Float64Array;
  /** Of each part: the other parts of its food, anchors left out, and what is of its colour. */
  same: readonly (readonly number[])[];
  alike: readonly (readonly number[])[];
  /** How far apart piles of the part's food should lie, in millimetres. */
  apartMm: readonly number[];
  wanting: readonly Company[];
  /** Of each part: which of those have it. */
  wantingOf: readonly (readonly number[])[];
}

function tableOf(parts: readonly Part[], anchors: readonly Part[], spanMm: number): Table {
  const foods = [...parts, ...anchors].map((part) => part.component);
  const indices = (test: (food: Component) => boolean) => foods.flatMap((food, i) => (test(food) ? [i] : []));
  const wanting = [...new Set(foods)].flatMap((food) => {
    const theirs = indices((other) => wants(food, other));
    return theirs.length > 0 ? [{ mine: indices(({ id }) => id === food.id), theirs }] : [];
  });
  return {
    n: parts.length,
    points: Float64Array.from(foods.flatMap((a) => foods.map((b) => borderPoints(a, b)))),
    same: foods.map((food, i) =>
      indices(({ id }) => id === food.id).filter((k) => k !== i && k < parts.length),
    ),
    alike: foods.map((food) => indices((other) => isAlike(food, other))),
    apartMm: parts.map(({ component }) => {
      const piles = parts.filter((part) => part.component.id === component.id).length;
      return WANTED_APART[max(0, min(WANTED_APART.length, piles - 1) - 1)]! * spanMm;
    }),
    wanting,
    wantingOf: foods.map((_, i) =>
      wanting.flatMap(({ mine, theirs }, k) => (mine.includes(i) || theirs.includes(i) ? [k] : [])),
    ),
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
  wishes?: readonly Wish[];
  /** What is to be seen first. */
  star?: Part | undefined;
}

/** Which part lies in which region, and what that costs in points. */
class Labels {
  /** The part of each region. */
  readonly label: number[];
  /** The region of each part, the other way round. */
  private readonly regionOf: number[];
  private readonly table: Table;
  private readonly count: number;
  private readonly half: Point;
  /** How far each place is from each, and which of them share a border. */
  private readonly apart: Float64Array;
  private readonly beside: readonly (readonly number[])[];
  /** What each company costs as it lies, and as it would lie after the swap that is looked at. */
  private readonly away: Float64Array;
  private readonly then: Float64Array;

  constructor(private readonly given: Relabelling) {
    const { parts, anchors, sites, spots, border, ground } = given;
    const places = [...sites, ...spots];
    this.count = places.length;
    this.label = parts.map((_, i) => i);
    this.regionOf = places.map((_, i) => i);
    this.half = halfOf(ground);
    this.table = tableOf(parts, anchors, 2 * max(...this.half));
    this.apart = Float64Array.from(places.flatMap((a) => places.map((b) => hypot2(a.x - b.x, a.y - b.y))));
    this.beside = places.map((_, r) =>
      places.flatMap((_, q) => (q !== r && border[r * places.length + q]! > 0 ? [q] : [])),
    );
    this.away = Float64Array.from(this.table.wanting, (company) => this.lonely(company));
    this.then = this.away.slice();
  }

  private partIn(region: number): number {
    return region < this.table.n ? this.label[region]! : region;
  }

  /** What the food of a region costs where it lies. */
  private cost(r: number): number {
    const { table, count, apart, regionOf } = this;
    const { parts, sites, star, border, wishes = [] } = this.given;
    const mine = this.partIn(r);
    let e = wishes.length > 0 ? wishIn(parts[mine]!, r, wishes) : 0;
    if (star && parts[mine] === star) e += STAR * starFarOut(sites[r]!, this.half);
    for (const q of this.beside[r]!)
      e += border[r * count + q]! * table.points[mine * count + this.partIn(q)]!;
    const wanted = table.apartMm[mine]!;
    for (const other of table.same[mine]!) {
      const d = apart[r * count + regionOf[other]!]!;
      if (d < wanted) e += TOGETHER * (1 - d / wanted);
    }
    for (const other of table.alike[mine]!) {
      const d = apart[r * count + regionOf[other]!]!;
      if (d < ALIKE_MM) e += LOOK_ALIKE * (1 - d / ALIKE_MM);
    }
    return e;
  }

  /** What the way between a food and the company that it wants costs. */
  private lonely({ mine, theirs }: Company): number {
    const { count, apart, regionOf } = this;
    let near = Infinity;
    for (const a of mine)
      for (const b of theirs) near = min(near, apart[regionOf[a]! * count + regionOf[b]!]!);
    return min(MOST_AWAY, AWAY_PER_MM * max(0, near - BESIDE_MM));
  }

  /** The companies that two regions' foods are of, each once. */
  private *companies(a: number, b: number): Generator<number> {
    const of = this.table.wantingOf[this.label[a]!]!;
    yield* of;
    for (const k of this.table.wantingOf[this.label[b]!]!) if (!of.includes(k)) yield k;
  }

  private swap(a: number, b: number): void {
    const { label, regionOf } = this;
    [label[a], label[b]] = [label[b]!, label[a]!];
    regionOf[label[a]] = a;
    regionOf[label[b]] = b;
  }

  /** Two regions' foods trade places, unless `keeps` says no to what it costs more. */
  tryTo(a: number, b: number, keeps: (rise: number) => boolean): void {
    const { table, away, then } = this;
    let rise = -this.cost(a) - this.cost(b);
    this.swap(a, b);
    rise += this.cost(a) + this.cost(b);
    for (const k of this.companies(a, b)) {
      then[k] = this.lonely(table.wanting[k]!);
      rise += then[k]! - away[k]!;
    }
    if (!keeps(rise)) return this.swap(a, b);
    for (const k of this.companies(a, b)) away[k] = then[k]!;
  }
}

/**
 * Which food goes into which region, by trying swaps on the true map of borders: the decisive step of the layout.
 * Returns the part of each region. Fixed regions keep theirs.
 */
export function relabel(given: Relabelling, random: Random): number[] {
  const { parts, sites, late = 0, wishes = [] } = given;
  const labels = new Labels(given);
  const { label } = labels;
  const free = parts.map((_, i) => i).filter((i) => !sites[i]!.fixed);
  if (free.length < 2) return label;
  for (let k = 0; k < SWAPS; k++) {
    const heat = (HOT * (1 - late) + COLD * late) * (1 - k / SWAPS) ** 2;
    const a = free[random.int(free.length)]!;
    const b = free[random.int(free.length)]!;
    if (a === b) continue;
    const [part, otherPart] = [parts[label[a]!]!, parts[label[b]!]!];
    const isWanted = fulfils(part, b, wishes) || fulfils(otherPart, a, wishes);
    if (!canSwap(part, otherPart, sites[a]!, sites[b]!, { late, isWanted })) continue;
    labels.tryTo(a, b, (rise) => rise <= 0 || random.next() < exp(-rise / (0.01 + heat)));
  }
  return label;
}

/** Points for a kind that lies where a hand wants it: more than any border around it could cost. */
const WISHED = 8000;

/** What a hand wants somewhere, and the region that holds that place. */
export interface Wish {
  place: MarkedPlace;
  region: number;
}

function wishIn(part: Part, region: number, wishes: readonly Wish[]): number {
  let e = 0;
  for (const { place, region: holds } of wishes)
    if (holds === region && isWantedAt(part.component, place)) e -= WISHED;
  return e;
}

/** A row may take a heap's ground where a hand wants it, whatever has been settled by then. */
const fulfils = (part: Part, region: number, wishes: readonly Wish[]): boolean =>
  wishes.some(({ place, region: holds }) => holds === region && isWantedAt(part.component, place));

function canSwap(
  part: Part,
  otherPart: Part,
  a: Site,
  b: Site,
  { late, isWanted }: { late: number; isWanted: boolean },
): boolean {
  const ratio = a.targetCells / b.targetCells;
  const most = part.kind === otherPart.kind || isWanted ? MOST_RATIO : OTHER_KIND_RATIO;
  if (ratio > most || ratio < 1 / most) return false;
  if (part.kind === otherPart.kind) return true;
  return (late < OTHER_KIND_UNTIL || isWanted) && part.kind !== 'line' && otherPart.kind !== 'line';
}
