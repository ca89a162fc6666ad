import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ownComponent, withFact } from '../catalogue/index.js';
import { judgeNeed } from '../needs/index.js';
import { group } from '../testing/plans.js';
import {
  componentsCsv,
  partyCsv,
  readComponentsCsv,
  readPartyCsv,
  readReplies,
  replySlipText,
} from './index.js';
import { inEnglish } from '../words/index.js';

describe('a party as a table', () => {
  const party = [
    group('all', 4),
    group('nut', 1, [], {
      needs: [
        { id: 'tree-nut-free', settings: { species: 'almond,walnut', traces: 'ask' }, strictness: 'allergy' },
      ],
      dislikes: ['blue cheese', 'olives'],
      seats: ['Jory'],
    }),
    group('kids', 2, [], { band: 'child', ages: [0, 3], knownFoods: ['banana', 'bread'], appetite: 0.8 }),
  ];

  test('goes out and comes in the same', () => {
    const read = readPartyCsv(partyCsv(party));
    expect(read.problems).toEqual([]);
    expect(read.party).toEqual(party);
  });

  test('needs may be said as people say them; columns in any order', () => {
    const read = readPartyCsv('count,needs,name\n2,coeliac; vegan,Two\n');
    expect(read.party[0]!.needs.map((choice) => choice.id)).toEqual(['gluten-free', 'vegan']);
  });

  test.each([
    ['count\n2\n', 'name'],
    ['name,count\nA,two\n', 'count'],
    ['name,count,needs\nA,2,hallal\n', 'needs'],
    ['name,count,needs\nA,2,keto (limit=0)\n', 'needs'],
    ['name,count,band,ages\nA,2,child,3;44\n', 'ages'],
    ['name,count,shoe\nA,2,41\n', 'shoe'],
  ])('what is wrong in %j is named with its row and column', (text, column) => {
    const { problems } = readPartyCsv(text);
    expect(problems[0]).toMatchObject({ column });
    expect(inEnglish(problems[0]!.reason).length).toBeGreaterThan(5);
  });

  test('one bad row does not cost the others', () => {
    const read = readPartyCsv('name,count\nA,2\nB,-1\nC,3\n');
    expect(read.party.map((group) => group.name)).toEqual(['A', 'C']);
    expect(new Set(read.problems.map((problem) => problem.row))).toEqual(new Set([3]));
  });

  test('a name that looks like a formula is harmless in the file and whole again after it', () => {
    const odd = [group('x', 1, [], { name: '=HYPERLINK("http://x")' })];
    expect(partyCsv(odd)).toContain("'=HYPERLINK");
    expect(readPartyCsv(partyCsv(odd)).party[0]!.name).toBe('=HYPERLINK("http://x")');
  });

  test('no text makes a reader throw', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        expect(Array.isArray(readPartyCsv(text).party)).toBe(true);
        expect(Array.isArray(readComponentsCsv(text).components)).toBe(true);
        expect(Array.isArray(readReplies(text).groups)).toBe(true);
      }),
    );
  });
});

test.each(['0x10', '1e1', '-5', '2.5', '١٠'])('%j guests are no number of guests', (count) => {
  const read = readPartyCsv(`name,count\nA,${count}\n`);
  expect(read.party).toEqual([]);
  expect(read.problems[0]).toMatchObject({ row: 2, column: 'count' });
});

describe('own foods as a table', () => {
  test('go out and come in with what was told; what was not told stays unknown', () => {
    const own = withFact(ownComponent('Aunt’s chutney', 'spread-dip'), 'allergen.gluten', 'free');
    const { components, problems } = readComponentsCsv(
      componentsCsv([{ ...own, per100g: { ...own.per100g, saltG: 1.1 } }]),
    );
    expect(problems).toEqual([]);
    const [back] = components;
    expect(back!.allergens.gluten).toBe('free');
    expect(back!.allergens.milk).toBe('unknown');
    expect(back!.per100g.saltG).toBe(1.1);
    expect(judgeNeed(back!, 'bowl', { id: 'dairy-free', settings: {} }).verdict).toBe('ask');
  });

  test.each([
    ['name,family\nA,chees\n', 'family'],
    ['name,family,facts\nA,cheese,allergen.milk=perhaps\n', 'facts'],
    ['name,family,facts\nA,cheese,nonsense=free\n', 'facts'],
    ['name,family,salt g\nA,cheese,lots\n', 'salt g'],
    ['name,family,energy kj\nA,cheese,99999\n', 'energy kj'],
    ['name,family\n,cheese\n', 'name'],
    ['name,family,protein g,fat g,net carbs g\nA,cheese,100,100,100\n', 'fat g'],
    ['name,family,salt g\nA,cheese,0x10\n', 'salt g'],
    ['name,family,pack g\nA,cheese,-5\n', 'pack g'],
  ])('%j is refused with the column', (text, column) => {
    const read = readComponentsCsv(text);
    expect(read.components).toEqual([]);
    expect(read.problems[0]).toMatchObject({ row: 2, column });
  });
});

