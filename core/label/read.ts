import {
  ALL_FACT_KEYS,
  NUT_SPECIES,
  type Component,
  type FactKey,
  type Process,
} from '../catalogue/index.js';
import { LANGUAGES, type Language } from './languages.js';
import { lexiconOf, type Lexicon } from './lexicon.js';
import { itemsOf, type Item } from './match.js';
import { isOutside, saidIn, type Said } from './meaning.js';
import { hasTable, readNutrition } from './nutrition.js';
import { statementsOf, withoutAddresses, type Statement } from './statements.js';
import { placeOf, plainText, type PlainText } from './text.js';
import { tokensOf } from './tokens.js';

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
  /** Languages that the text was read in, the one with most of its words first. */
  languages: { id: Language['id']; name: string }[];
}

/** Longer texts are no label; what stands beyond is asked for. UTF-16 units. */
export const LONGEST_LABEL = 8000;

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

/** How it was made, the gravest first. */
const GRAVITY: readonly Process[] = [
  'raw-fish',
  'pate',
  'mould-ripened',
  'soft-blue',
  'sprouts',
  'cold-smoked',
  'hot-smoked',
  'pink-meat',
  'cured',
  'raw-egg',
  'unknown',
  'hard-blue',
  'cooked-meat',
  'cooked-fish',
  'hard-cheese',
];

type Told = Map<FactKey, LabelSpan>;

