export * from './facts.js';
export {
  ALL_FACT_KEYS,
  factGroup,
  factSource,
  factValue,
  isFactKey,
  known,
  factWords,
  possibleValues,
  withFact,
  withKnowledge,
  SALTY_FROM_G,
  VERY_SALTY_FROM_G,
  type FactKey,
} from './facts-view.js';
export { FORM_IDS, FORMS, formName, formVerb, type FormKind } from './forms.js';
export { CATALOGUE, formOf, larderOf, larderPartsOf, remade, usualForm, type Larder } from './catalogue.js';
export { ownComponent, ownId, plainForm } from './own.js';
export {
  CUP_ML,
  gramsOfMl,
  gramsOfOne,
  measured,
  TABLESPOON_ML,
  TEASPOON_ML,
  type Measure,
} from './measures.js';
export { searchComponents, wordsOf } from './search.js';
export { atHomeIn, isForeignTo, REGION_IDS, REGIONS, shareOf, type RegionId } from './regions.js';
export {
  EQUIPMENT,
  GOOD_IDS,
  goodOf,
  makingOf,
  type Aisle,
  type Equipment,
  type Good,
  type Making,
} from './kitchen.js';
export {
  homeMadeId,
  madeFrom,
  partsOf,
  priceOf,
  recipeOf,
  RECIPES,
  scaledTo,
  type Recipe,
  type ScaledRecipe,
} from './recipes.js';
export { STAPLES } from './mixtures.js';
export { buyingOf, COUNTER_STEP_G, type Buying, type Sold } from './buying.js';
export { DECOR, DECOR_SOURCE, findDecor, neverFood, type Decor } from './decor.js';
export { about, goesWith, pairing, TASTE_WORDS, type About } from './about.js';
export {
  colourName,
  COLOUR_NAMES,
  fitsFacets,
  noticedTastes,
  type ColourName,
  type Facets,
} from './facets.js';
export {
  IN_A_BOX,
  isPartner,
  isSoldAllYear,
  OCCASIONS,
  SAME_SETS,
  GREENS,
  likesOf,
  plainBeside,
  servingOf,
  type Helping,
  type Occasion,
  type Partners,
  type Serving,
} from './serving.js';
