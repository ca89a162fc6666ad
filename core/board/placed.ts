import type { Component, Larder } from '../catalogue/index.js';
import type { Placement, Plan, Surface } from '../plan/index.js';

/** One component on one surface in one form, all its lots together. Mass in grams. */
export interface PlacedFood {
  component: Component;
  surface: Surface;
  form: Placement['form'];
  contained: boolean;
  massG: number;
  lots: Placement[];
}

/** What lies where, and the placements whose component or surface nobody knows any more. */
export function placedFoods(plan: Plan, larder: Larder): { placed: PlacedFood[]; lost: Placement[] } {
  const found = new Map<string, PlacedFood>();
  const lost: Placement[] = [];
  for (const placement of plan.placements) {
    const component = larder.get(placement.componentId);
    const surface = plan.surfaces.find((surface) => surface.id === placement.surfaceId);
    if (!component || !surface) {
      lost.push(placement);
      continue;
    }
    const key = `${placement.componentId} ${placement.surfaceId} ${placement.form}`;
    const food = found.get(key);
    if (food) {
      food.massG += placement.massG;
      food.lots.push(placement);
      food.contained &&= placement.contained;
    } else
      found.set(key, {
        component,
        surface,
        form: placement.form,
        contained: placement.contained,
        massG: placement.massG,
        lots: [placement],
      });
  }
  return { placed: [...found.values()], lost };
}
