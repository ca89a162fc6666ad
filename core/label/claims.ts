import { ANIMAL_PARTS, type FactKey } from '../catalogue/index.js';

export interface Claim {
  words: RegExp;
  facts: readonly (readonly [FactKey, string])[];
  /** A claim that nobody may infer a certificate from. */
  question?: string;
}

const free = (...keys: FactKey[]) => keys.map((k) => [k, 'free'] as const);
const animals = ANIMAL_PARTS.map((a) => `animal.${a}` as const);
const FLESH = animals.filter(
  (a) => !['animal.honey', 'animal.beeswax', 'animal.egg', 'animal.milk'].includes(a),
);

/** Words before "free", and what is free then. "Dairy and gluten free" names both. */
export const FREE_WORDS: Record<string, readonly FactKey[]> = {
  gluten: ['allergen.gluten'],
  wheat: [],
  dairy: ['allergen.milk', 'animal.milk'],
  milk: ['allergen.milk', 'animal.milk'],
  lactose: [],
  egg: ['allergen.egg', 'animal.egg'],
  nut: ['allergen.tree-nuts'],
  'tree nut': ['allergen.tree-nuts'],
  peanut: ['allergen.peanuts'],
  soy: ['allergen.soy'],
  soya: ['allergen.soy'],
  sesame: ['allergen.sesame'],
  fish: ['allergen.fish', 'animal.fish'],
  shellfish: ['allergen.crustaceans', 'allergen.molluscs', 'animal.shellfish'],
  celery: ['allergen.celery'],
  mustard: ['allergen.mustard'],
  lupin: ['allergen.lupin'],
  sulphite: ['allergen.sulphites'],
  sulfite: ['allergen.sulphites'],
  alcohol: ['alcohol'],
  gelatine: ['animal.gelatine'],
  gelatin: ['animal.gelatine'],
  pork: ['animal.pork'],
};

const WORDS = Object.keys(FREE_WORDS)
  .sort((a, b) => b.length - a.length)
  .join('|');
/** "gluten-free", "dairy & egg free", "free from" is a statement of its own. */
export const X_FREE = new RegExp(
  `\\b((?:(?:${WORDS})s?\\s*(?:&|and|/|or)?\\s*-?\\s*)+)-?\\s*free\\b(?! from)`,
  'g',
);
export const FREE_WORD = new RegExp(`\\b(${WORDS})s?\\b`, 'g');

const open = (...keys: FactKey[]) => keys.map((k) => [k, 'brand'] as const);

export const CLAIMS: readonly Claim[] = [
  // said against: nobody knows which ingredient it is, so all that it may be stays open
  {
    words: /\b(?:not|non|un|may not be)[ -]?(?:suitable for )?vegans?\b/g,
    facts: open('animal.milk', 'animal.egg', 'animal.honey', 'animal.animal-fat'),
    question: 'why is it not for vegans?',
  },
  {
    words: /\b(?:not|non|un|may not be)[ -]?(?:suitable for )?(?:vegans? (?:and|or) )?vegetarians?\b/g,
    facts: [...open('animal.animal-fat', 'animal.gelatine', 'animal.insects'), ['rennet', 'depends']],
    question: 'why is it not for vegetarians?',
  },
  { words: /\b(?:not|un) ?suitable for coeliacs?\b/g, facts: [['allergen.gluten', 'contains']] },
  {
    words:
      /\b(?:suitable for |certified |100 ?% |labelled |registered )?vegans?\b(?! (?:butter|cheese|cream|milk|mayonnaise|chocolate))/g,
    facts: [...free(...animals), ['gelatine-from', 'none'], ['slaughter', 'no-meat'], ['rennet', 'none']],
  },
  {
    words: /\b(?:suitable for |certified )?vegetarians?\b(?! (?:rennet|coagulant|enzymes?|cultures?))/g,
    facts: [...free(...FLESH), ['gelatine-from', 'none'], ['slaughter', 'no-meat'], ['rennet', 'microbial']],
  },
  { words: /\bsuitable for coeliacs\b/g, facts: free('allergen.gluten') },
  { words: /\blactose[- ]free\b/g, facts: [['lactose', 'none']] },
  {
    words: /\bhalal\b/g,
    facts: [],
    question: 'the word halal stands on it: who has seen which certificate?',
  },
  {
    words: /\bkosher\b(?! salt)/g,
    facts: [],
    question: 'the word kosher stands on it: under which supervision?',
  },
  { words: /\b(?:unpasteurised|unpasteurized|raw milk)\b/g, facts: [['milk-treatment', 'raw']] },
];
