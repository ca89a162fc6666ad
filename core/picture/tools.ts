import { FORMS } from '../catalogue/index.js';
import type { LaidElement, Surface } from '../plan/index.js';
import { closed, darker, smooth } from './brush.js';
import { surfaceOutline } from './boards.js';
import { linear, type Pen } from './pen.js';

const HORN = '#8a5a2b';
const BAMBOO = '#d9bb84';
const LENGTH_MM = 74;

/** One tool for each food that has its own, at its largest heap: a spoon into a dip, tongs for what is picked. */
export function drawOwnTools(pen: Pen, elements: readonly LaidElement[]): void {
  const largest = new Map<string, LaidElement>();
  for (const element of elements.filter((otherElement) => otherElement.ownTool)) {
    const known = largest.get(element.componentId);
    if (!known || known.pieces.length < element.pieces.length) largest.set(element.componentId, element);
  }
  for (const element of largest.values()) (FORMS[element.form].bowl ? drawOwnTool : drawTongs)(pen, element);
}

/** A horn spoon for what is taken with one. */
function drawOwnTool(pen: Pen, element: LaidElement): void {
  leaning(pen, element, () => {
    const handle = smooth([
      [9, -2.6],
      [LENGTH_MM * 0.7, -2],
      [LENGTH_MM, -3.6],
      [LENGTH_MM + 3, 0],
      [LENGTH_MM, 3.6],
      [LENGTH_MM * 0.7, 2],
      [9, 2.6],
    ]);
    pen.group(1.6, 2.6, 0, () => pen.path(handle, { fill: '#1c0b02', opacity: 0.3 }));
    pen.ellipse(0, 0, 13, 9, { fill: HORN, stroke: darker(HORN, 0.5), width: 0.8 });
    pen.ellipse(1, 0.8, 9.5, 6, { fill: darker(HORN, 0.35) });
    pen.path(handle, {
      fill: linear({ 0: darker(HORN, 0.1), 0.6: '#b98a4e', 1: '#d2a86a' }),
      stroke: darker(HORN, 0.5),
      width: 0.8,
    });
  });
}

/** Where a tool leans out of its food: to the back, or out of a zone to the front, where its guests stand. */
function leaning(pen: Pen, element: LaidElement, draw: () => void): void {
  const start = (element.bowlMm ?? 16) * 0.35;
  const side = element.inZone ? 1 : -1;
  pen.group(element.x + start, element.y + side * start, side * 45, draw);
}

/** Bamboo tongs for what is picked: two strips that meet beyond the rim. */
function drawTongs(pen: Pen, element: LaidElement): void {
  leaning(pen, element, () => {
    for (const way of [1, -1]) {
      const strip = smooth([
        [-16, way * 7.5],
        [-4, way * 9],
        [LENGTH_MM * 0.55, way * 6],
        [LENGTH_MM, way * 1.4],
        [LENGTH_MM + 4, 0],
        [LENGTH_MM, way * -1.2],
        [LENGTH_MM * 0.55, way * 3.2],
        [-4, way * 5.6],
        [-17, way * 4.6],
      ]);
      pen.group(1.6, 2.6, 0, () => pen.path(strip, { fill: '#1c0b02', opacity: 0.28 }));
      pen.path(strip, {
        fill: linear({ 0: darker(BAMBOO, 0.12), 0.7: BAMBOO, 1: darker(BAMBOO, 0.2) }),
        stroke: darker(BAMBOO, 0.45),
        width: 0.7,
      });
    }
  });
}

const KNOT = '#e7cf9d';
/** Where picks lean in their bowl: the share of its radius, and the angle in degrees. */
const PICKS: readonly (readonly [number, number])[] = [
  [0.25, -52],
  [0.4, -18],
  [0.18, 34],
];
const PICK_MM = 46;

/** A few knotted bamboo picks in each of these bowls. */
export function drawPicks(pen: Pen, bowls: readonly LaidElement[]): void {
  for (const { x, y, bowlMm } of bowls)
    for (const [out, angle] of PICKS)
      pen.group(x, y, angle, () => {
        const from = -(bowlMm ?? 0) * out;
        const stick = `M0 ${from}L0 ${from - PICK_MM}`;
        pen.group(1.4, 2, 0, () => pen.path(stick, { stroke: '#1c0b02', width: 1.6, opacity: 0.3 }));
        pen.path(stick, { stroke: BAMBOO, width: 1.5 });
        pen.ellipse(0, from - PICK_MM, 2.1, 2.7, { fill: KNOT, stroke: darker(BAMBOO, 0.45), width: 0.5 });
      });
}

/** Thinner than this, foods have been dragged together and there is no lane left to draw. */
const LEAST_LANE_MM = 8;

/** The open ground between a zone and the rest, from the elements as they lie; undefined when it is closed or nothing is kept. */
export function laneOf(elements: readonly LaidElement[]): { top: number; bottom: number } | undefined {
  const ys = (zone: boolean) =>
    elements
      .filter((element) => (element.inZone === true) === zone && element.layer < 6)
      .flatMap((element) => element.outline.map((p) => p[1]));
  const [rest, kept] = [ys(false), ys(true)];
  if (rest.length === 0 || kept.length === 0) return undefined;
  const [top, bottom] = [Math.max(...rest), Math.min(...kept)];
  return bottom - top >= LEAST_LANE_MM ? { top, bottom } : undefined;
}

/** A folded linen ribbon across the board, in the middle of the lane. */
export function drawLane(pen: Pen, surface: Surface, elements: readonly LaidElement[]): void {
  const lane = laneOf(elements);
  if (!lane) return;
  const y = (lane.top + lane.bottom) / 2;
  const half = Math.min(7, (lane.bottom - lane.top) / 2 - 2);
  const edge = surfaceOutline(surface, Math.max(2, surface.rimMm - 2));
  const xs = edge.filter((p) => Math.abs(p[1] - y) < 30).map((p) => p[0]);
  if (xs.length === 0) return;
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const ribbon = closed([
    [left, y - half],
    [right, y - half],
    [right - half, y],
    [right, y + half],
    [left, y + half],
    [left + half, y],
  ]);
  pen.group(0, 1.6, 0, () => pen.path(ribbon, { fill: '#1c0b02', opacity: 0.25 }));
  pen.path(ribbon, { fill: '#f2eee1', stroke: '#1f2c5e', width: 0.7 });
  pen.path(`M${left + half} ${y}H${right - half}`, { stroke: '#1f2c5e', width: 0.8, dash: '5 4' });
}
