import type { Arg, Said as Message } from '../words/index.js';
import { isLeftOutFact, ruleAgainst } from './avoid.js';
import type { Strictness } from './group.js';
import {
  type Opening,
  OPENINGS_BY_LENGTH,
  APART,
  JOINT,
  SUFFIX,
  AFTER,
  FILLER,
  LOVERS,
  MOST_LOVED,
  EATS_ALL,
  EATERS,
  NO_LIKING,
  ARTICLE,
  BEFORE_FOOD,
  TASTE,
  EATS,
  MAY,
  FORM_OF_ALLERGEN,
  NO_ALLERGEN_WITH_MORE,
  OF_ANY_SORT,
  ONLY,
} from './sayings.js';
import { tokensOf } from './tokens.js';
import {
  isAllergy,
  isDiet,
  isWayOfEating,
  type NeedWord,
  type Phrase,
  type Said,
  type Vocabulary,
} from './vocabulary.js';

const isBetween = (token: string): boolean => AFTER.test(token) || ARTICLE.test(token);
interface Match {
  length: number;
  needs: NeedWord[];
  diet: boolean;
}

class Reader {
  private readonly tokens: string[];
  readonly said: Said = { needs: [], dislikes: [], phrases: [], unread: [] };
  private readonly needPhrases: { words: string[]; need: NeedWord }[];

  constructor(
    text: string,
    private readonly vocabulary: Vocabulary,
  ) {
    this.tokens = tokensOf(text);
    this.needPhrases = vocabulary.words
      .filter((need) => !need.leftOut)
      .map((need) => ({ words: need.word.split(' '), need }))
      .sort((a, b) => b.words.length - a.words.length);
  }

  private at(i: number, words: readonly string[]): boolean {
    return words.every(
      (word, k) => this.tokens[i + k] === word || (word.length > 3 && this.tokens[i + k] === `${word}s`),
    );
  }

  private opening(i: number): { opening: Opening; length: number } | undefined {
    const found = OPENINGS_BY_LENGTH.find((o) => this.at(i, o.words));
    return found && { opening: found.opening, length: found.words.length };
  }

  /** What guests leave out, beginning here; an allergen in any form of it: "sesame seeds", "egg whites", "mixed nuts". */
  private need(i: number): Match | undefined {
    const said = this.needNamed(i);
    if (!said) {
      if (!OF_ANY_SORT.test(this.tokens[i] ?? '')) return undefined;
      const of = this.need(i + 1);
      return of?.needs.some(isAllergy) ? { ...of, length: of.length + 1 } : undefined;
    }
    const isSo = said.needs.every((word) => isAllergy(word) && !NO_ALLERGEN_WITH_MORE.test(word.word));
    let { length } = said;
    while (isSo && this.isFormOf(said, i + length)) length++;
    return { ...said, length };
  }

  /** Peanut butter is peanuts, cashew nuts are cashews; "milk nuts" is another allergen, and no form of milk. */
  private isFormOf(said: Match, i: number): boolean {
    const form = this.tokens[i] ?? '';
    if (!FORM_OF_ALLERGEN.test(form)) return false;
    const [other] = this.needNamed(i)?.needs ?? [];
    return !other || /^butters?$/.test(form) || said.needs.some(({ need }) => need.id === other.need.id);
  }

  /** A need's word, a fact's, or a food's. */
  private needNamed(i: number): Match | undefined {
    const byName = this.needPhrases.find((needPhrase) => this.at(i, needPhrase.words));
    for (let n = 3; n >= 1; n--) {
      const said = this.tokens.slice(i, i + n).join(' ');
      const needs = this.vocabulary.words.filter((word) => word.leftOut && word.word === said);
      if (needs.length === 0 || (byName && byName.words.length > n)) continue;
      return { length: n, needs, diet: false };
    }
    if (!byName) return undefined;
    // "gestational diabetes" is two needs
    const called = this.vocabulary.words.filter(({ word, leftOut }) => !leftOut && word === byName.need.word);
    return { length: byName.words.length, needs: called, diet: isDiet(byName.need) };
  }

  /** How many of these words are each an allergen of its own; "cream cheese" is one. */
  private allergensIn(i: number, n: number): number {
    const ids = this.tokens.slice(i, i + n).flatMap((token, k) => {
      const needs = this.needNamed(i + k)?.needs.filter(isAllergy) ?? [];
      return needs.length > 0 ? needs.map(({ need }) => need.id).join(' ') : [];
    });
    return new Set(ids).size;
  }

