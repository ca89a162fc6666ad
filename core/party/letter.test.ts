import { expect, test } from '@jest/globals';
import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { readParty } from './index.js';

const read = (line: string) => readParty(line, NEED_WORDS, isFoodWord);
const seated = (line: string): string =>
  read(line)
    .groups.map(({ count, band, ages, needs, dislikes }) =>
      [count, ...(band === 'child' ? [`(${ages.join(' ')})`] : []), ...needs.map(({ id }) => id), ...dislikes]
        .join(' ')
        .trim(),
    )
    .join(' | ');

test.each([
  [
    "Hi! We'd love a board for 18 on Saturday 12 December at 6pm. Two of us are vegetarian and one is coeliac. Budget around £350. Thanks!",
    '15 | 2 vegetarian | 1 gluten-free',
  ],
  [
    'Hello, looking for a grazing table for around 60 guests at our wedding in July. 8 vegetarians, 3 vegans, 2 gluten free and 1 severe nut allergy.',
    '46 | 8 vegetarian | 3 vegan | 2 gluten-free | 1 tree-nut-free peanut-free',
  ],
  [
    'Hiya, need 2 boards for an office lunch, 25 people, 4 veggie, 1 vegan (no nuts)',
    '20 | 4 vegetarian | 1 vegan tree-nut-free peanut-free',
  ],
  [
    "Mum's 70th, 22 people inc. 5 kids (2, 4, 6, 6 and 9), my sister is dairy free",
    '16 | 1 (2) | 1 (4) | 3 (6 6 9) | 1 dairy-free',
  ],
  [
    'Good morning, please can you quote for a platter for 30 people, 5 vegetarian, thank you',
    '25 | 5 vegetarian',
  ],
  ["Hey Anna, we're 14 for dinner on the 3rd, two vegans, cheers", '12 | 2 vegan'],
  ['could you please do two boards for 24 people? 4 vegetarian', '20 | 4 vegetarian'],
  ['Team of 12. Dietary: 1x vegan, 2x halal', '9 | 1 vegan | 2 halal'],
  ['20 guests. Allergies: peanuts (1), eggs (2)', '17 | 1 peanut-free | 2 egg-free'],
  ['For: 16. Diets: 3 vegetarian, 1 vegan', '12 | 3 vegetarian | 1 vegan'],
  [
    'dinner party of 8, one of whom is celiac and another lactose intolerant',
    '6 | 1 gluten-free | 1 lactose-light',
  ],
  ['100 guests cocktail reception 15% vegetarian 5% vegan', '80 | 15 vegetarian | 5 vegan'],
  ['100 guests, about 15% vegetarian', '85 | 15 vegetarian'],
  ['25 ppl max, half veggie', '12 | 13 vegetarian'],
  ['8 people, all vegetarian except two', '2 | 6 vegetarian'],
  ['Family brunch: grandparents (2, low salt), parents (2), twins aged 3', '2 low-salt | 2 | 2 (3 3)'],
  ['No dietary requirements, 12 people', '12'],
  [
    'No pork or nuts. 12 people, 2 vegan',
    '10 own-no-pork tree-nut-free peanut-free | 2 vegan own-no-pork tree-nut-free peanut-free',
  ],
  ['25 people, 4 veggie, one vegan and another coeliac', '19 | 4 vegetarian | 1 vegan | 1 gluten-free'],
  ['20 people, 2 vegan and another 3 coeliac', '15 | 2 vegan | 3 gluten-free'],
  ['platter for 8 children aged 5', '8 (5 5 5 5 5 5 5 5)'],
  ['we need a table for 30 wedding guests', '30'],
  ["We'd like a platter for 12 adults and 4 children (5, 5, 7, 7)", '12 | 4 (5 5 7 7)'],
  ['boards for 6 vegetarians and 2 vegans', '6 vegetarian | 2 vegan'],
  ['table for 8, one vegan', '7 | 1 vegan'],
  [
    "Hello! We're having a leaving do for 26 at the museum on Friday 15 January at 6.30pm. 5 veggie, 2 vegans, another is coeliac and one has a nut allergy. Drinks, £18 a head. Thanks!",
    '17 | 5 vegetarian | 2 vegan | 1 gluten-free | 1 tree-nut-free peanut-free',
  ],
  ["I'm throwing my husband a surprise party for 30, 2 halal", '28 | 2 halal'],
  ['me, my husband and our twins (4)', '2 | 2 (4 4)'],
  [
    'Hi, we are 18 for a christening lunch on Sunday 9 May at 1pm in the garden: 4 children (2, 5, 7 and 9), one of them allergic to eggs, granny is diabetic, 2 vegetarians. £22 per person',
    '11 | 1 (2) egg-free | 3 (5 7 9) | 1 carbs-counted | 2 vegetarian',
  ],
  ['In the garden: 8 guests, 2 vegan', '6 | 2 vegan'],
  ['Saturday: 14 guests, 1 coeliac', '13 | 1 gluten-free'],
  ["Birthday tea for Nan's 80th, 3pm. 15 of us, little ones aged 3 and 5", '13 | 1 (3) | 1 (5)'],
  [
    "Work leaving drinks Thurs 21 Jan 5.30pm, approx 35 people; 6 veggies & one who can't have shellfish",
    '28 | 6 vegetarian | 1 crustacean-free mollusc-free',
  ],
  ['Girls night in! 7 of us, 1 preggers, 1 GF', '5 | 1 pregnancy | 1 gluten-free'],
  [
    "Board for my parents' ruby wedding: 40 guests, mostly elderly, 4 diabetics, 1 no nuts",
    '35 | 4 carbs-counted | 1 tree-nut-free peanut-free',
  ],
  ['corporate lunch 45 pax. 10% vegan, 20% vegetarian', '31 | 5 vegan | 9 vegetarian'],
  ['6 adults 3 kids, no dietary requirements', '6 | 3 ()'],
  ['14 for Sunday lunch, nobody vegan, one allergic to kiwi', '13 | 1 own-no-kiwi'],
  ['10 people, one of whom has an anaphylactic reaction to sesame', '9 | 1 sesame-free'],
  ['15 guests, one mild lactose intolerance', '14 | 1 lactose-light'],
  ["Ladies' lunch: 12, one who's allergic to walnuts only", '11 | 1 tree-nut-free'],
  ['50th bday, 25 guests, 3 veggie', '22 | 3 vegetarian'],
  [
    'we need a grazing table for 80, 10 veggie 4 vegan 2 celiac 1 nut allergy',
    '63 | 10 vegetarian | 4 vegan | 2 gluten-free | 1 tree-nut-free peanut-free',
  ],
  ['10 ppl, 2 dairy-free (not vegan), 1 gf & df', '7 | 2 dairy-free | 1 gluten-free dairy-free'],
  ['60 guests (coeliac 3, vegan 2)', '55 | 3 gluten-free | 2 vegan'],
  ['4 adults and a coeliac baby', '4 | 1 (0) gluten-free'],
  ['10 guests one coeliac one vegan', '8 | 1 gluten-free | 1 vegan'],
  ['12 of us (10 adults, 2 kids aged 4 and 6), 1 adult vegan', '1 vegan | 9 | 1 (4) | 1 (6)'],
])('a letter is read for its party: %s', (line, expected) => {
  expect([seated(line), read(line).problems, read(line).unread]).toEqual([expected, [], []]);
});

