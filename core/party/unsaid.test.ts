import { describe, expect, test } from '@jest/globals';
import { readLine, seated } from '../testing/seated.js';

const isSame = (line: string, groups: readonly string[]): void => {
  expect(seated(line)).toEqual(groups);
  expect(readLine(line).problems).toEqual([]);
};

describe('of whom a line says nothing that is understood, is asked', () => {
  // the others, and who is "both", ate everything
  test.each([
    ['20 guests, 15 eat meat', ['5 own-unread-eat-meat', '15']],
    ['20 guests, 15 of them eat meat', ['5 own-unread-eat-meat', '15']],
    ['20 guests: 15 meat eaters', ['5 own-unread-meat-eaters', '15']],
    ['20 guests, 18 eat everything', ['2 own-unread-eat-everything', '18']],
    ['20 guests, two of them eat eggs', ['18 own-unread-eat-eggs', '2']],
    ['20 guests, 12 drink alcohol', ['8 own-unread-drink-alcohol', '12']],
    ['20 guests, 15 can have dairy', ['5 own-unread-can-have-dairy', '15']],
    ['20 guests, 1 vegan, 1 coeliac, 1 of each', ['17', '1 vegan', '1 gluten-free', '1 own-unread-of-each']],
    ['20 guests, 12 adults', ['8 own-unread-adults', '12']],
    ['20 guests, 15 eat meat and fish', ['5 own-unread-eat-meat-and-eat-fish', '15']],
    ['12 guests, only 2 eat meat', ['2', '10 own-no-meat']],
    ['10 guests, only one of us drinks wine', ['1', '9 alcohol-free']],
    ['10 guests, only one eats meat and fish', ['1', '9 own-no-meat fish-free']],
    ['10 guests, 2 do not eat meat and fish', ['8', '2 own-no-meat fish-free']],
    ['10 guests, only one is vegan', ['9', '1 vegan']],
    ['10 vegans and a meat eater', ['10 vegan', '1']],
    ['20 guests, 1 vegan, 1 also', ['18', '1 vegan', '1 own-unread-also']],
  ])('“%s”', isSame);

  // and who is accounted for is not
  test.each([
    ['20 guests, 15 eat meat, 5 vegan', ['15', '5 vegan']],
    ['20 guests, 18 eat everything, 2 vegan', ['18', '2 vegan']],
    ['20 guests, 3 vegan, the rest eat everything', ['17', '3 vegan']],
    ['20 guests, 1 carnivore', ['19', '1']],
    ['20 guests, 4 drink no alcohol', ['16', '4 alcohol-free']],
    ['20 guests, 4 can not have dairy', ['16', '4 dairy-free']],
    ['20 guests, 12 adults, 8 kids', ['12', '8 (?)']],
    ['8 for 8pm', ['8']],
    ['10 guests, 2 nut allergies, one severe', ['8', '2 tree-nut-free peanut-free']],
  ])('“%s”', isSame);

  test.each([
    [
      '20 guests, one egg allergy, one milk allergy, one both',
      ['17', '1 egg-free', '1 dairy-free', '1 egg-free dairy-free'],
    ],
    [
      '20 guests, 2 vegan, 1 coeliac and 1 who is both',
      ['16', '2 vegan', '1 gluten-free', '1 vegan gluten-free'],
    ],
  ])('“%s” says it', isSame);

  test.each([
    '20 guests with kids',
    '10 guests, adults and children',
    '10 guests, the children are vegetarian',
    "10 guests. Children don't eat pork.",
    "20 guests, Kids and Adults don't eat pork",
    '20 guests (some kids)',
    '10 guests, our daughters are vegan',
    '14 mums and their babies',
    '8 women with daughters',
    '20 kids and their mums',
    '6 mums, each with a baby',
  ])('“%s”: how many children, and how old, nobody knows', (line) => {
    expect(readLine(line).problems.map(({ code }) => code)).toEqual(['no-number']);
  });
});

