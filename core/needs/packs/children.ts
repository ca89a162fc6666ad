import type { NeedPack, Rule } from '../pack.js';

const AWAY_FROM_UNDER_FIVES: Rule[] = [
  {
    fact: 'alcohol',
    forbidden: ['contains'],
    ask: ['may'],
    why: 'alcohol is in it',
    source: 'public guidance',
  },
  { fact: 'milk-treatment', forbidden: ['raw'], why: 'its milk is raw', source: 'public guidance' },
  {
    fact: 'salt-class',
    forbidden: ['very-salty'],
    why: 'it is very salty for a small child',
    source: 'public guidance',
  },
];

const CHOKING: Rule = {
  fact: 'choking',
  forbidden: ['round', 'hard', 'chunk', 'sticky'],
  why: 'in this form a small child can choke on it',
  source: 'public guidance',
};

export const child13: NeedPack = {
  id: 'child-1-3',
  name: 'Child of one to three',
  also: [],
  rim: 'wide-scallop',
  summary: 'Soft, thin, quartered: no round, hard, chunky or sticky shapes; no raw milk, little salt.',
  grave: true,
  settings: [],
  rules: [CHOKING, ...AWAY_FROM_UNDER_FIVES],
};

export const child4: NeedPack = {
  id: 'child-4',
  name: 'Child of four',
  also: [],
  rim: 'scallop',
  summary: 'As for the smaller ones; some public guidance ends the rules on shapes at four.',
  grave: true,
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
  rules: [{ ...CHOKING, when: { setting: 'choking', is: ['careful'] } }, ...AWAY_FROM_UNDER_FIVES],
};
