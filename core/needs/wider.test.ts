import { describe, expect, test } from '@jest/globals';
import { CATALOGUE, usualForm, wordsOf, type Component } from '../catalogue/index.js';
import { readParty } from '../party/index.js';
import { isFoodWord, judgeGroup, judgeNeed, NEED_WORDS } from './index.js';

const verdictsOf = (line: string) => {
  const guest = readParty(line, NEED_WORDS, isFoodWord).groups.find(({ needs }) => needs.length > 0)!;
  return (food: Component) => judgeGroup(food, usualForm(food).form, guest).verdict;
};
const many = (word: string): string =>
  /[^aeiou]y$/.test(word)
    ? word.replace(/y$/, 'ies')
    : /(?:sh|ch|x|ss|o)$/.test(word)
      ? `${word}es`
      : `${word}s`;
const one = (word: string): string =>
  word
    .replace(/ies$/, 'y')
    .replace(/(?<=sh|ch|x|ss|o)es$/, '')
    .replace(/(?<!s)s$/, '');

describe('an allergy to a food, named by one or by many', () => {
  const fruit = CATALOGUE.filter(
    ({ family, baseFood }) =>
      ['fresh-fruit', 'dried-fruit', 'vegetable', 'pickle', 'vehicle', 'sweet-bite'].includes(family) &&
      /^[a-z]+$/.test(baseFood),
  );

  test('no food is fine for who is allergic to what it is made of', () => {
    expect(fruit.length).toBeGreaterThan(80);
    const wrong = fruit.flatMap((food) =>
      [food.baseFood, one(food.baseFood), many(one(food.baseFood))]
        .filter((word) => verdictsOf(`1 with a ${word} allergy`)(food) === 'fine')
        .map((word) => `${food.id}: ${word}`),
    );
    expect(wrong).toEqual([]);
  });

  test.each([
    ['strawberry', 'strawberry strawberries', 'strawberries chocolate-strawberries fruit-skewers'],
    ['cherry', 'cherry cherries', 'cherries dried-cherries'],
    ['radish', 'radish radishes', 'radishes'],
    ['tomato', 'tomato tomatoes', 'cherry-tomatoes tomato-slices romesco'],
    ['brownie', 'brownie brownies', 'brownie-bites'],
  ])('%s', (_name, words, foods) => {
    for (const word of words.split(' '))
      for (const id of foods.split(' '))
        expect([
          word,
          id,
          verdictsOf(`1 allergic to ${word}`)(CATALOGUE.find((food) => food.id === id)!),
        ]).toEqual([word, id, 'forbidden']);
  });
});

