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
  for (const p of plan.placements) {
    const component = larder.get(p.componentId);
    const surface = plan.surfaces.find((s) => s.id === p.surfaceId);
    if (!component || !surface) {
      lost.push(p);
      continue;
    }
    const key = `${p.componentId} ${p.surfaceId} ${p.form}`;
    const food = found.get(key);
    if (food) {
      food.massG += p.massG;
      food.lots.push(p);
      food.contained &&= p.contained;
    } else
      found.set(key, { component, surface, form: p.form, contained: p.contained, massG: p.massG, lots: [p] });
  }
  return { placed: [...found.values()], lost };
}
