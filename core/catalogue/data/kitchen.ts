/**
 * How foods are made that the larder has as home-made with facts of their own: what is bought for them, grams of a batch,
 * and how long each stage takes (house default, after ordinary home cooking). Facts are those of the food and of all that
 * goes into it.
 */

import type { Allergen, Presence } from '../facts.js';

/** Goods that a shop has and that never lie on a board: name, grams of a pack, minor units (middle prices), aisle. */
export const GOODS = {
  chicken: ['chicken breast', 500, 620, 'meat'],
  'whole-chicken': ['chicken, whole', 1400, 750, 'meat'],
  'minced-beef': ['minced beef', 500, 560, 'meat'],
  eggs: ['eggs', 600, 330, 'dairy'],
  milk: ['milk', 1000, 130, 'dairy'],
  cream: ['cream', 200, 130, 'dairy'],
  'soured-cream': ['soured cream', 200, 110, 'dairy'],
  'plain-butter': ['butter', 250, 260, 'dairy'],
  'hard-cheese': ['hard cheese for grating', 200, 320, 'dairy'],
  tofu: ['firm tofu', 400, 260, 'dairy'],
  breadcrumbs: ['breadcrumbs (wheat)', 400, 130, 'mill'],
  flour: ['wheat flour', 1000, 110, 'mill'],
  'gf-chickpea-flour': ['chickpea flour, labelled gluten-free', 500, 280, 'mill'],
  'gf-rice-flour': ['rice flour, labelled gluten-free', 500, 220, 'mill'],
  'gf-oats': ['oats, labelled gluten-free', 500, 240, 'mill'],
  'gf-polenta': ['polenta, labelled gluten-free', 500, 200, 'mill'],
  bulgur: ['bulgur wheat', 500, 190, 'mill'],
  'gf-quinoa': ['quinoa, labelled gluten-free', 500, 390, 'mill'],
  pasta: ['pasta bows (durum wheat)', 500, 140, 'mill'],
  yeast: ['dry yeast', 21, 80, 'mill'],
  'baking-powder': ['baking powder', 75, 120, 'mill'],
  'ground-almonds': ['ground almonds', 200, 320, 'mill'],
  cocoa: ['cocoa powder', 125, 230, 'mill'],
  'icing-sugar': ['icing sugar', 250, 100, 'mill'],
  vanilla: ['vanilla pod', 4, 280, 'mill'],
  tortillas: ['wheat tortillas', 370, 220, 'bread'],
  'vegan-tortillas': ['wheat tortillas, labelled vegan', 370, 240, 'bread'],
  'white-bread': ['white sandwich bread', 500, 180, 'bread'],
  onion: ['onions', 1000, 140, 'greens'],
  'fresh-coriander': ['fresh coriander', 30, 120, 'greens'],
  tomatoes: ['tomatoes', 500, 220, 'greens'],
  'small-potatoes': ['small potatoes', 1000, 220, 'greens'],
  'sweet-potatoes': ['sweet potatoes', 1000, 320, 'greens'],
  courgettes: ['courgettes', 500, 180, 'greens'],
  aubergines: ['aubergines', 500, 220, 'greens'],
  'green-peppers': ['small green peppers', 200, 260, 'greens'],
  leeks: ['leeks', 500, 200, 'greens'],
  kale: ['kale', 300, 200, 'greens'],
  cress: ['cress', 40, 90, 'greens'],
  apples: ['apples', 1000, 280, 'greens'],
  'black-beans': ['black beans, cooked', 240, 110, 'tins'],
  'butter-beans': ['butter beans, cooked', 240, 130, 'tins'],
  'kidney-beans': ['kidney beans, cooked', 240, 110, 'tins'],
  lentils: ['brown lentils, cooked', 240, 110, 'tins'],
  maize: ['sweet maize, cooked', 285, 120, 'tins'],
  'chopped-tomatoes': ['chopped tomatoes', 400, 100, 'tins'],
  'coconut-milk': ['coconut cream', 400, 230, 'tins'],
  mayonnaise: ['mayonnaise', 250, 210, 'tins'],
  'pomegranate-syrup': ['pomegranate syrup', 250, 380, 'tins'],
  'sherry-vinegar': ['sherry vinegar', 250, 290, 'tins'],
  'dried-oregano': ['dried oregano', 10, 120, 'tins'],
  'sesame-paste': ['sesame paste (tahini)', 250, 320, 'tins'],
  turmeric: ['turmeric', 40, 150, 'tins'],
} as const satisfies Record<string, readonly [string, number, number, Aisle]>;