  private food(i: number): number {
    for (let n = 4; n >= 1; n--) {
      const words = this.tokens.slice(i, i + n);
      if (words.length < n || words.some((word) => JOINT.test(word) || /\d/.test(word))) continue;
      // what is left of "he’s"
      if (words.some((word) => /^[a-z]$/.test(word))) continue;
      // "with milk allergy" is of milk, though there is rice with milk
      if (BEFORE_FOOD.test(words[0]!) || BEFORE_FOOD.test(words.at(-1)!)) continue;
      // "maize allergy" is of maize, though biscuits are sold as "for an allergy"
      if (n > 1 && SUFFIX.test(words.at(-1)!)) continue;
      // "milk eggs" are two things that somebody forgot to part, though biscuits hold both
      if (this.allergensIn(i, n) > 1) continue;
      // "a nut allergy" is of nuts, not of a food that is called so
      if (ARTICLE.test(words[0]!)) return 0;
      const text = words.join(' ');
      if (isLeftOutFact(text) || (!FILLER.test(text) && this.vocabulary.isFood(text))) return n;
    }
    return 0;
  }

  /** As far as the next sign that something else begins. */
  private free(i: number): number {
    let n = 0;
    while (i + n < this.tokens.length && !JOINT.test(this.tokens[i + n]!) && !this.opening(i + n)) n++;
    return n;
  }

  private words = (from: number, to: number): string => this.tokens.slice(from, to).join(' ');

  private addNeed(need: NeedWord, strictness: Strictness | undefined): void {
    const had = this.said.needs.find((n) => n.need.id === need.need.id);
    if (!had) this.said.needs.push({ ...need, ...(strictness ? { strictness } : {}) });
    else if (strictness === 'allergy') had.strictness = strictness;
  }

  private phrase(from: number, to: number, kind: Phrase['kind'], says: Message): void {
    this.said.phrases.push({ text: this.words(from, to), kind, says });
  }

  /** Nobody understood it: it is asked. Returns the place after it. */
  private unread(from: number, to: number): number {
    this.said.unread.push(this.words(from, to));
    this.phrase(from, to, 'unread', { say: 'phrase.unread' });
    return to;
  }

  /** One thing that is left out; the place after it, or nothing when it is not known. */
  private leaveOut(from: number, i: number, allergy: boolean): number | undefined {
    const food = this.food(i);
    const need = this.need(i);
    if (TASTE.test(this.tokens[i] ?? '')) return this.dislike(from, i);
    if (need && !need.diet && need.length >= food) {
      const end = i + need.length;
      for (const word of need.needs) this.addNeed(word, isAllergy(word) || allergy ? 'allergy' : undefined);
      const strict = need.needs.some((word) => isAllergy(word)) || allergy;
      this.phrase(from, end, 'need', asNeeds(need.needs, strict));
      return end;
    }
    if (food === 0) return undefined;
    const text = this.words(i, i + food);
    if (/rennet/.test(text) && this.strictRennet(from, i + food)) return i + food;
    const rule = ruleAgainst(text);
    this.addNeed({ word: text, need: rule, label: rule.own!.name }, allergy ? 'allergy' : undefined);
    this.phrase(from, i + food, 'rule', { say: 'phrase.rule', with: { food: text } });
    return i + food;
  }

  /** "Strict about rennet" is a setting of the needs that know it; false when none was named. */
  private strictRennet(from: number, to: number): boolean {
    const knows = this.said.needs.filter((need) => need.knowsRennet);
    if (knows.length === 0) return false;
    for (const n of knows) n.need = { ...n.need, settings: { ...n.need.settings, rennet: 'strict' } };
    this.phrase(from, to, 'need', { say: 'phrase.rennet', with: { names: labelsOf(knows) } });
    return true;
  }

  /** "Keep apart": a setting of every need that was named; undefined where one of them does not know it, or none was. */
  private apart(i: number): number | undefined {
    const words = APART.find((phrase) => this.at(i, phrase));
    const { needs } = this.said;
    const end = i + (words?.length ?? 0);
    // apart from what, is more than is understood
    if (!words || /^(?:from|of)$/.test(this.tokens[end] ?? '')) return undefined;
    if (needs.length === 0 || !needs.every((need) => need.knowsContact)) return undefined;
    for (const n of needs) {
      const { contact } = n.need.settings;
      if (contact !== 'same-kitchen')
        n.need = { ...n.need, settings: { ...n.need.settings, contact: 'same-surface' } };
    }
    this.phrase(i, end, 'need', { say: 'phrase.apart', with: { names: labelsOf(needs) } });
    return end;
  }

