export {
  areaOf,
  convexOverlap,
  degrees,
  ellipse,
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
