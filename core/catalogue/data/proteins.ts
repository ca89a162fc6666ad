import type { Entry } from '../entry.js';

/** Meat in one salted piece is "plain-meat"; anything minced and spiced is bought, so its label decides. */
export const meats: Entry[] = [
  {
    id: 'dry-cured-ham', kcal: 270, name: 'Dry-cured ham', also: ['prosciutto', 'air-dried ham'], is: 'plain-meat', of: ['pork leg', 'salt'], animal: { pork: 'contains' }, slaughter: 'needed', needs: ['halal'],
    per100: [27, 18, 0, 0, 5], hold: 'sweats', temper: 15, taste: { salt: 4, sweet: 1, richness: 3, strength: 3 }, texture: 'chewy',
    colours: ['#c9555c', '#f3cfc4', '#e08a84'], forms: [['ribbon', 'ribbon', 14, 62, 34], ['rose', 'rose', 60, 78, 78], ['chopped', 'bit', 1, 12, 9]], packs: [[100, 380], [200, 690]],
  },
  {
    id: 'salami', kcal: 415, name: 'Pork salami', also: ['saucisson'], is: 'bought-meat', animal: { pork: 'contains', milk: 'brand', gelatine: 'brand', insects: 'brand' }, alcohol: 'brand', slaughter: 'needed', gelatine: 'depends', needs: ['halal'],
    per100: [22, 36, 1, 0, 4.2], hold: 'sweats', temper: 15, taste: { salt: 4, sour: 1, richness: 4, strength: 3 }, texture: 'chewy',
    colours: ['#9c3038', '#c9616a', '#f0c9bf'], forms: [['quarter-folds', 'quarter-fold', 6, 42, 36], ['rose', 'rose', 60, 76, 76], ['half-moons', 'half-moon', 3, 44, 24], ['slices', 'round-slice', 5, 50, 50, { g: 1.1, choke: 'round' }]], packs: [[100, 240], [200, 420]],
  },
  {
    id: 'fennel-salami', kcal: 392, has: ['grape-product', 'seeds'], name: 'Fennel salami', is: 'bought-meat', animal: { pork: 'contains', milk: 'brand', gelatine: 'brand', insects: 'brand' }, alcohol: 'contains', of: ['pork', 'fennel seed', 'red wine'], slaughter: 'needed', gelatine: 'depends', needs: ['halal'], allergens: { sulphites: 'brand' },
    per100: [21, 34, 1, 0, 4], hold: 'sweats', temper: 15, taste: { salt: 4, sweet: 1, richness: 4, strength: 3 }, texture: 'chewy',
    colours: ['#a93f3f', '#cf7068', '#f4d6c8'], forms: [['quarter-folds', 'quarter-fold', 8, 48, 42], ['rose', 'rose', 60, 76, 76], ['half-moons', 'half-moon', 3, 44, 24]], packs: [[100, 310]],
  },
  {
    id: 'chorizo', kcal: 410, name: 'Chorizo', is: 'bought-meat', animal: { pork: 'contains', milk: 'brand', gelatine: 'brand', insects: 'brand' }, slaughter: 'needed', gelatine: 'depends', needs: ['halal'],
    per100: [23, 35, 2, 0, 4], hold: 'sweats', temper: 15, taste: { salt: 4, heat: 3, smoke: 3, richness: 4, strength: 4 }, texture: 'chewy',
    colours: ['#b3341f', '#8e2415', '#f0b18e'], forms: [['slices', 'round-slice', 5, 36, 36, { g: 1.2, choke: 'round' }], ['half-moons', 'half-moon', 3, 38, 20]], packs: [[100, 260], [225, 480]],
  },
  {
    id: 'bresaola', kcal: 155, name: 'Bresaola', also: ['air-dried beef'], is: 'plain-meat', of: ['beef', 'salt', 'spices'], allergens: { celery: 'brand', mustard: 'brand' }, animal: { beef: 'contains' }, slaughter: 'needed', needs: ['halal', 'kosher'],
    per100: [32, 3, 0.5, 0, 4], hold: 'sweats', temper: 15, taste: { salt: 4, richness: 1, strength: 3 }, texture: 'chewy',
    colours: ['#7c2430', '#5b161f', '#a64a50'], forms: [['ribbon', 'ribbon', 9, 52, 34], ['quarter-folds', 'quarter-fold', 6, 42, 36], ['chopped', 'bit', 1, 12, 9]], packs: [[80, 420], [160, 780]],
  },
  {
    id: 'beef-pastrami', kcal: 140, process: 'cooked-meat', name: 'Beef pastrami', also: ['peppered beef'], base: 'beef pastrami', is: 'bought-meat', animal: { beef: 'contains' }, alcohol: 'free', slaughter: 'needed', needs: ['halal'],
    per100: [22, 5, 1.5, 0, 2.4], hold: 'perishable', temper: 10, taste: { salt: 3, heat: 2, smoke: 2, richness: 2, strength: 3 }, texture: 'chewy',
    colours: ['#a34a4c', '#3f2a24', '#c87c74'], forms: [['ribbon', 'ribbon', 12, 58, 34], ['rose', 'rose', 60, 78, 78], ['thin-strips', 'strip', 3, 42, 8]], packs: [[150, 390]],
  },
  {
    id: 'turkey-breast', kcal: 107, process: 'cooked-meat', name: 'Smoked turkey breast', also: ['turkey slices'], base: 'turkey', is: 'bought-meat', animal: { poultry: 'contains' }, alcohol: 'free', slaughter: 'needed', needs: ['halal'],
    per100: [21, 2, 1, 0, 2], hold: 'perishable', temper: 10, taste: { salt: 2, smoke: 2, richness: 1, strength: 1 }, texture: 'soft',
    colours: ['#ecc6a4', '#c98d5c', '#f6dcc2'], forms: [['quarter-folds', 'quarter-fold', 12, 50, 44, { g: 1.1 }], ['ribbon', 'ribbon', 14, 58, 34], ['thin-strips', 'strip', 3, 42, 8]], packs: [[150, 320]],
  },
  {
    id: 'cooked-ham', kcal: 130, process: 'cooked-meat', name: 'Cooked ham', is: 'bought-meat', animal: { pork: 'contains', gelatine: 'brand', milk: 'brand' }, gelatine: 'depends', slaughter: 'needed', needs: ['halal'],
    per100: [20, 5, 1, 0, 2.2], hold: 'perishable', temper: 10, taste: { salt: 2, sweet: 1, richness: 2, strength: 1 }, texture: 'soft',
    colours: ['#e9a29a', '#f6d7cd', '#f0b8ae'], forms: [['ribbon', 'ribbon', 14, 60, 34], ['thin-strips', 'strip', 3, 42, 8]], packs: [[150, 270]],
  },
];