test.each([
  [
    'corn',
    'polenta-crisps salted-popcorn corn-crackers tortilla-chips giant-corn free-from-biscuits',
    'brie',
  ],
  ['maize', 'polenta-crisps salted-popcorn corn-crackers tortilla-chips', 'brie'],
  ['fruit', 'strawberries banana watermelon dried-apricots kumquats', 'brie'],
  ['berry', 'strawberries blueberries raspberries goji-berries', 'brie'],
  ['melon', 'melon watermelon honeydew', 'brie'],
  ['vegetable', 'carrot-sticks cucumber radishes cornichons', 'brie'],
  ['bread', 'sourdough-slices baguette-toasts pita-crisps', 'brie'],
  ['pickle', 'cornichons dill-pickles pink-onions', 'brie'],
  ['sausage', 'salami chorizo snack-sausages', 'brie'],
  ['citrus', 'orange-wheels mandarins kumquats grapefruit orange-marmalade', 'brie'],
  ['stone fruit', 'cherries peaches plums dried-apricots', 'brie'],
  ['legume', 'hummus-home falafel edamame giant-beans peanuts', 'brie'],
  ['cocoa', 'dark-chocolate brownie-bites milk-chocolate', 'brie'],
  ['soft cheese', 'brie camembert ricotta', 'green-grapes'],
  ['herb', 'focaccia herb-tofu', 'brie'],
  ['soft cheese', 'epoisses vacherin burrata goat-log', 'green-grapes'],
  ['hard cheese', 'parmigiano mature-cheddar manchego pine-nut-pesto', 'brie'],
  ['aged cheese', 'parmigiano aged-gouda stilton', 'mozzarella-pearls'],
  ['fresh cheese', 'ricotta mozzarella-pearls feta', 'parmigiano'],
  ['mould', 'brie camembert roquefort stilton taleggio', 'parmigiano'],
  ['blue cheese', 'roquefort gorgonzola stilton', 'brie'],
  ['goat', 'goat-log goat-gouda feta whipped-feta halloumi', 'brie'],
  ["goat's cheese", 'goat-log goat-button feta halloumi', 'manchego'],
  ['sheep', 'manchego pecorino-romano roquefort feta halloumi idiazabal whipped-feta', 'brie'],
  ["sheep's milk", 'manchego pecorino-romano roquefort feta halloumi', 'goat-log'],
  ['pepper', 'chorizo nduja romesco pepper-strips hot-peppers', 'brie'],
  ['cured meat', 'salami dry-cured-ham chorizo mortadella', 'brie'],
  ['charcuterie', 'salami bresaola speck', 'smoked-salmon'],
  ['oily fish', 'smoked-salmon sardines anchovy-fillets trout-roe', 'prawns'],
  ['cucumber', 'cucumber cornichons tzatziki', 'brie'],
  ['linseed', 'flax-crackers seeded-gf-crackers', 'brie'],
  ['seed oil', 'potato-crisps dried-cranberries', 'brie'],
  ['biscuit', 'butter-biscuits shortbread water-crackers', 'brie'],
  ['raisin', 'raisins nut-free-raisins', 'brie'],
  ['sugar', 'honey maple-syrup fig-jam milk-chocolate macarons medjool-dates raisins', 'brie'],
  ['legume', 'vegan-dark-chocolate seitan tamari-seeds', 'brie'],
  ['pea protein', 'sugar-snaps mangetout wasabi-peas pea-shoots', 'brie'],
  ['grain', 'sourdough-slices polenta-crisps salted-popcorn home-crackers gf-oatcakes rice-cakes', 'brie'],
  ['cereal', 'quiche-squares granola-clusters buckwheat-crisps nori-crackers', 'brie'],
  ['fresh herb', 'mint basil parsley herb-tofu', 'brie'],
  ['white meat', 'roast-chicken chicken-skewers turkey-breast halal-chicken', 'brie'],
  ['sauce', 'mayonnaise basil-pesto dijon-mustard tzatziki', 'brie'],
  ['dip', 'hummus-bought tzatziki aioli whipped-feta', 'brie'],
  ['pastry', 'quiche-squares croissant-pieces baklava cheese-straws', 'brie'],
  ['flower', 'edible-flowers rose-petals nasturtium', 'brie'],
])('“%s” means all that is one', (word, foods, other) => {
  const verdict = verdictsOf(`1 with a ${word} allergy`);
  const fine = foods.split(' ').filter((id) => verdict(CATALOGUE.find((food) => food.id === id)!) === 'fine');
  expect(fine).toEqual([]);
  expect(verdict(CATALOGUE.find((food) => food.id === other)!)).toBe('fine');
});

test('one and many of a food are one word, and a word of three letters stays', () => {
  for (const [a, b] of [
    ['cherry', 'cherries'],
    ['radish', 'radishes'],
    ['tomato', 'tomatoes'],
    ['cookie', 'cookies'],
    ['olive', 'olives'],
    ['peach', 'peaches'],
    ['fig', 'figs'],
  ] as const)
    expect(wordsOf(a)).toEqual(wordsOf(b));
  expect(wordsOf('rye pea')).toEqual(['rye', 'pea']);
});

/** Words that stand in names of what is free of it, is made without it or is called after it. */
const CALLED_AFTER = new Set(
  `cheese rennet vegetarian milk vegan seeds cream ham wine meat butter halal gluten gluten-free sesame keto nuts nut-free
  peanuts peanut-free tahini dairy-free milk-free`.split(/\s+/),
);

