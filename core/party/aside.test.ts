import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { asideOf, moneyOf, readParty, totalOf } from './index.js';

const read = (line: string) => readParty(line, NEED_WORDS, isFoodWord);
const said = (line: string): string =>
  read(line)
    .groups.map(({ count, needs }) => `${count} ${needs.map(({ id }) => id).join('+')}`.trim())
    .join(' | ');

test.each([
  ['20 guests at £12.50 a head, 3 vegan', '17 | 3 vegan'],
  ['20 guests, £15 per person, 3 vegan', '17 | 3 vegan'],
  ['14 people, budget 200, two vegan', '12 | 2 vegan'],
  ['14 people, up to 25 euros each, two vegan', '12 | 2 vegan'],
  ['30 guests, $300 total, 4 gluten free', '26 | 4 gluten-free'],
  ['40 people £8pp 5 veggie', '35 | 5 vegetarian'],
  ['20 guests (£400 total, 2 vegan)', '18 | 2 vegan'],
  ['low budget, 12 guests, 2 vegan', '10 | 2 vegan'],
  ['20 guests, £12-15 a head, 3 vegan', '17 | 3 vegan'],
  ['20 guests, £12 to £15 per head, 3 vegan', '17 | 3 vegan'],
  ['20 guests, budget 200-250, 3 vegan', '17 | 3 vegan'],
  ['20 guests, around 300-400 euros, 3 vegan', '17 | 3 vegan'],
  ['20 guests, £1.5k, 3 vegan', '17 | 3 vegan'],
  ['Lunch, 2 boards for 24 people, 3 vegan', '21 | 3 vegan'],
  ['25 wedding guests under £500', '25'],
  ['12 guests on a 60 cm board, 2 vegan', '10 | 2 vegan'],
  ['12 guests, 2 boards, 3 vegan', '9 | 3 vegan'],
  ['12 guests, two hours, 3 vegan', '9 | 3 vegan'],
  ['12 guests for 2.5 hours, 3 vegan', '9 | 3 vegan'],
  ['12 people in 2 rooms', '12'],
  ['room 12, 20 people', '20'],
  ['table 7: 6 adults, 1 vegan', '6 | 1 vegan'],
  ['20 guests, 1 kg of cheese, 2 vegan', '18 | 2 vegan'],
  ['20 guests, 5 cheeses, 2 vegan', '18 | 2 vegan'],
  ['12 people, 500g of nuts please', '12'],
  ['8 friends, the board is for drinks', '8'],
  ['24 guests, grazing table, 1 celiac', '23 | 1 gluten-free'],
  ['24 guests, cheese and wine, 1 celiac', '23 | 1 gluten-free'],
  ['34 guests, mostly standing: 3 vegetarians', '31 | 3 vegetarian'],
  ['34 guests at the office, standing: 3 vegetarians', '31 | 3 vegetarian'],
  ['18 for lunch, in the garden: 4 vegan', '14 | 4 vegan'],
  ['30 guests, standing: all vegetarian', '30 vegetarian'],
  ['20 guests (dinner), 3 vegan', '17 | 3 vegan'],
  ['16 people - cocktail party - 2 vegans', '14 | 2 vegan'],
  ["10 people, new year's eve, outside in the garden, 1 vegan", '9 | 1 vegan'],
  ['14 people, afternoon tea at 4, 2 vegetarian', '12 | 2 vegetarian'],
])('no number of %s is a guest: %s', (line, expected) => {
  expect([said(line), read(line).problems]).toEqual([expected, []]);
});

test.each([
  ['3 tables of 8, 4 vegan', '20 | 4 vegan'],
  ['3 tables of 8, one vegan at each', '21 | 3 vegan'],
  ['24 guests, 3 tables of 8, 2 vegan', '22 | 2 vegan'],
])('tables are counted with their seats: %s', (line, expected) => {
  expect(said(line)).toBe(expected);
});

