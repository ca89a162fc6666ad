import { mayBeAmong, namesWidely } from './wider.js';
import {
  factSource,
  factValue,
  known,
  possibleValues,
  wordsOf,
  type Component,
  type FactKey,
  type FormId,
  type Source,
} from '../catalogue/index.js';
import { memo1, memo2 } from '../measure/index.js';
import type { Arg } from '../words/index.js';
import { isAgeNeed, needsOf, type Group, type NeedChoice, type OwnNeed } from '../party/index.js';
import { whenOf, type NeedPack, type QuantityFact, type Reach, type Rule } from './pack.js';
import { judgeHelping, plateLimit } from './quantity.js';
import { meantBy } from './meant.js';
import { isFoodWord, packOf } from './registry.js';

export type Verdict = 'fine' | 'ask' | 'forbidden';

/** What a reason looks at: a fact, a figure of the whole plate, or the food itself. */
export type ReasonFact = FactKey | QuantityFact | 'food';

export interface Reason {
  need: string;
  fact: ReasonFact;
  value: string;
  verdict: Exclude<Verdict, 'fine'>;
  source: Source;
  /** To be said: why it is so, with "it" for the food. */
  why: Arg;
}

export interface Judgement {
  verdict: Verdict;
  reasons: Reason[];
}

/** Is all that must be asked how it was made? No label's secret: whoever buys it asks once, whoever cooks it knows. */
export const isOfTheMaking = ({ verdict, reasons }: Judgement): boolean =>
  verdict === 'ask' && reasons.every(({ fact }) => fact === 'process');

const RANK: Record<Verdict, number> = { fine: 0, ask: 1, forbidden: 2 };

export const worse = (a: Verdict, b: Verdict): Verdict => (RANK[a] >= RANK[b] ? a : b);

/** The values of a setting that hold: the guest's, or what the guest's strictness says, or the default. */
export function settingValues(pack: NeedPack, choice: NeedChoice, setting: string): string[] {
  const found = pack.settings.find((otherSetting) => otherSetting.id === setting);
  const text =
    choice.settings[setting] ?? found?.by?.[choice.strictness ?? pack.strictness] ?? found?.default ?? '';
  return text.split(',').map((value) => value.trim());
}

/** An allergy, or a child's or an unborn child's safety: where it is broken, service stops. */
export const isGrave = (pack: NeedPack, choice: NeedChoice): boolean =>
  (choice.strictness ?? pack.strictness) === 'allergy';

const inForce = new WeakMap<NeedChoice, Rule[]>();

export function rulesInForce(pack: NeedPack, choice: NeedChoice): Rule[] {
  const known = inForce.get(choice);
  if (known) return known;
  const rules = pack.rules.filter((rule) =>
    whenOf(rule).every((w) =>
      settingValues(pack, choice, w.setting).some((settingValue) => w.is.includes(settingValue)),
    ),
  );
  inForce.set(choice, rules);
  return rules;
}

function ofValue(rule: Rule, value: string): Verdict {
  if (rule.forbidden?.includes(value)) return 'forbidden';
  return rule.ask?.includes(value) ? 'ask' : 'fine';
}

/** What all possible values of a rule's fact agree on, else ask: worked out once for a rule. */
const agreed = new WeakMap<Rule, Verdict>();

function agreedVerdict(rule: Rule): Verdict {
  const before = agreed.get(rule);
  if (before) return before;
  const verdicts = new Set(possibleValues(rule.fact).map((value) => ofValue(rule, value)));
  const verdict = verdicts.size === 1 ? [...verdicts][0]! : 'ask';
  agreed.set(rule, verdict);
  return verdict;
}

/** A known value is looked up; for an unknown one the verdict is what all its possible values agree on, else ask. */
export const judgeValue = (rule: Rule, value: string): Verdict =>
  known(value) ? ofValue(rule, value) : agreedVerdict(rule);

/** Do the rule's other facts hold? While one of them is open, nobody knows. */
function condition(rule: Rule, component: Component, form: FormId): 'yes' | 'no' | 'open' {
  let open = false;
  for (const test of rule.and ?? []) {
    const value = factValue(component, test.fact, form);
    if (known(value) && !test.values.includes(value)) return 'no';
    if (!known(value)) open = true;
  }
  return open ? 'open' : 'yes';
}

const isAnswered = ({ answeredBy: by }: Rule, component: Component, form: FormId): boolean =>
  by !== undefined && by.values.includes(factValue(component, by.fact, form));

