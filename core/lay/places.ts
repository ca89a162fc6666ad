import type { Component } from '../catalogue/index.js';
import type { MarkedPlace, Surface } from '../plan/index.js';

type Wanted = Exclude<MarkedPlace['for'], 'open'>;

/** What is meant by each word that a hand puts on a place. */
const FAMILIES: Readonly<Record<Wanted, readonly Component['family'][]>> = {
  cheese: ['cheese'],
  meat: ['cured-meat', 'fish', 'cooked', 'plant-protein'],
  bread: ['vehicle'],
  fruit: ['fresh-fruit', 'dried-fruit'],
  green: ['vegetable', 'pickle'],
  nuts: ['nut-seed'],
  dips: ['spread-dip'],
  sweet: ['sweet-bite'],
};

/** Is this the food that was wanted there? */
export const isWantedAt = (component: Component, { for: what }: MarkedPlace): boolean =>
  what !== 'open' && FAMILIES[what].includes(component.family);

/** Places where some kind of food is wanted. */
export const wantedPlaces = ({ places = [] }: Surface): MarkedPlace[] =>
  places.filter((place) => place.for !== 'open');
