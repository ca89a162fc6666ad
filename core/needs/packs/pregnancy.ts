import { PROCESSES } from '../../catalogue/index.js';
import type { NeedPack, SettingTest } from '../pack.js';

const STRICT: SettingTest = { setting: 'level', is: ['strict'] };
const LENIENT: SettingTest = { setting: 'level', is: ['lenient'] };
const NOT_HARD = PROCESSES.filter((p) => p !== 'hard-cheese' && p !== 'unknown');

/** Public guidance differs by country: the careful set is the default, the other a setting. */
export const pregnancy: NeedPack = {
  id: 'pregnancy',
  name: 'Pregnant',
  also: [
    'pregnancy',
    'pregnant',
    'expecting',
    'expectant',
    'preggers',
    'preggo',
    'gestational diabetes',
    'pregnancy diabetes',
  ],
  rim: 'waves',
  summary: 'No soft mould-ripened or soft blue cheese, nothing raw or cold-smoked, no pâté, no alcohol.',
  strictness: 'allergy',
  settings: [
    {
      id: 'level',
      name: 'Guidance',
      values: [
        { id: 'strict', name: 'the careful set' },
        { id: 'lenient', name: 'the lenient set' },
      ],
      default: 'strict',
    },
  ],
  rules: [
    {
      fact: 'process',
      when: STRICT,
      forbidden: [
        'mould-ripened',
        'soft-blue',
        'pate',
        'cured',
        'cold-smoked',
        'hot-smoked',
        'pink-meat',
        'raw-fish',
        'raw-egg',
        'sprouts',
      ],
      ask: ['cooked-meat', 'hard-blue'],
      why: 'made this way, it may carry what harms an unborn child',
      source: 'public guidance',
    },
    {
      fact: 'process',
      when: LENIENT,
      forbidden: ['mould-ripened', 'soft-blue', 'pate', 'raw-fish', 'sprouts'],
      ask: ['cured', 'cold-smoked', 'hot-smoked', 'pink-meat', 'raw-egg'],
      why: 'made this way, it may carry what harms an unborn child',
      source: 'public guidance',
    },
    {
      fact: 'milk-treatment',
      when: STRICT,
      forbidden: ['raw'],
      why: 'its milk is raw',
      source: 'public guidance',
    },
    {
      fact: 'milk-treatment',
      when: LENIENT,
      and: [{ fact: 'process', values: NOT_HARD }],
      forbidden: ['raw'],
      why: 'its milk is raw',
      source: 'public guidance',
    },
    {
      fact: 'alcohol',
      forbidden: ['contains'],
      ask: ['may'],
      why: 'alcohol is in it',
      source: 'public guidance',
    },
  ],
  page: {
    traps: [
      'brie, camembert and soft goat cheese with a rind',
      'soft blue cheese',
      'raw-milk cheese',
      'pâté of any kind',
      'cured ham and salami',
      'smoked salmon and other smoked fish: authorities differ about hot-smoked, ask',
      'pink roast beef',
      'home-made mayonnaise',
      'raw sprouts',
    ],
    good: [
      'hard pasteurised cheese',
      'mozzarella, ricotta, cream cheese',
      'tinned fish',
      'fruit and vegetables, well washed',
    ],
    note: 'Guidance differs by country and by week: ask the guest what her midwife or doctor says. Cut nothing for her on a board that met the others.',
    sources: ['public health guidance for pregnancy'],
  },
};
