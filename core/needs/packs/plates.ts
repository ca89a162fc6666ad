import type { NeedPack } from '../pack.js';

/** Salt and energy are counted on the whole plate, as keto's carbohydrate is. */
export const lowSalt: NeedPack = {
  id: 'low-salt',
  name: 'Low salt',
  also: ['low sodium', 'salt-free', 'little salt'],
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

export const lighter: NeedPack = {
  id: 'lighter',
  name: 'Lighter',
  also: ['light', 'low calorie', 'low fat'],
  rim: 'ticks',
  summary: 'Not too much energy on the whole plate.',
  strictness: 'preference',
  settings: [
    {
      id: 'limit',
      name: 'Energy on a plate',
      values: [
        { id: '1500', name: '1500 kJ (360 kcal)' },
        { id: '2000', name: '2000 kJ (480 kcal), at drinks' },
        { id: '3000', name: '3000 kJ (720 kcal), as a meal' },
      ],
      default: '2000',
      number: { min: 300, max: 8000, unit: 'kJ' },
    },
  ],
  rules: [],
  quantity: {
    fact: 'energy',
    unit: 'kJ',
    what: 'energy',
    usual: { drinks: 2000, meal: 3000 },
    denseFrom: 1200,
    slight: 0.1,
  },
  page: {
    traps: ['nuts and nut butters', 'mayonnaise and oil', 'salami and triple-cream cheese', 'chocolate'],
    good: ['fruit and vegetables', 'prawns and smoked trout', 'turkey, bresaola', 'tzatziki'],
    note: 'A wish, not a treatment: a medical diet needs its own advice.',
    sources: ['public food composition data', 'house default for the limits'],
  },
};
