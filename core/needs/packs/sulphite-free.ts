import { allergy } from './parts.js';

export const sulphiteFree = allergy({
  id: 'sulphite-free',
  name: 'Sulphite-sensitive',
  also: ['sulphite free', 'sulfite-free', 'sulphites', 'sulfites', 'sulphite', 'sulfite'],
  leftOut: ['sulphite', 'sulphur dioxide'],
  fact: 'allergen.sulphites',
  word: 'sulphites',
  traps: [
    'bright dried apricots and pears',
    'wine and wine vinegar',
    'mustard',
    'prawns',
    'pickled onions and peppers',
  ],
  good: ['fresh fruit and vegetables', 'dark unsulphured dried fruit', 'cheese'],
  note: 'Labels must name them above 10 mg in a kilogram.',
});
