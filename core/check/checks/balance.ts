import { colourName, type Component } from '../../catalogue/index.js';
import type { CheckContext } from '../context.js';
import type { Finding, Remedy } from '../finding.js';
import { addHelper } from '../remedies.js';

interface Axis {
  code: string;
  text: string;
  why: string;
  /** Is the board good on this axis? */
  good(foods: readonly Component[]): boolean;
  /** Would this food help? */
  helps(c: Component): boolean;
}

const taste = (c: Component, t: keyof NonNullable<Component['taste']>) => c.taste?.[t] ?? 0;
const SOFT = new Set(['soft', 'creamy', 'runny']);

const AXES: readonly Axis[] = [
  {
    code: 'nothing-sharp',
    text: 'Nothing sharp yet.',
    why: 'Rich food wants something sour or pickled within reach.',
    good: (f) => f.some((c) => taste(c, 'sour') >= 4),
    helps: (c) => c.family === 'pickle' && taste(c, 'sour') >= 4,
  },
  {
    code: 'all-soft',
    text: 'Every cheese is soft.',
    why: 'A firm one gives the knife and the eye something to do.',
    good: (f) =>
      f.every((c) => c.family !== 'cheese') || f.some((c) => c.family === 'cheese' && !SOFT.has(c.texture)),
    helps: (c) => c.family === 'cheese' && (c.texture === 'firm' || c.texture === 'hard'),
  },
  {
    code: 'no-crunch',
    text: 'Nothing crunches.',
    why: 'Chewy and crunchy must both be there.',
    good: (f) => f.some((c) => c.texture === 'crunchy'),
    helps: (c) => c.texture === 'crunchy' && c.family === 'nut-seed',
  },
  {
    code: 'nothing-sweet',
    text: 'Nothing sweet yet.',
    why: 'Salty cheese asks for honey, jam or fruit.',
    good: (f) => f.some((c) => taste(c, 'sweet') >= 3),
    helps: (c) => taste(c, 'sweet') >= 4,
  },
  {
    code: 'nothing-hot',
    text: 'Nothing hot yet.',
    why: 'One small bowl is enough.',
    good: (f) => f.some((c) => taste(c, 'heat') >= 3),
    helps: (c) => taste(c, 'heat') >= 4,
  },
  {
    code: 'no-smoke',
    text: 'Nothing smoked.',
    why: 'Smoke is one of the tastes that a board is missed for.',
    good: (f) => f.some((c) => taste(c, 'smoke') >= 3),
    helps: (c) => taste(c, 'smoke') >= 3,
  },
  {
    code: 'one-milk',
    text: 'All cheese is from one milk.',
    why: 'Goat, sheep or plant tastes of something else.',
    good: (f) => {
      const milks = f.filter((c) => c.family === 'cheese').map((c) => c.milk);
      return milks.length < 3 || new Set(milks).size > 1;
    },
    helps: (c) => c.family === 'cheese' && (c.milk === 'goat' || c.milk === 'sheep'),
  },
  {
    code: 'all-brown',
    text: 'Brown and pale all over.',
    why: 'Meat, bread and cheese have little colour: fruit and vegetables bring it.',
    good: (f) => f.length < 4 || f.filter((c) => !PALE.has(colourName(c.colours[0]))).length * 4 >= f.length,
    helps: (c) => ['fresh-fruit', 'vegetable'].includes(c.family) && !PALE.has(colourName(c.colours[0])),
  },
];

const SWEET_TOO = new Set(['no-crunch', 'all-brown']);
const PALE = new Set<string>(['brown', 'white', 'yellow', 'cream', 'beige', 'black']);

/** Tastes and textures that the whole table lacks, each with one food that would bring it. */
export function balance(c: CheckContext): Finding[] {
  const foods = c.lying.filter((l) => l.component.job !== 'none').map((l) => l.component);
  if (foods.length === 0) return [];
  // a sweet course wants neither smoke nor brine
  const axes = c.plan.occasion.role === 'sweet' ? AXES.filter((a) => SWEET_TOO.has(a.code)) : AXES;
  return axes
    .filter((axis) => !axis.good(foods))
    .map((axis) => ({
      key: `balance ${axis.code}`,
      code: axis.code,
      glyph: 'chipped',
      concerns: [],
      components: [],
      surfaceId: null,
      text: axis.text,
      why: axis.why,
      facts: [{ what: 'kinds tasted', value: String(foods.length), source: 'this plan' }],
      remedies: remedyFor(c, axis),
      grave: false,
    }));
}

const ADDED_G = 90;

/** On the surface that most guests are served from. */
function remedyFor(c: CheckContext, axis: Axis): Remedy[] {
  const surface = [...c.plan.surfaces].sort((a, b) => c.groupsAt(b).length - c.groupsAt(a).length)[0];
  const added = surface && addHelper(c, surface, ADDED_G, axis.helps);
  return added ? [added] : [];
}
