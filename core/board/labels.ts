import { FORMS, type Component, type Family, type FormId } from '../catalogue/index.js';
import { planLarder, type Plan, type Surface } from '../plan/index.js';

/** What stands on a board with a card at it: every cheese (craft, section 10). */
export const wantsLabel = ({ family }: Component): boolean => family === 'cheese';

const PICKED: readonly Family[] = ['pickle', 'cooked', 'plant-protein', 'cheese'];
/** Is it taken with a pick: a small wet or sticky thing that lies loose? */
export const wantsPick = ({ family }: Component, form: FormId): boolean =>
  !FORMS[form].large && PICKED.includes(family);

/** The foods of a plan that want a card, each once. */
export function labelledFoods(plan: Plan): Component[] {
  const larder = planLarder(plan);
  return [...new Set(plan.placements.map(({ componentId }) => componentId))].flatMap((id) => {
    const component = larder.get(id);
    return component && wantsLabel(component) ? [component] : [];
  });
}

/** A surface that promises to be free from something says so (craft, section 10). */
export const isLabelled = ({ freeFrom }: Surface): boolean => freeFrom.length > 0;
