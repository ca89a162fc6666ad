export { MOTIFS, ROLES, themeSchema, type Theme } from './records/occasion.js';
export { PLAN_FORMAT, PLAN_VERSION, emptyPlan, planSchema, surfaceProblem, type Plan } from './plan.js';
export { priceSchema, type Price, type ShopPack } from './records/price.js';
export { TOUCHES, type Touch } from './records/day.js';
export {
  PLACE_FOR,
  surfaceSchema,
  type MarkedPlace,
  type Surface,
  type SurfaceId,
} from './records/surface.js';
export { calledWithNumber, inEach, inWhole, numberOf, oneOfEach, unevenOn } from './singles.js';
export { compartmentsOf, openPlaces, placeOutline, wallsOf } from './places.js';
export { answerSchema, type Answer, type Overruling } from './records/said.js';
export {
  ownSchoolSchema,
  pastBoardSchema,
  SCHOOL_IDS,
  type OwnSchool,
  type PastBoard,
  type SchoolId,
} from './records/school.js';
export {
  cutCutterSchema,
  cutSchema,
  OFFCUTS,
  type Cut,
  type CutCutter,
  type CutSlice,
  type Offcuts,
} from './records/cut.js';
export { cutOutsForm, densityOf, flatG, piecesOf, uncutForm } from './cut-outs.js';
export { MOTIF_DETAILS, type Motif, type MotifDetail, type MotifFood } from './records/motif.js';
export { type LaidElement } from './records/element.js';
export { ICE_MM, type IceBowl, type Placement } from './records/placement.js';
export { WARES, type Ware } from './records/at-hand.js';
export { EMPTY_OFFER, type Offer } from './records/offer.js';
export { EMPTY_DAY, type DayRecord, type HandRecord, type WorkOfDay } from './records/day.js';
export { ownRecipeSchema, type OwnRecipe } from './records/recipe.js';
export { foodOfRecipe, recipeIn } from './own-recipe.js';
export { needProblem } from './problems.js';
export { FREE_FROM, FREE_FROM_IDS, keepsFree, type FreeFrom, type FreeFromId } from './free-from.js';
export { migrate, MIGRATIONS, type Migration } from './versions.js';
export {
  canonicalText,
  MAX_FILE_BYTES,
  readPlan,
  readPlanText,
  type ReadProblem,
  type ReadResult,
} from './read.js';
export { clashes, diff, play, shared, type Change } from './diff.js';
export {
  applyCommand,
  COMMAND_NAMES,
  commandSchema,
  type Command,
  type SingleCommand,
  type CommandResult,
} from './commands/apply.js';
export { BASICS, withBasics } from './pantry.js';
export { paletteOfPixels, paletteOfWords, THEME_IDEAS, wishesOf, type ThemeIdea } from './themes.js';
export { growingMonth, planLarder } from './facts.js';
export { groupsAt, isOnlyFor, isShared, moduleKey } from './serving.js';
export { BOARDS_REMEMBERED, servedLately } from './lately.js';
export { areSiblings, bent, endPulled, isPile, isRow, pullOf } from './piles.js';
export { outlineAreaMm2, outlinePolygon, outlineSize, outlineSized } from './outline.js';
