import { expect, test } from '@jest/globals';
import { readParty } from './index.js';
import { NEED_WORDS, isFoodWord } from '../needs/index.js';
import { purposeOf } from './purpose.js';

test.each([
  ['12 for brunch, 2 vegan', 'breakfast'],
  ['Brunch: 12 guests', 'breakfast'],
  ['22 halal guests for an iftar', 'iftar'],
  ['18 muslims to break their fast', 'iftar'],
  ['picnic for 8', 'picnic'],
  ['Film night, 6 friends', 'film'],
  ['9 guests for a movie night with one coeliac', 'film'],
  ['6 vegans for a working lunch', 'meal'],
  ['dinner for 8 on Saturday', 'meal'],
  ['14 guests for afternoon tea', 'afternoon'],
  ['20 for cocktails', 'drinks'],
  ['Drinks reception, 40 guests', 'drinks'],
  ["Kids' birthday party: 12 kids of 6", 'children'],
  ['5 of us on a hike', 'walk'],
  ['12 guests for dessert', 'sweet'],
])('“%s” is for %s', (line, occasion) => {
  expect(purposeOf(line)).toBe(occasion);
  expect(readParty(line, NEED_WORDS, isFoodWord).groups.length).toBeGreaterThan(0);
});

test.each([
  '12 guests, 2 vegan',
  '30 guests after a long lunch',
  '40 golfers before dinner',
  '2 drinks no alcohol',
  'lunch and a film night for 9',
  '12 dinner ladies',
  '3 coffee lovers',
  '8 guests, one drinks no milk',
  'no dinner, 6 guests',
  '',
])('“%s” says nothing of it, or not one thing', (line) => {
  expect(purposeOf(line)).toBeUndefined();
});
