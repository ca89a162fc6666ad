import type { FactKey } from '../../catalogue/index.js';
import type { NeedPack, Rule } from '../pack.js';
import { contactSetting, DEFER, notAsIngredient, rennetSetting } from './parts.js';

const FLESH: readonly (readonly [FactKey, string])[] = [
  ['animal.pork', 'pork'],
  ['animal.beef', 'beef'],
  ['animal.lamb', 'lamb'],
  ['animal.poultry', 'poultry'],
  ['animal.game', 'game'],
  ['animal.animal-fat', 'animal fat'],
  ['animal.insects', 'carmine or shellac'],
];
const OF_THE_SEA: readonly (readonly [FactKey, string])[] = [
  ['animal.fish', 'fish'],
  ['animal.shellfish', 'shellfish'],
  ['allergen.fish', 'fish'],
  ['allergen.crustaceans', 'crustaceans'],
  ['allergen.molluscs', 'molluscs'],
  ['animal.gelatine', 'gelatine'],
];

const STRICT_RENNET: Rule = {
  fact: 'rennet',
  when: { setting: 'rennet', is: ['strict'] },
  forbidden: ['animal'],
  why: 'it is set with animal rennet',
  source: 'label practice',
};

const MEAT_NEAR: NeedPack['contact'] = {
  carriers: [
    { fact: 'animal.pork', values: ['contains'] },
    { fact: 'animal.beef', values: ['contains'] },
    { fact: 'animal.poultry', values: ['contains'] },
    { fact: 'animal.game', values: ['contains'] },
  ],
  what: 'meat',
};

const PAGE: NeedPack['page'] = {
  traps: [
    'animal rennet in Parmigiano Reggiano, Grana Padano, Gruyère, Gorgonzola, Roquefort and more',
    'pesto made with them',
    'gelatine in sweets, mousses and coated salami',
    'carmine in red sweets',
    'anchovy in olive spread and dressings',
    'lard in pastry and beans',
  ],
  good: ['cheese labelled vegetarian', 'eggs', 'beans, tofu, nuts', 'fruit and vegetables'],
  note: `Some ignore rennet, some never do: it is a setting. Some specifications leave it open, so the counter must say. ${DEFER}`,
  sources: ['specifications of protected cheeses', 'label practice'],
};

export const vegetarian: NeedPack = {
  id: 'vegetarian',
  name: 'Vegetarian',
  also: ['vegetarians', 'veggie', 'veggies', 'lacto-ovo'],
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

export const pescatarian: NeedPack = {
  id: 'pescatarian',
  name: 'Pescatarian',
  also: ['pescatarians', 'pescetarian', 'pescetarians'],
  rim: 'waves',
  summary: 'Fish and shellfish, but no meat, and the rest as for vegetarians.',
  strictness: 'strict',
  settings: [rennetSetting('never', 'does not matter'), contactSetting('none')],
  rules: [
    ...FLESH.map(([fact, word]) => notAsIngredient(fact, word)),
    {
      fact: 'gelatine-from',
      forbidden: ['pork', 'beef'],
      why: 'its gelatine is of pork or beef',
      source: 'label practice',
    },
    STRICT_RENNET,
  ],
  contact: MEAT_NEAR,
  page: { ...PAGE, good: ['smoked and tinned fish', 'prawns', ...PAGE.good] },
};
