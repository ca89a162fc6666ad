import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { totalOf } from './index.js';
import { readLine, seated } from '../testing/seated.js';

describe('what stands in brackets is kept', () => {
  test.each([
    // the second bracket of a part, and one that is never closed, were dropped
    ['20 guests, 1 halal (no beef), allergic (sesame)', ['19', '1 halal sesame-free no-beef']],
    ['20 guests, 2 vegan (no nuts', ['18', '2 vegan tree-nut-free peanut-free']],
    ['4 children (2 to 5) (vegetarian)', ['2 (2 3) vegetarian', '1 (4) vegetarian', '1 (5) vegetarian']],
    ['1 vegan (no nuts (severe)), 3 others', ['1 vegan tree-nut-free peanut-free', '3']],
    // a bracket with an age in it was of ages alone
    ['2 children (3 and 5, both vegetarian)', ['1 (3) vegetarian', '1 (5) vegetarian']],
    ['5 kids (3 to 8, vegan)', ['1 (3) vegan', '1 (4) vegan', '3 (6 7 8) vegan']],
    ['2 girls (4 and 6, both vegan)', ['1 (4) vegan', '1 (6) vegan']],
    ['1 baby (8 months, milk allergy)', ['1 (0) dairy-free']],
    [
      '2 kids (3, allergic to nuts; 7)',
      ['1 (3) tree-nut-free peanut-free', '1 (7) tree-nut-free peanut-free'],
    ],
    ['3 children (5, 7 and 9, one coeliac)', ['1 (5) gluten-free', '2 (7 9)']],
    ['3 children (5, 7, 9 and one coeliac)', ['1 (5) gluten-free', '2 (7 9)']],
    ['3 children (two are 3 and one is 7, all halal)', ['2 (3 3) halal', '1 (7) halal']],
    ['4 kids (3 under 5, 1 aged 8)', ['3 (1 1 1)', '1 (8)']],
    ['20 guests (mostly women, 2 vegan)', ['2 vegan', '18']],
    ['20 guests (incl 3 kids, 1 vegan)', ['16', '3 (?)', '1 vegan']],
    ['20 guests (12 adults, 8 children)', ['12', '8 (?)']],
  ])('“%s”', (line, groups) => expect(seated(line)).toEqual(groups));

  const OF = [
    '2 vegan',
    '3 children',
    '3 children (5, 7 and 9)',
    '1 toddler',
    '4 adults',
    '2 girls (4 and 6)',
    '2 halal (both men)',
  ];
  const BRACKETS = [
    ' (no sesame)',
    ' (5, no sesame)',
    ' (aged 3 to 6, no sesame)',
    ' (strict) (no sesame)',
    ' (sesame allergy',
    ' (one sesame allergy)',
    ' (5 and 6, one sesame allergy)',
  ];
  test('wherever it stands, a need is read or the line is asked about', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...OF),
        fc.constantFrom(...BRACKETS),
        fc.boolean(),
        (of, bracket, isLast) => {
          const { groups, problems, unread } = readLine(
            isLast
              ? `20 guests, 1 keto, ${of}${bracket}`
              : `20 guests, ${of}${bracket.replace(/\)?$/, ')')}, 1 keto`,
          );
          const needs = groups.flatMap((group) => group.needs.map(({ id }) => id));
          expect(
            problems.length > 0 ||
              needs.includes('sesame-free') ||
              unread.some(({ text }) => /sesame/.test(text)),
          ).toBe(true);
        },
      ),
      { numRuns: 200 },
    );
  });
});

describe('who is named after others', () => {
  test.each([
    // they were the first two, and the third ate everything
    ['20 guests, 2 vegans and a nut allergy', ['17', '2 vegan', '1 tree-nut-free peanut-free']],
    ['20 guests, 2 vegetarians and a pregnant woman', ['17', '2 vegetarian', '1 pregnancy']],
    ['20 guests including 1 vegan and an egg allergy', ['18', '1 vegan', '1 egg-free']],
    ['12 guests, 2 coeliacs & a severe milk allergy', ['9', '2 gluten-free', '1 dairy-free']],
    // of the same guests
    ['20 guests, 2 vegans with a nut allergy', ['18', '2 vegan tree-nut-free peanut-free']],
    [
      '20 guests, one with coeliac disease and a nut allergy',
      ['19', '1 gluten-free tree-nut-free peanut-free'],
    ],
    [
      '20 guests, 1 vegan with diabetes and a nut allergy',
      ['19', '1 vegan carbs-counted tree-nut-free peanut-free'],
    ],
    ['20 guests, 2 vegan and nut allergy', ['18', '2 vegan tree-nut-free peanut-free']],
    // two to a couple
    ['20 guests; one couple is vegan', ['18', '2 vegan']],
    ['10 guests, two vegan couples', ['6', '4 vegan']],
    ['10 guests, one of the couples is vegan', ['8', '2 vegan']],
    // as many as may come
    ['20 guests, one or two vegans', ['18', '2 vegan']],
    ['20 guests, 2-3 vegans', ['17', '3 vegan']],
    ['22 guests, no more than 3 vegans', ['19', '3 vegan']],
    ['50 guests of which 20% vegetarian and 5% vegan', ['37', '10 vegetarian', '3 vegan']],
    ['16 guests, everyone eats everything bar two vegetarians', ['14', '2 vegetarian']],
    ['24 guests - mixed diets: 3 vegans; 2 veggies; rest carnivores', ['3 vegan', '2 vegetarian', '19']],
    ['Guests: 12. Allergies: none. Diets: 2 pescatarian', ['10', '2 pescatarian']],
    ['Corporate event 100 ppl, at least 30 vegetarian', ['70', '30 vegetarian']],
    ['Order for the office: 40 pax, 4 vegan', ['36', '4 vegan']],
    ['Wedding, 80 guests, evening only. 8 veggie, 3 vegan', ['69', '8 vegetarian', '3 vegan']],
    ['Just the two of us', ['2']],
  ])('“%s”', (line, groups) => {
    expect(seated(line)).toEqual(groups);
    expect(readLine(line).problems).toEqual([]);
  });
});

describe('names behind their needs', () => {
  test.each([
    ['20 people. Vegan: Sam, Jo. GF: Ali.', ['17', '2 vegan', '1 gluten-free']],
    ['20 people. Vegan - Sam and Jo; GF - Ali', ['17', '2 vegan', '1 gluten-free']],
    ['20 people. Vegetarian (Sam, Jo), coeliac (Ali)', ['17', '2 vegetarian', '1 gluten-free']],
    ['20 people. No pork: Omar and Zed', ['18', '2 own-no-pork']],
  ])('“%s” are so many', (line, groups) => expect(seated(line)).toEqual(groups));

  test.each([
    'Starters, Mains',
    'Pakoras, Dosas',
    'Monday, Tuesday',
    'Yes, Please',
    'Cheese, Dips',
    'Sam, Jo, one child',
    'Dinner, Lunch',
  ])('“Vegan: %s” is no list of names, and nobody is let off', (names) => {
    const groups = readLine(`20 people. Vegan: ${names}`).groups;
    expect(groups[0]!.needs.map(({ id }) => id)).toContain('vegan');
    expect(totalOf(readLine(`20 people. Vegan: ${names}`))).toBeGreaterThanOrEqual(20);
  });
});
