import { ALL_FACT_KEYS, NUT_SPECIES, type Component, type FactKey } from '../catalogue/index.js';
import { CLAIMS, FREE_WORD, FREE_WORDS, X_FREE } from './claims.js';
import { fold, withoutMarks } from './fold.js';
import { isHarmless } from './harmless.js';
import { readNutrition } from './nutrition.js';
import { processOf } from './process.js';
import { statementsOf, type Statement } from './statements.js';
import { LOOK_ALIKES, PLANT_MADE, TERMS, type Term } from './terms.js';

/** Words of the label that led to a fact. Places are in UTF-16 units of the text as it was pasted. */
export interface LabelSpan {
  start: number;
  end: number;
  text: string;
  fact: FactKey;
  value: string;
}

/** Words that the label leaves open, or that the reader does not know. Nothing is guessed from them. */
export interface LabelQuestion {
  start: number;
  end: number;
  text: string;
  facts: readonly FactKey[];
  question: string;
}

export interface LabelRead {
  /** Every fact that a label can tell; what it leaves open is "brand", "depends" or "unknown". */
  facts: Record<string, string>;
  spans: LabelSpan[];
  questions: LabelQuestion[];
  nutrition: Partial<Component['per100g']>;
  /** A whole list of ingredients was found, and every word of it is known. */
  complete: boolean;
}

interface Match {
  start: number;
  end: number;
  term: Term;
}

/** Alternatives with the longest first, for the engine takes the first that fits: "oat flour" before "oat". */
function longestFirst(words: string): string {
  const parts: string[] = [''];
  let depth = 0;
  for (const ch of words) {
    if (ch === '(') depth++;
    if (ch === ')') depth--;
    if (ch === '|' && depth === 0) parts.push('');
    else parts[parts.length - 1] += ch;
  }
  return parts.sort((a, b) => b.length - a.length).join('|');
}

const compiled = [LOOK_ALIKES, PLANT_MADE, TERMS].map((terms) =>
  terms.map((term) => ({
    term,
    words: new RegExp(`(?<![a-z0-9])(?:${longestFirst(term.words)})(?![a-z0-9])`, 'g'),
  })),
);

/** Known words in a stretch: the longer wins where two overlap, a look-alike before what it looks like. */
function matchesIn(folded: string, { start, end }: Statement): Match[] {
  const text = folded.slice(start, end);
  const all = compiled.flatMap((terms, tier) =>
    terms.flatMap(({ term, words }) =>
      [...text.matchAll(words)]
        .filter((m) => m[0].length > 0)
        .map((m) => ({ start: start + m.index, end: start + m.index + m[0].length, term, tier })),
    ),
  );
  all.sort((a, b) => b.end - b.start - (a.end - a.start) || a.tier - b.tier || a.start - b.start);
  const taken: Match[] = [];
  for (const m of all) if (!taken.some((x) => m.start < x.end && x.start < m.end)) taken.push(m);
  return taken.sort((a, b) => a.start - b.start);
}

/** How much a value weighs against another of the same fact: the graver wins, whatever came first. */
const WEIGHT: Record<string, number> = {
  contains: 9,
  pork: 9,
  animal: 9,
  raw: 9,
  needed: 9,
  uncertified: 9,
  unscaled: 9,
  beef: 8,
  brand: 7,
  depends: 7,
  scaled: 5,
  fish: 5,
  certified: 4,
  may: 4,
  low: 4,
  microbial: 3,
  vegetable: 3,
  pasteurised: 3,
  free: 1,
  none: 1,
  'no-meat': 1,
};

type Told = Map<FactKey, LabelSpan>;

function tell(told: Told, spans: LabelSpan[], span: LabelSpan): void {
  spans.push(span);
  const before = told.get(span.fact);
  if (!before || (WEIGHT[span.value] ?? 0) > (WEIGHT[before.value] ?? 0)) told.set(span.fact, span);
}

const isAllergen = (key: FactKey) =>
  key.startsWith('allergen.') || key.startsWith('nut.') || key === 'alcohol';

