import { EGG, has, maybe, MILKY, nut } from '../stated.js';
import type { Concept } from './concept.js';

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
    facts: [
      ...has('allergen.gluten'),
      ...maybe('allergen.milk', 'animal.milk', 'allergen.egg', 'animal.egg'),
    ],
    open: 'with yoghurt, butter or egg in it?',
    namedBy: 'any',
  },
  gnocchi: {
    facts: [
      ...has('allergen.gluten'),
      ...maybe('allergen.egg', 'animal.egg', 'allergen.milk', 'animal.milk'),
    ],
    open: 'with egg or cheese in it?',
    namedBy: 'any',
    sourced: true,
  },
  batter: {
    facts: [
      ...has('allergen.gluten'),
      ...maybe('allergen.egg', 'animal.egg', 'allergen.milk', 'animal.milk'),
    ],
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
      ...maybe('allergen.egg', 'animal.egg', 'allergen.milk', 'animal.milk'),
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
      ...maybe('allergen.milk', 'animal.milk', 'allergen.egg', 'animal.egg'),
      ...maybe('allergen.tree-nuts', 'nut.almond', 'alcohol'),
    ],
    open: 'with butter, egg, almonds or rum in it?',
    namedBy: 'any',
  },
  eggnog: { facts: [...EGG, ...MILKY, ...maybe('alcohol')], open: 'with alcohol in it?', namedBy: 'any' },
} satisfies Record<string, Concept>;
