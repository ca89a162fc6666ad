import { describe, expect, test } from '@jest/globals';
import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { otherReadings, readParty, totalOf } from './index.js';

const read = (text: string) => readParty(text, NEED_WORDS, isFoodWord);
const shown = (text: string): string[] => {
  const { groups, problems } = read(text);
  expect(problems).toEqual([]);
  return groups.map(({ count, ages, needs }) =>
    [count, ...(ages.length > 0 ? [`(${ages.join(' ')})`] : []), ...needs.map(({ id }) => id)].join(' '),
  );
};

describe('what is written in haste', () => {
  test.each([
    ['20 ppl, 2gf, 1 df, 1 vg', ['16', '2 gluten-free', '1 dairy-free', '1 vegan']],
    ['9 guests. Two are vegan. One has a nut allergy.', ['6', '2 vegan', '1 tree-nut-free peanut-free']],
    ['approx. 20 guests, 3 vegan', ['17', '3 vegan']],
    ['guests: 12; vegan: 2; coeliac: 1', ['9', '2 vegan', '1 gluten-free']],
    ['vegan 2, coeliac 1, others 9', ['2 vegan', '1 gluten-free', '9']],
    ['2 x vegan, 9 x no requirements', ['2 vegan', '9']],
    ["we'll be 14, two of us don't eat pork", ['12', '2 own-no-pork']],
    ['5 of us, I am vegan', ['4', '1 vegan']],
    ['12 kosher dairy', ['12 kosher-style own-no-meat']],
  ])('%s', (line, groups) => {
    expect(shown(line)).toEqual(groups);
  });

  test('a single letter stands for two ways of eating, and is asked', () => {
    expect(read('12 guests, 2 v').unread).toEqual([expect.objectContaining({ text: 'v', guests: 2 })]);
  });
});

describe('shares of those who come', () => {
  test.each([
    ['16 guests, half of them vegetarian', ['8', '8 vegetarian']],
    ['17 guests, about half vegetarian', ['8', '9 vegetarian']],
    ['30 to 35 guests, 10% vegan', ['31', '4 vegan']],
    ['12 guests, one in three halal', ['8', '4 halal']],
    ['8 guests, all but one vegetarian', ['1', '7 vegetarian']],
    ['2 kids of 5, 4 parents, half of them vegetarian', ['2 (5 5)', '2 vegetarian', '2']],
    ['20 guests: 6 vegan, half of them coeliac', ['14', '3 vegan gluten-free', '3 vegan']],
  ])('%s', (line, groups) => {
    expect(shown(line)).toEqual(groups);
  });

  test.each(['20 guests, some vegan', '20 guests, a few vegetarians', '10 guests, most of them halal'])(
    '%s: how many is asked',
    (line) => {
      expect(read(line).problems).toEqual([expect.objectContaining({ code: 'no-number' })]);
    },
  );
});

describe('what says nothing of a board', () => {
  test.each([
    ['40 mourners after a funeral, older people mostly, 5 vegan', ['35', '5 vegan']],
    ['15 guests. No known allergies. 2 are vegan.', ['13', '2 vegan']],
    ['20 guests, no children, 3 vegan', ['17', '3 vegan']],
    ['20 guests, most eat everything, some older people, 3 vegan', ['17', '3 vegan']],
    ['9 with no restrictions, 2 vegan', ['9', '2 vegan']],
    ['6 vegans for a working lunch', ['6 vegan']],
    ['4 keto friends for a film night', ['4 keto']],
    ['22 neighbours to break the fast, all halal', ['22 halal']],
  ])('%s', (line, groups) => {
    expect(shown(line)).toEqual(groups);
    expect(read(line).unread).toEqual([]);
  });

  test('a fast that nobody is said to keep is asked', () => {
    expect(read('22 neighbours to break the fast').unread).not.toEqual([]);
    expect(read('12 guests for iftar').unread).not.toEqual([]);
  });

  test.each(['9 guests, nobody eats pork', '10 guests, everything except pork'])('%s', (line) => {
    expect(shown(line)).toEqual([expect.stringMatching(/^\d+ own-no-pork$/)]);
  });
});

