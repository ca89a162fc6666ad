import { seedOf } from './random.js';

/** Pictures of plants, animals and food, for a character class: "allergies: 🥜" says something. */
export const FOOD_PICTURES =
  '\\u{1F330}-\\u{1F37F}\\u{1F400}-\\u{1F43F}\\u{1F950}-\\u{1F9CB}\\u{1FAB0}-\\u{1FADF}';

const MARK = 6;

/**
 * Words as an id of at most `most` characters: "Aunt's crème" → "aunts-creme". Where it would not say all that was said
 * (cut off, or of another alphabet), a mark of the whole text keeps two texts apart; no word at all gives `otherwise`.
 */
export function idOf(text: string, most: number, otherwise: string): string {
  const low = text
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[\u0300-\u036f'’]/g, '');
  const words = low.replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '');
  const lost = /[^\p{ASCII}\p{P}\p{Z}]/u.test(low);
  if (!lost && words.length <= most) return words || otherwise;
  const mark = (seedOf(low) >>> 0).toString(36).slice(-MARK);
  return `${(words || otherwise).slice(0, most - MARK - 1).replace(/-$/, '')}-${mark}`;
}

/** A food's name without what stands behind its comma: "Hummus" for "Hummus, home-made". */
export const shortName = (name: string): string => name.split(',', 1)[0]!;

/** No longer than so many letters, and never within a word. */
export const shortened = (text: string, most: number): string => {
  if (text.length <= most) return text;
  const cut = text.slice(0, most);
  return `${cut.slice(0, Math.max(cut.lastIndexOf(' '), most / 2)).replace(/[\s,:]+$/, '')} …`;
};
