import { buyingOf, COUNTER_STEP_G, FORMS, type Component, type ComponentId } from '../../catalogue/index.js';
import { planLarder, type Plan } from '../../plan/index.js';
import { wasteOfCuts } from '../../shape/index.js';
import { boughtFor, choosePacks, inPantry, perGram } from '../../portion/index.js';
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
  const spent = [...draft.chosen.keys()].flatMap((id) =>
    isWeighed(draft.component(id)) ? weighedRows(draft, id) : packRows(draft, id),
  );
  draft.model.atMost('budget', spent, Math.max(0, plan.budgetMinor - garnishMinor(plan)), 'budget');
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

/** Grams that need not be bought; below nought where cutting out asks for more than is laid. */
const atHandG = ({ problem: { plan } }: Draft, id: ComponentId): number =>
  inPantry(plan, id) - wasteOfCuts(plan, id, planLarder(plan));

type Spent = (readonly [variable: number, minor: number])[];

/** What is laid of a food, with what rounding to whole pieces may add. */
const laidTerms = (here: readonly Entry[]) =>
  here.flatMap((entry) => [[entry.mass, -1] as const, [entry.laid, -crumbs(entry)] as const]);

/** By weight, to the next step of the scale. */
function weighedRows(draft: Draft, id: ComponentId): Spent {
  const grams = draft.model.variable(`weighed ${id}`, 0, Infinity);
  draft.model.atLeast(
    `weighed out ${id}`,
    [[grams, 1], [draft.chosen.get(id)!, -COUNTER_STEP_G], ...laidTerms(draft.entriesOf(id))],
    -atHandG(draft, id),
  );
  return [[grams, perGram(draft.component(id))]];
}

/** Whole packs, a few sizes of each. */
function packRows(draft: Draft, id: ComponentId): Spent {
  const { packs } = draft.component(id);
  const here = draft.entriesOf(id);
  const owned = atHandG(draft, id);
  const mostG = here.reduce((sum, entry) => sum + entry.candidate.maxG + crumbs(entry), Math.max(0, -owned));
  const counts = packs.map((pack, i) =>
    draft.model.variable(`packs ${id} ${i}`, 0, Math.ceil(mostG / pack.massG), 0, { integer: true }),
  );
  draft.packs.set(id, counts);
  draft.model.atLeast(
    `bought ${id}`,
    [...counts.map((count, i) => [count, packs[i]!.massG] as const), ...laidTerms(here)],
    -owned,
  );
  // what is laid at all is bought at least once: without this the relaxed program buys crumbs of packs
  if (owned <= 0)
    draft.model.atLeast(
      `a pack ${id}`,
      [...counts.map((count) => [count, 1] as const), [draft.chosen.get(id)!, -1]],
      0,
    );
  return counts.map((count, i) => [count, packs[i]!.priceMinor] as const);
}

/** Values of the pack counts that hold what these values lay, written into them. */
export function fillPacks(draft: Draft, values: number[]): void {
  for (const [id, vars] of draft.packs) {
    const grams = draft
      .entriesOf(id)
      .filter((entry) => (values[entry.laid] ?? 0) > 0.5)
      .reduce((sum, entry) => sum + (values[entry.mass] ?? 0) + crumbs(entry), 0);
    const chosen = choosePacks(draft.component(id), Math.max(0, grams - atHandG(draft, id))).packs;
    draft.component(id).packs.forEach((pack, i) => {
      values[vars[i]!] = chosen.find((otherPack) => otherPack.massG === pack.massG)?.count ?? 0;
    });
  }
}

const isWeighed = (component: Component): boolean => buyingOf(component).sold === 'by-weight';

/** What is cut or filled to its mass is rounded to the scale's steps. */
const SCALE_STEP_G = 10;

/** Grams by which rounding to whole pieces may raise an entry's mass: half a piece in each lot on each surface. */
function crumbs({ candidate: candidate }: Entry): number {
  if (FORMS[candidate.form].wholeLots) return 0;
  if (FORMS[candidate.form].lies === 'alone') return SCALE_STEP_G;
  return (candidate.pieceG / 2) * candidate.area.copies * (candidate.laidShare < 1 ? 2 : 1);
}

/** Herbs are laid on every shared board; their packs are part of the budget. */
const garnishMinor = (plan: Plan): number =>
  boughtFor(garnish(plan), planLarder(plan), { pantry: plan.pantry, occasion: plan.occasion }).reduce(
    (sum, bought) => sum + (bought.choice?.priceMinor ?? 0),
    0,
  );
