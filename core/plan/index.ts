export {
  MOTIFS,
  PLAN_FORMAT,
  PLAN_VERSION,
  ROLES,
  emptyPlan,
  planSchema,
  priceSchema,
  surfaceProblem,
  surfaceSchema,
  answerSchema,
  ownSchoolSchema,
  pastBoardSchema,
  SCHOOL_IDS,
  themeSchema,
  type Answer,
  type OwnSchool,
  type PastBoard,
  type SchoolId,
  type Theme,
  type LaidElement,
  type Overruling,
  type Placement,
  type Plan,
  type Price,
  type Surface,
  type SurfaceId,
} from './plan.js';
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
export { clashes, diff, play, type Change } from './diff.js';
export {
  applyCommand,
  COMMAND_NAMES,
  commandSchema,
  type Command,
  type SingleCommand,
  type CommandResult,
} from './commands/apply.js';
export { paletteOfPixels, paletteOfWords, THEME_IDEAS, wishesOf, type ThemeIdea } from './themes.js';
export { growingMonth, planLarder } from './facts.js';
export { groupsAt, isOnlyFor, isShared, moduleKey } from './serving.js';
