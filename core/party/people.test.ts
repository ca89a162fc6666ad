import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isFoodWord, NEED_WORDS } from '../needs/index.js';
import { readParty } from './index.js';

const read = (text: string) => readParty(text, NEED_WORDS, isFoodWord);
const groupsOf = (text: string): string[] =>
  read(text).groups.map(({ count, needs }) => `${count} ${needs.map(({ id }) => id).join('+')}`.trim());

describe('how people say what they like, and of whom they speak', () => {
  test.each([
    ['7 friends, cheese lovers', 7],
    ['12 wine enthusiasts', 12],
    ['10 meat eaters', 10],
    ['6 foodies', 6],
    ['12 guests who like spicy food', 12],
    ['4 fond of nuts', 4],
    ['5 fish fans', 5],
    ['9 wine and cheese lovers', 9],
  ])('%s leave nothing out', (line, n) => {
    const { groups, unread, problems } = read(line);
    expect([problems, unread]).toEqual([[], []]);
    expect(groups.map(({ count, needs, dislikes }) => [count, needs, dislikes])).toEqual([[n, [], []]]);
  });

  test.each([
    ['8 toddlers of 2, 10 parents, 1 milk allergy among the toddlers', ['1 dairy-free', '7', '10']],
    [
      '6 adults, 4 kids of 5, one of the adults is coeliac, two of the kids are vegetarian',
      ['1 gluten-free', '5', '2 vegetarian', '2'],
    ],
    ['16 guests: 1 vegan among them', ['15', '1 vegan']],
    ['20 people of which 5 vegan, 2 of those coeliac', ['15', '2 vegan+gluten-free', '3 vegan']],
    ['A baby of 10 months, 2 toddlers, 6 adults', ['1', '2', '6']],
    ['6 adults and a 10-month-old baby', ['6', '1']],
    ['vegans 3, coeliacs 2, everyone else 7', ['3 vegan', '2 gluten-free', '7']],
    ['10 pax incl 2 GF 1 DF', ['7', '2 gluten-free', '1 dairy-free']],
    ['8 people, no allergies that I know of', ['8']],
    ['A rowdy group of 20, 3 vegan', ['17', '3 vegan']],
    ['15 under-fives and their parents (12)', ['15', '12']],
    ['A toddler group: 12 toddlers, 12 carers', ['12', '12']],
    ['20 guests, of whom 6 are under 12', ['14', '6']],
    ['Total: 20. 2 vegan', ['18', '2 vegan']],
    ['Headcount 20, 2 vegan', ['18', '2 vegan']],
    ['No. of people: 20, 2 vegan', ['18', '2 vegan']],
    ['20 covers, 2 vegan', ['18', '2 vegan']],
    ['20p, 2 vegan', ['18', '2 vegan']],
    ['We expect 20 guests, 2 vegan', ['18', '2 vegan']],
    ['Max 20 people / 2 vegan', ['18', '2 vegan']],
    ['20 guests, 2 definitely vegan and nobody else has anything', ['18', '2 vegan']],
    ['A vegan household, 12 people, 2 coeliac', ['10 vegan', '2 gluten-free+vegan']],
    ['12 guests, it should be nut free', ['12 tree-nut-free+peanut-free']],
    ['12 guests, 3 vegan, the food is for lunch', ['9', '3 vegan']],
    ['20 wine lovers, 2 halal, 1 sesame allergy among them', ['17', '2 halal', '1 sesame-free']],
    ['8 friends, 2 vegan among them', ['2 vegan', '6']],
    ['8 children of 7, 1 sesame allergy among the children, 9 parents', ['1 sesame-free', '7', '9']],
  ])('%s', (line, groups) => {
    expect(groupsOf(line)).toEqual(groups);
  });
});

