import {
  factSource,
  factValue,
  known,
  possibleValues,
  type Component,
  type FactKey,
  type FormId,
  type Source,
} from '../catalogue/index.js';
import { needsOf, type Group, type NeedChoice } from '../party/index.js';
import type { NeedPack, Rule } from './pack.js';
import { needPack } from './registry.js';

export type Verdict = 'fine' | 'ask' | 'forbidden';

export interface Reason {
  need: string;
  fact: FactKey;
  value: string;
  verdict: Exclude<Verdict, 'fine'>;
  source: Source;
  text: string;
}

export interface Judgement {
  verdict: Verdict;
  reasons: Reason[];
}

const RANK: Record<Verdict, number> = { fine: 0, ask: 1, forbidden: 2 };

export const worse = (a: Verdict, b: Verdict): Verdict => (RANK[a] >= RANK[b] ? a : b);

/** The values of a setting that hold: the guest's, or the default. */
export function settingValues(pack: NeedPack, choice: NeedChoice, setting: string): string[] {
  const text = choice.settings[setting] ?? pack.settings.find((s) => s.id === setting)?.default ?? '';
  return text.split(',').map((v) => v.trim());
}

export function rulesInForce(pack: NeedPack, choice: NeedChoice): Rule[] {
  const { rules } = pack;
  return rules.filter(
    (r) => !r.when || settingValues(pack, choice, r.when.setting).some((v) => r.when!.is.includes(v)),
  );
}

function ofValue(rule: Rule, value: string): Verdict {
  if (rule.forbidden?.includes(value)) return 'forbidden';
  return rule.ask?.includes(value) ? 'ask' : 'fine';
}

/** A known value is looked up; for an unknown one the verdict is what all its possible values agree on, else ask. */
export function judgeValue(rule: Rule, value: string): Verdict {
  if (known(value)) return ofValue(rule, value);
  const verdicts = new Set(possibleValues(rule.fact).map((v) => ofValue(rule, v)));
  return verdicts.size === 1 ? [...verdicts][0]! : 'ask';
}

/** Plain words for a value that is no clear yes or no. */
function sentence(rule: Rule, value: string, verdict: Verdict): string {
  if (known(value) || verdict === 'forbidden') return rule.why;
  const because = value === 'unknown' ? 'nobody has said' : 'it depends on the brand';
  return `${because}: perhaps ${rule.why}`;
}

/**
 * Judges one component in one form for one need. Several rules on the same fact (from settings that hold together)
 * count by their worst. Throws for a need that does not exist: a plan with one is refused at the border.
 */
export function judgeNeed(component: Component, form: FormId, choice: NeedChoice): Judgement {
  const pack = needPack(choice.id);
  if (!pack) throw new Error(`expected a need of the registry, got "${choice.id}"`);
  let verdict: Verdict = 'fine';
  const reasons: Reason[] = [];
  for (const rule of rulesInForce(pack, choice)) {
    const value = factValue(component, rule.fact, form);
    const found = judgeValue(rule, value);
    if (found === 'fine') continue;
    verdict = worse(verdict, found);
    reasons.push({
      need: pack.id,
      fact: rule.fact,
      value,
      verdict: found,
      source: factSource(component, rule.fact),
      text: sentence(rule, value, found),
    });
  }
  reasons.sort((a, b) => RANK[b.verdict] - RANK[a.verdict]);
  return { verdict, reasons };
}

/** Judges for everything that a group lives by, its age included. */
export function judgeGroup(component: Component, form: FormId, group: Group): Judgement {
  let verdict: Verdict = 'fine';
  const reasons: Reason[] = [];
  for (const choice of needsOf(group)) {
    const one = judgeNeed(component, form, choice);
    verdict = worse(verdict, one.verdict);
    reasons.push(...one.reasons);
  }
  reasons.sort((a, b) => RANK[b.verdict] - RANK[a.verdict]);
  return { verdict, reasons };
}

/** Forms of the component in which it would be fine. */
export function fineForms(component: Component, choice: NeedChoice): FormId[] {
  return component.forms.map((f) => f.form).filter((f) => judgeNeed(component, f, choice).verdict === 'fine');
}

const plural = (word: string) => word.replace(/s$/, '');

/** A dislike names a component, a base food, a family or a taste ("hot", "blue"). It is no verdict: guests pass. */
export function disliked(component: Component, group: Group): boolean {
  return group.dislikes.some((d) => {
    const word = plural(d.toLowerCase());
    if (word === 'hot') return (component.taste?.heat ?? 0) >= 3;
    const names = [
      component.name,
      component.baseFood,
      ...component.synonyms,
      component.family.replace('-', ' '),
    ];
    return names.some((n) => n.toLowerCase().includes(word));
  });
}

/** Does this food make its neighbours unsafe for the group? Unknown is never a no: `ask` says so. */
export function carriesTo(
  component: Component,
  group: Group,
): { need: NeedPack; verdict: 'carries' | 'ask' }[] {
  const out: { need: NeedPack; verdict: 'carries' | 'ask' }[] = [];
  for (const choice of needsOf(group)) {
    const pack = needPack(choice.id);
    if (!pack?.contact) continue;
    const found = pack.contact.carriers.map((c) => {
      const value = factValue(component, c.fact, component.forms[0]!.form);
      if (c.values.includes(value)) return 'carries' as const;
      return value === 'unknown' || value === 'brand' ? ('ask' as const) : undefined;
    });
    if (found.includes('carries')) out.push({ need: pack, verdict: 'carries' });
    else if (found.includes('ask')) out.push({ need: pack, verdict: 'ask' });
  }
  return out;
}
