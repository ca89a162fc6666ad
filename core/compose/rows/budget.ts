import { FORMS } from '../../catalogue/index.js';
import { planLarder, type Plan } from '../../plan/index.js';
import { boughtFor, choosePacks, inPantry } from '../../portion/index.js';
import type { Draft, Entry } from '../draft.js';
import { garnish } from '../settle.js';

/** Points lost for each grown portion's euro (or other unit), so that of two equal boards the cheaper one wins. */
const EACH_UNIT = 0.15;

/** How much money matters, by the lever from richer to cheaper. */
const DEARNESS = [0, 0.5, 1, 3, 6] as const;

/** Money counts by what is bought. With a budget, packs are whole; without one, price by the gram is near enough. */
export function budgetRows(d: Draft): void {
  const { plan, targets } = d.problem;
  const { cheaper } = plan.wishes.levers;
  const weight = (EACH_UNIT * DEARNESS[cheaper + 2]!) / Math.max(1, targets.portions) / 100;
  for (const [id] of d.chosen) {
    const perGram = Math.min(...d.component(id).packs.map((p) => p.priceMinor / p.massG));
    const here = d.entriesOf(id);
    for (const e of here) d.model.charge(e.mass, weight * perGram, 'money');
    // a pack that is opened costs on average half of itself beyond its grams
    if (cheaper > 0)
      d.model.charge(
        d.chosen.get(id)!,
        (weight * Math.min(...d.component(id).packs.map((p) => p.priceMinor))) / 2,
      );
    const owned = inPantry(plan.pantry, id);
    if (owned <= 0) continue;
    // what is in the house costs nothing: it takes the price of its grams off again
    const used = d.model.variable(`from the pantry ${id}`, 0, owned, -weight * perGram);
    d.model.atMost(`pantry ${id}`, [[used, 1], ...here.map((e) => [e.mass, -1] as const)], 0);
  }
  if (plan.budgetMinor === null || !d.wishes.budget) return;
  const spent: (readonly [number, number])[] = [];
  for (const [id] of d.chosen) {
    const c = d.component(id);
    const here = d.entriesOf(id);
    const packs = c.packs.map((p, i) => {
      const most = Math.ceil(here.reduce((n, e) => n + e.candidate.maxG + crumbs(e), 0) / p.massG);
      const count = d.model.variable(`packs ${id} ${i}`, 0, most, 0, true);
      spent.push([count, p.priceMinor]);
      return [count, p.massG] as const;
    });
    d.packs.set(
      id,
      packs.map(([p]) => p),
    );
    const needed = here.flatMap((e) => [[e.mass, -1] as const, [e.laid, -crumbs(e)] as const]);
    d.model.atLeast(`bought ${id}`, [...packs, ...needed], -inPantry(plan.pantry, id));
    if (inPantry(plan.pantry, id) > 0) continue;
    // what is laid at all is bought at least once: without this the relaxed program buys crumbs of packs
    d.model.atLeast(`a pack ${id}`, [...packs.map(([p]) => [p, 1] as const), [d.chosen.get(id)!, -1]], 0);
  }
  d.model.atMost('budget', spent, Math.max(0, plan.budgetMinor - garnishMinor(plan)));
}

/** Values of the pack counts that hold what these values lay, written into them. */
export function fillPacks(d: Draft, values: number[]): void {
  for (const [id, vars] of d.packs) {
    const grams = d
      .entriesOf(id)
      .filter((e) => (values[e.laid] ?? 0) > 0.5)
      .reduce((n, e) => n + (values[e.mass] ?? 0) + crumbs(e), 0);
    const chosen = choosePacks(
      d.component(id),
      Math.max(0, grams - inPantry(d.problem.plan.pantry, id)),
    ).packs;
    d.component(id).packs.forEach((p, i) => {
      values[vars[i]!] = chosen.find((c) => c.massG === p.massG)?.count ?? 0;
    });
  }
}

/** What is cut or filled to its mass is rounded to the scale's steps. */
const SCALE_STEP_G = 10;

/** Grams by which rounding to whole pieces may raise an entry's mass: half a piece in each lot on each surface. */
function crumbs({ candidate: c }: Entry): number {
  if (FORMS[c.form].wholeLots) return 0;
  if (FORMS[c.form].lies === 'alone') return SCALE_STEP_G;
  return (c.pieceG / 2) * c.area.copies * (c.laidShare < 1 ? 2 : 1);
}

/** Herbs are laid on every shared board; their packs are part of the budget. */
const garnishMinor = (plan: Plan): number =>
  boughtFor(garnish(plan), planLarder(plan), plan.pantry).reduce(
    (n, b) => n + (b.choice?.priceMinor ?? 0),
    0,
  );