describe('how people say who comes', () => {
  const said = (text: string) => {
    const { unread, problems } = read(text);
    expect([problems, unread]).toEqual([[], []]);
    return groupsOf(text);
  };

  test.each([
    ['a hen party of 12, two pregnant', ['10', '2 pregnancy']],
    ['a choir of 18, 3 vegan', ['15', '3 vegan']],
    ['an orchestra of 40: 5 halal', ['35', '5 halal']],
    ['a crew of 9, one coeliac', ['8', '1 gluten-free']],
    [
      '16 neighbours after a garden work day: 3 vegetarian, 1 coeliac',
      ['12', '3 vegetarian', '1 gluten-free'],
    ],
    ['we are nine friends before the concert: two vegan', ['7', '2 vegan']],
    ['a party of 8', ['8']],
    ['party of 6 vegans', ['6 vegan']],
    ['40 colleagues, 6 veggie, 2 halal', ['32', '6 vegetarian', '2 halal']],
    ['20 guests, 3 of them vegan, 2 of them coeliac', ['15', '3 vegan', '2 gluten-free']],
    ['20 guests: 3 vegan, 2 of them coeliac', ['17', '2 vegan+gluten-free', '1 vegan']],
    ['2 six-year-olds, 4 parents', ['2', '4']],
    ['40 golfers after a tournament, 4 vegan', ['36', '4 vegan']],
    ['16 beekeepers after the harvest, 3 vegetarian, 1 coeliac', ['12', '3 vegetarian', '1 gluten-free']],
    ['9 zookeepers before the audit: 2 vegan', ['7', '2 vegan']],
    ['8 women for a baby shower, two pregnant', ['6', '2 pregnancy']],
    ['30 people at a gallery opening; 4 vegan', ['26', '4 vegan']],
    ['wedding, 80 guests: 10 vegetarian', ['70', '10 vegetarian']],
    ['dinner for 8, one coeliac', ['7', '1 gluten-free']],
    ['twenty-five at the office, no beef for 2', ['23', '2 no-beef']],
    ['two dozen singers, a couple of vegans', ['22', '2 vegan']],
    ['40 to 50 people, 3 vegan', ['47', '3 vegan']],
    ['30 for lunch, 6 vegetarian of whom 2 are coeliac', ['24', '2 vegetarian+gluten-free', '4 vegetarian']],
    ['10 vegans, 2 of them halal, 1 of them coeliac', ['2 vegan+halal', '1 vegan+gluten-free', '7 vegan']],
    ['my parents, my sister who is vegan and me', ['3', '1 vegan']],
    ['a family of 5, mum is coeliac', ['4', '1 gluten-free']],
    ['my wife and our two kids (3 and 6)', ['1', '1', '1']],
    ['my daughter, 4, and I', ['1', '1']],
    ['5 friends, one vegan', ['5', '1 vegan']],
    ['20 teenagers, 3 halal', ['20', '3 halal']],
    ['5 guests, no beef for my sister', ['4', '1 no-beef']],
    ['2 kids, 3 and 6', ['1', '1']],
  ])('%s', (text, expected) => {
    expect(said(text)).toEqual(expected);
  });

  test.each([
    '1 with a nut allergy',
    '1 with an allergy to a nut',
    '1 allergic to the nuts',
    '1 with a nuts allergy',
  ])('%s is an allergy, not a food called so', (text) => {
    expect(said(text)).toEqual(['1 tree-nut-free+peanut-free']);
  });
});

describe('no word that may be a need is taken for people or for an occasion', () => {
  const heard = (text: string): number => {
    const { groups, unread } = read(text);
    const said = groups.flatMap(({ needs, dislikes, band }) => [
      ...needs,
      ...dislikes,
      ...(band === 'child' ? [band] : []),
    ]);
    return unread.length + said.length;
  };

  test('not a word of any need, whatever stands before and after it', () => {
    expect(NEED_WORDS.length).toBeGreaterThan(100);
    for (const { word, leftOut } of NEED_WORDS) {
      const said = leftOut ? `without ${word}` : word;
      for (const line of [`6 ${said}`, `6 ${said} for dinner`, `6 office ${said}`])
        expect([line, heard(line)]).not.toEqual([line, 0]);
    }
  });

  test('nor is a need said with a liking taken for a liking', () => {
    const left = new Set(NEED_WORDS.filter(({ leftOut }) => leftOut).map(({ word }) => word));
    const ways = NEED_WORDS.filter(
      ({ word, leaves }) => !left.has(word) && !(leaves && /^[a-z]+$/.test(word) && isFoodWord(word)),
    );
    expect(ways.length).toBeGreaterThan(60);
    for (const { word } of ways)
      for (const line of [
        `6 love ${word}`,
        `6 ${word} lovers`,
        `6 who would like ${word} food`,
        `6 fond of ${word}`,
      ])
        expect([line, heard(line)]).not.toEqual([line, 0]);
    for (const line of [
      '3 non-meat eaters',
      '2 no meat eaters',
      '2 not big eaters',
      '6 like nut free things',
      '2 love nuts but cannot have them',
      '4 not cheese lovers',
    ])
      expect([line, heard(line)]).not.toEqual([line, 0]);
  });

  test('nor a word that nobody knows, nor one that only sounds like a doer', () => {
    fc.assert(
      fc.property(
        fc.stringMatching(/^[b-df-hj-np-tv-z]{6,9}$/),
        fc.constantFrom('at a', 'for our', 'after the'),
        (word, before) => {
          expect(heard(`12 guests ${before} ${word}, 3 vegan`)).toBeGreaterThan(1);
          expect(heard(`12 ${word}, 3 vegan`)).toBeGreaterThan(1);
        },
      ),
    );
    for (const who of [
      'fasters',
      'dieters',
      'pork-avoiders',
      'non-drinkers',
      'weight watchers',
      'insulin users',
    ])
      expect([who, heard(`6 ${who}`)]).not.toEqual([who, 0]);
    for (const small of ['toddlers', 'kindergarteners', 'third graders', 'preschoolers', 'minors']) {
      const { groups } = read(`6 ${small}`);
      const asked = groups.some(({ band, needs }) => band === 'child' || needs.length > 0);
      expect([small, asked]).toEqual([small, true]);
    }
    expect(heard('6 after chemotherapy')).toBeGreaterThan(0);
    expect(heard('10 for iftar')).toBeGreaterThan(0);
  });
});

