import { additive } from './additives.js';
import type { ConceptId } from './concepts.js';
import type { Lexicon, Meaning } from './lexicon.js';
import type { Token } from './tokens.js';

/** A stretch of a label as it was understood: a word or phrase with its meaning, an open word, a number or a mark. */
export interface Item {
  start: number;
  end: number;
  what: Meaning['kind'] | 'open' | 'number' | 'mark' | 'unit';
  /** The concept, when it is one. */
  id?: ConceptId;
  /** As the dictionary has it, or as it stands there. */
  words: string;
  tight: boolean;
  mark?: Token['kind'];
  /** The word was read from an additive's number. */
  additive?: true;
  /** The language whose word it is, when it is not the statement's. */
  foreign?: Lexicon;
  /** An allergen's word that is one letter away. */
  near?: { id: ConceptId; word: string };
}

/** Words of every language of ours: codes of languages and countries, certificates, units. */
const EVERYWHERE =
  /^(?:de|en|gb|fr|it|es|nl|pl|pt|be|at|ch|uk|ie|lu|dk|se|fi|eu|bio|organic|halal|kosher|koscher|casher|kasher|koszer|kosjer|kg|mg|ml|cl|dl|kj|kcal|cm|mm|ug|µg|nrv|vrn|pdf|ltd|gmbh|www|com|nbsp|igp|dop|gga|c|pdo|pgi|doc|msc|asc|fao|rspo|utz|iso|haccp|ifs|brc|ph|id|tel|\p{L}{1,2}\d{4,}|\d+\p{L}{1,2}\d+\p{L}*)$/u;
const UNIT = /^\d+(?:g|kg|mg|ml|l|cl|dl|mm|cm|m|x|h|k|th|st|nd|rd|er|e|a|o|kcal|kj|min|oz|lb|c|f|d|ug)$/;
const AFTER_QUANTITY =
  /^\s*(?:%|‰|°|º|x\s*\d|[-–]\s*\d+\s*(?:%|g|ml|°)|(?:g|gr|mg|kg|µg|ug|ml|cl|l|oz|lb|kj|kcal|cal|cm|mm|c|f|min|minutes?|mins|h|hours?|days?|tage?n?|jours?|giorni|dias?|dagen|dni|minuten|minuti|minutos|minut)\b)/u;
const isAdditiveNumber = (text: string) => /^\d{3,4}[a-i]?(?:i{1,3}|iv|v)?$/.test(text);

interface Reader {
  lexicon: Lexicon;
  /** Languages that other parts of the same text are written in. */
  beside: readonly Lexicon[];
  all: readonly Lexicon[];
}

/** How many words of a text the language knows, and how many of them are more than grammar. */
export function score(
  tokens: readonly Token[],
  lexicon: Lexicon,
): { known: number; told: number; words: number } {
  let [known, told, words] = [0, 0, 0];
  for (let i = 0; i < tokens.length;) {
    if (tokens[i]!.kind !== 'word' || EVERYWHERE.test(tokens[i]!.text)) {
      i++;
      continue;
    }
    const found = lexicon.find(wordsFrom(tokens, i));
    const n = found?.length ?? 1;
    words += n;
    // what had to be bent or taken apart speaks less for a language
    const sure = found ? (found.bent === 0 ? 1 : 0.7) : lexicon.parts(tokens[i]!.text) ? 0.8 : 0;
    known += sure * (tokens[i]!.text.length > 2 ? n : n / 2);
    if (found?.meaning.kind === 'concept') told++;
    i += n;
  }
  return { known, told, words };
}

/** The words of a phrase that may begin here: brackets and "&" are words of it, other marks end it. */
function wordsFrom(tokens: readonly Token[], i: number): string[] {
  const out: string[] = [tokens[i]!.text];
  for (let j = i + 1; j < tokens.length && j < i + 9; j++) {
    const token = tokens[j]!;
    const goesOn = token.kind === 'open' || token.kind === 'close' || token.kind === 'and' || token.tight;
    if (!goesOn || token.kind === 'break' || token.kind === 'colon') break;
    out.push(token.text);
  }
  return out;
}