test.each(['12 guests, one child 4yo', '12 guests, one child of 4 yrs old'])(
  '“%s” is a child of four',
  (line) => {
    expect(read(line).groups.find(({ band }) => band === 'child')?.ages).toEqual([4]);
  },
);

describe('what is said not to be eaten stays', () => {
  test.each([
    ['12 guests, one allergic to three kinds of nuts'],
    ['8 guests, one must not have more than 2 g of salt'],
    ['12 guests, 2 boxes gluten free'],
    ['12 guests, one no 5 cheeses'],
    ['12 guests, one no pork, cheese and wine'],
    ['12 guests, one allergic to coffee, tea'],
    ["12 guests, one doesn't eat meat, cheese and wine"],
    ['12 guests, one refuses dairy, cheese and wine'],
    ['12 guests, one with tea, coffee and nut allergies'],
  ])('%s', (line) => {
    expect(asideOf(line)).toEqual([]);
    expect(read(line).groups.some(({ needs }) => needs.length > 0)).toBe(true);
  });
});

test.each([
  ['20 guests at £12.50 a head', { amount: 12.5, each: true, currency: 'GBP' }],
  ['25 guests under £1,500', { amount: 1500, each: false, currency: 'GBP' }],
  ['14 people, up to 25 euros each', { amount: 25, each: true, currency: 'EUR' }],
  ['14 people, budget: 200', { amount: 200, each: false, currency: undefined }],
  ['30 guests, 300$ in total', { amount: 300, each: false, currency: 'USD' }],
  ['12 people, CHF 40 pp', { amount: 40, each: true, currency: 'CHF' }],
  ['12 people, 40 chf pp', { amount: 40, each: true, currency: 'CHF' }],
  ['2 pounds of cheese for 12', undefined],
  ['£200 or £300, 12 people', undefined],
  ['20 guests, £12-15 a head', { amount: 15, each: true, currency: 'GBP' }],
  ['20 guests, between 200 and 250 euros', { amount: 250, each: false, currency: 'EUR' }],
  ['20 guests, $1.5k', { amount: 1500, each: false, currency: 'USD' }],
  ['12 people', undefined],
])('of money %s says %j', (line, expected) => {
  expect(moneyOf(line)).toEqual(expected);
});

test('what is set aside is said in the words of the line', () => {
  expect(asideOf('20 guests at £12.50 a head, 2 boards, 3 vegan, 1 kg of cheese')).toEqual([
    'at £12.50 a head',
    '2 boards',
    '1 kg of cheese',
  ]);
});

test('money, hours and boards behind the guests change nothing of who comes', () => {
  const guests = fc.integer({ min: 4, max: 90 });
  const aside = fc.constantFrom(
    '£12 a head',
    'budget 300',
    'up to €450 in total',
    'for two hours',
    'on 3 boards',
    'on a 45 cm round board',
    '2 kg of cheese',
    'three kinds of bread',
  );
  fc.assert(
    fc.property(guests, fc.integer({ min: 1, max: 3 }), aside, fc.boolean(), (n, vegans, phrase, before) => {
      const plain = `${n} guests, ${vegans} vegan`;
      const line = before ? `${n} guests, ${phrase}, ${vegans} vegan` : `${plain}, ${phrase}`;
      expect([line, said(line), totalOf(read(line))]).toEqual([line, said(plain), n]);
    }),
  );
});

// with two ways to read each blank it would take longer than anybody lives
test.each(['a ', 'the ', 'for ', 'with ', 'about: ', 'budget ', 'small ', 'from 1 to ', '£', '1,'])(
  'a line of nothing but %j comes to an end, and names no money',
  (word) => {
    const line = word.repeat(Math.floor(900 / word.length));
    expect([moneyOf(line), asideOf(line)]).toEqual([undefined, []]);
    expect(totalOf(read(line))).toBeLessThan(900);
  },
);
