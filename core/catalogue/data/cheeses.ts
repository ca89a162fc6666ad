import type { Entry } from '../entry.js';

/**
 * Rennet: as the protected specification or common label practice says; "depends" where makers differ.
 * Figures: public food composition data, rounded; salt as on common labels.
 */
const cubes = (g = 6) => ['cubes', 'cube', g, 18, 18] as const;
const strips = ['thin-strips', 'strip', 3, 42, 7] as const;
const grated = ['grated', 'shred', 2, 22, 14] as const;

export const cheeses: Entry[] = [
  {
    id: 'brie', kcal: 334, process: 'mould-ripened', name: 'Brie', also: ['white-rind soft cheese'], is: 'plain-cheese', rennet: 'depends', milkTreatment: 'depends',
    per100: [20, 29, 0.5, 0, 1.5], hold: 'perishable', temper: 45, taste: { salt: 2, richness: 4, strength: 2, sour: 1 }, texture: 'soft', milk: 'cow',
    colours: ['#fbf6e6', '#e9dfc4', '#f7e7b0'], forms: [['wheel', 'wheel', 250, 110, 110], ['wedge', 'wedge', 200, 120, 74], ['thin-strips', 'strip', 4, 44, 9]], packs: [[250, 420]],
  },
  {
    id: 'camembert', kcal: 297, process: 'mould-ripened', name: 'Camembert', is: 'plain-cheese', rennet: 'depends', milkTreatment: 'depends',
    per100: [21, 24, 0.4, 0, 1.6], hold: 'perishable', temper: 45, taste: { salt: 2, richness: 4, strength: 3, bitter: 1 }, texture: 'soft', milk: 'cow',
    colours: ['#f7efdb', '#dcc9a0', '#f3e0a4'], forms: [['wheel', 'wheel', 250, 110, 110], ['wedge', 'wedge', 125, 92, 62], ['thin-strips', 'strip', 4, 44, 9]], packs: [[250, 390]],
  },
  {
    id: 'goat-log', kcal: 268, name: 'Fresh goat log', also: ['chèvre', 'goat cheese'], is: 'plain-cheese', rennet: 'depends', milkTreatment: 'pasteurised',
    per100: [18, 21, 1.5, 0, 1.1], hold: 'perishable', temper: 30, taste: { salt: 2, sour: 3, richness: 3, strength: 3 }, texture: 'crumbly', milk: 'goat',
    colours: ['#fdf9ee', '#efe6cf', '#f8f1df'], forms: [['log', 'log', 150, 112, 50], ['slices', 'round-slice', 10, 42, 42, { g: 1.7 }], ['smeared', 'smear', 15, 60, 42]], packs: [[150, 340], [200, 420]],
  },
  {
    id: 'blue-wedge', kcal: 355, process: 'soft-blue', name: 'Creamy blue', also: ['blue cheese'], base: 'blue cheese', is: 'plain-cheese', rennet: 'depends', milkTreatment: 'pasteurised', allergens: { gluten: 'brand' },
    per100: [19, 31, 0.6, 0, 2.8], hold: 'perishable', temper: 45, taste: { salt: 4, richness: 4, strength: 5, bitter: 1 }, texture: 'creamy', milk: 'cow',
    colours: ['#f6efd9', '#d9cba0', '#5f7c8c'], forms: [['wedge', 'wedge', 200, 118, 74], ['chunks', 'chunk', 8, 22, 19]], packs: [[200, 460]],
  },
  {
    id: 'gorgonzola', kcal: 320, process: 'soft-blue', name: 'Gorgonzola', base: 'blue cheese', is: 'plain-cheese', rennet: 'animal', milkTreatment: 'pasteurised',
    per100: [19, 27, 0.5, 0, 1.8], hold: 'perishable', temper: 45, taste: { salt: 3, richness: 4, strength: 4, sweet: 1 }, texture: 'creamy', milk: 'cow',
    colours: ['#f8f0d8', '#d8c79b', '#6b8a86'], forms: [['wedge', 'wedge', 200, 118, 74], ['chunks', 'chunk', 8, 22, 19]], packs: [[200, 440]],
  },
  {
    id: 'aged-gouda', kcal: 410, name: 'Aged gouda', is: 'plain-cheese', rennet: 'depends', milkTreatment: 'pasteurised', allergens: { egg: 'brand' }, animal: { egg: 'brand' },
    per100: [27, 34, 0, 0, 2], temper: 60, taste: { salt: 3, sweet: 2, richness: 4, strength: 4 }, texture: 'hard', milk: 'cow',
    colours: ['#e9b44f', '#c27f2c', '#f3ca72'], forms: [['wedge', 'wedge', 250, 126, 78], ['chunks', 'chunk', 7, 21, 17], grated, strips], packs: [[250, 520]],
  },
  {
    id: 'young-gouda', kcal: 365, name: 'Young gouda, microbial rennet', also: ['mild gouda'], base: 'gouda', is: 'plain-cheese', rennet: 'microbial', milkTreatment: 'pasteurised', allergens: { egg: 'brand' }, animal: { egg: 'brand' },
    per100: [23, 31, 0, 0, 1.9], temper: 30, taste: { salt: 2, richness: 3, strength: 1, sweet: 1 }, texture: 'semi-firm', milk: 'cow',
    colours: ['#f3d27a', '#e1b552', '#f9e3a1'], forms: [cubes(), ['slices', 'square-cracker', 12, 52, 46, { g: 1.5 }], strips, grated], packs: [[200, 260], [400, 470]],
  },
  {
    id: 'mature-cheddar', kcal: 410, name: 'Mature cheddar, vegetarian', also: ['cheddar'], base: 'cheddar', is: 'plain-cheese', rennet: 'microbial', milkTreatment: 'pasteurised',
    per100: [25, 34, 0.1, 0, 1.8], temper: 45, taste: { salt: 3, sour: 2, richness: 4, strength: 3 }, texture: 'firm', milk: 'cow',
    colours: ['#eeb75a', '#d9983c', '#f7cf83'], forms: [cubes(7), ['wedge', 'wedge', 220, 118, 76], strips, grated], packs: [[200, 290], [350, 470]],
  },
  {
    id: 'manchego', kcal: 400, name: 'Manchego', is: 'plain-cheese', rennet: 'depends', milkTreatment: 'depends', allergens: { egg: 'brand' }, animal: { egg: 'brand' },
    per100: [26, 33, 0.5, 0, 1.8], temper: 45, taste: { salt: 3, richness: 4, strength: 3, sour: 1 }, texture: 'firm', milk: 'sheep',
    colours: ['#f4e2b4', '#5e4a35', '#fbf0cf'], forms: [['slices', 'fan-slice', 9, 62, 40, { g: 1.6 }], ['wedge', 'wedge', 200, 112, 70], strips], packs: [[200, 480]],
  },
  {
    id: 'parmigiano', kcal: 392, name: 'Parmigiano Reggiano', also: ['parmesan'], is: 'plain-cheese', rennet: 'animal', milkTreatment: 'raw',
    per100: [33, 29, 0, 0, 1.6], temper: 60, taste: { salt: 4, sweet: 1, richness: 4, strength: 4 }, texture: 'hard', milk: 'cow',
    colours: ['#f2dca0', '#c8a05a', '#f9ebc0'], forms: [['chunks', 'chunk', 8, 23, 18], ['wedge', 'wedge', 250, 122, 76], grated], packs: [[200, 520]],
  },
  {
    id: 'grana-padano', kcal: 385, name: 'Grana Padano', is: 'plain-cheese', rennet: 'animal', milkTreatment: 'raw', allergens: { egg: 'contains' }, animal: { egg: 'contains' }, of: ['milk', 'salt', 'animal rennet', 'lysozyme from egg'],
    per100: [33, 28, 0, 0, 1.5], temper: 60, taste: { salt: 4, richness: 4, strength: 3 }, texture: 'hard', milk: 'cow',
    colours: ['#f1dda6', '#c79f5c', '#f8ebc2'], forms: [['chunks', 'chunk', 8, 23, 18], grated], packs: [[200, 430]],
  },
  {
    id: 'gruyere', kcal: 405, name: 'Gruyère', is: 'plain-cheese', rennet: 'animal', milkTreatment: 'raw',
    per100: [27, 33, 0, 0, 1.5], temper: 45, taste: { salt: 3, sweet: 1, richness: 4, strength: 3 }, texture: 'firm', milk: 'cow',
    colours: ['#f2d88e', '#b98a4a', '#f8e6b0'], forms: [['slices', 'fan-slice', 10, 60, 42, { g: 1.6 }], ['wedge', 'wedge', 220, 120, 74], cubes(), strips], packs: [[200, 440]],
  },
  {
    id: 'mozzarella-pearls', kcal: 230, name: 'Mozzarella pearls', is: 'plain-cheese', rennet: 'depends', milkTreatment: 'pasteurised',
    per100: [17, 17, 1.5, 0, 0.5], hold: 'perishable', temper: 20, taste: { salt: 1, richness: 2, strength: 1, sour: 1 }, texture: 'soft', milk: 'cow', weeps: true,
    colours: ['#fefdf6', '#ece6d4', '#ffffff'], forms: [['balls', 'ball', 8, 24, 24, { g: 2 }], ['quartered', 'quarter', 2, 18, 12]], packs: [[150, 190]],
  },
  {
    id: 'feta', kcal: 270, name: 'Feta', is: 'plain-cheese', rennet: 'depends', milkTreatment: 'depends',
    per100: [16, 23, 0.7, 0, 2.6], hold: 'perishable', temper: 20, taste: { salt: 4, sour: 3, richness: 3, strength: 3 }, texture: 'crumbly', milk: 'sheep', weeps: true,
    colours: ['#fdfbf2', '#eae4d2', '#ffffff'], forms: [cubes(7), ['chopped', 'bit', 2, 14, 11]], packs: [[200, 280]],
  },
  {
    id: 'halloumi', kcal: 320, name: 'Grilled halloumi', is: 'plain-cheese', rennet: 'depends', milkTreatment: 'pasteurised',
    per100: [22, 25, 2, 0, 2.8], hold: 'perishable', temper: 0, taste: { salt: 4, richness: 3, strength: 2, smoke: 1 }, texture: 'chewy', milk: 'sheep',
    colours: ['#f4e3b8', '#b9763a', '#fbf1d4'], forms: [['slices', 'fan-slice', 14, 60, 34, { g: 1.8 }], ['thin-strips', 'strip', 4, 42, 8]], packs: [[225, 330]],
  },
  {
    id: 'smoked-cheese', kcal: 345, name: 'Beech-smoked cheese', also: ['smoked gouda'], is: 'plain-cheese', rennet: 'depends', milkTreatment: 'pasteurised',
    per100: [23, 28, 0.5, 0, 2], temper: 30, taste: { salt: 3, smoke: 4, richness: 3, strength: 2 }, texture: 'semi-firm', milk: 'cow',
    colours: ['#f4dca0', '#a5652a', '#f9e8bb'], forms: [['slices', 'round-slice', 9, 46, 46, { g: 1.6 }], cubes(), strips], packs: [[200, 310]],
  },
  {
    id: 'coconut-block', kcal: 290, name: 'Plant block on coconut oil', also: ['vegan cheese'], base: 'plant cheese', is: 'bought', of: ['coconut oil', 'starch', 'salt'], nuts: { coconut: 'contains' },
    allergens: { milk: 'brand' }, animal: { 'animal-fat': 'free', honey: 'free', egg: 'free', milk: 'free', fish: 'free', insects: 'free' },
    per100: [0.5, 23, 20, 0.5, 1.9], temper: 20, taste: { salt: 3, richness: 3, strength: 1 }, texture: 'semi-firm', milk: 'plant',
    colours: ['#f7e6b0', '#e7cf8a', '#fbf0cb'], forms: [cubes(6), ['slices', 'square-cracker', 12, 52, 46, { g: 1.5 }], strips], packs: [[200, 330]],
  },
  {
    id: 'cashew-round', kcal: 395, name: 'Cashew round with herbs', also: ['vegan soft cheese', 'nut cheese'], base: 'plant cheese', is: 'bought', of: ['cashew', 'cultures', 'salt', 'herbs'],
    allergens: { 'tree-nuts': 'contains', milk: 'brand' }, nuts: { cashew: 'contains' }, animal: { 'animal-fat': 'free', honey: 'free', egg: 'free', milk: 'free', fish: 'free', insects: 'free' },
    per100: [14, 32, 13, 3, 1.3], hold: 'perishable', temper: 20, taste: { salt: 2, sour: 2, richness: 4, strength: 2 }, texture: 'soft', milk: 'plant',
    colours: ['#f4ecd6', '#7d8f57', '#faf5e6'], forms: [['wheel', 'wheel', 140, 82, 82], ['smeared', 'smear', 15, 60, 42]], packs: [[140, 620]],
  },
  {
    id: 'sunflower-round', kcal: 365, has: ['seeds', 'onion'], name: 'Sunflower-seed round with chives', also: ['vegan soft cheese', 'home-made plant cheese'], base: 'plant cheese', is: 'home-made', of: ['sunflower seeds', 'lemon juice', 'salt', 'chives'],
    per100: [14, 30, 8, 6, 1.1], hold: 'perishable', temper: 20, taste: { salt: 2, sour: 2, richness: 3, strength: 2 }, texture: 'soft', milk: 'plant',
    colours: ['#efe9d2', '#6f8f4a', '#f8f4e2'], forms: [['wheel', 'wheel', 200, 96, 96], ['smeared', 'smear', 15, 60, 42]], packs: [[200, 240]],
  },
];
