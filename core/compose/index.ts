export { draftOf } from './program.js';
export { compose, OPTIMAL_GAP, type ComposeOptions, type Composition } from './compose.js';
export {
  groupsOf,
  isUnrestricted,
  portionsAt,
  problemOf,
  quietGrounds,
  forbiddenToSmall,
  isNobodys,
  smallWithin,
  type Candidate,
  type Problem,
} from './candidates.js';
export { cameAndWent, otherBoards, type OtherBoard } from './others.js';
export { whyComponent, type Why } from './why.js';
export { COMPOSED_GREED } from './rows/looked-after.js';
export { CM2_PER_KIND, isRich, LEAST_KINDS, relieves, starsAmong } from './rows/occasion.js';
export { nearColour, WANTED } from './rows/variety.js';
export { mostInABowlG } from './candidates.js';
export { placementsOf, wholePieces } from './settle.js';
export { LinearModel, type Solution, type SolveOptions, type Solver } from './linear.js';
export type { Conflict, Way } from './conflicts.js';
