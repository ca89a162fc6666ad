import type { Component, FactGroup, FormId, Source } from './facts.js';
import {
  ALLERGENS,
  ANIMAL_PARTS,
  CHOKING,
  FISH_KINDS,
  GELATINES,
  INGREDIENTS,
  LACTOSES,
  MILK_TREATMENTS,
  NUT_SPECIES,
  OATS,
  PRESENCES,
  PROCESSES,
  RENNETS,
  SALT_CLASSES,
  SLAUGHTERS,
  SUPERVISIONS,
} from './facts.js';

/**
 * A component's facts as a flat list of keys with one value each: what a need's rules and a label's answers
 * speak of. `choking` is a fact of the component in one form.
 */
export type FactKey =
  | `allergen.${(typeof ALLERGENS)[number]}`
  | `nut.${(typeof NUT_SPECIES)[number]}`
  | `animal.${(typeof ANIMAL_PARTS)[number]}`
  | `ingredient.${(typeof INGREDIENTS)[number]}`
  | 'process'
  | 'lactose'
  | 'fish-kind'
  | 'supervision'
  | 'gelatine-from'
  | 'rennet'
  | 'alcohol'
  | 'slaughter'
  | 'oats'
  | 'milk-treatment'
  | 'salt-class'
  | 'choking';

/** Limits of `salt-class`, grams of salt in 100 g (house default, after traffic-light label guidance at 1.5 g). */
export const SALTY_FROM_G = 1.5;
export const VERY_SALTY_FROM_G = 3;

/** Facts that are a field of the component and have values of their own. */
const FIELDS = {
  'gelatine-from': { field: 'gelatineFrom', values: GELATINES },
  rennet: { field: 'rennet', values: RENNETS },
  slaughter: { field: 'slaughter', values: SLAUGHTERS },
  oats: { field: 'oats', values: OATS },
  'milk-treatment': { field: 'milkTreatment', values: MILK_TREATMENTS },
  process: { field: 'process', values: PROCESSES },
  lactose: { field: 'lactose', values: LACTOSES },
  'fish-kind': { field: 'fishKind', values: FISH_KINDS },
  supervision: { field: 'supervision', values: SUPERVISIONS },
} as const;
type FieldKey = keyof typeof FIELDS;
const FIELD_KEYS = new Set<string>(Object.keys(FIELDS));
const isField = (key: string): key is FieldKey => FIELD_KEYS.has(key);

/** Facts that come in groups: present or not. */
const GROUPS = { allergen: 'allergens', nut: 'nuts', animal: 'animal', ingredient: 'notable' } as const;
type Group = keyof typeof GROUPS;
/** Taken apart once: the judge asks for thousands of facts at a time. */
const PARTS = new Map<FactKey, readonly [Group, string]>();
function split(key: FactKey): readonly [Group, string] {
  const known = PARTS.get(key);
  if (known) return known;
  const parts = key.split('.') as [Group, string];
  PARTS.set(key, parts);
  return parts;
}

/** All values that a fact may truly have. `brand`, `depends` and `unknown` are states of knowledge, not values. */
export function possibleValues(key: FactKey): readonly string[] {
  return (VALUES[key] ??= valuesOf(key));
}

const VALUES: Partial<Record<FactKey, readonly string[]>> = {};

function valuesOf(key: FactKey): readonly string[] {
  if (isField(key)) return FIELDS[key].values.filter(known);
  if (key === 'salt-class') return SALT_CLASSES.filter(known);
  if (key === 'choking') return CHOKING.filter(known);
  return PRESENCES.filter(known);
}

export const known = (value: string): boolean =>
  value !== 'brand' && value !== 'depends' && value !== 'unknown';

