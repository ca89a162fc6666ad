import type { Component, FactGroup, FormId, Source } from './facts.js';
import {
  ALLERGENS,
  ANIMAL_PARTS,
  CHOKING,
  GELATINES,
  MILK_TREATMENTS,
  NUT_SPECIES,
  OATS,
  PRESENCES,
  RENNETS,
  SALT_CLASSES,
} from './facts.js';

/**
 * A component's facts as a flat list of keys with one value each: what a need's rules and a label's answers
 * speak of. `choking` is a fact of the component in one form.
 */
export type FactKey =
  | `allergen.${(typeof ALLERGENS)[number]}`
  | `nut.${(typeof NUT_SPECIES)[number]}`
  | `animal.${(typeof ANIMAL_PARTS)[number]}`
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

/** All values that a fact may truly have. `brand`, `depends` and `unknown` are states of knowledge, not values. */
export function possibleValues(key: FactKey): readonly string[] {
  if (key === 'gelatine-from') return GELATINES.filter(known);
  if (key === 'rennet') return RENNETS.filter(known);
  if (key === 'slaughter') return ['no-meat', 'needed', 'certified'];
  if (key === 'oats') return OATS.filter(known);
  if (key === 'milk-treatment') return MILK_TREATMENTS.filter(known);
  if (key === 'salt-class') return SALT_CLASSES.filter(known);
  if (key === 'choking') return CHOKING.filter(known);
  return PRESENCES.filter(known);
}

export const known = (value: string): boolean =>
  value !== 'brand' && value !== 'depends' && value !== 'unknown';

export const ALL_FACT_KEYS: readonly FactKey[] = [
  ...ALLERGENS.map((a) => `allergen.${a}` as const),
  ...NUT_SPECIES.map((n) => `nut.${n}` as const),
  ...ANIMAL_PARTS.map((a) => `animal.${a}` as const),
  'gelatine-from',
  'rennet',
  'alcohol',
  'slaughter',
  'oats',
  'milk-treatment',
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
  if (key === 'gelatine-from') return component.gelatineFrom;
  if (key === 'rennet') return component.rennet;
  if (key === 'alcohol') return component.alcohol;
  if (key === 'slaughter') return component.slaughter;
  if (key === 'oats') return component.oats;
  if (key === 'milk-treatment') return component.milkTreatment;
  if (key === 'salt-class') return saltClass(component.per100g.saltG);
  if (key === 'choking') return component.forms.find((f) => f.form === form)?.choking ?? 'unknown';
  const [group, name] = key.split('.') as [string, never];
  if (group === 'allergen') return component.allergens[name];
  if (group === 'nut') return component.nuts[name];
  return component.animal[name];
}

/** The component with one fact changed, as a label or a person told it. Salt and choking are not told this way. */
export function withFact(component: Component, key: FactKey, value: string): Component {
  if (!possibleValues(key).includes(value)) throw new Error(`"${value}" is no value of ${key}`);
  if (key === 'gelatine-from') return { ...component, gelatineFrom: value as Component['gelatineFrom'] };
  if (key === 'rennet') return { ...component, rennet: value as Component['rennet'] };
  if (key === 'alcohol') return { ...component, alcohol: value as Component['alcohol'] };
  if (key === 'slaughter') return { ...component, slaughter: value as Component['slaughter'] };
  if (key === 'oats') return { ...component, oats: value as Component['oats'] };
  if (key === 'milk-treatment') return { ...component, milkTreatment: value as Component['milkTreatment'] };
  if (key === 'salt-class' || key === 'choking') throw new Error(`${key} is worked out, not told`);
  const [group, name] = key.split('.') as [string, string];
  if (group === 'allergen') {
    const told = { ...component, allergens: { ...component.allergens, [name]: value } };
    return name === 'tree-nuts' && value === 'free'
      ? { ...told, nuts: nutsWithoutTreeNuts(component) }
      : told;
  }
  if (group === 'nut') return { ...component, nuts: { ...component.nuts, [name]: value } };
  return { ...component, animal: { ...component.animal, [name]: value } };
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
export const factWords = (key: FactKey): string => key.split('.').at(-1)!.replace(/-/g, ' ');
