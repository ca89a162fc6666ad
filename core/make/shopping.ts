import {
  COUNTER_STEP_G,
  RECIPES,
  STAPLES,
  makingOf,
  type Component,
  type ComponentId,
  buyingOf,
  CATALOGUE,
} from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';
import {
  AISLES,
  needsOf,
  purchaseOf,
  SHOP_DAYS,
  type AisleId,
  type InBasket,
  type Needed,
  type PackChoice,
  type ShopDay,
  type Ware,
} from '../portion/index.js';
import { portionsIn } from '../party/index.js';

/** One line of the list. Grams are as they are eaten; money in minor units. */
export interface ShopLine {
  id: string;
  name: string;
  family: Component['family'] | 'ingredient';
  aisle: AisleId;
  day: ShopDay;
  neededG: number;
  /** Of it, what is in the house. */
  ownedG: number;
  /** In the basket already, grams and money; null while nothing is. What the need has grown by since is bought on top. */
  basket: InBasket | null;
  /** Still to be bought. */
  packs: PackChoice['packs'];
  /** Where, if the stylist has said it. */
  shop: string | null;
  /** What the shop weighs, with rind, peel and stones; null where packs are counted. */
  weighedG: number | null;
  boughtG: number;
  /** Of the basket and of what is still to be bought. */
  costMinor: number;
  leftG: number;
  /** What is left, at the price that was paid. */
  leftMinor: number;
  /** What can become of it. */
  becomes: Becoming[];
  /** Foods that it goes into, by plan. */
  goesInto: { planId: string; componentId: ComponentId; massG: number }[];
  /** Nobody knows any more what this is or what it costs. */
  unknown: boolean;
}

/** `recipe`: a food that the house makes of it; the others say how it keeps. */
export type Becoming = { kind: 'recipe'; id: ComponentId } | { kind: 'keeps' | 'freeze' | 'soon' };

export interface Shopping {
  lines: ShopLine[];
  costMinor: number;
  leftMinor: number;
  /** Whole portions of all plans. */
  portions: number;
  byFamily: { family: ShopLine['family']; costMinor: number }[];
  /** A share of each line by the grams that lie there. */
  bySurface: { planId: string; surfaceId: string; costMinor: number }[];
}

/** The same ingredient of several plans is one need. What was bought and is not needed any more is there and was paid. */
function joined(plans: readonly Plan[]): Map<string, { need: Needed; into: ShopLine['goesInto'] }> {
  const all = new Map<string, { need: Needed; into: ShopLine['goesInto'] }>();
  for (const plan of plans) {
    for (const need of needsOf(plan)) {
      const found = all.get(need.id) ?? { need: { ...need, neededG: 0, goesInto: [] }, into: [] };
      all.set(need.id, found);
      found.need.neededG += need.neededG;
      found.into.push(...need.goesInto.map(({ id, massG }) => ({ planId: plan.id, componentId: id, massG })));
    }
  }
  return all;
}

function lineOf(
  plans: readonly Plan[],
  id: string,
  neededG: number,
  goesInto: ShopLine['goesInto'],
): ShopLine {
  const { ware, ownedG, basket, choice, costMinor } = purchaseOf(plans, id, neededG);
  const boughtG = (basket?.massG ?? 0) + (choice?.massG ?? 0);
  const leftG = Math.max(0, boughtG - (neededG - ownedG));
  const weighed = ware?.edible ? choice && choice.massG / ware.edible : undefined;
  return {
    id,
    name: ware?.name ?? id,
    family:
      ware?.component && !ware.component.id.startsWith('staple-') ? ware.component.family : 'ingredient',
    aisle: ware?.aisle ?? 'market stall',
    day: ware?.day ?? 'ahead',
    neededG,
    ownedG,
    basket,
    packs: choice?.packs ?? [],
    shop: choice?.shop ?? null,
    weighedG: weighed === undefined ? null : Math.ceil(weighed / COUNTER_STEP_G - 1e-6) * COUNTER_STEP_G,
    boughtG: choice?.massG ?? 0,
    costMinor,
    leftG,
    leftMinor: boughtG > 0 ? Math.round((costMinor * leftG) / boughtG) : 0,
    becomes: becomingOf(ware, id, leftG),
    goesInto,
    unknown: choice === undefined,
  };
}

/** Less is scraped out of the pack. */
const WORTH_KEEPING_G = 40;
/** Of a part of a recipe so much must be there for it to be worth making (house default). */
const ENOUGH_OF_A_PART = 0.5;
const MOST_IDEAS = 2;
const FREEZES = new Set(['cured-meat', 'cooked', 'fish']);

const KEEPING: ReadonlySet<AisleId> = new Set(['mill and dry shelf', 'jars and tins', 'sweets']);

function becomingOf(ware: Ware | undefined, id: string, leftG: number): Becoming[] {
  if (leftG < WORTH_KEEPING_G || !ware) return [];
  const recipes = MADE_OF.get(id) ?? [];
  const ideas = recipes
    .filter(({ grams }) => leftG >= grams * ENOUGH_OF_A_PART)
    .slice(0, MOST_IDEAS)
    .map(({ food }): Becoming => ({ kind: 'recipe', id: food }));
  const { component } = ware;
  // what a staple is like once it is laid says nothing of how it keeps in its pack
  const keeps =
    !component || STAPLES.has(id)
      ? KEEPING.has(ware.aisle)
      : component.holdOut === 'stable' || buyingOf(component).sold === 'keeps';
  const kind = keeps && ware.aisle !== 'bread' ? 'keeps' : freezes(ware) ? 'freeze' : 'soon';
  return [...ideas, { kind }];
}

