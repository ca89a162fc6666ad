import type { NeedPack } from '../pack.js';
import { contactSetting, DEFER, vanillaSetting, VINEGAR_AND_VANILLA, vinegarSetting } from './parts.js';

export const alcoholFree: NeedPack = {
  id: 'alcohol-free',
  name: 'No alcohol',
  also: [
    'alcohol free',
    'no alcohol',
    'teetotal',
    'tee total',
    'teetotaller',
    'teetotaler',
    'sober',
    'without alcohol',
    'non-drinker',
    'non drinker',
  ],
  leftOut: ['alcohol', 'wine', 'beer', 'booze'],
  rim: 'ticks',
  summary: 'Nothing made or washed with wine, beer or spirits.',
  strictness: 'strict',
  oneFood: true,
  settings: [vanillaSetting, vinegarSetting, contactSetting('none')],
  rules: [
    {
      fact: 'alcohol',
      forbidden: ['contains'],
      ask: ['may'],
      why: 'it is made or washed with alcohol',
      source: 'label practice',
    },
    ...VINEGAR_AND_VANILLA,
  ],
  contact: { carriers: [{ fact: 'alcohol', values: ['contains'] }], what: 'alcohol' },
  page: {
    traps: [
      'rinds washed in spirits',
      'liver parfait and pâté',
      'wine jelly',
      'rum fruit and truffles',
      'salami with wine',
    ],
    good: ['plain cheese', 'fruit and vegetables', 'cured ham'],
    note: `Cooking does not take all alcohol away. ${DEFER}`,
    sources: ['label practice'],
  },
};
