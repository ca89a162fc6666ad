export {
  checkFood,
  CHECKS,
  checkPlan,
  seatState,
  worstOf,
  type Check,
  type Checked,
  type SeatState,
} from './registry.js';
export { answerOf, checkedOf, type CheckAnswer } from './answer.js';
export { contextOf, type CheckContext } from './context.js';
export {
  careAt,
  partyCare,
  type CareAt,
  type LookedAfter,
  type PartyCare,
  type RunsShort,
} from './looked-after.js';
export { certificateOf, promiseAt, type Certificate, type GroupPromise } from './certificate.js';
export {
  asWouldBeAsked,
  labelQuestions,
  questionsText,
  type AskLine,
  type LabelQuestionLine,
} from './questions.js';
export { plateOf, plateSums, type PlateLine, type PlateSum } from './plates.js';
export { bitesFor, cheesePartners, type Bite } from './bites.js';
export { choiceOf, glanceOf, type ChoicePart, type Glance, type GroupChoice } from './glance.js';
export { NEAR_MM } from './near.js';
export { fairShare, shareOut } from './flow.js';
export {
  belongsTo,
  byUrgency,
  factCells,
  finding,
  inWords,
  isOfALabel,
  isOfTheLayout,
  isOverrulable,
  remedyEffect,
  remedyLabel,
  textOf,
  whyOf,
  type Fact,
  type Finding,
  type Remedy,
  type RemedyKind,
} from './finding.js';
export {
  FINDING_KINDS,
  SEVERITIES,
  type FindingArgs,
  type FindingCode,
  type FindingStation,
  type Severity,
} from './kinds.js';
export { standingAnywhere, standingOf, worstAsItLies, type Standing } from './standing.js';
export { triedRemedies, triedRemedy, type Tried } from './trial.js';
