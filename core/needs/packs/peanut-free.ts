import { allergy } from './parts.js';

export const peanutFree = allergy({
  id: 'peanut-free',
  name: 'Peanut allergy',
  also: ['peanut free', 'peanut', 'peanuts', 'groundnut'],
  leftOut: ['nut', 'nuts', 'nut allergy', 'nut-free', 'nut free'],
  fact: 'allergen.peanuts',
  word: 'peanuts',
  rim: 'dots',
  travels: 'all',
  oftenToo: [{ fact: 'allergen.lupin', values: ['contains'] }],
  traps: ['nut mixes', 'nut butters', 'satay', 'cakes and chocolate', 'lupin may set off the same allergy'],
  good: ['seeds', 'fruit and vegetables', 'cheese'],
  note: 'A peanut is no tree nut: ask whether those are out too.',
});
