import type { Concept } from './concepts/concept.js';
import { ANIMALS_AND_PLANTS } from './concepts/of-animals-and-plants.js';
import { DISHES } from './concepts/of-dishes.js';
import { GRAIN_AND_MILK } from './concepts/of-grain-and-milk.js';
import { OF_ONE_WORD } from './concepts/of-one-word.js';
import { NUTS_AND_CAKES } from './concepts/of-nuts-and-cakes.js';

const concepts = { ...GRAIN_AND_MILK, ...NUTS_AND_CAKES, ...ANIMALS_AND_PLANTS, ...DISHES, ...OF_ONE_WORD };

export type { Concept } from './concepts/concept.js';
export type ConceptId = keyof typeof concepts;
/** What words of labels stand for, whatever the language. */
export const CONCEPTS: Readonly<Record<ConceptId, Concept>> = concepts;
