import type { Component, ComponentId } from '../catalogue/index.js';
import { WANTED } from '../board/index.js';
import { LinearModel } from '../compose/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import type { Arc, Target } from './arcs.js';

/** Points: an open label, two of one base food, a job that nothing does any more. */
const ASK = 0.12;
const TWICE = 0.25;
const JOB_GONE = 0.35;
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
  jobRows(model, plan, every);
  const money = target.budgetMinor;
  if (money !== undefined)
    model.atMost(
      'money',
      every.map(({ arc, x }) => [x, arc.costMinor] as const),
      money,
    );
  return { model, choice };
}

/** What the board does now, it still does: something sharp, something sweet, something to lay it on. */
function jobRows(model: LinearModel, plan: Plan, every: readonly { arc: Arc; x: number }[]): void {
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
