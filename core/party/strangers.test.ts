import { describe, expect, test } from '@jest/globals';
import { CATALOGUE, usualForm } from '../catalogue/index.js';
import { isFoodWord, judgeGroup, NEED_WORDS } from '../needs/index.js';
import { totalOf } from './index.js';
import { readLine, seated } from '../testing/seated.js';

/** Lines as strangers write them: each was once read wrong, or is near one that was. */
const LINES: readonly (readonly [line: string, groups: readonly string[]])[] = [
  [
    'Hi! We will be 12, two are vegetarian and one has coeliac disease',
    ['9', '2 vegetarian', '1 gluten-free'],
  ],
  [
    '18 adults and 4 children under 10, 2 adults vegan, one child nut allergy',
    ['2 vegan', '16', '1 (?) tree-nut-free peanut-free', '3 (?)'],
  ],
  ['Dinner for eight, Sarah and Tim are vegan', ['6', '2 vegan']],
  ['8 guests; Sarah, Tim and Bob are vegan', ['5', '3 vegan']],
  ["10 guests, Jo & Al don't eat pork", ['8', '2 own-no-pork']],
  ['Half vegan half omnivore, 20 in total', ['10 vegan', '10']],
  ['2 vegans and 3 coeliacs, 14 in total', ['9', '2 vegan', '3 gluten-free']],
  ['Half halal, half kosher, 30 people in total', ['15 halal', '15 kosher-style']],
  ['half vegan and half gluten free, 12 altogether', ['6 vegan', '6 gluten-free']],
  ['Ida is vegan, lunch for 5', ['4', '1 vegan']],
  ['20 guests, 5 vegan, drinks for 20', ['15', '5 vegan']],
  ['30 for dessert, 4 without gluten, 3 vegan', ['23', '4 gluten-free', '3 vegan']],
  ['40 guests for a naming day lunch, 3 vegan, 2 pregnant', ['35', '3 vegan', '2 pregnancy']],
  ['school staff room lunch for 35, 4 vegetarians and a vegan', ['30', '4 vegetarian', '1 vegan']],
  ['Works Christmas do, 45 people, 6 veggie', ['39', '6 vegetarian']],
  ['16 guests aged over 80, 3 diabetic, 2 no added salt', ['11', '3 carbs-counted', '2 low-salt']],
  ['16 pensioners in their eighties, 2 diabetic', ['14', '2 carbs-counted']],
  ['20 guests over 70, 4 low salt', ['16', '4 low-salt']],
  ['15 guests aged 18 to 30, 5 vegan', ['10', '5 vegan']],
  ['12 over-60s, 2 halal', ['10', '2 halal']],
  ['6 kids aged 10 to 12', ['6 (10 10 11 11 12 12)']],
  ['book club of 8 ladies, two gluten free, one hates blue cheese', ['5', '2 gluten-free', '1 -blue cheese']],
  ['a team of 8 women, 2 kids', ['8', '2 (?)']],
  ['40 delegates, dietaries: 5 vegan, 1 DF', ['34', '5 vegan', '1 dairy-free']],
  ['14 for cheese and wine, 3 pregnant', ['11', '3 pregnancy']],
  ['14 guests, 3 without cheese and wine', ['11', '3 dairy-free alcohol-free']],
  ['4 flexitarians, 2 plant based', ['4', '2 vegan']],
  ['Baby shower, 18 women, mum-to-be is pregnant', ['18', '1 pregnancy']],
  ['Mother’s Day lunch for 6, one can’t eat shellfish', ['5', '1 crustacean-free mollusc-free']],
  ['Teachers’ leaving party – 22 staff, 4 GF, 2 vegan', ['16', '4 gluten-free', '2 vegan']],
  ['Our book group (9), one has a walnut allergy', ['8', '1 tree-nut-free']],
  ['50 guests, mixed, 6 vegan', ['44', '6 vegan']],
  ['35 people, afternoon garden party, about 5 vegetarians', ['30', '5 vegetarian']],
  ['7 people including me; two strictly no sesame', ['5', '2 sesame-free']],
  ['12 guests: 2 halal, rest fine', ['2 halal', '10']],
  ['60 guests, 12 kids under 10', ['48', '12 (?)']],
  ['30 for a buffet, everyone eats fish, no meat', ['30 own-no-meat']],
  ['10 guests, 2 eat vegan', ['8', '2 vegan']],
  ['5 guests, one eats no fish', ['4', '1 fish-free']],
  ['12 guests, 3 no beef or pork', ['9', '3 no-beef own-no-pork']],
  ['12 guests, 3 no beef, vegan', ['9', '3 no-beef vegan']],
  ['12 guests, 3 without fish, wine', ['9', '3 fish-free alcohol-free']],
  [
    'Diwali party for 25, 15 vegetarian, no beef or pork for anyone',
    ['10 no-beef own-no-pork', '15 vegetarian no-beef own-no-pork'],
  ],
  ['14 guests, at least 2 vegans', ['12', '2 vegan']],
  ['14 guests, 2 or 3 vegans', ['11', '3 vegan']],
  ['6 guests. Allergies: 1 peanut, 1 egg', ['4', '1 peanut-free', '1 egg-free']],
  ['20 guests, allergies: one nuts, two dairy', ['17', '1 tree-nut-free peanut-free', '2 dairy-free']],
  [
    '15 guests, 3 allergic: 1 nuts, 1 sesame, 1 mustard',
    ['12', '1 tree-nut-free peanut-free', '1 sesame-free', '1 mustard-free'],
  ],
  ['12 guests, 2 ovo-lacto vegetarians', ['10', '2 vegetarian']],
  ['5 adults plus baby twins', ['5', '2 (0 0)']],
  ['5 adults and a newborn', ['5', '1 (0)']],
  ['10 guests, nobody likes olives', ['10 -olives']],
  ['1 vegan 1 veggie 1 pescatarian 5 everything', ['1 vegan', '1 vegetarian', '1 pescatarian', '5']],
  ['6 vegans and their 4 omnivore partners', ['6 vegan', '4']],
  ['8 guests: vegan x2, gf x1', ['5', '2 vegan', '1 gluten-free']],
  ['2 vegans, 2 coeliacs, the other 8 eat anything', ['2 vegan', '2 gluten-free', '8']],
  ['12 guests no wine, 2 vegan', ['10 alcohol-free', '2 vegan alcohol-free']],
  ['A dozen friends, three of whom are vegan', ['3 vegan', '9']],
  ['Party of 25: 20 omnivores, 4 vegetarians, 1 vegan', ['20', '4 vegetarian', '1 vegan']],
  ['30 people, no dietary requirements except one vegan', ['29', '1 vegan']],
  ['40 guests: 35 no restrictions, 3 veggie, 2 dairy free', ['35', '3 vegetarian', '2 dairy-free']],
  ['8 adults (one pregnant) and 2 toddlers', ['1 pregnancy', '7', '2 (?)']],
  ['10 people of which half don’t eat pork', ['5', '5 own-no-pork']],
  ['6 vegetarians, 4 vegans, 20 meat eaters and a baby', ['6 vegetarian', '4 vegan', '20', '1 (0)']],
  ['20 guests; vegetarian: 5; vegan: 2; gluten-free: 1', ['12', '5 vegetarian', '2 vegan', '1 gluten-free']],
  ['5 gf, 3 df, 12 normal', ['5 gluten-free', '3 dairy-free', '12']],
  [
    '25 guests, 2 can’t have cow’s milk, 1 no tree nuts or peanuts',
    ['22', '2 dairy-free', '1 tree-nut-free peanut-free'],
  ],
  [
    '12 kids aged 5-7 and 6 mums, one kid is coeliac, two mums are vegetarian',
    ['1 (5) gluten-free', '11 (5 5 6 6 6 6 6 6 7 7 7)', '2 vegetarian', '4'],
  ],
  ['2 grannies, both diabetic, and 6 others', ['2 carbs-counted', '6']],
  ['16 ppl all pescatarian but one vegan', ['15 pescatarian', '1 vegan pescatarian']],
  ['11 guests, my son (3) has an egg allergy', ['10', '1 (3) egg-free']],
  [
    '24 people, of them 6 children (4, 4, 5, 7, 9, 11), 1 child lactose intolerant, 3 adults vegetarian',
    ['15', '1 (4) lactose-light', '1 (4)', '4 (5 7 9 11)', '3 vegetarian'],
  ],
  ['9 pensioners low salt, 2 of them diabetic', ['7 low-salt', '2 carbs-counted low-salt']],
  ['we are a group of 14 hikers incl. 3 vegans + 1 celiac', ['10', '3 vegan', '1 gluten-free']],
  ['13 guests, two kosher, one hates cheese', ['10', '2 kosher-style', '1 -cheese']],
  ['Book club, 9 of us, Ruth can’t have gluten', ['8', '1 gluten-free']],
  ['Gran’s 80th birthday lunch: 14 people, 3 children (2, 5, 7)', ['11', '1 (2)', '2 (5 7)']],
  ['50th wedding anniversary for 40, 5 vegetarian', ['35', '5 vegetarian']],
  ['15 nurses on night shift, 2 muslims, 1 hindu', ['12', '2 halal', '1 no-beef']],
  ['Football team, 11 boys of 10, 1 coeliac', ['1 (10) gluten-free', '10 (10 10 10 10 10 10 10 10 10 10)']],
  ['4 adults and a toddler (2)', ['4', '1 (2)']],
  ['8 parents, 5 children of 3, 2 children of 6', ['8', '5 (3 3 3 3 3)', '2 (6 6)']],
  [
    '15 guests, one allergic to shellfish and one to kiwi',
    ['13', '1 crustacean-free mollusc-free', '1 own-no-kiwi'],
  ],
  ['7 guests. No pork. One vegetarian.', ['6 own-no-pork', '1 vegetarian own-no-pork']],
  ['18 guests, no nuts, 2 vegan', ['16 tree-nut-free peanut-free', '2 vegan tree-nut-free peanut-free']],
  ['20 for a 50th birthday, 3 vegan', ['17', '3 vegan']],
  ['30 year anniversary dinner 25 guests', ['25']],
  ['Birthday of a 70 year old, 20 guests', ['20']],
  ['Christmas lunch at the office: 35 staff, 4 veggie, 1 vegan', ['30', '4 vegetarian', '1 vegan']],
  ['For lunch at noon on Sunday: 9 people, 1 vegan', ['8', '1 vegan']],
  ['lunch for the board, 8 directors, no nuts please', ['8 tree-nut-free peanut-free']],
  [
    '16 bell ringers after practice, 2 vegetarian, Ines is allergic to brazil nuts, one with milk allergy',
    ['12', '2 vegetarian', '1 tree-nut-free', '1 dairy-free'],
  ],
  ['party of 14 (two coeliacs)', ['12', '2 gluten-free']],
  ['ten adults, four under fives', ['10', '4 (?)']],
];

