import { onPlateOf, type PlacedFood } from '../board/index.js';
import { usualForm, type Component, type FormId } from '../catalogue/index.js';
import { disliked, judgeGroup, worse, type Judgement } from '../needs/index.js';
import type { Group } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import type { CheckContext } from './context.js';

/**
 * What a food is for a group: theirs, theirs in a small helping (a good one takes much of what they count), theirs once
 * its neighbours are kept apart, a question, or not theirs.
 */
export type Standing = 'fine' | 'little' | 'touched' | 'ask' | 'no';

/** Of one food where it lies, its neighbours included. A dislike is a no, as the guest passes. */
export function standingOf(context: CheckContext, placed: PlacedFood, group: Group): Standing {
  if (!context.groupsAt(placed.surface).includes(group)) return 'no';
  if (!context.allowed(placed, group))
    return context.judge(placed, group).verdict === 'forbidden' ? 'no' : 'ask';
  if (context.carriers(placed.surface, group).length > 0 || context.touching(placed, group).length > 0)
    return 'touched';
  if (disliked(placed.component, group)) return 'no';
  const isCounted = onPlateOf(placed.component, placed.form, group) === 'then';
  return isCounted && !context.overruled(placed.component.id, group) ? 'little' : 'fine';
}

const BETTER: readonly Standing[] = ['fine', 'little', 'touched', 'ask', 'no'];

/** The best standing that a food has anywhere on the table; of one that lies nowhere, in its usual form. */
export function standingAnywhere(context: CheckContext, component: Component, group: Group): Standing {
  const here = context.placed
    .filter((placed) => placed.component.id === component.id)
    .map((placed) => standingOf(context, placed, group));
  if (here.length > 0) return BETTER.find((standing) => here.includes(standing))!;
  const { form } = usualForm(component);
  const on = onPlateOf(component, form, group);
  if (on !== 'never') return disliked(component, group) ? 'no' : on === 'first' ? 'fine' : 'little';
  return judgeGroup(component, form, group).verdict === 'ask' ? 'ask' : 'no';
}

/**
 * What a food is for a group by itself, in the worst of the forms in which it lies on the table: whole grapes beside
 * quartered ones are whole grapes. Of one that lies nowhere, in its usual form.
 */
export function worstAsItLies(plan: Plan, component: Component, group: Group): Judgement & { form: FormId } {
  const lying = plan.placements
    .filter((placement) => placement.componentId === component.id)
    .map((placement) => placement.form);
  const forms = lying.length > 0 ? [...new Set(lying)] : [usualForm(component).form];
  return forms
    .map((form) => ({ form, ...judgeGroup(component, form, group) }))
    .reduce((a, b) => (a.verdict !== b.verdict && worse(a.verdict, b.verdict) === b.verdict ? b : a));
}