/** What a term says in a stretch of this kind. */
function factsIn(kind: Statement['kind'], term: Term): readonly (readonly [FactKey, string])[] {
  if (kind === 'list' || kind === 'contains') return term.facts;
  if (kind === 'other') return [];
  const value = kind === 'may' ? 'may' : 'free';
  return term.facts
    .filter(
      ([key, v]) => v === 'contains' && (isAllergen(key) || (kind === 'free' && key.startsWith('animal.'))),
    )
    .map(([key]) => [key, value] as const);
}

/** "May contain nuts" means each of the eight kinds that labels count as such. */
function everySpecies(key: FactKey, value: string): FactKey[] {
  if (key !== 'allergen.tree-nuts' || value !== 'may') return [];
  return NUT_SPECIES.filter((s) => s !== 'coconut' && s !== 'pine-nut').map((s) => `nut.${s}` as const);
}

const OATS_CERTIFIED: readonly (readonly [FactKey, string])[] = [['oats', 'certified']];

/** "Not gluten free", "may not be vegan": the words before take the claim back. */
const isDenied = (folded: string, at: number): boolean =>
  /\b(?:not|non|un|never|isn't|no longer)[- ]?(?:be |a |suitable for |considered )?$/.test(
    folded.slice(Math.max(0, at - 24), at),
  );

/** Does a claim stand at the beginning of a sentence or an item, and end with it? */
const beginsThere = (folded: string, at: number): boolean =>
  /(?:^|[.,;:!(\n|*])\s*$/.test(folded.slice(Math.max(0, at - 20), at));
const endsThere = (folded: string, at: number): boolean =>
  /^\s*(?:$|[.,;!)\n|&]|and\b|suitable|made|kitchen|bakery|range)/.test(folded.slice(at, at + 20));

/** Claims such as "gluten-free" and "suitable for vegans", outside warnings about traces. */
function readClaims(folded: string, original: string, statements: readonly Statement[]) {
  const spans: LabelSpan[] = [];
  const questions: LabelQuestion[] = [];
  const kindAt = (at: number) => statements.find((s) => s.start <= at && at < s.end)?.kind;
  const span = (start: number, end: number, fact: FactKey, value: string) =>
    spans.push({ start, end, text: original.slice(start, end), fact, value });
  for (const m of folded.matchAll(X_FREE)) {
    const end = m.index + m[0].length;
    const kind = kindAt(m.index);
    const words = [...m[1]!.matchAll(FREE_WORD)];
    if (isDenied(folded, m.index)) {
      // "not gluten free" says that it has it
      for (const word of words)
        for (const fact of FREE_WORDS[word[1]!] ?? []) span(m.index, end, fact, 'contains');
      continue;
    }
    if (kind === 'may' || !endsThere(folded, end)) continue;
    // "contains soy and gluten free oats": only the word beside "free" is free, unless the claim stands alone
    const told = kind !== 'list' && beginsThere(folded, m.index) ? words : words.slice(-1);
    const from = m.index + (told[0]?.index ?? 0);
    for (const word of told)
      for (const fact of FREE_WORDS[word[1]!] ?? []) {
        span(from, end, fact, 'free');
        if (fact === 'allergen.gluten') for (const [f, v] of OATS_CERTIFIED) span(from, end, f, v);
      }
  }
  for (const claim of CLAIMS)
    for (const m of folded.matchAll(claim.words)) {
      const kind = kindAt(m.index);
      if (kind === 'may' || isDenied(folded, m.index)) continue;
      // "vegan sausage, E471": one ingredient's claim is not the food's
      const whole = beginsThere(folded, m.index) && endsThere(folded, m.index + m[0].length);
      if (kind === 'list' && claim.facts.some(([, v]) => v === 'free' || v === 'none') && !whole) continue;
      const [start, end] = [m.index, m.index + m[0].length];
      if (spans.some((s) => s.start <= start && end <= s.end && s.value === 'brand')) continue;
      for (const [fact, value] of claim.facts) span(start, end, fact, value);
      if (claim.question)
        questions.push({
          start,
          end,
          text: original.slice(start, end),
          facts: claim.facts.length > 0 ? claim.facts.map(([f]) => f) : ['slaughter', 'supervision'],
          question: claim.question,
        });
    }
  return { spans, questions };
}

