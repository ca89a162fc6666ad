import type { Component } from '../catalogue/index.js';

/** What is better for the cold, sheds nothing and drinks no water: dips, fish, fruit. Cheese tastes of nothing on ice. */
export const suitsIce = ({ holdOut, temperMin, sheds, family }: Component): boolean =>
  holdOut !== 'stable' && temperMin === 0 && sheds.length === 0 && ICED.has(family);

const ICED: ReadonlySet<Component['family']> = new Set([
  'spread-dip',
  'fish',
  'cooked',
  'fresh-fruit',
  'vegetable',
  'pickle',
  'plant-protein',
  'sweet-bite',
]);