  private isWayOfEating(i: number): boolean {
    return this.need(i)?.needs.some((need) => isWayOfEating(need, this.vocabulary)) ?? false;
  }

  /** What they like asks nothing of a board; undefined where it is no food. */
  private like(from: number, start: number): number | undefined {
    let i = start;
    while (TASTE.test(this.tokens[i] ?? '')) i++;
    const need = this.need(i);
    if (this.isWayOfEating(i)) return undefined;
    const end = Math.max(i, i + this.food(i), i + (need?.length ?? 0));
    // "would love dairy free" is no love of dairy
    if (end === start || SUFFIX.test(this.tokens[end] ?? '')) return undefined;
    if (this.tokens.slice(start, end).some((token) => NO_LIKING.test(token))) return undefined;
    this.phrase(from, end, 'like', { say: 'phrase.like', with: { food: this.words(start, end) } });
    return end;
  }

  /** "Cheese lovers", "meat eaters", "foodies"; undefined where it is said of nobody, or of who does not. */
  private eatsGladly(i: number): number | undefined {
    if (NO_LIKING.test(this.tokens[i - 1] ?? '')) return undefined;
    const said = (n: number): number => {
      const food = this.words(i, i + Math.max(1, n - 1));
      this.phrase(i, i + n, 'like', { say: 'phrase.like', with: { food } });
      return i + n;
    };
    if (EATS_ALL.test(this.tokens[i]!)) return said(1);
    if (EATERS.test(this.words(i, i + 2))) return said(2);
    for (let n = 1; n <= MOST_LOVED; n++) {
      const last = i + n - 1;
      // "wine and cheese lovers"
      if (n > 1 && /^(?:and|&)$/.test(this.tokens[last] ?? '')) continue;
      if (JOINT.test(this.tokens[last] ?? '')) break;
      if (NO_LIKING.test(this.tokens[last] ?? '') || this.opening(last) || this.isWayOfEating(last)) break;
      if (LOVERS.test(this.tokens[i + n] ?? '')) return said(n + 1);
    }
    return undefined;
  }

  /** "Everyone eats fish" leaves out nothing; "only eats fish", "fish only" leave out all else, and are asked. Undefined where it says how they eat. */
  private eats(i: number): number | undefined {
    let start = i;
    // "can have dairy"; "can not" leaves it out
    if (MAY.test(this.tokens[i] ?? '') && /^(?:eats?|have|drink|take)$/.test(this.tokens[i + 1] ?? ''))
      start += 2;
    while (EATS.test(this.tokens[start] ?? '') || ONLY.test(this.tokens[start] ?? '')) start++;
    if (this.at(start, ['nothing', 'but'])) start += 2;
    const length = this.isWayOfEating(start) ? 0 : Math.max(this.food(start), this.need(start)?.length ?? 0);
    if (length === 0) return undefined;
    const isOnlyAfter = ONLY.test(this.tokens[start + length] ?? '');
    const isOnly =
      isOnlyAfter || this.tokens.slice(i, start).some((token) => ONLY.test(token) || token === 'nothing');
    if (isOnly) return this.unread(i, start + length + (isOnlyAfter ? 1 : 0));
    return start > i ? this.like(i, start) : undefined;
  }

  /** Another food that is left out with the last one: "or pork". */
  private goesOn(i: number): boolean {
    if (!JOINT.test(this.tokens[i] ?? '') || this.opening(i + 1)) return false;
    const need = this.need(i + 1);
    return need ? !need.diet : this.food(i + 1) > 0;
  }

  private dislike(from: number, i: number): number {
    const n = Math.max(1, this.free(i));
    const text = this.words(i, i + n);
    this.said.dislikes.push(text);
    this.phrase(from, i + n, 'dislike', { say: 'phrase.dislike', with: { food: text } });
    return i + n;
  }