describe('lines as strangers write them', () => {
  test.each(LINES)('%s', (line, groups) => {
    expect(readLine(line).problems).toEqual([]);
    expect(readLine(line).unread).toEqual([]);
    expect(seated(line)).toEqual(groups);
  });

  /** Nobody is left out, or counted twice, by how a line is written down. */
  test.each([
    ['a full stop at the end', (line: string) => `${line}.`],
    ['blanks around it', (line: string) => `  ${line}  `],
    // somebody called by a name is known by the capital
    [
      'small letters',
      (line: string) => (/Ruth|Gran|Ines|Sarah|Jo|Ida/.test(line) ? line : line.toLowerCase()),
    ],
    ['straight quotation marks', (line: string) => line.replaceAll('’', "'")],
  ])('say the same with %s', (_name, written) => {
    for (const [line, groups] of LINES) expect(seated(written(line))).toEqual(groups);
  });

  test.each([
    'only eat fish',
    'eat fish only',
    'eat only chicken',
    'eat nothing but fish',
    'just eat fish',
    'fish only',
    'exclusively eat chicken',
  ])('“2 %s”: what they leave out is asked, and nothing is taken for liked or left out', (words) => {
    const [group] = readLine(`10 guests, 2 ${words}`).groups.slice(1);
    expect(group!.needs.map(({ id }) => id)).toEqual([
      expect.stringMatching(`^own-unread-${words.replaceAll(' ', '-')}$`),
    ]);
  });

  test.each([
    '12 guests. Family is vegan.',
    '12 guests. Girls and Boys are vegetarian',
    '20 guests, Staff are vegan',
    '20 guests, Golfers are vegan',
    '9 guests, Club members are halal',
  ])('“%s” is said of all: nobody who is called so is taken for one guest', (line) => {
    const [group, ...others] = readLine(line).groups;
    expect(others).toEqual([]);
    expect(group!.needs.length).toBeGreaterThan(0);
    expect(totalOf(readLine(line))).toBe(group!.count);
  });

  test.each([
    ['Eid supper for 8', ['8 own-unread-eid']],
    ['Eid dinner for 12, 2 vegan', ['10 own-unread-eid', '2 vegan own-unread-eid']],
    [
      '12 guests, Diwali, one nut allergy',
      ['11 own-unread-diwali', '1 tree-nut-free peanut-free own-unread-diwali'],
    ],
    ['Good Friday lunch for 9', ['9 own-unread-lent']],
  ])('“%s” asks it of everybody', (line, groups) => {
    expect(readLine(line).problems).toEqual([]);
    expect(seated(line)).toEqual(groups);
  });

  test.each([
    ['20 guests for Eid', '20 halal guests for Eid', '20 halal'],
    ['30 for a bar mitzvah', '30 kosher guests for a bar mitzvah', '30 kosher-style'],
    ['25 guests for Diwali', '25 vegetarians for Diwali', '25 vegetarian'],
  ])('“%s”: how they eat is asked; “%s” says it', (open, said, group) => {
    expect(readLine(open).unread).toHaveLength(1);
    expect(readLine(said).unread).toEqual([]);
    expect(seated(said)).toEqual([group]);
  });

  test.each([
    ['22 for a leaving do: 4V, 2VG, 1GF', 22, ['v']],
    ['20 guests - 1 histamine intolerance, 1 fructose intolerance', 20, ['histamine', 'fructose']],
    ['12 guests, 1 allergic to penicillin', 12, ['allergic to penicillin']],
    ['25 friends with allergies, 2 vegan', 25, ['allergies', 'allergies']],
  ] as const)('%s: what may be a need is asked, and all are seated', (line, guests, asked) => {
    expect(totalOf(readLine(line))).toBe(guests);
    expect(readLine(line).unread.map(({ text }) => text)).toEqual(asked);
  });
});

