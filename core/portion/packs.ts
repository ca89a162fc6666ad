import {
  buyingOf,
  COUNTER_STEP_G,
  type Component,
  type ComponentId,
  type Larder,
} from '../catalogue/index.js';
import { wasteOfCuts } from '../shape/index.js';
import type { Placement, Plan, ShopPack } from '../plan/index.js';

export interface PackChoice {
  packs: { massG: number; priceMinor: number; count: number }[];
  /** Where, if the stylist has said it. */
  shop?: string;
  massG: number;
  priceMinor: number;
  leftOverG: number;
}

/** Price of a gram where it is cheapest, in minor units. */
export const perGram = ({ packs }: { packs: readonly ShopPack[] }): number =>
  Math.min(...packs.map((pack) => pack.priceMinor / pack.massG));

/** What a counter cuts or weighs: to the next fifty grams, in one piece of paper. */
function weighed(packs: readonly ShopPack[], needG: number): PackChoice {
  const massG = Math.max(0, Math.ceil(needG / COUNTER_STEP_G - 1e-6)) * COUNTER_STEP_G;
  const priceMinor = Math.round(massG * perGram({ packs }));
  return {
    packs: massG > 0 ? [{ massG, priceMinor, count: 1 }] : [],
    massG,
    priceMinor,
    leftOverG: Math.max(0, massG - needG),
  };
}

/**
 * What holds the mass: by weight where the shop weighs it, else the cheapest whole packs; a few sizes only, so every
 * count of the larger ones is tried.
 */
export const choosePacks = (component: Component, needG: number): PackChoice =>
  inOneShop(component.packs, (packs) =>
    buyingOf(component).sold === 'by-weight'
      ? weighed(packs, Math.max(0, needG))
      : wholePacks(packs, Math.max(0, needG)),
  );

/** The cheapest whole packs of these sizes that hold the mass, all of one shop. */
export const cheapestPacks = (packs: readonly ShopPack[], needG: number): PackChoice =>
  inOneShop(packs, (packs) => wholePacks(packs, needG));

/** Nobody goes to two shops for one food: the cheapest shop, the one noted first where they cost the same. */
function inOneShop(
  packs: readonly ShopPack[],
  choose: (packs: readonly ShopPack[]) => PackChoice,
): PackChoice {
  const shops = [...new Set(packs.map(({ shop }) => shop))];
  const choices = shops.map((shop) => {
    const mine = packs
      .filter((pack) => pack.shop === shop)
      .map(({ massG, priceMinor }) => ({ massG, priceMinor }));
    return { ...choose(mine), ...(shop === undefined ? {} : { shop }) };
  });
  return choices.reduce((best, choice) => (choice.priceMinor < best.priceMinor ? choice : best));
}

function wholePacks(packs: readonly ShopPack[], needG: number): PackChoice {
  const best = cheapest(packs, Math.max(0, needG));
  const massG = best.reduce((sum, pack) => sum + pack.massG * pack.count, 0);
  return { packs: best, massG, priceMinor: price(best), leftOverG: Math.max(0, massG - needG) };
}

type Counted = PackChoice['packs'][number];
const price = (packs: readonly Counted[]) =>
  packs.reduce((sum, pack) => sum + pack.priceMinor * pack.count, 0);

/** Crumbs of grams that no pack is opened for. */
const CRUMB_G = 1e-9;

/** Branch and bound: a gram costs no less than in the pack where it is cheapest. Of the same money the fewest packs. */
function cheapest(packs: readonly ShopPack[], needG: number): Counted[] {
  const sizes = [...packs].sort(
    (a, b) => a.priceMinor / a.massG - b.priceMinor / b.massG || b.massG - a.massG,
  );
  let best: Counted[] = [];
  let least = { minor: Infinity, count: Infinity };
  const taken: Counted[] = [];
  const go = (i: number, leftG: number, minor: number, count: number): void => {
    if (leftG <= CRUMB_G) {
      if (minor < least.minor || (minor === least.minor && count < least.count)) {
        least = { minor, count };
        best = taken.filter((pack) => pack.count > 0);
      }
      return;
    }
    const size = sizes[i];
    if (!size || minor + (leftG * size.priceMinor) / size.massG > least.minor + CRUMB_G) return;
    for (let n = Math.ceil(leftG / size.massG - CRUMB_G); n >= 0; n--) {
      taken.push({ massG: size.massG, priceMinor: size.priceMinor, count: n });
      go(i + 1, leftG - n * size.massG, minor + n * size.priceMinor, count + n);
      taken.pop();
    }
  };
  go(0, needG, 0, 0);
  return best.sort((a, b) => b.massG - a.massG);
}

/** What of a plan says how much is in the house on the day. */
export type Housed = Pick<Plan, 'pantry'> & Partial<Pick<Plan, 'occasion'>>;

/** Grams of a food in the house that are good on the day; the same food may be noted twice. */
export const inPantry = ({ pantry, occasion }: Housed, id: ComponentId): number =>
  pantry
    .filter(({ componentId, until }) => componentId === id && isGood(until, occasion))
    .reduce((sum, { massG }) => sum + massG, 0);

/** Dates of this form sort as text. */
const isGood = (until: string | undefined, occasion: Housed['occasion']): boolean =>
  until === undefined || !occasion || until >= occasion.start.slice(0, 10);

type BoughtOf = Partial<Pick<Plan, 'pantry' | 'cuts' | 'recipes' | 'occasion'>>;

export interface Bought {
  id: ComponentId;
  /** Undefined for a food that no larder knows any more. */
  component: Component | undefined;
  neededG: number;
  /** Of it, what is in the house already. */
  ownedG: number;
  choice: PackChoice | undefined;
}

/** What is bought for these placements: all lots of all surfaces together, in whole packs, with what is lost in cutting out, less what is in the house. */
export function boughtFor(
  placements: Placement[],
  larder: Larder,
  { pantry = [], cuts = [], recipes = [], occasion }: BoughtOf = {},
): Bought[] {
  const mass = new Map<ComponentId, number>();
  for (const placement of placements)
    mass.set(placement.componentId, (mass.get(placement.componentId) ?? 0) + placement.massG);
  return [...mass].map(([id, laidG]) => {
    const component = larder.get(id);
    const neededG = laidG + wasteOfCuts({ cuts, recipes, placements }, id, larder);
    const ownedG = Math.min(neededG, inPantry({ pantry, ...(occasion ? { occasion } : {}) }, id));
    return { id, component, neededG, ownedG, choice: component && choosePacks(component, neededG - ownedG) };
  });
}
