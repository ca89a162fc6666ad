import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { dayOf, hourOf, readParty, unclearDayOf, type PartyRead } from './index.js';
import { withoutWhen } from './when.js';

const seated = (text: string): string[] => {
  const read: PartyRead = readParty(text, NEED_WORDS, isFoodWord);
  expect(read.problems).toEqual([]);
  return read.groups.map(({ count, needs }) => [count, ...needs.map(({ id }) => id)].join(' '));
};

describe('when they come', () => {
  test.each([
    ['Brunch for 12 at 11am', '11:00', ['12']],
    ['Brunch at 11 for 14', '11:00', ['14']],
    ['Dinner for 8 at 7.30pm, one vegan', '19:30', ['7', '1 vegan']],
    ['Dinner at eight for six, one vegan', '20:00', ['5', '1 vegan']],
    ['20 guests at 19:30, 3 vegetarian', '19:30', ['17', '3 vegetarian']],
    ['Drinks, 6-9pm, 30 people, 4 vegan', '18:00', ['26', '4 vegan']],
    ['Drinks for 30 from 6 to 9pm', '18:00', ['30']],
    ['drinks 18.00-20.00, 25 people', '18:00', ['25']],
    ['11 to 2 pm, 16 guests', '11:00', ['16']],
    ['Half past seven, 9 guests', '19:30', ['9']],
    ['quarter to eight, 9 guests', '19:45', ['9']],
    ['Drinks for 20 between 6 and 9pm', '18:00', ['20']],
    ['20 people from noon', '12:00', ['20']],
    ['8 for 8pm', '20:00', ['8']],
    ['12 guests at 8', '20:00', ['12']],
    ['coffee at 10.30 for 8', '10:30', ['8']],
    ['Dinner for 6 next Friday at 8', '20:00', ['6']],
  ])('“%s” begins at %s', (line, hour, groups) => {
    expect(hourOf(line)).toBe(hour);
    expect(seated(line)).toEqual(groups);
  });

  test.each([
    ['12 people on 5 December, one coeliac', ['11', '1 gluten-free']],
    ['party for 20 on 31 December, 5 vegetarian', ['15', '5 vegetarian']],
    ['20 guests tomorrow evening, 2 vegan', ['18', '2 vegan']],
    ['party of 10 on the 14th', ['10']],
    ['Sunday lunch for 9, 2 vegetarian', ['7', '2 vegetarian']],
    ['8 guests, 2026-12-24, 3 vegan', ['5', '3 vegan']],
    ['12 guests, Saturday night, 3 halal', ['9', '3 halal']],
    // numbers of guests are no hours
    ['6-9 guests, one vegan', ['8', '1 vegan']],
    ['20: 10 vegan, 10 halal', ['10 vegan', '10 halal']],
    ['10 people, 3 vegan', ['7', '3 vegan']],
    ['between 10 and 12, two vegan', ['10', '2 vegan']],
  ])('“%s” names a day at most, and loses nobody', (line, groups) => {
    expect(hourOf(line)).toBeUndefined();
    expect(seated(line)).toEqual(groups);
  });

  test('“2 may eat fish” is no day, and Good Friday is asked', () => {
    expect(withoutWhen('10 people, 2 may eat fish')).toBe('10 people, 2 may eat fish');
    expect(seated('Good Friday supper for 8')).toEqual(['8 own-unread-lent']);
  });

  test.each([
    // today is a Tuesday
    ['Sunday lunch for 9', '2026-12-06'],
    ['12 guests on Tuesday evening', '2026-12-01'],
    ['this Friday, 8 guests', '2026-12-04'],
    ['20 guests tomorrow night', '2026-12-02'],
    ['8 guests tonight', '2026-12-01'],
    ['12 people on 5 December', '2026-12-05'],
    ['30 guests, November 20th', '2027-11-20'],
    ['8 guests on the 2nd of May', '2027-05-02'],
    ['8 guests on 29 February 2028', '2028-02-29'],
    ['8 guests, 2027-03-14', '2027-03-14'],
    // these may be meant otherwise, or are no day
    ['8 guests next Friday', undefined],
    ['8 guests on 30 February', undefined],
    ['8 guests, 3.4.27', undefined],
    ['8 guests on the 14th', undefined],
    ['8 guests on Friday or Saturday', undefined],
    ['10 people, 2 may eat fish', undefined],
    ['12 guests', undefined],
    ['12 guests on Friday 15 January', '2027-01-15'],
    ['12 guests, 15 January (Friday)', '2027-01-15'],
    ['12 guests on Monday 15 January', undefined],
    ['12 guests on Friday 15 January or Saturday 16 January', undefined],
    // May is a month with its capital letter, with its ending, or where an hour or nothing follows
    ['lunch for 12 on Sunday 9 May at 1pm', '2027-05-09'],
    ['12 guests, 9th of May 2027', '2027-05-09'],
    ['12 people May 9 at 7pm', '2027-05-09'],
    ['12 people, 9 may at 7pm', '2027-05-09'],
    ['12 people, 2 May eat fish', undefined],
    ['12 people, 2 May be vegan', undefined],
    ['May 9 of us come earlier?', undefined],
    // short names beside a number
    ['20 guests on Sat 12 Dec at 6pm', '2026-12-12'],
    ['Fri 3rd Sept, 14 guests', '2027-09-03'],
    ['14 guests, Feb 3', '2027-02-03'],
    ['14 guests on sat', '2026-12-05'],
    ['20 guests on Sun 12 Dec', undefined],
    ['14 guests who sat in the sun', undefined],
  ])('“%s” is on %s', (line, day) => {
    expect(dayOf(line, '2026-12-01')).toBe(day);
  });

  test.each([
    ['34 guests on Friday 9 October at 4pm', 'on Friday 9 October'],
    ['Dinner for 6 next Friday at 8', 'next Friday'],
    ['party of 10 on the 14th', 'on the 14th'],
    ['20 guests on Saturday 9 October', undefined],
    ['12 people tomorrow', undefined],
    ['12 people, 2 may eat fish', undefined],
  ])('“%s” names a day that cannot be told: %s', (line, day) => {
    expect(unclearDayOf(line, '2026-12-01')).toBe(day);
  });

  test('children from 4 to 9 are so old, and what a head costs is no hour', () => {
    for (const line of ['5 children from 4 to 9', '8 kids aged from 3 to 6', '20 guests at 12.50 each'])
      expect([line, hourOf(line), withoutWhen(line)]).toEqual([line, undefined, line]);
  });

  test('an hour or a day behind a line changes nothing that is read of it', () => {
    const lines = ['12 guests: 3 vegan, 2 coeliac', '8 adults, 2 children (3 and 5)', '20 people, no pork'];
    const whens = ['at 7pm', 'at 19:15', 'on Saturday', 'tomorrow night', 'on 3 June', 'from 6 to 8 pm'];
    fc.assert(
      fc.property(fc.constantFrom(...lines), fc.constantFrom(...whens), (line, when) => {
        expect(seated(`${line}, ${when}`)).toEqual(seated(line));
        expect(seated(`${when}, ${line}`)).toEqual(seated(line));
      }),
    );
  });

  test('every hour of the day is read as it is written', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 0, max: 59 }), (h, m) => {
        const written = `${String(h).padStart(2, '0')}:${String(m).padStart(2, '0')}`;
        expect(hourOf(`9 guests at ${written}`)).toBe(written);
      }),
    );
  });
});
