import {
  CHEESE,
  EGG,
  EGG_OR_MILK,
  FISH,
  has,
  maybe,
  MEAT,
  MILKY,
  nut,
  PORK,
  POULTRY,
  type Facts,
} from '../stated.js';
import type { Concept } from './concept.js';

const SOME_MEAT: Facts = [
  ...maybe('animal.pork', 'animal.beef', 'animal.poultry', 'animal.lamb'),
  ...has('animal.animal-fat'),
  ...MEAT,
];
const SEASONED = maybe('allergen.celery', 'allergen.mustard', 'ingredient.onion', 'ingredient.garlic');
const ANY_SAUCE = maybe(
  'allergen.gluten',
  'allergen.soy',
  'allergen.fish',
  'animal.fish',
  'allergen.crustaceans',
  'animal.shellfish',
  'allergen.sesame',
  'allergen.sulphites',
  'alcohol',
);

/** Sauces, doughs and dishes that a label names by one word: what they are made of wherever they are made, and what differs. */
export const DISHES = {
  'butter-sauce': {
    facts: [...EGG, ...MILKY, ...maybe('alcohol', 'allergen.mustard')],
    open: 'with wine or mustard in it?',
    namedBy: 'any',
  },
  'white-sauce': { facts: [...has('allergen.gluten'), ...MILKY] },
  'cream-sauce': {
    facts: [...MILKY, ...maybe('allergen.gluten')],
    open: 'thickened with flour?',
    namedBy: 'any',
  },
  'cream-dressing': {
    facts: [...MILKY, ...maybe('allergen.egg', 'animal.egg', 'allergen.mustard')],
    open: 'with egg or mustard in it?',
    namedBy: 'any',
  },
  'brown-sauce': {
    facts: maybe(
      'allergen.gluten',
      'allergen.fish',
      'animal.fish',
      'allergen.soy',
      'allergen.celery',
      'allergen.mustard',
      'alcohol',
    ),
    open: 'with malt vinegar, anchovy, soy, celery or mustard in it?',
    namedBy: 'any',
  },
  'bean-sauce': {
    facts: [...has('allergen.soy'), ...maybe('allergen.gluten', 'allergen.sesame', 'alcohol')],
    open: 'with wheat, sesame or alcohol in it?',
    namedBy: 'any',
  },
  'oyster-sauce': {
    facts: [
      ...has('allergen.molluscs', 'animal.shellfish'),
      ...maybe('allergen.gluten', 'allergen.soy', 'alcohol'),
    ],
    open: 'with wheat, soy or alcohol in it?',
    namedBy: 'any',
  },
  'peanut-sauce': {
    facts: [
      ...has('allergen.peanuts'),
      ...maybe('allergen.soy', 'allergen.gluten', 'allergen.fish', 'animal.fish'),
      ...maybe('allergen.crustaceans', 'animal.shellfish'),
    ],
    open: 'with soy sauce, fish sauce or shrimp paste in it?',
    namedBy: 'any',
  },
  'egg-tart': {
    facts: [...EGG, ...MILKY, ...has('allergen.gluten'), ['rennet', 'depends'], ...maybe('animal.pork')],
    open: 'with bacon or cheese in it?',
    namedBy: 'any',
  },
  omelette: {
    facts: [...EGG, ...maybe('allergen.milk', 'animal.milk')],
    open: 'with milk or cheese in it?',
    namedBy: 'any',
  },
  'choux-pastry': {
    facts: [...EGG, ...has('allergen.gluten'), ...maybe('allergen.milk', 'animal.milk')],
    open: 'with butter or milk in it?',
    namedBy: 'any',
  },
  frangipane: {
    facts: [...nut('almond'), ...EGG, ...MILKY, ...maybe('allergen.gluten')],
    open: 'with flour in it?',
    namedBy: 'any',
  },
  'soft-flatbread': {
    facts: [...has('allergen.gluten'), ...EGG_OR_MILK],
    open: 'with yoghurt, butter or egg in it?',
    namedBy: 'any',
  },
  gnocchi: {
    facts: [...has('allergen.gluten'), ...EGG_OR_MILK],
    open: 'with egg or cheese in it?',
    namedBy: 'any',
    sourced: true,
  },
  batter: {
    facts: [...has('allergen.gluten'), ...EGG_OR_MILK],
    open: 'with egg or milk in it?',
    namedBy: 'any',
    sourced: true,
  },
  praline: {
    facts: [...has('allergen.tree-nuts'), ...maybe('allergen.milk', 'animal.milk')],
    open: 'with milk in it?',
    namedBy: 'any',
  },
  'filled-pasta': {
    facts: [
      ...has('allergen.gluten'),
      ...EGG_OR_MILK,
      ...maybe('animal.pork', 'animal.beef', 'allergen.fish', 'animal.fish'),
      ...maybe('allergen.crustaceans', 'animal.shellfish'),
      ['rennet', 'depends'],
    ],
    open: 'filled with what?',
    namedBy: 'any',
  },
  stollen: {
    facts: [
      ...has('allergen.gluten'),
      ...EGG_OR_MILK,
      ...maybe('allergen.tree-nuts', 'nut.almond', 'allergen.sulphites', 'alcohol'),
    ],
    open: 'with butter, egg, almonds, rum or sulphites in it?',
    namedBy: 'any',
  },
  eggnog: { facts: [...EGG, ...MILKY, ...maybe('alcohol')], open: 'with alcohol in it?', namedBy: 'any' },
  sauce: {
    facts: [
      ...maybe('animal.animal-fat', 'ingredient.root', 'allergen.tree-nuts', 'allergen.peanuts'),
      ...SEASONED,
      ...EGG_OR_MILK,
      ...ANY_SAUCE,
    ],
    open: 'what is in it?',
    namedBy: 'any',
  },
  'meat-dish': {
    facts: [
      ...SOME_MEAT,
      ...SEASONED,
      ...EGG_OR_MILK,
      ...maybe('allergen.gluten', 'allergen.soy', 'allergen.sulphites', 'alcohol'),
    ],
    open: 'of which animal, and with bread, egg, milk, wine or sulphites in it?',
    process: 'unknown',
  },
  pate: {
    facts: [
      ...SOME_MEAT,
      ...SEASONED,
      ...EGG_OR_MILK,
      ...maybe('allergen.gluten', 'allergen.sulphites', 'alcohol'),
    ],
    open: 'of which animal, and with cream, egg, bread or brandy in it?',
    process: 'pate',
  },
  'blood-pudding': {
    facts: [
      ...PORK,
      ...SEASONED,
      ...maybe('allergen.gluten', 'allergen.milk', 'animal.milk', 'allergen.soy'),
    ],
    open: 'with barley, oats or milk in it?',
    namedBy: 'any',
    process: 'unknown',
  },
  haggis: { facts: [...SOME_MEAT, ...has('allergen.gluten'), ...SEASONED], open: 'of which animal?' },
  nuggets: {
    facts: [...POULTRY, ...has('allergen.gluten'), ...SEASONED, ...EGG_OR_MILK],
    open: 'breaded with egg or milk?',
    namedBy: 'any',
    process: 'cooked-meat',
  },
  breaded: {
    facts: [...has('allergen.gluten'), ...EGG_OR_MILK],
    open: 'with egg, milk or butter in it?',
    namedBy: 'any',
    sourced: true,
  },
  noodles: {
    facts: maybe('allergen.gluten', 'allergen.egg', 'animal.egg'),
    open: 'of wheat, and with egg in it?',
    namedBy: 'source',
    sourced: true,
  },
  'cheese-dish': {
    facts: [
      ...CHEESE,
      ...maybe('allergen.gluten', 'alcohol', 'allergen.mustard', 'allergen.fish', 'animal.fish'),
    ],
    open: 'with wine, beer, flour or Worcester sauce in it?',
    namedBy: 'any',
    process: 'unknown',
  },
  'mustard-pickle': {
    facts: [...has('allergen.mustard'), ...maybe('allergen.gluten', 'allergen.sulphites')],
    open: 'thickened with flour?',
    namedBy: 'any',
  },
  'roe-dip': {
    facts: [...FISH, ['fish-kind', 'depends'], ...EGG_OR_MILK, ...maybe('allergen.gluten')],
    open: 'with bread, egg or cream in it?',
    namedBy: 'any',
    process: 'unknown',
  },
  sushi: {
    facts: [
      ...FISH,
      ['fish-kind', 'depends'],
      ...maybe('allergen.crustaceans', 'animal.shellfish', 'allergen.egg', 'animal.egg'),
      ...maybe('allergen.soy', 'allergen.gluten', 'allergen.sesame', 'alcohol'),
    ],
    open: 'with which fish, and with soy sauce, egg or sesame?',
    process: 'raw-fish',
  },
  seafood: {
    facts: [
      ...has('allergen.crustaceans', 'allergen.molluscs', 'animal.shellfish'),
      ...maybe('allergen.fish', 'animal.fish'),
    ],
    open: 'is fish among it?',
    process: 'unknown',
  },
  'fish-soup': {
    facts: [
      ...has('allergen.crustaceans', 'allergen.molluscs', 'animal.shellfish'),
      ...FISH,
      ...SEASONED,
      ...maybe('allergen.gluten', 'alcohol'),
    ],
    open: 'with wine or bread in it?',
  },
  scampi: {
    facts: [...has('allergen.crustaceans', 'animal.shellfish'), ...maybe('allergen.gluten'), ...EGG_OR_MILK],
    open: 'breaded?',
    process: 'unknown',
  },
  baklava: {
    facts: [
      ...has('allergen.tree-nuts', 'allergen.gluten'),
      ...maybe('allergen.milk', 'animal.milk', 'animal.honey', 'allergen.peanuts'),
    ],
    open: 'with butter, honey and which nuts?',
    namedBy: 'any',
  },
  'trail-mix': {
    facts: [
      ...has('allergen.tree-nuts'),
      ...maybe('allergen.peanuts', 'allergen.milk', 'animal.milk', 'allergen.soy', 'allergen.sesame'),
      ...maybe('allergen.sulphites'),
    ],
    open: 'with peanuts, sesame or chocolate in it?',
    namedBy: 'any',
  },
  croquette: {
    facts: [
      ...has('allergen.gluten'),
      ...EGG_OR_MILK,
      ...maybe('animal.pork', 'animal.beef', 'animal.poultry', 'allergen.fish', 'animal.fish'),
      ...maybe('allergen.crustaceans', 'animal.shellfish'),
    ],
    open: 'filled with what?',
    namedBy: 'any',
  },
  mousse: {
    facts: [...EGG_OR_MILK, ...maybe('animal.gelatine', 'alcohol', 'allergen.soy')],
    open: 'with milk, egg, gelatine or alcohol in it?',
    namedBy: 'any',
  },
  mortadella: {
    facts: [...PORK, ...maybe('allergen.tree-nuts', 'nut.pistachio', 'allergen.milk', 'animal.milk')],
    open: 'with pistachios in it?',
    process: 'cooked-meat',
  },
} satisfies Record<string, Concept>;