/** "E 471", "E-471", "E.471", "E(471)", "INS 471": how many tokens, and which number. */
function numbered(tokens: readonly Token[], i: number): { length: number; number: string } | undefined {
  const token = tokens[i]!;
  const whole = /^(?:e|ins)(\d{3,4}[a-z]{0,3})$/.exec(token.text);
  if (whole) return { length: 1, number: whole[1]! };
  if (token.text !== 'e' && token.text !== 'ins' && token.text !== 'sin') return undefined;
  let j = i + 1;
  if (/^(?:no|nr|n|number|num|nummer)$/.test(tokens[j]?.text ?? '')) j++;
  if (tokens[j]?.kind === 'open') j++;
  const number = tokens[j]?.text ?? '';
  return isAdditiveNumber(number) ? { length: j - i + 1, number } : undefined;
}

/** The items of a statement, read with one language; what that does not know is looked for in the others. */
export function itemsOf(tokens: readonly Token[], text: string, reader: Reader): Item[] {
  const rest = mended(tokens, text, reader.lexicon);
  const out: Item[] = [];
  for (let i = 0; i < rest.length;) {
    const token = rest[i]!;
    const put = (length: number, item: Omit<Item, 'start' | 'end' | 'tight'>): void => {
      out.push({ start: token.start, end: rest[i + length - 1]!.end, tight: token.tight, ...item });
      i += length;
    };
    const coded = token.kind === 'word' ? numbered(rest, i) : undefined;
    if (coded) {
      put(coded.length, coded_(coded.number));
      continue;
    }
    if (token.kind === 'number' || isAdditiveNumber(token.text)) {
      put(1, bare(token, text, out));
      continue;
    }
    if (token.kind !== 'word') {
      put(1, { what: 'mark', words: token.text, mark: token.kind });
      continue;
    }
    const found = reader.lexicon.find(wordsFrom(rest, i));
    if (found) {
      put(found.length, meant(found.meaning, found.words));
      continue;
    }
    const parts = partsOf(token, reader);
    if (parts) rest.splice(i, 1, ...parts);
    else put(1, strange(token, reader));
  }
  return joined(out, rest, text, reader);
}

/** Words that a line's end or a stray blank broke are put together where only the whole is a word. */
function mended(tokens: readonly Token[], text: string, lexicon: Lexicon): Token[] {
  const out: Token[] = [];
  const known = (word: string) => Boolean(lexicon.one(word) ?? lexicon.parts(word));
  for (const token of tokens) {
    const last = out.at(-1);
    const gap = last ? text.slice(last.end, token.start) : '';
    if (last?.kind !== 'word' || token.kind !== 'word' || !/^[\s-]+$/.test(gap)) {
      out.push(token);
      continue;
    }
    const whole = last.text + token.text;
    const hyphenated =
      /-\s*\n/.test(gap) &&
      Boolean(lexicon.one(whole) ?? (lexicon.language.compounds && lexicon.parts(whole)));
    const found = hyphenated || whole.length < 5 ? undefined : lexicon.one(whole);
    const broken = found !== undefined && found.bent === 0 && (!known(last.text) || !known(token.text));
    if (hyphenated || broken) out.splice(-1, 1, { ...last, text: whole, end: token.end });
    else out.push(token);
  }
  return out;
}

const coded_ = (number: string): Omit<Item, 'start' | 'end' | 'tight'> => {
  const what = additive(number);
  if (what === undefined) return { what: 'open', words: number, additive: true };
  return what === 'harmless'
    ? { what: 'food', words: number, additive: true }
    : { what: 'concept', id: what, words: number, additive: true };
};

const meant = (meaning: Meaning, words: string): Omit<Item, 'start' | 'end' | 'tight'> =>
  meaning.kind === 'concept' ? { what: 'concept', id: meaning.id, words } : { what: meaning.kind, words };

