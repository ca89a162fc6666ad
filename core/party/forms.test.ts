import { describe, expect, test } from '@jest/globals';
import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { formAsideOf, otherReadings } from './index.js';
import { readLine, seated } from '../testing/seated.js';

const isRead = (lines: readonly string[], groups: readonly string[]): void => {
  expect(readLine(lines.join('\n')).problems).toEqual([]);
  expect(seated(lines.join('\n'))).toEqual(groups);
};

describe('forms, one thing to a line', () => {
  test('the order and its sender say nothing of who comes', () => {
    isRead(
      [
        'Event: Summer party',
        'Date: 12 July',
        'Guests: 45',
        'Dietary: 6 vegetarian, 3 vegan, 1 coeliac',
        'Budget: £600',
      ],
      ['35', '6 vegetarian', '3 vegan', '1 gluten-free'],
    );
    isRead(
      [
        'Name: Jo Bloggs',
        'Event type: Birthday',
        'Number of guests: 15',
        'Allergies: 1 nut allergy, 1 sesame',
        'Other info: one guest is pregnant',
      ],
      ['12', '1 tree-nut-free peanut-free', '1 sesame-free', '1 pregnancy'],
    );
  });

  test('and it is said that they say nothing', () => {
    const vocabulary = { words: NEED_WORDS, isFood: isFoodWord };
    const form = 'Event: Summer party\nName: Jo Bloggs\nVenue: halal kitchen\nDate: 12 July\nGuests: 45';
    expect(formAsideOf(form, vocabulary)).toEqual(['Event: Summer party', 'Name: Jo Bloggs']);
    expect(formAsideOf('20 guests: 2 vegan', vocabulary)).toEqual([]);
    expect(readLine('20 guests\nThanks,\nVegan').groups.some(({ needs }) => needs.length > 0)).toBe(true);
  });

  test('but what they need is heard, wherever it stands', () => {
    for (const line of [
      'Event: halal wedding',
      'Theme: no pork',
      'Venue: nut-free school',
      'Notes: one is allergic to milk',
      'Event: low FODMAP evening',
      'Style: raw food',
      'Occasion: iftar',
    ]) {
      const said = readLine(`Guests: 20\n${line}`);
      const isHeard = said.groups.some(({ needs }) => needs.length > 0) || said.problems.length > 0;
      expect([line, isHeard]).toEqual([line, true]);
    }
    expect(readLine('Subject: table for 40\n4 vegan').groups.map(({ count }) => count)).toEqual([36, 4]);
  });

  test('grown guests and children are counted apart, with their ages', () => {
    isRead(
      [
        'BOOKING FORM',
        'Number of adults: 24',
        'Number of children: 6',
        'Ages of children: 3, 5, 5, 7, 8, 9',
        'Dietary requirements: 3 vegetarian adults, 1 child with egg allergy',
      ],
      ['3 vegetarian', '21', '1 (3) egg-free', '5 (5 5 7 8 9)'],
    );
    isRead(['Adults 10, kids 4 (3,5,6,9)'], ['10', '1 (3)', '3 (5 6 9)']);
  });

  test('questions with their answers, and nobody', () => {
    isRead(
      [
        'How many people? 16',
        'Allergies? One nut allergy',
        'Vegetarians? 3',
        'Vegans? none',
        'Children? 2 (ages 4 and 6)',
      ],
      ['10', '1 tree-nut-free peanut-free', '3 vegetarian', '1 (4)', '1 (6)'],
    );
    isRead(
      ['Guests – 20', 'Vegetarians – 4', 'Vegans – 0', 'Gluten free – 1'],
      ['15', '4 vegetarian', '1 gluten-free'],
    );
    isRead(['20 guests', 'Nut allergy: none', 'Vegetarian: 3'], ['17', '3 vegetarian']);
    isRead(['Standard: 12', 'Vegetarian: 3', 'GF: 1'], ['12', '3 vegetarian', '1 gluten-free']);
    isRead(['Standard: 12 (no sesame)', 'Vegetarian: 3'], ['12 sesame-free', '3 vegetarian']);
  });

  test('what nobody eats is said of all of them', () => {
    isRead(
      ['12 people', 'No nuts', 'No pork', '2 vegans'],
      ['10 tree-nut-free peanut-free own-no-pork', '2 vegan tree-nut-free peanut-free own-no-pork'],
    );
  });
});

