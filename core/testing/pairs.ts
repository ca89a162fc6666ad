import type { Plan } from '../plan/index.js';
import { BASES } from './pair-boards.js';
import { lies } from './plans.js';

type Base = keyof typeof BASES;
type Change = Readonly<Record<string, number>>;
/** The first is the board that a stylist would serve, the second the one that they would not. */
export type Pair = readonly [what: string, base: Base, served: Change, not: Change];

/**
 * Pairs of boards, written by hand before any weight was touched. Every third is held out: nothing is fitted to it. Most
 * lie inside little and most, so that taste decides, and not a bound.
 */
export const PAIRS: readonly Pair[] = [
  // ---- accents are small
  ['candied ginger, a little and a bowl', 'drinks', { 'candied-ginger': 15 }, { 'candied-ginger': 120 }],
  ['mustard by the spoon and by the jar', 'drinks', { 'grain-mustard': 30 }, { 'grain-mustard': 300 }],
  ['no sprouts, and a bed of them', 'drinks', {}, { 'radish-sprouts': 120 }],
  ['quince for the cheese, and for the month', 'drinks', {}, { 'quince-paste': 220 }],
  [
    'one accent more, and five',
    'drinks',
    { physalis: 40 },
    { physalis: 70, kumquats: 60, capers: 40, 'candied-ginger': 40, 'goji-berries': 30 },
  ],
  ['pink onions beside the rich', 'drinks', { 'pink-onions': 30 }, { 'pink-onions': 180 }],
  [
    'pomegranate for colour',
    'drinks',
    { pomegranate: 60 },
    { pomegranate: 60, 'star-fruit': 60, 'dragon-fruit': 84 },
  ],
  // ---- bold kinds are few
  ['one blue, and two', 'drinks', { gorgonzola: 90 }, { gorgonzola: 90, 'danish-blue': 90 }],
  ['a familiar star, and a loud one', 'drinks', {}, { brie: 0, epoisses: 250 }],
  ['cheddar, and a washed rind in its place', 'drinks', {}, { 'mature-cheddar': 0, munster: 150 }],
  ['salmon, and eel', 'drinks', {}, { 'smoked-salmon': 0, 'smoked-eel': 60 }],
  ['salami, and venison', 'drinks', {}, { salami: 0, 'venison-salami': 100 }],
  [
    'one bold cheese, and three bold things',
    'drinks',
    { stilton: 90 },
    { stilton: 90, nduja: 60, 'white-anchovies': 40 },
  ],
  ['ham, and liver', 'drinks', {}, { 'cooked-ham': 0, 'liver-parfait': 80 }],
  // ---- no two that do the same
  ['hummus and tzatziki, and hummus twice', 'drinks', {}, { tzatziki: 0, 'hummus-bought': 240 }],
  ['almonds and hazelnuts, and almonds twice', 'drinks', {}, { hazelnuts: 0, 'smoked-almonds': 60 }],
  ['two salamis', 'drinks', {}, { 'cooked-ham': 0, 'fennel-salami': 64 }],
  ['brie, and brie with camembert', 'drinks', {}, { 'goat-log': 0, camembert: 250 }],
  [
    'chickpeas once, and three times',
    'drinks',
    {},
    { hazelnuts: 0, 'roast-chickpeas': 60, tzatziki: 0, 'hummus-no-sesame': 200 },
  ],
  [
    'olives and cornichons, and olives three times',
    'drinks',
    {},
    { cornichons: 0, 'black-olives': 70, 'almond-olives': 60 },
  ],
  [
    'grapes in one colour and figs, and three citrus fruits',
    'drinks',
    {},
    { figs: 0, 'orange-wheels': 100, mandarins: 100, kumquats: 30 },
  ],
  // ---- what stands beside what
  [
    'dips with dippers, and without',
    'drinks',
    {},
    {
      'cucumber-sticks': 0,
      'carrot-sticks': 0,
      'water-crackers': 0,
      'baguette-toasts': 0,
      'cherry-tomatoes': 480,
    },
  ],
  [
    'a mustard beside ham, and alone',
    'drinks',
    { 'grain-mustard': 30 },
    { 'grain-mustard': 30, 'dry-cured-ham': 0, salami: 0, 'cooked-ham': 0, 'smoked-salmon': 180 },
  ],
  [
    'what carries, and crisps only',
    'drinks',
    {},
    { 'water-crackers': 0, 'baguette-toasts': 0, oatcakes: 0, 'potato-crisps': 150, 'lentil-crisps': 120 },
  ],
  [
    'pesto with nothing to lay it on',
    'supper',
    {},
    { 'basil-pesto': 70, 'sourdough-slices': 0, 'baguette-toasts': 0, 'cherry-tomatoes': 0 },
  ],
  ['aioli at drinks', 'drinks', {}, { tzatziki: 0, aioli: 200 }],
  ['no kimchi, and kimchi', 'drinks', {}, { kimchi: 100 }],
  ['two dips, and four', 'drinks', {}, { guacamole: 130, 'beet-dip': 130 }],
  // ---- base foods in their amounts
  ['grapes, and star fruit for them', 'drinks', {}, { 'red-grapes': 0, 'star-fruit': 300 }],
  ['tomatoes for twelve, and for forty', 'drinks', {}, { 'cherry-tomatoes': 500 }],
  ['cheddar as a cheese, and as a crumb', 'drinks', {}, { 'mature-cheddar': 25 }],
  ['falafel for omnivores, and a mountain', 'drinks', {}, { falafel: 400 }],
  [
    'four cheeses, and nine',
    'drinks',
    {},
    { 'smoked-cheese': 40, manchego: 40, edam: 40, feta: 40, gruyere: 40 },
  ],
  [
    'bread for twelve, and for five',
    'drinks',
    {},
    { 'water-crackers': 50, 'baguette-toasts': 50, oatcakes: 30 },
  ],
  ['usual olives, and three times them', 'drinks', {}, { 'green-olives': 450 }],
  // ---- everyone knows it
  ['crackers, and kale crisps', 'drinks', {}, { oatcakes: 0, 'kale-crisps': 80 }],
  ['almonds, and chestnuts', 'drinks', {}, { almonds: 0, 'roast-chestnuts': 80 }],
  ['cucumber, and daikon', 'drinks', {}, { 'cucumber-sticks': 0, daikon: 180 }],
  ['green olives, and caper berries', 'drinks', {}, { 'green-olives': 0, capers: 150 }],
  ['dark chocolate, and candied ginger', 'drinks', {}, { 'dark-chocolate': 0, 'candied-ginger': 90 }],
  ['dates, and goji berries', 'drinks', {}, { 'medjool-dates': 0, 'goji-berries': 64 }],
  ['hummus, and lupin beans', 'drinks', {}, { 'hummus-home': 0, 'lupin-beans': 250 }],
  // ---- colour and texture
  ['red tomatoes, and beige mushrooms', 'drinks', {}, { 'cherry-tomatoes': 0, 'raw-mushrooms': 190 }],
  ['figs in October, and strawberries', 'drinks', {}, { figs: 0, strawberries: 130 }],
  ['nuts, and none', 'drinks', {}, { almonds: 0, hazelnuts: 0 }],
  ['something sharp, and nothing', 'drinks', {}, { 'green-olives': 0, cornichons: 0 }],
  ['fruit, and none', 'drinks', {}, { 'red-grapes': 0, figs: 0, 'apple-fans': 0 }],
  ['a jam for the cheese, and none', 'drinks', {}, { 'quince-paste': 0 }],
  [
    'cheeses of three textures, and three of one',
    'drinks',
    {},
    { brie: 0, 'goat-log': 0, edam: 170, maasdam: 170 },
  ],
  // ---- what it is for
  ['chocolate spread at drinks', 'drinks', {}, { tzatziki: 0, 'chocolate-hazelnut': 140 }],
  ['string cheese for grown guests', 'drinks', {}, { 'aged-gouda': 0, 'string-cheese': 120 }],
  ['popcorn at drinks', 'drinks', {}, { shortbread: 0, 'caramel-popcorn': 60 }],
  ['a salad bowl at drinks', 'drinks', {}, { 'grain-salad': 300 }],
  ['breakfast: gouda, and blue', 'breakfast', {}, { 'young-gouda': 0, 'danish-blue': 120 }],
  ['breakfast: no pickled onions', 'breakfast', {}, { 'pink-onions': 60 }],
  [
    'breakfast: blueberries, and four bowls of pomegranate',
    'breakfast',
    {},
    { blueberries: 0, pomegranate: 480 },
  ],
  ['breakfast: rolls, and crisps', 'breakfast', {}, { 'soft-rolls': 0, 'potato-crisps': 200 }],
  ['breakfast: ham, and chorizo', 'breakfast', {}, { 'cooked-ham': 0, chorizo: 170 }],
  ['breakfast: eggs, and edamame', 'breakfast', {}, { 'egg-halves': 0, edamame: 200 }],
  [
    'breakfast: butter and honey, and hot jelly',
    'breakfast',
    {},
    { butter: 0, honey: 0, 'pepper-jelly': 110 },
  ],
  [
    'breakfast: bread for all, and for half',
    'breakfast',
    {},
    { 'soft-rolls': 120, 'sourdough-slices': 128, 'croissant-pieces': 100 },
  ],
  ['breakfast: berries in May, and figs', 'breakfast', {}, { strawberries: 0, figs: 300 }],
  ['breakfast: salmon, and herring', 'breakfast', {}, { 'smoked-salmon': 0, 'pickled-herring': 150 }],
  ['breakfast: yoghurt, and soured cream', 'breakfast', {}, { 'thick-yoghurt': 0, 'chive-cream': 200 }],
  ['breakfast: no chocolate, and a bar', 'breakfast', {}, { 'dark-chocolate': 120 }],
  // ---- a sweet course
  ['sweet: shortbread, and dark rye', 'sweet', {}, { shortbread: 0, 'dark-rye-bread': 160 }],
  ['sweet: chocolate cream, and bean dip', 'sweet', {}, { 'chocolate-ganache': 0, 'herb-bean-dip': 120 }],
  ['sweet: two chocolates, and one', 'sweet', {}, { 'milk-chocolate': 0, marshmallows: 60 }],
  ['sweet: a third fruit, and none', 'sweet', {}, { mandarins: 0, 'red-grapes': 0, 'pear-fans': 0 }],
  ['sweet: mandarins in December, and raspberries', 'sweet', {}, { mandarins: 0, raspberries: 200 }],
  ['sweet: macarons, and candied ginger', 'sweet', {}, { macarons: 0, 'candied-ginger': 126 }],
  [
    'sweet: two biscuits, and only gums',
    'sweet',
    {},
    { shortbread: 0, macarons: 0, 'fruit-gums-pectin': 160, 'turkish-delight': 120 },
  ],
  ['sweet: no radishes', 'sweet', {}, { radishes: 60 }],
  ['sweet: brownies for sixteen, and for sixty', 'sweet', {}, { 'brownie-bites': 640 }],
  // ---- children
  ['children: gouda, and blue', 'children', {}, { 'young-gouda': 0, 'blue-wedge': 100 }],
  ['children: chicken, and smoked duck', 'children', {}, { 'chicken-skewers': 0, 'smoked-duck': 80 }],
  ['children: cucumber, and chicory', 'children', {}, { 'cucumber-sticks': 0, chicory: 120 }],
  ['children: hummus, and mustard', 'children', {}, { 'hummus-home': 0, 'grain-mustard': 100 }],
  ['children: a small sweet, and a heap', 'children', {}, { 'milk-chocolate': 200, 'butter-biscuits': 240 }],
  ['children: melon, and grapefruit', 'children', {}, { melon: 0, grapefruit: 240 }],
  ['children: crackers, and rye with seeds', 'children', {}, { 'water-crackers': 0, 'seed-crackers': 90 }],
  ['children: pizza, and quinoa', 'children', {}, { 'pizza-bites': 0, 'quinoa-salad': 240 }],
  // ---- a meal
  [
    'supper: bread that feeds, and crackers only',
    'supper',
    {},
    { 'sourdough-slices': 0, 'baguette-toasts': 0, 'water-crackers': 260, oatcakes: 200 },
  ],
  [
    'supper: chicken and potatoes, and more of the cheese',
    'supper',
    {},
    { 'roast-chicken': 0, 'roast-potatoes': 0, brie: 500, 'aged-gouda': 480 },
  ],
  [
    'supper: leaves and tomatoes, and none',
    'supper',
    {},
    { 'little-gem': 0, 'cherry-tomatoes': 0, 'cucumber-sticks': 0 },
  ],
  ['supper: two dips, and none', 'supper', {}, { 'hummus-home': 0, tzatziki: 0 }],
  ['supper: a bite of chocolate, and a cake', 'supper', {}, { 'brownie-bites': 400 }],
  ['supper: eggs, and roe', 'supper', {}, { 'egg-halves': 0, 'trout-roe': 120 }],
  [
    'supper: enough, and half of everything',
    'supper',
    {},
    {
      brie: 0,
      'goat-log': 60,
      'roast-chicken': 96,
      'roast-potatoes': 126,
      'sourdough-slices': 96,
      'red-grapes': 120,
      'apple-fans': 96,
      'hummus-home': 120,
    },
  ],
];

/** Kept from the fitting. */
export const isHeldOut = (i: number): boolean => i % 3 === 2;

export function boardsOf([, base, served, not]: Pair): { served: Plan; not: Plan } {
  const { plan, board } = BASES[base];
  const laid = (change: Change): Plan => ({
    ...plan,
    placements: Object.entries({ ...board, ...change })
      .filter(([, massG]) => massG > 0)
      .map(([food, massG]) => lies(food, massG)),
  });
  return { served: laid(served), not: laid(not) };
}
