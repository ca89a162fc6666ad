import { polygonHull } from 'd3-polygon';
import { hypot2 } from '../geometry/index.js';
import type { LaidElement } from './records/element.js';

/** What hands do with piles of pieces: part one, put two together, move pieces from one to another. Millimetres. */

type PieceAt = LaidElement['pieces'][number];

/** A golden turn between pieces: they spread evenly, whatever their number. */
const GOLDEN = Math.PI * (3 - Math.sqrt(5));
const LEAST_RADIUS_MM = 8;
const r1 = (n: number): number => Math.round(n * 10) / 10;

/** Can a pile be parted or grown? What stands or lies in a figure is one thing. */
export const isPile = (element: LaidElement): boolean =>
  element.layer <= 2 && element.bowlMm === null && element.motif === undefined && element.pieces.length > 0;

/** Two piles of one food, lying the same way. */
export const areSiblings = (a: LaidElement, b: LaidElement): boolean =>
  a.id !== b.id && a.componentId === b.componentId && a.form === b.form && isPile(a) && isPile(b);

/** Pieces where they lie on the surface, whatever the pile's own place and turn. */
function onSurface({ x, y, angle, pieces }: LaidElement): PieceAt[] {
  const [c, s] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)];
  return pieces.map(([px, py, turn]) => [x + px * c - py * s, y + px * s + py * c, turn + angle]);
}

/** How far a piece reaches: the pile's ground shared by its pieces, as a disc. */
function reachOf({ outline, pieces }: LaidElement): number {
  let area = 0;
  outline.forEach(([x1, y1], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length]!;
    area += (x1 * y2 - x2 * y1) / 2;
  });
  return Math.max(LEAST_RADIUS_MM, Math.sqrt(Math.abs(area) / Math.PI / Math.max(1, pieces.length)));
}

/** A pile of these pieces: its place their middle, its ground what they reach. */
function pileOf(like: LaidElement, id: string, pieces: readonly PieceAt[], reach: number): LaidElement {
  const mean = (k: 0 | 1) => r1(pieces.reduce((sum, piece) => sum + piece[k], 0) / pieces.length);
  const [x, y] = [mean(0), mean(1)];
  const around = pieces.flatMap(([px, py]) =>
    [0, 1, 2, 3, 4, 5].map((k): [number, number] => [
      px + reach * Math.cos((k * Math.PI) / 3),
      py + reach * Math.sin((k * Math.PI) / 3),
    ]),
  );
  const hull = polygonHull(around) ?? around.slice(0, 3);
  return {
    ...like,
    id,
    x,
    y,
    angle: 0,
    pinned: true,
    outline: hull.slice(0, 400).map(([px, py]): [number, number] => [r1(px), r1(py)]),
    pieces: pieces.map(([px, py, turn]): PieceAt => [
      r1(px - x),
      r1(py - y),
      Math.round(((turn % 360) + 360) % 360),
    ]),
  };
}

interface Axis {
  x: number;
  y: number;
  /** Along the pile's longer side. */
  c: number;
  s: number;
}

/** The line through a pile's middle along which it is longest. */
function axisOf(pieces: readonly PieceAt[]): Axis {
  const mean = (k: 0 | 1) => pieces.reduce((sum, piece) => sum + piece[k], 0) / pieces.length;
  const [x, y] = [mean(0), mean(1)];
  const moment = (f: (dx: number, dy: number) => number) =>
    pieces.reduce((sum, [px, py]) => sum + f(px - x, py - y), 0);
  const turn =
    0.5 *
    Math.atan2(
      2 * moment((dx, dy) => dx * dy),
      moment((dx, dy) => dx * dx - dy * dy),
    );
  return { x, y, c: Math.cos(turn), s: Math.sin(turn) };
}

/** Can it be bent? A row of three pieces or more. */
export const isRow = (element: LaidElement): boolean =>
  isPile(element) && element.layer === 1 && element.pieces.length >= 3;

/** A row's line: its middle, the way along it, and how far its ends are from its middle. Undefined for what is no row. */
function lineOf(element: LaidElement): (Axis & { half: number; pieces: PieceAt[] }) | undefined {
  if (!isRow(element)) return undefined;
  const pieces = onSurface(element);
  const axis = axisOf(pieces);
  const half = Math.max(
    1,
    ...pieces.map(([px, py]) => Math.abs((px - axis.x) * axis.c + (py - axis.y) * axis.s)),
  );
  return { ...axis, half, pieces };
}

/** Where hands take hold of a row: its middle, the way across it, and its two ends. Undefined for what is no row. */
export function pullOf(
  element: LaidElement,
): { x: number; y: number; nx: number; ny: number; ends: readonly [Grip, Grip] } | undefined {
  const line = lineOf(element);
  if (!line) return undefined;
  const { x, y, c, s, half } = line;
  const end = (way: 1 | -1): Grip => [x + way * half * c, y + way * half * s];
  return { x, y, nx: -s, ny: c, ends: [end(-1), end(1)] };
}
type Grip = readonly [x: number, y: number];

/** How far a place on a row goes along it and across it, and how fast that changes on the way, by its share −1 to 1 of the way. */
type Pull = (t: number) => { along: number; across: number; stretch: number; slope: number };

