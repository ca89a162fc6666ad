import { contours } from 'd3-contour';
import type { FormFact } from '../catalogue/index.js';
import { areaOf, hypot2, inside, type Point, type Polygon } from '../geometry/index.js';
import type { MotifDetail } from '../plan/index.js';
import { neckOf } from './neck.js';
import { fieldOf, type Field } from './nest/field.js';
import { boundsOf, heightOf, perimeterOf, widthOf } from './outline.js';

const { PI, abs, atan2, ceil, floor, max, min, round, sqrt } = Math;

/** Where one piece of a border, or one detail, lies: millimetres in the frame of the outline, degrees. */
export interface MotifSpot {
  x: number;
  y: number;
  angle: number;
}

/** A field is so fine that a curve of it is drawn to a tenth of a millimetre (house default). */
const CELLS_ACROSS = 90;

function fieldAround(outline: Polygon, padMm: number): { field: Field; cellMm: number } {
  const bounds = boundsOf(outline);
  const cellMm = max(0.5, max(widthOf(bounds), heightOf(bounds)) / CELLS_ACROSS);
  return { field: fieldOf([outline], cellMm, padMm + 3 * cellMm), cellMm };
}

/** The largest loop at one distance from an outline: outside it above nought, inside below. Empty where nothing is so deep. */
export function grown(outline: Polygon, byMm: number): Point[] {
  if (byMm === 0) return [...outline];
  const { field, cellMm } = fieldAround(outline, max(0, byMm));
  const depth = Array.from(field.values, (d) => byMm - d);
  const { coordinates } = contours().size([field.columns, field.rows]).contour(depth, 0);
  const loops = coordinates.map(([ring]) =>
    // a cell's value stands in its middle, half a cell from its corner
    ring!
      .slice(0, -1)
      .map(([x, y]): Point => [field.x0 + (x! - 0.5) * cellMm, field.y0 + (y! - 0.5) * cellMm]),
  );
  return loops.reduce<Point[]>((most, loop) => (areaOf(loop) > areaOf(most) ? loop : most), []);
}

/** So many places along a closed line, at equal distances, each turned along it. */
function along(line: Polygon, count: number): MotifSpot[] {
  const pitch = perimeterOf(line) / count;
  const spots: MotifSpot[] = [];
  let [gone, next] = [0, pitch / 2];
  line.forEach(([ax, ay], i) => {
    const [bx, by] = line[(i + 1) % line.length]!;
    const length = hypot2(bx - ax, by - ay);
    while (length > 0 && next <= gone + length && spots.length < count) {
      const t = (next - gone) / length;
      spots.push({
        x: ax + (bx - ax) * t,
        y: ay + (by - ay) * t,
        angle: (atan2(by - ay, bx - ax) * 180) / PI,
      });
      next += pitch;
    }
    gone += length;
  });
  return spots;
}

/** How near each other the pieces of a border lie, of a piece's length: slices lap, all else stands side by side (house default). */
const [LAPPED, SIDE_BY_SIDE] = [0.62, 0.96];
/** A border hides the edge of what is filled in by a little (house default). */
const OVER_EDGE = 0.45;

export const borderWidthMm = (fact: FormFact): number => fact.widthMm;

/** The whole motif with its border: what no other food lies on. */
export const withBorder = (outline: Polygon, border: FormFact | undefined): Point[] =>
  border ? grown(outline, borderWidthMm(border) * (OVER_EDGE + 0.5)) : [...outline];

/** Pieces of a food around an outline, end to end along it. */
export function borderSpots(outline: Polygon, fact: FormFact, isLapped: boolean): MotifSpot[] {
  const line = grown(outline, borderWidthMm(fact) * OVER_EDGE);
  const pitch = fact.lengthMm * (isLapped ? LAPPED : SIDE_BY_SIDE);
  return along(line, max(3, round(perimeterOf(line) / pitch)));
}

