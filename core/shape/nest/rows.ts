import type { Polygon } from '../../geometry/index.js';
import { placed } from '../../geometry/index.js';
import { sampled } from '../outline.js';

const { abs, ceil, floor, max, round, sqrt } = Math;

/**
 * Pieces in endless rows: each row repeats after `period`, the next one lies at `next`; with `turned` a row of pieces turned
 * by half stands between. Degrees and millimetres, in the frame of the rows.
 */
export interface Rows {
  areaEach: number;
  angle: number;
  period: number;
  next: readonly [dx: number, dy: number];
  turned?: readonly [dx: number, dy: number];
}

const COLUMN_MM = 0.3;
const NONE = 1e9;
/** Wider than they need: the row above may sink deeper between them. */
const PERIODS = [1, 1.04, 1.1, 1.2, 1.35, 1.5, 1.75, 2];

/** The upper or lower edge of a shape over columns of `COLUMN_MM`, from -half to +half. `side` 1: upper, -1: lower. */
class Edge {
  constructor(
    readonly at: Float64Array,
    readonly side: 1 | -1,
  ) {}

  static of(points: Polygon, half: number, side: 1 | -1, axis: 0 | 1): Edge {
    const at = new Float64Array(2 * half + 1).fill(-side * NONE);
    for (const point of points) {
      const column = round(point[axis] / COLUMN_MM) + half;
      const value = point[axis === 0 ? 1 : 0];
      if (side * value > side * at[column]!) at[column] = value;
    }
    return new Edge(at, side);
  }

  /** Of the shape turned by half. */
  turned(): Edge {
    const at = Float64Array.from(this.at, (_, i) => -this.at[this.at.length - 1 - i]!);
    return new Edge(at, -this.side as 1 | -1);
  }

  /** Of the shape with a rim of `gap` around it. */
  grown(gap: number): Edge {
    const reach = floor(gap / COLUMN_MM);
    const at = new Float64Array(this.at.length).fill(-this.side * NONE);
    for (let i = 0; i < at.length; i++) {
      for (let k = -reach; k <= reach; k++) {
        const value = this.at[i + k];
        if (value === undefined || abs(value) >= NONE) continue;
        const edge = value + this.side * sqrt(max(0, gap * gap - (k * COLUMN_MM) ** 2));
        if (this.side * edge > this.side * at[i]!) at[i] = edge;
      }
    }
    return new Edge(at, this.side);
  }

  /** Of the whole row that repeats after so many columns. */
  folded(columns: number): Float64Array {
    const at = new Float64Array(columns).fill(-this.side * NONE);
    const half = (this.at.length - 1) / 2;
    this.at.forEach((value, i) => {
      const column = (((i - half) % columns) + columns) % columns;
      if (this.side * value > this.side * at[column]!) at[column] = value;
    });
    return at;
  }
}

/** How high a row must stand over another when it is moved along it by so many columns. */
function heightAt(upper: Float64Array, lower: Float64Array, shift: number, most = Infinity): number {
  let height = -NONE;
  let k = upper.length - shift;
  for (let i = 0; i < upper.length; i++, k++) {
    if (k >= upper.length) k -= upper.length;
    const needed = upper[i]! - lower[k]!;
    if (needed > height) {
      height = needed;
      if (height >= most) break;
    }
  }
  return height;
}

function lowest(upper: Float64Array, lower: Float64Array): { shift: number; height: number } {
  let best = { shift: 0, height: NONE };
  for (let shift = 0; shift < upper.length; shift++) {
    const height = heightAt(upper, lower, shift, best.height);
    if (height < best.height) best = { shift, height };
  }
  return best;
}

/** Ways to set a piece in rows at these angles, those that take the least ground first. */
export function rowsOf(
  outline: Polygon,
  {
    gapMm,
    areaMm2,
    angles,
    half,
  }: { gapMm: number; areaMm2: number; angles: readonly number[]; half: boolean },
): Rows[] {
  const found = angles.flatMap((angle) => rowsAt(placed(outline, 0, 0, angle), gapMm, angle, half));
  // edges over columns can make rows that fall through each other: no piece takes less ground than it has
  const whole = found.filter((rows) => rows.areaEach > 0.9 * areaMm2);
  return whole.sort((a, b) => a.areaEach - b.areaEach);
}

function rowsAt(polygon: Polygon, gapMm: number, angle: number, half: boolean): Rows[] {
  const points = sampled(polygon, COLUMN_MM * 0.8);
  const most = max(...points.map(([x, y]) => max(abs(x), abs(y))));
  const columns = ceil((most + gapMm) / COLUMN_MM) + 2;
  const [upper, lower] = [Edge.of(points, columns, 1, 0), Edge.of(points, columns, -1, 0)];
  const [right, left] = [Edge.of(points, columns, 1, 1).grown(gapMm), Edge.of(points, columns, -1, 1)];
  const contact = right.at.reduce(
    (apart, value, i) =>
      abs(value) < NONE && abs(left.at[i]!) < NONE ? max(apart, value - left.at[i]!) : apart,
    0,
  );
  const [upperTurned, lowerTurned] = [lower.turned(), upper.turned()];
  return PERIODS.flatMap((times) => {
    const n = max(1, ceil((contact * times) / COLUMN_MM));
    const period = n * COLUMN_MM;
    const [up, low] = [upper.grown(gapMm).folded(n), lower.folded(n)];
    const rows: Rows[] = [];
    const same = lowest(up, low);
    // the row after the next must clear this one too
    if (2 * same.height >= heightAt(up, low, (2 * same.shift) % n))
      rows.push({
        areaEach: period * same.height,
        angle,
        period,
        next: [same.shift * COLUMN_MM, same.height],
      });
    if (!half) return rows;
    const [upTurned, lowTurned] = [upperTurned.grown(gapMm).folded(n), lowerTurned.folded(n)];
    const [there, back] = [lowest(up, lowTurned), lowest(upTurned, low)];
    const shift = (there.shift + back.shift) % n;
    const height = max(
      there.height + back.height,
      heightAt(up, low, shift),
      heightAt(upTurned, lowTurned, shift),
    );
    if (height > 0 && 2 * height >= heightAt(up, low, (2 * shift) % n))
      rows.push({
        areaEach: (period * height) / 2,
        angle,
        period,
        next: [shift * COLUMN_MM, height],
        turned: [there.shift * COLUMN_MM, there.height],
      });
    return rows;
  });
}
