import { CONCEPTS, type ConceptId } from './concepts.js';
import type { Language } from './language.js';
import { plainWord } from './text.js';
import { tokensOf } from './tokens.js';

/** What a word or phrase of a language is: a concept with facts, a plant, another food, or only manner. */
export type Meaning = { kind: 'concept'; id: ConceptId } | { kind: 'source' | 'food' | 'manner' };

interface Node {
  next: Map<string, Node>;
  meaning?: Meaning;
}

export interface Found {
  /** How many words of the text it takes. */
  length: number;
  meaning: Meaning;
  /** The words as the dictionary has them. */
  words: string;
  /** How many of them had to be bent to be found. */
  bent: number;
}

export interface Lexicon {
  language: Language;
  /** The longest known phrase that begins with these words. */
  find(words: readonly string[]): Found | undefined;
  /** The one word, exact or with an ending of the language. */
  one(word: string): Found | undefined;
  /** A compound's parts, when the language joins words and all of them are known. */
  parts(word: string): string[] | undefined;
  /** An allergen's word that is one letter away. */
  nearly(word: string): { id: ConceptId; word: string } | undefined;
  /** Words of the language's closed lists, by their name. */
  is(list: WordList, word: string): boolean;
}

type WordList =
  | 'sources'
  | 'plantMilk'
  | 'plantButter'
  | 'plantMade'
  | 'freeAfter'
  | 'joints'
  | 'denial'
  | 'vegan'
  | 'vegetarian'
  | 'nutrition'
  | 'handling';
const LISTS: readonly WordList[] = [
  'sources',
  'plantMilk',
  'plantButter',
  'plantMade',
  'freeAfter',
  'joints',
  'denial',
  'vegan',
  'vegetarian',
  'nutrition',
  'handling',
];

/** Stands for `*` while a word is folded: a letter that no language of ours has. */
const STAR = 'ǂ';

/** German print without umlauts: "Nuesse" for "Nüsse". */
const spelled = (given: string): string[] => {
  const low = given.trim().toLowerCase();
  const wide = low.replace(/ä/g, 'ae').replace(/ö/g, 'oe').replace(/ü/g, 'ue');
  return wide === low ? [plainWord(low)] : [plainWord(low), plainWord(wide)];
};

/** The same with its `*` kept. */
const starred = (phrase: string): string[] =>
  spelled(phrase.replaceAll('*', STAR)).map((form) => form.replaceAll(STAR, '*'));

/** A `*` takes no more letters than this: "olej*" is no "olejsezamowy". */
const LONGEST_ENDING = 6;