/** Whole pieces that cover an outline, with their grams and its ground. */
export function fillOf(outline: Polygon, fact: FormFact): { pieces: number; massG: number; areaCm2: number } {
  const areaCm2 = areaOf(outline) / 100;
  const pieces = max(1, round((areaCm2 * fact.gPerCm2) / fact.pieceG));
  return { pieces, massG: grams(pieces * fact.pieceG), areaCm2 };
}

/** Pieces that are so much longer than wide lie woven; in a cell of the weave they lie so near, of their length (house default). */
const WOVEN_FROM = 1.6;
const WOVEN_CELL = 0.98;
/** A piece may lean over the edge of the figure by what is not this share of its length (house default). */
const WOVEN_INSET = 0.3;

export const canWeave = ({ lengthMm, widthMm }: FormFact): boolean =>
  max(lengthMm, widthMm) >= WOVEN_FROM * min(lengthMm, widthMm);

/**
 * Where the pieces of a weave lie: squares as wide as a piece is long, in each as many pieces side by side as fill it, along
 * and across by turns. Only those of which the middle lies well within the outline.
 */
export function weaveSpots(outline: Polygon, fact: FormFact): MotifSpot[] {
  const [long, short] = [max(fact.lengthMm, fact.widthMm), min(fact.lengthMm, fact.widthMm)];
  const cell = long * WOVEN_CELL;
  const beside = max(2, round(cell / short));
  const bounds = boundsOf(outline);
  const within = grown(outline, -short * WOVEN_INSET);
  const upright = fact.lengthMm >= fact.widthMm ? 0 : 90;
  // even about the middle: a cell or a seam in it, whichever cuts less off
  const columns = ceil(widthOf(bounds) / cell / 2) + 1;
  const rows = ceil(heightOf(bounds) / cell / 2) + 1;
  const [mx, my] = [(bounds.left + bounds.right) / 2, (bounds.top + bounds.bottom) / 2];
  const laid = (shift: number): MotifSpot[] => {
    const out: MotifSpot[] = [];
    for (let row = -rows; row <= rows; row++)
      for (let column = -columns; column <= columns; column++) {
        const across = abs(row + column) % 2 === 1;
        for (let k = 0; k < beside; k++) {
          const aside = ((k + 0.5) / beside - 0.5) * cell;
          const x = mx + (column + shift) * cell + (across ? aside : 0);
          const y = my + (row + shift) * cell + (across ? 0 : aside);
          if (inside(within, x, y)) out.push({ x, y, angle: (across ? 90 : 0) + upright });
        }
      }
    return out;
  };
  const [one, other] = [laid(0), laid(0.5)];
  return other.length > one.length ? other : one;
}

const grams = (g: number): number => max(0.1, round(g * 10) / 10);

/** A figure is read where its narrowest place has room for so many pieces side by side (house default). */
const LEAST_PIECES_ACROSS = 1.2;

/** Is the food fine enough for the figure? With the least size at which it is, in the measure of `acrossMm`. */
export function isReadIn(
  outline: Polygon,
  acrossMm: number,
  fact: FormFact,
): { fine: boolean; neckMm: number; leastMm: number } {
  const { neckMm } = neckOf(outline);
  const wanted = LEAST_PIECES_ACROSS * min(fact.lengthMm, fact.widthMm);
  const fine = neckMm >= wanted;
  return { fine, neckMm, leastMm: fine ? acrossMm : ceil((acrossMm * wanted) / neckMm / 5) * 5 };
}

/** Where a creature's eyes are: shares of its width from the left and of its height from the top, as the library draws it. */
const EYES: Readonly<Record<string, readonly Point[]>> = {
  fish: [[0.2, 0.42]],
  whale: [[0.15, 0.48]],
  bird: [[0.2, 0.2]],
  hare: [
    [0.3, 0.62],
    [0.7, 0.62],
  ],
  cat: [
    [0.32, 0.52],
    [0.68, 0.52],
  ],
  bear: [
    [0.36, 0.45],
    [0.64, 0.45],
  ],
  snail: [[0.1, 0.2]],
};

