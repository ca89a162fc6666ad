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
export { LONGEST_PARTY, readParty, totalOf, type PartyRead } from './lines.js';
export { saysNeed } from './named.js';
export { numberOf } from './parts.js';
export { purposeOf } from './purpose.js';
export { asideOf, moneyOf } from './aside.js';
export { formAsideOf } from './forms.js';
export { dayOf, hourOf, unclearDayOf } from './when.js';
export { otherReadings, type Among, type OtherReading } from './readings.js';
export type { LineProblem } from './part.js';
export { unreadOf } from './avoid.js';
export { readPhrases } from './phrases.js';
export type { NeedWord, Phrase, Vocabulary } from './vocabulary.js';
