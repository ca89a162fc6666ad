import type { Slice } from '../slice.js';
import { nearestOn, type Nearest } from './field.js';
import type { Kind } from './kind.js';
import { Wall } from './wall.js';

const { PI, cos, max, min, sin, sqrt } = Math;

/** What must be kept: millimetres between two cuts, and from a cut to the edge of the slice. */
export interface Distances {
  gapMm: number;
  marginMm: number;
}

/** The search keeps a hair more than is asked, so that rounding does not cost a piece. */
const HAIR_MM = 0.003;
/** A piece whose middle lies in another one is as good as nowhere. */
const NOWHERE = 1e6;

/**
 * How much pieces in a slice are too near to each other and to its edge: the sum of the squared shortfalls of points along
 * each outline, and which way each piece has to go. Nought where all distances are kept. State is flat: x, y and the turn
 * of each piece in turn, the turn in millimetres of its lever. A kernel, written for speed.
 */
export class Energy {
  evaluations = 0;
  /** Distances by the sides themselves, not by the fields: slow, for the last hair. */
  exact = false;
  hairMm = HAIR_MM;
  private readonly found: Nearest = { distance: 0, nx: 0, ny: 0 };
  private readonly wall: Wall;
  private readonly holes: number[];
  private readonly disc: boolean;
  private readonly first: Int32Array;
  private readonly wx: Float64Array;
  private readonly wy: Float64Array;

  constructor(
    readonly kinds: readonly Kind[],
    readonly slice: Slice,
    readonly distances: Distances,
    /** Of which kind each piece is; as long as there may ever be pieces. */
    readonly kindAt: Uint8Array,
    /** Pieces that lie where they lie. */
    readonly fixed: Uint8Array,
    readonly turns: boolean,
  ) {
    this.wall = new Wall(slice);
    this.holes = slice.round ? [] : slice.holes.flatMap((hole) => hole.flatMap(([x, y]) => [x, y]));
    this.disc = kinds.every((kind) => kind.radius > 0);
    const points = max(...kinds.map((kind) => kind.px.length));
    this.first = Int32Array.from(kindAt, (_, i) => i * points);
    this.wx = new Float64Array(points * kindAt.length);
    this.wy = new Float64Array(points * kindAt.length);
  }

  kindOf(i: number): Kind {
    return this.kinds[this.kindAt[i]!]!;
  }

  /** The energy of the first n pieces; their slopes go into `slope`, each one's own part into `each`. */
  of(x: Float64Array, n: number, slope: Float64Array, each?: Float64Array): number {
    this.evaluations += 1;
    slope.fill(0, 0, 3 * n);
    each?.fill(0, 0, n);
    const energy = this.disc ? this.ofDiscs(x, n, slope, each) : this.ofShapes(x, n, slope, each);
    for (let i = 0; i < n; i++) {
      if (this.fixed[i]) slope.fill(0, 3 * i, 3 * i + 3);
      else if (!this.turns) slope[3 * i + 2] = 0;
    }
    return energy;
  }

  private ofDiscs(x: Float64Array, n: number, slope: Float64Array, each?: Float64Array): number {
    const gap = this.distances.gapMm + this.hairMm;
    const margin = this.distances.marginMm + this.hairMm;
    let energy = 0;
    for (let i = 0; i < n; i++) {
      const xi = x[3 * i]!;
      const yi = x[3 * i + 1]!;
      const ri = this.kindOf(i).radius;
      for (let j = i + 1; j < n; j++) {
        const apart = ri + this.kindOf(j).radius + gap;
        const dx = x[3 * j]! - xi;
        const dy = x[3 * j + 1]! - yi;
        const d2 = dx * dx + dy * dy;
        if (d2 >= apart * apart) continue;
        const d = sqrt(d2) || 1e-9;
        const short = apart - d;
        const push = (2 * short) / d;
        energy += short * short;
        slope[3 * i]! += push * dx;
        slope[3 * i + 1]! += push * dy;
        slope[3 * j]! -= push * dx;
        slope[3 * j + 1]! -= push * dy;
        if (each) {
          each[i]! += short * short;
          each[j]! += short * short;
        }
      }
      const e = this.wall.at(xi, yi, margin + ri, this.exact);
      if (e === 0) continue;
      energy += e;
      slope[3 * i]! += this.wall.gx;
      slope[3 * i + 1]! += this.wall.gy;
      if (each) each[i]! += e;
    }
    return energy;
  }

