import type { Entry } from '../entry.js';

export const vehicles: Entry[] = [
  {
    id: 'water-crackers', kcal: 420, name: 'Wheat crackers', also: ['water biscuits'], is: 'bought', allergens: { gluten: 'contains' },
    per100: [10, 9, 72, 3, 1.4], taste: { salt: 2 }, texture: 'crunchy', colours: ['#efcf8f', '#d1a052', '#f8e4b6'], sheds: ['crumbs'],
    forms: [['fan', 'square-cracker', 5, 52, 46]], packs: [[125, 140], [250, 240]],
  },
  {
    id: 'seed-crackers', kcal: 430, has: ['seeds'], name: 'Rye and seed crispbread', is: 'bought', allergens: { gluten: 'contains', sesame: 'contains' },
    per100: [13, 17, 50, 14, 1.3], taste: { salt: 2, bitter: 1 }, texture: 'crunchy', colours: ['#a9764a', '#6b4222', '#d1a473'], sheds: ['crumbs', 'seeds'],
    forms: [['fan', 'round-cracker', 6, 52, 52]], packs: [[150, 260]],
  },
  {
    id: 'baguette-toasts', kcal: 390, name: 'Baguette toasts', also: ['crostini'], is: 'bought', allergens: { gluten: 'contains' }, of: ['wheat flour', 'yeast', 'salt', 'olive oil'],
    per100: [11, 8, 66, 4, 1.5], taste: { salt: 2 }, texture: 'crunchy', colours: ['#f6e3bb', '#c8904a', '#e9c88a'], sheds: ['crumbs'],
    forms: [['fan', 'toast', 7, 62, 44]], packs: [[150, 180]],
  },
  {
    id: 'breadsticks', kcal: 405, name: 'Breadsticks', also: ['grissini'], is: 'bought', allergens: { gluten: 'contains' },
    per100: [12, 8, 68, 4, 1.8], taste: { salt: 2 }, texture: 'crunchy', colours: ['#e3b873', '#b98443', '#f2d7a1'], sheds: ['crumbs'],
    forms: [['sticks', 'breadstick', 6, 150, 10, { g: 0.8 }]], packs: [[125, 150]],
  },
  {
    id: 'oatcakes', kcal: 440, name: 'Oatcakes', is: 'bought', oats: 'uncertified', allergens: { gluten: 'brand' },
    per100: [11, 18, 54, 9, 1.4], taste: { salt: 2, sweet: 1 }, texture: 'crunchy', colours: ['#c9a06a', '#966c3a', '#e2c396'], sheds: ['crumbs'],
    forms: [['fan', 'round-cracker', 10, 56, 56, { g: 1.2 }]], packs: [[200, 210]],
  },
  {
    id: 'buckwheat-crisps', kcal: 375, name: 'Buckwheat crispbread, labelled gluten-free', also: ['gluten-free crackers'], base: 'buckwheat', is: 'bought', of: ['buckwheat flour', 'salt'], allergens: { gluten: 'free' }, animal: { 'animal-fat': 'free', honey: 'free', egg: 'free', milk: 'free', fish: 'free', insects: 'free' },
    per100: [12, 3, 72, 4, 1], taste: { salt: 1, bitter: 1 }, texture: 'crunchy', colours: ['#b8946a', '#86653f', '#d6ba94'], sheds: ['crumbs'],
    forms: [['fan', 'square-cracker', 5, 56, 42]], packs: [[150, 290]],
  },
  {
    id: 'corn-crackers', kcal: 425, name: 'Corn crackers, labelled gluten-free', base: 'maize', is: 'bought', of: ['maize', 'sunflower oil', 'salt'], allergens: { gluten: 'free' }, animal: { 'animal-fat': 'free', honey: 'free', egg: 'free', milk: 'brand', fish: 'free', insects: 'free' },
    per100: [7, 10, 74, 4, 1.2], taste: { salt: 2, sweet: 1 }, texture: 'crunchy', colours: ['#f5cf5c', '#d8a530', '#fbe59a'], sheds: ['crumbs'],
    forms: [['fan', 'round-cracker', 4.5, 46, 46]], packs: [[120, 270]],
  },
  {
    id: 'rice-crackers', kcal: 390, name: 'Plain rice crackers', is: 'bought', of: ['rice', 'sunflower oil', 'salt'], allergens: { gluten: 'free', soy: 'brand' }, animal: { 'animal-fat': 'free', honey: 'free', egg: 'free', milk: 'brand', fish: 'free', insects: 'free' },
    per100: [7, 3, 82, 2, 1.2], taste: { salt: 2 }, texture: 'crunchy', colours: ['#fbf4df', '#e2d0a2', '#ffffff'], sheds: ['crumbs'],
    forms: [['fan', 'round-cracker', 3.5, 46, 46, { g: 0.9 }]], packs: [[100, 160]],
  },
  {
    id: 'socca-crisps', kcal: 365, name: 'Socca crisps, home-made', also: ['chickpea crisps', 'farinata'], base: 'chickpea flour', is: 'home-made', of: ['chickpea flour labelled gluten-free', 'olive oil', 'rosemary', 'salt'],
    per100: [15, 14, 40, 8, 1.3], taste: { salt: 2, bitter: 1 }, texture: 'crunchy', colours: ['#e0ad4a', '#a9722a', '#f2cd7c'], sheds: ['crumbs'],
    forms: [['fan', 'toast', 7, 60, 44]], packs: [[240, 260]],
  },
  {
    id: 'potato-rounds', kcal: 160, has: ['root'], name: 'Roast potato rounds, home-made', also: ['potato slices'], base: 'potato', is: 'home-made', of: ['potato', 'olive oil', 'salt'], hold: 'perishable',
    per100: [2.5, 6, 22, 3, 0.7], taste: { salt: 2, richness: 1 }, texture: 'soft', colours: ['#f0cf7a', '#c38a35', '#f9e6ae'],
    forms: [['slices', 'coin', 12, 46, 46, { g: 1.4 }]], packs: [[500, 160]],
  },
  {
    id: 'beet-crisps', kcal: 495, has: ['root'], name: 'Beetroot crisps', also: ['vegetable crisps'], is: 'bought', of: ['beetroot', 'sunflower oil', 'salt'], allergens: { gluten: 'brand' }, animal: { 'animal-fat': 'free', honey: 'free', egg: 'free', milk: 'free', fish: 'free', insects: 'free' },
    per100: [7, 33, 38, 12, 1.2], taste: { salt: 2, sweet: 2, bitter: 1 }, texture: 'crunchy', colours: ['#8b2346', '#5e1230', '#b4496c'], sheds: ['crumbs'],
    forms: [['scatter', 'coin', 2, 38, 36, { g: 0.5, choke: 'hard' }]], packs: [[100, 230]],
  },
  {
    id: 'flatbread', kcal: 300, name: 'Soft flatbread strips', base: 'flatbread', is: 'bought', allergens: { gluten: 'contains' },
    per100: [9, 6, 50, 3, 1.2], taste: { salt: 1 }, texture: 'soft', colours: ['#f1dcae', '#c99b58', '#f9eccb'], sheds: ['flour', 'crumbs'],
    forms: [['sticks', 'stick', 12, 88, 20, { g: 0.8, choke: 'safe' }]], packs: [[320, 190]],
  },
];
