import { isPartner, SAME_SETS, servingOf, type Component, type ComponentId } from '../catalogue/index.js';
import { needsPartner, sameAtMost, WANTED } from '../board/index.js';
import { billsOf, LinearModel } from '../compose/index.js';
import { guestsIn } from '../party/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { costOf } from '../portion/index.js';
import type { Arc, Target } from './arcs.js';

/** Points: an open label, two of one base food, a job that nothing does any more. */
const ASK = 0.12;
const TWICE = 0.25;
const JOB_GONE = 0.35;
/** Two that do the same, where one was. */
const SAME_JOB = 0.3;
const MASS_LIKE = 0.5;

/** Larger foods count for more, but a small one is not nothing. */
function weightOf(plan: Plan, id: ComponentId): number {
  const all = plan.placements.reduce((sum, placement) => sum + placement.massG, 0);
  const kinds = new Set(plan.placements.map((placement) => placement.componentId)).size;
  const mine = plan.placements
    .filter((placement) => placement.componentId === id)
    .reduce((sum, placement) => sum + placement.massG, 0);
  return 1 - MASS_LIKE + (all > 0 ? (MASS_LIKE * mine * kinds) / all : 0);
}

export function jointProgram(
  plan: Plan,
  kinds: readonly ComponentId[],
  arcs: readonly (readonly Arc[])[],
  target: Target,
): { model: LinearModel; choice: number[][] } {
  const model = new LinearModel();
  const choice = arcs.map((list, i) =>
    list.map((arc) =>
      model.binary(
        `${kinds[i]} becomes ${arc.item.kind} ${arc.item.to}`,
        weightOf(plan, kinds[i]!) * arc.loss + (arc.asks ? ASK : 0),
      ),
    ),
  );
  const every = arcs.flatMap((list, i) => list.map((arc, j) => ({ arc, x: choice[i]![j]! })));
  choice.forEach((xs, i) =>
    model.row(
      `one for ${kinds[i]}`,
      1,
      xs.map((x) => [x, 1] as const),
      1,
    ),
  );
  const group = (keyOf: (component: Component) => string): Map<string, number[]> => {
    const out = new Map<string, number[]>();
    for (const { arc, x } of every)
      if (arc.component) {
        const key = keyOf(arc.component);
        if (key) out.set(key, [...(out.get(key) ?? []), x]);
      }
    return out;
  };
  for (const [id, xs] of group((component) => component.id))
    if (xs.length > 1)
      model.atMost(
        `one item becomes ${id}`,
        xs.map((x) => [x, 1] as const),
        1,
      );
  for (const [base, xs] of group((component) => component.baseFood)) {
    if (xs.length < 2) continue;
    const twice = model.variable(`twice ${base}`, 0, xs.length, TWICE);
    model.atMost(`one ${base}`, [...xs.map((x) => [x, 1] as const), [twice, -1]], 1);
  }
  sameJobRows(model, plan, kinds, every);
  partnerRows(model, every);
  jobRows(model, plan, every);
  if (target.budgetMinor !== undefined) moneyRow(model, plan, every, target.budgetMinor);
  return { model, choice };
}

/** What is bought in all is within the money; an ingredient of several foods is bought once. */
function moneyRow(model: LinearModel, plan: Plan, every: Every, budgetMinor: number): void {
  const foods = every.flatMap(({ arc: { buys }, x }) =>
    buys
      ? [{ food: buys.food, chosen: x, terms: [[x, buys.massG] as const], mostG: buys.massG, wasteG: 0 }]
      : [],
  );
  const paid = costOf({ ...plan, placements: [], cuts: [] });
  const spent = billsOf(model, plan, foods).flatMap((bill) => bill.spent);
  model.atMost('money', spent, Math.max(0, budgetMinor - paid));
}

type Every = readonly { arc: Arc; x: number }[];

/** No more foods that do the same than the board has now, or than are enough. */
function sameJobRows(model: LinearModel, plan: Plan, kinds: readonly ComponentId[], every: Every): void {
  const guests = guestsIn(plan.party);
  SAME_SETS.forEach((set, i) => {
    const now = kinds.filter((id) => set.foods.has(id)).length;
    const most = Math.max(now, sameAtMost(guests, set));
    const who = every.filter(({ arc }) => arc.component && set.foods.has(arc.component.id));
    if (who.length <= most) return;
    const over = model.variable(`same job ${i}`, 0, who.length, SAME_JOB);
    model.atMost(`one job ${i}`, [...who.map(({ x }) => [x, 1] as const), [over, -1]], most);
  });
}

/** What a condiment is eaten with is still there. */
function partnerRows(model: LinearModel, every: Every): void {
  for (const { arc, x } of every) {
    const { component } = arc;
    if (!component || !needsPartner(component) || arc.item.kind === 'stays') continue;
    const { partners } = servingOf(component);
    const beside = every.filter(({ arc: other }) => other.component && isPartner(partners, other.component));
    model.atMost(
      `beside ${arc.item.from} as ${component.id}`,
      [[x, 1], ...beside.map(({ x: other }) => [other, -1] as const)],
      0,
    );
  }
}

/** What the board does now, it still does: something sharp, something sweet, something to lay it on. */
function jobRows(model: LinearModel, plan: Plan, every: Every): void {
  const larder = planLarder(plan);
  const now = [...new Set(plan.placements.map((placement) => placement.componentId))].flatMap(
    (id) => larder.get(id) ?? [],
  );
  for (const want of WANTED) {
    const had = Math.min(want.count ?? 1, now.filter((component) => want.has(component)).length);
    if (had === 0) continue;
    const who = every.filter(({ arc }) => arc.component && want.has(arc.component));
    const missing = model.variable(`no more ${want.name}`, 0, had, JOB_GONE);
    model.atLeast(`still ${want.name}`, [...who.map(({ x }) => [x, 1] as const), [missing, 1]], had);
  }
}