describe('a calling', () => {
  test.each(['golfers', 'hikers', 'dancers', 'teachers', 'bakers'])('“%s” eat as anybody does', (who) => {
    expect(groupsOf(`12 ${who}, 2 vegan`)).toEqual(['10', '2 vegan']);
    expect(groupsOf(`12 guests, 2 ${who}`)).toEqual(['12']);
  });

  // they end like golfers, and say how somebody eats, or may
  test.each([
    ['preggers', 'pregnancy'],
    ['teetotallers', 'alcohol-free'],
    ['ketoers', 'own-unread-ketoers'],
    ['gluteners', 'own-unread-gluteners'],
    ['fussers', 'own-unread-fussers'],
    ['beefers', 'own-unread-beefers'],
    ['blenders', 'own-unread-blenders'],
  ])('“%s” are none: %s', (who, need) => {
    expect(groupsOf(`12 guests, 2 ${who}`)).toEqual(['10', `2 ${need}`]);
    expect(groupsOf(`12 ${who}`)).toEqual([`12 ${need}`]);
  });
});

describe('where they come to', () => {
  test.each([
    ['20 people in the interval, 2 vegan', ['18', '2 vegan']],
    ['20 people at half-time, 2 vegan', ['18', '2 vegan']],
    ['20 people by the pool, 2 vegan', ['18', '2 vegan']],
    ['20 people for a product launch, 2 vegan', ['18', '2 vegan']],
    ['20 people with wine and cheese, 2 vegan', ['18', '2 vegan']],
    ['12 friends at a fish restaurant', ['12']],
    // a place where all eat so
    ['12 people at a halal wedding, 2 vegan', ['10 halal', '2 vegan+halal']],
    ['20 women at a nut-free school', ['20 tree-nut-free+peanut-free']],
    ['Dinner for 12 at a vegan restaurant', ['12 vegan']],
    ['5 people with beer allergy', ['5 alcohol-free']],
    ['Vegetarian wedding for 60, 4 coeliac', ['56 vegetarian', '4 gluten-free+vegetarian']],
    ['Kosher lunch for 10: 2 vegetarian', ['8 kosher-style', '2 vegetarian+kosher-style']],
    [
      'Nut-free birthday for 10, 2 vegan',
      ['8 tree-nut-free+peanut-free', '2 vegan+tree-nut-free+peanut-free'],
    ],
    ['14 women at a baby shower, 2 pregnant', ['12', '2 pregnancy']],
    ['12 people at a halal wedding: 2 vegan', ['10 halal', '2 vegan+halal']],
    [
      "We'd like a halal supper for 22 on Saturday 12 June, in the garden: 3 vegetarian, 1 coeliac",
      ['18 halal', '3 vegetarian+halal', '1 gluten-free+halal'],
    ],
    ['We want a vegan dinner for 12, 2 coeliac', ['10 vegan', '2 gluten-free+vegan']],
    ['Can you do a vegetarian brunch for 12? 2 coeliac', ['10 vegetarian', '2 gluten-free+vegetarian']],
    ['We are planning a pescatarian wedding for 50, 5 vegan', ['45 pescatarian', '5 vegan+pescatarian']],
    ["8 at the table, half don't eat meat", ['4', '4 own-no-meat']],
  ])('“%s”', (line, groups) => {
    expect(groupsOf(line)).toEqual(groups);
    expect(read(line).unread).toEqual([]);
  });

  test('a carnivore eats everything, who is on that diet is asked', () => {
    expect(read('20 guests, 1 carnivore').unread).toEqual([]);
    expect(read('20 guests, 1 on a carnivore diet').unread).toHaveLength(1);
  });

  test('says nothing of what they eat unless a need is said before it', () => {
    // a light lunch is small; nobody says "a low in salt lunch"
    const ways = NEED_WORDS.filter(
      ({ leaves, leftOut, word }) =>
        leaves === undefined && !leftOut && !/^child|^light$|,|\bin\b/.test(word),
    );
    expect(ways.length).toBeGreaterThan(20);
    const lines = [
      '12 people at a # wedding',
      '12 people for our # party',
      '12 people at the # office',
      '12 people, a # lunch',
      '12 people: one # tea party',
      '12 people, keep it #',
      '12 people. The whole board has to be #.',
      '12 people, menu: #',
      'We are a # family of 12',
      'Strictly # party of 12',
      'Our # office: 12 people',
      'A # dinner for 12 people',
      'We want a # dinner for 12!',
      "We'd like a # barbecue supper for 12:",
    ];
    for (const place of lines)
      for (const { word, need } of ways) {
        const line = place.replace('#', word);
        const { groups, unread, problems } = read(line);
        const areHeeded = groups.every(({ needs }) => needs.some(({ id }) => id === need.id));
        expect([line, areHeeded || unread.length + problems.length > 0]).toEqual([line, true]);
      }
  });

  test.each([
    ['12 guests, a vegan at lunch', ['11', '1 vegan']],
    ['12 guests, one vegan at the party', ['11', '1 vegan']],
    ['12 guests, a vegan, a picnic', ['11', '1 vegan']],
  ])('“%s” is one guest', (line, groups) => expect(groupsOf(line)).toEqual(groups));
});
