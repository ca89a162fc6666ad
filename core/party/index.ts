export {
  ageFactor,
  agesMissing,
  countsOnSome,
  groupIdSchema,
  groupSchema,
  guestsIn,
  hasSmallChildren,
  isAgeNeed,
  isUnrestricted,
  STRICTNESSES,
  ownNeedSchema,
  needChoiceSchema,
  needsOf,
  portionsIn,
  portionsOf,
  type Group,
  type GroupId,
  type NeedChoice,
  type OwnNeed,
  type Strictness,
} from './group.js';
export {
  LONGEST_PARTY,
  readParty,
  inAll,
  totalOf,
  type LineProblem,
  type NeedWord,
  type PartyRead,
} from './lines.js';
export { unreadOf } from './avoid.js';
export type { Phrase, Vocabulary } from './phrases.js';
