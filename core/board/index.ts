export { cardsOfSurface, labelledFoods, promisesKept, wantsLabel, wantsPick } from './labels.js';
export { carriedNeedG, carriedSets, carriesFor, isForMost, isPlainBread } from './carried.js';
export { isOwnPlate, servingAreas, shareTaken, smallChildrenWithin, type ServingArea } from './serving.js';
export {
  countsThere,
  hasFact,
  isNobodys,
  keepsPromise,
  promisesFor,
  quietAreas,
  mayReachGravely,
  reachesGravely,
  reachedOn,
  reachesOnto,
  reachesUnsheltered,
  type QuietAreas,
  travelsFar,
} from './contact.js';
export {
  eaten,
  helpingAt,
  isBold,
  mayLieOn,
  mayStandAt,
  mindsGravely,
  occasionAt,
  relyingAt,
  takenHere,
  takersAt,
  usualHereG,
} from './helpings.js';
export {
  ACCENTS_AT_MOST,
  BASE_TAKERS,
  baseAtLeast,
  boldAtMost,
  CARRIERS,
  DIPPERS_TO_A_DIP,
  isDip,
  isDipper,
  largestCm2,
  meanTakers,
  needsPartner,
  sameAtMost,
  senseOf,
  spreadToAGram,
  wantsHeat,
  type Senseless,
} from './sense.js';
export { placedFoods, type PlacedFood } from './placed.js';
export { mostCount, onPlateOf, reachOf } from './plates.js';
export { keptAs } from './portions.js';
export { lotsAt, mostInABowlG, placementsOf, setForm, wholePieces } from './pieces.js';
export { tongsInUse, toolsInUse, type TongsInUse, type ToolsInUse } from './tools.js';
export { kindsThatFit, roomOn, sizedTogether } from './room.js';
export { boardParts, missingParts, type BoardPart } from './whole.js';
export { advisedTable, inParts, REACH_MM, tooFarToReach, type TooFar } from './table.js';
export { fittedTo, withSize } from './follow.js';
export { advisedSetting, bindsOthers, leftToOthers, trayFor, type Binding } from './trays.js';
export {
  biteJobs,
  COMPOSED_GREED,
  COMPOSED_SPARE,
  DIFFERENT_BITES,
  ENOUGH,
  kindsForBites,
  PARTS,
  partsAsked,
  type Part,
} from './coverage.js';
export {
  areAlike,
  cheeseAxes,
  hasAddition,
  hasHue,
  HUES,
  isCheese,
  isCrisp,
  isFresh,
  isHot,
  isOfGoatOrSheep,
  isPale,
  isRich,
  isSalty,
  isSeedless,
  isSharp,
  isSmoked,
  isSoft,
  isSweet,
  isSweetFare,
  isSweetish,
  isSweetSpread,
  isTart,
  coloursApart,
  lightnessOf,
  foodsOfColour,
  nearColour,
  relieves,
  starsAmong,
  taste,
  WANTED,
  type WantedTaste,
} from './tastes.js';
export {
  finestForm,
  foodsForMotif,
  isBorder,
  layMotifOf,
  isWoven,
  motifHeaps,
  ownMotif,
  motifForms,
  proposedMotif,
  roomTaken,
  sizedMotif,
  swappedInMotifs,
  type MotifHeap,
  type MotifHeaps,
} from './motif.js';
export { layCutOuts, surfaceOfFood } from './cut-outs.js';
export {
  castMould,
  mouldRecipeId,
  formOfFold,
  layFolded,
  layWord,
  openWindow,
  type MeltedWith,
  type WordMade,
  type WindowMade,
} from './crafts.js';
export { suitsIce } from './ice.js';
export { crumbleOffcuts, foldIntoDip, freeOffcutsG } from './offcuts.js';
export {
  cupShares,
  laySkewers,
  piecesInPacks,
  proposedThreads,
  skewerMm,
  threadedForm,
  threadedOrder,
  type CupShare,
  type Threaded,
} from './skewers.js';
export { ownOutline, tiersOf, type OwnOutline } from './own-outline.js';
export { sendTo, surfacesFor } from './send.js';
export { layCutFruit } from './cut-fruit.js';
