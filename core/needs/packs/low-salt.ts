import type { NeedPack } from '../pack.js';

/** Salt is counted on the whole plate, as keto's carbohydrate is. */
export const lowSalt: NeedPack = {
  id: 'low-salt',
  name: 'Low salt',
  also: [
    'low sodium',
    'salt-free',
    'salt free',
    'little salt',
    'less salt',
    'reduced salt',
    'no added salt',
    'low in salt',
  ],
  rim: 'ticks',
  summary: 'Little salt on the whole plate.',
  strictness: 'strict',
  settings: [
    {
      id: 'limit',
      name: 'Salt on a plate',
      values: [
        { id: '1', name: '1 g, strict' },
        { id: '1.5', name: '1.5 g, at drinks' },
        { id: '2.5', name: '2.5 g, as a meal' },
      ],
      default: '1.5',
      number: { min: 0.3, max: 10, unit: 'g' },
    },
  ],
  rules: [],
  quantity: {
    fact: 'salt',
    unit: 'g',
    what: 'salt',
    usual: { drinks: 1.5, meal: 2.5 },
    denseFrom: 1.25,
    slight: 0.1,
  },
  page: {
    traps: [
      'cured meat and smoked fish',
      'olives, capers, pickles',
      'feta, blue and hard cheese',
      'salted crackers',
    ],
    good: ['fruit and vegetables', 'unsalted nuts', 'mozzarella, ricotta, Emmental', 'plain rice cakes'],
    note: 'Public guidance is at most 5 to 6 g a day for a grown person. A medical diet needs its own advice: ask the guest for the limit.',
    sources: ['public guidance on salt', 'house default for the limits'],
  },
};
