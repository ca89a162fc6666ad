import type { Entry } from '../entry.js';

/** Mass and price of a pack, and per 100 g: kcal, protein, fat, net carbohydrate, fibre, salt, polyols. */
type Row = readonly [
  id: string,
  name: string,
  pack: readonly [number, number],
  kcal: number,
  per100: Entry['per100'],
  other?: Partial<Entry>,
];

/** What a kitchen has beside the larder, for recipes. One food each, but where the row says that a label decides. */
const ROWS: readonly Row[] = [
  ['olive-oil', 'olive oil', [500, 650], 884, [0, 100, 0, 0, 0]],
  ['sunflower-oil', 'sunflower oil', [1000, 260], 884, [0, 100, 0, 0, 0]],
  ['sugar', 'sugar', [1000, 140], 400, [0, 0, 100, 0, 0]],
  ['erythritol', 'erythritol', [500, 650], 20, [0, 0, 100, 0, 0, 100]],
  ['salt', 'salt', [500, 60], 0, [0, 0, 0, 0, 99]],
  ['spirit-vinegar', 'spirit vinegar', [500, 90], 18, [0, 0, 0.6, 0, 0]],
  ['cider-vinegar', 'cider vinegar', [500, 190], 21, [0, 0, 0.9, 0, 0], { allergens: { sulphites: 'brand' } }],
  ['lemon', 'lemon', [120, 50], 29, [1.1, 0.3, 6, 2.8, 0]],
  ['lime', 'lime', [70, 45], 30, [0.7, 0.2, 7, 2.8, 0]],
  ['water', 'water', [1000, 0], 0, [0, 0, 0, 0, 0]],
  ['garlic-clove', 'garlic', [60, 60], 149, [6.4, 0.5, 31, 2.1, 0], { has: ['garlic'] }],
  ['red-onion', 'red onion', [500, 110], 40, [1.1, 0.1, 7.6, 1.7, 0], { has: ['onion'] }],
  ['chilli', 'chilli', [50, 90], 40, [1.9, 0.4, 7.3, 1.5, 0]],
  ['paprika', 'smoked paprika', [50, 240], 282, [14, 13, 19, 35, 0.1]],
  ['pepper', 'black pepper', [50, 220], 251, [10, 3.3, 39, 25, 0]],
  ['cumin', 'cumin', [50, 190], 375, [18, 22, 34, 11, 0.4], { has: ['seeds'] }],
  ['cinnamon', 'cinnamon', [40, 180], 247, [4, 1.2, 27, 53, 0]],
  ['mustard-seed', 'mustard seed', [100, 190], 508, [26, 36, 16, 12, 0], { allergens: { mustard: 'contains' }, has: ['seeds'] }],
  ['white-beans', 'white beans, cooked', [240, 90], 110, [7.5, 0.5, 15, 6.5, 0]],
  ['chickpeas', 'chickpeas, cooked', [240, 90], 139, [7, 2.6, 18, 6.5, 0]],
  ['red-lentils', 'red lentils, cooked', [500, 190], 102, [7.6, 0.5, 15, 4, 0]],
  ['soy-tofu', 'plain tofu', [250, 210], 120, [12.5, 7, 1.5, 1, 0], { allergens: { soy: 'contains' } }],
  ['carrot', 'carrot', [1000, 120], 38, [0.8, 0.2, 7, 2.9, 0.1], { has: ['root'] }],
  ['tamari-sauce', 'soy sauce without wheat', [150, 320], 66, [10, 0, 6, 0.5, 16], { allergens: { soy: 'contains', gluten: 'brand' }, alcohol: 'brand' }],
  ['yeast-flakes', 'yeast flakes', [100, 390], 345, [45, 5, 20, 22, 0.2], { allergens: { gluten: 'brand' } }],
  ['yoghurt', 'plain yoghurt', [500, 180], 68, [4, 3.8, 4.5, 0, 0.1], { allergens: { milk: 'contains' }, animal: { milk: 'contains' }, milkTreatment: 'pasteurised', lactose: 'contains' }],
  ['chia', 'chia seeds', [250, 330], 444, [17, 31, 8, 34, 0], { has: ['seeds'] }],
  ['flax', 'flax seeds', [250, 220], 518, [18, 42, 2, 27, 0.1], { has: ['seeds'] }],
  ['sesame', 'sesame', [250, 260], 610, [18, 50, 12, 12, 0], { allergens: { sesame: 'contains' }, has: ['seeds'] }],
  ['chickpea-flour', 'chickpea flour', [500, 260], 375, [22, 6.5, 47, 11, 0.1], { allergens: { gluten: 'brand' } }],
  ['rice-flour', 'rice flour', [500, 190], 360, [6, 1.4, 78, 2.4, 0], { allergens: { gluten: 'brand' } }],
  ['buckwheat-flour', 'buckwheat flour', [500, 290], 346, [12, 3, 63, 10, 0], { allergens: { gluten: 'brand' } }],
  ['nori', 'nori', [25, 320], 310, [41, 3.5, 12, 36, 3], { allergens: { crustaceans: 'brand', molluscs: 'brand', fish: 'brand' } }],
  ['orange', 'orange', [200, 60], 50, [0.9, 0.2, 9.3, 2.2, 0], { animal: { insects: 'brand', beeswax: 'brand' } }],
  ['maple', 'maple syrup', [250, 590], 268, [0, 0, 67, 0, 0]],
];

export const STAPLE_ROWS: readonly Entry[] = ROWS.map(([id, name, pack, kcal, per100, other]) => ({
  id: `staple-${id}`,
  name,
  is: 'plant',
  kcal,
  per100,
  taste: {},
  texture: 'firm',
  colours: ['#d9c9a5', '#b59f72', '#efe4c8'],
  forms: [['bowl', 'bowl', 100, 88, 88]],
  packs: [pack],
  ...other,
}));
