import { allergy } from './parts.js';

export const eggFree = allergy({
  id: 'egg-free',
  name: 'Egg allergy',
  also: ['egg free', 'egg', 'eggs', 'no egg'],
  fact: 'allergen.egg',
  word: 'egg',
  traps: [
    'lysozyme in Grana Padano and other hard cheese',
    'mayonnaise and aioli',
    'egg wash on pastry',
    'meringue, nougat, macarons',
    'surimi',
  ],
  good: ['soft cheese', 'cured ham', 'fruit, vegetables, nuts'],
});