describe('of whom it is said', () => {
  test.each([
    [
      '14 five-year-olds, one milk allergy, 3 parents',
      ['1 (5) dairy-free', '13 (5 5 5 5 5 5 5 5 5 5 5 5 5)', '3'],
    ],
    ['3 kids of 4, one vegan, 5 teachers', ['1 (4) vegan', '2 (4 4)', '5']],
    ['2 adults, 2 kids of 6, one vegan', ['2', '2 (6 6)', '1 vegan']],
    ['2 kids of 6, one vegan adult', ['2 (6 6)', '1 vegan']],
    ['10 adults and 2 kids (4, 6), one adult vegan', ['1 vegan', '9', '1 (4)', '1 (6)']],
    ['3 scouts aged 11, 1 halal', ['1 (11) halal', '2 (11 11)']],
    ['35 for a baptism, 6 under five', ['29', '6']],
    ['12 halal guests, 2 coeliac', ['10 halal', '2 gluten-free halal']],
    ['12 halal guests, 5 guests who eat everything', ['12 halal', '5']],
    ['8 vegetarian colleagues, 5 who eat everything', ['8 vegetarian', '5']],
    ['three couples and two singles', ['8']],
    [
      '6 adults (1 vegan, 1 coeliac) and 2 kids of 5 (one nut allergy)',
      ['1 vegan', '1 gluten-free', '4', '1 (5) tree-nut-free peanut-free', '1 (5)'],
    ],
    [
      '15 guests (3 veggie (1 of them vegan), 2 GF)',
      ['10', '1 vegetarian vegan', '2 vegetarian', '2 gluten-free'],
    ],
    [
      '5 kids of 7, 2 veggie, 1 halal, 1 coeliac',
      ['2 (7 7) vegetarian', '1 (7) halal', '1 (7) gluten-free', '1 (7)'],
    ],
    ['5 vegans, 3 meat eaters, 1 of the vegans is allergic to soy', ['1 vegan soy-free', '4 vegan', '3']],
    ['8 adults, 4 of whom are vegetarian, and 1 toddler of 2', ['4 vegetarian', '4', '1 (2)']],
    ['two vegans and a coeliac', ['2 vegan', '1 gluten-free']],
    ['two vegans with a nut and an egg allergy', ['2 vegan tree-nut-free peanut-free egg-free']],
    [
      'nut-free for 2 kids aged 8, one vegan',
      ['1 (8) vegan tree-nut-free peanut-free', '1 (8) tree-nut-free peanut-free'],
    ],
    ['mum, dad and grandma, 2 kids (5, 8)', ['3', '2 (5 8)']],
    ['between 30 and 40, 4 veggie', ['36', '4 vegetarian']],
    ['40+ guests, 5 vegan', ['35', '5 vegan']],
    ["14 guests, 3 don't drink", ['11', '3 alcohol-free']],
    ['13 guests, 2 lactose-intolerant', ['11', '2 lactose-light']],
  ])('%s', (line, groups) => {
    expect(shown(line)).toEqual(groups);
  });

  test('what nobody understands of everybody leaves them as many as they are', () => {
    const { groups, unread } = read('11 bridesmaids for a morning of getting dressed, 2 pregnant, 1 coeliac');
    expect(groups.reduce((sum, { count }) => sum + count, 0)).toBe(11);
    expect(unread.reduce((sum, { guests }) => sum + guests, 0)).toBe(11);
  });

  test('who is called by a name that nobody here knows is asked of, and is not more for the needs said after', () => {
    const { groups, unread } = read('19 lighthouse keepers after a gale, 3 veggie, 1 gf');
    expect(groups.reduce((sum, { count }) => sum + count, 0)).toBe(19);
    expect(new Set(unread.map(({ group }) => group)).size).toBe(groups.length);
    // somebody else may be meant by a name that is known, and by one that says something of what they eat
    expect(totalOf(read('5 on a cabbage diet, 3 friends'))).toBe(8);
  });

  test.each([
    ['10 guests, one is coeliac and one is vegan', ['8', '1 gluten-free', '1 vegan']],
    ['6 vegetarians one of them gluten free', ['1 vegetarian gluten-free', '5 vegetarian']],
    ['15 guests, 1 with gestational diabetes', ['14', '1 pregnancy carbs-counted']],
    ['12 with one baby', ['11', '1 (0)']],
    ['8 guests: 2 vegetarians who eat fish', ['6', '2 pescatarian']],
    [
      '9 guests, 2 pescatarians and someone with a nut allergy',
      ['6', '2 pescatarian', '1 tree-nut-free peanut-free'],
    ],
    ["Kids' party, 15 kids age 7, 1 halal", ['1 (7) halal', `14 (${'7 '.repeat(14).trim()})`]],
    ['office lunch for 30-40 people with 10% vegan', ['36', '4 vegan']],
    ['1 vegan, 6 without restrictions', ['1 vegan', '6']],
    // years are no guests
    ['60 years birthday, 30 guests', ['30']],
    ['My 60th birthday, 30 guests, 2 vegan', ['28', '2 vegan']],
    ['wedding 60 guests, 6 vegan', ['54', '6 vegan']],
    // by name
    ["Book club, 9 of us, Ruth can't have gluten", ['8', '1 gluten-free']],
    ['8 guests: Anna is vegan, Tom has a nut allergy', ['6', '1 vegan', '1 tree-nut-free peanut-free']],
    ['8 people, Omar eats halal', ['7', '1 halal']],
    ['6 people. Everyone is vegan. Nobody eats pork.', ['6 vegan own-no-pork']],
  ])('%s', (line, groups) => expect(shown(line)).toEqual(groups));

  test('no food is taken for somebody of that name: it is asked', () => {
    const { unread } = read('10 guests. Buckwheat is forbidden');
    expect(unread.map(({ text }) => text)).toContain('buckwheat');
    expect(read('4 guests, Fish is vegan').groups.every(({ needs }) => needs.length > 0)).toBe(true);
  });

  test('mothers are perhaps everybody', () => {
    const line = '10 mums, 1 vegan';
    const [other] = otherReadings(line, read(line), { words: NEED_WORDS, isFood: isFoodWord });
    expect([totalOf(read(line)), totalOf(read(other!.text))]).toEqual([11, 10]);
    const hens = 'Hen do: 12 girls, 2 vegan';
    const [all] = otherReadings(hens, read(hens), { words: NEED_WORDS, isFood: isFoodWord });
    expect(all).toMatchObject({ text: 'Hen do: 12 guests, 2 vegan', guests: 12 });
  });
});

