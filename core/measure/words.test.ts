import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { idOf } from './words.js';

describe('an id of words', () => {
  test.each([
    ["Aunt's crème", 'aunts-creme'],
    ['  No Onions! ', 'no-onions'],
    ['…', 'group'],
    ['', 'group'],
  ])('%j → %s', (text, id) => expect(idOf(text, 36, 'group')).toBe(id));

  test('words of another alphabet, and words that are cut, keep a mark of their own', () => {
    expect(idOf('лук', 36, 'food')).toMatch(/^food-[a-z0-9]+$/);
    expect(idOf('лук', 36, 'food')).not.toBe(idOf('мак', 36, 'food'));
    expect(idOf(`${'a'.repeat(40)} b`, 20, 'food')).not.toBe(idOf(`${'a'.repeat(40)} c`, 20, 'food'));
  });

  test('fits, and is letters, digits and single hyphens', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.integer({ min: 20, max: 50 }), (text, most) => {
        const id = idOf(text, most, 'group');
        expect(id.length).toBeLessThanOrEqual(most);
        expect(id).toMatch(/^[a-z0-9]+(?:-[a-z0-9]+)*$/);
      }),
    );
  });
});