const BY_OTHER_GRAINS = { soy: 'brand', lupin: 'brand', mustard: 'brand' } as const;
const MIX = { ...BY_OTHER_GRAINS, milk: 'brand', egg: 'brand', sesame: 'brand', 'tree-nuts': 'brand', peanuts: 'brand', celery: 'brand', sulphites: 'brand' } as const;
/**
 * What a good brings along, or may: flour is milled beside soya, lupin and mustard, sesame paste beside nuts, cocoa beside
 * milk; tinned coconut is often kept white (label practice, public allergen law). What is not named is free of all.
 */
export const GOOD_ALLERGENS: Readonly<Partial<Record<keyof typeof GOODS, Partial<Record<Allergen, Presence>>>>> = {
  eggs: { egg: 'contains' },
  milk: { milk: 'contains' },
  cream: { milk: 'contains' },
  'soured-cream': { milk: 'contains' },
  'plain-butter': { milk: 'contains' },
  // aged hard cheese for grating may be kept from blowing with egg white
  'hard-cheese': { milk: 'contains', egg: 'brand' },
  tofu: { soy: 'contains' },
  flour: { gluten: 'contains', ...BY_OTHER_GRAINS },
  breadcrumbs: { gluten: 'contains', ...MIX },
  'white-bread': { gluten: 'contains', ...MIX },
  tortillas: { gluten: 'contains', ...MIX },
  'vegan-tortillas': { gluten: 'contains', ...MIX },
  bulgur: { gluten: 'contains', ...BY_OTHER_GRAINS },
  pasta: { gluten: 'contains', egg: 'brand', ...BY_OTHER_GRAINS },
  'gf-chickpea-flour': { soy: 'brand', lupin: 'brand' },
  'gf-quinoa': { sesame: 'brand' },
  'ground-almonds': { 'tree-nuts': 'contains', peanuts: 'brand', sesame: 'brand' },
  cocoa: { milk: 'brand' },
  'coconut-milk': { sulphites: 'brand' },
  mayonnaise: { egg: 'contains', mustard: 'contains' },
  'pomegranate-syrup': { sulphites: 'brand' },
  'sherry-vinegar': { sulphites: 'brand' },
  'sesame-paste': { sesame: 'contains', 'tree-nuts': 'brand', peanuts: 'brand' },
};
export type Aisle = 'meat' | 'dairy' | 'mill' | 'bread' | 'greens' | 'tins';

/** What a kitchen has of each, or few of: only one task has it at a time. */
export type Equipment = 'oven' | 'hob' | 'blender' | 'freezer' | 'fridge';

export type KitchenRow = readonly [
  /** Good, food of the larder or staple, and grams. */
  parts: readonly (readonly [id: string, grams: number])[],
  outG: number,
  minutes: readonly [hands: number, wait: number, keepsH: number],
  uses: readonly Equipment[],
  steps: string,
];

const [oil, salt, lemon, garlic] = [
  'staple-olive-oil',
  'staple-salt',
  'staple-lemon',
  'staple-garlic-clove',
] as const;

