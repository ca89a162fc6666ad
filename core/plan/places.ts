import { ellipse, rectangle, type Polygon } from '../geometry/index.js';
import { outlineSize } from './outline.js';
import type { MarkedPlace, Surface } from './records/surface.js';

const POINTS = 36;

const moved = (polygon: Polygon, x: number, y: number): Polygon =>
  polygon.map(([px, py]) => [px + x, py + y]);

/** A marked place from above. */
export const placeOutline = ({ x, y, radiusMm }: MarkedPlace): Polygon =>
  moved(ellipse(2 * radiusMm, 2 * radiusMm, POINTS), x, y);

/** Walls of a box are so thick. */
const WALL_MM = 6;

interface Rect {
  x: number;
  y: number;
  lengthMm: number;
  widthMm: number;
}

/** Ground inside the rim, cut by walls: the compartments row by row, none where no wall stands. */
export function compartmentsOf({ walls, outline, rimMm }: Surface): Rect[] {
  if (!walls || outline.kind !== 'rectangle' || walls.columns * walls.rows === 1) return [];
  const [length, width] = outlineSize(outline).map((mm) => Math.max(1, mm - 2 * rimMm)) as [number, number];
  const lengthMm = (length - (walls.columns - 1) * WALL_MM) / walls.columns;
  const widthMm = (width - (walls.rows - 1) * WALL_MM) / walls.rows;
  if (lengthMm < 2 * WALL_MM || widthMm < 2 * WALL_MM) return [];
  return Array.from({ length: walls.columns * walls.rows }, (_, k) => ({
    x: -length / 2 + lengthMm / 2 + (k % walls.columns) * (lengthMm + WALL_MM),
    y: -width / 2 + widthMm / 2 + Math.floor(k / walls.columns) * (widthMm + WALL_MM),
    lengthMm,
    widthMm,
  }));
}

/** The walls between compartments, from above. */
export function wallsOf(surface: Surface): Polygon[] {
  const boxes = compartmentsOf(surface);
  if (boxes.length === 0) return [];
  const [length, width] = outlineSize(surface.outline).map((mm) => mm - 2 * surface.rimMm) as [
    number,
    number,
  ];
  const between = (k: 'x' | 'y', size: 'lengthMm' | 'widthMm') =>
    [...new Set(boxes.map((box) => box[k] + box[size] / 2))].sort((a, b) => a - b).slice(0, -1);
  return [
    ...between('x', 'lengthMm').map((x) => moved(rectangle(WALL_MM, width), x + WALL_MM / 2, 0)),
    ...between('y', 'widthMm').map((y) => moved(rectangle(length, WALL_MM), 0, y + WALL_MM / 2)),
  ];
}

/** Where no food lies: where a hand wants none, for a candle, a card, a cup; and where a wall stands. */
export const openPlaces = (surface: Surface): Polygon[] => [
  ...(surface.places ?? []).filter((place) => place.for === 'open').map(placeOutline),
  ...wallsOf(surface),
];