const blank = (text: string, spans: readonly LabelSpan[]): string =>
  spans.reduce((t, s) => t.slice(0, s.start) + ' '.repeat(s.end - s.start) + t.slice(s.end), text);

const claimedSpan = (told: Told, fact: FactKey) => told.get(fact)?.value;

/** Words of a list that are neither a term nor harmless. */
function unknownWords(
  folded: string,
  original: string,
  list: Statement,
  matches: readonly Match[],
): LabelQuestion[] {
  const out: LabelQuestion[] = [];
  const text = folded.slice(list.start, list.end);
  const head = /^[\s\S]*?\bingredients?\b\s*[:-]/.exec(text)?.[0].length ?? 0;
  for (const m of text.matchAll(/[a-z0-9][a-z0-9'-]*/g)) {
    const [start, end] = [list.start + m.index, list.start + m.index + m[0].length];
    if (m.index < head || matches.some((x) => start < x.end && x.start < end)) continue;
    const parts = m[0].split(/['-]/).filter(Boolean);
    if (parts.every(isHarmless)) continue;
    const last = out.at(-1);
    // neighbours that are both unknown are one question
    if (last && /^\s+$/.test(folded.slice(last.end, start))) {
      last.end = end;
      last.text = original.slice(last.start, end);
    } else
      out.push({
        start,
        end,
        text: original.slice(start, end),
        facts: [],
        question: 'what is it, and what is in it?',
      });
  }
  return out;
}

/** Where a label names nothing, law and a whole list say that it is not in it; otherwise nobody knows. */
const IF_NAMED_NOWHERE: Partial<Record<FactKey, string>> = {
  'gelatine-from': 'none',
  rennet: 'none',
  slaughter: 'no-meat',
  oats: 'none',
  lactose: 'none',
  'fish-kind': 'none',
  supervision: 'not-needed',
};

/** A list that names cheese asks whether its milk was raw; other milk in bought food is pasteurised unless it says raw. */
function milkTreatment(told: Told): string {
  const said = told.get('milk-treatment')?.value;
  if (said) return said;
  if (told.get('animal.milk')?.value === 'free' || !told.has('animal.milk')) return 'none';
  return told.has('rennet') ? 'depends' : 'pasteurised';
}

/** Tree nuts named by kind leave the other kinds out; "nuts" alone leaves every kind open. */
function species(key: FactKey, told: Told, namedByKind: boolean): string {
  const all = told.get('allergen.tree-nuts')?.value;
  if (key === 'nut.coconut' || key === 'nut.pine-nut')
    return all === 'contains' && !namedByKind ? 'unknown' : 'free';
  if (all === 'contains' && !namedByKind) return 'unknown';
  return all === 'brand' ? 'brand' : 'free';
}

function completed(told: Told, complete: boolean, process: string): Record<string, string> {
  const facts: Record<string, string> = {};
  const namedByKind = NUT_SPECIES.some((s) => told.get(`nut.${s}`)?.value === 'contains');
  for (const key of ALL_FACT_KEYS) {
    if (key === 'choking' || key === 'salt-class') continue;
    const said = told.get(key)?.value;
    if (said) facts[key] = said;
    else if (!complete) facts[key] = 'unknown';
    else if (key === 'process') facts[key] = process;
    else if (key === 'milk-treatment') facts[key] = milkTreatment(told);
    else if (key.startsWith('nut.')) facts[key] = species(key, told, namedByKind);
    else facts[key] = IF_NAMED_NOWHERE[key] ?? 'free';
  }
  if (complete && facts['milk-treatment'] !== 'raw') facts['milk-treatment'] = milkTreatment(told);
  return facts;
}

/** A claim that the list speaks against: the list wins, and somebody has to look. */
function contradictions(told: Told, claims: readonly LabelSpan[]): LabelQuestion[] {
  const seen = new Set<string>();
  return claims.flatMap((claim) => {
    const said = told.get(claim.fact);
    const broken =
      said !== undefined &&
      ((claim.value === 'free' && said.value === 'contains') ||
        (claim.fact === 'rennet' && said.value === 'animal'));
    const key = `${claim.start} ${said?.start}`;
    if (!broken || seen.has(key)) return [];
    seen.add(key);
    return [
      {
        start: claim.start,
        end: claim.end,
        text: claim.text,
        facts: [claim.fact],
        question: `it says so, and names “${said.text}” too: which is right?`,
      },
    ];
  });
}

/** Facts that a claim settles although an ingredient left them open: "gluten-free" on flour, "vegan" on flavouring. */
function settle(told: Told, claims: readonly LabelSpan[]): void {
  for (const claim of claims) {
    const said = told.get(claim.fact)?.value;
    const openFact = said === 'brand' || (said === 'depends' && claim.fact !== 'milk-treatment');
    const lactose = claim.fact === 'lactose' && claim.value === 'none';
    const oats =
      claim.fact === 'oats' && said === 'uncertified' && told.get('allergen.gluten')?.value !== 'contains';
    if (openFact || lactose || oats) told.set(claim.fact, claim);
  }
}

/**
 * Reads the text of a label in English. Allergens are named by law, so that a whole list which does not name one says
 * that it is no ingredient; a warning about traces says "may"; a claim says "free" unless the list names it. Words that
 * leave something open, or that the reader does not know, are questions, and what they touch stays open.
 */
export function readLabel(text: string): LabelRead {
  const folded = fold(withoutMarks(text));
  const statements = statementsOf(folded);
  const claims = readClaims(folded, text, statements);
  // what a claim says is taken: "gluten-free" names no gluten
  const rest = blank(folded, claims.spans);
  const told: Told = new Map();
  const spans: LabelSpan[] = [];
  const questions: LabelQuestion[] = [];
  let [lists, known] = [0, 0];
  const unknown: LabelQuestion[] = [];
  for (const s of statements) {
    const matches = matchesIn(rest, s);
    for (const m of matches) {
      const words = { start: m.start, end: m.end, text: text.slice(m.start, m.end) };
      for (const [fact, value] of factsIn(s.kind, m.term)) {
        tell(told, spans, { ...words, fact, value });
        for (const more of everySpecies(fact, value)) tell(told, spans, { ...words, fact: more, value });
      }
      if (m.term.open && s.kind === 'list')
        questions.push({ ...words, facts: m.term.facts.map(([f]) => f), question: m.term.open });
    }
    if (s.kind !== 'list') continue;
    const strange = unknownWords(rest, text, s, matches);
    const anything =
      matches.length > 0 || /[a-z]{3}/.test(rest.slice(s.start, s.end).replace(/\bingredients?\b/, ''));
    if (anything) lists++;
    known += matches.length;
    unknown.push(...strange);
  }
  const complete = lists > 0 && unknown.length === 0;
  const against = contradictions(told, claims.spans);
  for (const span of claims.spans) if (span.value === 'contains') tell(told, [], span);
  settle(told, claims.spans);
  for (const span of claims.spans) if (!told.has(span.fact)) told.set(span.fact, span);
  spans.push(...claims.spans);
  // "brand" from a cheese's rennet gives way to a rennet that is named
  const rennets = spans.filter((s) => s.fact === 'rennet');
  const named = rennets.find((s) => s.value === 'microbial' || s.value === 'vegetable');
  const bare = questions.some((q) => q.facts.includes('rennet') && /rennet|coagulant|enzyme/i.test(q.text));
  if (claimedSpan(told, 'rennet') === 'depends' && named && !bare) told.set('rennet', named);
  return {
    facts: completed(told, complete, processOf(folded, statements)),
    spans: spans.sort((a, b) => a.start - b.start || a.end - b.end),
    questions: [...questions, ...unknown, ...claims.questions, ...against].sort((a, b) => a.start - b.start),
    nutrition: readNutrition(folded),
    complete: complete && (known > 0 || lists > 0),
  };
}