const wordsOf = (phrase: string): string[] =>
  phrase.includes('*')
    ? phrase.split(/[\s'-]+/).filter(Boolean)
    : tokensOf(phrase, 0, phrase.length).map((token) => token.text);

/** Is this meaning of more weight than that one of the same words? What endangers somebody comes first. */
const weight = (meaning: Meaning): number =>
  meaning.kind === 'concept' ? 3 : meaning.kind === 'source' ? 2 : 1;

class Words implements Lexicon {
  private readonly root: Node = { next: new Map() };
  private readonly lists = new Map<WordList, Set<string>>();
  private readonly endings: readonly string[];
  private readonly links: readonly string[];
  /** Single words that name an allergen, for what is misspelt. */
  private readonly allergenWords = new Map<number, { id: ConceptId; word: string }[]>();
  private readonly seen = new Map<string, Found | null>();
  private longest = 1;

  constructor(readonly language: Language) {
    this.endings = language.endings.map(plainWord);
    this.links = ['', ...(language.links ?? [])];
    for (const [id, phrases] of Object.entries(language.terms))
      this.add(phrases!, { kind: 'concept', id: id as ConceptId });
    this.add(language.sources, { kind: 'source' });
    this.add(language.foods, { kind: 'food' });
    for (const list of LISTS) this.add(language[list], { kind: 'manner' });
    this.add(language.manner, { kind: 'manner' });
    for (const list of LISTS) this.lists.set(list, new Set(language[list].split('|').flatMap(starred)));
  }

  private add(phrases: string, meaning: Meaning): void {
    for (const phrase of phrases.split('|'))
      for (const form of starred(phrase)) {
        const words = wordsOf(form);
        if (words.length === 0) continue;
        let node = this.root;
        for (const word of words) {
          let next = node.next.get(word);
          if (!next) node.next.set(word, (next = { next: new Map() }));
          node = next;
        }
        if (!node.meaning || weight(meaning) > weight(node.meaning)) node.meaning = meaning;
        this.longest = Math.max(this.longest, words.length);
        if (meaning.kind === 'concept' && words.length === 1) this.addAllergen(meaning.id, words[0]!);
      }
  }

  private addAllergen(id: ConceptId, word: string): void {
    const facts = CONCEPTS[id].facts;
    if (
      word.length < 5 ||
      !facts.some(([fact, value]) => value === 'contains' && /^(?:allergen|nut)\./.test(fact))
    )
      return;
    const bare = word.replace(/\*$/, '');
    const same = this.allergenWords.get(bare.length);
    if (same) same.push({ id, word: bare });
    else this.allergenWords.set(bare.length, [{ id, word: bare }]);
  }

  /** The forms of a word that a dictionary may have, the exact one first. */
  private forms(word: string): string[] {
    const out = [word];
    if (word.length < 3 || /\d/.test(word)) return out;
    for (let n = word.length; n >= Math.max(3, word.length - LONGEST_ENDING); n--)
      out.push(`${word.slice(0, n)}*`);
    if (word.length >= 4) {
      for (const ending of this.endings) {
        if (word.endsWith(ending) && word.length - ending.length >= 3) {
          const stem = word.slice(0, word.length - ending.length);
          out.push(stem, ...this.endings.filter((x) => x !== ending).map((ending) => stem + ending));
        }
      }
      for (const ending of this.endings) out.push(word + ending);
    }
    return out;
  }

  find(words: readonly string[]): Found | undefined {
    const key = words.slice(0, this.longest).join(' ');
    const known = this.seen.get(key);
    if (known !== undefined) return known ?? undefined;
    if (this.seen.size > 20_000) this.seen.clear();
    const found = this.search(words.slice(0, this.longest));
    this.seen.set(key, found ?? null);
    return found;
  }

  private search(words: readonly string[]): Found | undefined {
    let best: Found | undefined;
    const walk = (node: Node, i: number, bent: number, said: string) => {
      if (node.meaning && i > 0) {
        const better =
          !best ||
          i > best.length ||
          (i === best.length &&
            (bent < best.bent || (bent === best.bent && weight(node.meaning) > weight(best.meaning))));
        if (better) best = { length: i, meaning: node.meaning, words: said.trim(), bent };
      }
      if (i >= words.length || node.next.size === 0) return;
      this.forms(words[i]!).forEach((form, k) => {
        const next = node.next.get(form);
        if (next) walk(next, i + 1, bent + (k > 0 ? 1 : 0), `${said} ${form}`);
      });
    };
    walk(this.root, 0, 0, '');
    return best;
  }

  one(word: string): Found | undefined {
    return this.find([word]);
  }

  private isPart(word: string): boolean {
    if (word.length < 3 && word !== 'ei') return false;
    const node = this.root.next.get(word);
    return node?.meaning !== undefined;
  }

  parts(word: string): string[] | undefined {
    if (word.length < 5 || /\d/.test(word)) return undefined;
    for (const ending of this.language.freeEndings ?? [])
      if (word.endsWith(ending) && this.one(word.slice(0, -ending.length)))
        return [word.slice(0, -ending.length), ending];
    for (const beginning of this.language.freeBeginnings ?? [])
      if (word.startsWith(beginning) && this.one(word.slice(beginning.length)))
        return [word.slice(beginning.length), 'free'];
    if (!this.language.compounds) return this.twoWords(word);
    // the fewest parts that cover the word; links may stand between them
    const best: (string[] | undefined)[] = [[]];
    for (let end = 1; end <= word.length; end++) {
      for (let start = Math.max(0, end - 28); start < end; start++) {
        const before = best[start];
        if (!before) continue;
        const piece = word.slice(start, end);
        for (const link of this.links) {
          if (link && (!piece.endsWith(link) || end === word.length)) continue;
          const bare = piece.slice(0, piece.length - link.length);
          const last = end === word.length;
          if (!this.isPart(bare) && !(last && start > 0 && this.bentPart(bare))) continue;
          const known = best[end];
          if (!known || before.length + 1 < known.length) best[end] = [...before, bare];
        }
      }
    }
    const parts = best[word.length];
    return parts && parts.length > 1 && parts.length <= 5 ? parts : undefined;
  }

  /** "wheatflour": two words set without the blank, each of them known. */
  private twoWords(word: string): string[] | undefined {
    for (let i = 3; i <= word.length - 3; i++) {
      const [found, otherFound] = [this.one(word.slice(0, i)), this.one(word.slice(i))];
      if (!found || !otherFound) continue;
      // "avelas" is no "ave las"
      if ([found, otherFound].some((found) => found.meaning.kind === 'manner' && found.words.length < 4))
        continue;
      const dangerous = found.meaning.kind === 'concept' || otherFound.meaning.kind === 'concept';
      if (dangerous || (i >= 4 && word.length - i >= 4)) return [word.slice(0, i), word.slice(i)];
    }
    return undefined;
  }

  /** The last part of a compound may carry an ending: "Mandelkekse", "Weizenmehlen". */
  private bentPart(word: string): boolean {
    return (
      word.length >= 4 &&
      this.forms(word).some((form) => !form.endsWith('*') && this.root.next.get(form)?.meaning)
    );
  }

  nearly(word: string): { id: ConceptId; word: string } | undefined {
    if (word.length < 5) return undefined;
    for (const n of [word.length, word.length - 1, word.length + 1])
      for (const entry of this.allergenWords.get(n) ?? []) if (oneApart(word, entry.word)) return entry;
    return undefined;
  }

  is(list: WordList, word: string): boolean {
    const set = this.lists.get(list)!;
    return set.has(word) || this.forms(word).some((form) => form.length >= 4 && set.has(form));
  }
}

/** One letter changed, left out, put in, or two neighbours changed about. */
export function oneApart(a: string, b: string): boolean {
  if (a === b || Math.abs(a.length - b.length) > 1) return false;
  let i = 0;
  while (i < a.length && a[i] === b[i]) i++;
  let j = 0;
  while (j < Math.min(a.length, b.length) - i && a[a.length - 1 - j] === b[b.length - 1 - j]) j++;
  const [left, right] = [a.length - i - j, b.length - i - j];
  if (left <= 1 && right <= 1) return true;
  return left === 2 && right === 2 && a[i] === b[i + 1] && a[i + 1] === b[i];
}

const compiled = new Map<Language['id'], Lexicon>();

/** The language's words, compiled when they are first asked for. */
export function lexiconOf(language: Language): Lexicon {
  let lexicon = compiled.get(language.id);
  if (!lexicon) compiled.set(language.id, (lexicon = new Words(language)));
  return lexicon;
}
