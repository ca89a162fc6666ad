import { guestsIn } from '../party/index.js';
import { moduleKey, type Plan } from '../plan/index.js';
import { wantsBread, type CountedFamily } from './targets.js';

export interface KindRange {
  from: number;
  to: number;
}

/** Fewest and most kinds for a large party (craft, section 4: house defaults); smaller ones have fewer. */
const LARGE: Record<CountedFamily, KindRange> = {
  // odd numbers read better: three, five or seven
  cheese: { from: 7, to: 7 },
  'cured-meat': { from: 3, to: 4 },
  fish: { from: 1, to: 2 },
  'plant-protein': { from: 2, to: 3 },
  vehicle: { from: 4, to: 5 },
  'fresh-fruit': { from: 4, to: 5 },
  'dried-fruit': { from: 2, to: 2 },
  vegetable: { from: 4, to: 5 },
  pickle: { from: 2, to: 3 },
  'nut-seed': { from: 1, to: 2 },
  'spread-dip': { from: 3, to: 4 },
  'sweet-bite': { from: 1, to: 2 },
};

/** A sweet course is made of sweets (house default). */
const SWEET_COURSE: Partial<Record<CountedFamily, KindRange>> = {
  'sweet-bite': { from: 4, to: 5 },
  vehicle: { from: 1, to: 2 },
  'spread-dip': { from: 1, to: 2 },
};

const UP_TO_SMALL = 8;
const UP_TO_MIDDLE = 16;
const scaled = (n: number, k: number, least: number) => Math.max(least, Math.round(n * k));

/** Surfaces that are alike in everything are modules of one table: each holds every kind, for its part of the guests. */
export function modulesOf(plan: Plan): number {
  const [first] = plan.surfaces;
  return first &&
    first.serves !== null &&
    plan.surfaces.every((surface) => moduleKey(surface) === moduleKey(first))
    ? plan.surfaces.length
    : 1;
}

/** How many kinds of each family a party of this size asks for. */
export function kindRanges(plan: Plan): Record<CountedFamily, KindRange> {
  const guests = guestsIn(plan.party) / modulesOf(plan);
  const k = guests <= UP_TO_SMALL ? 3 / 7 : guests <= UP_TO_MIDDLE ? 5 / 7 : 1;
  return Object.fromEntries(
    Object.entries(LARGE).map(([family, large]) => {
      const kindRange = wantsBread(plan) ? large : (SWEET_COURSE[family as CountedFamily] ?? large);
      const least =
        wantsBread(plan) && ['cheese', 'cured-meat', 'vehicle', 'spread-dip'].includes(family) ? 2 : 1;
      const to = scaled(kindRange.to, k, least);
      return [
        family,
        {
          from: Math.min(
            to,
            family === 'fish' ? Math.round(kindRange.from * k) : scaled(kindRange.from, k, least),
          ),
          to,
        },
      ];
    }),
  ) as Record<CountedFamily, KindRange>;
}