export const detailsFor = (cutter: string): MotifDetail[] =>
  cutter in EYES ? ['eyes', 'stripes', 'stitches'] : ['stripes', 'stitches'];

/** Thin slices for details, in millimetres (craft, section 8: shapes for decoration are cut thin; house default). */
export const DETAIL_THICKNESS_MM = 3;
/** Details as shares of the motif, and no smaller than what a knife cuts (house default). */
const EYE_SHARE = 0.07;
const LEAST_EYE_MM = 8;
const [BAR_LONG, BAR_WIDE, LEAST_BAR_MM] = [0.11, 0.032, 5];
const STITCH_INSET = 0.075;
const STRIPES = 5;

/** Outline of one detail about its middle: a round eye, or a bar of which stripes and stitches are made. */
export function detailOutline(kind: MotifDetail, acrossMm: number): Point[] {
  if (kind === 'eyes') {
    const r = max(LEAST_EYE_MM, acrossMm * EYE_SHARE) / 2;
    return Array.from({ length: 24 }, (_, i): Point => [
      r * Math.cos((2 * PI * i) / 24),
      r * Math.sin((2 * PI * i) / 24),
    ]);
  }
  const [length, width] = [
    max(3 * LEAST_BAR_MM, acrossMm * BAR_LONG),
    max(LEAST_BAR_MM, acrossMm * BAR_WIDE),
  ];
  return [
    [-length / 2, -width / 2],
    [length / 2, -width / 2],
    [length / 2, width / 2],
    [-length / 2, width / 2],
  ];
}

/** Where the details of a motif lie. `outline` has its y down, as it lies on the surface. */
export function detailSpots(
  outline: Polygon,
  cutter: string,
  kind: MotifDetail,
  acrossMm: number,
): MotifSpot[] {
  const bounds = boundsOf(outline);
  if (kind === 'eyes')
    return (EYES[cutter] ?? []).map(([x, y]) => ({
      x: bounds.left + x * widthOf(bounds),
      y: bounds.top + y * heightOf(bounds),
      angle: 0,
    }));
  const bar = boundsOf(detailOutline(kind, acrossMm));
  if (kind === 'stitches') {
    const line = grown(outline, -acrossMm * STITCH_INSET);
    if (line.length < 3) return [];
    return along(line, max(3, round(perimeterOf(line) / (2 * widthOf(bar)))));
  }
  return Array.from(
    { length: STRIPES },
    (_, i) => bounds.top + ((i + 0.5) / STRIPES) * heightOf(bounds),
  ).flatMap((y) => barsAcross(grown(outline, -heightOf(bar) * 0.6), y, widthOf(bar)));
}

/** Bars end to end along a level line, as many as lie within the outline. */
function barsAcross(outline: Polygon, y: number, lengthMm: number): MotifSpot[] {
  const crossings = outline.flatMap(([ax, ay], i): number[] => {
    const [bx, by] = outline[(i + 1) % outline.length]!;
    return ay > y !== by > y ? [ax + ((bx - ax) * (y - ay)) / (by - ay)] : [];
  });
  crossings.sort((a, b) => a - b);
  const spots: MotifSpot[] = [];
  for (let k = 0; k + 1 < crossings.length; k += 2) {
    const [left, right] = [crossings[k]!, crossings[k + 1]!];
    const n = floor((right - left) / lengthMm);
    for (let i = 0; i < n; i++)
      spots.push({ x: (left + right) / 2 + (i - (n - 1) / 2) * lengthMm, y, angle: 0 });
  }
  return spots;
}

/** The largest circle's worth of a motif that a surface has room for, as a share of its shorter side (house default). */
const MOST_OF_SURFACE = 0.62;

/** The size that is proposed for a surface whose serving ground is so long and wide: prominent, with a board around it. */
export const proposedAcross = (lengthMm: number, widthMm: number): number =>
  max(60, floor(min(min(lengthMm, widthMm) * MOST_OF_SURFACE, sqrt(lengthMm * widthMm) * 0.5) / 5) * 5);