export const fishes: Entry[] = [
  {
    id: 'smoked-salmon', kcal: 195, process: 'cold-smoked', fishKind: 'scaled', name: 'Cold-smoked salmon', is: 'plain-meat', of: ['salmon', 'salt', 'smoke'], allergens: { fish: 'contains' }, animal: { fish: 'contains' },
    per100: [22, 12, 0.5, 0, 3.1], hold: 'perishable', temper: 0, taste: { salt: 3, smoke: 3, richness: 3, strength: 3 }, texture: 'soft',
    colours: ['#f08a56', '#fbc7a0', '#e06a38'], forms: [['ribbon', 'ribbon', 14, 60, 34], ['rose', 'rose', 60, 76, 76], ['thin-strips', 'strip', 3, 42, 9]], packs: [[100, 490], [200, 890]],
  },
  {
    id: 'hot-smoked-trout', kcal: 165, process: 'hot-smoked', fishKind: 'scaled', name: 'Hot-smoked trout', is: 'plain-meat', of: ['trout', 'salt', 'smoke'], allergens: { fish: 'contains' }, animal: { fish: 'contains' },
    per100: [23, 8, 0, 0, 2.2], hold: 'perishable', temper: 0, taste: { salt: 3, smoke: 4, richness: 2, strength: 3 }, texture: 'soft',
    colours: ['#e9b48f', '#c98a62', '#f4cfae'], forms: [['chunks', 'chunk', 10, 26, 20], ['chopped', 'bit', 2, 14, 11]], packs: [[125, 430]],
  },
  {
    id: 'prawns', kcal: 90, process: 'cooked-fish', name: 'Cooked prawns', also: ['shrimp'], is: 'plain-meat', allergens: { crustaceans: 'contains', sulphites: 'brand' }, animal: { shellfish: 'contains' },
    per100: [20, 1, 0.2, 0, 1.6], hold: 'perishable', temper: 0, taste: { salt: 2, sweet: 1, richness: 1, strength: 2 }, texture: 'soft',
    colours: ['#f5a78a', '#fbe0d2', '#e67f5f'], forms: [['scatter', 'bit', 9, 30, 18, { g: 1.6, choke: 'chunk' }], ['chopped', 'bit', 2, 14, 11]], packs: [[150, 450]],
  },
];

