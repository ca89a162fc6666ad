import { areaOf, type Polygon } from '../../geometry/index.js';
import { centred, reachOf, sampled } from '../outline.js';
import { depthOf, fieldOf, sidesOf, type Field, type Sides } from './field.js';

/** A cutter made ready for the search. Lengths in millimetres, in the cutter's own frame. */
export interface Kind {
  outline: Polygon;
  /** The radius of a round cutter; 0 for any other. */
  radius: number;
  /** From its middle to its farthest point, and to its nearest side at the deepest place. */
  reach: number;
  depth: number;
  areaMm2: number;
  /** Points along the outline. */
  px: Float64Array;
  py: Float64Array;
  /** A turn by one radian moves its points by so much in the mean: angles are counted in millimetres by it. */
  lever: number;
  field: Field;
  sides: Sides;
}

/** Cells of the field from the middle of a piece to its rim, and points along the rim. */
const CELLS = 48;
const POINTS = 7;

/** Is an outline a circle about its middle? Then discs are packed, exactly. */
function radiusOf(outline: Polygon): number {
  const radii = outline.map(([x, y]) => Math.hypot(x, y));
  const [least, most] = [Math.min(...radii), Math.max(...radii)];
  return outline.length >= 24 && most - least < most * 1e-6 ? most : 0;
}

const once = <T>(make: () => T): (() => T) => {
  let made: { value: T } | undefined;
  return () => (made ??= { value: make() }).value;
};

/** `padMm` is how far beyond its outline something may be that it must keep away from. */
export function kindOf(polygon: Polygon, padMm: number): Kind {
  const outline = centred(polygon);
  const reach = reachOf(outline);
  const radius = radiusOf(outline);
  const points = sampled(outline, reach / POINTS);
  const square = points.reduce((sum, [x, y]) => sum + x * x + y * y, 0);
  const field = once(() => fieldOf([outline], reach / CELLS, padMm + reach / CELLS));
  const depth = once(() => (radius > 0 ? radius : depthOf(field())));
  return {
    outline,
    radius,
    reach,
    areaMm2: areaOf(outline),
    px: Float64Array.from(points, ([x]) => x),
    py: Float64Array.from(points, ([, y]) => y),
    lever: Math.sqrt(square / points.length),
    sides: sidesOf([outline]),
    // discs among themselves need none
    get field() {
      return field();
    },
    get depth() {
      return depth();
    },
  };
}