export const KITCHEN: Readonly<Record<string, KitchenRow>> = {
  'sunflower-round': [[['sunflower-seeds', 200], ['staple-water', 110], [lemon, 30], [salt, 4], ['chives', 8]], 330, [15, 480, 72], ['blender'], 'Soak and drain the seeds, blend, drain in a cloth overnight in the cold, shape, roll in chives.'],
  'tofu-feta': [[['tofu', 400], [lemon, 40], [salt, 8], ['dried-oregano', 1], [oil, 20]], 420, [10, 480, 96], [], 'Press the tofu dry, cube it, turn it in lemon, salt and oregano, leave it cold overnight.'],
  'chicken-skewers': [[['chicken', 500], [lemon, 30], [oil, 20], [garlic, 5]], 400, [15, 20, 24], ['oven'], 'Cube, marinate, roast to 75 °C in the middle of the largest piece, cool quickly and chill.'],
  'beef-meatballs': [[['minced-beef', 500], ['breadcrumbs', 50], ['eggs', 55], ['onion', 60]], 520, [20, 20, 24], ['oven'], 'Mix, roll small, roast to 75 °C in the middle, cool quickly and chill.'],
  'roast-chicken': [[['whole-chicken', 1400], [oil, 20], ['thyme', 4], [salt, 6]], 700, [15, 80, 48], ['oven'], 'Roast to 75 °C at the thigh, cool within two hours, chill, slice cold.'],
  'herb-tofu': [[['tofu', 400], [oil, 30], [lemon, 30], ['parsley', 8]], 420, [10, 240, 72], [], 'Press dry, cube, marinate cold. Raw herbs under oil stay cold and are eaten within four days.'],
  falafel: [[['staple-chickpeas', 480], ['onion', 60], ['parsley', 20], ['staple-cumin', 4], ['staple-sunflower-oil', 60]], 520, [20, 15, 24], ['hob', 'blender'], 'Chop fine in the blender, shape, fry golden. Hot oil burns. Cool on paper.'],
  'chickpea-bites': [[['staple-chickpeas', 480], ['pepper-strips', 120], ['sunflower-seeds', 40], ['staple-paprika', 3]], 480, [15, 25, 24], ['oven', 'blender'], 'Chop, shape small, roast at 200 °C.'],
  'lentil-balls': [[['lentils', 480], ['gf-oats', 80], ['parsley', 15], ['onion', 60]], 520, [15, 25, 24], ['oven', 'blender'], 'Chop, roll small, roast at 190 °C.'],
  'bean-patties': [[['black-beans', 480], ['maize', 120], ['fresh-coriander', 10], ['onion', 60], ['staple-sunflower-oil', 30]], 560, [20, 15, 24], ['hob'], 'Crush, shape, fry on both sides.'],
  'giant-beans': [[['butter-beans', 480], ['chopped-tomatoes', 200], [oil, 25], ['celery', 40], ['onion', 60]], 560, [10, 40, 72], ['oven'], 'Soften onion and celery, bake with beans and tomato, cool.'],
  'chickpea-squares': [[['gf-chickpea-flour', 200], ['courgettes', 200], [oil, 30], ['turmeric', 2], ['staple-water', 350]], 560, [15, 30, 24], ['oven'], 'Whisk, rest, bake in a tin, cut cold.'],
  'cauliflower-bites': [[['cauliflower', 700], ['gf-rice-flour', 80], ['staple-paprika', 4], [oil, 30]], 420, [15, 25, 8], ['oven'], 'Break small, coat, roast at 220 °C.'],
  'egg-halves': [[['eggs', 660], [salt, 4]], 580, [12, 20, 24], ['hob'], 'Boil ten minutes, cool in cold water, peel, halve.'],
  'pasta-bows': [[['pasta', 250], ['staple-water', 300], ['cherry-tomatoes', 200], ['basil', 12], [oil, 30], [salt, 4]], 720, [12, 20, 24], ['hob'], 'Boil, cool under running water within minutes, dress, chill.'],
  'grain-salad': [[['bulgur', 200], ['staple-water', 300], ['parsley', 40], ['tomatoes', 200], [lemon, 30], [oil, 30]], 720, [15, 25, 24], [], 'Soak the bulgur, chop the rest, dress, chill.'],
  'quinoa-salad': [[['gf-quinoa', 200], ['staple-water', 320], ['pepper-strips', 120], ['cucumber', 150], [lemon, 30], [oil, 30]], 760, [15, 25, 24], ['hob'], 'Boil, spread out to cool, mix, chill.'],
  'bean-salad': [[['staple-white-beans', 480], ['staple-red-onion', 60], ['parsley', 20], [oil, 30], [lemon, 30]], 600, [10, 0, 48], [], 'Drain, chop, dress, chill.'],
  'roast-potatoes': [[['small-potatoes', 1000], [oil, 30], ['rosemary', 5], [salt, 5]], 800, [8, 45, 8], ['oven'], 'Roast at 200 °C until they give.'],
  'grilled-vegetables': [[['courgettes', 500], ['pepper-strips', 300], [oil, 30], [salt, 3]], 620, [20, 15, 24], ['hob'], 'Slice, grill on both sides, cool flat.'],
  'fresh-cheese-wraps': [[['tortillas', 370], ['cream-cheese', 250], ['cucumber', 150], ['little-gem', 60]], 800, [15, 30, 12], [], 'Spread, fill, roll tight, chill, cut.'],
  'hummus-wraps': [[['vegan-tortillas', 370], ['hummus-home', 250], ['staple-carrot', 150], ['little-gem', 60]], 800, [15, 30, 12], [], 'Spread, fill, roll tight, chill, cut.'],
  'quiche-squares': [[['flour', 250], ['plain-butter', 125], ['eggs', 220], ['cream', 200], ['leeks', 300], ['hard-cheese', 100]], 1000, [25, 70, 24], ['oven'], 'Line a tin with pastry, bake blind, fill, bake, cool, cut.'],
  'pizza-bites': [[['flour', 300], ['yeast', 5], ['chopped-tomatoes', 150], ['mozzarella-pearls', 150], [oil, 20], [salt, 5]], 620, [25, 75, 8], ['oven'], 'Let the dough rise an hour, shape small, top, bake hot. Hot cheese burns.'],
  'small-sandwiches': [[['white-bread', 500], ['eggs', 330], ['mayonnaise', 80], ['cress', 30]], 900, [25, 20, 4], ['hob'], 'Boil the eggs, chop with mayonnaise, fill, cut, cover with a damp cloth.'],
  'cucumber-boats': [[['cucumber', 500], ['cream-cheese', 200], ['chives', 8]], 650, [15, 0, 4], [], 'Hollow, dry, fill, strew.'],
  'socca-crisps': [[['gf-chickpea-flour', 200], [oil, 40], ['rosemary', 4], [salt, 4], ['staple-water', 300]], 240, [15, 25, 48], ['oven'], 'Spread thin, bake, break, dry in the oven.'],
  'potato-rounds': [[['small-potatoes', 800], [oil, 30], [salt, 4]], 520, [12, 30, 8], ['oven'], 'Slice, roast on one layer, turn once.'],
  'polenta-crisps': [[['gf-polenta', 200], [oil, 30], [salt, 4], ['staple-water', 700]], 300, [15, 70, 24], ['oven', 'hob'], 'Cook, spread thin, cool, cut, bake crisp.'],
  'kale-crisps': [[['kale', 300], [oil, 20], [salt, 3]], 110, [10, 20, 24], ['oven'], 'Dry well, oil, bake at 140 °C on one layer.'],
  'flax-crackers': [[['staple-flax', 150], ['pumpkin-seeds', 80], ['staple-water', 200], [salt, 4]], 240, [10, 75, 96], ['oven'], 'Let it swell, spread thin, bake dry, break.'],
  'almond-crackers': [[['ground-almonds', 200], ['eggs', 55], ['rosemary', 4], [salt, 3]], 230, [15, 15, 72], ['oven'], 'Roll between papers, cut, bake, cool.'],
  'parmesan-crisps': [[['parmigiano', 220]], 160, [8, 15, 24], ['oven'], 'Grate in heaps, bake until golden. Hot cheese burns.'],
  'home-flatbread': [[['flour', 500], ['yeast', 5], [oil, 25], [salt, 9], ['staple-water', 310]], 720, [25, 75, 8], ['hob'], 'Knead, let it rise, roll thin, bake in a dry pan, keep under a cloth, cut.'],
  'small-scones': [[['flour', 300], ['plain-butter', 75], ['staple-sugar', 30], ['baking-powder', 15], ['milk', 160], [salt, 3]], 560, [15, 12, 12], ['oven'], 'Rub in the butter, stir in the milk, pat flat, cut rounds, bake at 220 °C until golden.'],
  'home-rolls': [[['flour', 500], ['yeast', 7], ['staple-sunflower-oil', 30], [salt, 9], ['staple-water', 300]], 740, [20, 100, 12], ['oven'], 'Knead, let it rise, shape, rise again, bake.'],
  'home-crackers': [[['flour', 300], [oil, 60], ['rosemary', 4], [salt, 6], ['staple-water', 110]], 370, [20, 20, 96], ['oven'], 'Roll thin, cut, prick, bake crisp, cool on a rack.'],
  'small-pancakes': [[['flour', 250], ['milk', 300], ['eggs', 110], ['plain-butter', 40]], 600, [30, 0, 12], ['hob'], 'Bake small, stack with paper between.'],
  'fruit-skewers': [[['melon', 400], ['strawberries', 250], ['green-grapes', 200], ['blueberries', 125]], 800, [25, 0, 4], [], 'Cut, thread on blunt sticks, keep cold.'],
  'grilled-aubergine': [[['aubergines', 700], [oil, 40], [salt, 4]], 480, [20, 15, 48], ['hob'], 'Slice long, grill, roll when cold.'],
  'blistered-peppers': [[['green-peppers', 400], [oil, 20], [salt, 4]], 360, [8, 5, 8], ['hob'], 'Blister in a hot pan, salt.'],
  'sweet-potato': [[['sweet-potatoes', 800], [oil, 30], [salt, 4]], 560, [10, 30, 8], ['oven'], 'Cut fingers, roast on one layer.'],
  'pink-onions': [[['staple-red-onion', 300], ['staple-spirit-vinegar', 120], ['staple-sugar', 20], [salt, 6]], 320, [8, 60, 168], ['hob'], 'Slice thin, cover with hot vinegar, cool, keep cold.'],
  'salted-popcorn': [[['staple-popping-maize', 100], ['staple-sunflower-oil', 25], [salt, 3]], 120, [6, 0, 24], ['hob'], 'Heat the oil under a lid, pop the maize, salt it at once. Hot oil burns; lift the lid away from you.'],
  'roast-chickpeas': [[['staple-chickpeas', 480], [oil, 15], ['staple-paprika', 3], [salt, 4]], 230, [5, 40, 24], ['oven'], 'Dry well, toss, roast at 200 °C.'],
  'hummus-home': [[['staple-chickpeas', 480], ['sesame-paste', 80], [lemon, 40], [garlic, 5], [oil, 30]], 620, [10, 0, 48], ['blender'], 'Blend long, with a little cold water, until smooth. Keep it cold.'],
  'beet-dip': [[['roast-beetroot', 300], ['staple-white-beans', 240], [lemon, 25], [oil, 25]], 560, [10, 0, 48], ['blender'], 'Blend smooth.'],
  'edamame-dip': [[['edamame', 450], ['staple-sunflower-oil', 40], [lemon, 30], [salt, 2]], 520, [10, 0, 48], ['blender'], 'Thaw or cook, drain, blend smooth.'],
  'herb-bean-dip': [[['staple-white-beans', 480], ['basil', 20], [oil, 30], [lemon, 30]], 550, [10, 0, 48], ['blender'], 'Blend smooth. Raw herbs under oil stay cold.'],
  tzatziki: [[['staple-yoghurt', 400], ['cucumber', 200], [garlic, 4], ['dill', 6]], 560, [10, 20, 24], [], 'Grate and drain the cucumber, stir, chill.'],
  guacamole: [[['avocado', 600], ['staple-lime', 40], ['staple-chilli', 4]], 430, [8, 0, 2], [], 'Mash with lime at the last moment, cover the surface.'],
  'apple-butter': [[['apples', 700], ['medjool-dates', 100], ['staple-cinnamon', 2], [lemon, 20]], 450, [12, 60, 168], ['hob', 'blender'], 'Simmer soft, blend, cook down.'],
  'hummus-no-sesame': [[['staple-chickpeas', 480], [oil, 40], [lemon, 40], ['staple-cumin', 3]], 550, [10, 0, 48], ['blender'], 'Blend long, with a little cold water, until smooth.'],
  'baba-ganoush': [[['aubergines', 800], ['sesame-paste', 60], [lemon, 30], [garlic, 4]], 520, [12, 45, 48], ['oven'], 'Roast until black and soft, drain, scrape out, mash with the rest.'],
  'walnut-pepper-dip': [[['pepper-strips', 450], ['walnuts', 120], ['breadcrumbs', 40], ['pomegranate-syrup', 25]], 480, [12, 30, 72], ['oven', 'blender'], 'Roast and peel the peppers, blend with the rest.'],
  romesco: [[['tomatoes', 400], ['almonds', 80], ['pepper-strips', 200], [garlic, 6], ['sherry-vinegar', 15], [oil, 50]], 520, [12, 35, 72], ['oven', 'blender'], 'Roast tomatoes and peppers, blend with the rest.'],
  'whipped-feta': [[['feta', 200], ['staple-yoghurt', 120], [oil, 20]], 330, [6, 0, 48], ['blender'], 'Blend cold until smooth.'],
  'chive-cream': [[['soured-cream', 400], ['chives', 15], [salt, 3]], 410, [5, 0, 48], [], 'Stir.'],
  aioli: [[['eggs', 40], ['staple-sunflower-oil', 200], [garlic, 6], [lemon, 15]], 250, [10, 0, 12], [], 'Whisk the oil in by drops. Raw egg: not for small children, pregnant, old or ill guests; keep it cold and eat it the same day.'],
  'tomato-salsa': [[['tomatoes', 500], ['onion', 60], ['fresh-coriander', 12], ['staple-lime', 30], ['staple-chilli', 4]], 520, [12, 15, 8], [], 'Seed and dice, dress, drain before it is served.'],
  'vegan-pesto': [[['basil', 60], ['pumpkin-seeds', 60], [oil, 90], [lemon, 15], [garlic, 4]], 225, [10, 0, 48], ['blender'], 'Blend. Raw garlic and herbs under oil stay cold and are eaten within four days.'],
  'pine-nut-pesto': [[['basil', 60], ['pine-nuts', 50], ['parmigiano', 50], [oil, 90], [garlic, 4]], 250, [10, 0, 48], ['blender'], 'Blend. Raw garlic and herbs under oil stay cold and are eaten within four days.'],
  'chia-berry-jam': [[['raspberries', 400], ['staple-chia', 30], ['staple-erythritol', 50]], 420, [8, 60, 120], ['hob'], 'Simmer the berries, stir in the chia, cool.'],
  butter: [[['plain-butter', 250], [salt, 3]], 250, [4, 0, 48], [], 'Soften, salt, shape.'],
  'mushroom-pate': [[['raw-mushrooms', 400], ['lentils', 240], ['onion', 60], ['thyme', 3], [oil, 20]], 480, [15, 30, 48], ['hob', 'blender'], 'Fry dry, blend, chill.'],
  'egg-salad': [[['eggs', 440], ['mayonnaise', 90], ['cress', 20]], 500, [12, 20, 24], ['hob'], 'Boil, cool, chop, dress, chill.'],
  tahini: [[['sesame-paste', 200], [lemon, 40], ['staple-water', 80], [garlic, 3]], 310, [5, 0, 48], [], 'Stir with lemon and water until pale.'],
  'chocolate-ganache': [[['dark-chocolate', 200], ['cream', 200]], 390, [8, 30, 48], ['hob'], 'Warm the cream, pour over, stir, let it set soft.'],
  'coconut-cream': [[['coconut-milk', 400], ['icing-sugar', 25], ['vanilla', 2]], 330, [8, 240, 24], [], 'Chill the tin, whip the firm part.'],
  'vanilla-yoghurt-dip': [[['staple-yoghurt', 400], ['staple-sugar', 25], ['vanilla', 2]], 420, [5, 0, 24], [], 'Stir.'],
  'berry-compote': [[['raspberries', 250], ['blackberries', 250], ['staple-sugar', 60]], 480, [8, 40, 96], ['hob'], 'Simmer a few minutes, cool.'],
  'apple-compote': [[['apples', 700], [lemon, 20]], 520, [12, 40, 96], ['hob'], 'Simmer soft, mash, cool.'],
  'herb-butter': [[['plain-butter', 250], ['chives', 10], ['parsley', 8], [salt, 3]], 265, [6, 0, 72], [], 'Soften, stir in, shape, chill.'],
  'bean-pate': [[['kidney-beans', 480], ['walnuts', 80], ['onion', 60], ['thyme', 3], [oil, 25]], 560, [12, 30, 48], ['hob', 'blender'], 'Soften the onion, blend all, chill.'],
  'date-oat-balls': [[['medjool-dates', 300], ['sunflower-seeds', 120], ['cocoa', 25]], 440, [20, 30, 96], ['blender'], 'Chop, roll small, chill.'],
  'brownie-bites': [[['dark-chocolate', 200], ['plain-butter', 150], ['eggs', 220], ['staple-sugar', 200], ['flour', 100]], 800, [20, 45, 48], ['oven'], 'Melt, fold, bake, cool, cut.'],
  'nut-free-brownies': [[['free-from-chocolate', 200], ['plain-butter', 150], ['eggs', 220], ['staple-sugar', 200], ['flour', 100]], 800, [20, 45, 48], ['oven'], 'Melt, fold, bake, cool, cut.'],
  'chocolate-strawberries': [[['strawberries', 500], ['vegan-dark-chocolate', 150]], 620, [20, 30, 6], ['hob'], 'Wash and dry well, melt, dip, set on paper.'],
};

