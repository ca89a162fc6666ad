import { ALLERGENS, type Component, type Presence } from '../catalogue/index.js';
import { contextOf, standingOf, type Standing } from '../check/index.js';
import type { Group } from '../party/index.js';
import type { Plan } from '../plan/index.js';

export type Allergen = (typeof ALLERGENS)[number];

/** One food on the table that hangs at the board. */
export interface AllergenRow {
  component: Component;
  /** Of each of the fourteen. */
  has: Record<Allergen, Presence>;
  /** What it is where it lies, for each group with needs, in the order of the head. */
  standings: readonly Standing[];
}

export interface AllergenTable {
  /** Only what some food has, may have, or what nobody knows of it; all of them where nothing is known. */
  allergens: readonly Allergen[];
  groups: readonly Group[];
  surfaces: readonly {
    name: string;
    rows: readonly AllergenRow[];
    /** Who eats from other surfaces only, and from which: nothing here is judged for them. */
    elsewhere: readonly { group: Group; from: readonly string[] }[];
  }[];
}

/**
 * Foods by the fourteen allergens that European labels name, and by the needs of the party, surface by surface, with what
 * lies beside them: brie beside ham is not fine for a halal guest. What nobody knows is never shown as free. Where somebody
 * has overruled a verdict it stays as the facts have it: the guest's card says who did.
 */
export function allergenTable(plan: Plan): AllergenTable {
  const context = contextOf({ ...plan, overrulings: [] });
  const { placed } = context;
  const groups = plan.party.filter(({ needs }) => needs.length > 0);
  const surfaces = plan.surfaces.map((surface) => ({
    name: surface.name,
    elsewhere: groups
      .filter((group) => !context.groupsAt(surface).includes(group))
      .map((group) => ({
        group,
        from: plan.surfaces
          .filter((other) => context.groupsAt(other).includes(group))
          .map(({ name }) => name),
      })),
    rows: placed
      .filter((food) => food.surface.id === surface.id)
      .map((food): AllergenRow => ({
        component: food.component,
        has: food.component.allergens,
        standings: groups.map((group) => standingOf(context, food, group)),
      })),
  }));
  const rows = surfaces.flatMap(({ rows }) => rows);
  return {
    allergens: ALLERGENS.filter((allergen) => rows.some(({ has }) => has[allergen] !== 'free')),
    groups,
    surfaces: surfaces.filter(({ rows }) => rows.length > 0),
  };
}
