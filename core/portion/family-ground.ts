import { CATALOGUE, type Component } from '../catalogue/index.js';
import { memo1 } from '../measure/index.js';
import type { Plan, Surface } from '../plan/index.js';
import { lotShares } from './holding.js';
import { COUNTED, type CountedFamily } from './targets.js';

/** Share of the ground inside the rim that a full board covers, and one laid calmly (craft, section 10: the two schools). */
export const FULL_COVER = 0.97;
export const CALM_COVER = 0.76;

/** Typical grams per cm² of each family, for sizes before anything is chosen (house default, from the catalogue's usual forms). */
const FAMILY_G_PER_CM2: Record<CountedFamily, number> = {
  cheese: 2.2,
  'cured-meat': 1.05,
  fish: 1.1,
  'plant-protein': 2,
  cooked: 1.6,
  vehicle: 1,
  'fresh-fruit': 1.8,
  'dried-fruit': 1.5,
  vegetable: 1.5,
  pickle: 1.8,
  'nut-seed': 1.2,
  'spread-dip': 2,
  'sweet-bite': 1.7,
};

/** Is open ground meant, by the theme's mood or on a surface that may say otherwise? */
export const isCalm = (plan: Plan, surface?: Pick<Surface, 'ground'>): boolean =>
  (surface?.ground ?? plan.occasion.theme.mood) === 'calm';

/** What this plan wants covered there, as a share of the ground. */
export const coverOf = (plan: Plan, surface?: Pick<Surface, 'ground'>): number =>
  isCalm(plan, surface) ? CALM_COVER : FULL_COVER;

/** Square centimetres of board that so many grams of each family ask for, at this cover. */
export const groundOf = (byFamily: Record<CountedFamily, number>, cover = FULL_COVER): number =>
  COUNTED.reduce((sum, family) => sum + byFamily[family] / FAMILY_G_PER_CM2[family], 0) / cover;

/** One food for each way of keeping in a family, and how many keep so. */
const KEPT = new Map(
  COUNTED.map((family): [CountedFamily, { like: Component; n: number }[]] => {
    const ways = new Map<string, { like: Component; n: number }>();
    for (const like of CATALOGUE.filter((component) => component.family === family)) {
      const key = `${like.holdOut} ${like.temperMin}`;
      ways.set(key, { like, n: (ways.get(key)?.n ?? 0) + 1 });
    }
    return [family, [...ways.values()]];
  }),
);

/** The part of each family's grams that lies there at opening: what may not lie so long comes in lots (by how its foods keep). */
const shareAtOpening = memo1((occasion: Plan['occasion']): ReadonlyMap<CountedFamily, number> => {
  return new Map(
    [...KEPT].map(([family, ways]) => {
      const all = ways.reduce((sum, { n }) => sum + n, 0);
      return [
        family,
        ways.reduce((sum, { like, n }) => sum + n * lotShares(like, { occasion })[0]!, 0) / Math.max(1, all),
      ];
    }),
  );
});

/** Of so many grams of each family, what lies there at opening. */
export function laidAtOpening(
  plan: Pick<Plan, 'occasion'>,
  byFamily: Record<CountedFamily, number>,
): Record<CountedFamily, number> {
  const shares = shareAtOpening(plan.occasion);
  return Object.fromEntries(
    COUNTED.map((family) => [family, byFamily[family] * (shares.get(family) ?? 1)]),
  ) as Record<CountedFamily, number>;
}
