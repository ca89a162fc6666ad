import type { NeedPack } from '../pack.js';
import { DEFER } from './parts.js';

export const lactoseLight: NeedPack = {
  id: 'lactose-light',
  name: 'Little lactose',
  also: ['lactose', 'lactose-free', 'lactose free', 'lactose intolerant', 'lactose light'],
  rim: 'beads',
  summary: 'Little lactose: aged hard cheese is fine for many. This is not a milk allergy.',
  strictness: 'preference',
  oneFood: true,
  settings: [
    {
      id: 'level',
      name: 'How little',
      values: [
        { id: 'none', name: 'none at all' },
        { id: 'low', name: 'aged hard cheese is fine' },
      ],
      default: 'low',
    },
  ],
  rules: [
    {
      fact: 'lactose',
      when: { setting: 'level', is: ['low'] },
      forbidden: ['contains'],
      why: 'it has lactose in it',
      source: 'public food composition data',
    },
    {
      fact: 'lactose',
      when: { setting: 'level', is: ['none'] },
      forbidden: ['contains', 'low'],
      why: 'it has lactose in it, if only little',
      source: 'public food composition data',
    },
  ],
  page: {
    traps: ['fresh and soft cheese', 'cream dips', 'milk chocolate', 'brioche'],
    good: ['aged hard cheese', 'plant cheese', 'cured ham', 'fruit and vegetables'],
    note: `Never for a milk allergy: take "Milk allergy" for that. People bear different amounts. ${DEFER}`,
    sources: ['public food composition data'],
  },
};
