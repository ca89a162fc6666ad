import { STAPLE_ROWS } from './data/staples.js';
import { component, type Entry } from './entry.js';
import { ALLERGENS, ANIMAL_PARTS, INGREDIENTS, NUT_SPECIES, type Component, type Presence } from './facts.js';

/** Kitchen staples as components, so that their facts are read like any others. They are never laid by themselves. */
export const STAPLES: ReadonlyMap<string, Component> = new Map(
  STAPLE_ROWS.map((row) => [row.id, component('spread-dip', row as Entry)]),
);

/** From worst to best: a mixture has the worst of its parts. What nobody knows is worse than what a label tells. */
const PRESENCE: readonly Presence[] = ['contains', 'unknown', 'brand', 'may', 'free'];
const RENNET = ['animal', 'unknown', 'depends', 'microbial', 'vegetable', 'none'] as const;
const GELATINE = ['pork', 'unknown', 'depends', 'beef', 'fish', 'none'] as const;
const SLAUGHTER = ['needed', 'unknown', 'certified', 'no-meat'] as const;
const OATS = ['uncertified', 'unknown', 'depends', 'certified', 'none'] as const;
const MILK = ['raw', 'unknown', 'depends', 'pasteurised', 'none'] as const;
const LACTOSE = ['contains', 'unknown', 'depends', 'low', 'none'] as const;
const FISH = ['unscaled', 'unknown', 'depends', 'scaled', 'none'] as const;
const SUPERVISION = ['needed', 'unknown', 'certified', 'not-needed'] as const;

const worst = <T>(order: readonly T[], values: readonly T[]): T => order.find((v) => values.includes(v))!;

const presences = <K extends string>(
  keys: readonly K[],
  foods: readonly Component[],
  of: (component: Component) => Record<K, Presence>,
) =>
  Object.fromEntries(
    keys.map((key) => [
      key,
      worst(
        PRESENCE,
        foods.map((food) => of(food)[key]),
      ),
    ]),
  ) as Record<K, Presence>;

/** What a mixture of these foods holds and was kept from: every fact the worst of what goes in. */
export function factsOf(foods: readonly Component[]) {
  const of = <K extends keyof Component>(key: K) => foods.map((food) => food[key]);
  return {
    allergens: presences(ALLERGENS, foods, (food) => food.allergens),
    nuts: presences(NUT_SPECIES, foods, (food) => food.nuts),
    animal: presences(ANIMAL_PARTS, foods, (food) => food.animal),
    notable: presences(INGREDIENTS, foods, (food) => food.notable),
    alcohol: worst(PRESENCE, of('alcohol')),
    gelatineFrom: worst(GELATINE, of('gelatineFrom')),
    rennet: worst(RENNET, of('rennet')),
    slaughter: worst(SLAUGHTER, of('slaughter')),
    oats: worst(OATS, of('oats')),
    milkTreatment: worst(MILK, of('milkTreatment')),
    lactose: worst(LACTOSE, of('lactose')),
    fishKind: worst(FISH, of('fishKind')),
    supervision: worst(SUPERVISION, of('supervision')),
  };
}