test.each([
  ['vegan board for 10', '10 vegan'],
  ['We need a vegan grazing table for 20', '20 vegan'],
  [
    "we'd like a kosher platter for 12 people, one nut allergy",
    '11 kosher-style | 1 tree-nut-free peanut-free kosher-style',
  ],
  ['a gluten free box for 6', '6 gluten-free'],
  ['we are hosting a vegan supper for 12 in the village hall', '12 vegan'],
  ["we're doing a nut free lunch for 20 at school", '20 tree-nut-free peanut-free'],
])('what the whole board is, everybody is: %s', (line, expected) => {
  expect(seated(line)).toBe(expected);
});

test('a bracket behind one person is an age, and nobody is counted by it', () => {
  expect(seated('11 guests, my son (3) has an egg allergy')).toBe('10 | 1 (3) egg-free');
  for (const line of ['James (6), two adults', 'Tom, Emma (6) and Max (3)'])
    expect(read(line).problems.map(({ code }) => code)).toContain('no-number');
});

test('a greeting takes nothing with it that somebody leaves out', () => {
  expect(seated('Hi, no nuts please, 8 people')).toContain('tree-nut-free');
  expect(seated('Thanks, 8 people, one vegan, please no mustard')).toContain('mustard-free');
  expect(read('Hello vegetarian, 12 people').problems).not.toEqual([]);
  expect(seated('Hello Nut Allergy Sufferers, 8 people, 1 nut allergy')).toContain('tree-nut-free');
});

test('nobody vegan is nobody; that nobody eats pork is everybody', () => {
  expect(seated('12 guests, no vegans')).toBe('12');
  expect(seated('12 guests, nobody eats pork')).toBe('12 own-no-pork');
  expect(seated('12 guests, no one is allergic to nuts, 2 vegan')).not.toBe('10 | 2 vegan');
});