function tell(told: Told, spans: LabelSpan[], span: LabelSpan): void {
  spans.push(span);
  const before = told.get(span.fact);
  if (!before || (WEIGHT[span.value] ?? 0) > (WEIGHT[before.value] ?? 0)) told.set(span.fact, span);
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

function completed(told: Told, complete: boolean, process: Process): Record<string, string> {
  const facts: Record<string, string> = {};
  const namedByKind = NUT_SPECIES.some((species) => told.get(`nut.${species}`)?.value === 'contains');
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

interface Read {
  statement: Statement;
  said: Said;
}

/** Each statement read in its own language, with the languages that the rest of the text is written in beside it. */
function readAll(plain: PlainText, original: string): Read[] {
  const all = LANGUAGES.map(lexiconOf);
  const text = withoutAddresses(plain.text);
  const at = (from: number, to: number) => original.slice(...placeOf(plain, from, to));
  const statements = statementsOf(text, all, at);
  const weights = new Map<Lexicon, number>();
  for (const statement of statements)
    weights.set(statement.lexicon, (weights.get(statement.lexicon) ?? 0) + statement.end - statement.start);
  const used = [...weights].sort((a, b) => b[1] - a[1]).map(([lexicon]) => lexicon);
  const table = hasTable(text);
  const isName = (item: Item) => /^[\p{Lu}\d]/u.test(original.slice(...placeOf(plain, item.start, item.end)));
  const readIn = (statement: Statement, lexicon: Lexicon): Said => {
    const reader = { lexicon, beside: used.filter((otherLexicon) => otherLexicon !== lexicon), all };
    const items = itemsOf(tokensOf(text, statement.start, statement.end), text, reader);
    return saidIn(items, { ...statement, lexicon }, table, isName);
  };
  return statements.flatMap((statement) => {
    const said = readIn(statement, statement.lexicon);
    // where two languages know as much, what either fears is told; what is open is asked once
    const others = statement.tied.map((lexicon) => {
      const other = readIn(statement, lexicon);
      return {
        ...other,
        claims: [],
        questions: other.questions.filter((question) => question.item.what !== 'open'),
      };
    });
    return [said, ...others].map((said) => ({ statement, said: said }));
  });
}

/** Words that stand outside the list and that it does not confirm. */
function unconfirmed(
  outside: readonly LabelSpan[],
  told: Told,
): { spans: LabelSpan[]; questions: LabelQuestion[] } {
  const spans: LabelSpan[] = [];
  const questions = new Map<number, LabelQuestion>();
  for (const span of outside) {
    const known = told.get(span.fact)?.value;
    const sure =
      known === span.value || known === 'contains' || known === 'animal' || known === 'uncertified';
    if (sure || !/^(?:allergen|nut|animal|ingredient|alcohol)/.test(span.fact)) continue;
    spans.push({ ...span, value: 'brand' });
    const asked = questions.get(span.start);
    questions.set(span.start, {
      start: span.start,
      end: span.end,
      text: span.text,
      facts: [...(asked?.facts ?? []), span.fact],
      question: 'named outside the list of ingredients: is it in it?',
    });
  }
  return { spans, questions: [...questions.values()] };
}

/** Neighbours that are both unknown are one question. */
function merged(questions: readonly LabelQuestion[], text: string): LabelQuestion[] {
  const out: LabelQuestion[] = [];
  for (const question of questions) {
    const last = out.at(-1);
    if (
      last &&
      last.question === question.question &&
      question.facts.length === 0 &&
      /^\s+$/.test(text.slice(last.end, question.start))
    ) {
      last.end = question.end;
      last.text = text.slice(last.start, question.end);
    } else out.push({ ...question });
  }
  return out;
}

/** What all statements of a label say, each with its place in the text. */
function gathered(reads: ReturnType<typeof readAll>, plain: ReturnType<typeof plainText>, text: string) {
  const place = (items: readonly { start: number; end: number }[]) => {
    const [start] = placeOf(plain, items[0]!.start, items[0]!.end);
    const last = items.at(-1)!;
    const [, end] = placeOf(plain, last.start, last.end);
    return { start, end, text: text.slice(start, end) };
  };
  const told: Told = new Map();
  const spans: LabelSpan[] = [];
  const [outside, claims]: [LabelSpan[], LabelSpan[]] = [[], []];
  const [questions, open, asked]: [LabelQuestion[], LabelQuestion[], LabelQuestion[]] = [[], [], []];
  for (const { statement, said } of reads) {
    for (const { item, fact, value } of said.told) {
      const span = { ...place([item]), fact, value };
      if (isOutside(statement.kind)) outside.push(span);
      else tell(told, spans, span);
    }
    for (const { item, facts, question } of said.questions)
      (item.what === 'open' ? open : questions).push({ ...place([item]), facts, question });
    for (const claim of said.claims) {
      const where = place(claim.items);
      for (const [fact, value] of claim.facts) claims.push({ ...where, fact, value });
      if (claim.question)
        asked.push({
          ...where,
          facts: claim.facts.length > 0 ? claim.facts.map(([fact]) => fact) : ['slaughter', 'supervision'],
          question: claim.question,
        });
    }
  }
  return { told, spans, outside, claims, questions, open, asked };
}

const unreadRest = (text: string): LabelQuestion => ({
  start: text.length,
  end: text.length,
  text: '',
  facts: [],
  question: `the text is longer than ${LONGEST_LABEL.toLocaleString('en')} letters: what stands after them was not read`,
});

/**
 * Reads the text of a label in any of the languages of `data/`, each statement in its own. Every word is a known
 * ingredient, a known harmless word or grammar; any other is open and asks. Allergens are named by law, so that a whole
 * list which does not name one says that it is no ingredient; a warning about traces says "may"; a claim says "free" unless
 * the list names it.
 */
export function readLabel(whole: string): LabelRead {
  const text = whole.slice(0, LONGEST_LABEL);
  const plain = plainText(text);
  const reads = readAll(plain, text);
  const { told, spans, outside, claims, questions, open, asked } = gathered(reads, plain, text);
  const aside = unconfirmed(outside, told);
  for (const span of aside.spans) tell(told, spans, span);
  const listed = reads.some(({ statement, said }) => statement.kind === 'list' && said.named);
  const tooLong = whole.length > LONGEST_LABEL;
  const complete = listed && open.length === 0 && !tooLong;
  const against = contradictions(told, claims);
  for (const span of claims) if (span.value === 'contains' || span.value === 'brand') tell(told, [], span);
  settle(
    told,
    claims.filter((span) => span.value !== 'brand'),
  );
  for (const span of claims) if (!told.has(span.fact)) told.set(span.fact, span);
  spans.push(...claims);
  settleRennet(told, spans, questions);
  const processes = reads.flatMap((read) => read.said.processes);
  return {
    facts: completed(told, complete, GRAVITY.find((p) => processes.includes(p)) ?? 'plain'),
    spans: spans.sort((a, b) => a.start - b.start || a.end - b.end),
    questions: [
      ...questions,
      ...merged(open, text),
      ...aside.questions,
      ...asked,
      ...against,
      ...(tooLong ? [unreadRest(text)] : []),
    ].sort((a, b) => a.start - b.start),
    nutrition: readNutrition(plain.text),
    complete,
    languages: languagesOf(reads),
  };
}

/** "Depends" of a cheese gives way to a rennet that is named, unless a bare "rennet" stands there, too. */
function settleRennet(told: Told, spans: readonly LabelSpan[], questions: readonly LabelQuestion[]): void {
  const named = spans.find(
    (span) => span.fact === 'rennet' && (span.value === 'microbial' || span.value === 'vegetable'),
  );
  const bare = questions.some((question) => question.facts.length === 1 && question.facts[0] === 'rennet');
  if (told.get('rennet')?.value === 'depends' && named && !bare) told.set('rennet', named);
}

function languagesOf(reads: readonly Read[]): LabelRead['languages'] {
  const letters = new Map<Language, number>();
  for (const { statement } of reads) {
    const { language } = statement.lexicon;
    letters.set(language, (letters.get(language) ?? 0) + statement.end - statement.start);
  }
  return [...letters].sort((a, b) => b[1] - a[1]).map(([{ id, name }]) => ({ id, name }));
}
