import { describe, expect, test } from '@jest/globals';
import { NEED_WORDS } from '../needs/index.js';
import { group } from '../testing/plans.js';
import { needsOf, otherReadings, portionsIn, portionsOf, readParty, totalOf } from './index.js';

const VOCABULARY = { words: NEED_WORDS, isFood: () => false };
const read = (text: string) => readParty(text, NEED_WORDS);
const otherwise = (text: string) =>
  otherReadings(text, read(text), VOCABULARY).map((other) => {
    expect(totalOf(read(other.text))).toBe(other.guests);
    return [other.among, other.guests];
  });
const shown = (text: string) =>
  read(text).groups.map((group) => [
    group.count,
    group.needs
      .map((choice) => choice.id)
      .sort()
      .reverse()
      .join('+') || 'none',
    group.ages.join(','),
  ]);

describe('party lines', () => {
  test('the line of the brief is understood and the rest eats everything', () => {
    expect(
      shown('28 guests: 6 vegan, 3 halal, 2 coeliac, 1 tree nut allergy, 5 children (two are 3)'),
    ).toEqual([
      [11, 'none', ''],
      [6, 'vegan', ''],
      [3, 'halal', ''],
      [2, 'gluten-free', ''],
      [1, 'tree-nut-free', ''],
      [2, 'none', '3,3'],
      [3, 'none', ''],
    ]);
  });

  test('a bare number names everybody; where it may be either, both can be meant', () => {
    expect(shown('12, two vegans')).toEqual([
      [10, 'none', ''],
      [2, 'vegan', ''],
    ]);
    expect(shown('We are six')).toEqual([[6, 'none', '']]);
    expect(shown('We are 6, one diabetic')[0]).toEqual([5, 'none', '']);
    expect(read('6, 4 vegans and 3 halal').problems).toHaveLength(1);
    const either = '6 adults, one diabetic';
    expect(totalOf(read(either))).toBe(7);
    expect(otherwise(either)).toEqual([['everybody', 6]]);
    expect(otherwise('4 couples, one vegetarian')).toEqual([['everybody', 8]]);
    for (const line of [
      '6 adults, 2 children of 5',
      '2 adults, 4 vegans',
      '6 vegans, 2 halal',
      '6 guests, 2 vegan',
    ])
      expect(otherwise(line)).toEqual([]);
  });

  test('an allergy that is named last may be of those before: who it is of is asked, and nobody else comes then', () => {
    expect(otherwise('10 vegans, 2 nut allergy')).toEqual([['them', 10]]);
    expect(otherwise('4 vegans and one nut allergy')).toEqual([['them', 4]]);
    const family = '5 children aged 3, 4 parents, one egg allergy';
    expect(totalOf(read(family))).toBe(10);
    expect(otherwise(family)).toEqual([
      ['the children', 9],
      ['the adults', 9],
    ]);
    const [child, grown] = otherReadings(family, read(family), VOCABULARY).map(
      ({ text }) => read(text).groups,
    );
    const band = (groups: typeof child) =>
      groups!.find(({ needs }) => needs.some(({ id }) => id === 'egg-free'))!.band;
    expect([band(child), band(grown)]).toEqual(['child', 'adult']);
    // of a family that was only counted, anybody may be vegetarian
    expect(
      otherwise('2 grandparents, 2 parents, 3 kids (2, 4, 9), one vegetarian').map(([, n]) => n),
    ).toEqual([7, 7]);
    expect(otherwise('18 women of a choir, 2 coeliac')).toEqual([]);
    // and so may all who are named behind each other
    const party = '18 children aged 5, 4 parents, 2 egg allergy, 1 dairy free and 3 halal';
    expect(totalOf(read(party))).toBe(28);
    expect(otherwise(party)).toEqual([
      ['the children', 22],
      ['the adults', 22],
    ]);
    expect(otherwise('10 vegans, 2 nut allergy, 1 milk allergy')).toEqual([['them', 10]]);
    expect(otherwise('10 vegans, 2 halal, 1 nut allergy')).toEqual([]);
    // a way of eating is a group of its own, and of several groups it is nobody's in particular
    expect(otherwise('12 halal, 2 vegan')).toEqual([]);
    expect(otherwise('4 vegans, 3 halal and one nut allergy')).toEqual([]);
  });

  test('words, several needs, dislikes and ranges of ages', () => {
    expect(shown('two vegans, one vegan coeliac')).toEqual([
      [2, 'vegan', ''],
      [1, 'vegan+gluten-free', ''],
    ]);
    expect(read('3 guests who hate olives').groups[0]?.dislikes).toEqual(['olives']);
    expect(shown('3 children (6 to 10)')).toEqual([[3, 'none', '6,8,10']]);
    expect(shown('4 children of 3, 4, 7 and 9')).toEqual([
      [1, 'none', '3'],
      [1, 'none', '4'],
      [2, 'none', '7,9'],
    ]);
  });

  test.each([
    ['vegan guests', 'no-number'],
    ['vegan', 'no-number'],
    ['501 vegan', 'too-many'],
    [`${'('.repeat(5000)}3 vegan`, 'too-long'],
    ['4 guests: 6 vegan', 'too-many'],
    // who may not: not those who are named
    ['12 guests, only 3 drink', 'no-number'],
    ['2 children (three are 3)', 'bad-age'],
    ['', 'empty'],
  ])('"%s" is told as %s', (text, code) => {
    expect(read(text).problems.map((problem) => problem.code)).toContain(code);
  });

  test('a part that is not understood is never taken for "eats everything"', () => {
    const { groups, unread } = read('3 flurbish');
    expect(groups.map((group) => [group.count, group.needs.map((choice) => choice.id)])).toEqual([
      [3, ['own-unread-flurbish']],
    ]);
    expect(unread).toEqual([{ text: 'flurbish', group: groups[0]!.id, guests: 3 }]);
  });
});

describe('ages', () => {
  test('an age that was not said is judged as the strictest band', () => {
    expect(needsOf(group('kids', 3, [], { band: 'child' })).map((choice) => choice.id)).toEqual([
      'child-1-3',
    ]);
    expect(needsOf(group('kids', 2, [], { band: 'child', ages: [8] })).map((choice) => choice.id)).toEqual([
      'child-1-3',
    ]);
    expect(needsOf(group('kids', 2, [], { band: 'child', ages: [4, 9] })).map((choice) => choice.id)).toEqual(
      ['child-4'],
    );
    expect(needsOf(group('kids', 2, [], { band: 'child', ages: [8, 9] }))).toMatchObject([
      { id: 'child-5-12' },
    ]);
    expect(needsOf(group('baby', 1, [], { band: 'child', ages: [0] }))).toMatchObject([
      { id: 'child-under-1' },
    ]);
    expect(needsOf(group('teens', 2, [], { band: 'child', ages: [14, 15] }))).toEqual([]);
  });

  test('28 guests of the demo are 25.5 portions', () => {
    const party = [
      group('adults', 23),
      group('kids', 3, [], { band: 'child', ages: [6, 8, 10] }),
      group('threes', 2, [], { band: 'child', ages: [3, 3] }),
    ];
    expect(portionsIn(party)).toBeCloseTo(25.5);
    expect(portionsOf(group('hungry', 2, [], { appetite: 1.5 }))).toBe(3);
  });
});