/** Recipes of the larder that want more than a bowl and a spoon. */
export const RECIPE_USES: Readonly<Record<Equipment, string>> = {
  oven: `marinated-peppers spiced-almonds spiced-seeds spiced-chickpeas carrot-dip carrot-lox coconut-bacon seed-crisps
    rice-sesame-crisps buckwheat-thins chickpea-thins gouda-crisps`,
  hob: `marinated-olives marinated-mushrooms-home candied-walnuts candied-seeds keto-pecans candied-orange thyme-honey
    chilli-honey rosemary-maple chilli-maple basil-oil dipped-apricots dipped-figs dipped-mandarins seed-bark dipped-banana
    quick-radishes quick-carrots quick-cauliflower quick-fennel pickled-grapes pickled-beans lentil-pate
    mushroom-seed-pate raspberry-jam-keto strawberry-jam-keto blackberry-jam-keto apricot-jam-keto`,
  blender: `basil-oil lemon-bean-dip seed-pesto olive-spread carrot-dip lentil-pate mushroom-seed-pate almond-ricotta
    seed-cream-cheese cashew-herb-round`,
  freezer: '',
  fridge: '',
};

/** Foods that stand in the cold while they do themselves: they take a shelf of the fridge as long as that is. */
export const CHILLED: ReadonlySet<string> = new Set(
  `sunflower-round tofu-feta herb-tofu fresh-cheese-wraps hummus-wraps pink-onions mushroom-pate chocolate-ganache coconut-cream
    bean-pate date-oat-balls home-marinated-feta home-marinated-mozzarella home-marinated-beans home-lentil-pate
    home-mushroom-seed-pate home-almond-ricotta home-seed-cream-cheese home-cashew-herb-round home-tofu-brick-feta
    home-tofu-egg-salad`.split(/\s+/),
);

/** Minutes that the oven or the freezer is taken, where it is not the usual time. */
export const ON_MIN: Readonly<Record<string, number>> = {
  'roast-chicken': 80, 'flax-crackers': 70, 'home-seed-crisps': 60, 'home-rolls': 20, 'pizza-bites': 15,
};
