import { decorRows } from './data/decor.js';
import { matchWords } from './search.js';

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
