import type { NeedPack, SettingTest } from '../pack.js';
import { UNDER_FIVE, SHAPES, watch } from './small-children.js';

const CAREFUL: SettingTest = { setting: 'choking', is: ['careful'] };

export const child4: NeedPack = {
  id: 'child-4',
  name: 'Child of four',
  also: [],
  rim: 'scallop',
  summary: 'As for the smaller ones; some public guidance ends the rules on shapes at four.',
  strictness: 'allergy',
  settings: [
    {
      id: 'choking',
      name: 'Choking shapes',
      values: [
        { id: 'careful', name: 'careful up to five' },
        { id: 'under-4', name: 'only under four' },
      ],
      default: 'careful',
    },
  ],
  rules: [{ ...SHAPES, when: CAREFUL }, ...UNDER_FIVE],
  page: watch(
    'Public guidance on shapes differs by country: the careful reading is the default, the other a setting.',
  ),
};
