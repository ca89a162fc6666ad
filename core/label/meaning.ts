import { NUT_SPECIES, type FactKey, type Process } from '../catalogue/index.js';
import { claimOf, freed, type Claim } from './claims.js';
import { CONCEPTS } from './concepts.js';
import type { Item } from './match.js';
import { Reading, type Fact } from './reading.js';
import type { Statement } from './statements.js';

/** What a statement says, item by item. */
export interface Said {
  told: { item: Item; fact: FactKey; value: string }[];
  questions: { item: Item; facts: readonly FactKey[]; question: string }[];
  claims: Claim[];
  processes: Process[];
  /** A food was named, known or not. */
  named: boolean;
}

const isOpenValue = (value: string) => value === 'brand' || value === 'depends';
const AND = /^(?:and|or|und|oder|sowie|et|ou|e|o|ed|y|u|en|of|i|lub|oraz|albo|&|\+)$/;

/** "May contain nuts" means each of the eight kinds that labels count as such. */
function everySpecies(key: FactKey): FactKey[] {
  if (key !== 'allergen.tree-nuts') return [];
  return NUT_SPECIES.filter((species) => species !== 'coconut' && species !== 'pine-nut').map(
    (species) => `nut.${species}` as const,
  );
}

const isAllergen = (key: FactKey) => /^(?:allergen|nut)\./.test(key) || key === 'alcohol';

/** Facts that a warning about traces tells. */
const traces = (facts: readonly Fact[]): Fact[] =>
  facts
    .filter(([key]) => isAllergen(key))
    .filter(([, value]) => value === 'contains' || value === 'brand')
    .map(([key, value]) => [key, value === 'contains' ? 'may' : 'brand']);

/** "Not", "no", "never" close before it take a claim back. */
function denied(reading: Reading, i: number): boolean {
  const { from } = reading.run(i);
  return reading.items
    .slice(Math.max(from, i - 6), i)
    .some((item) => item.what !== 'mark' && reading.lexicon.is('denial', item.words));
}

interface Taken {
  /** Items that a claim or a negation has used up. */
  items: Set<number>;
  /** Facts that a claim beside the word takes from the words of its run. */
  cleared: Map<number, Map<FactKey, string>>;
}

/** "Gluten-free oats", "dairy and egg free", "free from nuts": who is free of what, and how far the words reach. */
function readFree(reading: Reading, said: Said): Taken {
  const taken: Taken = { items: new Set(), cleared: new Map() };
  const { items, statement } = reading;
  if (statement.kind === 'free') {
    for (let i = 0; i < items.length; i++)
      if (items[i]!.what === 'concept') {
        taken.items.add(i);
        const facts = freed(items[i]!.id!, items[i]!.words);
        if (facts.length > 0) said.claims.push({ items: [items[i]!], facts });
      }
    return taken;
  }
  for (let i = 0; i < items.length; i++) {
    if (items[i]!.what === 'mark' || !reading.isFreeWord(i) || !items[i]!.tight) continue;
    const named = namesBefore(reading, i);
    if (named.length === 0) continue;
    const { from, to } = reading.run(i);
    const first = Math.min(...named);
    const claimed = new Set(named);
    const others = range(from, to).filter(
      (j) => !claimed.has(j) && ['concept', 'source', 'food', 'open'].includes(items[j]!.what),
    );
    const scoped = others.length > 0 && others.some((j) => j > i || j < first);
    const listed = statement.kind === 'list' || statement.kind === 'contains';
    const alone = named.slice(0, 1);
    const used = listed && scoped ? alone : named;
    for (const j of used) taken.items.add(j);
    const facts = used.flatMap((j) => freed(items[j]!.id!, items[j]!.words));
    if (statement.kind === 'may') {
      // "we cannot guarantee nut free" is a warning after all
      for (const j of used) taken.items.delete(j);
    } else if (denied(reading, first) || denied(reading, i))
      said.claims.push({
        items: [items[first]!, items[i]!],
        facts: facts.filter(([, value]) => value === 'free').map(([fact]) => [fact, 'contains']),
      });
    else if (scoped && listed)
      for (const j of others) {
        const own = taken.cleared.get(j) ?? new Map<FactKey, string>();
        for (const [fact, value] of facts) own.set(fact, value);
        taken.cleared.set(j, own);
      }
    else if (facts.length > 0) said.claims.push({ items: [items[first]!, items[i]!], facts });
  }
  return taken;
}

const range = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, to - from) }, (_, k) => from + k);

/** The words that "free" is said of, the nearest first: "dairy and gluten free" has two. */
function namesBefore(reading: Reading, i: number): number[] {
  const out: number[] = [];
  let j = i - 1;
  while (j >= 0) {
    const item = reading.items[j]!;
    if (item.what === 'concept') out.push(j);
    else if (!(AND.test(item.words) && out.length > 0)) break;
    j--;
  }
  // a word that "and" does not join to the next is no part of the claim
  return out.filter((at, k) => k === 0 || AND.test(reading.items[at + 1]!.words));
}

