export {
  QUANTITY_FACTS,
  REACHES,
  type Apart,
  type Contact,
  type FactTest,
  type NeedPack,
  type PlainWords,
  type Quantity,
  type QuantityFact,
  type Reach,
  type RimPattern,
  type Rule,
  type Setting,
} from './pack.js';
export { plainRim, rimLook, type RimInner, type RimLook } from './rim.js';
export { packsMeant } from './meant.js';
export { isFoodWord, NEEDS, NEED_WORDS, needPack, packOf } from './registry.js';
export { ownNeedProblem } from './own.js';
export { helpingG, per100, plateLimit, type Range } from './quantity.js';
export { disliked } from './dislikes.js';
export {
  carriesTo,
  fineForms,
  forbiddenToSmall,
  isGrave,
  isOfTheMaking,
  isOftenToo,
  judgeGroup,
  judgeNeed,
  judgeValue,
  keepsCoursesApart,
  reachOf,
  rulesInForce,
  settingValues,
  worse,
  type Carried,
  type Judgement,
  type Reason,
  type ReasonFact,
  type Verdict,
} from './judge.js';
