import { formOf, usualForm, type Component } from '../../../core/catalogue/index.js';
import { mostInABowlG, placementsOf, wholePieces } from '../../../core/board/index.js';
import { type Plan } from '../../../core/plan/index.js';

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