test('no food is fine for who is allergic to any word of its name, or of what is in it', () => {
  const foods = new Map<string, Component[]>();
  for (const food of CATALOGUE) {
    const said = [food.name, food.baseFood, ...food.synonyms, ...food.ingredients].join(' ').toLowerCase();
    for (const word of new Set(said.match(/[\p{L}'-]{3,}/gu) ?? []))
      foods.set(word, [...(foods.get(word) ?? []), food]);
  }
  const wrong = [...foods].flatMap(([word, named]) => {
    const [guest] = readParty(`1 with a ${word} allergy`, NEED_WORDS, isFoodWord).groups;
    if (CALLED_AFTER.has(word) || !guest || guest.needs.length === 0) return [];
    return named
      .filter((food) => judgeGroup(food, usualForm(food).form, guest).verdict === 'fine')
      .map(({ id }) => `${word}: ${id}`);
  });
  expect(foods.size).toBeGreaterThan(700);
  expect(wrong).toEqual([]);
});

test.each([
  ['basil', 'herb-tofu'],
  ['cinnamon', 'bresaola'],
  ['strawberry', 'fruit-leather'],
])(
  'who is allergic to %s is asked about %s, whose list only says “herbs”, “spices” or “berries”',
  (word, id) => {
    expect(verdictsOf(`1 with a ${word} allergy`)(CATALOGUE.find((food) => food.id === id)!)).toBe('ask');
  },
);

describe('an allergen in any form of it is the allergen', () => {
  const needsOf = (line: string): string[] =>
    readParty(line, NEED_WORDS, isFoodWord).groups.flatMap(({ needs }) => needs.map(({ id }) => id));
  const WAYS = ['allergic to %', 'no %', '% allergy', "can't have %", 'avoids %', 'intolerant to %'];

  test.each([
    ['sesame seeds', 'sesame-free'],
    ['sesame oil', 'sesame-free'],
    ['mustard seeds', 'mustard-free'],
    ['celery salt', 'celery-free'],
    ['soy sauce', 'soy-free'],
    ['soya beans', 'soy-free'],
    ['peanut butter', 'peanut-free'],
    ['egg whites', 'egg-free'],
    ['milk powder', 'dairy-free'],
    ['cows milk', 'dairy-free'],
    ['ghee', 'dairy-free'],
    ['fish sauce', 'fish-free'],
    ['lupin flour', 'lupin-free'],
    ['wheat flour', 'gluten-free'],
    ['rye bread', 'gluten-free'],
    ['barley malt', 'gluten-free'],
    ['walnut oil', 'tree-nut-free'],
    ['cashew nuts', 'tree-nut-free'],
    ['mixed nuts', 'tree-nut-free'],
    ['ground nuts', 'peanut-free'],
    ['roasted peanuts', 'peanut-free'],
    ['king prawns', 'crustacean-free'],
    ['crab meat', 'crustacean-free'],
    ['shell fish', 'mollusc-free'],
  ])('%s: %s', (what, need) => {
    for (const way of WAYS)
      expect([way, needsOf(`1 ${way.replace('%', what)}`)]).toEqual([way, expect.arrayContaining([need])]);
  });

  test('whatever the allergen is called, and in whatever form', () => {
    const words = NEED_WORDS.filter(
      ({ word, leaves }) =>
        leaves === 'an allergen' && /^[a-z]+$/.test(word) && !/^(?:butter|cream|oysters?)$/.test(word),
    );
    expect(words.length).toBeGreaterThan(60);
    const lost = words.flatMap(({ word, need }) =>
      ['seeds', 'flour', 'oil', 'powder', 'paste']
        .filter((form) => !needsOf(`1 allergic to ${word} ${form}`).includes(need.id))
        .map((form) => `${word} ${form}`),
    );
    expect(lost).toEqual([]);
  });

  test('two allergens that nobody parted are both of them', () => {
    const words = 'milk eggs nuts sesame fish soy mustard celery wheat peanuts lupin'.split(' ');
    const alone = new Map(words.map((word) => [word, needsOf(`1 allergic to ${word}`)]));
    const pairs = words.flatMap((a) => words.filter((b) => a !== b).map((b) => [a, b] as const));
    const lost = pairs.filter(([a, b]) => {
      const found = needsOf(`1 allergic to ${a} ${b}`);
      return ![a, b].every((word) => alone.get(word)!.every((need) => found.includes(need)));
    });
    expect(lost).toEqual([]);
  });

  test('a word that names no food alone is asked, and no animal products are vegan', () => {
    expect(needsOf('1 no animal products')).toEqual(['vegan']);
    const words = 'raw cold white plant hard fat starch crunchy roasted marinated filled canned home-made';
    for (const word of words.split(' '))
      expect(needsOf(`1 no ${word} food`)).toEqual([expect.stringContaining('own-unread')]);
  });

  test.each([
    ['smoked cheese', 'smoked-scamorza idiazabal smoked-cheese'],
    ['smoked meat', 'speck smoked-duck'],
    ['pickled vegetables', 'pickled-beetroot dill-pickles'],
    ['pork fat', 'salami dry-cured-ham pork-pate'],
    ['chicken liver', 'liver-parfait roast-chicken'],
    ['rye crackers', 'rye-crispbread dark-rye-bread'],
    ['legumes', 'seitan tamari-seeds'],
    ['cereals', 'breadsticks flatbread pretzels'],
  ])('“no %s” leaves out %s', (what, foods) => {
    const verdict = verdictsOf(`1 no ${what}`);
    const kept = foods
      .split(' ')
      .filter((id) => verdict(CATALOGUE.find((food) => food.id === id)!) !== 'forbidden');
    expect(kept).toEqual([]);
  });

  test.each([
    ['onion-free', 'own-no-onion'],
    ['pork-free', 'own-no-pork'],
    ['grain-free', 'own-no-grain'],
    ['corn-free', 'own-no-corn'],
    ['meat-free', 'vegetarian'],
    ['meatless', 'vegetarian'],
    ['no meat but fish is fine', 'pescatarian'],
    ['vegetarian (fish ok)', 'pescatarian'],
    ['gluten-free', 'gluten-free'],
  ])('“%s” is %s', (said, need) => {
    expect(needsOf(`1 ${said}`)).toEqual([need]);
  });

  test('fish that is fine for the others makes no vegetarian a fish eater', () => {
    for (const said of ['vegetarian, fish ok for the rest', 'vegetarian (fish is fine for the others)'])
      expect(needsOf(`1 ${said}`)).toContain('vegetarian');
  });

  test('but butter beans are no butter, and who leaves out blue cheese keeps the others', () => {
    expect(needsOf('1 no butter beans')).not.toContain('dairy-free');
    expect(needsOf('1 no blue cheese')).toEqual(['own-no-blue-cheese']);
    expect(needsOf('1 no smoked salmon')).toEqual(['own-no-smoked-salmon']);
  });
});

describe('foods of a rule of one’s own', () => {
  const verdictOf = (left: string, id: string) => {
    const food = CATALOGUE.find((one) => one.id === id)!;
    const own = { id: 'own-x', name: 'No x', facts: [], foods: [left] };
    return judgeNeed(food, usualForm(food).form, { id: own.id, settings: {}, own }).verdict;
  };

  test.each([
    ['sesame', 'tahini hummus-home halva', 'brie'],
    ['Sesame seeds', 'tahini hummus-home seed-crackers', 'brie'],
    ['nuts', 'almonds walnuts peanuts basil-pesto', 'brie'],
    ['milk', 'brie parmigiano ricotta butter-fudge', 'green-grapes'],
    ['gluten', 'water-crackers sourdough-slices', 'brie'],
    ['fish', 'smoked-salmon anchovy-fillets tuna-in-oil', 'brie'],
    ['shellfish', 'prawns marinated-mussels crab-sticks', 'brie'],
    ['pork', 'dry-cured-ham salami pork-pate', 'brie'],
    ['onions', 'pink-onions onion-marmalade', 'brie'],
  ])('“%s” leaves out %s', (left, foods, other) => {
    const there = foods.split(' ').filter((id) => CATALOGUE.some((one) => one.id === id));
    expect(there.length).toBeGreaterThan(1);
    expect(there.filter((id) => verdictOf(left, id) === 'fine')).toEqual([]);
    expect(verdictOf(left, other)).toBe('fine');
  });

  test('the same as in a line of the party, for each word of a need that leaves something out', () => {
    const words = NEED_WORDS.filter(({ word, leaves }) => leaves !== undefined && isFoodWord(word));
    expect(words.length).toBeGreaterThan(40);
    const kinder = words.flatMap(({ word }) => {
      const inLine = verdictsOf(`1 without ${word}`);
      return CATALOGUE.filter(
        (food) => inLine(food) === 'forbidden' && verdictOf(word, food.id) === 'fine',
      ).map(({ id }) => `${word}: ${id}`);
    });
    expect(kinder).toEqual([]);
  });

  test('a fact that is ticked is asked where it may be in the food', () => {
    const own = {
      id: 'own-x',
      name: 'No x',
      facts: [{ fact: 'allergen.sesame', values: ['contains'], verdict: 'forbidden' as const, why: '' }],
      foods: [],
    };
    const traces = CATALOGUE.filter(({ allergens }) => allergens.sesame === 'may');
    expect(traces.length).toBeGreaterThan(0);
    for (const food of traces)
      expect([
        food.id,
        judgeNeed(food, usualForm(food).form, { id: own.id, settings: {}, own }).verdict,
      ]).toEqual([food.id, 'ask']);
  });

  test('what is packed without them stays theirs', () => {
    expect(verdictOf('nuts', 'nut-free-apricots')).toBe('fine');
    expect(verdictOf('gluten', 'gf-oatcakes')).toBe('fine');
  });
});
