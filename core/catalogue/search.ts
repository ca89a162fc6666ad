import type { Component } from './facts.js';

/** One form for one of a food and many: "olives", "cherries", "tomatoes" and "radishes" are found by "olive", "cherry" … */
function singular(word: string): string {
  if (word.length <= 3) return word;
  const one = word.replace(/(?<!s)s$/, '');
  return one.length <= 3 ? one : one.replace(/(?<=sh|ch|x|ss|o)e$/, '').replace(/(?:ie|y)$/, 'i');
}

/** Lower case, without accents, each in one form. */
export function wordsOf(text: string): string[] {
  return text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .split(/[^\p{L}\p{M}\p{N}]+/u)
    .filter(Boolean)
    .map(singular);
}

/** Typing errors that a word of this length forgives. */
const forgiven = (length: number) => (length >= 7 ? 2 : length >= 4 ? 1 : 0);

/** Typing errors between two words: letters missing, added, changed or swapped with their neighbour (Damerau). */
export function typingErrors(a: string, b: string): number {
  let [before, last]: [number[], number[]] = [[], Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const change = last[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1);
      row[j] = Math.min(change, last[j]! + 1, row[j - 1]! + 1);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        row[j] = Math.min(row[j]!, before[j - 2]! + 1);
    }
    [before, last] = [last, row];
  }
  return last[b.length]!;
}

/** 4 the same, 3 begins so, 2 holds it, 1 within a typing error or two, 0 not at all. */
function wordFit(typed: string, word: string): number {
  if (word === typed) return 4;
  if (word.startsWith(typed)) return 3;
  if (typed.length >= 3 && word.includes(typed)) return 2;
  const most = forgiven(typed.length);
  if (most === 0 || Math.abs(word.length - typed.length) > most) return 0;
  return word[0] === typed[0] && typingErrors(typed, word) <= most ? 1 : 0;
}

/** How well every typed word is found among the names: 0 when one is missing, else the worst word's fit. */
function fit(typed: readonly string[], words: readonly string[]): number {
  let worst = 4;
  for (const text of typed) {
    worst = Math.min(worst, Math.max(0, ...words.map((word) => wordFit(text, word))));
    if (worst === 0) return 0;
  }
  return worst;
}

export const matchWords = (names: readonly string[], query: string): number =>
  fit(wordsOf(query), names.flatMap(wordsOf));

interface Indexed {
  /** Name, synonyms and base food, each taken apart; the name comes first. */
  phrases: string[][];
  more: string[];
}

/** A component never changes: its words are taken apart once. */
const indexed = new WeakMap<Component, Indexed>();

function indexOf(component: Component): Indexed {
  const known = indexed.get(component);
  if (known) return known;
  const index = {
    phrases: [component.name, ...component.synonyms, component.baseFood]
      .map(wordsOf)
      .filter((p) => p.length > 0),
    more: [component.family, ...component.ingredients].flatMap(wordsOf),
  };
  indexed.set(component, index);
  return index;
}

/** A name that was typed whole weighs most, then a part of one, then what is in it; a typing error least. */
function rankOf(typed: readonly string[], component: Component): number {
  const { phrases, more } = indexOf(component);
  const all = fit(typed, [...phrases.flat(), ...more]);
  if (all === 0) return 0;
  const whole = phrases.map((phrase, i) => {
    const found = fit(typed, phrase);
    return found === 0 ? 0 : found * 30 + (15 * typed.length) / phrase.length - (i === 0 ? 0 : 1);
  });
  return Math.max(all * 20, ...whole);
}

/** Components with every typed word in name, synonyms, ingredients or family, best first. Typing errors are forgiven. */
export function searchComponents(components: Iterable<Component>, query: string): Component[] {
  const typed = wordsOf(query);
  const found: { rank: number; component: Component }[] = [];
  for (const component of components) {
    const rank = typed.length === 0 ? 1 : rankOf(typed, component);
    if (rank > 0) found.push({ rank, component });
  }
  const best = Math.max(0, ...found.map((f) => f.rank));
  // where a word was found as it was typed, what is only near to it is no help
  return found
    .filter((f) => best < 50 || f.rank >= 40)
    .sort((a, b) => b.rank - a.rank)
    .map((f) => f.component);
}
