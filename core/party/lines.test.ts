import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE, usualForm } from '../catalogue/index.js';
import { isFoodWord, judgeGroup, NEED_WORDS, ownNeedProblem } from '../needs/index.js';
import { groupSchema, guestsIn, readParty, totalOf } from './index.js';

const read = (text: string) => readParty(text, NEED_WORDS, isFoodWord);
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
        expect(r.groups.map((group) => group.count)).toEqual([rest, some]);
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
          expect(new Set(groups.map((group) => group.id)).size).toBe(groups.length);
          for (const group of groups) expect(groupSchema.safeParse(group).success).toBe(true);
        },
      ),
    );
  });

  test('no text makes the reader throw, and what it seats can be stored', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        const r = read(text);
        expect(r.groups.length + r.problems.length).toBeGreaterThan(0);
        for (const group of r.groups) expect(groupSchema.safeParse(group).success).toBe(true);
      }),
    );
  });
});

describe('what a household says', () => {
  const one = (text: string) => {
    const read = readParty(text, NEED_WORDS, isFoodWord);
    return { ...read.groups[0]!, problems: read.problems };
  };

  test('a part without a number says more about the guests before it', () => {
    const group = one('1 vegan, pregnant, hates olives');
    expect(group.count).toBe(1);
    expect(group.needs.map((choice) => choice.id)).toEqual(['vegan', 'pregnancy']);
    expect(group.dislikes).toEqual(['olives']);
    expect(group.problems).toEqual([]);
  });

  test('several dislikes, and a need that begins with "no"', () => {
    expect(one('2 vegetarian, hate blue cheese and olives').dislikes).toEqual(['blue cheese', 'olives']);
    expect(one('3 no beef').needs.map((choice) => choice.id)).toEqual(['no-beef']);
    for (const said of ['2 diabetic', 'one diabetic', '1 with type 1 diabetes', '2 diabetics'])
      expect(one(said).needs.map((choice) => choice.id)).toEqual(['carbs-counted']);
    expect(one('3 no dairy').needs.map((choice) => choice.id)).toEqual(['dairy-free']);
    expect(one('3 no dairy').dislikes).toEqual([]);
  });

  test('how strictly: an allergy, a preference', () => {
    expect(one('1 sesame allergy').needs).toMatchObject([{ id: 'sesame-free', strictness: 'allergy' }]);
    expect(one('1 gluten-free by preference').needs).toMatchObject([
      { id: 'gluten-free', strictness: 'preference' },
    ]);
    expect(one('2 coeliac').needs[0]?.strictness).toBeUndefined();
  });

  test.each([
    '1 лук',
    '1 大蒜 allergy',
    '2 без глютена',
    '1 vegan and лук allergy',
    '1 vegan (рыба)',
    '1 vegan (🥜)',
    '1 allergies: 🥛',
    '3 حلال',
    '1 हलाल',
    '1 no лук',
  ])('“%s” says something in letters or pictures that nobody here reads, so every food asks', (line) => {
    const r = read(`10 guests: ${line}`);
    expect(r.unread).toHaveLength(1);
    const asked = r.groups.find((group) => group.id === r.unread[0]!.group)!;
    for (const component of CATALOGUE)
      expect(judgeGroup(component, usualForm(component).form, asked).verdict).not.toBe('fine');
  });

  test('two phrases that begin alike are two needs: to answer one answers only that one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('no grandmothers strawberry', 'лук', '大'),
        fc.uniqueArray(fc.constantFrom('flurb', 'wibble', 'zorch', 'қызыл', '蒜'), {
          minLength: 2,
          maxLength: 2,
        }),
        (head, [a, b]) => {
          const r = read(`5 guests: 1 ${head} ${a}, ${head} ${b}`);
          const ids = r.groups.flatMap((group) => group.needs.map((choice) => choice.id));
          expect(new Set(ids).size).toBe(2);
          expect(ids).toHaveLength(2);
        },
      ),
    );
  });

  test('who has a need that is not understood is never seated among those who eat everything', () => {
    const read = readParty('14 guests: 2 vegan, 3 coelic', NEED_WORDS, isFoodWord);
    expect(read.groups.map((group) => [group.count, group.needs.length])).toEqual([
      [9, 0],
      [2, 1],
      [3, 1],
    ]);
    expect(read.problems).toEqual([]);
    expect(read.unread).toEqual([{ text: 'coelic', group: read.groups[2]!.id, guests: 3 }]);
    for (const food of CATALOGUE)
      expect(judgeGroup(food, usualForm(food).form, read.groups[2]!).verdict).not.toBe('fine');
  });

  test('babies and months', () => {
    expect(one('1 baby')).toMatchObject({ band: 'child', ages: [0], name: 'Children under one' });
    expect(one('1 child (8 months)').ages).toEqual([0]);
    expect(one('1 child (18 months)').ages).toEqual([1]);
  });

  test('a number at the wrong end is no part of the guests before it', () => {
    const { groups, problems } = readParty('6 vegan, coeliac 2', NEED_WORDS, isFoodWord);
    expect(problems).toEqual([]);
    expect(groups.map(({ count, needs }) => [count, ...needs.map(({ id }) => id)])).toEqual([
      [6, 'vegan'],
      [2, 'gluten-free'],
    ]);
  });
});

