import { BY_WEIGHT, EDIBLE, KEEPS, KEEPS_BY_CLASS, UNDER_FILM } from './data/buying.js';
import type { Component, FormId } from './facts.js';
import { servingOf } from './serving.js';

/**
 * How a food is bought: by weight, from a counter or loose, to fifty grams; in a pack that keeps, so that what is left is
 * stock; or in a pack that is finished soon once it is open.
 */
export type Sold = 'by-weight' | 'keeps' | 'sealed';

export interface Buying {
  sold: Sold;
  /** Of what is weighed in the shop, the part that is eaten: without rind, stones, peel and core. */
  edible: number;
  source: 'house default';
}

/** What a counter cuts is bought in these steps. */
export const COUNTER_STEP_G = 50;

const words = (text: string): ReadonlySet<string> => new Set(text.split(/\s+/).filter(Boolean));
const [byWeight, keeps, keepsByClass, underFilm] = [BY_WEIGHT, KEEPS, KEEPS_BY_CLASS, UNDER_FILM].map(
  words,
) as [ReadonlySet<string>, ReadonlySet<string>, ReadonlySet<string>, ReadonlySet<string>];

/** Cheese and meat in these forms are cut or sliced for the guest who buys. */
const CUT_TO_ORDER: ReadonlySet<FormId> = new Set<FormId>([
  'wedge',
  'cubes',
  'slices',
  'chunks',
  'ribbon',
  'quarter-folds',
]);
function soldAs(component: Component): Sold {
  const { id, family, milk } = component;
  if (keeps.has(id) || keepsByClass.has(servingOf(component).class)) return 'keeps';
  if (byWeight.has(id)) return 'by-weight';
  if (servingOf(component).source !== 'house default' || underFilm.has(id)) return 'sealed';
  if (family === 'nut-seed') return 'by-weight';
  const cut = family === 'cheese' || family === 'cured-meat';
  return cut && milk !== 'plant' && CUT_TO_ORDER.has(component.forms[0]!.form) ? 'by-weight' : 'sealed';
}

/** How a food is bought; one of the stylist's own comes in its pack, and all of it is eaten. */
export const buyingOf = (component: Component): Buying => ({
  sold: soldAs(component),
  edible: EDIBLE[component.id] ?? 1,
  source: 'house default',
});
