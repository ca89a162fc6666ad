import { allergy } from './parts.js';

/** The other allergens that labels must name. Each is one row: where it hides on a board, what is good. */
export const dairyFree = allergy({
  id: 'dairy-free',
  name: 'Milk allergy',
  also: ['dairy free', 'milk-free', 'milk free', 'dairy', 'milk', 'no dairy'],
  fact: 'allergen.milk',
  word: 'milk',
  more: [],
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

export const peanutFree = allergy({
  id: 'peanut-free',
  name: 'Peanut allergy',
  also: ['peanut free', 'peanut', 'peanuts', 'groundnut'],
  fact: 'allergen.peanuts',
  word: 'peanuts',
  rim: 'dots',
  traps: ['nut mixes', 'nut butters', 'satay', 'cakes and chocolate', 'lupin may set off the same allergy'],
  good: ['seeds', 'fruit and vegetables', 'cheese'],
  note: 'A peanut is no tree nut: ask whether those are out too.',
});

export const sesameFree = allergy({
  id: 'sesame-free',
  name: 'Sesame allergy',
  also: ['sesame free', 'sesame', 'tahini'],
  fact: 'allergen.sesame',
  word: 'sesame',
  traps: [
    'hummus and baba ganoush',
    'halva',
    'crispbread and seeded crackers',
    'bagels and pita',
    'spice mixes',
  ],
  good: ['chickpea dip without tahini', 'plain bread', 'fruit and vegetables'],
});

export const soyFree = allergy({
  id: 'soy-free',
  name: 'Soy allergy',
  also: ['soy free', 'soy', 'soya', 'soya-free'],
  fact: 'allergen.soy',
  word: 'soy',
  traps: ['tofu, tempeh, edamame', 'soy sauce', 'lecithin in chocolate', 'plant meats', 'dried beef'],
  good: ['cheese', 'beans and chickpeas', 'nuts'],
});

export const fishFree = allergy({
  id: 'fish-free',
  name: 'Fish allergy',
  also: ['fish free', 'fish'],
  fact: 'allergen.fish',
  word: 'fish',
  traps: ['anchovy in olive spread, olives and dressings', 'fish sauce in kimchi', 'surimi', 'fish gelatine'],
  good: ['cheese', 'cured meat', 'beans, tofu'],
});

export const crustaceanFree = allergy({
  id: 'crustacean-free',
  name: 'Crustacean allergy',
  also: ['crustacean free', 'crustaceans', 'crustacean', 'prawns', 'shrimp', 'shellfish'],
  fact: 'allergen.crustaceans',
  word: 'crustaceans',
  traps: ['prawns and crab', 'surimi', 'shrimp paste in kimchi'],
  good: ['fish, where it is no allergy', 'cheese', 'cured meat'],
  note: '"Shellfish" may mean molluscs too: ask which.',
});

export const molluscFree = allergy({
  id: 'mollusc-free',
  name: 'Mollusc allergy',
  also: ['mollusc free', 'molluscs', 'mollusc', 'mollusk', 'mussels', 'oysters', 'squid'],
  fact: 'allergen.molluscs',
  word: 'molluscs',
  traps: ['mussels, oysters, snails', 'octopus and squid', 'oyster sauce'],
  good: ['fish, where it is no allergy', 'cheese', 'cured meat'],
});

export const celeryFree = allergy({
  id: 'celery-free',
  name: 'Celery allergy',
  also: ['celery free', 'celery', 'celeriac'],
  fact: 'allergen.celery',
  word: 'celery',
  traps: [
    'celery salt in pickles and chutney',
    'stock and spice mixes',
    'sausages',
    'mixed pickled vegetables',
  ],
  good: ['plain cheese', 'fruit', 'cucumber, tomato, pepper'],
});

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

export const sulphiteFree = allergy({
  id: 'sulphite-free',
  name: 'Sulphite-sensitive',
  also: ['sulphite free', 'sulfite-free', 'sulphites', 'sulfites', 'sulphite', 'sulfite'],
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
