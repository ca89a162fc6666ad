import { allergy } from './parts.js';

export const dairyFree = allergy({
  id: 'dairy-free',
  name: 'Milk allergy',
  also: ['dairy free', 'milk-free', 'milk free', 'dairy', 'milk', 'no dairy'],
  leftOut: [
    'cheese',
    'cows milk',
    'cow milk',
    'butter',
    'ghee',
    'yogurt',
    'cream',
    'yoghurt',
    'casein',
    'whey',
    'milk protein',
    'cow s milk',
    'dairy products',
  ],
  fact: 'allergen.milk',
  word: 'milk',
  traps: [
    'butter and cream',
    'milk powder in salami and crisps',
    'dark chocolate',
    'brioche',
    'pesto',
    'plant cheese made beside milk',
  ],
  good: ['dry-cured ham', 'hummus', 'olives', 'fruit and vegetables'],
  note: 'Cheese that is low in lactose is never free of milk.',
});
