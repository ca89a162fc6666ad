import { servingOf, type Component } from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';
import { wantsBread } from '../portion/index.js';
import { isFresh, isSweetish, isTart } from './tastes.js';

/** What a surface has by itself, so that who stands at it finds a board, and in how many kinds (house default). */
export interface BoardPart {
  id: 'body' | 'bread' | 'fresh' | 'sharp' | 'sweet' | 'sweets' | 'fruit' | 'cream';
  kinds: number;
  is(component: Component): boolean;
}

const SAVOURY: readonly BoardPart[] = [
  { id: 'body', kinds: 1, is: ({ job }) => job === 'body' },
  { id: 'bread', kinds: 1, is: (component) => servingOf(component).carries !== 'none' },
  { id: 'fresh', kinds: 1, is: isFresh },
  { id: 'sharp', kinds: 1, is: (component) => component.family === 'pickle' || isTart(component) },
  { id: 'sweet', kinds: 1, is: isSweetish },
];

const SWEET: readonly BoardPart[] = [
  { id: 'sweets', kinds: 2, is: ({ family }) => family === 'sweet-bite' },
  { id: 'fruit', kinds: 1, is: ({ family }) => family === 'fresh-fruit' },
  { id: 'cream', kinds: 1, is: ({ family }) => family === 'spread-dip' },
];

export const boardParts = (plan: Pick<Plan, 'occasion'>): readonly BoardPart[] =>
  wantsBread(plan) ? SAVOURY : SWEET;

/** What a surface with these foods lacks to be a board of its own. */
export const missingParts = (plan: Pick<Plan, 'occasion'>, foods: readonly Component[]): BoardPart[] =>
  boardParts(plan).filter((part) => foods.filter((food) => part.is(food)).length < part.kinds);
