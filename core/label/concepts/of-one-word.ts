import { BEEF, EGG_OR_MILK, has, maybe, MEAT, MILK, nut, PORK, POULTRY, type Facts } from '../stated.js';
import type { Concept } from './concept.js';

const SOME_MILK = maybe('allergen.milk', 'animal.milk');
const FILLERS: Facts = [...SOME_MILK, ...maybe('allergen.soy', 'allergen.gluten')];

const MADE_UP = {
  facts: [
    ...EGG_OR_MILK,
    ...maybe('allergen.gluten', 'allergen.soy', 'allergen.tree-nuts', 'allergen.peanuts', 'allergen.sesame'),
  ],
  open: 'made with what: flour, milk, egg, soy, nuts?',
  namedBy: 'any',
} as const satisfies Concept;
/** Ground nuts alone, or a sweet spread of them: a list under a heading names the milk. */
const SPREAD = maybe('allergen.milk', 'animal.milk', 'allergen.soy');
const PURE_OR_SPREAD = {
  open: 'nuts alone, or a spread with milk or soy in it?',
  namedBy: 'any',
  namedByLaw: true,
} as const;
const SULPHITES = maybe('allergen.sulphites');
const KEPT_WITH = { open: 'kept with sulphites?', namedBy: 'any', namedByLaw: true } as const;

/**
 * Foods that are made of several and that a recipe or a short label names by one word: what one maker puts in, another
 * leaves out. A bracket after the word answers.
 */
