import { allergy } from './parts.js';

export const mustardFree = allergy({
  id: 'mustard-free',
  name: 'Mustard allergy',
  also: ['mustard free', 'mustard'],
  fact: 'allergen.mustard',
  word: 'mustard',
  traps: [
    'mustard seed in cornichons and pickles',
    'cured meat and sausage',
    'mayonnaise and dressings',
    'wasabi peas',
  ],
  good: ['plain cheese', 'fruit and vegetables', 'olives'],
});
