import type { FactKey } from '../catalogue/index.js';

/** Facts that words of labels state; those of whole families have a name. */
export type Facts = readonly (readonly [FactKey, string])[];

export const has = (...keys: FactKey[]) => keys.map((fact) => [fact, 'contains'] as const);
export const maybe = (...keys: FactKey[]) => keys.map((fact) => [fact, 'brand'] as const);
export const nut = (species: string): Facts => [
  ...has('allergen.tree-nuts'),
  [`nut.${species}` as FactKey, 'contains'],
];

export const MILK = has('allergen.milk', 'animal.milk');
export const MILKY: Facts = [...MILK, ['lactose', 'contains']];
export const CHEESE: Facts = [...MILK, ['rennet', 'depends'], ['supervision', 'needed']];
export const EGG = has('allergen.egg', 'animal.egg');
export const EGG_OR_MILK = maybe('allergen.egg', 'animal.egg', 'allergen.milk', 'animal.milk');
export const MEAT: Facts = [
  ['slaughter', 'needed'],
  ['supervision', 'needed'],
];
export const GELATINE: Facts = [...has('animal.gelatine'), ...MEAT];
export const FISH = has('allergen.fish', 'animal.fish');
export const PORK: Facts = [...has('animal.pork'), ...MEAT];
export const BEEF: Facts = [...has('animal.beef'), ...MEAT];
export const POULTRY: Facts = [...has('animal.poultry'), ...MEAT];
export const CASK = has('alcohol', 'ingredient.grape-product');
export const STOCK = maybe(
  'allergen.celery',
  'allergen.gluten',
  'ingredient.onion',
  'ingredient.garlic',
  'ingredient.root',
);
export const FAT_QUESTION = 'made of plant or of animal fat?';
