import type { FactKey } from '../../catalogue/index.js';
import type { NeedPack } from '../pack.js';
import { contactSetting, DEFER, notAsIngredient } from './parts.js';

const LEFT_OUT: readonly (readonly [FactKey, string])[] = [
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
  ['animal.egg', 'egg'],
  ['allergen.egg', 'egg'],
  ['allergen.fish', 'fish'],
  ['allergen.crustaceans', 'crustaceans'],
  ['allergen.molluscs', 'molluscs'],
  ['ingredient.onion', 'onion'],
  ['ingredient.garlic', 'garlic'],
  ['ingredient.root', 'a root vegetable'],
  ['ingredient.mushroom', 'mushrooms'],
  ['alcohol', 'alcohol'],
];

export const jain: NeedPack = {
  id: 'jain',
  name: 'Jain',
  also: ['jains', 'jainism'],
  rim: 'steps',
  summary: 'No meat, fish, egg, honey, gelatine or animal rennet; no roots, onion, garlic or mushrooms.',
  strictness: 'strict',
  settings: [contactSetting('none')],
  rules: [
    ...LEFT_OUT.map(([fact, word]) => notAsIngredient(fact, word)),
    {
      fact: 'gelatine-from',
      forbidden: ['pork', 'beef', 'fish'],
      why: 'it has gelatine in it',
      source: 'label practice',
    },
    { fact: 'rennet', forbidden: ['animal'], why: 'it is set with animal rennet', source: 'label practice' },
  ],
  contact: {
    carriers: [
      { fact: 'animal.pork', values: ['contains'] },
      { fact: 'animal.beef', values: ['contains'] },
      { fact: 'animal.poultry', values: ['contains'] },
      { fact: 'animal.fish', values: ['contains'] },
    ],
    what: 'meat or fish',
  },
  page: {
    traps: [
      'onion and garlic in dips and crackers',
      'carrot, radish, beetroot, potato',
      'honey',
      'rennet',
      'figs and aubergine, which many leave out for their seeds',
    ],
    good: ['fruit', 'nuts', 'cheese with microbial rennet', 'tomatoes, cucumber, peppers'],
    note: `Families differ, and more is left out on some days: ask. ${DEFER}`,
    sources: ['common definition of Jain food'],
  },
};
