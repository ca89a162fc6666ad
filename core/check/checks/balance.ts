import {
  isCheese,
  isFresh,
  isHot,
  isPale,
  isSharp,
  isSmoked,
  isSoft,
  isSweet,
  isSweetish,
  taste,
} from '../../board/index.js';
import type { Component } from '../../catalogue/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { addHelper } from '../remedies.js';

interface Axis {
  code:
    | 'nothing-sharp'
    | 'all-soft'
    | 'no-crunch'
    | 'nothing-sweet'
    | 'nothing-hot'
    | 'no-smoke'
    | 'one-milk'
    | 'all-brown';
  /** Is the board good on this axis? */
  good(foods: readonly Component[]): boolean;
  /** Would this food help? */
  helps(c: Component): boolean;
  /** A sweet course wants neither smoke nor brine; this it wants too. */
  sweetCourse?: true;
}

const AXES: readonly Axis[] = [
  {
    code: 'nothing-sharp',
    good: (f) => f.some(isSharp),
    helps: (c) => c.family === 'pickle' && isSharp(c),
  },
  {
    code: 'all-soft',
    good: (f) => !f.some(isCheese) || f.some((c) => isCheese(c) && !isSoft(c)),
    helps: (c) => isCheese(c) && (c.texture === 'firm' || c.texture === 'hard'),
  },
  {
    code: 'no-crunch',
    sweetCourse: true,
    good: (f) => f.some((c) => c.texture === 'crunchy'),
    helps: (c) => c.texture === 'crunchy' && c.family === 'nut-seed',
  },
  { code: 'nothing-sweet', good: (f) => f.some(isSweetish), helps: isSweet },
  { code: 'nothing-hot', good: (f) => f.some(isHot), helps: (c) => taste(c, 'heat') >= 4 },
  { code: 'no-smoke', good: (f) => f.some(isSmoked), helps: isSmoked },
  {
    code: 'one-milk',
    good: (f) => {
      const milks = f.filter(isCheese).map((c) => c.milk);
      return milks.length < 3 || new Set(milks).size > 1;
    },
    helps: (c) => isCheese(c) && (c.milk === 'goat' || c.milk === 'sheep'),
  },
  {
    code: 'all-brown',
    sweetCourse: true,
    good: (f) => f.length < 4 || f.filter((c) => !isPale(c)).length * 4 >= f.length,
    helps: (c) => isFresh(c) && !isPale(c),
  },
];

/** Tastes and textures that the whole table lacks, each with one food that would bring it. */
export function balance(c: CheckContext): Finding[] {
  const foods = c.placed.filter((l) => l.component.job !== 'none').map((l) => l.component);
  if (foods.length === 0) return [];
  const axes = c.plan.occasion.role === 'sweet' ? AXES.filter((a) => a.sweetCourse) : AXES;
  return axes
    .filter((axis) => !axis.good(foods))
    .map((axis) =>
      finding(axis.code, {
        key: `balance ${axis.code}`,
        args: {},
        facts: [{ what: { say: 'fact.name.kinds-tasted' }, value: foods.length, source: 'this plan' }],
        remedies: remedyFor(c, axis),
      }),
    );
}

const ADDED_G = 90;

/** On the surface that most guests are served from. */
function remedyFor(c: CheckContext, axis: Axis): Remedy[] {
  const surface = [...c.plan.surfaces].sort((a, b) => c.groupsAt(b).length - c.groupsAt(a).length)[0];
  const added = surface && addHelper(c, surface, ADDED_G, axis.helps);
  return added ? [added] : [];
}