describe('lists of guests', () => {
  test.each([
    [['1. Ana - vegan', '2. Ben - no allergies', '3. Cleo - nut allergy', '4. Dan']],
    [['Guest list:', 'Ana (vegan)', 'Ben', 'Cleo (nut allergy)', 'Dan']],
    [
      [
        'Attendees:',
        'Ana Smith - vegan',
        'Ben Jones - none',
        'Cleo Brown - nut allergy',
        'Dan White - eats everything',
      ],
    ],
    [['Name\tDiet', 'Ana\tvegan', 'Ben\tnone', 'Cleo\tnuts', 'Dan\tnone']],
  ])('%j are four', (lines) => {
    const { groups, problems } = readLine(lines.join('\n'));
    expect(problems).toEqual([]);
    expect(groups.map(({ count }) => count).reduce((a, b) => a + b, 0)).toBe(4);
    const needs = groups.flatMap((group) => group.needs.map(({ id }) => `${group.count} ${id}`));
    expect(needs).toEqual(['1 vegan', '1 tree-nut-free', '1 peanut-free']);
  });

  test('what stands beside a name is not dropped with “none”', () => {
    const { groups, problems } = readLine('20 guests\nBen Jones (sesame allergy) - None\nAna - vegan');
    const isHeard = groups.some(({ needs }) => needs.some(({ id }) => id === 'sesame-free'));
    expect(problems.length > 0 || isHeard).toBe(true);
  });

  test('under a total they are some of it', () => {
    isRead(
      [
        'Guest count: 18',
        'Dietary requirements:',
        '* Sarah – vegan',
        '* Tom – coeliac',
        '* Priya – vegetarian, no eggs',
      ],
      ['15', '1 vegan', '1 gluten-free', '1 vegetarian egg-free'],
    );
  });

  test('courses and days are no guests: all of them keep it', () => {
    for (const lines of [
      'Starters – vegan\nMains – halal',
      'Monday: vegan\nTuesday: halal',
      'Table: vegan\nGroup: halal',
      'Sandwiches: vegan\nCakes: halal',
      '* Sandwiches: vegan\n* Cakes: halal',
      'Pakoras: vegan\nDosas: halal',
    ]) {
      const { groups, problems } = readLine(`20 guests\n${lines}`);
      const everybody = groups.every(({ needs }) => needs.some(({ id }) => id === 'vegan'));
      expect([lines, problems.length > 0 || everybody]).toEqual([lines, true]);
    }
  });
});

describe('letters', () => {
  test('who signs is no guest, and “we have” says nothing', () => {
    isRead(
      [
        'Hi,',
        'I’d like a board for 10 for Friday.',
        'We have one person who doesn’t eat pork and another who is lactose intolerant.',
        'Thanks, Mia',
      ],
      ['8', '1 own-no-pork', '1 lactose-light'],
    );
    isRead(['20 guests, 2 vegan', 'Kind regards,', 'Sam'], ['18', '2 vegan']);
  });

  test('a child that is told by its age is the one that was named before', () => {
    isRead(
      [
        'We’re 8 adults and 3 kids (2, 6 and 11).',
        'One adult is vegetarian, the 6 year old has an egg allergy.',
      ],
      ['1 vegetarian', '7', '1 (6) egg-free', '1 (2)', '1 (11)'],
    );
  });

  test.each([
    // sentences in front that count nobody
    ['Could you do a board for our book club on Thursday? 10 of us, one vegan', ['9', '1 vegan']],
    ['Looking for a grazing table for our product launch, 80-100 people', ['100']],
    ['Baby’s first birthday! 14 adults, 2 vegan', ['14', '2 vegan']],
    ['Teacher appreciation breakfast, 28 teachers. 3 gluten free', ['25', '3 gluten-free']],
    [
      'My daughter turns 5. 12 children, all about 5. 10 parents will stay too',
      ['12 (5 5 5 5 5 5 5 5 5 5 5 5)', '10'],
    ],
    [
      'Something sweet for 20 after a concert. Two vegan, nobody should get alcohol',
      ['18 alcohol-free', '2 vegan alcohol-free'],
    ],
    [
      'Retirement party for 35. Mostly meat eaters, but we need something for 4 vegetarians',
      ['31', '4 vegetarian'],
    ],
    ['A wake for roughly 50 people, we expect a dozen vegetarians', ['38', '12 vegetarian']],
    ['40 guests, 1 has a sesame allergy (carries an EpiPen). Thanks! Noor', ['39', '1 sesame-free']],
    ['Me and my boyfriend, he’s allergic to kiwi', ['1', '1 own-no-kiwi']],
    ['20 pax (V3, VG1, GF2)', ['14', '3 own-unread-v', '1 vegan', '2 gluten-free']],
    ['Dinner for 14. Dietaries: 2V 1VG 1GF', ['10', '2 own-unread-v', '1 vegan', '1 gluten-free']],
    ['20 guests, vegetarian 3, vegan 2', ['15', '3 vegetarian', '2 vegan']],
    ['10 of us but Mark’s vegan now and Lucy’s pregnant', ['8', '1 vegan', '1 pregnancy']],
    ['15 guests. Three of the group are vegetarian (one eats fish)', ['12', '1 vegetarian', '2 vegetarian']],
  ])('“%s”', (line, groups) => isRead([line], groups));
});

