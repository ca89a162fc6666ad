import { COUNTER_STEP_G, type ComponentId } from '../../catalogue/index.js';
import type { Plan, ShopPack } from '../../plan/index.js';
import {
  boughtPerGram,
  cheapestPacks,
  inPantry,
  perGram,
  purchaseOf,
  wareOf,
  type Ware,
} from '../../portion/index.js';
import type { LinearModel } from '../linear.js';

function packsOfOneShop(packs: readonly ShopPack[]): readonly ShopPack[] {
  const best = packs.reduce((best, pack) =>
    perGram({ packs: [pack] }) < perGram({ packs: [best] }) ? pack : best,
  );
  return packs.filter((pack) => pack.shop === best.shop);
}

/** What is in the house or in the basket of a plan already. */
function atHandG(plan: Plan, id: string): number {
  return inPantry(plan, id as ComponentId) + (purchaseOf([plan], id, 0).basket?.massG ?? 0);
}

/** Something that a shop sells: for the foods that it lies in as it is, or goes into at home. */
interface Want {
  id: string;
  ware: Ware;
  /** Packs of one shop: nobody goes to two for one thing. */
  packs: readonly ShopPack[];
  /** Grams that one more of each variable needs. */
  terms: Spent;
  /** The foods that want it, as they are chosen, and the most that each may want. */
  kinds: { chosen: number; mostG: number }[];
  /** Grams that are bought beyond what is laid; below nought where some are in the house or in the basket. */
  beyondG: number;
}

export type Spent = (readonly [variable: number, factor: number])[];

/** A food that may be bought: the variable that says whether, and those that say how much, in grams as it is laid. */
export interface MayBuy {
  food: ComponentId;
  chosen: number;
  terms: Spent;
  mostG: number;
  /** Bought beyond what is laid. */
  wasteG: number;
}

/** How something is paid for, and what writes the variables of that into the values of a board. */
export interface Bill {
  spent: Spent;
  fill(values: number[]): void;
}

function wantOf(plan: Plan, id: string): Want | undefined {
  const ware = wareOf(plan, id);
  return (
    ware && { id, ware, packs: packsOfOneShop(ware.sold), terms: [], kinds: [], beyondG: -atHandG(plan, id) }
  );
}

/** What is bought for all that may lie on the board, each thing once. */
function wantsOf(plan: Plan, foods: readonly MayBuy[]): Want[] {
  const wants = new Map<string, Want | undefined>();
  for (const { food, chosen, terms, wasteG, mostG } of foods) {
    for (const [id, grams] of boughtPerGram(plan, food)) {
      if (!wants.has(id)) wants.set(id, wantOf(plan, id));
      const want = wants.get(id);
      if (!want) continue;
      want.kinds.push({ chosen, mostG: grams * (mostG + wasteG) });
      want.beyondG += grams * wasteG;
      want.terms.push(...terms.map(([v, each]) => [v, grams * each] as const));
    }
  }
  // of what the house has enough of nothing is bought
  return [...wants.values()].flatMap((want) => (want && -want.beyondG < mostOf(want) ? [want] : []));
}

/** So many foods of a board share an ingredient at most (house default: more are made for no board). */
const MOST_SHARING = 10;
const mostOf = ({ kinds }: Want): number =>
  kinds
    .map(({ mostG }) => mostG)
    .sort((a, b) => b - a)
    .slice(0, MOST_SHARING)
    .reduce((sum, grams) => sum + grams, 0);

/** One where anything that wants it lies on the board. */
function openedFor(model: LinearModel, { kinds, id }: Want): number {
  if (kinds.length === 1) return kinds[0]!.chosen;
  const opened = model.variable(`opened ${id}`, 0, 1);
  for (const { chosen } of kinds)
    model.atLeast(
      `opened for ${id}`,
      [
        [opened, 1],
        [chosen, -1],
      ],
      0,
    );
  return opened;
}

const isOpened = ({ kinds }: Want, values: readonly number[]): boolean =>
  kinds.some(({ chosen }) => (values[chosen] ?? 0) > 0.5);
