export { gapBetween } from './polygon.js';
export {
  areaOf,
  convexOverlap,
  cutBy,
  meanOf,
  middleOf,
  degrees,
  ellipse,
  hypot2,
  inside,
  placed,
  rectangle,
  roundedRectangle,
  signedArea,
  type Point,
  type Polygon,
} from './polygon.js';
export { outlineAt, outlineOfPiece, pieceOutline, PIECES, type Piece } from './pieces.js';
export { betweenBowlsMl, BOWL_DEEP, halfBallMl } from './half-ball.js';
