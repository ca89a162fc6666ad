import { memo1 } from '../measure/index.js';
import { decorRows } from './data/decor.js';
import type { Component } from './facts.js';
import { matchWords, wordsOf } from './search.js';

/** `never`: must not touch food. `liner`: only with paper between. `clean`: washed and unsprayed. */
export interface Decor {
  id: string;
  name: string;
  also: readonly string[];
  touch: 'never' | 'liner' | 'clean';
  why: string;
}

/** Where all of it is known from. */
export const DECOR_SOURCE = 'public lists of poisonous plants, public guidance on food contact';

export const DECOR = decorRows;

/** Décor whose name or other name fits the words, the dangerous first: nobody should have to scroll to a warning. */
export function findDecor(query: string): Decor[] {
  const rank = { never: 0, liner: 1, clean: 2 };
  return DECOR.filter((decor) => matchWords([decor.name, ...decor.also], query) > 0).sort(
    (a, b) => rank[a.touch] - rank[b.touch],
  );
}

/** Words beside a plant's name that leave it the plant. */
const PARTS = new Set(
  'leaf leave flower petal blossom bloom twig sprig berry berrie branch stem foliage greenery garland wreath bouquet fresh green wild white red blue pink purple yellow small for decoration garnish'.split(
    ' ',
  ),
);

/** The plant that a name means, where it must not touch food: named alone, with a part of it, or as a garnish. */
export const neverFood = memo1(({ name, family }: Pick<Component, 'name' | 'family'>): Decor | undefined => {
  const words = wordsOf(name);
  return DECOR.find(
    (decor) =>
      decor.touch === 'never' &&
      [...decor.name.split(/ and /i), ...decor.also].some((label) => {
        const plant = wordsOf(label).filter((word) => !PARTS.has(word));
        return (
          plant.length > 0 &&
          plant.every((word) => words.includes(word)) &&
          (family === 'garnish' || words.every((word) => plant.includes(word) || PARTS.has(word)))
        );
      }),
  );
});
