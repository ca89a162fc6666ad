import type { ServingTable } from '../serving.js';

/**
 * What is cooked, baked and stirred together. By class: grams that one who takes it has at a meal or a breakfast (little,
 * usual, most), what it is on a board; then by food: takers in a hundred grown guests and in a hundred children, where it
 * leads, and what is its own.
 */
export const COOKED: ServingTable = {
  dish: {
    helping: [14, 25, 45],
    weight: 'base',
    eaten: 'picked',
    never: 'drinks sweet',
    foods: {
      'egg-halves': [70, 55, 'meal breakfast', { helping: [12, 25, 50], never: 'drinks sweet film afternoon' }],
      'granola-clusters': [60, 55, 'breakfast', { helping: [8, 15, 25], weight: 'companion', never: 'drinks meal sweet hand', partners: 'yoghurt' }],
      'pasta-bows': [62, 88, 'meal children picnic', { never: 'drinks breakfast sweet afternoon' }],
      'roast-potatoes': [80, 78, 'meal', { never: 'drinks breakfast sweet hand' }],
      'grilled-vegetables': [70, 25, 'meal', { never: 'drinks breakfast sweet children hand' }],
      'fresh-cheese-wraps': [72, 65, 'picnic walk afternoon children', { never: 'drinks sweet' }],
      'hummus-wraps': [60, 50, 'picnic walk film', { never: 'drinks breakfast sweet' }],
      'quiche-squares': [75, 50, 'meal picnic afternoon', { never: 'drinks sweet children' }],
      'pizza-bites': [72, 95, 'children film', { never: 'drinks breakfast sweet afternoon walk' }],
      'small-sandwiches': [75, 60, 'afternoon', { hearts: 'afternoon', never: 'drinks sweet walk' }],
      'cucumber-boats': [62, 60, 'children afternoon', { helping: [9, 18, 36], never: 'drinks breakfast sweet walk' }],
    },
  },
  salad: {
    helping: [18, 35, 60],
    weight: 'base',
    eaten: 'spooned',
    never: 'drinks breakfast sweet children hand',
    foods: {
      'grain-salad': [62, 25, 'meal'],
      'quinoa-salad': [55, 20, 'meal'],
      'bean-salad': [50, 15, 'meal'],
    },
  },
  yoghurt: {
    helping: [20, 40, 70],
    weight: 'base',
    eaten: 'spooned',
    never: 'drinks meal sweet hand',
    foods: {
      'thick-yoghurt': [70, 70, 'breakfast'],
      'soya-yoghurt': [20, 20, 'breakfast'],
    },
  },
};