  private ofShapes(x: Float64Array, n: number, slope: Float64Array, each?: Float64Array): number {
    const gap = this.distances.gapMm + this.hairMm;
    const margin = this.distances.marginMm + this.hairMm;
    for (let i = 0; i < n; i++) this.layOut(x, i);
    let energy = 0;
    for (let i = 0; i < n; i++) {
      const reach = this.kindOf(i).reach + gap;
      for (let j = i + 1; j < n; j++) {
        if (this.fixed[i] && this.fixed[j]) continue;
        const dx = x[3 * j]! - x[3 * i]!;
        const dy = x[3 * j + 1]! - x[3 * i + 1]!;
        const near = reach + this.kindOf(j).reach;
        if (dx * dx + dy * dy >= near * near) continue;
        const e = this.half(x, i, j, gap, slope) + this.half(x, j, i, gap, slope);
        if (e === 0) continue;
        energy += e;
        if (each) {
          each[i]! += e;
          each[j]! += e;
        }
      }
      const e = this.fixed[i] ? 0 : this.ofWalls(x, i, margin, slope);
      energy += e;
      if (each) each[i]! += e;
    }
    return energy;
  }

  /** The energy of one piece beside all others, given up beyond `enough`. The others' points must be laid out. */
  ofOne(x: Float64Array, n: number, i: number, enough: number, slope: Float64Array): number {
    const gap = this.distances.gapMm + this.hairMm;
    const margin = this.distances.marginMm + this.hairMm;
    const kind = this.kindOf(i);
    const xi = x[3 * i]!;
    const yi = x[3 * i + 1]!;
    if (this.disc) {
      let energy = this.wall.at(xi, yi, margin + kind.radius, this.exact);
      for (let j = 0; j < n && energy < enough; j++) {
        if (j === i) continue;
        const apart = kind.radius + this.kindOf(j).radius + gap;
        const d2 = (x[3 * j]! - xi) ** 2 + (x[3 * j + 1]! - yi) ** 2;
        if (d2 < apart * apart) energy += (apart - sqrt(d2)) ** 2;
      }
      return energy;
    }
    const room = this.roomAt(xi, yi);
    if (room < margin + kind.depth / 2) return NOWHERE * (1 + margin + kind.depth - room);
    for (let j = 0; j < n; j++) {
      if (j === i) continue;
      const deep = min(kind.depth, this.kindOf(j).depth);
      if ((x[3 * j]! - xi) ** 2 + (x[3 * j + 1]! - yi) ** 2 < deep * deep) return NOWHERE;
    }
    this.layOut(x, i);
    let energy = this.ofWalls(x, i, margin, slope);
    for (let j = 0; j < n && energy < enough; j++) {
      if (j === i) continue;
      const near = kind.reach + this.kindOf(j).reach + gap;
      if ((x[3 * j]! - xi) ** 2 + (x[3 * j + 1]! - yi) ** 2 >= near * near) continue;
      energy += this.half(x, i, j, gap, slope) + this.half(x, j, i, gap, slope);
    }
    return energy;
  }

  /** The energy of one piece against the edge alone, as if it might lie `over` mm over its margin. */
  edgeOf(x: Float64Array, i: number, over: number, slope: Float64Array): number {
    const margin = this.distances.marginMm - over;
    if (this.disc) return this.wall.at(x[3 * i]!, x[3 * i + 1]!, margin + this.kindOf(i).radius, this.exact);
    const { depth, reach } = this.kindOf(i);
    const room = this.roomAt(x[3 * i]!, x[3 * i + 1]!);
    if (room < margin + depth / 2) return NOWHERE;
    if (room >= margin + reach) return 0;
    this.layOut(x, i);
    return this.ofWalls(x, i, margin, slope);
  }

  /** Where the points of a piece lie in the slice. */
  layOut(x: Float64Array, i: number): void {
    const { px, py, lever } = this.kindOf(i);
    const turn = x[3 * i + 2]! / lever;
    const c = cos(turn);
    const s = sin(turn);
    const xi = x[3 * i]!;
    const yi = x[3 * i + 1]!;
    const first = this.first[i]!;
    const { wx, wy } = this;
    for (let k = 0; k < px.length; k++) {
      wx[first + k] = xi + c * px[k]! - s * py[k]!;
      wy[first + k] = yi + s * px[k]! + c * py[k]!;
    }
  }

