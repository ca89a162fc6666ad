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
  LETTER_CUTTERS,
  LETTER_SETS,
  letterOf,
  type LetterSet,
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
  ownSlice,
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
export { enclosing, type Circle } from './enclosing.js';
export {
  firmness,
  LEAST_LID_SHARE,
  LEAST_WALL_MM,
  MOST_LID_SHARE,
  windowIn,
  type Wheel,
  type Opening,
} from './opening.js';
export {
  FOLD_IDS,
  folded,
  foldsWell,
  gramsOfSlice,
  isOfLong,
  isRose,
  stepsOfFold,
  type FoldAsked,
  type Folded,
  type FoldId,
  type FoldStep,
  type SliceToFold,
} from './fold.js';
export {
  filled,
  meltOf,
  mouldById,
  MOULDS,
  ownMould,
  piecesFrom,
  suitsMould,
  type Filled,
  type Melt,
  type Mould,
  type MouldRisk,
} from './mould.js';
export { iceBowl, USUAL_ICE, wallToLast, type IceMade } from './ice.js';
export {
  CUT_IDS,
  cutsOf,
  equalFill,
  SECTION_FOODS,
  sectionOf,
  skewerOrder,
  skewersFrom,
  wholeName,
  type CutId,
  type Section,
  type SkewerPart,
} from './section.js';
export {
  letterOutline,
  nestWord,
  wordOutlines,
  type NestedWord,
  type WordAsked,
  type WordLetter,
} from './word.js';
export {
  borderSpots,
  canWeave,
  DETAIL_THICKNESS_MM,
  detailOutline,
  detailsFor,
  detailSpots,
  weaveSpots,
  fillOf,
  grown,
  isReadIn,
  proposedAcross,
  withBorder,
  type MotifSpot,
} from './motif.js';
export { cutterSetText, readCutterSet, type CutterSetRead } from './set.js';
export {
  EDGE_MM,
  HEAD_MM,
  LAP_MM,
  lifeSizesOf,
  PAPERS,
  tilesOf,
  type LifeSize,
  type PaperId,
  type Tile,
} from './life-size.js';
export { CUTTER_OF_MOTIF, proposedCut } from './propose.js';
