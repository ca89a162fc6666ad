import type { NeedPack } from '../pack.js';
import { NO_ALCOHOL, SOURCES } from './small-children.js';

export const child512: NeedPack = {
  id: 'child-5-12',
  name: 'Child of five to twelve',
  also: [],
  rim: 'scallop',
  summary: 'Familiar food first, blunt sticks, no alcohol.',
  strictness: 'strict',
  settings: [],
  rules: [NO_ALCOHOL],
  page: {
    traps: ['sharp picks', 'food washed or made with alcohol', 'only new foods on the plate'],
    good: ['two known foods for each new one', 'small portions', 'a dip in its own bowl', 'faces and shapes'],
    note: 'From five up, food on a blunt stick. A plate of their own keeps their hands, and their allergens, off the shared board.',
    sources: SOURCES,
  },
};
