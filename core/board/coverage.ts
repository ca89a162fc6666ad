import type { Component } from '../catalogue/index.js';
import { isFresh } from './tastes.js';

/**
 * What makes a guest looked after, once for who composes and who checks. A board is composed with a little more than what
 * is checked, so that rounding to whole pieces leaves nobody short.
 */
export interface Part {
  id: 'body' | 'vehicle' | 'fresh';
  /** The least share of a portion that is composed, and the least before Check says that it is missing (house default). */
  composed: number;
  least: number;
  is(component: Component): boolean;
}

/** No plate may be without these. Without bread in the course, the vehicle is left out. */
export const PARTS: readonly Part[] = [
  {
    id: 'vehicle',
    composed: 0.06,
    least: 0.035,
    is: (component) => component.job === 'vehicle',
  },
  { id: 'body', composed: 0.15, least: 0.13, is: (component) => component.job === 'body' },
  { id: 'fresh', composed: 0.12, least: 0.1, is: isFresh },
];

export const partsAsked = (bread: boolean): readonly Part[] =>
  bread ? PARTS : PARTS.filter((part) => part.id !== 'vehicle');

/** Of a portion: so much is composed, and so much is enough; rounding to whole pieces may cost a crumb. */
export const COMPOSED_SPARE = 1.02;
export const ENOUGH = 0.97;

/**
 * Restricted guests must be sure of their portion while the others take so many times their proportional share of each
 * food: in all so many times what they eat.
 */
export const COMPOSED_GREED = 1.02;
/** A bite is vehicle + body + contrast. A guest wants so many different ones. */
export const DIFFERENT_BITES = 3;

/** What a bite is made of; a sweet course needs nothing to lay it on. */
export const biteJobs = (bread: boolean): readonly Component['job'][] =>
  bread ? ['vehicle', 'body', 'contrast'] : ['body', 'contrast'];

/** Kinds of which so many bites can be built: five with bread, four without. */
export const kindsForBites = (bread: boolean): number => DIFFERENT_BITES + biteJobs(bread).length - 1;
