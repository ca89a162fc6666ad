import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { judgeNeed, NEEDS, type Verdict } from '../needs/index.js';
import type { NeedChoice } from '../party/index.js';
import { componentOfLabel, readLabel } from './index.js';

const about = (text: string) => ({
  name: 'Label',
  family: 'vehicle' as const,
  text,
  who: 'Ada',
  when: '2027-05-08T10:00',
});
const verdict = (text: string, id: string, settings: NeedChoice['settings'] = {}): Verdict =>
  judgeNeed(componentOfLabel(readLabel(text), about(text)), 'fan', { id, settings }).verdict;

/** Text, need, verdict: by hand from public knowledge of how labels are to be read. */
const LABELS: [string, string, Verdict][] = [
  ['Rice, malted milk', 'dairy-free', 'forbidden'],
  ['Rice, tortilla wraps', 'gluten-free', 'ask'],
  ['Rice, corn tortilla', 'gluten-free', 'fine'],
  ['Ingredienti: riso, lievito naturale', 'gluten-free', 'forbidden'],
  ['Ingrédients : riz, pâte, sel', 'gluten-free', 'ask'],
  ['Ingrédients : riz, pâte de coing, sel', 'gluten-free', 'fine'],
  ['Rice, spices', 'celery-free', 'ask'],
  ['Rice, spices (cumin, coriander)', 'mustard-free', 'fine'],
  ['Rice, curry powder', 'mustard-free', 'ask'],
  ['Rice, teriyaki sauce', 'soy-free', 'forbidden'],
  ['Rice, teriyaki sauce', 'gluten-free', 'forbidden'],
  ['Rice, dukkah', 'tree-nut-free', 'ask'],
  ['Rice, dukkah', 'sesame-free', 'forbidden'],
  ['Rice, green curry paste', 'crustacean-free', 'ask'],
  ['Rice, Caesar dressing', 'fish-free', 'ask'],
  ['Rice, Caesar dressing', 'egg-free', 'forbidden'],
  ['Rice, granola', 'tree-nut-free', 'ask'],
  ['Rice, mycoprotein', 'egg-free', 'ask'],
  ['Rice, glucosamine', 'crustacean-free', 'ask'],
  ['Rice, omega-3', 'fish-free', 'ask'],
  ['Rice, mayonnaise', 'mustard-free', 'ask'],
  ['Rice, malted milk', 'gluten-free', 'forbidden'],
  ['Sugar, amaretto', 'tree-nut-free', 'ask'],
  ['Rice, chestnuts', 'tree-nut-free', 'ask'],
  ['Rice, chestnut mushrooms, water chestnuts', 'tree-nut-free', 'fine'],
  ['Chestnut flour, salt', 'gluten-free', 'fine'],
  ['Ingredients: rice flour, salt, łubin, sunflower oil.', 'lupin-free', 'forbidden'],
  ['Ingredients: rice flour, salt, małże, sunflower oil.', 'mollusc-free', 'forbidden'],
  ['Ingrédients : riz, caille, sel', 'vegetarian', 'ask'],
  ['Ingrédients : riz, caillé, sel', 'dairy-free', 'ask'],
  ['Ingrédients : pâtés, sel', 'vegetarian', 'ask'],
  ['Ingredients: WHEAT flour, sunflower oil, salt.', 'gluten-free', 'forbidden'],
  ['Ingredients: WHEAT flour, sunflower oil, salt.', 'vegan', 'fine'],
  ['Ingredients: WHEAT flour, sunflower oil, salt.', 'dairy-free', 'fine'],
  [
    'Ingredients: rice, sunflower oil, salt. May contain traces of milk and sesame.',
    'dairy-free',
    'forbidden',
  ],
  [
    'Ingredients: rice, sunflower oil, salt. May contain traces of milk and sesame.',
    'sesame-free',
    'forbidden',
  ],
  ['Ingredients: rice, sunflower oil, salt. May contain traces of milk and sesame.', 'egg-free', 'fine'],
  ['Ingredients: rice, sunflower oil, salt. May contain traces of milk and sesame.', 'vegan', 'ask'],
  [
    'Ingredients: rice, salt. Made in a kitchen that also handles nuts and peanuts.',
    'tree-nut-free',
    'forbidden',
  ],
  [
    'Ingredients: rice, salt. Made in a kitchen that also handles nuts and peanuts.',
    'peanut-free',
    'forbidden',
  ],
  ['Ingredients: rice, salt. Produced in a factory which uses almonds.', 'tree-nut-free', 'forbidden'],
  [
    'Ingredients: rice, salt. Not suitable for people with a nut or milk allergy due to manufacturing methods.',
    'tree-nut-free',
    'forbidden',
  ],
  ['Chickpeas, tahini (SESAME), lemon juice, garlic, salt', 'sesame-free', 'forbidden'],
  ['Chickpeas, tahini (SESAME), lemon juice, garlic, salt', 'vegan', 'fine'],
  ['Chickpeas, tahini (SESAME), lemon juice, garlic, salt', 'jain', 'forbidden'],
  [
    'Ingredients: Sugar, cocoa butter, MILK powder, cocoa mass, emulsifier (SOYA lecithin), natural vanilla flavouring',
    'vegan',
    'forbidden',
  ],
  ['Ingredients: cocoa mass, sugar, cocoa butter. May contain milk, nuts.', 'dairy-free', 'forbidden'],
  [
    'Ingredients: cocoa mass, sugar, cocoa butter, emulsifier: sunflower lecithin. Cocoa solids 70% minimum.',
    'soy-free',
    'fine',
  ],
  ['Ingredients: cocoa mass, sugar, cocoa butter, emulsifier: lecithin.', 'soy-free', 'ask'],
  [
    'Ingredients: sugar, glucose syrup, gelatine, citric acid, natural flavouring, colour: E120',
    'vegetarian',
    'forbidden',
  ],
  ['Ingredients: sugar, glucose syrup, beef gelatine, citric acid', 'halal', 'ask'],
  ['Ingredients: sugar, glucose syrup, pork gelatine, citric acid', 'halal', 'forbidden'],
  ['Ingredients: sugar, glucose syrup, gelatine, citric acid', 'halal', 'ask'],
  ['Ingredients: sugar, glucose syrup, gelatine, citric acid', 'no-beef', 'ask'],
  ['Ingredients: sugar, glucose syrup, pectin, citric acid, colour: E163', 'vegan', 'fine'],
  ['Ingredients: MILK, salt, animal rennet, cultures', 'vegetarian', 'forbidden'],
  ['Ingredients: MILK, salt, microbial rennet, cultures', 'vegetarian', 'fine'],
  ['Ingredients: pasteurised MILK, salt, rennet, lactic cultures', 'vegetarian', 'ask'],
  ['Ingredients: pasteurised MILK, salt, vegetarian rennet', 'vegetarian', 'fine'],
  ['Cheese (MILK, salt, enzymes)', 'vegetarian', 'ask'],
  ['Unpasteurised MILK, salt, rennet', 'pregnancy', 'forbidden'],
  ['Basil, sunflower oil, Grana Padano (MILK, EGG), CASHEWS, salt', 'vegetarian', 'forbidden'],
  ['Basil, sunflower oil, Grana Padano (MILK, EGG), CASHEWS, salt', 'egg-free', 'forbidden'],
  ['Basil, sunflower oil, Grana Padano (MILK, EGG), CASHEWS, salt', 'tree-nut-free', 'forbidden'],
  ['Gherkins, water, spirit vinegar, salt, MUSTARD seed', 'mustard-free', 'forbidden'],
  ['Gherkins, water, spirit vinegar, salt, mustard seed', 'gluten-free', 'fine'],
  ['Onions, BARLEY malt vinegar, sugar', 'gluten-free', 'forbidden'],
  ['Olives, red wine vinegar, salt', 'halal', 'fine'],
  ['Olives, red wine vinegar, salt', 'sulphite-free', 'ask'],
  ['Apricots, preservative: SULPHUR DIOXIDE', 'sulphite-free', 'forbidden'],
  ['Apricots, preservative (E220)', 'sulphite-free', 'forbidden'],
  ['Buckwheat flour, salt. Gluten-free.', 'gluten-free', 'fine'],
  ['Gluten-free oats, sunflower oil, salt', 'gluten-free', 'fine'],
  ['Oats, sunflower oil, salt', 'gluten-free', 'forbidden'],
  ['Rice flour, sugar. Free from: milk, egg, gluten, nuts.', 'egg-free', 'fine'],
  ['Coconut milk, sugar, salt', 'dairy-free', 'fine'],
  ['Oat drink, cocoa butter, sugar', 'dairy-free', 'fine'],
  ['Peanut butter (roasted PEANUTS, salt)', 'dairy-free', 'fine'],
  ['Peanut butter (roasted PEANUTS, salt)', 'tree-nut-free', 'fine'],
  ['Butter beans, water, salt, nutmeg', 'dairy-free', 'fine'],
  ['Butter beans, water, salt, nutmeg', 'tree-nut-free', 'fine'],
  ['Aubergine (eggplant), oil, salt', 'egg-free', 'fine'],
  ['Pork (90%), salt, dextrose, red wine, spices', 'halal', 'forbidden'],
  ['Turkey, salt, spices', 'halal', 'ask'],
  ['Sugar, glycerine, maize starch', 'vegan', 'ask'],
  ['Sugar, emulsifier E471, maize starch', 'halal', 'ask'],
  ['Sugar, mono- and diglycerides of fatty acids, maize starch', 'vegetarian', 'ask'],
  ['Almonds, honey, salt', 'vegan', 'forbidden'],
  ['Almonds, honey, salt', 'child-under-1', 'forbidden'],
  ['Sugar, vanilla extract, maize starch', 'alcohol-free', 'ask'],
  ['Sugar, vanillin, maize starch', 'alcohol-free', 'fine'],
  ['Carrot, celery, onion, salt', 'celery-free', 'forbidden'],
  ['Maize, sunflower oil, salt. Contains: Milk, Soya.', 'dairy-free', 'forbidden'],
  ['Maize, sunflower oil, salt. Contains: Milk, Soya.', 'soy-free', 'forbidden'],
  ['Anchovies, olive oil, salt', 'fish-free', 'forbidden'],
  ['Surimi (fish, wheat starch, egg white, crab extract)', 'crustacean-free', 'forbidden'],
  ['Tomato paste, Worcester sauce, salt', 'fish-free', 'ask'],
  ['Wholegrain RYE, salt', 'gluten-free', 'forbidden'],
  ['Rice, zorblax powder, salt', 'vegan', 'ask'],
  ['Rice, zorblax powder, salt', 'gluten-free', 'ask'],
  ['Dried cranberries, sugar, sunflower oil', 'vegan', 'fine'],
  ['Lupin flour, maize starch, salt', 'lupin-free', 'forbidden'],
  ['Sugar, shellac, glazing agent (E904)', 'vegan', 'forbidden'],
  [
    'Suitable for vegans. Ingredients: sugar, emulsifier E471, natural flavouring, maize starch.',
    'vegan',
    'fine',
  ],
  ['Vegan butter (coconut oil, rapeseed oil), salt', 'dairy-free', 'fine'],
  ['Malted BARLEY flour, water, salt', 'gluten-free', 'forbidden'],
  ['Soy sauce (water, SOYBEANS, WHEAT, salt), rice', 'gluten-free', 'forbidden'],
  ['Soy sauce, rice', 'gluten-free', 'ask'],
  ['Chicken (HALAL), water, salt', 'halal', 'ask'],
  ['Pine nuts, salt', 'tree-nut-free', 'ask'],
  ['Coconut, sugar', 'tree-nut-free', 'fine'],
  ['Ingredients: lactose free milk', 'lactose-light', 'fine'],
  ['Ingredients: lactose free milk', 'dairy-free', 'forbidden'],
  ['Ingredients: rice, soy, milk, gluten free.', 'dairy-free', 'forbidden'],
  ['Ingredients: rice, soy, milk, gluten free.', 'soy-free', 'forbidden'],
  ['Ingredients: rice. Contains soy and gluten free oats.', 'soy-free', 'forbidden'],
  ['Rice, salt. This product is not gluten free.', 'gluten-free', 'forbidden'],
  ['Rice, salt. Not nut free.', 'tree-nut-free', 'forbidden'],
  ['Ingredients: tomatoes, no added sugar, wheat flour, milk', 'gluten-free', 'forbidden'],
  ['Ingredients: tomatoes, no added sugar, wheat flour, milk', 'dairy-free', 'forbidden'],
  ['Chocolate without added sugar: cocoa, milk powder', 'dairy-free', 'forbidden'],
  ['Ingredients: rice. Free from artificial colours, contains milk and soya.', 'dairy-free', 'forbidden'],
  ['Free from artificial colours, contains milk', 'dairy-free', 'forbidden'],
  ['Ingredients: rice. Suitable for vegetarians, contains milk and nuts.', 'tree-nut-free', 'forbidden'],
  ['Ingredients: rice free from gluten, milk, egg', 'dairy-free', 'forbidden'],
  ['Ingredients: vegan sausage, emulsifier E471', 'vegan', 'ask'],
  ['Ingredients: rice. May not be vegan.', 'vegan', 'ask'],
  ['Ingredients: rice. Not vegan.', 'vegan', 'ask'],
  ['Dairy and gluten free. Ingredients: rice, salt.', 'dairy-free', 'fine'],
  ['Gluten free, dairy free. Ingredients: rice, salt.', 'gluten-free', 'fine'],
  ['Ingredients: rice, salt. Gluten free and vegan.', 'gluten-free', 'fine'],
  ['Surimi, water', 'crustacean-free', 'ask'],
  ['Milk free chocolate: cocoa, sugar, soya lecithin', 'dairy-free', 'fine'],
  ['Ingredients: Gluten-free oat flour, dates', 'gluten-free', 'fine'],
  ['Water, spelt flour, yeast', 'gluten-free', 'forbidden'],
  ['ENRICHED FLOUR (WHEAT FLOUR, NIACIN), SOYBEAN OIL, SALT', 'gluten-free', 'forbidden'],
  ['Tofu (soya beans, water, calcium sulphate)', 'vegan', 'fine'],
  ['Sugar, vegetable suet (palm fat), rice', 'vegan', 'fine'],
  ['Marshmallow (glucose syrup, sugar, bovine gelatine)', 'no-beef', 'forbidden'],
  ['Marshmallows, sugar', 'vegetarian', 'ask'],
  ['Not suitable for vegans. Ingredients: sugar, water', 'vegan', 'ask'],
  ['Ingredients: sugar, water. Not suitable for vegetarians.', 'vegetarian', 'ask'],
  ['Ingredients: sugar, water. Not suitable for coeliacs.', 'gluten-free', 'forbidden'],
  ['Suitable for vegans', 'dairy-free', 'ask'],
  ['Vegan. Ingredients: dates. May contain milk.', 'dairy-free', 'forbidden'],
  ['Dates. Not suitable for milk allergy sufferers', 'dairy-free', 'forbidden'],
  ['Maize, flavouring (contains milk)', 'dairy-free', 'forbidden'],
  ['Apricots, preservative (sulphur dioxide), rice flour', 'gluten-free', 'fine'],
  ['Rye flour, water, salt', 'gluten-free', 'forbidden'],
  ['Flour, water, salt', 'gluten-free', 'ask'],
  ["Maize, salt, flavour enhancers (monosodium glutamate, disodium 5'-ribonucleotide)", 'vegetarian', 'ask'],
  ['Cashews, water, sea salt, probiotic cultures', 'vegan', 'fine'],
  ['Cashews, water, sea salt, probiotic cultures', 'dairy-free', 'fine'],
  [
    'Sunflower oil, pasteurised egg yolk, spirit vinegar, sugar, mustard, antioxidant: calcium disodium EDTA',
    'gluten-free',
    'fine',
  ],
  [
    'Pork, Salt, Dextrose, Spices, Garlic. Made with 130 g of pork per 100 g of finished product. Casing not edible.',
    'dairy-free',
    'fine',
  ],
];