export const ALL_FACT_KEYS: readonly FactKey[] = [
  ...ALLERGENS.map((allergen) => `allergen.${allergen}` as const),
  ...NUT_SPECIES.map((species) => `nut.${species}` as const),
  ...ANIMAL_PARTS.map((a) => `animal.${a}` as const),
  ...INGREDIENTS.map((a) => `ingredient.${a}` as const),
  'gelatine-from',
  'rennet',
  'alcohol',
  'slaughter',
  'oats',
  'milk-treatment',
  'process',
  'lactose',
  'fish-kind',
  'supervision',
  'salt-class',
  'choking',
];

export function isFactKey(text: string): text is FactKey {
  return (ALL_FACT_KEYS as readonly string[]).includes(text);
}

function saltClass(saltG: number | null): string {
  if (saltG === null) return 'unknown';
  return saltG >= VERY_SALTY_FROM_G ? 'very-salty' : saltG >= SALTY_FROM_G ? 'salty' : 'mild';
}

/** The value of a fact; a form that the component does not know has an unknown choking shape. */
export function factValue(component: Component, key: FactKey, form: FormId): string {
  if (isField(key)) return component[FIELDS[key].field];
  if (key === 'alcohol') return component.alcohol;
  if (key === 'salt-class') return saltClass(component.per100g.saltG);
  if (key === 'choking') return component.forms.find((fact) => fact.form === form)?.choking ?? 'unknown';
  const [group, name] = split(key);
  return (component[GROUPS[group]] as Record<string, string>)[name]!;
}

/** The component with one fact changed, as a label or a person told it. Salt and choking are not told this way. */
export function withFact(component: Component, key: FactKey, value: string): Component {
  if (!possibleValues(key).includes(value)) throw new Error(`"${value}" is no value of ${key}`);
  return withKnowledge(component, key, value);
}

/** As `withFact`, but what is known may also be that nobody knows yet: "brand", "depends", "unknown". */
export function withKnowledge(component: Component, key: FactKey, value: string): Component {
  if (key === 'salt-class' || key === 'choking') throw new Error(`${key} is worked out, not told`);
  if (isField(key)) return { ...component, [FIELDS[key].field]: value };
  if (key === 'alcohol') return { ...component, alcohol: value as Component['alcohol'] };
  const [group, name] = split(key);
  const field = GROUPS[group];
  const told = { ...component, [field]: { ...component[field], [name]: value } };
  return key === 'allergen.tree-nuts' && value === 'free'
    ? { ...told, nuts: nutsWithoutTreeNuts(component) }
    : told;
}

/**
 * "No tree nuts" on a label rules out the species that labels count as such; coconut and pine nut are not among
 * them everywhere, so they stay open.
 */
function nutsWithoutTreeNuts(component: Component): Component['nuts'] {
  const nuts = { ...component.nuts };
  for (const species of NUT_SPECIES)
    if (species !== 'coconut' && species !== 'pine-nut' && !known(nuts[species])) nuts[species] = 'free';
  return nuts;
}

export function factGroup(key: FactKey): FactGroup {
  if (key.startsWith('allergen.') || key.startsWith('nut.')) return 'allergens';
  if (key === 'choking') return 'choking';
  if (key === 'salt-class') return 'nutrition';
  return 'origin';
}

export const factSource = (component: Component, key: FactKey): Source => component.sources[factGroup(key)];

/** A fact in plain words: "allergen.tree-nuts" is "tree nuts". */
export const factWords = (key: FactKey): string => WORDS[key] ?? key.split('.').at(-1)!.replace(/-/g, ' ');

/** Where the key alone is a cook's puzzle. */
const WORDS: Partial<Record<FactKey, string>> = {
  'animal.insects': 'carmine or shellac',
  'ingredient.root': 'root vegetables',
  'ingredient.mushroom': 'mushrooms',
  'ingredient.grape-product': 'wine or grape juice',
  'nut.brazil': 'Brazil nut',
  slaughter: 'halal certificate',
  supervision: 'kosher supervision',
  process: 'how it was made',
  'fish-kind': 'kind of fish',
};
