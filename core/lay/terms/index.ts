import type { Component } from '../../catalogue/index.js';
import type { Reading } from '../reading.js';
import { alike } from './alike.js';
import { balance } from './balance.js';
import { colours } from './colours.js';
import { cover } from './cover.js';
import { free } from './free.js';
import { knife } from './knife.js';
import { mild } from './mild.js';
import { pairs } from './pairs.js';
import { places } from './places.js';
import { reach } from './reach.js';
import { sameFood } from './same-food.js';
import { star } from './star.js';
import { tall } from './tall.js';
import type { Kept } from './term.js';
import { theme } from './theme.js';
import { tips } from './tips.js';
import { wet } from './wet.js';

export { isAlike, ONE_PATCH } from './colours.js';
export { coveredShare } from './cover.js';
export { REACH_MM } from './reach.js';
export { TALL_MM } from './tall.js';
export type { Fault, Kept } from './term.js';
export { WANTED_APART } from './same-food.js';

/** Every rule of laying, each with its weight in its own file; one line here adds one. */
export const TERMS = [
  cover,
  colours,
  wet,
  pairs,
  knife,
  mild,
  star,
  sameFood,
  reach,
  balance,
  alike,
  tips,
  tall,
  free,
  theme,
  places,
] as const;
export type TermId = (typeof TERMS)[number]['id'];

/**
 * Points for a shared border, per millimetre: bad above nought. Same colours and wet by crisp are what the eye and the tooth
 * mind most; things that go together like a common border.
 */
export const borderPoints = (a: Component, b: Component): number =>
  TERMS.reduce((sum, { border }) => sum + (border?.(a, b) ?? 0), 0);

const known = new WeakMap<Reading, ReadonlyMap<TermId, Kept>>();

/** How well each rule is kept on a laid surface: judged once for what was read once. */
export function keptOn(reading: Reading): ReadonlyMap<TermId, Kept> {
  let kept = known.get(reading);
  if (!kept) known.set(reading, (kept = new Map(TERMS.map(({ id, read }) => [id, read(reading)]))));
  return kept;
}

/** One figure for the whole, 0 to 1: the terms by their weights; those with nothing to judge are left out. */
export function whole(all: ReadonlyMap<TermId, Kept>): number {
  let [sum, weights] = [0, 0];
  for (const { id, weight } of TERMS) {
    const { about, score } = all.get(id)!;
    if (!about) continue;
    sum += weight * score;
    weights += weight;
  }
  return weights === 0 ? 1 : sum / weights;
}
