import { describe, expect, test } from '@jest/globals';
import { readReplies } from './index.js';

/** Each group of a reply: how many, of what ages, what they need. */
const seated = (...lines: string[]): string[] =>
  readReplies(lines.join('\n')).groups.map(({ count, ages, band, needs }) =>
    [count, ...(band === 'child' ? [`(${ages.join(' ') || '?'})`] : []), ...needs.map(({ id }) => id)].join(
      ' ',
    ),
  );

describe('an answer that stands where nobody looks for it', () => {
  test.each([
    ['in the brackets of its question', 'Allergies (sesame):'],
    ['in brackets, and behind', 'We eat (no sesame): everything'],
    ['under what is not liked', 'We do not like: olives, sesame allergy'],
    ['in a bracket there', 'We do not like: olives (allergic to sesame)'],
    ['under what the children know', 'The children know and like: banana, no sesame'],
  ])('%s', (_where, line) => {
    const reply = ['Your name: Bo', 'Children, with ages: 1, age 6', line];
    const groups = seated(...reply);
    expect(groups).toHaveLength(2);
    for (const group of groups) expect(group).toMatch(/sesame-free/);
  });

  test('the hints of the slip are no answers', () => {
    const reply = [
      'Your name (so that we know whose plate it is): Bo',
      'We eat (everything, vegan, vegetarian, halal, no beef, keto …): everything',
      'Allergies (which, and whether traces matter): none',
    ];
    expect(seated(...reply)).toEqual(['1']);
    expect(readReplies(reply.join('\n')).problems).toEqual([]);
  });

  test.each([
    ['Bo, vegan', ['1 vegan']],
    ['Bo Hart is vegan', ['1 vegan']],
    ['Bo Hart / vegan', ['1 vegan']],
    ['Bo (coeliac)', ['1 gluten-free']],
    ['Bo. No sesame', ['1 sesame-free']],
    ['Bo with no sesame', ['1 sesame-free']],
    ['Mia and Bo Hart and family', ['1']],
    ['Mia van der Berg', ['1']],
    ['bo hart', ['1']],
  ])('beside a name: “%s”', (name, groups) => {
    expect(seated(`Your name: ${name}`)).toEqual(groups);
  });
});

describe('how many, and how old', () => {
  test.each([
    ['two adults', ['2']],
    ['Two', ['2']],
    ['2 of us', ['2']],
  ])('“%s”', (many, groups) => {
    expect(seated('Name: Bo', `How many of you: ${many}`)).toEqual(groups);
    expect(readReplies(`Name: Bo\nHow many of you: ${many}`).problems).toEqual([]);
  });

  test.each([
    // they were four, two and three
    ['one, 4', ['1', '1 (4)']],
    ['two, 3 and 7', ['1', '1 (3)', '1 (7)']],
    ['3 and 7', ['1', '1 (3)', '1 (7)']],
    ['ages 3 and 7', ['1', '1 (3)', '1 (7)']],
    ['2, ages 3 and 7', ['1', '1 (3)', '1 (7)']],
    ['2', ['1', '2 (?)']],
    ['1 (6 years)', ['1', '1 (6)']],
  ])('children “%s”', (children, groups) => {
    expect(seated('Name: Bo', `Children, with ages: ${children}`)).toEqual(groups);
  });
});
