import {
  has,
  maybe,
  MEAT,
  GELATINE,
  FISH,
  PORK,
  STOCK,
  BEEF,
  POULTRY,
  CASK,
  FAT_QUESTION,
} from '../stated.js';
import type { Concept } from './concept.js';

/** What comes of the water, of animals, of plants that some leave out, of casks, and doubtful words. */
export const ANIMALS_AND_PLANTS = {
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
  'cooked-pork': {
    facts: [...PORK, ...maybe('allergen.milk', 'animal.milk', 'allergen.soy', 'allergen.gluten')],
    open: 'with milk, soy or wheat in it?',
    namedBy: 'any',
    process: 'cooked-meat',
  },
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
