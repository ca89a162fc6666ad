import { cheeses } from './data/cheeses.js';
import { larder } from './data/larder.js';
import { proteins } from './data/proteins.js';
import { produce } from './data/produce.js';
import { vehicles } from './data/vehicles.js';
import type { Component, ComponentId, FormFact, FormId } from './facts.js';

/** What the application ships, in the order of the families. */
export const CATALOGUE: readonly Component[] = [...cheeses, ...proteins, ...vehicles, ...produce, ...larder];

export type Larder = ReadonlyMap<ComponentId, Component>;

/** The shipped catalogue and the stylist's own components; an own one wins over a shipped one of its id. */
export function larderOf(own: readonly Component[] = []): Larder {
  return new Map([...CATALOGUE, ...own].map((c) => [c.id, c]));
}

/** The usual form: the first one listed. */
export function usualForm(component: Component): FormFact {
  return component.forms[0]!; // the schema asks for at least one form
}

export function formOf(component: Component, form: FormId): FormFact | undefined {
  return component.forms.find((f) => f.form === form);
}
