import type { Component, ComponentId, FormId } from '../../catalogue/index.js';
import { usualForm } from '../../catalogue/index.js';
import { placementsOf } from '../../compose/index.js';
import { keepsFree, type Surface } from '../../plan/index.js';
import { judgeGroup } from '../../needs/index.js';
import type { CheckContext } from '../context.js';
import { lower, type Finding, type Remedy } from '../finding.js';

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
];

/** Tastes and textures that the whole table lacks, each with one food that would bring it. */
export function balance(c: CheckContext): Finding[] {
  const foods = c.lying.filter((l) => l.component.job !== 'none').map((l) => l.component);
  if (foods.length === 0) return [];
  return AXES.filter((axis) => !axis.good(foods)).map((axis) => ({
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

/** The helper that most guests may eat, on the largest surface that takes it. */
function remedyFor(c: CheckContext, axis: Axis): Remedy[] {
  const surface = [...c.plan.surfaces].sort((a, b) => c.groupsAt(b).length - c.groupsAt(a).length)[0];
  if (!surface) return [];
  const fits = [...c.larder.values()].filter(
    (x) =>
      axis.helps(x) &&
      !c.plan.wishes.excluded.includes(x.id) &&
      surface.freeFrom.every((id) => keepsFree(x, id) === 'keeps') &&
      !nearNuts(c, surface, x),
  );
  const eaters = (x: Component) =>
    c.plan.party
      .filter((g) => judgeGroup(x, usualForm(x).form, g).verdict === 'fine')
      .reduce((n, g) => n + g.count, 0);
  const best = fits.sort((a, b) => eaters(b) - eaters(a))[0];
  return best ? [addRemedy(c, best, surface)] : [];
}

const nearNuts = (c: CheckContext, surface: Surface, x: Component): boolean =>
  x.allergens['tree-nuts'] === 'contains' &&
  c.groupsAt(surface).some((g) => g.needs.some((n) => n.id === 'tree-nut-free'));

function addRemedy(c: CheckContext, x: Component, surface: Surface): Remedy {
  const fact = usualForm(x);
  const form: FormId = fact.form;
  const componentId: ComponentId = x.id;
  return {
    label: `Add ${lower(x.name)}`,
    effect: `${ADDED_G} g`,
    command: {
      name: 'place',
      componentId,
      surfaceId: surface.id,
      placements: placementsOf(x, fact, surface.id, ADDED_G, form === 'bowl', c.plan),
    },
  };
}
