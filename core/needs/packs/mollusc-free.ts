import { allergy } from './parts.js';

export const molluscFree = allergy({
  id: 'mollusc-free',
  name: 'Mollusc allergy',
  also: ['mollusc free', 'molluscs', 'mollusc', 'mollusk', 'mussels', 'oysters', 'squid'],
  leftOut: ['shellfish', 'shell fish', 'seafood', 'clam', 'scallop', 'snail', 'octopus'],
  fact: 'allergen.molluscs',
  word: 'molluscs',
  oftenToo: [{ fact: 'allergen.crustaceans', values: ['contains'] }],
  traps: ['mussels, oysters, snails', 'octopus and squid', 'oyster sauce'],
  note: 'Who is allergic to molluscs often is to prawns and crab, too: ask which.',
  good: ['fish, where it is no allergy', 'cheese', 'cured meat'],
});
