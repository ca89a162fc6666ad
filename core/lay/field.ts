import { hypot2, type Point, type Polygon } from '../geometry/index.js';
import { gridOver } from './grid.js';

/** Bound once: looking names up on the global object is slow inside hot loops. */
const { PI, abs, atan2, cos, exp, floor, max, min, round, sin } = Math;

/** Where the next edge is: how far (beyond it below nought), and the way from it. */
export interface Edge {
  d: number;
  nx: number;
  ny: number;
}

/** Which way rows lie over a ground: along the rim, and around what stands. Millimetres and radians. */
export interface Field {
  /** The row through a point, as its edges bend it; `own` is the pile's own wish, followed where no edge is near. */
  angleAt(x: number, y: number, own: number): number;
  edgeAt(x: number, y: number): Edge;
}

const STEP_MM = 12;
/** How far the rim and what stands bend the rows around them, and how much a pile's own wish counts (notes on laying). */
const [RIM_MM, FIGURE_MM, RIM_WEIGHT, OWN_WEIGHT] = [48, 34, 0.95, 0.22];

/** The nearest point of an outline's sides. `side` is 1 where inside it is free, −1 where outside is. */
function nearest(outline: Polygon, x: number, y: number, side: 1 | -1): Edge & { angle: number } {
  let [best, bx, by, angle, odd] = [Infinity, 0, 0, 0, false];
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [ax, ay] = outline[j]!;
    const [cx, cy] = outline[i]!;
    const [dx, dy] = [cx - ax, cy - ay];
    const length = dx * dx + dy * dy;
    const t = length === 0 ? 0 : max(0, min(1, ((x - ax) * dx + (y - ay) * dy) / length));
    const [px, py] = [ax + t * dx, ay + t * dy];
    const d = hypot2(x - px, y - py);
    if (d < best) [best, bx, by, angle] = [d, px, py, atan2(dy, dx)];
    if (cy > y !== ay > y && x < ((ax - cx) * (y - cy)) / (ay - cy) + cx) odd = !odd;
  }
  const free = odd === (side === 1) ? 1 : -1;
  const k = best < 1e-9 ? 0 : free / best;
  return { d: best * free, nx: (x - bx) * k, ny: (y - by) * k, angle };
}

/** The field of a ground in which figures stand: read off a coarse raster. */
export function fieldOver(ground: Polygon, figures: readonly Polygon[]): Field {
  const grid = gridOver(ground, STEP_MM);
  const { columns, rows } = grid;
  const n = columns * rows;
  const [along, across] = [new Float64Array(n), new Float64Array(n)];
  const edges: Edge[] = [];
  for (let c = 0; c < n; c++) {
    const [x, y] = [grid.xOf(c % columns), grid.yOf(floor(c / columns))];
    const rim = nearest(ground, x, y, 1);
    let edge = rim;
    let weight = RIM_WEIGHT * exp(-abs(rim.d) / RIM_MM);
    let [u, v] = [weight * cos(2 * rim.angle), weight * sin(2 * rim.angle)];
    for (const figure of figures) {
      const near = nearest(figure, x, y, -1);
      if (near.d < edge.d) edge = near;
      weight = exp(-max(0, near.d) / FIGURE_MM);
      // around it, not along its side: a wedge bends rows like a stone in a stream
      const round = atan2(near.nx, -near.ny);
      u += weight * cos(2 * round);
      v += weight * sin(2 * round);
    }
    along[c] = u;
    across[c] = v;
    edges.push(edge);
  }
  const cellAt = (x: number, y: number): number => {
    const i = max(0, min(columns - 1, round((x - grid.xOf(0)) / STEP_MM)));
    const j = max(0, min(rows - 1, round((y - grid.yOf(0)) / STEP_MM)));
    return j * columns + i;
  };
  return {
    angleAt(x, y, own) {
      const c = cellAt(x, y);
      const [u, v] = [along[c]! + OWN_WEIGHT * cos(2 * own), across[c]! + OWN_WEIGHT * sin(2 * own)];
      return atan2(v, u) / 2;
    },
    edgeAt: (x, y) => edges[cellAt(x, y)]!,
  };
}

const STRIDE_MM = 14;
/** No row bends more sharply than round a glass. */
const LEAST_RADIUS_MM = 46;
/** A row's middle keeps so much of its width from an edge. */
const KEEP_OFF = 0.42;

/** What a row is laid along: a line of points, or one point and a direction. */
export interface Spine {
  points: readonly Point[];
  angle: number;
}

/** A line of this length through a point that follows the field: bent no more than slices can be, pushed off edges. */
export function spineThrough(
  field: Field,
  x: number,
  y: number,
  own: number,
  lengthMm: number,
  widthMm: number,
): Spine {
  const start = field.angleAt(x, y, own);
  const half = max(0, lengthMm - widthMm) / 2;
  const steps = round(half / STRIDE_MM);
  const middle = offEdge(field, x, y, widthMm * KEEP_OFF);
  if (steps === 0) return { points: [middle], angle: start };
  const way = (heading: number): Point[] => {
    const out: Point[] = [];
    let [px, py] = middle;
    let now = heading;
    for (let k = 0; k < steps; k++) {
      let turn = field.angleAt(px, py, own) - now;
      turn -= PI * round(turn / PI);
      const most = STRIDE_MM / LEAST_RADIUS_MM;
      now += max(-most, min(most, turn));
      const next = offEdge(field, px + STRIDE_MM * cos(now), py + STRIDE_MM * sin(now), widthMm * KEEP_OFF);
      now = atan2(next[1] - py, next[0] - px);
      [px, py] = next;
      out.push(next);
    }
    return out;
  };
  return { points: [...way(start + PI).reverse(), middle, ...way(start)], angle: start };
}

function offEdge(field: Field, x: number, y: number, keepMm: number): Point {
  const { d, nx, ny } = field.edgeAt(x, y);
  // no further than a stride: a point deep under a bowl is not thrown across the board
  const push = max(0, min(STRIDE_MM, keepMm - d));
  return [x + nx * push, y + ny * push];
}
