import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { judgeNeed, type Verdict } from '../needs/index.js';
import { DANGERS, FRAMES, PLAIN } from './fixtures/dangers.js';
import { DISHES } from './fixtures/dishes.js';
import { ANSWERED, BARE, ONE_WORD } from './fixtures/one-word.js';
import { componentOfLabel, readLabel } from './index.js';
import { LANGUAGES } from './languages.js';
import { ORDINARY } from './fixtures/ordinary.js';
import { SHAPES, shaped } from './fixtures/shapes.js';
import { plainWord } from './text.js';

const about = { name: 'Label', family: 'vehicle' as const, who: 'Ada', when: '2027-05-08T10:00' };
const verdict = (text: string, id: string): Verdict =>
  judgeNeed(componentOfLabel(readLabel(text), { ...about, text }), 'fan', { id, settings: {} }).verdict;

/** Text, need, verdicts that may come of it: by hand, one for each way in which silence hurt somebody. */
const HELD: readonly (readonly [string, string, string])[] = [
  ['Rice, bean curd', 'soy-free', 'forbidden'],
  ['Sugar, lemon curd', 'egg-free', 'forbidden ask'],
  ['Water, custard', 'egg-free', 'ask'],
  ['Water, custard', 'dairy-free', 'ask'],
  ['Mixed nuts, salt', 'tree-nut-free', 'forbidden'],
  ['Mixed nuts, salt', 'peanut-free', 'ask'],
  ['Sausage, rice', 'halal', 'ask forbidden'],
  ['Sausage, rice', 'gluten-free', 'ask'],
  ['Gravy, rice', 'vegan', 'ask'],
  ['Gravy, rice', 'gluten-free', 'ask'],
  ['Miso, rice', 'gluten-free', 'ask'],
  ['Miso, rice', 'soy-free', 'forbidden'],
  ['Celeriac, water', 'celery-free', 'forbidden'],
  ['Vegetable stock, rice', 'celery-free', 'ask'],
  ['Raw cream, salt', 'pregnancy', 'forbidden'],
  ['Rice, spices', 'jain', 'ask'],
  ['Rice. May contain allergens.', 'egg-free', 'ask'],
  ['Rice, salt. May contain nuts.', 'peanut-free', 'ask forbidden'],
  ['Rice, seeds', 'sesame-free', 'ask'],
  ['gluten free wheat starch, water', 'gluten-free', 'fine'],
  ['Gluten-free wheat starch, water, salt', 'gluten-free', 'fine'],
  ['Rice malt, water', 'gluten-free', 'fine'],
  ['Ginger beer, sugar', 'gluten-free', 'fine'],
  ['Apple butter, sugar', 'dairy-free', 'fine'],
  ['Eggless mayonnaise, salt', 'egg-free', 'fine'],
  ['Grape juice. No sulphites added.', 'sulphite-free', 'fine'],
  ["Lamb's lettuce, olive oil", 'vegan', 'fine'],
  ['Tiger nuts, water', 'tree-nut-free', 'fine'],
  ['Sugar, E 120', 'vegan', 'forbidden'],
  ['Sugar, colour (120)', 'vegan', 'forbidden'],
  ['Sugar, colours 160a, 120', 'vegan', 'forbidden'],
  ['Sugar, INS 120', 'vegan', 'forbidden'],
  ['Sugar, colour: 120', 'vegan', 'forbidden'],
  ['Sugar, preservative (220)', 'sulphite-free', 'forbidden'],
  ['Sugar, emulsifier (322)', 'soy-free', 'ask'],
  ['Sugar, emulsifiers 471, 322', 'vegan', 'ask'],
  ['Ingredients: rice. Made with milk.', 'dairy-free', 'forbidden'],
  ['Ingredients: rice. This product contains almonds.', 'tree-nut-free', 'forbidden'],
  ['Ingredients: rice. Packed with walnuts.', 'tree-nut-free', 'forbidden ask'],
  ['Ingredients: rice. See allergens: milk, soya.', 'dairy-free', 'forbidden ask'],
  ['Ingredients: rice. Warning: peanuts.', 'peanut-free', 'forbidden ask'],
  ['Ingredients: rice. Filling: cream, sugar.', 'dairy-free', 'forbidden'],
  ['Ingredients: rice. Casing: beef collagen.', 'vegan', 'forbidden'],
  ['Rice, protein blend', 'dairy-free', 'ask'],
  ['Rice, milk solids', 'dairy-free', 'forbidden'],
  ['Ingredients: rice, ri\u200bce, m\u200bilk', 'dairy-free', 'forbidden'],
  ['rice·milk·salt', 'dairy-free', 'forbidden'],
  ['almmonds, rice', 'tree-nut-free', 'ask'],
  ['hazlenuts, rice', 'tree-nut-free', 'ask'],
  ['penuts, salt', 'peanut-free', 'ask'],
  ['Rice, wheet flour', 'gluten-free', 'ask'],
  ['Vegan cheese (coconut oil, starch), salt', 'dairy-free', 'fine'],
  ['Oat milk (water, oats)', 'dairy-free', 'fine'],
  ['almond milk', 'dairy-free', 'fine'],
  ['almond milk chocolate', 'dairy-free', 'forbidden'],
  ['coconut, milk', 'dairy-free', 'forbidden'],
  ['Rice noodles (rice, water)', 'gluten-free', 'fine'],
  ['Noodles (rice, water)', 'gluten-free', 'fine ask'],
  ['Noodles', 'gluten-free', 'forbidden'],
  ['Wheat-free rye bread', 'gluten-free', 'forbidden'],
  ['Egg free noodles (wheat)', 'gluten-free', 'forbidden'],
  ['Dairy free spread, rapeseed oil', 'dairy-free', 'fine'],
  ['Hafermilch, Zucker', 'dairy-free', 'fine'],
  ['Kokosmilch, Reis', 'dairy-free', 'fine'],
  ['Zutaten: Sojamilch, Reis', 'dairy-free', 'fine'],
  ['lait de coco, riz', 'dairy-free', 'fine'],
  ['latte di mandorla, riso', 'dairy-free', 'fine'],
  ['leche de almendras, arroz', 'dairy-free', 'fine'],
  ['mleko kokosowe, ryż', 'dairy-free', 'fine'],
  ['mleko owsiane, woda', 'dairy-free', 'fine'],
  ['leite de soja, arroz', 'dairy-free', 'fine'],
  ['Erdnussbutter, Salz', 'dairy-free', 'fine'],
  ['Kakaobutter, Zucker', 'dairy-free', 'fine'],
  ['beurre de cacao, sucre', 'dairy-free', 'fine'],
  ['mantequilla de cacahuete, sal', 'dairy-free', 'fine'],
  ['masło orzechowe', 'dairy-free', 'fine'],
  ['burro di cacao, zucchero', 'dairy-free', 'fine'],
  ['Glutenfreie Haferflocken, Zucker', 'gluten-free', 'fine'],
  ['Zutaten: Reis, Salz. Glutenfrei.', 'gluten-free', 'fine'],
  ['laktosefreie Milch', 'dairy-free', 'forbidden'],
  ['Zutaten: laktosefreie Milch', 'lactose-light', 'fine'],
  ['Ingrédients : riz, sel. Sans gluten, sans lait.', 'dairy-free', 'fine'],
  ['Ingrédients: riz. Contient: lait', 'dairy-free', 'forbidden'],
  ['Reis, Salz. Nicht vegan.', 'vegan', 'ask'],
  ['Zutaten: Zucker, Farbstoff E 120', 'vegan', 'forbidden'],
  ['Zucker, Farbstoff: Echtes Karmin', 'vegan', 'forbidden'],
  ['Zucker, Emulgator: Mono- und Diglyceride von Speisefettsäuren', 'vegan', 'ask'],
  ['Zucker, Emulgator: Lecithine', 'soy-free', 'ask'],
  ['Zucker, Emulgator: Lecithine (Soja)', 'soy-free', 'forbidden'],
  ['Zucker, Emulgator: Sonnenblumenlecithine', 'soy-free', 'fine'],
  ['Rice, salt. Not suitable for milk allergy sufferers.', 'dairy-free', 'forbidden'],
  ['Rice, salt, natural flavouring (milk)', 'dairy-free', 'forbidden'],
  ['Flour (wheat)', 'gluten-free', 'forbidden'],
  ['Flour (rice)', 'gluten-free', 'fine'],
  ['Rice and wheat flour', 'gluten-free', 'forbidden'],
  ['Corn and rice flour', 'gluten-free', 'fine ask'],
  ['Vegetable oil (sunflower, soya)', 'soy-free', 'forbidden'],
  ['Vegetable fats (palm, shea)', 'dairy-free', 'fine'],
  ['Fat, salt', 'vegan', 'ask'],
  ['Rice, whey-free protein blend', 'dairy-free', 'ask'],
  ['Ingredients: milk chocolate (sugar, cocoa butter, milk), rice', 'dairy-free', 'forbidden'],
  ['牛奶, rice', 'dairy-free', 'ask'],
  ['молоко, рис', 'dairy-free', 'ask'],
  ['Rice, mílk', 'dairy-free', 'forbidden'],
  ['Rice, ＭＩＬＫ', 'dairy-free', 'forbidden'],
  ['RICE, MlLK', 'dairy-free', 'ask'],
  ['rice, x', 'vegan', 'ask'],
  ['rice, E 999999', 'vegan', 'fine ask'],
  ['rice, e1520, E1105', 'egg-free', 'forbidden'],
  ['Potatoes, butter (12%)', 'dairy-free', 'forbidden'],
  ['Butter beans', 'dairy-free', 'fine'],
  ['Butternut squash', 'dairy-free', 'fine'],
  ['Cream of tartar, rice', 'dairy-free', 'fine'],
  ['Coconut cream, sugar', 'dairy-free', 'fine'],
  ['Peanut butter cups (peanut butter, milk chocolate)', 'dairy-free', 'forbidden'],
  ['Cocoa butter, milk fat', 'dairy-free', 'forbidden'],
  ['Non-dairy creamer', 'dairy-free', 'ask'],
  ['Contains sulphites', 'sulphite-free', 'forbidden ask'],
  ['Wine (contains sulphites)', 'sulphite-free', 'forbidden'],
  ['Ingredients: apricots. Contains E220.', 'sulphite-free', 'forbidden'],
  ['Zutaten: Rosinen, geschwefelt', 'sulphite-free', 'forbidden'],
  ['Rice, no egg, milk', 'dairy-free', 'forbidden'],
  ['Rice, without nuts, milk', 'dairy-free', 'forbidden'],
  ['No nuts. Ingredients: rice', 'tree-nut-free', 'fine'],
  ['Made in a nut free facility, contains milk', 'dairy-free', 'forbidden'],
  ['Free from gluten. Ingredients: rice, oats', 'gluten-free', 'fine ask forbidden'],
  ['Vegetarian sausage (soya, wheat)', 'vegetarian', 'fine ask'],
  ['Vegetarian sausage (soya, egg)', 'vegan', 'forbidden'],
  ['vegetarian cheese', 'dairy-free', 'forbidden'],
  ['veggie burger (pea protein)', 'vegetarian', 'fine ask'],
];