  /** Points of piece j that are too near to piece a, by the field of a. */
  private half(x: Float64Array, a: number, j: number, gap: number, slope: Float64Array): number {
    const kind = this.kindOf(a);
    const { field } = kind;
    const { values, columns, perMm, x0, y0 } = field;
    const lastColumn = field.columns - 1;
    const lastRow = field.rows - 1;
    const turn = x[3 * a + 2]! / kind.lever;
    const c = cos(turn);
    const s = sin(turn);
    const xa = x[3 * a]!;
    const ya = x[3 * a + 1]!;
    const xj = x[3 * j]!;
    const yj = x[3 * j + 1]!;
    const { wx, wy, exact, found } = this;
    const from = this.first[j]!;
    const to = from + this.kindOf(j).px.length;
    const limit = (kind.reach + gap) * (kind.reach + gap);
    let energy = 0;
    let fx = 0;
    let fy = 0;
    let turnA = 0;
    let turnJ = 0;
    for (let k = from; k < to; k++) {
      const rx = wx[k]! - xa;
      const ry = wy[k]! - ya;
      if (rx * rx + ry * ry > limit) continue;
      const lx = c * rx + s * ry;
      const ly = c * ry - s * rx;
      let u = (lx - x0) * perMm;
      let v = (ly - y0) * perMm;
      if (u < 0 || v < 0 || u >= lastColumn || v >= lastRow) continue;
      let d: number;
      let nx: number;
      let ny: number;
      if (exact) {
        d = nearestOn(kind.sides, lx, ly, found);
        if (d >= gap) continue;
        nx = found.nx;
        ny = found.ny;
      } else {
        const column = u | 0;
        const row = v | 0;
        u -= column;
        v -= row;
        const at = row * columns + column;
        const v00 = values[at]!;
        const v10 = values[at + 1]!;
        const v01 = values[at + columns]!;
        const v11 = values[at + columns + 1]!;
        const low = v00 + (v10 - v00) * u;
        const high = v01 + (v11 - v01) * u;
        d = low + (high - low) * v;
        if (d >= gap) continue;
        nx = ((v10 - v00) * (1 - v) + (v11 - v01) * v) * perMm;
        ny = (high - low) * perMm;
      }
      const short = gap - d;
      energy += short * short;
      const gx = 2 * short * (c * nx - s * ny);
      const gy = 2 * short * (s * nx + c * ny);
      fx += gx;
      fy += gy;
      turnJ += gy * (wx[k]! - xj) - gx * (wy[k]! - yj);
      turnA += gy * rx - gx * ry;
    }
    if (energy === 0) return 0;
    slope[3 * j]! -= fx;
    slope[3 * j + 1]! -= fy;
    slope[3 * j + 2]! -= turnJ / this.kindOf(j).lever;
    slope[3 * a]! += fx;
    slope[3 * a + 1]! += fy;
    slope[3 * a + 2]! += turnA / kind.lever;
    return energy;
  }

  /** A piece against the edge of the slice, and against the holes in it. */
  private ofWalls(x: Float64Array, i: number, margin: number, slope: Float64Array): number {
    const kind = this.kindOf(i);
    const xi = x[3 * i]!;
    const yi = x[3 * i + 1]!;
    if (this.roomAt(xi, yi) >= kind.reach + margin) return 0;
    const { wx, wy } = this;
    const from = this.first[i]!;
    const to = from + kind.px.length;
    let energy = 0;
    let fx = 0;
    let fy = 0;
    let turn = 0;
    for (let k = from; k < to; k++) {
      const e = this.wall.at(wx[k]!, wy[k]!, margin, this.exact);
      if (e === 0) continue;
      energy += e;
      fx += this.wall.gx;
      fy += this.wall.gy;
      turn += this.wall.gy * (wx[k]! - xi) - this.wall.gx * (wy[k]! - yi);
    }
    slope[3 * i]! += fx;
    slope[3 * i + 1]! += fy;
    slope[3 * i + 2]! += turn / kind.lever;
    // the corners of a hole may lie where the piece has none
    const { round } = this.slice;
    if (round && round.innerMm > 0) energy += this.offPoint(x, i, 0, 0, margin + round.innerMm, slope);
    for (let k = 0; k < this.holes.length; k += 2)
      energy += this.offPoint(x, i, this.holes[k]!, this.holes[k + 1]!, margin, slope);
    return energy;
  }

  /** A piece must stay so far from a point. */
  private offPoint(
    x: Float64Array,
    i: number,
    px: number,
    py: number,
    apart: number,
    slope: Float64Array,
  ): number {
    const kind = this.kindOf(i);
    const rx = px - x[3 * i]!;
    const ry = py - x[3 * i + 1]!;
    if (rx * rx + ry * ry > (kind.reach + apart) * (kind.reach + apart)) return 0;
    const turn = x[3 * i + 2]! / kind.lever;
    const c = cos(turn);
    const s = sin(turn);
    const d = nearestOn(kind.sides, c * rx + s * ry, c * ry - s * rx, this.found);
    if (d >= apart) return 0;
    const short = apart - d;
    const gx = 2 * short * (c * this.found.nx - s * this.found.ny);
    const gy = 2 * short * (s * this.found.nx + c * this.found.ny);
    slope[3 * i]! += gx;
    slope[3 * i + 1]! += gy;
    slope[3 * i + 2]! += (gy * rx - gx * ry) / kind.lever;
    return short * short;
  }

  /** Millimetres from a point to the edge, at least; below nought outside. */
  roomAt(x: number, y: number): number {
    return this.wall.roomAt(x, y);
  }
}

/** A whole turn in the piece's own millimetres. */
export const wholeTurn = (kind: Kind): number => 2 * PI * kind.lever;
