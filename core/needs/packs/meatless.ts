import type { FactKey } from '../../catalogue/index.js';
import type { Contact, PlainWords, Rule } from '../pack.js';
import { DEFER } from './parts.js';

/** What vegetarians and pescatarians share. */
export const FLESH: readonly (readonly [FactKey, string])[] = [
  ['animal.pork', 'pork'],
  ['animal.beef', 'beef'],
  ['animal.lamb', 'lamb'],
  ['animal.poultry', 'poultry'],
  ['animal.game', 'game'],
  ['animal.animal-fat', 'animal fat'],
  ['animal.insects', 'carmine or shellac'],
];
export const STRICT_RENNET: Rule = {
  fact: 'rennet',
  when: { setting: 'rennet', is: ['strict'] },
  forbidden: ['animal'],
  why: 'it is set with animal rennet',
  source: 'label practice',
};

export const MEAT_NEAR: Contact = {
  carriers: [
    { fact: 'animal.pork', values: ['contains'] },
    { fact: 'animal.beef', values: ['contains'] },
    { fact: 'animal.poultry', values: ['contains'] },
    { fact: 'animal.game', values: ['contains'] },
  ],
  what: 'meat',
};

export const PAGE: PlainWords = {
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
