import type { PlacedFood } from '../board/index.js';
import { usualForm, type Component, type FormId } from '../catalogue/index.js';
import { disliked, judgeGroup, worse, type Judgement } from '../needs/index.js';
import type { Group } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import type { CheckContext } from './context.js';

/** What a food is for a group: theirs, theirs once its neighbours are kept apart, a question, or not theirs. */
export type Standing = 'fine' | 'touched' | 'ask' | 'no';

/** Of one food where it lies, its neighbours included. A dislike is a no, as the guest passes. */
export function standingOf(c: CheckContext, l: PlacedFood, group: Group): Standing {
  if (!c.groupsAt(l.surface).includes(group)) return 'no';
  if (!c.allowed(l, group)) return c.judge(l, group).verdict === 'forbidden' ? 'no' : 'ask';
  if (c.carriers(l.surface, group).length > 0 || c.touching(l, group).length > 0) return 'touched';
  return disliked(l.component, group) ? 'no' : 'fine';
}

const BETTER: readonly Standing[] = ['fine', 'touched', 'ask', 'no'];

/** The best standing that a food has anywhere on the table; of one that lies nowhere, in its usual form. */
export function standingAnywhere(c: CheckContext, component: Component, group: Group): Standing {
  const here = c.placed.filter((l) => l.component.id === component.id).map((l) => standingOf(c, l, group));
  if (here.length > 0) return BETTER.find((s) => here.includes(s))!;
  const { verdict } = judgeGroup(component, usualForm(component).form, group);
  if (verdict === 'fine') return disliked(component, group) ? 'no' : 'fine';
  return verdict === 'ask' ? 'ask' : 'no';
}

/**
 * What a food is for a group by itself, in the worst of the forms in which it lies on the table: whole grapes beside
 * quartered ones are whole grapes. Of one that lies nowhere, in its usual form.
 */
export function worstAsItLies(plan: Plan, component: Component, group: Group): Judgement & { form: FormId } {
  const lying = plan.placements.filter((p) => p.componentId === component.id).map((p) => p.form);
  const forms = lying.length > 0 ? [...new Set(lying)] : [usualForm(component).form];
  return forms
    .map((form) => ({ form, ...judgeGroup(component, form, group) }))
    .reduce((a, b) => (a.verdict !== b.verdict && worse(a.verdict, b.verdict) === b.verdict ? b : a));
}
