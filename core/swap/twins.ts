import { FORMS, type Component, type Larder } from '../catalogue/index.js';
import { placementsOf } from '../board/index.js';
import { judgeGroup } from '../needs/index.js';
import { keepsFree, type Placement, type Plan, type SurfaceId } from '../plan/index.js';
import { costAlone, effortOf, inPantry, minutesOf } from '../portion/index.js';
import { lower } from '../words/index.js';
import { likeness, scoreOf, type Likeness } from './likeness.js';
import { formLike, grams, known, wordsOf, type SwapOption } from './option.js';

/** Groups with a surface of their own get a twin there; the food stays where the others are. */
export function twins(
  plan: Plan,
  larder: Larder,
  from: Component,
  here: readonly Placement[],
  weights: Likeness,
): SwapOption[] {
  return plan.party.flatMap((group) => {
    const form = here[0]!.form;
    if (judgeGroup(from, form, group).verdict === 'fine') return [];
    const own = plan.surfaces.find(
      (surface) => surface.serves?.includes(group.id) && surface.serves.length < plan.party.length,
    );
    if (!own) return [];
    const best = known(plan, larder)
      .filter(
        (component) =>
          own.freeFrom.every((f) => keepsFree(component, f) === 'keeps') &&
          judgeGroup(component, formLike(component, { ...here[0]!, surfaceId: own.id }, plan).form, group)
            .verdict === 'fine',
      )
      .map((component) => ({ c: component, like: likeness(from, component) }))
      .filter(({ like }) => like.family > 0)
      .sort((a, b) => scoreOf(b.like, weights) - scoreOf(a.like, weights))[0];
    return best ? [split(plan, from, best.c, best.like, here, own.id, group, weights)] : [];
  });
}

/** A twin is no more than the group's part of what lies there, and never less than a taste. */
const LEAST_TWIN_G = 30;

function split(
  plan: Plan,
  from: Component,
  to: Component,
  like: Likeness,
  here: readonly Placement[],
  surfaceId: SurfaceId,
  group: Plan['party'][number],
  weights: Likeness,
): SwapOption {
  const guests = plan.party.reduce((sum, group) => sum + group.count, 0);
  const massG = Math.max(LEAST_TWIN_G, (grams(here) * group.count) / Math.max(1, guests));
  const fact = formLike(to, { ...here[0]!, surfaceId }, plan);
  const words = wordsOf(from, to, like);
  return {
    from: from.id,
    id: to.id,
    name: `${from.name}, and ${lower(to.name)} for “${group.name}”`,
    kind: 'split',
    component: to,
    form: fact.form,
    contained: FORMS[fact.form].bowl === true,
    like,
    score: scoreOf(like, weights) * 0.95,
    keeps: ['it stays where it lies', ...words.keeps],
    changes: ['one kind more'],
    costMinor: costAlone(plan, to.id, massG),
    minutes: Math.round(minutesOf(effortOf(to, fact.form), massG)),
    interesting: false,
    cheaper: false,
    pantry: inPantry(plan, to.id) > 0,
    commands: [
      // on the group's own surface the food itself has no place
      { name: 'place', componentId: from.id, surfaceId, placements: [] },
      {
        name: 'place',
        componentId: to.id,
        surfaceId,
        placements: placementsOf({ plan, component: to, fact, surfaceId, massG }),
      },
    ],
  };
}
