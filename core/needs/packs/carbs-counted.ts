import type { NeedPack } from '../pack.js';

/** Carbohydrate is counted on the whole plate as keto's is, to a larger figure, which is the guest's own. */
export const carbsCounted: NeedPack = {
  id: 'carbs-counted',
  name: 'Carbohydrate counted',
  also: [
    'diabetic',
    'diabetics',
    'diabetes',
    'gestational diabetes',
    'pregnancy diabetes',
    'type 1 diabetes',
    'type 2 diabetes',
    'type 1 diabetic',
    'type 2 diabetic',
    'counts carbs',
    'carb counting',
  ],
  rim: 'ticks',
  summary: 'No more net carbohydrate on the whole plate than the guest says; everything may be on it.',
  strictness: 'strict',
  settings: [
    {
      id: 'limit',
      name: 'Net carbohydrate on a plate',
      values: [
        { id: '30', name: '30 g, a small plate' },
        { id: '45', name: '45 g, at drinks' },
        { id: '60', name: '60 g, as a meal' },
      ],
      default: '45',
      number: { min: 10, max: 200, unit: 'g' },
    },
  ],
  rules: [],
  quantity: {
    fact: 'net-carbs',
    unit: 'g',
    what: 'net carbohydrate',
    usual: { drinks: 45, meal: 60 },
    // a slice or two of bread is on the plate of most; crackers, dried fruit and sweets are asked about
    denseFrom: 50,
    slight: 0.14,
    fineShare: 0.4,
  },
  page: {
    traps: ['honey, jam, dried fruit', 'sweets and chocolate', 'bread and crackers by the handful', 'grapes'],
    good: ['cheese, cured meat, fish, eggs', 'olives and pickles', 'nuts', 'raw vegetables', 'berries'],
    note: 'The figure is the guest’s own, and so is what is done with it: ask for it, and lay the carbohydrate of each food beside the board. A medical diet needs its own advice.',
    sources: ['public food composition data', 'house default for the limits'],
  },
};
