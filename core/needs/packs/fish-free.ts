import { allergy } from './parts.js';

export const fishFree = allergy({
  id: 'fish-free',
  name: 'Fish allergy',
  also: ['fish free', 'fish'],
  leftOut: ['seafood'],
  fact: 'allergen.fish',
  word: 'fish',
  traps: ['anchovy in olive spread, olives and dressings', 'fish sauce in kimchi', 'surimi', 'fish gelatine'],
  good: ['cheese', 'cured meat', 'beans, tofu'],
});
