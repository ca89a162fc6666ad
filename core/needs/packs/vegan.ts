import type { FactKey } from '../../catalogue/index.js';
import type { NeedPack } from '../pack.js';
import { contactSetting, DEFER, notOfAnAnimal, traces } from './parts.js';

const OF_ANIMALS: readonly (readonly [FactKey, string])[] = [
  ['animal.pork', 'pork'],
  ['animal.beef', 'beef'],
  ['animal.lamb', 'lamb'],
  ['animal.poultry', 'poultry'],
  ['animal.game', 'game'],
  ['animal.fish', 'fish'],
  ['animal.shellfish', 'shellfish'],
  ['animal.animal-fat', 'animal fat'],
  ['animal.gelatine', 'gelatine'],
  ['animal.insects', 'carmine or shellac'],
  ['animal.honey', 'honey'],
  ['animal.beeswax', 'beeswax'],
  ['animal.egg', 'egg'],
  ['animal.milk', 'milk'],
  ['allergen.milk', 'milk'],
  ['allergen.egg', 'egg'],
  ['allergen.fish', 'fish'],
  ['allergen.crustaceans', 'crustaceans'],
  ['allergen.molluscs', 'molluscs'],
];

export const vegan: NeedPack = {
  id: 'vegan',
  name: 'Vegan',
  also: [
    'vegans',
    'plant-based',
    'plant based',
    'no animal products',
    'no animal product',
    'without animal products',
    'animal-free',
    'animal free',
  ],
  rim: 'strokes',
  summary: 'Nothing of an animal: no meat, fish, milk, egg, honey, beeswax, gelatine, carmine or rennet.',
  strictness: 'strict',
  settings: [
    traces,
    {
      id: 'wine',
      name: 'Wine and beer, which may be cleared with egg or fish',
      values: [
        { id: 'ask', name: 'ask how it was cleared' },
        { id: 'accept', name: 'accept' },
      ],
      default: 'ask',
    },
    contactSetting('none'),
  ],
  rules: [
    ...OF_ANIMALS.flatMap(([fact, word]) => notOfAnAnimal(fact, word)),
    { fact: 'rennet', forbidden: ['animal'], why: 'it is set with animal rennet', source: 'label practice' },
    {
      fact: 'gelatine-from',
      forbidden: ['pork', 'beef', 'fish'],
      why: 'it has gelatine in it',
      source: 'label practice',
    },
    {
      fact: 'alcohol',
      when: { setting: 'wine', is: ['ask'] },
      and: [{ fact: 'ingredient.grape-product', values: ['contains'] }],
      ask: ['contains'],
      why: 'wine and beer may be cleared with egg, milk or fish',
      source: 'label practice',
    },
  ],
  contact: {
    carriers: [
      { fact: 'animal.pork', values: ['contains'] },
      { fact: 'animal.beef', values: ['contains'] },
      { fact: 'animal.poultry', values: ['contains'] },
      { fact: 'animal.fish', values: ['contains'] },
      { fact: 'animal.milk', values: ['contains'] },
    ],
    what: 'meat, fish or cheese',
  },
  page: {
    traps: [
      'honey in crackers and nut mixes',
      'egg wash and butter in brioche and puff pastry',
      'whey in crisps',
      'milk in dark chocolate',
      'gelatine in marshmallows and gums',
      'shellac on sweets and waxed fruit',
      'pesto',
      'fish sauce in kimchi',
    ],
    good: ['fruit and vegetables', 'nuts', 'hummus', 'olives', 'bread of flour, water and salt'],
    note: `People differ about traces of milk or egg and about how wine was cleared: both are settings. ${DEFER}`,
    sources: ['label practice', 'common definition of vegan food'],
  },
};
