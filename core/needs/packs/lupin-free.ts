import { allergy } from './parts.js';

export const lupinFree = allergy({
  id: 'lupin-free',
  name: 'Lupin allergy',
  also: ['lupin free', 'lupin', 'lupine'],
  fact: 'allergen.lupin',
  word: 'lupin',
  traps: ['lupin beans in brine', 'lupin flour in gluten-free bread', 'plant meats'],
  good: ['cheese', 'wheat bread without additions', 'fruit and vegetables'],
  note: 'Who is allergic to peanuts may be to lupin too.',
});