/** The row with its line pulled: each piece turns with the line. */
function pulled(element: LaidElement, pull: Pull): LaidElement | undefined {
  const line = lineOf(element);
  if (!line) return undefined;
  const { x, y, c, s, half } = line;
  const pieces = line.pieces.map(([px, py, turn]): PieceAt => {
    const { along, across, stretch, slope } = pull(((px - x) * c + (py - y) * s) / half);
    const more = Math.atan2(slope, half + stretch);
    return [px + along * c - across * s, py + along * s + across * c, turn + (more * 180) / Math.PI];
  });
  return pileOf(element, element.id, pieces, reachOf(element));
}

/** The row with its middle pulled so far across, its ends staying. Undefined for what is no row. */
export const bent = (element: LaidElement, mm: number): LaidElement | undefined =>
  pulled(element, (t) => ({ along: 0, across: mm * (1 - t * t), stretch: 0, slope: -2 * mm * t }));

/** No row is drawn together to less than this share of its length. */
const SHORTEST = 0.4;

/**
 * The row with one end pulled so far over the board, its other end staying: what lies nearer to the hand goes farther.
 * `end` counts as in `pullOf`. Undefined for what is no row.
 */
export function endPulled(
  element: LaidElement,
  end: 0 | 1,
  dxMm: number,
  dyMm: number,
): LaidElement | undefined {
  const line = lineOf(element);
  if (!line) return undefined;
  const way = end === 0 ? -1 : 1;
  const { c, s, half } = line;
  const wanted = dxMm * c + dyMm * s;
  const along = way * Math.max(way * wanted, (SHORTEST - 1) * 2 * half);
  const across = dyMm * c - dxMm * s;
  return pulled(element, (t) => {
    const share = (1 + way * t) / 2;
    return {
      along: along * share,
      across: across * share * share,
      stretch: (along * way) / 2,
      slope: across * way * share,
    };
  });
}

/** Parts a pile across its longer side; the second half is drawn aside by a piece, so that a hand can take it. Undefined for a single piece. */
export function parted(element: LaidElement, newId: string): [LaidElement, LaidElement] | undefined {
  if (!isPile(element) || element.pieces.length < 2) return undefined;
  const pieces = onSurface(element);
  const { x: mx, y: my, c, s } = axisOf(pieces);
  const far = ([x, y]: PieceAt) => (x - mx) * c + (y - my) * s;
  const cut = pieces.map(far).sort((a, b) => a - b)[Math.floor(pieces.length / 2)]!;
  // in their own order, as they were laid; pieces in one place are still parted by number
  const first = pieces.filter((piece) => far(piece) < cut);
  const halves =
    first.length > 0
      ? [first, pieces.filter((piece) => far(piece) >= cut)]
      : [pieces.slice(0, Math.floor(pieces.length / 2)), pieces.slice(Math.floor(pieces.length / 2))];
  const reach = reachOf(element);
  const aside = halves[1]!.map(([x, y, turn]): PieceAt => [x + c * reach * 2, y + s * reach * 2, turn]);
  return [pileOf(element, element.id, halves[0]!, reach), pileOf(element, newId, aside, reach)];
}

/** Puts a second pile's pieces onto a first of the same food. Undefined where they are not. */
export function together(element: LaidElement, other: LaidElement): LaidElement | undefined {
  if (!areSiblings(element, other)) return undefined;
  return grownBy(element, onSurface(other));
}

/** A pile with some pieces more: set down around it, from its edge inward. */
function grownBy(element: LaidElement, more: readonly PieceAt[]): LaidElement {
  const pieces = onSurface(element);
  const reach = reachOf(element);
  const { x, y } = pileOf(element, element.id, pieces, reach);
  const radius = Math.max(reach, ...pieces.map(([px, py]) => hypot2(px - x, py - y)));
  const wider = radius * Math.sqrt(1 + more.length / pieces.length);
  const added = more.map(([, , turn], i): PieceAt => {
    const far = radius + (wider - radius) * Math.sqrt((i + 0.5) / more.length) * 0.8;
    return [x + far * Math.cos(i * GOLDEN), y + far * Math.sin(i * GOLDEN), turn];
  });
  return pileOf(element, element.id, [...added, ...pieces], reach);
}

/**
 * Moves so many pieces from one pile to another of the same food, those that lie nearest to it. Undefined where they are not
 * of one food, or the first would have none left: two piles are put together then.
 */
export function given(
  from: LaidElement,
  to: LaidElement,
  count: number,
): { from: LaidElement; to: LaidElement } | undefined {
  if (!areSiblings(from, to) || count < 1 || from.pieces.length <= count) return undefined;
  const pieces = onSurface(from);
  const near = pieces.toSorted(
    ([ax, ay], [bx, by]) => hypot2(ax - to.x, ay - to.y) - hypot2(bx - to.x, by - to.y),
  );
  const moved = new Set(near.slice(0, count));
  const left = pieces.filter((piece) => !moved.has(piece));
  return { from: pileOf(from, from.id, left, reachOf(from)), to: grownBy(to, [...moved]) };
}
