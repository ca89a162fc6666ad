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

/** What is done to a food, in the order in which it is done. */
export const STEPS = ['open', 'wash', 'make', 'cut', 'fold'] as const;
export type Step = (typeof STEPS)[number];

/** The minutes of one food in one form, step by step. Nothing is known of a food that nobody knows: it is opened. */
export function effortBySteps(component: Component, form: FormId): Partial<Record<Step, Effort>> {
  const fact = formOf(component, form) ?? usualForm(component);
  const washed = ['fresh-fruit', 'vegetable', 'garnish'].includes(component.family);
  // crackers, nuts and pickles come as they are
  const comes = ['vehicle', 'nut-seed', 'pickle', 'dried-fruit', 'sweet-bite'].includes(component.family);
  const { cut, pieceMin = 0 } = FORMS[fact.form];
  return {
    open: { kindMin: OPENED_MIN, per100gMin: 0 },
    ...(washed ? { wash: WASHED } : {}),
    ...(component.made === 'home-made'
      ? { make: { kindMin: component.handsMin ?? MIXED_MIN, per100gMin: 0 } }
      : {}),
    ...(cut && !comes ? { cut } : {}),
    ...(pieceMin > 0 ? { fold: { kindMin: 0, per100gMin: (100 / fact.pieceG) * pieceMin } } : {}),
  };
}

/** All steps of a food together. */
export function effortOf(component: Component, form: FormId): Effort {
  const steps = Object.values(effortBySteps(component, form));
  return {
    kindMin: steps.reduce((sum, step) => sum + step.kindMin, 0),
    per100gMin: steps.reduce((sum, step) => sum + step.per100gMin, 0),
  };
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
