import { allergy } from './parts.js';

export const crustaceanFree = allergy({
  id: 'crustacean-free',
  name: 'Crustacean allergy',
  also: ['crustacean free', 'crustaceans', 'crustacean', 'prawns', 'shrimp', 'shellfish'],
  leftOut: [
    'shellfish',
    'shell fish',
    'seafood',
    'crayfish',
    'langoustine',
    'scampi',
    'prawn',
    'crab',
    'lobster',
    'shrimps',
  ],
  fact: 'allergen.crustaceans',
  word: 'crustaceans',
  oftenToo: [{ fact: 'allergen.molluscs', values: ['contains'] }],
  traps: ['prawns and crab', 'surimi', 'shrimp paste in kimchi'],
  good: ['fish, where it is no allergy', 'cheese', 'cured meat'],
  note: '"Shellfish" may mean molluscs too: ask which.',
});
