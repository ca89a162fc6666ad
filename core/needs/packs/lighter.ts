import type { NeedPack } from '../pack.js';

/** Energy is counted on the whole plate, as keto's carbohydrate is. */
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