/** Foods that somebody is allergic to, by every word that the needs know. */
const ALLERGENS = [
  ...new Set(
    NEED_WORDS.filter(
      ({ leaves, leftOut, word }) => leaves === 'an allergen' && leftOut && !/\s/.test(word),
    ).map(({ word }) => word),
  ),
];

describe('an allergy is the allergy, however it is said', () => {
  const idsOf = (line: string): string[] =>
    readLine(line)
      .groups.flatMap(({ needs }) => needs.map(({ id }) => id))
      .sort();

  test.each([
    ['with it', (food: string) => `1 with ${food} allergy`],
    ['with an article', (food: string) => `1 with a ${food} allergy`],
    ['of somebody', (food: string) => `1 person with ${food} allergy`],
    ['who has it', (food: string) => `1 who has ${food} allergy`],
    ['allergic to it', (food: string) => `1 allergic to ${food}`],
    ['of children', (food: string) => `1 child of 6 with ${food} allergy`],
  ])('%s', (_name, say) => {
    expect(ALLERGENS.length).toBeGreaterThan(20);
    const wrong = ALLERGENS.filter((food) => idsOf(say(food)).join() !== idsOf(`1 ${food} allergy`).join());
    expect(wrong).toEqual([]);
  });

  test('nothing with milk is fine for “1 with milk allergy”, though there are foods “with milk”', () => {
    expect(isFoodWord('with milk')).toBe(true);
    const [guest] = readLine('1 with milk allergy').groups;
    const withMilk = CATALOGUE.filter(({ allergens }) => allergens.milk === 'contains');
    expect(withMilk.length).toBeGreaterThan(50);
    for (const food of withMilk)
      expect(judgeGroup(food, usualForm(food).form, guest!).verdict).toBe('forbidden');
  });

  test.each(['almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazil nut', 'pistachio', 'macadamia'])(
    'who is allergic to one %s, or to several, is kept from all tree nuts until asked which',
    (nut) => {
      for (const line of [`1 ${nut} allergy`, `1 allergic to ${nut}s`, `1 with ${nut} allergy`])
        expect(idsOf(line)).toEqual(['tree-nut-free']);
    },
  );

  test('toddlers beside kids are their own, whoever is allergic; of one word only they are some of those', () => {
    expect(seated('5 kids aged 7-9, 2 toddlers with milk allergy')).toEqual([
      '5 (7 8 8 9 9)',
      '2 (?) dairy-free',
    ]);
    expect(seated('5 kids of 7, 2 kids with milk allergy')).toEqual(['2 (7 7) dairy-free', '3 (7 7 7)']);
    expect(seated('20 guests, no pork for 3, 2 vegan')).toEqual(['15', '3 own-no-pork', '2 vegan']);
  });

  test('who eats no cheese of raw milk eats other cheese', () => {
    expect(seated('10 people, two no raw milk cheese')).toEqual(['8', '2 own-no-raw-milk-cheese']);
    expect(seated('10 people, two no unpasteurized dairy')).toEqual(['8', '2 own-no-unpasteurized-dairy']);
    expect(seated('10 people, two no cheese')).toEqual(['8', '2 dairy-free']);
  });
});

test('each word that names a need names it once', () => {
  const named = NEED_WORDS.map(({ need, word, leftOut }) => `${need.id} ${word} ${leftOut === true}`);
  expect(named.length).toBeGreaterThan(150);
  expect(named.filter((name, i) => named.indexOf(name) !== i)).toEqual([]);
});

test.each([
  ['4 with fructose malabsorption and a histamine intolerance', 'to be asked: fructose malabsorption …'],
  [
    '3 children of 4 with tree nut allergy, egg allergy and sesame allergy',
    'Children of 4, tree-nut allergy, egg allergy, sesame …',
  ],
  ['2 with histamine intolerance', 'to be asked: histamine'],
])('“%s” has a name that is not cut within a word', (line, name) => {
  expect(readLine(line).groups.map((group) => group.name)).toEqual([name]);
});
