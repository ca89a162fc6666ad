import type { NeedPack } from '../pack.js';
import { away, UNDER_FIVE, SHAPES, watch } from './small-children.js';

export const childUnder1: NeedPack = {
  id: 'child-under-1',
  name: 'Child under one',
  also: [],
  rim: 'wide-scallop',
  summary: 'No honey at all, little salt, nothing raw, and only soft thin shapes.',
  strictness: 'allergy',
  settings: [],
  rules: [
    SHAPES,
    ...UNDER_FIVE,
    away('animal.honey', ['contains', 'may'], 'honey can carry what poisons a baby'),
    { fact: 'salt-class', ask: ['salty'], why: 'it is salty for a baby', source: 'public guidance' },
  ],
  page: watch(
    'Under twelve months no honey at all, not baked either. Ask the parents what the child eats already.',
  ),
};
