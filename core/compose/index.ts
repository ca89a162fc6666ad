export { draftOf } from './program.js';
export { tieOf } from './rows/variety.js';
export { compose, OPTIMAL_GAP, type ComposeOptions, type Composition } from './compose.js';
export { problemOf, type Candidate, type Problem } from './candidates.js';
export { cameAndWent, otherBoards, type OtherBoard } from './others.js';
export { whyComponent, type Why } from './why.js';
export { leastFor, type Least } from './least.js';
export { LinearModel, type Solution, type SolveOptions, type Solver } from './linear.js';
export type { Conflict, Way } from './conflicts.js';