test.each(LABELS)('“%s” for %s is %s', (text, need, expected) => {
  expect(verdict(text, need)).toBe(expected);
});

describe('reading a label', () => {
  test('capitals, bold marks, tags, accents and line breaks change nothing', () => {
    const plain = readLabel('Ingredients: wheat flour, cream, salt').facts;
    for (const text of [
      'INGREDIENTS: WHEAT FLOUR, CREAM, SALT',
      'Ingredients: **Wheat** flour, __cream__, salt',
      'Ingredients: <b>wheat</b> flour, <i>cream</i>, salt',
      'Ingredients: wheat flour,\n  crème fraîche,\n  salt',
    ])
      expect(readLabel(text).facts).toEqual(plain);
  });

  test('the words that led to a fact are shown where they stand', () => {
    const text = 'Crème (MILK), salt';
    const read = readLabel(text);
    for (const span of read.spans) expect(text.slice(span.start, span.end)).toBe(span.text);
    expect(read.spans.find((span) => span.fact === 'allergen.milk' && span.text === 'MILK')?.value).toBe(
      'contains',
    );
  });

  test('nested brackets are read to their ground', () => {
    const read = readLabel('Sauce (water, soy sauce (soybeans, wheat (gluten)), spice (celery)), rice');
    expect([
      read.facts['allergen.soy'],
      read.facts['allergen.gluten'],
      read.facts['allergen.celery'],
    ]).toEqual(['contains', 'contains', 'contains']);
  });

  test('a warning in brackets ends with them', () => {
    const read = readLabel('Rice (may contain traces of milk), wheat, salt');
    expect(read.facts['allergen.milk']).toBe('may');
    expect(read.facts['allergen.gluten']).toBe('contains');
  });

  test.each([
    ['natural flavouring', 'Sugar, natural flavouring'],
    ['E471', 'Sugar, emulsifier E471'],
    ['enzymes', 'Milk, enzymes'],
    ['glycerine', 'Sugar, glycerine'],
    ['vanilla extract', 'Sugar, vanilla extract'],
    ['wine vinegar', 'Olives, wine vinegar'],
    ['lecithin', 'Sugar, lecithin'],
    ['zorblax', 'Sugar, zorblax'],
  ])('%s is a question', (word, text) => {
    expect(readLabel(text).questions.map((question) => question.text.toLowerCase())).toContain(
      word.toLowerCase(),
    );
  });

  test('sunflower lecithin, cocoa butter and spirit vinegar are none', () => {
    const read = readLabel('Cocoa mass, cocoa butter, sunflower lecithin, spirit vinegar, salt');
    expect(read.questions).toEqual([]);
    expect(read.complete).toBe(true);
  });

  test('a claim that the list speaks against is a question, and the list wins', () => {
    const read = readLabel('Gluten free! Ingredients: wheat flour, salt.');
    expect(read.facts['allergen.gluten']).toBe('contains');
    expect(read.questions.some((question) => question.question.includes('which is right'))).toBe(true);
  });

  test('"cannot guarantee nut free" is a warning, "made in a nut-free kitchen" a claim', () => {
    expect(readLabel('Rice, salt. We cannot guarantee nut free.').facts['allergen.tree-nuts']).toBe('may');
    expect(readLabel('Rice, salt. Made in a nut-free kitchen.').facts['allergen.tree-nuts']).toBe('free');
  });

  test('"dairy and gluten free" says both', () => {
    const { facts } = readLabel('Dairy and gluten free. Ingredients: rice, salt.');
    expect([facts['allergen.milk'], facts['allergen.gluten']]).toEqual(['free', 'free']);
  });

  test('egg-free mayonnaise in a list clears nothing else of egg', () => {
    expect(readLabel('Egg-free mayonnaise, egg white, salt').facts['allergen.egg']).toBe('contains');
  });

  test('text without a list leaves what it does not say unknown', () => {
    const { facts, complete } = readLabel('');
    expect(complete).toBe(false);
    expect(new Set(Object.values(facts))).toEqual(new Set(['unknown']));
  });

  test.each(['арахис', '落花生', '🥜', 'フグ', 'فول'])(
    'an item that nobody here reads (%s) leaves the whole list open',
    (item) => {
      for (const id of ['peanut-free', 'vegan', 'gluten-free'])
        expect(verdict(`Ingredients: rice, ${item}, salt.`, id)).toBe('ask');
    },
  );

  test('the two traditions of carbohydrate', () => {
    const eu = readLabel(
      'Per 100 g: energy 1500 kJ / 358 kcal, fat 10 g, carbohydrate 50 g of which sugars 3 g, fibre 8 g, protein 9 g, salt 1.2 g',
    ).nutrition;
    expect(eu).toMatchObject({
      energyKj: 1500,
      carbNetG: 50,
      carbTotalG: 58,
      fibreG: 8,
      carbTradition: 'eu',
      saltG: 1.2,
    });
    const us = readLabel(
      'Amount per 100 g: calories 358, total fat 10 g, sodium 480 mg, total carbohydrate 58 g, dietary fiber 8 g, protein 9 g',
    ).nutrition;
    expect(us).toMatchObject({ carbNetG: 50, carbTotalG: 58, carbTradition: 'us', saltG: 1.2 });
  });

  test('a mixture is never better than its worst known part', () => {
    const PARTS = [
      'wheat flour',
      'milk',
      'egg',
      'almonds',
      'pork',
      'honey',
      'gelatine',
      'onion',
      'red wine',
      'soy',
      'rice',
      'salt',
      'tomatoes',
      'prawns',
      'E471',
      'animal rennet',
    ];
    const RANK = { fine: 0, ask: 1, forbidden: 2 };
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...PARTS), { minLength: 1, maxLength: 6 }),
        fc.constantFrom(...NEEDS),
        (parts, need) => {
          const whole = RANK[verdict(parts.join(', '), need.id)];
          for (const part of parts) expect(whole).toBeGreaterThanOrEqual(RANK[verdict(part, need.id)]);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('no text makes the reader throw, and every place lies in the text', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string({ maxLength: 200 }), fc.stringMatching(/^[A-Za-z0-9 ,.()[\]:;*_%&-]{0,120}$/)),
        (text) => {
          const read = readLabel(text);
          for (const s of [...read.spans, ...read.questions]) expect(text.slice(s.start, s.end)).toBe(s.text);
        },
      ),
    );
  });
});
