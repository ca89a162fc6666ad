import { ANIMAL_PARTS, type FactKey } from '../catalogue/index.js';
import type { ConceptId } from './concepts.js';
import type { Lexicon } from './lexicon.js';
import type { Item } from './match.js';

type Facts = readonly (readonly [FactKey, string])[];

/** What a claim says of the whole food, and where it stands. */
export interface Claim {
  items: readonly Item[];
  facts: Facts;
  /** A claim that nobody may infer a certificate from, or that is said against the food. */
  question?: string;
}

const free = (...keys: FactKey[]) => keys.map((fact) => [fact, 'free'] as const);
const brand = (...keys: FactKey[]) => keys.map((fact) => [fact, 'brand'] as const);
const ANIMALS = ANIMAL_PARTS.map((a) => `animal.${a}` as const);
const ALIVE = ['animal.honey', 'animal.beeswax', 'animal.egg', 'animal.milk'];
const FLESH = ANIMALS.filter((a) => !ALIVE.includes(a));
const OF_ANIMALS: readonly FactKey[] = [...ANIMALS, 'gelatine-from', 'slaughter', 'supervision'];

/** What is free where a word stands beside "free". "Wheat free" says nothing of rye. */
export function freed(id: ConceptId, words: string): Facts {
  if (id === 'gluten')
    return words.startsWith('glut') ? [...free('allergen.gluten'), ['oats', 'certified']] : [];
  if (id === 'milk-part') return /^la[ckt]+t?os/.test(words) ? [['lactose', 'none']] : [];
  return FREED[id] ?? [];
}
const FREED: Partial<Record<ConceptId, Facts>> = {
  milk: free('allergen.milk', 'animal.milk'),
  egg: free('allergen.egg', 'animal.egg'),
  nuts: free('allergen.tree-nuts'),
  'tree-nuts': free('allergen.tree-nuts'),
  peanut: free('allergen.peanuts'),
  soy: free('allergen.soy'),
  sesame: free('allergen.sesame'),
  fish: free('allergen.fish', 'animal.fish'),
  shellfish: free('allergen.crustaceans', 'allergen.molluscs', 'animal.shellfish'),
  crustacean: free('allergen.crustaceans'),
  mollusc: free('allergen.molluscs'),
  celery: free('allergen.celery'),
  mustard: free('allergen.mustard'),
  lupin: free('allergen.lupin'),
  sulphites: free('allergen.sulphites'),
  alcohol: free('alcohol'),
  gelatine: free('animal.gelatine'),
  pork: free('animal.pork'),
  meat: free(...FLESH),
};

export const VEGAN: Facts = [
  ...free(...ANIMALS),
  ['gelatine-from', 'none'],
  ['slaughter', 'no-meat'],
  ['rennet', 'none'],
];
const VEGETARIAN: Facts = [
  ...free(...FLESH),
  ['gelatine-from', 'none'],
  ['slaughter', 'no-meat'],
  ['rennet', 'microbial'],
];
const NOT_VEGAN: Facts = brand('animal.milk', 'animal.egg', 'animal.honey', 'animal.animal-fat');
const NOT_VEGETARIAN: Facts = [
  ...brand('animal.animal-fat', 'animal.gelatine', 'animal.insects'),
  ['rennet', 'depends'],
];
/** Facts that a word such as "vegan" beside it takes out of a food: "vegan cheese". */
const NOT_IN_PLANTS: ReadonlySet<FactKey> = new Set([
  ...OF_ANIMALS,
  'allergen.milk',
  'allergen.egg',
  'allergen.fish',
  'allergen.crustaceans',
  'allergen.molluscs',
  'lactose',
  'rennet',
  'fish-kind',
  'milk-treatment',
]);
const NOT_IN_VEGETARIAN: ReadonlySet<FactKey> = new Set([
  ...FLESH,
  'gelatine-from',
  'slaughter',
  'fish-kind',
  'allergen.fish',
]);

export const isOfAnimal = (key: FactKey): boolean => NOT_IN_PLANTS.has(key);
export const isOfSlaughter = (key: FactKey): boolean => NOT_IN_VEGETARIAN.has(key);

const HALAL = /^halal/;
const KOSHER = /^(?:kosher|koscher|kasher|casher|koszern?|kosjer)/;
const COELIAC = /^(?:coeliac|celiac|zoliak|zoeliak|coeliaq|celiach|celiac|coeliak|celiak)/;

/** What a word claims of the food that it stands on; nothing when it is no such word. */
export function claimOf(item: Item, lexicon: Lexicon, denied: boolean): Omit<Claim, 'items'> | undefined {
  if (HALAL.test(item.words))
    return { facts: [], question: 'the word halal stands on it: who has seen which certificate?' };
  if (KOSHER.test(item.words))
    return { facts: [], question: 'the word kosher stands on it: under which supervision?' };
  if (COELIAC.test(item.words))
    return { facts: denied ? [['allergen.gluten', 'contains']] : free('allergen.gluten') };
  if (item.what !== 'manner') return undefined;
  if (lexicon.is('vegan', item.words))
    return denied ? { facts: NOT_VEGAN, question: 'why is it not for vegans?' } : { facts: VEGAN };
  if (lexicon.is('vegetarian', item.words))
    return denied
      ? { facts: NOT_VEGETARIAN, question: 'why is it not for vegetarians?' }
      : { facts: VEGETARIAN };
  return undefined;
}
