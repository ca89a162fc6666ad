import {
  FORMS,
  usualForm,
  type Component,
  type ComponentId,
  type FormFact,
  type Larder,
} from '../catalogue/index.js';
import type { Placement, Plan, SingleCommand } from '../plan/index.js';
import { effortOf, minutesOf } from '../portion/index.js';
import { LIKENESS_PARTS, PART_WORDS, type Likeness } from './likeness.js';

export const SWAP_KINDS = ['component', 'form', 'home-made', 'split'] as const;
export type SwapKind = (typeof SWAP_KINDS)[number];

/** One way to do a food's job otherwise, not yet judged on the whole plan. */
export interface SwapOption {
  from: ComponentId;
  id: ComponentId;
  name: string;
  kind: SwapKind;
  /** The food that comes: another, the same, or one that is made. */
  component: Component;
  form: FormFact['form'];
  contained: boolean;
  like: Likeness;
  score: number;
  keeps: string[];
  changes: string[];
  costMinor: number;
  minutes: number;
  /** A relative that is one step stronger or of another milk; a cheaper one; one that is in the house. */
  interesting: boolean;
  cheaper: boolean;
  pantry: boolean;
  commands: SingleCommand[];
}

/** What may come at all: what is not there, not excluded, and known. */
export function known(plan: Plan, larder: Larder): Component[] {
  const present = new Set(plan.placements.map((placement) => placement.componentId));
  return [...larder.values()].filter(
    (component) =>
      !present.has(component.id) &&
      !plan.wishes.excluded.includes(component.id) &&
      component.made !== 'unknown' &&
      component.family !== 'garnish',
  );
}

export const grams = (here: readonly Placement[]) =>
  here.reduce((sum, placement) => sum + placement.massG, 0);
export const workOf = (component: Component, here: readonly Placement[]) =>
  here[0] ? minutesOf(effortOf(component, here[0].form), grams(here)) : 0;

/** Where a food was cut small for children, its swap is too, if it can be. */
export function formLike(to: Component, old: Placement, plan: Plan): FormFact {
  const surface = plan.surfaces.find((surface) => surface.id === old.surfaceId);
  const small = FORMS[old.form].small || surface?.smallHands;
  const safe = to.forms.find((fact) => fact.choking === 'safe' && fact.pieceG < 60);
  return to.forms.find((fact) => fact.form === old.form) ?? (small && safe ? safe : usualForm(to));
}

export function wordsOf(
  from: Component,
  to: Component,
  like: Likeness,
): { keeps: string[]; changes: string[] } {
  const milk = from.milk !== to.milk && to.milk !== 'none' ? [`${to.milk} milk`] : [];
  return {
    keeps: LIKENESS_PARTS.filter((k) => like[k] >= 0.75).map((k) => PART_WORDS[k]),
    changes: [...LIKENESS_PARTS.filter((k) => like[k] < 0.5).map((k) => PART_WORDS[k]), ...milk],
  };
}
