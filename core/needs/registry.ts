import type { NeedWord } from '../party/index.js';
import { glutenFree, treeNutFree } from './packs/allergies.js';
import { child13, child4 } from './packs/children.js';
import { halal } from './packs/halal.js';
import { vegan, vegetarian } from './packs/plant-diets.js';
import type { NeedPack } from './pack.js';

/** Every need, in the order in which they are offered. */
export const NEEDS: readonly NeedPack[] = [
  vegan,
  vegetarian,
  halal,
  glutenFree,
  treeNutFree,
  child13,
  child4,
];

export function needPack(id: string): NeedPack | undefined {
  return NEEDS.find((n) => n.id === id || (n.id === 'gluten-free' && id === 'coeliac'));
}

/** Words for party lines. "coeliac" keeps its own label: it says more than the diet. */
export const NEED_WORDS: readonly NeedWord[] = NEEDS.flatMap((pack) =>
  [pack.id, pack.name.toLowerCase(), ...pack.also].map((word) => ({
    word,
    need: { id: pack.id, settings: {} },
    label: /^c(o)?eliac/.test(word) ? 'Coeliac' : pack.name,
  })),
);
