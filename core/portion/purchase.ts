import type { ComponentId } from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';
import { boughtPerGram, neededFor } from './needed.js';
import { inPantry, type PackChoice } from './packs.js';
import { wareOf, type Ware } from './wares.js';

/** In the basket already: grams and money. */
export interface InBasket {
  massG: number;
  costMinor: number;
  packs: PackChoice['packs'];
}

/** How a need of something is met: what the house has, what is in the basket, what is still bought. */
export interface Purchase {
  /** None for what nobody knows any more. */
  ware: Ware | undefined;
  ownedG: number;
  basket: InBasket | null;
  choice: PackChoice | undefined;
  /** Of the basket and of what is still to be bought, in minor units. */
  costMinor: number;
}

/** The same jar may be noted in several plans: it is in one house. */
const inHouseG = (plans: readonly Plan[], id: string): number =>
  Math.max(...plans.map((plan) => inPantry(plan, id as ComponentId)));

/** Of several plans that are bought together, the basket of each: what is in it twice is there twice. */
function basketOf(plans: readonly Plan[], id: string, now: PackChoice | undefined): InBasket | null {
  const baskets = plans.flatMap(({ day }) => day.bought.filter((basket) => basket.id === id));
  if (baskets.length === 0) return null;
  const packs = baskets.flatMap((basket) => basket.packs ?? now?.packs ?? []);
  const sum = (of: (pack: (typeof packs)[number]) => number) =>
    packs.reduce((sum, pack) => sum + pack.count * of(pack), 0);
  return { packs, massG: sum(({ massG }) => massG), costMinor: sum(({ priceMinor }) => priceMinor) };
}

/** What is in the house first, then what is in the basket, then the cheapest packs. Grams as they are eaten. */
export function purchaseOf(plans: readonly Plan[], id: string, neededG: number): Purchase {
  const ware = plans.map((plan) => wareOf(plan, id)).find((ware) => ware !== undefined);
  const ownedG = Math.min(neededG, inHouseG(plans, id));
  const basket = basketOf(plans, id, ware?.packs(neededG - ownedG));
  const choice = ware?.packs(Math.max(0, neededG - ownedG - (basket?.massG ?? 0)));
  return {
    ware,
    ownedG,
    basket,
    choice,
    costMinor: (basket?.costMinor ?? 0) + (choice?.priceMinor ?? 0),
  };
}

/** Baskets of what the plan needs no more: it is there and was paid. */
const idleIn = (plan: Plan, needed: ReadonlySet<string>): string[] =>
  plan.day.bought.filter(({ id, packs }) => packs !== null && !needed.has(id)).map(({ id }) => id);

/** All that is bought for a plan, or was: what it needs, and what it needs no more. Grams as they are eaten. */
export function needsOf(plan: Plan): ReturnType<typeof neededFor> {
  const needs = neededFor(plan);
  const idle = idleIn(plan, new Set(needs.map(({ id }) => id)));
  return [...needs, ...idle.map((id) => ({ id, neededG: 0, goesInto: [] }))];
}

/** What a plan costs in the shop, in minor units of its currency: what is made at home by the packs of its ingredients. */
export const costOf = (plan: Plan): number =>
  needsOf(plan).reduce((sum, { id, neededG }) => sum + purchaseOf([plan], id, neededG).costMinor, 0);

/** What so much of one food costs in the shop when nothing else is bought, in minor units. */
export const costAlone = (plan: Plan, food: ComponentId, massG: number): number =>
  [...boughtPerGram(plan, food)].reduce((sum, [id, grams]) => {
    const missing = Math.max(0, grams * massG - inPantry(plan, id as ComponentId));
    return sum + (wareOf(plan, id)?.packs(missing)?.priceMinor ?? 0);
  }, 0);
