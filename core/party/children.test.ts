import { describe, expect, test } from '@jest/globals';
import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { needsOf, portionsIn, readParty } from './index.js';

const read = (text: string) => readParty(text, NEED_WORDS, isFoodWord);

describe('children', () => {
  test.each([
    ['3 children of 3', [[3, [3, 3, 3]]]],
    ['3 children 3', [[3, [3, 3, 3]]]],
    ['2 kids 7 and 9', [[2, [7, 9]]]],
    ['2 kids (7 and 9)', [[2, [7, 9]]]],
    ['1 toddler (2)', [[1, [2]]]],
    ['3 children of 6 to 9', [[3, [6, 8, 9]]]],
    ['2 children aged between 6 and 9', [[2, [6, 9]]]],
    ['2 kids 6-9 years old', [[2, [6, 9]]]],
    ['3 six-year-olds', [[3, [6, 6, 6]]]],
    ['2 6 year olds', [[2, [6, 6]]]],
    ['2 children over 6', [[2, [6, 6]]]],
    [
      '3 children (two are 3 and one is 7)',
      [
        [2, [3, 3]],
        [1, [7]],
      ],
    ],
    ['3 children under 5', [[3, []]]],
    // whoever is said to be of a child's age is a child
    ['7 girls aged 3', [[7, [3, 3, 3, 3, 3, 3, 3]]]],
    ['4 boys of 2', [[4, [2, 2, 2, 2]]]],
    ['1 girl (4)', [[1, [4]]]],
    ['2 guests aged four', [[2, [4, 4]]]],
    [
      '3 nieces (2, 4 and 7)',
      [
        [1, [2]],
        [1, [4]],
        [1, [7]],
      ],
    ],
    [
      '2 grandchildren 4 and 6',
      [
        [1, [4]],
        [1, [6]],
      ],
    ],
    ['1 boy of three with a milk allergy', [[1, [3]]]],
    ['1 child of 2 who is vegan', [[1, [2]]]],
    [
      '2 kids of 3 and 5 with nut allergies',
      [
        [1, [3]],
        [1, [5]],
      ],
    ],
    ['1 baby 10 months', [[1, [0]]]],
    // and who is not, is not
    ['7 girls', [[7, []]]],
    ['10 people aged 60', [[10, []]]],
    ['2 sisters (34 and 36)', [[2, []]]],
    [
      '2 guests, one is 3 years old',
      [
        [1, []],
        [1, [3]],
      ],
    ],
  ])('%s', (text, expected) => {
    expect(read(text).groups.map((group) => [group.count, group.ages])).toEqual(expected);
    expect(read(text).groups.every(({ ages, band }) => ages.length === 0 || band === 'child')).toBe(true);
  });

  test('some of them are of the children before them, the youngest, whatever else they need', () => {
    const { groups } = read('8 children aged 5-7, 1 of them with a nut allergy');
    expect(groups.map(({ count, ages, needs }) => [count, ages[0], needs.map(({ id }) => id)])).toEqual([
      [1, 5, ['tree-nut-free', 'peanut-free']],
      [7, 5, []],
    ]);
    expect(read('2 children of 4, 3 of them vegan').problems).toHaveLength(1);
  });

  test('an age that was not said keeps a group of its own and the strictest rules', () => {
    const { groups } = read('3 children (one is 8)');
    expect(groups.map((group) => [group.count, group.ages.length])).toEqual([
      [1, 1],
      [2, 0],
    ]);
    expect(needsOf(groups[1]!).map((choice) => choice.id)).toContain('child-1-3');
    expect(needsOf(groups[0]!).map((choice) => choice.id)).toEqual(['child-5-12']);
  });

  test('a need of children goes along with each of their groups', () => {
    const { groups } = read('3 vegan children (one is 3, two are 8)');
    expect(groups.length).toBeGreaterThan(1);
    for (const group of groups) expect(group.needs.map((choice) => choice.id)).toEqual(['vegan']);
  });

  test('small ones eat less than big ones, and both less than the grown', () => {
    const portion = (text: string) => portionsIn(read(text).groups);
    expect(portion('4 children of 3')).toBeLessThan(portion('4 children of 8'));
    expect(portion('4 children of 8')).toBeLessThan(portion('4 guests'));
  });
});
