import { areaOf, type Point, type Polygon } from '../geometry/index.js';
import { moved, oriented } from './outline.js';

/** A round wall of a slice about the origin: exact where a polygon would only be near. */
export interface RoundWalls {
  outerMm: number;
  /** The hole in the middle; 0 without one. */
  innerMm: number;
  /** A circle inside the polygon that is drawn for the outer wall. */
  drawnMm: number;
}

/** What is cut from: a slice, a section of a fruit, an outline of one's own. Millimetres. */
export interface Slice {
  outer: Polygon;
  holes: readonly Polygon[];
  /** Radii, where all its walls are circles about the origin. */
  round?: RoundWalls;
}

/** Corners of a drawn circle: its sides bulge by less than two ten-thousandths of a millimetre at 110 mm. */
const CORNERS = 1440;

export const circle = (radiusMm: number, corners = CORNERS): Point[] =>
  Array.from({ length: corners }, (_, i): Point => {
    const t = (2 * Math.PI * i) / corners;
    return [radiusMm * Math.cos(t), radiusMm * Math.sin(t)];
  });

export const sliceOf = (outer: Polygon, holes: readonly Polygon[] = []): Slice => ({
  outer: oriented(outer),
  holes: holes.map(oriented),
});

export const disc = (diameterMm: number): Slice => ring(diameterMm, 0);

export function ring(diameterMm: number, holeMm: number): Slice {
  return {
    outer: circle(diameterMm / 2),
    holes: holeMm > 0 ? [circle(holeMm / 2, CORNERS / 4)] : [],
    round: {
      outerMm: diameterMm / 2,
      innerMm: holeMm / 2,
      drawnMm: (diameterMm / 2) * Math.cos(Math.PI / CORNERS),
    },
  };
}

/** An oval slice; drawn inside its curve, so that a piece inside the drawing lies inside the slice. */
export const oval = (lengthMm: number, widthMm: number): Slice =>
  sliceOf(circle(1, 240).map(([x, y]): Point => [(x * lengthMm) / 2, (y * widthMm) / 2]));

export const rect = (lengthMm: number, widthMm: number): Slice => {
  const [a, b] = [lengthMm / 2, widthMm / 2];
  return sliceOf([
    [-a, -b],
    [a, -b],
    [a, b],
    [-a, b],
  ]);
};

/** A wedge of a wheel, seen from above: two cut sides of `lengthMm` that meet, and a rind `widthMm` across. */
export function wedge(widthMm: number, lengthMm: number): Slice {
  const half = Math.asin(Math.min(1, widthMm / 2 / lengthMm));
  const rind = Array.from({ length: 41 }, (_, i): Point => {
    const t = -half + (2 * half * i) / 40;
    return [lengthMm * Math.sin(t), lengthMm * Math.cos(t)];
  });
  return sliceOf(moved([[0, 0], ...rind], 0, -lengthMm / 2));
}

/** Half a round slice: a flat side of `widthMm`. */
export function halfRound(widthMm: number): Slice {
  const radius = widthMm / 2;
  const arc = Array.from({ length: 181 }, (_, i): Point => {
    const t = (Math.PI * i) / 180;
    return [radius * Math.cos(t), radius * Math.sin(t)];
  });
  return sliceOf(moved(arc, 0, -radius / 2));
}

/** A slice of bread: square below, domed above. The dome is a third of its height. */
export function loaf(widthMm: number, heightMm: number): Slice {
  const [half, rise] = [widthMm / 2, heightMm / 3];
  const dome = Array.from({ length: 61 }, (_, i): Point => {
    const t = (Math.PI * i) / 60;
    return [half * Math.cos(t), rise * Math.sin(t)];
  });
  const foot = -(heightMm - rise);
  return sliceOf(moved([...dome, [-half, foot], [half, foot]], 0, (heightMm - 2 * rise) / 2));
}

/** Square millimetres of food in a slice. */
export const sliceAreaMm2 = (slice: Slice): number =>
  areaOf(slice.outer) - slice.holes.reduce((sum, hole) => sum + areaOf(hole), 0);
