import type { NeedPack } from '../pack.js';
import { contactSetting, DEFER } from './parts.js';

export const alcoholFree: NeedPack = {
  id: 'alcohol-free',
  name: 'No alcohol',
  also: ['alcohol free', 'no alcohol', 'teetotal', 'without alcohol'],
  rim: 'ticks',
  summary: 'Nothing made or washed with wine, beer or spirits.',
  strictness: 'strict',
  settings: [
    {
      id: 'vanilla',
      name: 'Vanilla extract in alcohol',
      values: [
        { id: 'avoid', name: 'avoid' },
        { id: 'ask', name: 'ask the guest' },
        { id: 'accept', name: 'accept' },
      ],
      default: 'ask',
    },
    {
      id: 'vinegar',
      name: 'Wine vinegar',
      values: [
        { id: 'avoid', name: 'avoid' },
        { id: 'accept', name: 'accept' },
      ],
      default: 'accept',
    },
    contactSetting('none'),
  ],
  rules: [
    {
      fact: 'alcohol',
      forbidden: ['contains'],
      ask: ['may'],
      why: 'it is made or washed with alcohol',
      source: 'label practice',
    },
    {
      fact: 'ingredient.vanilla-extract',
      when: { setting: 'vanilla', is: ['avoid'] },
      forbidden: ['contains'],
      ask: ['may'],
      why: 'its vanilla extract is made with alcohol',
      source: 'label practice',
    },
    {
      fact: 'ingredient.vanilla-extract',
      when: { setting: 'vanilla', is: ['ask'] },
      ask: ['contains', 'may'],
      why: 'its vanilla extract is made with alcohol',
      source: 'label practice',
    },
    {
      fact: 'ingredient.wine-vinegar',
      when: { setting: 'vinegar', is: ['avoid'] },
      forbidden: ['contains'],
      ask: ['may'],
      why: 'it has wine vinegar in it',
      source: 'label practice',
    },
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