/** Claims such as "suitable for vegans": of the whole where no food stands beside them. */
function readClaims(reading: Reading, said: Said): void {
  const { items, statement, lexicon } = reading;
  if (statement.kind === 'free') return;
  for (let i = 0; i < items.length; i++) {
    const no = denied(reading, i) || unsuitable(reading, i);
    const claim = items[i]!.what === 'mark' ? undefined : claimOf(items[i]!, lexicon, no);
    if (!claim || (statement.kind === 'may' && !no)) continue;
    const { from, to } = reading.run(i);
    const beside = range(from, to).some((j) =>
      ['concept', 'source', 'food', 'open'].includes(items[j]!.what),
    );
    const inBracket = statement.kind === 'list' && reading.isMark(from - 1, 'open');
    if (
      (beside || inBracket) &&
      !no &&
      !claim.question &&
      (statement.kind === 'list' || statement.kind === 'contains')
    )
      continue;
    said.claims.push({ items: [items[i]!], ...claim });
  }
}

/** "Not suitable for": the words before say of whom. */
function unsuitable(reading: Reading, i: number): boolean {
  const before = reading.items
    .slice(Math.max(0, i - 8), i)
    .map((item) => item.words)
    .join(' ');
  return new RegExp(`(?:${reading.lexicon.language.unsuitable})\\b[^.,]*$`, 'u').test(before);
}

/** A row of a nutrition table: "fat 10 g" names no fat. */
function rowWords(reading: Reading): Set<number> {
  const out = new Set<number>();
  const { items, lexicon } = reading;
  const counted = (i: number) => {
    for (let j = i + 1; j < Math.min(items.length, i + 7); j++) {
      const what = items[j]!.what;
      if (what === 'number') return true;
      if (reading.isMark(j, 'break') || what === 'food' || what === 'source') return false;
    }
    return false;
  };
  for (let i = 0; i < items.length; i++)
    if (items[i]!.what !== 'mark' && lexicon.is('nutrition', items[i]!.words) && counted(i)) out.add(i);
  return out;
}

/** Outside a list that has a heading: what is named there need not be in it. */
export const isOutside = (kind: Statement['kind']): boolean =>
  kind === 'aside' || kind === 'maker' || kind === 'title';

const OPEN_QUESTION = 'what is it, and what is in it?';

/** What a statement's items say. `table` is true where the text holds figures of nutrition. */
export function saidIn(
  items: readonly Item[],
  statement: Statement,
  table: boolean,
  isName: (item: Item) => boolean,
): Said {
  const reading = new Reading(items, statement);
  const said: Said = { told: [], questions: [], claims: [], processes: [], named: false };
  const taken = readFree(reading, said);
  readClaims(reading, said);
  const rows = table && statement.kind !== 'may' ? rowWords(reading) : new Set<number>();
  const handled =
    statement.kind === 'aside' &&
    items.some((item) => item.what !== 'mark' && statement.lexicon.is('handling', item.words));
  for (let i = 0; i < items.length; i++) {
    const item = items[i]!;
    if (item.what === 'open') readOpen(item, statement, said, isName, handled);
    if (item.what === 'source' || item.what === 'food' || item.what === 'open') said.named = true;
    if (item.what !== 'concept' || taken.items.has(i) || rows.has(i)) continue;
    said.named = true;
    readConcept(reading, i, taken.cleared.get(i), said);
  }
  return said;
}

function readOpen(
  item: Item,
  { kind }: Statement,
  said: Said,
  isName: (item: Item) => boolean,
  handled: boolean,
): void {
  if ((kind === 'maker' || kind === 'title') && isName(item)) return;
  // "transfer to a non-metallic container, keep refrigerated" names no ingredient
  if (handled && !item.near) return;
  const facts = item.near ? CONCEPTS[item.near.id].facts.map(([fact]) => fact) : [];
  said.questions.push({ item, facts, question: item.near ? `is it “${item.near.word}”?` : OPEN_QUESTION });
}

function readConcept(
  reading: Reading,
  i: number,
  cleared: ReadonlyMap<FactKey, string> | undefined,
  said: Said,
): void {
  const item = reading.items[i]!;
  const { kind } = reading.statement;
  let { facts, open, asks } = reading.factsOf(i);
  if (cleared) {
    facts = facts
      .filter(([fact]) => !cleared.has(fact) || cleared.get(fact) !== 'free')
      .map(([fact, value]) => [fact, cleared.get(fact) ?? value]);
    asks = facts.some(([, value]) => isOpenValue(value));
    if (cleared.has('lactose'))
      facts = [...facts.filter(([fact]) => fact !== 'lactose'), ['lactose', 'none']];
  }
  if (kind === 'may') {
    const peanutsToo = reading.items.some((item) => item.id === 'peanut');
    facts = traces(facts).filter(
      ([fact]) => !(peanutsToo && item.id === 'nuts' && fact === 'allergen.peanuts'),
    );
  } else if (isOutside(kind)) facts = facts.filter(([, value]) => value === 'contains');
  for (const [fact, value] of facts) {
    said.told.push({ item, fact, value });
    if (value === 'may') for (const more of everySpecies(fact)) said.told.push({ item, fact: more, value });
  }
  if (kind === 'list' || kind === 'contains') {
    const process = reading.process(i, facts);
    if (process) said.processes.push(process);
  }
  const openIn = kind === 'may' ? facts.some(([, value]) => value === 'brand') : asks;
  if (open && openIn && !isOutside(kind))
    said.questions.push({ item, facts: facts.map(([fact]) => fact), question: open });
  if (kind === 'may' && item.id === 'nuts' && openIn)
    said.questions.push({ item, facts: ['allergen.peanuts'], question: 'are peanuts meant, too?' });
}
