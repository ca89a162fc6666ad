import { bakes, creams, skewers } from './data/bakes.js';
import { breads } from './data/breads.js';
import { firmCheeses } from './data/cheeses-firm.js';
import { softCheeses } from './data/cheeses-soft.js';
import { cheeses } from './data/cheeses.js';
import { cooked, morningBreads, plainMeats, plantCheeses } from './data/cooked.js';
import { plantBodies, seafood } from './data/fish-and-plants.js';
import { moreDried, moreFruit } from './data/fruit.js';
import { certifiedMeats, labelledBreads, labelledSweets } from './data/labelled.js';
import { garnishes, nuts, pickles, spreads, sweets } from './data/larder.js';
import { meats as moreMeats } from './data/meats.js';
import { moreGarnishes, moreNuts, moreSpreads, moreSweets } from './data/pantry.js';
import { fishes, meats, plants } from './data/proteins.js';
import { dried, fresh, vegetables } from './data/produce.js';
import { morePickles, moreVegetables } from './data/vegetables.js';
import { vehicles } from './data/vehicles.js';
import { GOOD_ALLERGENS, GOODS, KITCHEN } from './data/kitchen.js';
import { component, type Entry } from './entry.js';
import type { Component, ComponentId, Family, FormFact, FormId } from './facts.js';
import { factsOf, STAPLES } from './mixtures.js';

/** Rows by family, in the order of the families. */
const ROWS: readonly (readonly [Family, readonly Entry[]])[] = [
  ['cheese', [...cheeses, ...softCheeses, ...firmCheeses, ...plantCheeses]],
  ['cured-meat', [...meats, ...moreMeats, ...plainMeats, ...certifiedMeats]],
  ['fish', [...fishes, ...seafood]],
  ['plant-protein', [...plants, ...plantBodies]],
  ['cooked', cooked],
  ['vehicle', [...vehicles, ...breads, ...morningBreads, ...labelledBreads]],
  ['fresh-fruit', [...fresh, ...moreFruit, ...skewers]],
  ['dried-fruit', [...dried, ...moreDried]],
  ['vegetable', [...vegetables, ...moreVegetables]],
  ['pickle', [...pickles, ...morePickles]],
  ['nut-seed', [...nuts, ...moreNuts]],
  ['spread-dip', [...spreads, ...moreSpreads, ...creams]],
  ['sweet-bite', [...sweets, ...moreSweets, ...bakes, ...labelledSweets]],
  ['garnish', [...garnishes, ...moreGarnishes]],
];

const WRITTEN: readonly Component[] = ROWS.flatMap(([family, rows]) =>
  rows.map((row) => component(family, row)),
);
const written = new Map<string, Component>(WRITTEN.map((food) => [food.id, food]));

/** Goods as foods, so that their facts are read like any others. They are never laid. */
const goods = new Map<string, Component>(
  Object.entries(GOOD_ALLERGENS).map(([id, allergens]) => [
    id,
    component('garnish', {
      id,
      name: GOODS[id as keyof typeof GOODS][0],
      is: 'home-made',
      allergens,
      kcal: 0,
      per100: [0, 0, 0, 0, 0],
      taste: {},
      texture: 'soft',
      colours: ['#ffffff', '#ffffff', '#ffffff'],
      forms: [['sprig', 'sprig', 1, 10, 10]],
      packs: [[1, 1]],
    }),
  ]),
);

/** What is made at home is no freer of anything than the foods, staples and goods that go into it. */
function withParts(food: Component, partOf: (id: string) => Component | undefined): Component {
  if (food.made !== 'home-made') return food;
  const parts = (KITCHEN[food.id]?.[0] ?? []).flatMap(
    ([id]) => partOf(id) ?? STAPLES.get(id) ?? goods.get(id) ?? [],
  );
  return parts.length > 0 ? { ...food, ...factsOf([food, ...parts]) } : food;
}
const writtenPart = (id: string): Component | undefined => {
  const part = written.get(id);
  return part && withParts(part, writtenPart);
};

/**
 * A home-made food of the shipped catalogue, made of foods of which this larder knows more than was written: what their
 * labels say is true of it. Any other food as it is.
 */
export function remade(food: Component, larder: Larder): Component {
  const own = food === shipped.get(food.id) ? written.get(food.id) : undefined;
  return own ? withParts(own, (id) => larder.get(id as ComponentId)) : food;
}

/** What the application ships. */
export const CATALOGUE: readonly Component[] = WRITTEN.map((food) => withParts(food, writtenPart));
const shipped = new Map<ComponentId, Component>(CATALOGUE.map((food) => [food.id, food]));

/** The foods of the larder that go into a home-made one. */
export const larderPartsOf = (id: ComponentId): readonly ComponentId[] =>
  (KITCHEN[id]?.[0] ?? []).map(([part]) => part as ComponentId);

export type Larder = ReadonlyMap<ComponentId, Component>;

/** The shipped catalogue and the stylist's own components; an own one wins over a shipped one of its id. */
export function larderOf(own: readonly Component[] = []): Larder {
  return new Map([...CATALOGUE, ...own].map((component) => [component.id, component]));
}

/** The usual form: the first one listed. */
export function usualForm(component: Component): FormFact {
  return component.forms[0]!; // the schema asks for at least one form
}

export function formOf(component: Pick<Component, 'forms'>, form: FormId): FormFact | undefined {
  return component.forms.find((fact) => fact.form === form);
}