describe('who comes together', () => {
  test.each([
    // the second of them ate everything
    ['10 guests, my wife and son are vegetarian', ['8', '1 vegetarian', '1 (?) vegetarian']],
    ['10 guests, my mum and dad are vegetarian', ['8', '2 vegetarian']],
    ['10 guests, my wife and I are vegetarian', ['8', '2 vegetarian']],
    ["10 guests, my wife and two sons don't eat pork", ['7', '1 own-no-pork', '2 (?) own-no-pork']],
    ['20 guests, Anna and her two kids are vegan', ['17', '1 vegan', '2 (?) vegan']],
    ['10 guests, both my sons are vegan', ['8', '2 (?) vegan']],
    // they were grown guests, and nobody was told what chokes a small child
    ['me, my wife and two sons', ['2', '2 (?)']],
    ['6 adults, my three nieces with a nut allergy', ['6', '3 (?) tree-nut-free peanut-free']],
    ['2 boys and 3 girls, 4 adults', ['2 (?)', '3 (?)', '4']],
    ['me, my brother and his three boys', ['2', '3 (?)']],
    ['4 adults with 2 kids', ['4', '2 (?)']],
    ['4 adults with a baby, one adult vegan', ['1 vegan', '3', '1 (0)']],
    ['12 parents, all with a nut allergy', ['12 tree-nut-free peanut-free']],
    ['6 adults, two grown sons', ['8']],
    // whose it is stands behind it: a grown guest's allergy was a child's
    [
      '8 adults, 3 kids; egg allergy (kid), fish allergy (adult)',
      ['1 fish-free', '7', '1 (?) egg-free', '2 (?)'],
    ],
    ['20 guests, 5 kids, gluten free (1 adult)', ['14', '5 (?)', '1 gluten-free']],
    [
      '20 guests, vegan (2 adults), nut allergy (child)',
      ['17', '2 vegan', '1 (?) tree-nut-free peanut-free'],
    ],
    // in a sentence of its own it is not the last named ones' alone
    [
      '20 guests, 3 vegan. Nut allergy.',
      ['17 tree-nut-free peanut-free', '3 vegan tree-nut-free peanut-free'],
    ],
    ['8 adults, 3 kids\nAllergies: egg', ['8 egg-free', '3 (?) egg-free']],
    ['8 adults, 3 kids. Please no nuts', ['8 tree-nut-free peanut-free', '3 (?) tree-nut-free peanut-free']],
    ['20 guests, 3 vegan, nut allergy', ['17', '3 vegan tree-nut-free peanut-free']],
    ['20 guests, 3 vegan. They have a nut allergy', ['17', '3 vegan tree-nut-free peanut-free']],
    ['4 adults, 2 sons of 21', ['6']],
    ['hen party, 11 girls and my mum', ['12']],
    ['12 guests, my aunt is vegan, my uncle is vegan', ['10', '2 vegan']],
    [
      '12 guests, 1 vegan, 1 vegan with a nut allergy',
      ['10', '1 vegan', '1 vegan tree-nut-free peanut-free'],
    ],
    ['10 guests, mother-in-law coeliac, Grandad diabetic', ['8', '1 gluten-free', '1 carbs-counted']],
    // she ate everything, or was vegan and no more
    ['12 guests, 1 mum to be', ['11', '1 pregnancy']],
    ['12 women, the mum-to-be is vegan', ['12', '1 pregnancy vegan']],
    ['12 guests, two expectant mothers', ['10', '2 pregnancy']],
    ['Baby shower, 18 women, mum-to-be is pregnant', ['18', '1 pregnancy']],
    // and the child was gone
    ['two adults and a 3 year old', ['2', '1 (3)']],
    ['2 adults + a three-year-old', ['2', '1 (3)']],
    ['6 guests and an 8 year old', ['5', '1 (8)']],
    ['6 guests, my 4 year old has a nut allergy', ['5', '1 (4) tree-nut-free peanut-free']],
    ['20 guests, one guest and her husband are vegetarian', ['18', '2 vegetarian']],
    ['20 guests, a vegan family of 4', ['16', '4 vegan']],
    [
      '10 adults, 5 kids; 2 vegetarian adults and 1 vegetarian child',
      ['2 vegetarian', '8', '1 (?) vegetarian', '4 (?)'],
    ],
    ['Jain family, 6 people', ['6 jain']],
    ['Vegan wedding, 80 guests, 4 coeliac', ['76 vegan', '4 gluten-free vegan']],
    ['Vegan family, 6 adults and 2 kids', ['6 vegan', '2 (?) vegan']],
    ['three couples and their kids (2, 5, 5, 8)', ['6', '1 (2)', '3 (5 5 8)']],
    ['20 guests, one table of 8 is vegan', ['12', '8 vegan']],
    [
      "4 of us, one's allergic to nuts and two don't eat pork",
      ['1', '1 tree-nut-free peanut-free', '2 own-no-pork'],
    ],
    ['10 guests, 1 vegan; also no mushrooms for anyone', ['9 own-no-mushrooms', '1 vegan own-no-mushrooms']],
  ])('“%s”', isSame);

  test.each([
    'My wife and I are having a party for 20, 2 vegan',
    'My husband and I would like a board for 20, 2 vegan',
  ])('“%s”: who asks for it is not counted', (line) => isSame(line, ['18', '2 vegan']));
});

test.each([
  ['9 guests, 1 hates coriander (sesame allergy)', ['8', '1 sesame-free -coriander']],
  ['9 guests, 1 hates coriander, sesame allergy', ['8', '1 sesame-free -coriander']],
  ['9 guests, 1 can’t stand olives and egg intolerant', ['8', '1 egg-free -olives']],
])('“%s”: an allergy is no dislike', (line, groups) => {
  isSame(line, groups);
  expect(readLine(line).groups[1]!.dislikes).toHaveLength(1);
});