test.each(HELD)('“%s” for %s is %s', (text, need, expected) => {
  expect(expected.split(' ')).toContain(verdict(text, need));
});

describe('a forbidden word among plain ones, in any language and shape', () => {
  const words = Object.entries(DANGERS).flatMap(([language, rows]) =>
    rows.flatMap(([need, list]) => list.split('|').map((word) => ({ language, need, word }))),
  );

  test('is never fine', () => {
    fc.assert(
      fc.property(fc.constantFrom(...words), fc.constantFrom(...SHAPES), (danger, shape) => {
        const text = shaped(danger, shape, PLAIN[danger.language]!.split('|'));
        if (text !== undefined) expect([text, danger.need, verdict(text, danger.need)]).not.toContain('fine');
      }),
      { numRuns: 1500 },
    );
  });

  test('and in a warning about traces it is none for an allergy', () => {
    for (const { language, need, word } of words) {
      if (!need.endsWith('-free')) continue;
      const [head, trace] = FRAMES[language]!;
      const text = `${head}${PLAIN[language]!.split('|')[0]}. ${trace.replace('%', word)}`;
      expect([text, need, verdict(text, need)]).not.toContain('fine');
    }
  });
});

describe('ordinary lists of ingredients', () => {
  test.each(Object.entries(ORDINARY))(
    '%s: read in its language, at most one in twenty with a needless question',
    (id, rows) => {
      const read = rows.map(([text, due]) => ({ text, due, read: readLabel(text) }));
      for (const r of read) expect([r.text, r.read.languages[0]?.id]).toEqual([r.text, id]);
      const needless = read.filter((r) => r.read.questions.length > r.due).map((r) => r.text);
      expect(needless.length).toBeLessThanOrEqual(rows.length / 20);
      expect(rows.length).toBeGreaterThanOrEqual(25);
    },
  );

  test('every language of the reader has its lists', () => {
    expect(Object.keys(ORDINARY).sort()).toEqual(LANGUAGES.map((language) => language.id).sort());
    expect(Object.keys(DANGERS).sort()).toEqual(LANGUAGES.map((language) => language.id).sort());
  });
});