const freezes = ({ component, aisle }: Ware): boolean =>
  aisle === 'bread' || aisle === 'meat counter' || (component !== undefined && FREEZES.has(component.family));

/** Foods that the house makes, by what goes into them: where it is most of the batch first. */
const MADE_OF: ReadonlyMap<string, { food: ComponentId; grams: number; share: number }[]> = (() => {
  const of = new Map<string, { food: ComponentId; grams: number; share: number }[]>();
  const foods = [
    ...CATALOGUE.filter(({ made }) => made === 'home-made').map(({ id }) => id),
    ...RECIPES.map((recipe) => `home-${recipe.id}` as ComponentId),
  ];
  for (const food of new Set(foods))
    for (const [part, grams] of makingOf(food)?.parts ?? [])
      of.set(part, [...(of.get(part) ?? []), { food, grams, share: grams / makingOf(food)!.outG }]);
  for (const list of of.values()) list.sort((a, b) => b.share - a.share);
  return of;
})();

const order = (line: ShopLine): number => SHOP_DAYS.indexOf(line.day) * 100 + AISLES.indexOf(line.aisle);

/**
 * One list for any number of plans: needs of all of them, what is in the house first, then the cheapest packs. In the
 * order of days and aisles.
 */
export function shopFor(plans: readonly Plan[]): Shopping {
  const lines = [...joined(plans)]
    .map(([id, { need, into }]) => lineOf(plans, id, need.neededG, into))
    .sort((a, b) => order(a) - order(b) || a.name.localeCompare(b.name, 'en'));
  const sum = (of: (line: ShopLine) => number): number => lines.reduce((sum, line) => sum + of(line), 0);
  const families = [...new Set(lines.map(({ family }) => family))];
  return {
    lines,
    costMinor: sum(({ costMinor }) => costMinor),
    leftMinor: sum(({ leftMinor }) => leftMinor),
    portions: plans.reduce((all, plan) => all + portionsIn(plan.party), 0),
    byFamily: families.map((family) => ({
      family,
      costMinor: sum((line) => (line.family === family ? line.costMinor : 0)),
    })),
    bySurface: plans.flatMap((plan) => shareBySurface(plan, lines)),
  };
}

/** What a surface costs: of each line the share that lies there. Parts of a minor unit are kept, so that it adds up. */
function shareBySurface(plan: Plan, lines: readonly ShopLine[]): Shopping['bySurface'] {
  const all = new Map<ComponentId, number>();
  for (const { componentId, massG } of plan.placements)
    all.set(componentId, (all.get(componentId) ?? 0) + massG);
  return plan.surfaces.map((surface) => {
    const here = new Map<ComponentId, number>();
    for (const { componentId, surfaceId, massG } of plan.placements)
      if (surfaceId === surface.id) here.set(componentId, (here.get(componentId) ?? 0) + massG);
    const costMinor = lines.reduce((sum, line) => {
      const goes = line.goesInto.reduce((sum, into) => sum + into.massG, 0);
      return line.goesInto
        .filter(({ planId }) => planId === plan.id)
        .reduce((part, into) => {
          const share = (here.get(into.componentId) ?? 0) / Math.max(1e-9, all.get(into.componentId) ?? 0);
          return part + (line.costMinor * into.massG * share) / Math.max(1e-9, goes);
        }, sum);
    }, 0);
    return { planId: plan.id, surfaceId: surface.id, costMinor };
  });
}

/** What several boards alike cost from one shop: packs are shared, each is cheaper than one alone. */
export interface Several {
  boards: number;
  costMinor: number;
  /** Of it, what is paid beside the packs of one fewer. */
  moreMinor: number;
}

/** One board to `most` of them; what is in the basket is there once. */
export function severalFrom(plan: Plan, most: number): Several[] {
  const copy = { ...plan, day: { ...plan.day, bought: [] } };
  const costs = Array.from(
    { length: most },
    (_, i) => shopFor([plan, ...Array<Plan>(i).fill(copy)]).costMinor,
  );
  return costs.map((costMinor, i) => ({
    boards: i + 1,
    costMinor,
    moreMinor: costMinor - (costs[i - 1] ?? 0),
  }));
}

/** A pack mix as it is said at the counter: "2 x 250 g". */
export const packsText = (line: Pick<ShopLine, 'packs' | 'weighedG' | 'boughtG'>): string =>
  line.weighedG !== null ? (line.boughtG > 0 ? `${line.weighedG} g by weight` : '') : mixText(line.packs);

const mixText = (packs: PackChoice['packs']): string =>
  packs.map(({ count, massG }) => `${count} x ${massG} g`).join(', ');

/** What lies in the basket, said alike; grams alone of what was weighed. */
export const basketText = ({ basket, weighedG }: ShopLine): string =>
  basket === null ? '' : weighedG !== null ? `${Math.round(basket.massG)} g` : mixText(basket.packs);
