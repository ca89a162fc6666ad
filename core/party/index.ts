export {
  ageFactor,
  agesMissing,
  groupIdSchema,
  groupSchema,
  guestsIn,
  hasSmallChildren,
  needChoiceSchema,
  needsOf,
  portionsIn,
  portionsOf,
  type Group,
  type GroupId,
  type NeedChoice,
} from './group.js';
export { readParty, totalOf, type LineProblem, type NeedWord, type PartyRead } from './lines.js';