/** A number without a letter before it is an additive's after the name of its class or beside another one. */
function bare(token: Token, text: string, before: readonly Item[]): Omit<Item, 'start' | 'end' | 'tight'> {
  const quantity = token.kind === 'number' && AFTER_QUANTITY.test(text.slice(token.end, token.end + 12));
  if (!isAdditiveNumber(token.text) || quantity) return { what: 'number', words: token.text };
  let at = before.length - 1;
  const last = before[at];
  if (last?.what === 'mark' && last.mark !== 'close') at--;
  else if (last?.what === 'manner' && last.words.length <= 3) at--;
  const beside = before[at];
  if (!beside) return { what: 'number', words: token.text };
  const afterWord = last?.mark !== 'break' && beside.what !== 'number' && beside.what !== 'mark';
  if (beside.additive || afterWord) {
    const item = coded_(token.text);
    return item.what === 'open' && beside.what === 'manner' ? { what: 'number', words: token.text } : item;
  }
  const lone = additive(token.text);
  return lone !== undefined && lone !== 'harmless' && last?.mark === 'break'
    ? { what: 'open', words: token.text }
    : { what: 'number', words: token.text };
}

function partsOf(token: Token, reader: Reader): Token[] | undefined {
  const parts = reader.lexicon.parts(token.text);
  if (!parts) return undefined;
  let at = 0;
  return parts.map((part, k) => {
    const found = Math.max(at, token.text.indexOf(part, at));
    at = found + part.length;
    return {
      ...token,
      text: part,
      start: Math.min(token.end - 1, token.start + found),
      end: k === parts.length - 1 ? token.end : Math.min(token.end, token.start + at),
      tight: k > 0 || token.tight,
    };
  });
}

/** A word that the statement's language does not know. */
function strange(token: Token, reader: Reader): Omit<Item, 'start' | 'end' | 'tight'> {
  if (/^(?:b\d{1,2}|k[12]|d2)$/.test(token.text)) return { what: 'food', words: token.text };
  if (token.text === 'd3') return { what: 'concept', id: 'lanolin', words: 'd3' };
  if (EVERYWHERE.test(token.text)) return { what: 'manner', words: token.text };
  if (UNIT.test(token.text) || /^\d{5,}$/.test(token.text)) return { what: 'number', words: token.text };
  const languages = [...reader.beside, ...reader.all];
  // the word itself before one that is like it: Polish "łubin" is lupin, no sea bass
  for (const exactly of [true, false])
    for (const other of languages) {
      const found = other.one(token.text);
      const exact = found?.words.replace('*', '') === token.text;
      if (!found || (exactly && !exact)) continue;
      const danger = found.meaning.kind === 'concept' && token.text.length > 2;
      if ((danger && (exact || token.text.length > 4)) || reader.beside.includes(other))
        return { ...meant(found.meaning, found.words), foreign: other };
    }
  const near = reader.lexicon.nearly(token.text) ?? reader.all[0]?.nearly(token.text);
  return { what: 'open', words: token.text, ...(near ? { near } : {}) };
}

/** Words that a blank or a line's end broke: "al monds", "butter milk", "choco-late". */
function joined(items: Item[], tokens: readonly Token[], text: string, { lexicon, all }: Reader): Item[] {
  const out = [...items];
  const words = tokens.filter((token) => token.kind === 'word');
  for (let i = 0; i < words.length - 1; i++)
    for (const n of [3, 2]) {
      const run = words.slice(i, i + n);
      if (
        run.length < n ||
        run.slice(1).some((token, k) => !/^[\s-]*$/.test(text.slice(run[k]!.end, token.start)))
      )
        continue;
      const [start, end] = [run[0]!.start, run.at(-1)!.end];
      if (out.some((item) => item.start <= start && end <= item.end)) continue;
      const inside = out.filter((item) => item.start < end && start < item.end);
      const open = inside.some((item) => item.what === 'open');
      const word = run.map((token) => token.text).join('');
      if (word.length < (open ? 4 : 5) || (n === 3 && !open)) continue;
      const found = [lexicon, ...(open ? all : [])]
        .map((lexicon) => lexicon.one(word))
        .find((found) => found && (open || found.words === word));
      const danger = found?.meaning.kind === 'concept';
      if (!found || (!danger && !open)) continue;
      const item: Item = { start, end, tight: run[0]!.tight, ...meant(found.meaning, found.words) };
      const at = out.findIndex((item) => item.start >= start);
      if (open) {
        const covered = out.filter((item) => start <= item.start && item.end <= end);
        if (danger || covered.every((item) => item.what === 'open' || item.what === 'manner')) {
          for (const item of covered) out.splice(out.indexOf(item), 1);
          out.splice(at, 0, item);
        }
      } else out.splice(at, 0, item);
      break;
    }
  return out;
}
