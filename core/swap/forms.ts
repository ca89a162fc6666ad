import { formName, FORMS, usualForm, type Component, type FormFact } from '../catalogue/index.js';
import { setForm } from '../board/index.js';
import type { Placement, Plan, SingleCommand } from '../plan/index.js';
import { effortOf, minutesOf } from '../portion/index.js';
import type { Likeness } from './likeness.js';
import { grams, workOf, type SwapOption } from './option.js';

const SAME_FOOD = 0.74;
const SAME: Likeness = {
  family: 1,
  role: 1,
  taste: 1,
  texture: 1,
  colour: 1,
  form: 0.4,
  service: 0.7,
  cost: 1,
  effort: 0.7,
};

/** The same food in another form: grapes in quarters, cheese in strips, crackers in a bowl of their own. */
export function forms(plan: Plan, component: Component, here: readonly Placement[]): SwapOption[] {
  const surfaces = [...new Set(here.map((placement) => placement.surfaceId))];
  const old = here[0]!;
  const cut = component.forms
    .filter((fact) => here.some((placement) => placement.form !== fact.form))
    .map((fact) =>
      reformed(
        component,
        here,
        fact,
        `${component.name}, ${formName(fact.form)}`,
        false,
        surfaces.map((surfaceId) => setForm(plan, { componentId: component.id, surfaceId }, fact)),
      ),
    );
  const loose =
    here.some((placement) => !placement.contained && !FORMS[placement.form].bowl) &&
    FORMS[old.form].lies !== 'alone';
  if (!loose) return cut;
  const fact = component.forms.find((fact) => fact.form === old.form) ?? usualForm(component);
  return [
    ...cut,
    reformed(
      component,
      here,
      fact,
      `${component.name}, in a bowl`,
      true,
      surfaces.map((surfaceId) => ({
        name: 'contain' as const,
        componentId: component.id,
        surfaceId,
        on: true,
      })),
    ),
  ];
}

function reformed(
  component: Component,
  here: readonly Placement[],
  fact: FormFact,
  name: string,
  contained: boolean,
  commands: SingleCommand[],
): SwapOption {
  return {
    from: component.id,
    id: component.id,
    name,
    kind: 'form',
    component: component,
    form: fact.form,
    contained,
    like: SAME,
    score: SAME_FOOD,
    keeps: ['the food itself', 'the price'],
    changes: ['how it lies'],
    costMinor: 0,
    minutes: Math.round(minutesOf(effortOf(component, fact.form), grams(here)) - workOf(component, here)),
    interesting: false,
    cheaper: false,
    pantry: false,
    commands,
  };
}
