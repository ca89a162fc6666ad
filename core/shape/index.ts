export { gapBetween } from './geometry.js';
export {
  areaOf,
  convexOverlap,
  degrees,
  ellipse,
  hypot2,
  inside,
  placed,
  rectangle,
  roundedRectangle,
  signedArea,
  simplified,
  type Point,
  type Polygon,
} from './geometry.js';
export { pieceOutline } from './pieces.js';
