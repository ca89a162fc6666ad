import { ALLERGENS, type Process } from '../catalogue/index.js';
import {
  has,
  maybe,
  nut,
  MILK,
  MILKY,
  CHEESE,
  EGG,
  MEAT,
  GELATINE,
  FISH,
  PORK,
  STOCK,
  BEEF,
  POULTRY,
  CASK,
  FAT_QUESTION,
  type Facts,
} from './stated.js';

/** What a word on a label stands for, whatever the language. Each language says in its own file how it is called. */
export interface Concept {
  facts: Facts;
  /** What has to be asked; what the facts leave open ("brand", "depends") stays open until somebody answers. */
  open?: string;
  /** Who answers the question on the label itself: a plant named beside it, or any ingredient in brackets after it. */
  namedBy?: 'source' | 'any';
  /** Facts that fall where a plant without gluten is named as its source: rice malt, maize pasta. */
  sourced?: true;
  /** May be made of plants, when one is named before it: oat milk, cocoa butter. */
  head?: 'milk' | 'cream' | 'butter' | 'cheese';
  /** How a food with this in it was made; `unknown` where public guidance asks and the word does not tell. */
  process?: Process;
}

const concepts = {
  // cereals
  gluten: { facts: has('allergen.gluten') },
  malt: { facts: has('allergen.gluten'), sourced: true },
  'malted-milk': { facts: [...has('allergen.gluten'), ...MILKY] },
  pasta: { facts: has('allergen.gluten'), sourced: true },
  pastry: {
    facts: [
      ...has('allergen.gluten'),
      ...maybe('allergen.milk', 'animal.milk', 'allergen.egg', 'animal.egg'),
    ],
    open: 'with butter, milk or egg in it?',
    namedBy: 'any',
  },
  muesli: {
    facts: [
      ...has('allergen.gluten'),
      ...maybe(
        'allergen.milk',
        'animal.milk',
        'allergen.egg',
        'animal.egg',
        'animal.honey',
        'allergen.tree-nuts',
        'nut.almond',
        'nut.hazelnut',
        'allergen.peanuts',
        'allergen.sesame',
      ),
    ],
    open: 'with nuts, sesame, honey or milk in it?',
    namedBy: 'any',
  },
  flour: { facts: maybe('allergen.gluten'), open: 'of which cereal?', namedBy: 'source', sourced: true },
  cracker: { facts: maybe('allergen.gluten'), open: 'of which cereal?', namedBy: 'source', sourced: true },
  'wheat-syrup': {
    facts: maybe('allergen.gluten'),
    open: 'is the guest to leave out syrup made of wheat? The law lets it pass',
  },
  oats: { facts: [['oats', 'uncertified'], ...maybe('allergen.gluten')] },
  'soy-sauce': {
    facts: [...has('allergen.soy'), ...maybe('allergen.gluten')],
    open: 'brewed with wheat?',
    namedBy: 'any',
  },
  miso: {
    facts: [...has('allergen.soy'), ...maybe('allergen.gluten')],
    open: 'brewed with barley or with rice?',
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
    facts: maybe('allergen.milk', 'animal.milk', 'allergen.egg', 'animal.egg'),
    open: 'made with milk and egg?',
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
  'soy-glaze': { facts: has('allergen.soy', 'allergen.gluten') },
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
  // nuts and seeds
  almond: { facts: nut('almond') },
  marzipan: { facts: [...nut('almond'), ...maybe('allergen.egg', 'animal.egg')] },
  hazelnut: { facts: nut('hazelnut') },
  walnut: { facts: nut('walnut') },
  cashew: { facts: nut('cashew') },
  pecan: { facts: nut('pecan') },
  brazil: { facts: nut('brazil') },
  pistachio: { facts: nut('pistachio') },
  macadamia: { facts: nut('macadamia') },
  nuts: { facts: [...has('allergen.tree-nuts'), ...maybe('allergen.peanuts')] },
  'tree-nuts': { facts: has('allergen.tree-nuts') },
  coconut: { facts: has('nut.coconut') },
  'pine-nut': { facts: has('nut.pine-nut') },
  peanut: { facts: has('allergen.peanuts') },
  sesame: { facts: has('allergen.sesame', 'ingredient.seeds') },
  dukkah: {
    facts: [
      ...has('allergen.sesame', 'ingredient.seeds'),
      ...maybe('allergen.tree-nuts', 'nut.almond', 'nut.hazelnut', 'nut.pistachio', 'allergen.peanuts'),
    ],
    open: 'with which nuts?',
    namedBy: 'any',
  },
  seed: { facts: has('ingredient.seeds') },
  seeds: {
    facts: [...has('ingredient.seeds'), ...maybe('allergen.sesame')],
    open: 'is sesame among them?',
    namedBy: 'any',
  },
  // other allergens
  celery: { facts: has('allergen.celery') },
  celeriac: { facts: has('allergen.celery', 'ingredient.root') },
  mustard: { facts: has('allergen.mustard') },
  sulphites: { facts: has('allergen.sulphites') },
  allergens: {
    facts: ALLERGENS.map((allergen) => [`allergen.${allergen}` as const, 'brand'] as const),
    open: 'which ones?',
    namedBy: 'any',
  },
  // of the water
  shellfish: { facts: has('allergen.crustaceans', 'allergen.molluscs', 'animal.shellfish') },
  crustacean: { facts: has('allergen.crustaceans', 'animal.shellfish'), process: 'unknown' },
  mollusc: { facts: has('allergen.molluscs', 'animal.shellfish'), process: 'unknown' },
  'scaled-fish': { facts: [...FISH, ['fish-kind', 'scaled']], process: 'unknown' },
  'tinned-fish': { facts: [...FISH, ['fish-kind', 'scaled']], process: 'cooked-fish' },
  'hot-smoked-fish': { facts: [...FISH, ['fish-kind', 'scaled']], process: 'hot-smoked' },
  'smoked-fish': { facts: [...FISH, ['fish-kind', 'scaled']], process: 'cold-smoked' },
  'raw-fish': { facts: [...FISH, ['fish-kind', 'depends']], process: 'raw-fish' },
  'unscaled-fish': { facts: [...FISH, ['fish-kind', 'unscaled']], process: 'unknown' },
  fish: { facts: [...FISH, ['fish-kind', 'depends']], process: 'unknown' },
  'fish-part': { facts: [...FISH, ['fish-kind', 'depends']] },
  'curry-paste': {
    facts: maybe(
      'allergen.crustaceans',
      'animal.shellfish',
      'allergen.fish',
      'animal.fish',
      'ingredient.onion',
      'ingredient.garlic',
      'ingredient.root',
    ),
    open: 'with shrimp paste or fish sauce in it?',
    namedBy: 'any',
  },
  'shell-part': {
    facts: maybe('allergen.crustaceans', 'animal.shellfish', 'animal.animal-fat'),
    open: 'of the shells of crabs, or of a mould?',
    namedBy: 'any',
  },
  'omega-3': {
    facts: maybe('allergen.fish', 'animal.fish', 'animal.animal-fat'),
    open: 'of fish, or of plants?',
    namedBy: 'any',
  },
  worcester: {
    facts: maybe('allergen.fish', 'animal.fish', 'allergen.gluten'),
    open: 'made with anchovy and malt vinegar?',
    namedBy: 'any',
  },
  surimi: {
    facts: [
      ...FISH,
      ['fish-kind', 'depends'],
      ...maybe('allergen.crustaceans', 'animal.shellfish', 'allergen.egg', 'animal.egg', 'allergen.gluten'),
    ],
    open: 'with crab, egg or wheat in it?',
    process: 'unknown',
  },
  // of animals
  pork: { facts: PORK, process: 'unknown' },
  lard: { facts: PORK },
  'cured-pork': { facts: PORK, process: 'cured' },
  'cooked-pork': { facts: PORK, process: 'cooked-meat' },
  boar: { facts: [...has('animal.game', 'animal.pork'), ...MEAT], process: 'unknown' },
  beef: { facts: BEEF, process: 'unknown' },
  'beef-part': { facts: BEEF },
  'cured-beef': { facts: BEEF, process: 'cured' },
  'cooked-beef': { facts: BEEF, process: 'cooked-meat' },
  lamb: { facts: [...has('animal.lamb'), ...MEAT], process: 'unknown' },
  poultry: { facts: POULTRY, process: 'unknown' },
  'poultry-part': { facts: POULTRY },
  'cooked-poultry': { facts: POULTRY, process: 'cooked-meat' },
  game: { facts: [...has('animal.game'), ...MEAT], process: 'unknown' },
  'animal-fat': { facts: has('animal.animal-fat') },
  meat: {
    facts: [
      ...maybe('animal.pork', 'animal.beef', 'animal.poultry', 'animal.lamb'),
      ...has('animal.animal-fat'),
      ...MEAT,
    ],
    open: 'of which animal?',
    process: 'unknown',
  },
  liver: {
    facts: [...maybe('animal.pork', 'animal.beef', 'animal.poultry'), ...has('animal.animal-fat'), ...MEAT],
    open: 'of which animal?',
    process: 'pate',
  },
  sausage: {
    facts: [
      ...maybe(
        'animal.pork',
        'animal.beef',
        'animal.poultry',
        'allergen.gluten',
        'allergen.milk',
        'animal.milk',
      ),
      ...maybe('allergen.mustard', 'allergen.celery', 'allergen.soy', 'allergen.sulphites'),
      ...has('animal.animal-fat'),
      ...MEAT,
    ],
    open: 'of which meat, and with what in it?',
    process: 'unknown',
  },
  casing: {
    facts: [...maybe('animal.pork', 'animal.beef', 'animal.animal-fat'), ...MEAT],
    open: 'of which animal?',
    namedBy: 'source',
  },
  'pork-gelatine': { facts: [...GELATINE, ['gelatine-from', 'pork'], ...has('animal.pork')] },
  'beef-gelatine': { facts: [...GELATINE, ['gelatine-from', 'beef'], ...has('animal.beef')] },
  'fish-gelatine': {
    facts: [
      ...has('animal.gelatine', 'animal.fish', 'allergen.fish'),
      ['gelatine-from', 'fish'],
      ['supervision', 'needed'],
    ],
  },
  gelatine: {
    facts: [...GELATINE, ['gelatine-from', 'depends'], ...maybe('animal.pork', 'animal.beef')],
    open: 'of pork, beef or fish?',
  },
  marshmallow: {
    facts: maybe('animal.gelatine', 'animal.pork', 'animal.beef', 'allergen.egg', 'animal.egg'),
    open: 'set with gelatine, and of which animal?',
    namedBy: 'any',
  },
  honey: { facts: has('animal.honey') },
  beeswax: { facts: has('animal.beeswax') },
  insects: { facts: has('animal.insects') },
  glaze: {
    facts: maybe('animal.insects', 'animal.beeswax'),
    open: 'with shellac or beeswax?',
    namedBy: 'any',
  },
  colour: { facts: maybe('animal.insects'), open: 'is it carmine?', namedBy: 'any' },
  // plants that some leave out
  onion: { facts: has('ingredient.onion') },
  garlic: { facts: has('ingredient.garlic') },
  root: { facts: has('ingredient.root') },
  mushroom: { facts: has('ingredient.mushroom') },
  // celery and mustard are named by law in Europe, and not everywhere
  spices: {
    facts: maybe(
      'ingredient.onion',
      'ingredient.garlic',
      'ingredient.root',
      'allergen.celery',
      'allergen.mustard',
    ),
    open: 'is onion, garlic, a root, celery or mustard among them?',
    namedBy: 'any',
  },
  seasoning: {
    facts: maybe(
      'animal.animal-fat',
      'ingredient.onion',
      'ingredient.garlic',
      'ingredient.root',
      'allergen.celery',
      'allergen.mustard',
    ),
    open: 'what is in it?',
    namedBy: 'any',
  },
  vegetables: {
    facts: maybe('ingredient.onion', 'ingredient.garlic', 'ingredient.root', 'ingredient.mushroom'),
    open: 'which ones?',
    namedBy: 'any',
  },
  // from a cask
  wine: { facts: [...CASK, ...maybe('allergen.sulphites'), ['supervision', 'needed']] },
  beer: { facts: has('alcohol', 'allergen.gluten') },
  'ginger-beer': {
    facts: [...maybe('alcohol'), ...has('ingredient.root')],
    open: 'the soft drink, or brewed with alcohol?',
  },
  alcohol: { facts: has('alcohol') },
  'nut-liqueur': {
    facts: [...has('alcohol'), ...maybe('allergen.tree-nuts', 'nut.almond', 'nut.walnut')],
    open: 'made of stones of fruit, or of nuts?',
  },
  chestnut: {
    facts: maybe('allergen.tree-nuts'),
    open: 'does the guest leave out chestnuts too? The law of Europe does not count them as nuts',
  },
  'wine-vinegar': {
    facts: [
      ...has('ingredient.wine-vinegar', 'ingredient.grape-product'),
      ...maybe('allergen.sulphites'),
      ['supervision', 'needed'],
    ],
    open: 'is wine vinegar accepted, and are sulphites in it?',
  },
  vinegar: {
    facts: maybe('ingredient.wine-vinegar', 'allergen.gluten', 'allergen.sulphites'),
    open: 'of spirit, of wine or of malt?',
    namedBy: 'any',
  },
  grape: { facts: [...has('ingredient.grape-product'), ['supervision', 'needed']] },
  'vanilla-extract': {
    facts: has('ingredient.vanilla-extract'),
    open: 'is vanilla extract in alcohol accepted?',
  },
  // doubtful words
  flavour: { facts: maybe('animal.animal-fat', 'alcohol'), open: 'of plants only, and without alcohol?' },
  'fatty-additive': { facts: maybe('animal.animal-fat'), open: FAT_QUESTION, namedBy: 'source' },
  emulsifier: {
    facts: maybe('animal.animal-fat', 'allergen.soy', 'allergen.egg', 'animal.egg'),
    open: 'which one, and of what?',
    namedBy: 'any',
  },
  nucleotides: { facts: maybe('animal.animal-fat', 'animal.fish'), open: 'of plants, of meat or of fish?' },
  enhancer: { facts: maybe('animal.animal-fat', 'animal.fish'), open: 'which one?', namedBy: 'any' },
  cysteine: { facts: maybe('animal.animal-fat'), open: 'of feathers or made by fermentation?' },
  lanolin: {
    facts: maybe('animal.animal-fat', 'animal.fish'),
    open: 'of wool or fish, or of plants?',
    namedBy: 'any',
  },
  fat: {
    facts: maybe('animal.animal-fat', 'allergen.milk', 'animal.milk', 'animal.pork', 'animal.beef'),
    open: 'of plants or of animals?',
    namedBy: 'source',
  },
  stock: {
    facts: [
      ...maybe(
        'animal.beef',
        'animal.pork',
        'animal.poultry',
        'animal.fish',
        'allergen.fish',
        'animal.animal-fat',
      ),
      ...STOCK,
    ],
    open: 'of meat, fish or vegetables?',
    namedBy: 'any',
  },
  'vegetable-stock': {
    facts: STOCK,
    open: 'with celery, onion or garlic in it?',
    namedBy: 'any',
  },
  gravy: {
    facts: [
      ...maybe('animal.beef', 'animal.pork', 'animal.poultry', 'animal.animal-fat', 'allergen.gluten'),
      ...maybe('allergen.milk', 'animal.milk', 'allergen.celery', 'ingredient.onion'),
    ],
    open: 'of meat, and thickened with flour?',
    namedBy: 'any',
  },
  sprouts: { facts: [], process: 'sprouts' },
} satisfies Record<string, Concept>;

export type ConceptId = keyof typeof concepts;
export const CONCEPTS: Readonly<Record<ConceptId, Concept>> = concepts;
