import { ALLERGENS } from '../../catalogue/index.js';
import { has, maybe, nut, MILKY, EGG } from '../stated.js';
import type { Concept } from './concept.js';

/** Nuts, seeds, cakes and sauces that hold them, and other allergens. */
export const NUTS_AND_CAKES = {
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
  'egg-custard': { facts: [...EGG, ...MILKY] },
  'egg-pasta': { facts: [...EGG, ...has('allergen.gluten')], sourced: true },
  'egg-liqueur': {
    facts: [...EGG, ...has('alcohol'), ...maybe('allergen.milk', 'animal.milk')],
    open: 'with cream in it?',
    namedBy: 'any',
  },
  'almond-biscuit': {
    facts: [
      ...EGG,
      ...maybe('allergen.tree-nuts', 'nut.almond', 'allergen.gluten', 'allergen.milk', 'animal.milk'),
    ],
    open: 'with almonds, flour or butter in it?',
    namedBy: 'any',
  },
  'spiced-biscuit': {
    facts: [
      ...has('allergen.gluten'),
      ...maybe(
        'allergen.sulphites',
        'allergen.tree-nuts',
        'nut.almond',
        'nut.hazelnut',
        'allergen.milk',
        'animal.milk',
        'allergen.egg',
        'animal.egg',
        'animal.honey',
        'animal.animal-fat',
        'animal.pork',
      ),
    ],
    open: 'with nuts, egg, honey, butter or lard in it?',
    namedBy: 'any',
  },
  'soup-greens': {
    facts: [...has('allergen.celery', 'ingredient.root'), ...maybe('ingredient.onion')],
    open: 'is leek or onion among them?',
    namedBy: 'any',
  },
  'pickled-cucumber': {
    facts: maybe('allergen.mustard', 'allergen.sulphites', 'ingredient.onion', 'ingredient.garlic'),
    open: 'pickled with mustard seeds, onion, garlic or sulphites?',
    namedBy: 'any',
  },
  'coated-peanuts': {
    facts: [...has('allergen.peanuts'), ...maybe('allergen.tree-nuts', 'allergen.gluten', 'allergen.soy')],
    open: 'in which crust, and with other nuts?',
    namedBy: 'any',
  },
  tapenade: {
    facts: maybe('allergen.fish', 'animal.fish', 'ingredient.garlic'),
    open: 'with anchovies in it?',
    namedBy: 'any',
  },
  'almond-sauce': {
    facts: [
      ...has('allergen.tree-nuts', 'ingredient.garlic'),
      ...maybe('nut.almond', 'nut.hazelnut', 'allergen.gluten'),
    ],
    open: 'with which nuts, and with bread?',
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
} satisfies Record<string, Concept>;
