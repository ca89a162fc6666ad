import { buyingOf, COUNTER_STEP_G, FORMS, type Component, type ComponentId } from '../../catalogue/index.js';
import { planLarder, type Plan, type ShopPack } from '../../plan/index.js';
import { wasteOfCuts } from '../../shape/index.js';
import {
  boughtPerGram,
  cheapestPacks,
  costOf,
  inPantry,
  perGram,
  purchaseOf,
  wareOf,
  type Ware,
} from '../../portion/index.js';
import type { Draft, Entry } from '../draft.js';
import { garnish } from '../garnish.js';

/** Points lost for each grown portion's euro (or other unit), so that of two equal boards the cheaper one wins. */
const EACH_UNIT = 0.15;

/** How much money matters, by the lever from richer to cheaper. */
const DEARNESS = [-5, -2, 1, 8, 24] as const;

/** Money counts by what is bought. With a budget, packs are whole; without one, price by the gram is near enough. */
export function budgetRows(draft: Draft): void {
  const { plan } = draft.problem;
  priceRows(draft);
  if (plan.budgetMinor === null || !draft.wishes.budget) return;
  const bills = wantsOf(draft).map((want) =>
    want.ware.edible === null ? (onePack(draft, want) ?? packBill(draft, want)) : weighedBill(draft, want),
  );
  draft.bills = bills.map(({ fill }) => fill);
  // herbs are laid on every shared board; what is in the basket is paid for, whatever is laid
  const before = costOf({ ...plan, placements: garnish(plan), cuts: [] });
  draft.model.atMost(
    'budget',
    bills.flatMap(({ spent }) => spent),
    Math.max(0, plan.budgetMinor - before),
    'budget',
  );
}

/** Of two equal boards the cheaper one wins, and more so by the lever. */
function priceRows(draft: Draft): void {
  const { plan, targets } = draft.problem;
  const { cheaper } = plan.wishes.levers;
  const weight = (EACH_UNIT * DEARNESS[cheaper + 2]!) / Math.max(1, targets.portions) / 100;
  for (const [id, x] of draft.chosen) {
    const component = draft.component(id);
    const gram = perGram(component);
    const here = draft.entriesOf(id);
    for (const entry of here) draft.model.charge(entry.mass, weight * gram, { say: 'loss.money' });
    // a pack that is opened costs on average half of itself beyond its grams
    if (cheaper > 0 && !isWeighed(component))
      draft.model.charge(x, (weight * Math.min(...component.packs.map((pack) => pack.priceMinor))) / 2);
    const owned = inPantry(plan, id);
    if (owned <= 0) continue;
    // what is in the house costs nothing: it takes the price of its grams off again
    const used = draft.model.variable(`from the pantry ${id}`, 0, owned, -weight * gram);
    draft.model.atMost(`pantry ${id}`, [[used, 1], ...here.map((entry) => [entry.mass, -1] as const)], 0);
  }
}

const isWeighed = (component: Component): boolean => buyingOf(component).sold === 'by-weight';

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

type Spent = (readonly [variable: number, factor: number])[];

/** How it is paid for, and what writes the variables of that into the values of a board. */
interface Bill {
  spent: Spent;
  fill(values: number[]): void;
}

function wantOf(plan: Plan, id: string): Want | undefined {
  const ware = wareOf(plan, id);
  return (
    ware && { ware, packs: packsOfOneShop(ware.sold), terms: [], kinds: [], beyondG: -atHandG(plan, id) }
  );
}

/** What is bought for all that may lie on the board, each thing once. */
function wantsOf(draft: Draft): Want[] {
  const { plan } = draft.problem;
  const larder = planLarder(plan);
  const wants = new Map<string, Want | undefined>();
  for (const [food, chosen] of draft.chosen) {
    const wasteG = wasteOfCuts(plan, food, larder);
    const entries = draft.entriesOf(food);
    const mostG = entries.reduce((sum, entry) => sum + entry.candidate.maxG + crumbs(entry), wasteG);
    for (const [id, grams] of boughtPerGram(plan, food)) {
      if (!wants.has(id)) wants.set(id, wantOf(plan, id));
      const want = wants.get(id);
      if (!want) continue;
      want.kinds.push({ chosen, mostG: grams * mostG });
      want.beyondG += grams * wasteG;
      for (const entry of entries) want.terms.push([entry.mass, grams], [entry.laid, grams * crumbs(entry)]);
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
function openedFor({ model }: Draft, { kinds, ware }: Want): number {
  if (kinds.length === 1) return kinds[0]!.chosen;
  const opened = model.variable(`opened ${ware.name}`, 0, 1);
  for (const { chosen } of kinds)
    model.atLeast(
      `opened for ${ware.name}`,
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
function weighedBill(draft: Draft, want: Want): Bill {
  const { name } = want.ware;
  const opened = openedFor(draft, want);
  const bought = draft.model.variable(`weighed ${name}`, 0, Infinity);
  draft.model.atLeast(
    `weighed out ${name}`,
    [[bought, 1], [opened, -COUNTER_STEP_G], ...wanted(want)],
    want.beyondG,
  );
  return {
    spent: [[bought, perGram(want)]],
    fill(values) {
      values[opened] = isOpened(want, values) ? 1 : 0;
      values[bought] = Math.max(0, gramsOf(want, values) + values[opened] * COUNTER_STEP_G);
    },
  };
}

/** A pack that is enough for any board, and is the cheapest: it is bought, or it is not. */
function onePack(draft: Draft, want: Want): Bill | undefined {
  if (want.beyondG < 0) return undefined;
  const cheapest = Math.min(...want.packs.map(({ priceMinor }) => priceMinor));
  if (!want.packs.some(({ massG, priceMinor }) => priceMinor === cheapest && massG >= mostOf(want)))
    return undefined;
  const opened = openedFor(draft, want);
  return {
    spent: [[opened, cheapest]],
    fill(values) {
      values[opened] = isOpened(want, values) ? 1 : 0;
    },
  };
}

/** Whole packs, a few sizes of each. */
function packBill({ model }: Draft, want: Want): Bill {
  const { packs, beyondG } = want;
  const { name } = want.ware;
  const mostG = want.kinds.reduce((sum, kind) => sum + kind.mostG, Math.max(0, beyondG));
  const counts = packs.map((pack, i) =>
    model.variable(`packs ${name} ${i}`, 0, Math.ceil(mostG / pack.massG), 0, { integer: true }),
  );
  model.atLeast(
    `bought ${name}`,
    [...counts.map((count, i) => [count, packs[i]!.massG] as const), ...wanted(want)],
    beyondG,
  );
  // what is laid at all is bought at least once: without this the relaxed program buys crumbs of packs
  if (beyondG >= 0)
    for (const { chosen } of want.kinds)
      model.atLeast(`a pack ${name}`, [...counts.map((count) => [count, 1] as const), [chosen, -1]], 0);
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

/** What holds what these values lay, written into them: packs, and grams that are weighed. */
export const fillPacks = (draft: Draft, values: number[]): void =>
  draft.bills.forEach((fill) => fill(values));

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

/** What is cut or filled to its mass is rounded to the scale's steps. */
const SCALE_STEP_G = 10;

/** Grams by which rounding to whole pieces may raise an entry's mass: half a piece in each lot on each surface. */
function crumbs({ candidate: candidate }: Entry): number {
  if (FORMS[candidate.form].wholeLots) return 0;
  if (FORMS[candidate.form].lies === 'alone') return SCALE_STEP_G;
  return (candidate.pieceG / 2) * candidate.area.copies * (candidate.laidShare < 1 ? 2 : 1);
}