function judgeRule(rule: Rule, component: Component, form: FormId): Verdict {
  const value = factValue(component, rule.fact, form);
  if (!known(value) && isAnswered(rule, component, form)) return 'fine';
  const found = judgeValue(rule, value);
  if (found === 'fine' || !rule.and) return found;
  const holds = condition(rule, component, form);
  return holds === 'no' ? 'fine' : holds === 'open' ? 'ask' : found;
}

/** Plain words for a value that is no clear yes or no. */
function whyOf(rule: Rule, value: string, verdict: Verdict, made: Component['made']): Arg {
  if (value === 'may' && rule.whyMay) return { word: rule.whyMay };
  const why = { word: rule.why };
  if (known(value) || verdict === 'forbidden') return why;
  const open = made === 'home-made' ? 'reason.label-tells' : 'reason.brand';
  return { say: value === 'unknown' ? 'reason.nobody-said' : open, with: { why } };
}

const round = (n: number) => (n >= 100 ? Math.round(n) : Math.round(n * 10) / 10);

function quantityReason(pack: NeedPack, choice: NeedChoice, component: Component): Reason | undefined {
  const quantity = pack.quantity!;
  const setting = (id: string) => settingValues(pack, choice, id)[0]!;
  const { verdict, helping } = judgeHelping(component, pack, choice, setting);
  if (verdict === 'fine') return undefined;
  const limit = plateLimit(pack, choice);
  return {
    need: pack.id,
    fact: quantity.fact,
    value: `${round(helping.high)} ${quantity.unit}`,
    verdict,
    source: helping.low === helping.high ? component.sources.nutrition : 'not known',
    why: {
      say: helping.low === helping.high ? 'reason.helping' : 'reason.helping-open',
      with: {
        n: round(helping.high),
        limit,
        unit: { word: quantity.unit },
        what: { word: quantity.what },
      },
    },
  };
}

/** What a component is called, what it is made of, and what is in it. */
const namesOf = memo1(
  (component: Component): ReadonlySet<string> =>
    new Set(
      [component.name, component.baseFood, ...component.synonyms, ...component.ingredients].flatMap(wordsOf),
    ),
);

/** What a food of a family is, though its name does not say so. */
const KIND_OF_FAMILY: Partial<Record<Component['family'], readonly string[]>> = {
  cheese: ['cheese'],
  'cured-meat': ['meat'],
  fish: ['fish', 'seafood'],
  vehicle: ['bread', 'cracker'],
  'fresh-fruit': ['fruit'],
  'dried-fruit': ['fruit'],
  vegetable: ['vegetable'],
  pickle: ['vegetable', 'pickle'],
  'nut-seed': ['nut', 'seed'],
};

/** Foods that an own need names: the component itself, its base food, what it is called, what is in it. */
function namesFood(component: Component, foods: readonly string[]): string | undefined {
  const words = namesOf(component);
  const kind = KIND_OF_FAMILY[component.family] ?? [];
  return foods.find((food) => {
    const said = wordsOf(food);
    // "smoked cheese" is a scamorza that is smoked, too
    const holds = (word: string): boolean => words.has(word) || (said.length > 1 && kind.includes(word));
    return said.every(holds) || namesWidely(food, component, words);
  });
}

/** A bought food, or one that nobody has described, may hold what an own need leaves out. */
const mayHide = (component: Component) => component.made === 'compound' || component.made === 'unknown';

const strange = new WeakMap<OwnNeed, string | undefined>();

/** A food that no component answers to ("onoin"): which foods hold it cannot be told, so none is cleared. */
function strangeFood(own: OwnNeed): string | undefined {
  if (!strange.has(own))
    strange.set(
      own,
      meantBy(own).named.find((food) => !isFoodWord(food)),
    );
  return strange.get(own);
}

function foodReason(choice: NeedChoice, component: Component): Reason | undefined {
  const foods = choice.own ? meantBy(choice.own).named : [];
  if (foods.length === 0) return undefined;
  const named = namesFood(component, foods);
  const base = { need: choice.id, fact: 'food' as const, source: 'stylist' as const };
  if (named)
    return {
      ...base,
      value: named,
      verdict: 'forbidden',
      why: { say: 'reason.own', with: { rule: choice.own!.name, food: named } },
    };
  const nowhere = strangeFood(choice.own!);
  const among = foods.some((food) => mayBeAmong(food, namesOf(component)));
  if (nowhere === undefined && !among && !mayHide(component)) return undefined;
  return {
    ...base,
    value: 'unknown',
    verdict: 'ask',
    source: 'not known',
    why: nowhere
      ? { say: 'reason.no-such-food', with: { food: nowhere } }
      : { say: 'reason.perhaps-in-it', with: { food: foods[0]! } },
  };
}

/**
 * Judges one component in one form for one need. Rules count by their worst. Throws for a need that does not exist:
 * a plan with one is refused at the border.
 */
