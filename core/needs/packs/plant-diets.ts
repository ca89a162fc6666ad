import type { NeedPack, Rule } from '../pack.js';

const OF_ANIMALS = [
  ['animal.pork', 'pork'],
  ['animal.beef', 'beef'],
  ['animal.lamb', 'lamb'],
  ['animal.poultry', 'poultry'],
  ['animal.fish', 'fish'],
  ['animal.shellfish', 'shellfish'],
  ['animal.animal-fat', 'animal fat'],
  ['animal.gelatine', 'gelatine'],
  ['animal.insects', 'carmine or shellac'],
] as const;

const FROM_ANIMALS = [
  ['animal.honey', 'honey'],
  ['animal.egg', 'egg'],
  ['animal.milk', 'milk'],
  ['allergen.milk', 'milk'],
  ['allergen.egg', 'egg'],
  ['allergen.fish', 'fish'],
  ['allergen.crustaceans', 'crustaceans'],
  ['allergen.molluscs', 'molluscs'],
] as const;

const traced = (on: boolean) => ({ setting: 'traces', is: on ? ['ask'] : ['accept'] });

/** "May contain" is a warning about traces, not an ingredient: some vegans ask, some accept it. */
const veganRule = ([fact, word]: (typeof OF_ANIMALS)[number] | (typeof FROM_ANIMALS)[number]): Rule[] => [
  {
    fact,
    when: traced(true),
    forbidden: ['contains'],
    ask: ['may'],
    why: `it has ${word} in it`,
    source: 'label practice',
  },
  {
    fact,
    when: traced(false),
    forbidden: ['contains'],
    why: `it has ${word} in it`,
    source: 'label practice',
  },
];

export const vegan: NeedPack = {
  id: 'vegan',
  name: 'Vegan',
  also: ['vegans', 'plant-based'],
  rim: 'strokes',
  summary: 'Nothing of an animal: no meat, fish, milk, egg, honey, gelatine, carmine or animal rennet.',
  grave: false,
  settings: [
    {
      id: 'traces',
      name: 'May contain milk or egg',
      values: [
        { id: 'ask', name: 'ask the guest' },
        { id: 'accept', name: 'accept' },
      ],
      default: 'ask',
    },
  ],
  rules: [
    ...OF_ANIMALS.flatMap(veganRule),
    ...FROM_ANIMALS.flatMap(veganRule),
    { fact: 'rennet', forbidden: ['animal'], why: 'it is set with animal rennet', source: 'label practice' },
  ],
};

export const vegetarian: NeedPack = {
  id: 'vegetarian',
  name: 'Vegetarian',
  also: ['vegetarians', 'veggie', 'veggies'],
  rim: 'waves',
  summary: 'No meat, fish, gelatine, carmine or animal fat; about rennet people differ.',
  grave: false,
  settings: [
    {
      id: 'rennet',
      name: 'Animal rennet',
      values: [
        { id: 'strict', name: 'never' },
        { id: 'lenient', name: 'does not matter' },
      ],
      default: 'strict',
    },
  ],
  rules: [
    ...OF_ANIMALS.map(([fact, word]): Rule => ({
      fact,
      forbidden: ['contains'],
      why: `it has ${word} in it`,
      source: 'label practice',
    })),
    { fact: 'allergen.fish', forbidden: ['contains'], why: 'it has fish in it', source: 'label practice' },
    {
      fact: 'allergen.crustaceans',
      forbidden: ['contains'],
      why: 'it has crustaceans in it',
      source: 'label practice',
    },
    {
      fact: 'allergen.molluscs',
      forbidden: ['contains'],
      why: 'it has molluscs in it',
      source: 'label practice',
    },
    {
      fact: 'rennet',
      when: { setting: 'rennet', is: ['strict'] },
      forbidden: ['animal'],
      why: 'it is set with animal rennet',
      source: 'label practice',
    },
  ],
};