describe('a word that nobody knows', () => {
  test.each(Object.entries(FRAMES))('in %s it asks wherever it stands', (id, [head, trace]) => {
    const [a, b] = PLAIN[id]!.split('|');
    for (const text of [
      `${head}${a}, zorblax, ${b}.`,
      `${head}${a} (zorblax), ${b}.`,
      `${head}${a}, ${b}. ${trace.replace('%', 'zorblax')}`,
      `${a}, zorblax`,
      `${head}${a}, q, ${b}.`,
    ]) {
      const read = readLabel(text);
      expect([text, read.complete, read.questions.length > 0]).toEqual([text, false, true]);
    }
  });

  test('no text longer than a label is read to its end, and it says so', () => {
    const read = readLabel('rice, '.repeat(5000));
    expect(read.complete).toBe(false);
    expect(read.questions.at(-1)?.question).toContain('longer than');
  });
});

test('a text in two languages is read in both', () => {
  const read = readLabel('Zutaten: Reis, Salz, Mandeln.\nIngredients: rice, salt, almonds.');
  expect(read.languages.map((language) => language.id).sort()).toEqual(['de', 'en']);
  expect(read.facts['nut.almond']).toBe('contains');
  expect(read.complete).toBe(true);
});

test('no phrase of a language stands for two dangers: one of them would never be seen', () => {
  // poppy seed, and flour without its hook: both are asked
  const told = new Set(['pl mak']);
  const twice = LANGUAGES.flatMap(({ id, terms }) => {
    const of = new Map<string, string[]>();
    for (const [concept, phrases] of Object.entries(terms))
      for (const phrase of phrases.split('|')) {
        const word = plainWord(phrase.trim());
        const seen = of.get(word) ?? [];
        if (!seen.includes(concept)) of.set(word, [...seen, concept]);
      }
    return [...of].filter(([, in_]) => in_.length > 1).map(([word]) => `${id} ${word}`);
  });
  expect(LANGUAGES.length).toBe(8);
  expect(twice.filter((word) => !told.has(word))).toEqual([]);
});

const wronglyFine = (frame: string, by: Readonly<Record<string, string>>): string[] =>
  Object.entries(by).flatMap(([need, dishes]) =>
    dishes
      .split('|')
      .filter((dish) => verdict(frame.replace('X', dish), need) === 'fine')
      .map((dish) => `${need}: ${dish}`),
  );

test.each([...DISHES, ...ONE_WORD])(
  'no dish that is mostly made with what a guest leaves out is fine in “%s”',
  (frame, by) => {
    expect(Object.keys(by).length).toBeGreaterThan(5);
    expect(wronglyFine(frame, by)).toEqual([]);
  },
);

test.each(BARE)('no shape, no cut and nothing that sulphites keep is fine in “%s”', (frame, by) => {
  expect(Object.values(by).join('|').split('|').length).toBeGreaterThan(12);
  expect(wronglyFine(frame, by)).toEqual([]);
});

test.each(ANSWERED)(
  'what a bracket says of one word answers: “%s” is fine where there is %s',
  (text, need) => {
    expect(verdict(text, need)).toBe('fine');
  },
);
