import type { OwnNeed } from '../party/index.js';
import { isFactKey, possibleValues, type FactKey } from '../catalogue/index.js';
import type { NeedPack, Rule } from './pack.js';
import type { Said } from '../words/index.js';

const made = new WeakMap<OwnNeed, NeedPack>();

/** What is wrong with an own need's facts; undefined when nothing is. */
export function ownNeedProblem(own: OwnNeed): Said | undefined {
  for (const fact of own.facts) {
    if (!isFactKey(fact.fact)) return { say: 'no.fact', with: { id: fact.fact } };
    const wrong = fact.values.find((value) => !possibleValues(fact.fact as FactKey).includes(value));
    if (wrong !== undefined) return { say: 'no.value-of', with: { wrong, of: fact.fact } };
  }
  return undefined;
}

/** A stylist's own need becomes a pack like the others. Its foods are looked at by the judge. */
export function packOfOwn(own: OwnNeed): NeedPack {
  const known = made.get(own);
  if (known) return known;
  const pack: NeedPack = {
    id: own.id,
    name: own.name,
    also: [],
    rim: 'ticks',
    summary: own.name,
    strictness: 'strict',
    settings: [],
    rules: own.facts.map((fact): Rule => ({
      fact: fact.fact as FactKey,
      [fact.verdict]: fact.values,
      why: fact.why || `“${own.name}” leaves it out`,
      source: 'stylist',
    })),
    page: { traps: own.foods, good: [], note: 'Your own rule. Ask the guest.', sources: ['stylist'] },
  };
  made.set(own, pack);
  return pack;
}
