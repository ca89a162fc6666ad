import { has, maybe, MILK, MILKY, CHEESE, EGG, EGG_OR_MILK } from '../stated.js';
import type { Concept } from './concept.js';

/** What is made of cereals, milk, egg, soy and lupin. */
export const GRAIN_AND_MILK = {
  // cereals
  gluten: { facts: has('allergen.gluten') },
  malt: { facts: has('allergen.gluten'), sourced: true },
  'malted-milk': { facts: [...has('allergen.gluten'), ...MILKY] },
  pasta: { facts: has('allergen.gluten'), sourced: true },
  pastry: {
    facts: [...has('allergen.gluten'), ...EGG_OR_MILK],
    open: 'with butter, milk or egg in it?',
    namedBy: 'any',
  },
  muesli: {
    facts: [
      ...has('allergen.gluten'),
      ...maybe(
        'allergen.sulphites',
        'allergen.milk',
        'animal.milk',
        'allergen.egg',
        'animal.egg',
        'animal.honey',
        'allergen.tree-nuts',
        'nut.almond',
        'nut.hazelnut',
        'allergen.peanuts',
        'allergen.soy',
        'allergen.sesame',
      ),
    ],
    open: 'with nuts, sesame, soy, honey or milk in it?',
    namedBy: 'any',
  },
  flour: { facts: maybe('allergen.gluten'), open: 'of which cereal?', namedBy: 'source', sourced: true },
  cracker: {
    facts: maybe('allergen.gluten', 'allergen.milk', 'animal.milk', 'allergen.soy', 'allergen.sesame'),
    open: 'of which cereal, and with milk, soy or sesame in it?',
    namedBy: 'any',
    sourced: true,
  },
  'wheat-syrup': {
    facts: maybe('allergen.gluten'),
    open: 'is the guest to leave out syrup made of wheat? The law lets it pass',
  },
  tortilla: {
    facts: maybe('allergen.gluten'),
    open: 'of maize or of wheat?',
    namedBy: 'source',
    sourced: true,
  },
  /** French without its accents: dough or a paste, or pâté. */
  'paste-or-pate': {
    facts: [
      ...maybe('allergen.gluten', 'animal.pork', 'animal.poultry', 'animal.animal-fat'),
      ...maybe('allergen.milk', 'animal.milk', 'allergen.egg', 'animal.egg', 'alcohol'),
    ],
    open: 'dough, a paste of what, or pâté of meat?',
    namedBy: 'any',
  },
  oats: { facts: [['oats', 'uncertified'], ...maybe('allergen.gluten')] },
  'soy-sauce': {
    facts: [...has('allergen.soy'), ...maybe('allergen.gluten', 'alcohol')],
    open: 'brewed with wheat, and with alcohol in it?',
    namedBy: 'any',
  },
  miso: {
    facts: [...has('allergen.soy'), ...maybe('allergen.gluten', 'alcohol')],
    open: 'brewed with barley or with rice, and with alcohol in it?',
    namedBy: 'any',
  },
  // milk
  milk: { facts: MILKY, head: 'milk' },
  'milk-part': { facts: MILKY },
  'milk-protein': { facts: MILK },
  cream: { facts: MILKY, head: 'cream' },
  butter: { facts: MILKY, head: 'butter' },
  yoghurt: { facts: MILKY, head: 'cheese' },
  'raw-milk': { facts: [...MILKY, ['milk-treatment', 'raw']] },
  'pasteurised-milk': { facts: [...MILKY, ['milk-treatment', 'pasteurised']] },
  cheese: { facts: CHEESE, head: 'cheese', process: 'unknown' },
  'fresh-cheese': { facts: CHEESE, head: 'cheese' },
  'hard-cheese': { facts: CHEESE, head: 'cheese', process: 'hard-cheese' },
  'ripe-cheese': { facts: CHEESE, head: 'cheese', process: 'mould-ripened' },
  'soft-blue': {
    facts: [...MILK, ['rennet', 'animal'], ['lactose', 'low'], ['supervision', 'needed']],
    process: 'soft-blue',
  },
  'hard-blue': { facts: CHEESE, process: 'hard-blue' },
  'calf-rennet-cheese': {
    facts: [...MILK, ['rennet', 'animal'], ['lactose', 'low'], ['supervision', 'needed']],
    process: 'hard-cheese',
  },
  custard: {
    facts: maybe('allergen.milk', 'animal.milk', 'allergen.egg', 'animal.egg', 'allergen.gluten'),
    open: 'made with milk and egg, and thickened with flour?',
    namedBy: 'any',
  },
  'fruit-curd': { facts: [...EGG, ...MILKY] },
  'ice-cream': { facts: [...MILKY, ...maybe('allergen.egg', 'animal.egg')], head: 'milk' },
  creamer: { facts: maybe('allergen.milk', 'animal.milk'), open: 'made with milk protein?' },
  chocolate: {
    facts: maybe('allergen.milk', 'animal.milk', 'allergen.soy'),
    open: 'with milk or soy in it?',
    namedBy: 'any',
    head: 'milk',
  },
  nougat: {
    facts: maybe(
      'allergen.milk',
      'animal.milk',
      'allergen.egg',
      'animal.egg',
      'animal.honey',
      'allergen.tree-nuts',
    ),
    open: 'made with milk, egg, honey or nuts?',
    namedBy: 'any',
  },
  pesto: {
    facts: [
      ...maybe('allergen.milk', 'animal.milk', 'allergen.tree-nuts', 'nut.cashew', 'nut.pine-nut'),
      ['rennet', 'depends'],
    ],
    open: 'with which cheese and which nuts?',
    namedBy: 'any',
  },
  /** French without its accents: "caillé" is curd, "caille" is quail. */
  'curd-or-quail': {
    facts: maybe('allergen.milk', 'animal.milk', 'animal.poultry', 'animal.animal-fat'),
    open: 'curd of milk, or quail?',
  },
  /** And "pâtes" and "pâtés". */
  'pasta-or-pate': {
    facts: [...has('allergen.gluten'), ...maybe('animal.pork', 'animal.poultry', 'animal.animal-fat')],
    open: 'pasta, or pâté of meat?',
  },
  // rennet
  'animal-rennet': { facts: [['rennet', 'animal']] },
  'microbial-rennet': { facts: [['rennet', 'microbial']] },
  'plant-rennet': { facts: [['rennet', 'vegetable']] },
  rennet: { facts: [['rennet', 'depends']], open: 'of an animal, microbial or of a plant?', namedBy: 'any' },
  // egg
  egg: { facts: EGG },
  'raw-egg': { facts: EGG, process: 'raw-egg' },
  mayonnaise: {
    facts: [...EGG, ...maybe('allergen.mustard')],
    open: 'with mustard in it?',
    namedBy: 'any',
    head: 'cheese',
  },
  'caesar-dressing': {
    facts: [
      ...EGG,
      ...maybe('allergen.fish', 'animal.fish', 'allergen.milk', 'animal.milk', 'allergen.mustard'),
    ],
    open: 'made with anchovy, cheese and mustard?',
    namedBy: 'any',
  },
  mycoprotein: {
    facts: [...has('ingredient.mushroom'), ...maybe('allergen.egg', 'animal.egg')],
    open: 'bound with egg white?',
    namedBy: 'any',
  },
  // soy and lupin
  soy: { facts: has('allergen.soy') },
  'soy-glaze': {
    facts: [...has('allergen.soy', 'allergen.gluten'), ...maybe('alcohol')],
    open: 'with rice wine in it?',
    namedBy: 'any',
  },
  lecithin: {
    facts: maybe('allergen.soy', 'allergen.egg', 'animal.egg'),
    open: 'of soy, of egg or of sunflower?',
    namedBy: 'source',
  },
  'vegetable-protein': {
    facts: maybe('allergen.soy', 'allergen.gluten'),
    open: 'of soy, of wheat or of peas?',
    namedBy: 'source',
  },
  protein: {
    facts: maybe(
      'allergen.soy',
      'allergen.gluten',
      'allergen.milk',
      'animal.milk',
      'allergen.egg',
      'animal.egg',
    ),
    open: 'of which food?',
    namedBy: 'source',
  },
  lupin: { facts: has('allergen.lupin') },
} satisfies Record<string, Concept>;