describe('reply slips', () => {
  test('ask in words whose answers are found again', () => {
    const slip = replySlipText('Comet Watch');
    const filled = slip
      .replace(/(Your name[^:]*:)/, '$1 Jory')
      .replace(/(How many of you[^:]*:)/, '$1 2')
      .replace(/(Children, with ages[^:]*:)/, '$1 2, ages 3 and 7')
      .replace(/(We eat[^:]*:)/, '$1 vegetarian')
      .replace(/(Allergies[^:]*:)/, '$1 sesame')
      .replace(/(We do not like[^:]*:)/, '$1 olives and blue cheese')
      .replace(/(The children know[^:]*:)/, '$1 banana, bread');
    const { groups, problems } = readReplies(filled);
    expect(problems).toEqual([]);
    expect(groups.map((group) => [group.count, group.band, group.ages.join()])).toEqual([
      [2, 'adult', ''],
      [1, 'child', '3'],
      [1, 'child', '7'],
    ]);
    for (const group of groups) {
      expect(group.needs.map((choice) => choice.id).sort()).toEqual(['sesame-free', 'vegetarian']);
      expect(group.dislikes).toEqual(['olives', 'blue cheese']);
      expect(group.seats).toEqual(['Jory']);
    }
    expect(groups[1]!.knownFoods).toEqual(['banana', 'bread']);
  });

  test('an answer below its question, a question put otherwise, and a whole slip below another are read', () => {
    const { groups, problems } = readReplies(
      [
        'Comet Watch: what may we put before you?',
        'Your name: Gus',
        'We eat (everything, vegan …):',
        '',
        'vegan',
        'Allergies (which, and whether traces matter):',
        'sesame seeds',
        'and walnuts',
        'Comet Watch: what may we put before you?',
        'Your name: Hal',
        'Phone: 0123 456',
        'How do you eat: halal',
        'Dislikes: olives',
        'Allergies: none that I know of',
        'Kind regards,',
        'Your name: Ida',
        'Religion: kosher',
        'Your name: Jo',
        'I am coeliac',
      ].join('\n'),
    );
    expect(problems).toEqual([]);
    expect(groups.map(({ needs }) => needs.map(({ id }) => id).sort())).toEqual([
      ['sesame-free', 'tree-nut-free', 'vegan'],
      ['halal'],
      ['kosher-style'],
      ['gluten-free'],
    ]);
    expect(groups[1]!.dislikes).toEqual(['olives']);
  });

  test('what is said beside a number or a name is kept, and grown guests beside children are counted', () => {
    const { groups } = readReplies(
      [
        'Your name: Ada',
        'How many of you: 2',
        'Children, with ages: 2, ages 3 and 7',
        'Your name: Kim',
        'How many of you: 2, both vegan',
        'Children, with ages: 1, aged 5, has a nut allergy',
        'Your name: Bo (coeliac)',
        'Your name: Ida',
        'Name of what I cannot eat: no peanuts',
      ].join('\n'),
    );
    const seated = groups.map(({ count, band, needs }) =>
      [count, band, ...needs.map(({ id }) => id)].join(' '),
    );
    expect(seated.slice(0, 3)).toEqual(['2 adult', '1 child', '1 child']);
    expect(seated[3]).toContain('2 adult vegan');
    expect(seated[4]).toMatch(/^1 child .*tree-nut-free/);
    expect(seated[5]).toContain('gluten-free');
    expect(seated[6]).toContain('peanut-free');
    expect(seated).toHaveLength(7);
  });

  test('two replies one below the other; what is not understood is named and nobody is guessed at', () => {
    const { groups, problems } = readReplies(
      'Your name: A\nWe eat: everything\n\nYour name: B\nAllergies: moonlight\n',
    );
    expect(groups.map((group) => group.needs.map((choice) => choice.id))).toEqual([
      [],
      ['own-unread-moonlight'],
    ]);
    expect(problems[0]).toMatchObject({ reply: 2 });
    expect(inEnglish(problems[0]!.said)).toContain('moonlight');
  });
});