export const OF_ONE_WORD = {
  /** Cooked fruit and vegetables in vinegar. */
  chutney: {
    facts: maybe(
      'allergen.mustard',
      'allergen.celery',
      'allergen.sulphites',
      'ingredient.onion',
      'ingredient.garlic',
      'ingredient.root',
    ),
    open: 'is onion, garlic, ginger, celery, mustard or a sulphite in it?',
    namedBy: 'any',
  },
  /** A shape with a plant's name before it, such as a fig roll: what it is made of is not said. */
  'made-up': MADE_UP,
  /** "Lemon filling": beside a plant's name it is a food; elsewhere on a label it says what the list that follows is for. */
  'made-part': { ...MADE_UP, besideFood: true },
  'nut-cream': { facts: [...has('allergen.tree-nuts'), ...SPREAD], ...PURE_OR_SPREAD },
  'hazelnut-cream': { facts: [...nut('hazelnut'), ...SPREAD], ...PURE_OR_SPREAD },
  'almond-cream': { facts: [...nut('almond'), ...SPREAD], ...PURE_OR_SPREAD },
  'pistachio-cream': { facts: [...nut('pistachio'), ...SPREAD], ...PURE_OR_SPREAD },
  cornflakes: {
    facts: maybe('allergen.gluten', 'allergen.tree-nuts'),
    open: 'with barley malt or nuts in them?',
    namedBy: 'any',
  },
  'animal-cut': {
    facts: [
      ...maybe('animal.pork', 'animal.beef', 'animal.poultry', 'animal.lamb', 'animal.fish', 'allergen.fish'),
      ...MEAT,
    ],
    open: 'of which animal?',
    namedBy: 'animal',
    process: 'unknown',
  },
  /**
   * What sulphites (E 220 to 228) may keep the colour of: dried and candied fruit, pickles, potato flakes, juice of lemons
   * (Regulation (EC) 1333/2008, annex II, part E). From 10 mg/kg a list has to name them (Regulation (EU) 1169/2011, annex II).
   */
  preserved: { facts: SULPHITES, ...KEPT_WITH },
  'preserved-root': { facts: [...has('ingredient.root'), ...SULPHITES], ...KEPT_WITH },
  'dried-coconut': { facts: [...has('nut.coconut'), ...SULPHITES], ...KEPT_WITH },
  prawn: {
    facts: [...has('allergen.crustaceans', 'animal.shellfish'), ...SULPHITES],
    ...KEPT_WITH,
    process: 'unknown',
  },
  bread: {
    facts: [...has('allergen.gluten'), ...EGG_OR_MILK, ...maybe('allergen.soy', 'allergen.sesame')],
    open: 'with milk, egg, soy or sesame in it?',
    namedBy: 'any',
  },
  cake: {
    facts: [
      ...has('allergen.gluten'),
      ...EGG_OR_MILK,
      ...maybe('allergen.soy', 'allergen.tree-nuts', 'allergen.sulphites'),
    ],
    open: 'with butter, milk, egg, soy, nuts or sulphites in it?',
    namedBy: 'any',
  },
  'rice-cracker': {
    facts: maybe('allergen.gluten', 'allergen.soy', 'allergen.sesame', 'allergen.milk', 'animal.milk'),
    open: 'with soy sauce, sesame or milk in it?',
    namedBy: 'any',
  },
  crisps: {
    facts: [...FILLERS, ...maybe('allergen.celery', 'allergen.mustard', 'ingredient.root')],
    open: 'plain, or seasoned with milk, wheat, soy, celery or mustard?',
    namedBy: 'any',
  },
  'cured-sausage': {
    facts: [...PORK, ...FILLERS, ...maybe('allergen.celery', 'allergen.mustard', 'allergen.sulphites')],
    open: 'with milk, soy, wheat, celery, mustard or sulphites in it?',
    namedBy: 'any',
    process: 'cured',
  },
  'roast-pork': { facts: PORK, process: 'cooked-meat' },
  'stuffed-olives': {
    facts: [
      ...maybe('allergen.fish', 'animal.fish', 'allergen.tree-nuts', 'nut.almond', 'ingredient.garlic'),
      ...SOME_MILK,
    ],
    open: 'stuffed with what?',
    namedBy: 'any',
  },
  /** Vegetables and leaves; what olives are stuffed with is less. */
  'stuffed-vegetables': {
    facts: [
      ...SOME_MILK,
      ...maybe('allergen.gluten', 'allergen.tree-nuts', 'nut.pine-nut', 'allergen.fish', 'animal.fish'),
      ...maybe('animal.pork', 'animal.beef', 'animal.lamb', 'animal.animal-fat', 'ingredient.onion'),
      ['rennet', 'depends'],
    ],
    open: 'stuffed with what: meat, cheese, grain, nuts?',
    namedBy: 'any',
  },
  liquorice: {
    facts: [...has('ingredient.root'), ...maybe('allergen.gluten', 'animal.gelatine')],
    open: 'the root, or a sweet with wheat flour or gelatine?',
    namedBy: 'any',
  },
  jerky: {
    facts: [...BEEF, ...maybe('allergen.soy', 'allergen.gluten')],
    open: 'marinated in soy sauce?',
    namedBy: 'any',
    process: 'cured',
  },
  'pressed-poultry': {
    facts: [...POULTRY, ...FILLERS],
    open: 'with milk, soy or wheat in it?',
    namedBy: 'any',
    process: 'cooked-meat',
  },
  'truffle-sweet': {
    facts: [...SOME_MILK, ...maybe('allergen.tree-nuts', 'allergen.soy', 'alcohol', 'ingredient.mushroom')],
    open: 'the mushroom, or the sweet with milk, nuts, soy or alcohol?',
    namedBy: 'any',
  },
  'chocolate-spread': {
    facts: [...SOME_MILK, ...maybe('allergen.tree-nuts', 'nut.hazelnut', 'allergen.soy')],
    open: 'with milk, nuts or soy in it?',
    namedBy: 'any',
  },
  halva: {
    facts: [
      ...has('allergen.sesame', 'ingredient.seeds'),
      ...maybe('allergen.tree-nuts', 'nut.pistachio', 'nut.almond', 'allergen.peanuts'),
    ],
    open: 'with which nuts?',
    namedBy: 'any',
  },
  /** The specification of the protected name lets lysozyme of egg be added, and the label has to say so. */
  'lysozyme-cheese': {
    facts: [
      ...MILK,
      ['rennet', 'animal'],
      ['lactose', 'low'],
      ['supervision', 'needed'],
      ...maybe('allergen.egg', 'animal.egg'),
    ],
    open: 'made with lysozyme of egg?',
    process: 'hard-cheese',
  },
  'prepared-mustard': {
    facts: [...has('allergen.mustard'), ...maybe('allergen.sulphites', 'alcohol', 'allergen.gluten')],
    open: 'with wine, sulphites or flour in it?',
    namedBy: 'any',
  },
  seitan: {
    facts: [...has('allergen.gluten'), ...maybe('allergen.soy')],
    open: 'seasoned with soy sauce?',
    namedBy: 'any',
  },
  cider: { facts: [...has('alcohol'), ...maybe('allergen.sulphites')] },
  wasabi: {
    facts: [...has('ingredient.root'), ...maybe('allergen.mustard')],
    open: 'the root itself, or horseradish with mustard?',
    namedBy: 'any',
  },
} satisfies Record<string, Concept>;
