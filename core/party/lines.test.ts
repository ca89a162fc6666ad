import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NEED_WORDS } from '../needs/index.js';
import { groupSchema, guestsIn, needsOf, portionsIn, readParty, totalOf } from './index.js';

const read = (text: string) => readParty(text, NEED_WORDS);
const NEEDS = ['vegan', 'vegetarian', 'halal', 'coeliac'] as const;
const count = fc.integer({ min: 1, max: 40 });

describe('what is typed and what is seated', () => {
  test('every guest who is named is seated once, whatever the order and the signs between', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(count, fc.constantFrom(...NEEDS)), { minLength: 1, maxLength: 5 }),
        fc.constantFrom(', ', '; ', '\n', ',', ' ; '),
        (list, sign) => {
          const r = read(list.map(([n, need]) => `${n} ${need}`).join(sign));
          expect(r.problems).toEqual([]);
          expect(guestsIn(r.groups)).toBe(list.reduce((sum, [n]) => sum + n, 0));
          expect(totalOf(r)).toBe(guestsIn(r.groups));
        },
      ),
    );
  });

  test('with a total in front the rest eats everything, and comes first', () => {
    fc.assert(
      fc.property(count, count, fc.constantFrom(...NEEDS), (rest, some, need) => {
        const r = read(`${rest + some} guests: ${some} ${need}`);
        expect(r.groups.map((g) => g.count)).toEqual([rest, some]);
        expect(r.groups[0]!.needs).toEqual([]);
      }),
    );
  });

  test('groups have ids of their own and are groups that a plan can hold', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(count, fc.constantFrom(...NEEDS)), { minLength: 1, maxLength: 6 }),
        (list) => {
          const { groups } = read(list.map(([n, need]) => `${n} ${need}`).join(', '));
          expect(new Set(groups.map((g) => g.id)).size).toBe(groups.length);
          for (const g of groups) expect(groupSchema.safeParse(g).success).toBe(true);
        },
      ),
    );
  });

  test('no text makes the reader throw, and what it seats can be stored', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        const r = read(text);
        expect(r.groups.length + r.problems.length).toBeGreaterThan(0);
        for (const g of r.groups) expect(groupSchema.safeParse(g).success).toBe(true);
      }),
    );
  });
});

describe('children', () => {
  test.each([
    ['3 children of 3', [[3, [3, 3, 3]]]],
    ['2 kids (7 and 9)', [[2, [7, 9]]]],
    ['1 toddler (2)', [[1, [2]]]],
  ])('%s', (text, expected) => {
    expect(read(text).groups.map((g) => [g.count, g.ages])).toEqual(expected);
  });

  test('an age that was not said keeps a group of its own and the strictest rules', () => {
    const { groups } = read('3 children (one is 8)');
    expect(groups.map((g) => [g.count, g.ages.length])).toEqual([
      [1, 1],
      [2, 0],
    ]);
    expect(needsOf(groups[1]!).map((n) => n.id)).toContain('child-1-3');
    expect(needsOf(groups[0]!).map((n) => n.id)).toEqual(['child-5-12']);
  });

  test('a need of children goes along with each of their groups', () => {
    const { groups } = read('3 vegan children (one is 3, two are 8)');
    expect(groups.length).toBeGreaterThan(1);
    for (const g of groups) expect(g.needs.map((n) => n.id)).toEqual(['vegan']);
  });

  test('small ones eat less than big ones, and both less than the grown', () => {
    const portion = (text: string) => portionsIn(read(text).groups);
    expect(portion('4 children of 3')).toBeLessThan(portion('4 children of 8'));
    expect(portion('4 children of 8')).toBeLessThan(portion('4 guests'));
  });
});

describe('what a household says', () => {
  const one = (text: string) => {
    const read = readParty(text, NEED_WORDS);
    return { ...read.groups[0]!, problems: read.problems };
  };

  test('a part without a number says more about the guests before it', () => {
    const g = one('1 vegan, pregnant, hates olives');
    expect(g.count).toBe(1);
    expect(g.needs.map((n) => n.id)).toEqual(['vegan', 'pregnancy']);
    expect(g.dislikes).toEqual(['olives']);
    expect(g.problems).toEqual([]);
  });

  test('several dislikes, and a need that begins with "no"', () => {
    expect(one('2 vegetarian, hate blue cheese and olives').dislikes).toEqual(['blue cheese', 'olives']);
    expect(one('3 no beef').needs.map((n) => n.id)).toEqual(['no-beef']);
    expect(one('3 no dairy').needs.map((n) => n.id)).toEqual(['dairy-free']);
    expect(one('3 no dairy').dislikes).toEqual([]);
  });

  test('how strictly: an allergy, a preference', () => {
    expect(one('1 sesame allergy').needs).toMatchObject([{ id: 'sesame-free', strictness: 'allergy' }]);
    expect(one('1 gluten-free by preference').needs).toMatchObject([
      { id: 'gluten-free', strictness: 'preference' },
    ]);
    expect(one('2 coeliac').needs[0]?.strictness).toBeUndefined();
  });

  test('who has a need that is not understood is never seated among those who eat everything', () => {
    const read = readParty('14 guests: 2 vegan, 3 coelic', NEED_WORDS);
    expect(read.groups.map((g) => [g.count, g.needs.length])).toEqual([
      [9, 0],
      [2, 1],
    ]);
    expect(read.problems.map((p) => p.code)).toEqual(['unknown-word']);
  });

  test('babies and months', () => {
    expect(one('1 baby')).toMatchObject({ band: 'child', ages: [0], name: 'Children under one' });
    expect(one('1 child (8 months)').ages).toEqual([0]);
    expect(one('1 child (18 months)').ages).toEqual([1]);
  });

  test('a number at the wrong end is no part of the guests before it', () => {
    expect(readParty('6 vegan, coeliac 2', NEED_WORDS).problems.map((p) => p.code)).toEqual(['no-number']);
  });
});
