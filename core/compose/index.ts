export { draftOf } from './program.js';
export { compose, OPTIMAL_GAP, type ComposeOptions, type Composition } from './compose.js';
export {
  groupsOf,
  isUnrestricted,
  portionsAt,
  problemOf,
  quietGrounds,
  smallWithin,
  type Candidate,
  type Problem,
} from './candidates.js';
export { COMPOSED_GREED } from './rows/looked-after.js';
export { nearColour, WANTED } from './rows/variety.js';
export { placementsOf, wholePieces } from './settle.js';
export { LinearModel, type Solution, type SolveOptions, type Solver } from './linear.js';
export type { Conflict } from './conflicts.js';
