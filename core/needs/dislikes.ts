import { wordsOf, type Component, type Taste } from '../catalogue/index.js';
import type { Group } from '../party/index.js';
import { namesWidely } from './wider.js';

/** Tastes that people dislike, in their words, and from how much on. */
const TASTE_WORDS: Record<string, { taste: Taste; from: number }> = {
  hot: { taste: 'heat', from: 3 },
  spicy: { taste: 'heat', from: 2 },
  chilli: { taste: 'heat', from: 2 },
  salty: { taste: 'salt', from: 4 },
  sweet: { taste: 'sweet', from: 3 },
  sour: { taste: 'sour', from: 3 },
  bitter: { taste: 'bitter', from: 3 },
  smoky: { taste: 'smoke', from: 2 },
  smoked: { taste: 'smoke', from: 2 },
  strong: { taste: 'strength', from: 4 },
  rich: { taste: 'richness', from: 4 },
};

/** "strong cheese" and "anything spicy" name a taste too. */
function tasteOf(word: string): { taste: Taste; from: number; rest: string[] } | undefined {
  const words = word
    .toLowerCase()
    .split(/[^\p{L}\p{M}]+/u)
    .filter((word) => word && !['anything', 'food', 'very', 'too'].includes(word));
  const at = words.findIndex((word) => word in TASTE_WORDS);
  return at < 0 ? undefined : { ...TASTE_WORDS[words[at]!]!, rest: words.filter((_, i) => i !== at) };
}

/**
 * A dislike names a component, a base food, what is in it, a family or a taste ("hot", "blue"). It is no verdict:
 * guests pass it by.
 */
export function disliked(component: Component, group: Group): boolean {
  if (group.dislikes.length === 0) return false;
  const words = new Set(
    [
      component.name,
      component.baseFood,
      ...component.synonyms,
      ...component.ingredients,
      component.family,
    ].flatMap(wordsOf),
  );
  const named = (text: readonly string[]) => text.flatMap(wordsOf).every((word) => words.has(word));
  return group.dislikes.some((dislike) => {
    const taste = tasteOf(dislike);
    if (taste && (component.taste?.[taste.taste] ?? 0) >= taste.from && named(taste.rest)) return true;
    return named([dislike]) || namesWidely(dislike, component, words);
  });
}