export const plants: Entry[] = [
  {
    id: 'herb-tofu', kcal: 175, name: 'Tofu in lemon and herbs, home-marinated', also: ['marinated tofu'], base: 'tofu', is: 'home-made', of: ['tofu (soy)', 'olive oil', 'lemon', 'herbs'], allergens: { soy: 'contains' },
    per100: [15, 12, 1.5, 1, 1], hold: 'perishable', taste: { salt: 2, sour: 2, richness: 2, strength: 1 }, texture: 'firm', weeps: true,
    colours: ['#f3e7c8', '#cdb27c', '#6f8a44'], forms: [['cubes', 'cube', 7, 18, 18], ['thin-strips', 'strip', 4, 42, 8]], packs: [[300, 290]],
  },
  {
    id: 'smoked-tofu', kcal: 155, name: 'Smoked tofu', is: 'plant', of: ['soy beans', 'water', 'salt', 'smoke'], allergens: { soy: 'contains' },
    per100: [16, 9, 1.5, 1, 1.1], hold: 'perishable', taste: { salt: 2, smoke: 4, richness: 2, strength: 2 }, texture: 'firm',
    colours: ['#d9b27c', '#9a6430', '#efd6a8'], forms: [['slices', 'fan-slice', 10, 56, 34, { g: 1.7 }], ['cubes', 'cube', 7, 18, 18], ['thin-strips', 'strip', 4, 42, 8]], packs: [[200, 270]],
  },
  {
    id: 'falafel', kcal: 255, has: ['onion'], name: 'Falafel, home-made', is: 'home-made', of: ['chickpeas', 'onion', 'parsley', 'cumin', 'oil'], hold: 'perishable',
    per100: [9, 13, 22, 7, 1.1], taste: { salt: 2, heat: 1, richness: 2, strength: 2 }, texture: 'crunchy', sheds: ['crumbs'],
    colours: ['#a5713a', '#7b4d20', '#d0a062'], forms: [['balls', 'ball', 18, 33, 33, { g: 2.2 }], ['quartered', 'quarter', 4, 24, 16]], packs: [[360, 260]],
  },
  {
    id: 'edamame', kcal: 125, name: 'Edamame with sea salt', also: ['soy beans'], is: 'plant', allergens: { soy: 'contains' },
    per100: [11, 5, 6, 5, 0.8], hold: 'perishable', taste: { salt: 2, sweet: 1, richness: 1, strength: 1 }, texture: 'firm',
    colours: ['#9cc65a', '#6d9a37', '#c4e08c'], forms: [['scatter', 'bit', 1.2, 15, 11, { g: 1.6 }], ['chopped', 'bit', 1, 10, 8]], packs: [[250, 250]],
  },
  {
    id: 'lupin-beans', kcal: 125, name: 'Lupin beans in brine', also: ['lupini'], is: 'plant', allergens: { lupin: 'contains' },
    per100: [16, 3, 7, 3, 2.2], taste: { salt: 3, bitter: 1, richness: 1, strength: 1 }, texture: 'firm', weeps: true,
    colours: ['#efcf6b', '#cfa83e', '#f8e59c'], forms: [['bowl', 'bowl', 150, 98, 98, { choke: 'round' }], ['chopped', 'bit', 1, 10, 8]], packs: [[250, 230]],
  },
  {
    id: 'chickpea-bites', kcal: 235, has: ['seeds'], name: 'Roasted chickpea and pepper bites, home-made', also: ['vegan meatballs'], base: 'chickpea', is: 'home-made', of: ['chickpeas', 'red pepper', 'sunflower seeds', 'smoked paprika'], hold: 'perishable',
    per100: [10, 11, 20, 7, 1.2], taste: { salt: 2, smoke: 2, heat: 2, richness: 2, strength: 2 }, texture: 'chewy',
    colours: ['#b5562e', '#84371a', '#d98a5a'], forms: [['balls', 'ball', 16, 32, 32, { g: 2.2 }], ['quartered', 'quarter', 4, 24, 16]], packs: [[320, 290]],
  },
];
