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

/** What must not be in a food is asked where it may be in it: whoever ticked "sesame" did not clear its traces. */
const perhaps = ({ facts }: OwnNeed): OwnNeed['facts'] =>
  facts
    .filter(
      ({ fact, values, verdict }) =>
        verdict === 'forbidden' &&
        values.includes('contains') &&
        possibleValues(fact as FactKey).includes('may') &&
        !facts.some((other) => other.fact === fact && other.values.includes('may')),
    )
    .map(({ fact, why }) => ({ fact, values: ['may'], verdict: 'ask', why }));

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
    rules: [...own.facts, ...perhaps(own)].map((fact): Rule => ({
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
