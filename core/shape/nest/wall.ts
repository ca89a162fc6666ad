import type { Polygon } from '../../geometry/index.js';
import type { Slice } from '../slice.js';
import { fieldOf, nearestOn, sidesOf, type Field, type Nearest, type Sides } from './field.js';

const { max, min, sqrt } = Math;

const CELL_MM = 1;
const PAD_MM = 20;

/** The edge of a slice and of the holes in it, as points are asked against it. A kernel. */
export class Wall {
  /** The slope of the last answer of `at`. */
  gx = 0;
  gy = 0;
  private readonly found: Nearest = { distance: 0, nx: 0, ny: 0 };
  private readonly field: Field | undefined;
  private readonly sides: Sides;

  constructor(private readonly slice: Slice) {
    const loops: Polygon[] = [slice.outer, ...slice.holes];
    this.sides = sidesOf(loops);
    this.field = slice.round ? undefined : fieldOf(loops, CELL_MM, PAD_MM);
  }

  /** Millimetres from a point to the edge, at least; below nought outside. */
  roomAt(x: number, y: number): number {
    const { round } = this.slice;
    if (round) {
      const d = sqrt(x * x + y * y);
      return min(round.outerMm - d, round.innerMm > 0 ? d - round.innerMm : Infinity);
    }
    const field = this.field!;
    const column = ((x - field.x0) * field.perMm + 0.5) | 0;
    const row = ((y - field.y0) * field.perMm + 0.5) | 0;
    if (x < field.x0 || y < field.y0 || column >= field.columns || row >= field.rows) return -PAD_MM;
    return -field.values[row * field.columns + column]! - 0.71 / field.perMm;
  }

  /** How much a point is too near to the edge, squared; which way that grows stays in gx and gy. */
  at(x: number, y: number, margin: number, exact: boolean): number {
    const { round } = this.slice;
    if (round) return this.atRound(x, y, margin, round.outerMm, round.innerMm);
    if (exact) {
      const short = margin + nearestOn(this.sides, x, y, this.found);
      if (short <= 0) return 0;
      this.gx = 2 * short * this.found.nx;
      this.gy = 2 * short * this.found.ny;
      return short * short;
    }
    const field = this.field!;
    const { values, columns, perMm } = field;
    const right = (columns - 1.001) / perMm;
    const bottom = (field.rows - 1.001) / perMm;
    const lx = max(0, min(right, x - field.x0));
    const ly = max(0, min(bottom, y - field.y0));
    const ox = x - field.x0 - lx;
    const oy = y - field.y0 - ly;
    if (ox !== 0 || oy !== 0) {
      const off = sqrt(ox * ox + oy * oy);
      const short = margin + PAD_MM + off;
      this.gx = (2 * short * ox) / off;
      this.gy = (2 * short * oy) / off;
      return short * short;
    }
    const u = lx * perMm;
    const v = ly * perMm;
    const at = (v | 0) * columns + (u | 0);
    const fu = u - (u | 0);
    const fv = v - (v | 0);
    const v00 = values[at]!;
    const v10 = values[at + 1]!;
    const v01 = values[at + columns]!;
    const v11 = values[at + columns + 1]!;
    const low = v00 + (v10 - v00) * fu;
    const high = v01 + (v11 - v01) * fu;
    const short = margin + low + (high - low) * fv;
    if (short <= 0) return 0;
    this.gx = 2 * short * perMm * ((v10 - v00) * (1 - fv) + (v11 - v01) * fv);
    this.gy = 2 * short * perMm * (high - low);
    return short * short;
  }

  private atRound(x: number, y: number, margin: number, outer: number, inner: number): number {
    const d = sqrt(x * x + y * y) || 1e-9;
    const out = d + margin - outer;
    const into = inner > 0 ? inner + margin - d : 0;
    this.gx = this.gy = 0;
    let energy = 0;
    if (out > 0) {
      energy += out * out;
      this.gx += (2 * out * x) / d;
      this.gy += (2 * out * y) / d;
    }
    if (into > 0) {
      energy += into * into;
      this.gx -= (2 * into * x) / d;
      this.gy -= (2 * into * y) / d;
    }
    return energy;
  }
}
