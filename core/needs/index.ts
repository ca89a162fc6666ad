export type { Contact, NeedPack, RimPattern, Rule, Setting } from './pack.js';
export { NEEDS, NEED_WORDS, needPack } from './registry.js';
export {
  carriesTo,
  disliked,
  fineForms,
  judgeGroup,
  judgeNeed,
  judgeValue,
  rulesInForce,
  settingValues,
  worse,
  type Judgement,
  type Reason,
  type Verdict,
} from './judge.js';
