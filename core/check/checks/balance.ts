import {
  isCheese,
  isFresh,
  isHot,
  isOfGoatOrSheep,
  isPale,
  isSharp,
  isSmoked,
  isSoft,
  isSweet,
  isSweetish,
  taste,
  wantsHeat,
} from '../../board/index.js';
import type { Component, Occasion } from '../../catalogue/index.js';
import { occasionOf } from '../../portion/index.js';
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
  helps(component: Component): boolean;
  /** A sweet course wants neither smoke nor brine; this it wants too. */
  sweetCourse?: true;
  /** Neither a breakfast, children, an afternoon nor a box on a walk miss it. */
  forDrinks?: true;
  /** Only where something hot is wanted at all. */
  hot?: true;
}

const AXES: readonly Axis[] = [
  {
    code: 'nothing-sharp',
    forDrinks: true,
    good: (components) => components.some(isSharp),
    helps: (component) => component.family === 'pickle' && isSharp(component),
  },
  {
    code: 'all-soft',
    good: (components) =>
      !components.some(isCheese) || components.some((component) => isCheese(component) && !isSoft(component)),
    helps: (component) =>
      isCheese(component) && (component.texture === 'firm' || component.texture === 'hard'),
  },
  {
    code: 'no-crunch',
    sweetCourse: true,
    good: (components) => components.some((component) => component.texture === 'crunchy'),
    helps: (component) => component.texture === 'crunchy' && component.family === 'nut-seed',
  },
  { code: 'nothing-sweet', good: (components) => components.some(isSweetish), helps: isSweet },
  {
    code: 'nothing-hot',
    forDrinks: true,
    hot: true,
    good: (components) => components.some(isHot),
    helps: (component) => taste(component, 'heat') >= 4,
  },
  { code: 'no-smoke', forDrinks: true, good: (components) => components.some(isSmoked), helps: isSmoked },
  {
    code: 'one-milk',
    forDrinks: true,
    good: (components) => {
      const milks = components.filter(isCheese).map((component) => component.milk);
      return milks.length < 3 || new Set(milks).size > 1 || components.some(isOfGoatOrSheep);
    },
    helps: (component) => isCheese(component) && isOfGoatOrSheep(component),
  },
  {
    code: 'all-brown',
    sweetCourse: true,
    good: (components) =>
      components.length < 4 ||
      components.filter((component) => !isPale(component)).length * 4 >= components.length,
    helps: (component) => isFresh(component) && !isPale(component),
  },
];

const MILD: ReadonlySet<Occasion> = new Set<Occasion>(['breakfast', 'children', 'afternoon', 'walk']);

/** Tastes and textures that the whole table lacks, each with one food that would bring it. */
export function balance(context: CheckContext): Finding[] {
  // on two boards alike a kind is one kind
  const foods = [...new Set(context.placed.map(({ component }) => component))].filter(
    ({ job }) => job !== 'none',
  );
  if (foods.length === 0) return [];
  const occasion = occasionOf(context.plan);
  const mild = MILD.has(occasion);
  const heat = wantsHeat(context.plan);
  const axes = AXES.filter((axis) =>
    context.plan.occasion.role === 'sweet'
      ? axis.sweetCourse
      : !(mild && axis.forDrinks) && (heat || !axis.hot),
  );
  return axes
    .filter((axis) => !axis.good(foods))
    .map((axis) =>
      finding(axis.code, {
        key: `balance ${axis.code}`,
        args: {},
        facts: [{ what: { say: 'fact.name.kinds-tasted' }, value: foods.length, source: 'this plan' }],
        remedies: remedyFor(context, axis),
      }),
    );
}

/** On the surface that most guests are served from. */
function remedyFor(context: CheckContext, axis: Axis): Remedy[] {
  const surface = [...context.plan.surfaces].sort(
    (a, b) => context.groupsAt(b).length - context.groupsAt(a).length,
  )[0];
  const added = surface && addHelper(context, surface, axis.helps);
  return added ? [added] : [];
}
