import type { FactKey } from '../../catalogue/index.js';
import type { NeedPack } from '../pack.js';
import { FLESH, MEAT_NEAR, PAGE, STRICT_RENNET } from './meatless.js';
import { contactSetting, notAsIngredient, rennetSetting } from './parts.js';

const OF_THE_SEA: readonly (readonly [FactKey, string])[] = [
  ['animal.fish', 'fish'],
  ['animal.shellfish', 'shellfish'],
  ['allergen.fish', 'fish'],
  ['allergen.crustaceans', 'crustaceans'],
  ['allergen.molluscs', 'molluscs'],
  ['animal.gelatine', 'gelatine'],
];

export const vegetarian: NeedPack = {
  id: 'vegetarian',
  name: 'Vegetarian',
  also: ['vegetarians', 'veggie', 'veggies', 'lacto-ovo', 'meat free', 'meatless'],
  rim: 'waves',
  summary: 'No meat, fish, gelatine, carmine or animal fat; about rennet people differ.',
  strictness: 'strict',
  settings: [rennetSetting('never', 'does not matter'), contactSetting('none')],
  rules: [
    ...[...FLESH, ...OF_THE_SEA].map(([fact, word]) => notAsIngredient(fact, word)),
    {
      fact: 'gelatine-from',
      forbidden: ['pork', 'beef', 'fish'],
      why: 'it has gelatine in it',
      source: 'label practice',
    },
    STRICT_RENNET,
  ],
  contact: MEAT_NEAR,
  page: PAGE,
};
