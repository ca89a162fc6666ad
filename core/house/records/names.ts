import { CATALOGUE } from '../../catalogue/index.js';

const names = new Map<string, string>(CATALOGUE.map((component) => [component.id, component.name]));

/** A food as the house lists it; one that the catalogue does not know, by its id. */
export const foodName = (id: string): string => names.get(id) ?? id;
