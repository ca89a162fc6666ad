import type { NeedPack, Rule } from '../pack.js';

export const away = (fact: Rule['fact'], values: readonly string[], why: string): Rule => ({
  fact,
  forbidden: values,
  why,
  source: 'public guidance',
});

export const NO_ALCOHOL: Rule = { ...away('alcohol', ['contains'], 'alcohol is in it'), ask: ['may'] };

/** Soft mould-ripened cheese, raw egg and raw fish: some public guidance keeps them from under-fives, so it is asked. */
export const RAW_AND_RIPE: Rule = {
  fact: 'process',
  ask: ['mould-ripened', 'soft-blue', 'raw-egg', 'raw-fish', 'sprouts'],
  why: 'some public guidance keeps food made this way from small children',
  source: 'public guidance',
};

export const UNDER_FIVE: readonly Rule[] = [
  NO_ALCOHOL,
  away('milk-treatment', ['raw'], 'its milk is raw'),
  away('salt-class', ['very-salty'], 'it is very salty for a small child'),
  RAW_AND_RIPE,
];

export const CHOKES = ['round', 'hard', 'chunk', 'sticky'];
export const SHAPES: Rule = away('choking', CHOKES, 'in this form a small child can choke on it');

export const SHAPE_TRAPS = [
  'whole grapes, cherry tomatoes, olives',
  'whole nuts, popcorn, hard and sticky sweets',
  'round slices of sausage',
  'raw carrot and apple',
  'cubes of cheese',
  'thick nut butter',
  'sharp picks',
];
export const SOFT = [
  'quartered grapes and tomatoes',
  'thin strips of cheese',
  'steamed vegetable sticks',
  'soft fruit',
  'a dip in a bowl of its own',
];
export const SOURCES = ['public guidance on choking', 'public guidance on food for small children'];

export const watch = (note: string): NeedPack['page'] => ({
  traps: SHAPE_TRAPS,
  good: SOFT,
  note: `${note} A grown person sits with small children while they eat.`,
  sources: SOURCES,
});
