import type { NeedPack, Rule, SettingTest } from '../pack.js';

const away = (fact: Rule['fact'], values: readonly string[], why: string): Rule => ({
  fact,
  forbidden: values,
  why,
  source: 'public guidance',
});

const NO_ALCOHOL: Rule = { ...away('alcohol', ['contains'], 'alcohol is in it'), ask: ['may'] };

/** Soft mould-ripened cheese, raw egg and raw fish: some public guidance keeps them from under-fives, so it is asked. */
const RAW_AND_RIPE: Rule = {
  fact: 'process',
  ask: ['mould-ripened', 'soft-blue', 'raw-egg', 'raw-fish', 'sprouts'],
  why: 'some public guidance keeps food made this way from small children',
  source: 'public guidance',
};

const UNDER_FIVE: readonly Rule[] = [
  NO_ALCOHOL,
  away('milk-treatment', ['raw'], 'its milk is raw'),
  away('salt-class', ['very-salty'], 'it is very salty for a small child'),
  RAW_AND_RIPE,
];

const CHOKES = ['round', 'hard', 'chunk', 'sticky'];
const SHAPES: Rule = away('choking', CHOKES, 'in this form a small child can choke on it');

const SHAPE_TRAPS = [
  'whole grapes, cherry tomatoes, olives',
  'whole nuts, popcorn, hard and sticky sweets',
  'round slices of sausage',
  'raw carrot and apple',
  'cubes of cheese',
  'thick nut butter',
  'sharp picks',
];
const SOFT = [
  'quartered grapes and tomatoes',
  'thin strips of cheese',
  'steamed vegetable sticks',
  'soft fruit',
  'a dip in a bowl of its own',
];
const SOURCES = ['public guidance on choking', 'public guidance on food for small children'];

const watch = (note: string): NeedPack['page'] => ({
  traps: SHAPE_TRAPS,
  good: SOFT,
  note: `${note} A grown person sits with small children while they eat.`,
  sources: SOURCES,
});

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
