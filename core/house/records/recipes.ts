import { ownRecipeSchema } from '../../plan/index.js';
import { record } from '../record.js';

/** What the stylist makes, to be made again. */
export const recipes = record({
  title: 'Recipes of your own',
  one: 'recipe',
  none: 'What you make yourself can be kept as a recipe for every plan.',
  version: 1,
  schema: ownRecipeSchema,
  keyOf: (recipe) => recipe.id,
  nameOf: (recipe) => recipe.name,
  migrations: [],
  most: 500,
});