export function judgeNeed(component: Component, form: FormId, choice: NeedChoice): Judgement {
  const pack = packOf(choice);
  if (!pack) throw new Error(`expected a need of the registry, got "${choice.id}"`);
  const reasons: Reason[] = [];
  for (const rule of rulesInForce(pack, choice)) {
    const found = judgeRule(rule, component, form);
    if (found === 'fine') continue;
    const value = factValue(component, rule.fact, form);
    reasons.push({
      need: pack.id,
      fact: rule.fact,
      value,
      verdict: found,
      source: factSource(component, rule.fact),
      why: whyOf(rule, value, found, component.made),
    });
  }
  for (const other of choice.own ? meantBy(choice.own).choices : [])
    for (const reason of judgeNeed(component, form, other).reasons)
      reasons.push({ ...reason, need: choice.id });
  const more = [
    pack.quantity ? quantityReason(pack, choice, component) : undefined,
    foodReason(choice, component),
  ];
  return judgementOf([...reasons, ...more.filter((reason) => reason !== undefined)]);
}

const FINE: Judgement = { verdict: 'fine', reasons: [] };

/** The worst first. Two rules on one fact that say the same are one reason. */
function judgementOf(reasons: readonly Reason[]): Judgement {
  if (reasons.length === 0) return FINE;
  const sorted = [...reasons].sort((a, b) => RANK[b.verdict] - RANK[a.verdict]);
  return { verdict: sorted[0]?.verdict ?? 'fine', reasons: sorted };
}

const judgedBy = memo2((_component: Component, _group: Group) => new Map<FormId, Judgement>());

/** Judges for everything that a group lives by, its age included. The same food and guests are judged once. */
export function judgeGroup(component: Component, form: FormId, group: Group): Judgement {
  const known = judgedBy(component, group);
  let found = known.get(form);
  if (!found) {
    found = judgementOf(needsOf(group).flatMap((choice) => judgeNeed(component, form, choice).reasons));
    known.set(form, found);
  }
  return found;
}

/** Do the guests keep courses apart, such as meat from milk: a surface has the one or the other for them? */
export const keepsCoursesApart = (group: Group): boolean =>
  needsOf(group).some((choice) => (packOf(choice)?.apart?.length ?? 0) > 0);

/** Do the rules for a young child's age forbid it: a shape that chokes, raw milk, very salty food? */
export const forbiddenToSmall = ({ reasons }: Judgement): boolean =>
  reasons.some((reason) => isAgeNeed(reason.need) && reason.verdict === 'forbidden');

/** Is it what guests with such an allergy are often allergic to as well? For proposals only: nothing is forbidden by it. */
export const isOftenToo = memo2((component: Component, group: Group): boolean =>
  needsOf(group).some((choice) => {
    const pack = packOf(choice);
    return (
      pack !== undefined &&
      isGrave(pack, choice) &&
      (pack.oftenToo ?? []).some(({ fact, values }) =>
        values.includes(factValue(component, fact, component.forms[0]!.form)),
      )
    );
  }),
);

/** Forms of the component in which it would be fine. */
export function fineForms(component: Component, choice: NeedChoice): FormId[] {
  return component.forms
    .map((fact) => fact.form)
    .filter((form) => judgeNeed(component, form, choice).verdict === 'fine');
}

/** How near a food that carries is too near, for this guest's need. */
export function reachOf(pack: NeedPack, choice: NeedChoice): Reach {
  return pack.contact ? (settingValues(pack, choice, 'contact')[0] as Reach) : 'none';
}

export interface Carried {
  need: NeedPack;
  choice: NeedChoice;
  reach: Exclude<Reach, 'none'>;
  verdict: 'carries' | 'ask';
}

/** Does this food make others unsafe for the group, and how near? Unknown is never a no: `ask` says so. */
export const carriesTo = memo2((component: Component, group: Group): readonly Carried[] => {
  const out: Carried[] = [];
  for (const choice of needsOf(group)) {
    const pack = packOf(choice);
    const reach = pack ? reachOf(pack, choice) : 'none';
    if (!pack?.contact || reach === 'none') continue;
    const found = pack.contact.carriers.map((carrier) => {
      const value = factValue(component, carrier.fact, component.forms[0]!.form);
      if (carrier.values.includes(value)) return 'carries' as const;
      return known(value) ? undefined : ('ask' as const);
    });
    if (found.includes('carries')) out.push({ need: pack, choice, reach, verdict: 'carries' });
    else if (found.includes('ask')) out.push({ need: pack, choice, reach, verdict: 'ask' });
  }
  return out;
});