/** Whatever is dropped or spelled out, no need may go with it. */
const NEEDS_ALONE = NEED_WORDS.filter(
  ({ leftOut, word }) => !leftOut && !/^no |^without |^child /.test(word),
);
const WAYS: readonly (readonly [string, (word: string) => string])[] = [
  ['in sentences', (word) => `12 guests. 2 are ${word}.`],
  ['for a meal', (word) => `6 ${word} for a birthday lunch`],
  ['before a meal', (word) => `6 for a ${word} lunch`],
  ['of all who are called something', (word) => `12 ${word} colleagues, 2 vegan`],
  ['among talk of who they are', (word) => `12 guests, mostly women, 2 ${word}, all adults`],
  ['behind', (word) => `guests: 12, ${word}: 2`],
  ['as a share', (word) => `12 guests, half of them ${word}`],
];
test.each(WAYS)('no need is lost: %s', (_, line) => {
  expect(NEEDS_ALONE.length).toBeGreaterThan(100);
  const lost = NEEDS_ALONE.filter(({ word, need }) => {
    const { groups, unread, problems } = read(line(word));
    return (
      problems.length === 0 &&
      unread.length === 0 &&
      !groups.some(({ needs }) => needs.some(({ id }) => id === need.id))
    );
  });
  expect(lost.map(({ word }) => word)).toEqual([]);
});
