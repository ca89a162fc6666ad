import { describe, expect, test } from '@jest/globals';
import { z } from 'zod';
import { inEnglish, refusalOf } from './index.js';

const record = z.strictObject({
  name: z.string().trim().min(1).max(5),
  count: z.number().int().min(0).max(9),
  tags: z.array(z.string()).max(1),
  kind: z.enum(['round', 'long']),
  colour: z.string().regex(/^#/, 'a colour such as #d9b98a'),
  either: z.union([z.strictObject({ g: z.number() }), z.string()]),
  on: z.boolean(),
});
const whole = {
  name: 'a',
  count: 1,
  tags: [],
  kind: 'long',
  colour: '#d9b98a',
  either: { g: 1 },
  on: true,
};

describe('why a value is refused is said in plain words', () => {
  test.each([
    ['name', '', 'at least 1 letter'],
    ['name', 'abcdef', 'at most 5 letters'],
    ['name', 3, 'a text is expected'],
    ['count', -1, 'not less than 0'],
    ['count', 10, 'not more than 9'],
    ['count', 1.5, 'a whole number is expected'],
    ['count', null, 'a number is expected'],
    ['tags', ['a', 'b'], 'at most 1 entry'],
    ['tags', 'a', 'a list is expected'],
    ['kind', 'square', 'one of round or long'],
    ['colour', 'red', 'a colour such as #d9b98a'],
    ['either', { g: 'x' }, 'a number is expected'],
    ['on', 'yes', 'yes or no is expected'],
  ])('%s: %j', (field, value, words) => {
    const read = record.safeParse({ ...whole, [field]: value });
    expect(read.error?.issues.map((issue) => [issue.path[0], inEnglish(refusalOf(issue))])).toEqual([
      [field, words],
    ]);
  });

  test('a field that nobody knows is named', () => {
    const read = record.safeParse({ ...whole, shoe: 41 });
    expect(inEnglish(refusalOf(read.error!.issues[0]!))).toBe('there is no field “shoe”');
  });
});
