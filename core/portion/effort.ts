import { formOf, usualForm, type Component, type FormId } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';

/** Hands-on minutes: what each kind takes at all, and what each 100 g more take (craft, section 11; house defaults). */
export interface Effort {
  kindMin: number;
  per100gMin: number;
}

const CUT: Partial<Record<FormId, Effort>> = {
  cubes: { kindMin: 3, per100gMin: 0.8 },
  chunks: { kindMin: 2, per100gMin: 0.6 },
  slices: { kindMin: 2, per100gMin: 0.6 },
  sticks: { kindMin: 3, per100gMin: 1 },
  fan: { kindMin: 3, per100gMin: 1.2 },
  halves: { kindMin: 2, per100gMin: 0.8 },
  'citrus-wheels': { kindMin: 2, per100gMin: 0.6 },
  quartered: { kindMin: 2, per100gMin: 2.5 },
  'thin-strips': { kindMin: 3, per100gMin: 1.5 },
  'half-moons': { kindMin: 3, per100gMin: 1.2 },
  grated: { kindMin: 2, per100gMin: 1.5 },
  chopped: { kindMin: 2, per100gMin: 1.2 },
  smeared: { kindMin: 2, per100gMin: 1 },
};
/** Six slices are folded or pleated in a minute; a rose takes four. */
const FOLDED = new Set<FormId>(['quarter-folds', 'ribbon']);
const SLICES_A_MINUTE = 6;
const ROSE_MIN = 4;
/** A dip mixed at home, washing of what grows, opening a pack. */
const MIXED_MIN = 10;
const WASHED: Effort = { kindMin: 2, per100gMin: 0.5 };
const OPENED_MIN = 1;

/** The minutes of one food in one form. Nothing is known of a food that nobody knows: it is opened. */
export function effortOf(component: Component, form: FormId): Effort {
  const fact = formOf(component, form) ?? usualForm(component);
  let [kindMin, per100gMin] = [OPENED_MIN, 0];
  const add = (e: Effort): void => {
    kindMin += e.kindMin;
    per100gMin += e.per100gMin;
  };
  if (['fresh-fruit', 'vegetable', 'garnish'].includes(component.family)) add(WASHED);
  if (component.made === 'home-made') add({ kindMin: MIXED_MIN, per100gMin: 0 });
  // crackers, nuts and pickles come as they are
  const comes = ['vehicle', 'nut-seed', 'pickle', 'dried-fruit', 'sweet-bite'].includes(component.family);
  const cut = CUT[fact.form];
  if (cut && !comes) add(cut);
  if (FOLDED.has(fact.form)) add({ kindMin: 0, per100gMin: 100 / fact.pieceG / SLICES_A_MINUTE });
  if (fact.form === 'rose') add({ kindMin: 0, per100gMin: (100 / fact.pieceG) * ROSE_MIN });
  return { kindMin, per100gMin };
}

export const minutesOf = (e: Effort, massG: number): number => e.kindMin + (e.per100gMin * massG) / 100;

/** Hands-on minutes of the whole plan, before anything is laid. */
export function minutesOfPlan(plan: Plan): number {
  const larder = planLarder(plan);
  const done = new Map<string, { effort: Effort; massG: number }>();
  for (const p of plan.placements) {
    const c = larder.get(p.componentId);
    if (!c) continue;
    const key = `${p.componentId} ${p.form}`;
    const known = done.get(key);
    if (known) known.massG += p.massG;
    else done.set(key, { effort: effortOf(c, p.form), massG: p.massG });
  }
  return [...done.values()].reduce((n, d) => n + minutesOf(d.effort, d.massG), 0);
}

/** All hands together; undefined where no limit is set. */
export const minutesAtHand = (plan: Plan): number | undefined =>
  plan.work.minutes === null ? undefined : plan.work.minutes * (1 + plan.work.helpers);
