import type { NeedPack } from '../pack.js';
import { UNDER_FIVE, SHAPES, watch } from './small-children.js';

export const child13: NeedPack = {
  id: 'child-1-3',
  name: 'Child of one to three',
  also: [],
  rim: 'wide-scallop',
  summary: 'Soft, thin, quartered: no round, hard, chunky or sticky shapes; no raw milk, little salt.',
  strictness: 'allergy',
  settings: [],
  rules: [SHAPES, ...UNDER_FIVE],
  page: watch('Public guidance on shapes differs by country: some ends at four, some at five.'),
};
