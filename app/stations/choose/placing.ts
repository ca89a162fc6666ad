import { formOf, usualForm, type Component } from '../../../core/catalogue/index.js';
import { mostInABowlG, placementsOf, wholePieces } from '../../../core/board/index.js';
import { keepsFree, type Plan } from '../../../core/plan/index.js';

/** Surfaces whose promise the food does not break. */
export const surfacesFor = (plan: Plan, component: Component) =>
  plan.surfaces.filter((surface) => surface.freeFrom.every((id) => keepsFree(component, id) !== 'breaks'));

export function gramsPlaced(
  plan: Plan,
  component: Component,
  surfaceId: Plan['surfaces'][number]['id'],
  massG: number,
  form = usualForm(component).form,
) {
  const fact = formOf(component, form) ?? usualForm(component);
  return massG <= 0
    ? []
    : placementsOf({
        plan,
        component: component,
        fact,
        surfaceId,
        massG: Math.max(massG, wholePieces(fact, 1, mostInABowlG(plan)).massG),
      });
}