  private list(from: number, start: number, opening: Opening): number {
    let i = start;
    let first = true;
    for (;;) {
      while (isBetween(this.tokens[i] ?? '') && !this.need(i) && this.food(i) === 0) i++;
      const begin = first ? from : i;
      if (i >= this.tokens.length) {
        if (first) this.unread(from, i);
        return i;
      }
      const end = this.oneOf(begin, i, opening);
      if (end === undefined) {
        if (!first) return i;
        return this.unread(from, i + Math.max(1, this.free(i)));
      }
      i = end;
      while (AFTER.test(this.tokens[i] ?? '')) i++;
      let next = i;
      while (JOINT.test(this.tokens[next] ?? '')) next++;
      const need = this.need(next);
      if (next === i || next >= this.tokens.length || this.opening(next) || need?.diet) return i;
      if (opening !== 'dislike' && !need && this.food(next) === 0) return i;
      // "hates olives, sesame allergy": an allergy is no dislike
      const last = next + (need?.length ?? 1);
      if ([last - 1, last].some((k) => SUFFIX.test(this.tokens[k] ?? ''))) return i;
      [i, first] = [next, false];
    }
  }

  private oneOf(from: number, i: number, opening: Opening): number | undefined {
    if (opening === 'dislike') return this.dislike(from, i);
    if (opening === 'like') return this.like(from, i);
    if (opening === 'strict') {
      if (/rennet/.test(this.words(i, i + 2))) {
        const to = i + (this.tokens[i] === 'rennet' ? 1 : 2);
        if (this.strictRennet(from, to)) return to;
      }
      return this.leaveOut(from, i, false);
    }
    return this.leaveOut(from, i, opening === 'allergy');
  }

  read(): Said {
    for (let i = 0; i < this.tokens.length;) i = this.step(i);
    // "nut and egg allergy": the word is said of both
    if (this.tokens.some((token) => /^(?:allerg|anaph)/.test(token)))
      for (const need of this.said.needs) if (isAllergy(need)) need.strictness = 'allergy';
    return this.said;
  }

  private step(i: number): number {
    const apart = this.apart(i);
    if (apart !== undefined) return apart;
    const gladly = this.eatsGladly(i);
    if (gladly !== undefined) return gladly;
    const need = this.need(i);
    const opening = this.opening(i);
    const eaten = this.eats(i);
    if (eaten !== undefined) return eaten;
    // "no beef or pork" is both
    if (need && opening?.opening === 'avoid' && this.goesOn(i + need.length))
      return this.list(i, i + opening.length, 'avoid');
    // "no beef" is a need's own word, before it is "no" and "beef"
    if (need && (!opening || need.length > opening.length)) return this.named(i, need);
    if (opening) return this.list(i, i + opening.length, opening.opening);
    const food = this.food(i);
    if (food > 0 && SUFFIX.test(this.tokens[i + food] ?? '')) {
      this.leaveOut(i, i, /^(?:aller|anaph)/.test(this.tokens[i + food]!));
      return i + food + 1;
    }
    const age = /^\d+$/.test(this.tokens[i]!) && /^(?:aged?|of|over|under)$/.test(this.tokens[i - 1] ?? '');
    if (FILLER.test(this.tokens[i]!) || age) return i + 1;
    if (this.isOld(i)) return i + 2;
    let n = 1;
    while (
      i + n < this.tokens.length &&
      !FILLER.test(this.tokens[i + n]!) &&
      !this.opening(i + n) &&
      !this.need(i + n)
    )
      n++;
    return this.unread(i, i + n);
  }

  /** "Over 80" is no need of its own. */
  private isOld(i: number): boolean {
    return /^(?:over|above)$/.test(this.tokens[i]!) && Number(this.tokens[i + 1]) > 17;
  }

  private named(i: number, need: Match): number {
    const suffix = this.tokens[i + need.length] ?? '';
    const told = SUFFIX.test(suffix);
    const allergy = /^(?:aller|anaph)/.test(suffix) || /allergy$/.test(need.needs[0]!.word);
    for (const word of need.needs) this.addNeed(word, allergy && isAllergy(word) ? 'allergy' : undefined);
    const end = i + need.length + (told ? 1 : 0);
    this.phrase(i, end, 'need', asNeeds(need.needs, allergy));
    return end;
  }
}

/** The needs by their names, in lower case, as a list. */
const labelsOf = (needs: readonly NeedWord[]): Arg => ({
  all: needs.map(({ label }) => ({ word: label.toLowerCase() })),
  most: needs.length,
});

const asNeeds = (needs: readonly NeedWord[], allergy: boolean): Message => ({
  say: allergy ? 'phrase.allergy' : 'phrase.need',
  with: { names: labelsOf(needs) },
});

/** Reads what is said of some guests: needs, what they leave out, what they do not like, and what nobody understands. */
export const readPhrases = (text: string, vocabulary: Vocabulary): Said =>
  new Reader(text, vocabulary).read();
