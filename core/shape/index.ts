export { centred, boundsOf, heightOf, widthOf, type Bounds } from './outline.js';
export {
  disc,
  halfRound,
  loaf,
  oval,
  rect,
  ring,
  sliceAreaMm2,
  sliceOf,
  wedge,
  type Slice,
} from './slice.js';
export {
  CUTTERS,
  cutterById,
  cutterOutline,
  sizedOutline,
  type Cutter,
  type CutterGroup,
  type CutterSize,
} from './cutters/index.js';
export { neckOf, type Neck } from './neck.js';
export { MOST_PIECES, Nesting, type Nest, type NestRequest, type Placed } from './nest/index.js';
export {
  benchFoods,
  benchNeck,
  bent,
  libraryCutter,
  needOfCut,
  nestRequest,
  pieceCost,
  tasksOfCut,
  ownCutter,
  proposedCut,
  resized,
  sliceFigures,
  sliceFrom,
  slicesFor,
  stepsFor,
  wasteOfCuts,
  type CutNeed,
  type CutTask,
  type SliceFigures,
} from './cut.js';
export { usualSliceOf, type UsualSlice } from './slices-of.js';
export { pressOrder } from './press.js';
export { settledAt } from './nest/settled.js';
export { bodyOf, LEAST_NECK_MM, survives, takenBy, type Body, type Survival } from './survive.js';
export { readSvg, sideBySide, svgOf, svgProblemSaid, type SvgProblem, type SvgRead } from './svg.js';
export { roomiest } from './room.js';