describe('what guests leave out', () => {
  const needs = (text: string) =>
    read(text).groups.flatMap((group) =>
      group.needs.map((choice) => (choice.strictness ? `${choice.id} ${choice.strictness}` : choice.id)),
    );

  test.each([
    ['2 without gluten', ['gluten-free allergy']],
    ['1 without nuts', ['tree-nut-free allergy', 'peanut-free allergy']],
    ['2 no milk', ['dairy-free allergy']],
    ["1 can't have egg", ['egg-free allergy']],
    ['1 cannot eat eggs or soya', ['egg-free allergy', 'soy-free allergy']],
    ['2 off nuts', ['tree-nut-free allergy', 'peanut-free allergy']],
    ['1 nut and egg allergy', ['tree-nut-free allergy', 'peanut-free allergy', 'egg-free allergy']],
    ['2 who avoid shellfish', ['crustacean-free allergy', 'mollusc-free allergy']],
    ['2 gluten free by preference', ['gluten-free preference']],
    ['4 lactose intolerant', ['lactose-light']],
    ['2 muslims', ['halal']],
    ['3 no gelatine', ['own-no-gelatine']],
    ['4 no onions', ['own-no-onions']],
    ['1 vegan 2 halal', ['vegan', 'halal', 'own-unread-2']],
  ])('“%s” is %j', (text, expected) => {
    expect(needs(text)).toEqual(expected);
    expect(read(text).problems).toEqual([]);
  });

  test('“does not care for” is a dislike, and no need', () => {
    const [group] = read('1 does not care for olives').groups;
    expect([group!.needs, group!.dislikes]).toEqual([[], ['olives']]);
  });

  test('what no need knows is a rule: every food with it is forbidden', () => {
    const [group] = read('4 no onions').groups;
    const verdicts = CATALOGUE.map(
      (component) =>
        [component.notable.onion, judgeGroup(component, usualForm(component).form, group!).verdict] as const,
    );
    expect(verdicts.some(([onion]) => onion === 'contains')).toBe(true);
    for (const [onion, verdict] of verdicts) {
      if (onion === 'contains') expect(verdict).toBe('forbidden');
      if (onion === 'unknown' || onion === 'brand') expect(verdict).toBe('ask');
    }
  });

  test('every fact of a rule is one of the catalogue, with its values', () => {
    for (const text of [
      'meat',
      'pork',
      'honey',
      'raw milk',
      'raw fish',
      'raw egg',
      'rennet',
      'seeds',
      'coconut',
      'game',
    ])
      for (const group of read(`2 no ${text}`).groups)
        for (const choice of group.needs)
          expect([text, choice.own && ownNeedProblem(choice.own)]).toEqual([text, undefined]);
  });
});

