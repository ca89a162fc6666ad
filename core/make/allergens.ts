import { ALLERGENS, type Component, type Presence } from '../catalogue/index.js';
import { placedFoods } from '../board/index.js';
import { judgeGroup, type Verdict } from '../needs/index.js';
import type { Group } from '../party/index.js';
import { planLarder, type Plan } from '../plan/index.js';

export type Allergen = (typeof ALLERGENS)[number];

/** One food on the table that hangs at the board. */
export interface AllergenRow {
  component: Component;
  /** Of each of the fourteen. */
  has: Record<Allergen, Presence>;
  /** Of each group with needs, in the order of the head. */
  verdicts: readonly Verdict[];
}

export interface AllergenTable {
  /** Only what some food has, may have, or what nobody knows of it; all of them where nothing is known. */
  allergens: readonly Allergen[];
  groups: readonly Group[];
  surfaces: readonly { name: string; rows: readonly AllergenRow[] }[];
}

/**
 * Foods by the fourteen allergens that European labels name, and by the needs of the party, surface by surface. What nobody
 * knows is never shown as free. Where somebody has overruled a verdict it stays as the facts have it: the card says who did.
 */
export function allergenTable(plan: Plan): AllergenTable {
  const larder = planLarder(plan);
  const { placed } = placedFoods(plan, larder);
  const groups = plan.party.filter(({ needs }) => needs.length > 0);
  const surfaces = plan.surfaces.map((surface) => ({
    name: surface.name,
    rows: placed
      .filter((food) => food.surface === surface)
      .map(({ component, form }): AllergenRow => ({
        component,
        has: component.allergens,
        verdicts: groups.map((group) => judgeGroup(component, form, group).verdict),
      })),
  }));
  const rows = surfaces.flatMap(({ rows }) => rows);
  return {
    allergens: ALLERGENS.filter((allergen) => rows.some(({ has }) => has[allergen] !== 'free')),
    groups,
    surfaces: surfaces.filter(({ rows }) => rows.length > 0),
  };
}
