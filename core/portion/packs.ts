import {
  buyingOf,
  COUNTER_STEP_G,
  type Component,
  type ComponentId,
  type Larder,
} from '../catalogue/index.js';
import { wasteOfCuts } from '../shape/index.js';
import { planLarder, type Placement, type Plan } from '../plan/index.js';

export interface PackChoice {
  packs: { massG: number; priceMinor: number; count: number }[];
  massG: number;
  priceMinor: number;
  leftOverG: number;
}

/** Price of a gram where it is cheapest, in minor units. */
export const perGram = (component: Component): number =>
  Math.min(...component.packs.map((pack) => pack.priceMinor / pack.massG));

/** What a counter cuts or weighs: to the next fifty grams, in one piece of paper. */
function weighed(component: Component, needG: number): PackChoice {
  const massG = Math.max(0, Math.ceil(needG / COUNTER_STEP_G - 1e-6)) * COUNTER_STEP_G;
  const priceMinor = Math.round(massG * perGram(component));
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
  buyingOf(component).sold === 'by-weight'
    ? weighed(component, Math.max(0, needG))
    : cheapestPacks(component.packs, needG);

/** The cheapest whole packs of these sizes that hold the mass. */
export function cheapestPacks(packs: Component['packs'], needG: number): PackChoice {
  const sizes = [...packs].sort((a, b) => b.massG - a.massG);
  const best = cheapest(sizes, Math.max(0, needG));
  const massG = best.reduce((sum, pack) => sum + pack.massG * pack.count, 0);
  const priceMinor = best.reduce((sum, pack) => sum + pack.priceMinor * pack.count, 0);
  return {
    packs: best.filter((pack) => pack.count > 0),
    massG,
    priceMinor,
    leftOverG: Math.max(0, massG - needG),
  };
}

type Counted = PackChoice['packs'][number];
const price = (packs: readonly Counted[]) =>
  packs.reduce((sum, pack) => sum + pack.priceMinor * pack.count, 0);

function cheapest(sizes: Component['packs'], needG: number): Counted[] {
  const [size, ...rest] = sizes;
  if (!size) return [];
  const most = Math.ceil(needG / size.massG);
  if (rest.length === 0) return [{ ...size, count: most }];
  let best: Counted[] | undefined;
  for (let count = 0; count <= most; count++) {
    const packs = [{ ...size, count }, ...cheapest(rest, Math.max(0, needG - count * size.massG))];
    if (!best || price(packs) < price(best)) best = packs;
  }
  return best ?? [];
}

/** Grams of a food in the house; the same food may be noted twice. */
export const inPantry = (pantry: Plan['pantry'], id: ComponentId): number =>
  pantry.filter((p) => p.componentId === id).reduce((sum, p) => sum + p.massG, 0);

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
  { pantry = [], cuts = [], recipes = [] }: Partial<Pick<Plan, 'pantry' | 'cuts' | 'recipes'>> = {},
): Bought[] {
  const mass = new Map<ComponentId, number>();
  for (const placement of placements)
    mass.set(placement.componentId, (mass.get(placement.componentId) ?? 0) + placement.massG);
  return [...mass].map(([id, laidG]) => {
    const component = larder.get(id);
    const neededG = laidG + wasteOfCuts({ cuts, recipes, placements }, id, larder);
    const ownedG = Math.min(neededG, inPantry(pantry, id));
    return { id, component, neededG, ownedG, choice: component && choosePacks(component, neededG - ownedG) };
  });
}

/** What the packs of a plan cost, in minor units of its currency. */
export const costOf = (plan: Plan): number =>
  boughtFor(plan.placements, planLarder(plan), plan).reduce(
    (sum, bought) => sum + (bought.choice?.priceMinor ?? 0),
    0,
  );