describe('what is said before a colon', () => {
  const groupsOf = (text: string) => {
    const { groups, problems, unread } = read(text);
    expect(problems).toEqual([]);
    return { groups: groups.map(({ count, needs }) => [count, needs.map(({ id }) => id).join('+')]), unread };
  };

  test('keeps its needs, and what nobody knows is asked of all', () => {
    expect(groupsOf('6 vegans: 2 coeliac').groups.flat()).not.toContain('');
    const strange = groupsOf('9 zorbics: 2 vegan');
    expect(strange.groups.reduce((sum, [n]) => sum + (n as number), 0)).toBe(9);
    expect(strange.unread.reduce((sum, { guests }) => sum + guests, 0)).toBe(9);
    expect(groupsOf('9 friends after an allergy to zorb: 2 vegan').unread).not.toEqual([]);
  });

  test('is no child that is taken for grown', () => {
    const { groups } = read('4 children of three: 1 coeliac');
    expect(groups.every(({ band }) => band === 'child')).toBe(true);
  });
});

describe('the total that was said is the total that is seated', () => {
  test.each([
    ['6 guests: 2 without gluten, 1 without nuts', [3, 2, 1]],
    ['10 guests, 2 vegan', [8, 2]],
    ['10 guests (2 vegan)', [8, 2]],
    ['10 people including 2 vegan', [8, 2]],
    ['20 guests: 5 vegan, the rest halal', [5, 15]],
    ['12 people, all vegetarian', [12]],
    ['10 guests, vegan', [10]],
    ['1 vegan and 2 coeliac', [1, 2]],
    ['3 vegetarian strict about rennet', [3]],
    ['14 guests: 2 vegan, 3 coelic', [9, 2, 3]],
  ])('“%s”', (text, counts) => {
    expect(read(text).groups.map((group) => group.count)).toEqual(counts);
  });

  test('an unknown word drops nobody, whatever it stands beside', () => {
    fc.assert(
      fc.property(
        count,
        count,
        fc.stringMatching(/^[b-df-hj-np-tv-z]{6,9}$/),
        fc.boolean(),
        (a, b, word, after) => {
          const part = after ? `${b} vegan ${word}` : `${b} ${word}`;
          const r = read(`${a + b} guests: ${part}`);
          expect(guestsIn(r.groups)).toBe(a + b);
          expect(r.unread.map((u) => [u.text, u.guests])).toEqual([[word, b]]);
        },
      ),
    );
  });

  test.each([
    ['1 coeliac, keep apart', 'gluten-free', 'same-surface'],
    ['2 vegan kept separate', 'vegan', 'same-surface'],
    ['1 halal (own plate)', 'halal', 'same-surface'],
    ['1 coeliac, no cross-contamination', 'gluten-free', 'same-surface'],
  ])('%s: nothing near it that would carry', (line, need, contact) => {
    const { groups, unread } = read(line);
    expect(unread).toEqual([]);
    expect(groups[0]!.needs).toMatchObject([{ id: need, settings: { contact } }]);
  });

  test.each(['1 pregnant, keep apart', '3 adults keep apart', '1 vegan keep apart from meat'])(
    '%s: is not understood, and asked',
    (line) => expect(read(line).unread.length).toBeGreaterThan(0),
  );

  test('strict about rennet is the vegetarians’ rennet', () => {
    expect(read('3 vegetarian strict about rennet').groups[0]!.needs).toEqual([
      { id: 'vegetarian', settings: { rennet: 'strict' } },
    ]);
  });

  test('every phrase is shown back with what it was taken for', () => {
    const { phrases } = read('6 guests: 2 without gluten, 1 flurbish, hates olives');
    expect(
      phrases.flatMap((phrase) =>
        phrase.phrases.map((otherPhrase) => [phrase.guests, otherPhrase.text, otherPhrase.kind]),
      ),
    ).toEqual([
      [2, 'without gluten', 'need'],
      [1, 'flurbish', 'unread'],
      [1, 'hates olives', 'dislike'],
    ]);
  });
});
