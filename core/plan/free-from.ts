import { factValue, type Component, type FactKey } from '../catalogue/index.js';

/** What a surface can be kept free from. Each is a list of facts and the values that break the promise. */
export interface FreeFrom {
  id: FreeFromId;
  name: string;
  breaks: readonly { fact: FactKey; values: readonly string[] }[];
}

export const FREE_FROM_IDS = [
  'pork',
  'meat',
  'fish',
  'nuts',
  'peanuts',
  'gluten',
  'milk',
  'egg',
  'honey',
  'alcohol',
  'sesame',
] as const;
export type FreeFromId = (typeof FREE_FROM_IDS)[number];

const contains = (...facts: FactKey[]) => facts.map((fact) => ({ fact, values: ['contains'] as const }));
const orTraces = (...facts: FactKey[]) =>
  facts.map((fact) => ({ fact, values: ['contains', 'may'] as const }));

export const FREE_FROM: readonly FreeFrom[] = [
  {
    id: 'pork',
    name: 'pork',
    breaks: [...contains('animal.pork'), { fact: 'gelatine-from', values: ['pork'] }],
  },
  {
    id: 'meat',
    name: 'meat',
    breaks: contains('animal.pork', 'animal.beef', 'animal.lamb', 'animal.poultry'),
  },
  {
    id: 'fish',
    name: 'fish',
    breaks: contains('allergen.fish', 'allergen.crustaceans', 'allergen.molluscs'),
  },
  { id: 'nuts', name: 'nuts', breaks: orTraces('allergen.tree-nuts') },
  { id: 'peanuts', name: 'peanuts', breaks: orTraces('allergen.peanuts') },
  {
    id: 'gluten',
    name: 'gluten',
    breaks: [...orTraces('allergen.gluten'), { fact: 'oats', values: ['uncertified'] }],
  },
  { id: 'milk', name: 'milk', breaks: contains('allergen.milk') },
  { id: 'egg', name: 'egg', breaks: contains('allergen.egg') },
  { id: 'honey', name: 'honey', breaks: contains('animal.honey') },
  { id: 'alcohol', name: 'alcohol', breaks: contains('alcohol') },
  { id: 'sesame', name: 'sesame', breaks: orTraces('allergen.sesame') },
];

const UNSURE = new Set(['brand', 'depends', 'unknown']);

/** `breaks`: the food has it. `ask`: the label must say. `keeps`: the facts rule it out. */
export function keepsFree(component: Component, id: FreeFromId): 'keeps' | 'ask' | 'breaks' {
  const kind = FREE_FROM.find((freeFrom) => freeFrom.id === id)!;
  const form = component.forms[0]!.form;
  const values = kind.breaks.map((b) => ({ ...b, value: factValue(component, b.fact, form) }));
  if (values.some((value) => value.values.includes(value.value))) return 'breaks';
  return values.some((value) => UNSURE.has(value.value)) ? 'ask' : 'keeps';
}