describe('grown guests, children, and diets that are of either', () => {
  const vocabulary = { words: NEED_WORDS, isFood: isFoodWord };
  test.each([
    [['Guests: 30 (22 adults, 8 children)', 'Dietary: 5 vegetarian, 2 vegan']],
    [['Total 30', 'Adults 22', 'Children 8', 'Vegetarian 5', 'Vegan 2']],
    [['30 guests: 22 adults, 8 children, 5 vegetarian, 2 vegan']],
  ])('%j: it is asked of whom', (lines) => {
    const text = lines.join('\n');
    expect(readLine(text).problems.map(({ said }) => said.say)).toEqual(['line.more']);
    const others = otherReadings(text, readLine(text), vocabulary);
    expect(others.map(({ among, guests }) => [among, guests])).toEqual([
      ['the adults', 30],
      ['the children', 30],
    ]);
    const bands = others.map((other) =>
      readLine(other.text)
        .groups.filter(({ needs }) => needs.length > 0)
        .map(({ count, band, needs }) => [count, band, needs[0]!.id]),
    );
    expect(bands).toEqual([
      [
        [5, 'adult', 'vegetarian'],
        [2, 'adult', 'vegan'],
      ],
      [
        [5, 'child', 'vegetarian'],
        [2, 'child', 'vegan'],
      ],
    ]);
  });

  test('somebody of the family is one of the grown guests', () => {
    const text = '22 guests (18 adults, 4 children aged 4, 6, 9 and 11), my cousin has a sesame allergy';
    const [other, ...more] = otherReadings(text, readLine(text), vocabulary);
    expect(more).toEqual([]);
    expect(other!.among).toBe('the adults');
    expect(seated(other!.text)).toEqual(['1 sesame-free', '17', '1 (4)', '3 (6 9 11)']);
    expect(
      seated(other!.text.replace('my cousin', 'one adult and one friend are vegetarian, my cousin')),
    ).toEqual(['2 vegetarian', '1 sesame-free', '15', '1 (4)', '3 (6 9 11)']);
  });

  test('more people than come are no diets', () => {
    const text = '20 guests, 15 adults, 8 kids';
    expect(otherReadings(text, readLine(text), vocabulary)).toEqual([]);
  });
});

test.each([
  ['mum, dad and grandma, 2 kids', 5],
  ['my daughter, 4 adults', 5],
  ['Teachers, 12 of them: 3 vegan', 12],
])('“%s”: who comes is no introduction', (line, guests) => {
  const { groups, problems } = readLine(line);
  const come = groups.reduce((sum, { count }) => sum + count, 0);
  expect(problems.length > 0 || come === guests).toBe(true);
});

test.each([
  'Low-FODMAP evening. 12 guests',
  'Raw food retreat. 12 guests',
  'A sugar-free birthday. 12 guests',
  'Lent lunch, 12 guests',
])('“%s”: what may be a need is no introduction', (line) => {
  const { groups, problems, unread } = readLine(line);
  const isHeard = problems.length > 0 || unread.length > 0 || groups.every(({ needs }) => needs.length > 0);
  expect(isHeard).toBe(true);
});

test('that nobody knows their diets is asked of everybody', () => {
  const { groups } = readLine('50 guests, 12 vegetarians, no idea about allergies');
  for (const group of groups) expect(group.needs.some(({ id }) => id.startsWith('own-unread'))).toBe(true);
});

describe('how all of them eat, said before or behind who comes', () => {
  const WAYS: readonly (readonly [string, string])[] = [
    ['vegan', 'vegan'],
    ['halal', 'halal'],
    ['dairy-free', 'dairy-free'],
    ['nut free', 'tree-nut-free'],
    ['plant-based', 'vegan'],
  ];
  // of the first of these one guest was vegan, and the others ate everything
  test.each([
    'A {w} birthday. 12 guests',
    'A {w} picnic in the park on Sunday, 12 people',
    'It’s a {w} party. 12 guests',
    '{w} only. 12 guests',
    'Strictly {w}. 12 guests',
    'Need a {w} platter. 12 guests',
    'Could you do a {w} board for our book club? 12 guests',
    'Hen do. {w}. 12 girls',
    '{w}: 12 guests',
    'Theme: {w}\n12 guests',
    'We’re having a {w} party. 12 guests',
    'Summer party, {w}, 12 guests',
    'A party of 12, {w}',
    '12 people, {w} food only',
    'Board for 12. Must be {w}.',
  ])('“%s”', (frame) => {
    for (const [way, need] of WAYS) {
      const line = frame.replace('{w}', way);
      const { groups, problems } = readLine(line);
      expect([line, problems]).toEqual([line, []]);
      expect([line, groups.map(({ count }) => count)]).toEqual([line, [12]]);
      expect(groups[0]!.needs.map(({ id }) => id)).toContain(need);
    }
  });

  test.each([
    ['Vegan: 2, coeliac: 1, others: 9', ['2 vegan', '1 gluten-free', '9']],
    ['A vegan, 12 guests in all', ['11', '1 vegan']],
    ['One vegan birthday girl, 12 guests', undefined],
  ])('“%s” is of some', (line, groups) => {
    if (groups) expect(seated(line)).toEqual(groups);
    else expect(seated(line)).not.toEqual(['12']);
  });
});
