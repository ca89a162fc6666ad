import { buyingOf, FORMS, type Component } from '../../catalogue/index.js';
import { planLarder } from '../../plan/index.js';
import { wasteOfCuts } from '../../shape/index.js';
import { costOf, inPantry, perGram } from '../../portion/index.js';
import type { Draft, Entry } from '../draft.js';
import { garnish } from '../garnish.js';
import { billsOf, type MayBuy } from './bills.js';

/** Points lost for each grown portion's euro (or other unit), so that of two equal boards the cheaper one wins. */
const EACH_UNIT = 0.15;

/** How much money matters, by the lever from richer to cheaper. */
const DEARNESS = [-5, -2, 1, 8, 24] as const;

/** Money counts by what is bought. With a budget, packs are whole; without one, price by the gram is near enough. */
export function budgetRows(draft: Draft): void {
  const { plan } = draft.problem;
  priceRows(draft);
  if (plan.budgetMinor === null || !draft.wishes.budget) return;
  const bills = billsOf(draft.model, plan, foodsOf(draft));
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

/** What holds what these values lay, written into them: packs, and grams that are weighed. */
export const fillPacks = (draft: Draft, values: number[]): void =>
  draft.bills.forEach((fill) => fill(values));

/** The foods that may lie on the board, as they are bought. */
function foodsOf(draft: Draft): MayBuy[] {
  const { plan } = draft.problem;
  const larder = planLarder(plan);
  return [...draft.chosen].map(([food, chosen]) => {
    const entries = draft.entriesOf(food);
    return {
      food,
      chosen,
      terms: entries.flatMap((entry) => [[entry.mass, 1] as const, [entry.laid, crumbs(entry)] as const]),
      mostG: entries.reduce((sum, entry) => sum + entry.candidate.maxG + crumbs(entry), 0),
      wasteG: wasteOfCuts(plan, food, larder),
    };
  });
}

/** What is cut or filled to its mass is rounded to the scale's steps. */
const SCALE_STEP_G = 10;

/** Grams by which rounding to whole pieces may raise an entry's mass: half a piece in each lot on each surface. */
function crumbs({ candidate }: Entry): number {
  if (FORMS[candidate.form].wholeLots) return 0;
  if (FORMS[candidate.form].lies === 'alone') return SCALE_STEP_G;
  return (candidate.pieceG / 2) * candidate.area.copies * (candidate.laidShare < 1 ? 2 : 1);
}