const gramsOf = ({ terms, beyondG }: Want, values: readonly number[]): number =>
  terms.reduce((sum, [v, each]) => sum + each * (values[v] ?? 0), beyondG);
const wanted = ({ terms }: Want): Spent => terms.map(([v, grams]) => [v, -grams] as const);

/** By weight, to the next step of the scale. */
function weighedBill(model: LinearModel, want: Want): Bill {
  const { id } = want;
  const opened = openedFor(model, want);
  const bought = model.variable(`weighed ${id}`, 0, Infinity);
  model.atLeast(`weighed out ${id}`, [[bought, 1], [opened, -COUNTER_STEP_G], ...wanted(want)], want.beyondG);
  return {
    spent: [[bought, perGram(want)]],
    fill(values) {
      values[opened] = isOpened(want, values) ? 1 : 0;
      values[bought] = Math.max(0, gramsOf(want, values) + values[opened] * COUNTER_STEP_G);
    },
  };
}

/** A pack that is enough for any board, and is the cheapest: it is bought, or it is not. */
function onePack(model: LinearModel, want: Want): Bill | undefined {
  if (want.beyondG < 0) return undefined;
  const cheapest = Math.min(...want.packs.map(({ priceMinor }) => priceMinor));
  if (!want.packs.some(({ massG, priceMinor }) => priceMinor === cheapest && massG >= mostOf(want)))
    return undefined;
  const opened = openedFor(model, want);
  return {
    spent: [[opened, cheapest]],
    fill(values) {
      values[opened] = isOpened(want, values) ? 1 : 0;
    },
  };
}

/** Whole packs, a few sizes of each. */
function packBill(model: LinearModel, want: Want): Bill {
  const { id, packs, beyondG } = want;
  const mostG = want.kinds.reduce((sum, kind) => sum + kind.mostG, Math.max(0, beyondG));
  const counts = packs.map((pack, i) =>
    model.variable(`packs ${id} ${i}`, 0, Math.ceil(mostG / pack.massG), 0, { integer: true }),
  );
  model.atLeast(
    `bought ${id}`,
    [...counts.map((count, i) => [count, packs[i]!.massG] as const), ...wanted(want)],
    beyondG,
  );
  // what is laid at all is bought at least once: without this the relaxed program buys crumbs of packs
  if (beyondG >= 0)
    for (const { chosen } of want.kinds)
      model.atLeast(`a pack ${id}`, [...counts.map((count) => [count, 1] as const), [chosen, -1]], 0);
  return {
    spent: counts.map((count, i) => [count, packs[i]!.priceMinor] as const),
    fill(values) {
      const bought = cheapestPacks(packs, Math.max(0, gramsOf(want, values))).packs;
      packs.forEach((pack, i) => {
        values[counts[i]!] = bought.find(({ massG }) => massG === pack.massG)?.count ?? 0;
      });
    },
  };
}

/** How all that may be bought is paid for. */
export const billsOf = (model: LinearModel, plan: Plan, foods: readonly MayBuy[]): Bill[] =>
  wantsOf(plan, foods).map((want) =>
    want.ware.edible === null ? (onePack(model, want) ?? packBill(model, want)) : weighedBill(model, want),
  );

/** What one gram more of a food costs in the shop, and what opening packs for it costs on average beyond its grams. */
export function pricesOf(plan: Plan, food: ComponentId): { gramMinor: number; openedMinor: number } {
  let [gramMinor, openedMinor] = [0, 0];
  const bought = boughtPerGram(plan, food);
  for (const [id, grams] of bought) {
    const ware = wareOf(plan, id);
    if (!ware || inPantry(plan, id as ComponentId) > 0) continue;
    gramMinor += grams * perGram({ packs: ware.sold });
    // half of a pack is left; of an ingredient half of that is another food's
    if (ware.edible === null)
      openedMinor += Math.min(...ware.sold.map((pack) => pack.priceMinor)) / (bought.size > 1 ? 4 : 2);
  }
  return { gramMinor, openedMinor };
}
