import { allergy } from './parts.js';

export const sesameFree = allergy({
  id: 'sesame-free',
  name: 'Sesame allergy',
  also: ['sesame free', 'sesame', 'tahini'],
  fact: 'allergen.sesame',
  word: 'sesame',
  travels: 'what-sheds',
  traps: [
    'hummus and baba ganoush',
    'halva',
    'crispbread and seeded crackers',
    'bagels and pita',
    'spice mixes',
  ],
  good: ['chickpea dip without tahini', 'plain bread', 'fruit and vegetables'],
});
