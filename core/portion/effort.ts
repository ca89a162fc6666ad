import { FORMS, formOf, usualForm, type Component, type FormId } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';

/** Hands-on minutes: what each kind takes at all, and what each 100 g more take (craft, section 11; house defaults). */
export interface Effort {
  kindMin: number;
  per100gMin: number;
}

/** A dip mixed at home of which no recipe says how long, washing of what grows, opening a pack. */
const MIXED_MIN = 10;
const WASHED: Effort = { kindMin: 2, per100gMin: 0.5 };
const OPENED_MIN = 1;

/** The minutes of one food in one form. Nothing is known of a food that nobody knows: it is opened. */
export function effortOf(component: Component, form: FormId): Effort {
  const fact = formOf(component, form) ?? usualForm(component);
  let [kindMin, per100gMin] = [OPENED_MIN, 0];
  const add = (effort: Effort): void => {
    kindMin += effort.kindMin;
    per100gMin += effort.per100gMin;
  };
  if (['fresh-fruit', 'vegetable', 'garnish'].includes(component.family)) add(WASHED);
  if (component.made === 'home-made') add({ kindMin: component.handsMin ?? MIXED_MIN, per100gMin: 0 });
  // crackers, nuts and pickles come as they are
  const comes = ['vehicle', 'nut-seed', 'pickle', 'dried-fruit', 'sweet-bite'].includes(component.family);
  const { cut, pieceMin = 0 } = FORMS[fact.form];
  if (cut && !comes) add(cut);
  add({ kindMin: 0, per100gMin: (100 / fact.pieceG) * pieceMin });
  return { kindMin, per100gMin };
}

export const minutesOf = (effort: Effort, massG: number): number =>
  effort.kindMin + (effort.per100gMin * massG) / 100;

/** Hands-on minutes of the whole plan, before anything is laid. */
export function minutesOfPlan(plan: Plan): number {
  const larder = planLarder(plan);
  const done = new Map<string, { effort: Effort; massG: number }>();
  for (const placement of plan.placements) {
    const component = larder.get(placement.componentId);
    if (!component) continue;
    const key = `${placement.componentId} ${placement.form}`;
    const known = done.get(key);
    if (known) known.massG += placement.massG;
    else done.set(key, { effort: effortOf(component, placement.form), massG: placement.massG });
  }
  return [...done.values()].reduce((sum, d) => sum + minutesOf(d.effort, d.massG), 0);
}

/** All hands together; undefined where no limit is set. */
export const minutesAtHand = (plan: Plan): number | undefined =>
  plan.work.minutes === null ? undefined : plan.work.minutes * (1 + plan.work.helpers);
