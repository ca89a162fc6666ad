import type { NeedPack } from '../pack.js';

export const keto: NeedPack = {
  id: 'keto',
  name: 'Keto, low-carb',
  also: ['keto', 'ketogenic', 'low carb', 'low-carb'],
  leftOut: ['carbs', 'carbohydrates'],
  rim: 'ticks',
  summary: 'Little net carbohydrate on the whole plate; a little of a sweet thing is fine within the limit.',
  strictness: 'strict',
  settings: [
    {
      id: 'limit',
      name: 'Net carbohydrate on a plate',
      values: [
        { id: '5', name: '5 g, strict' },
        { id: '8', name: '8 g, at drinks' },
        { id: '15', name: '15 g, as a meal' },
      ],
      default: '8',
      number: { min: 1, max: 100, unit: 'g' },
    },
    {
      id: 'polyols',
      name: 'Sugar alcohols (erythritol never counts)',
      values: [
        { id: 'none', name: 'count them all' },
        { id: 'half', name: 'count half' },
        { id: 'all', name: 'count none' },
      ],
      default: 'half',
    },
    {
      id: 'tradition',
      name: 'A label that does not say whether its carbohydrate holds the fibre',
      values: [
        { id: 'eu', name: 'read as in Europe: without fibre' },
        { id: 'us', name: 'read as in the United States: with fibre' },
      ],
      default: 'eu',
    },
  ],
  rules: [],
  quantity: {
    fact: 'net-carbs',
    unit: 'g',
    what: 'net carbohydrate',
    usual: { drinks: 8, meal: 15 },
    denseFrom: 7.5,
    slight: 0.14,
  },
  page: {
    traps: [
      'honey, jam, dried fruit',
      'crackers and bread',
      'candied nuts and cashews',
      'hummus and bean dips',
      'balsamic glaze',
      'beetroot and grapes',
    ],
    good: [
      'cheese, cured meat, fish',
      'olives',
      'almonds, walnuts, pecans',
      'cucumber, celery, radish',
      'berries',
    ],
    note: 'In the United States the carbohydrate line holds the fibre, in Europe it does not. A medical diet needs its own advice: ask the guest for the limit.',
    sources: ['public food composition data', 'house default for the limits'],
  },
};
