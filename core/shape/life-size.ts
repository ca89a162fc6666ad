import { placed, type Point, type Polygon } from '../geometry/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { sliceFrom } from './cut.js';
import { boundsOf, heightOf, moved, widthOf } from './outline.js';
import { pressOrder } from './press.js';
import { roomiest } from './room.js';
import { sideBySide } from './svg.js';

const { ceil, max, min } = Math;

/** A drawing in true size: millimetres from its lower left corner, y upwards. */
export interface LifeSize {
  of: 'slice' | 'made' | 'motif';
  /** The food, or what is made. */
  name: string;
  widthMm: number;
  heightMm: number;
  lines: { outline: Polygon; isEdge: boolean }[];
  /** Numbers in the order in which they are pressed. */
  numbers: { at: Point; n: number }[];
}

/** Between two cutters, and between a slice and the cutters below it. */
const [GAP_MM, BELOW_MM] = [5, 12];

function drawingOf(
  of: LifeSize['of'],
  name: string,
  lines: readonly { outline: Polygon; isEdge: boolean }[],
  numbers: readonly { at: Point; n: number }[] = [],
): LifeSize {
  const bounds = boundsOf(lines.flatMap(({ outline }) => outline));
  const [dx, dy] = [-bounds.left, -bounds.top];
  return {
    of,
    name,
    widthMm: widthOf(bounds),
    heightMm: heightOf(bounds),
    lines: lines.map(({ outline, isEdge }) => ({ outline: moved(outline, dx, dy), isEdge })),
    numbers: numbers.map(({ at: [x, y], n }) => ({ at: [x + dx, y + dy], n })),
  };
}

const edges = (outlines: readonly Polygon[]): { outline: Polygon; isEdge: boolean }[] =>
  outlines.map((outline) => ({ outline, isEdge: true }));

/** What was drawn with its y down. */
const upright = (outline: Polygon): Polygon => outline.map(([x, y]) => [x, -y]);

/**
 * All that is laid or cut after an outline, in true size: each slice with its cuts numbered in press order and its cutters as
 * stencils below, what is opened or written, and the motifs.
 */
export function lifeSizesOf(plan: Plan): LifeSize[] {
  const larder = planLarder(plan);
  const cuts = plan.cuts.map((cut): LifeSize => {
    const slice = sliceFrom(cut.slice);
    const order = pressOrder(cut.pieces, max(...cut.cutters.map(({ acrossMm }) => acrossMm)));
    const pieces = cut.pieces.map(({ cutter, x, y, angle }) =>
      placed(cut.cutters[cutter]!.outline, x, y, angle),
    );
    const cutters = sideBySide(
      cut.cutters.map(({ outline }) => outline),
      GAP_MM,
    );
    const { left, top } = boundsOf(slice.outer);
    const below = top - BELOW_MM - boundsOf(cutters.flat()).bottom;
    return drawingOf(
      'slice',
      larder.get(cut.componentId)?.name ?? cut.componentId,
      [
        ...edges([slice.outer, ...slice.holes]),
        ...pieces.map((outline) => ({ outline, isEdge: false })),
        ...edges(cutters.map((outline) => moved(outline, left, below))),
      ],
      pieces.map((outline, i) => ({ at: roomiest(outline), n: order.indexOf(i) + 1 })),
    );
  });
  const made = plan.recipes.flatMap(({ name, serves }) => {
    const outlines = serves?.outlines?.map(({ outline }) => upright(outline)) ?? [];
    return outlines.length > 0 ? [drawingOf('made', name, edges(outlines))] : [];
  });
  const motifs = plan.motifs.map(({ name, outline }) => drawingOf('motif', name, edges([upright(outline)])));
  return [...cuts, ...made, ...motifs];
}

/** Sheets of paper, upright. Millimetres. */
export const PAPERS = {
  a4: { widthMm: 210, heightMm: 297 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;
export type PaperId = keyof typeof PAPERS;

/** Beside the print: what no printer reaches, and above it a line of words with the bar that proves the size. */
export const EDGE_MM = 12;
export const HEAD_MM = 22;
/** Sheets that are glued together overlap by so much. */
export const LAP_MM = 10;

/** One sheet of a drawing: what stands at its lower left corner, and which of how many it is. */
export interface Tile {
  x: number;
  y: number;
  column: number;
  row: number;
  columns: number;
  rows: number;
}

/** The sheets that a drawing takes, from the upper left one, row by row; one where it fits. */
export function tilesOf(
  { widthMm, heightMm }: Pick<LifeSize, 'widthMm' | 'heightMm'>,
  paper: PaperId,
): Tile[] {
  const across = PAPERS[paper].widthMm - 2 * EDGE_MM;
  const up = PAPERS[paper].heightMm - 2 * EDGE_MM - HEAD_MM;
  const count = (size: number, room: number): number =>
    size <= room ? 1 : 1 + ceil((size - room) / (room - LAP_MM));
  const [columns, rows] = [count(widthMm, across), count(heightMm, up)];
  return Array.from({ length: rows * columns }, (_, i): Tile => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    const top = heightMm - row * (up - LAP_MM);
    return {
      x: column * (across - LAP_MM),
      y: rows === 1 ? min(0, heightMm - up) : top - up,
      column,
      row,
      columns,
      rows,
    };
  });
}
