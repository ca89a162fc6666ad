import type { ComponentId } from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';
import { problemOf, type Problem } from './candidates.js';
import { solveKernel, SURE } from './compose.js';
import type { Draft } from './draft.js';
import type { Solver } from './linear.js';
import { draftOf } from './program.js';
import { boardOf } from './settle.js';

/** Another board, nearly as good and clearly different, with what it has and has not. */
export interface OtherBoard {
  plan: Plan;
  objective: number;
  came: ComponentId[];
  went: ComponentId[];
}

/** So many kinds at least differ from each board before it. */
const DIFFERENT = 6;
const GAP = 0.03;
const ROUGH = 0.2;
const NODES = 400;

/** Boards that differ from what lies there and from each other; fewer where the larder gives no more. */
export function otherBoards(plan: Plan, solve: Solver, count: number): OtherBoard[] {
  const problem = problemOf(plan);
  const before = [kindsOf(plan, problem)];
  if (before[0]!.size === 0) return [];
  const out: OtherBoard[] = [];
  for (let k = 0; k < count; k++) {
    const found = differentFrom(problem, before, solve);
    if (!found) break;
    out.push({ ...found, ...cameAndWent(plan, found.plan) });
    before.push(kindsOf(found.plan, problem));
  }
  return out;
}

/** The relaxed program names what is worth a look beside what is known; a small program over that is quick. */
function differentFrom(
  problem: Problem,
  before: readonly ReadonlySet<ComponentId>[],
  solve: Solver,
): Pick<OtherBoard, 'plan' | 'objective'> | undefined {
  const { seed } = problem.plan;
  const whole = draftOf(problem);
  before.forEach((kinds, k) => differFrom(whole, kinds, k));
  const look = solve(whole.model, { gap: 0, nodes: 0, seed, relaxed: true });
  if (look.status === 'infeasible') return undefined;
  const worth = (id: ComponentId) =>
    (look.values[whole.chosen.get(id)!] ?? 0) > 1e-6 || before.some((kinds) => kinds.has(id));
  const draft = draftOf({
    ...problem,
    candidates: problem.candidates.filter((c) => worth(c.component.id)),
  });
  before.forEach((kinds, k) => differFrom(draft, kinds, k));
  const start = solve(draft.model, { gap: 0, nodes: 0, seed, relaxed: true });
  if (start.status === 'infeasible') return undefined;
  const first =
    solveKernel(draft, start, solve, { gap: ROUGH, sure: SURE }) ??
    solveKernel(draft, start, solve, { gap: ROUGH });
  if (!first) return undefined;
  const found = solve(draft.model, {
    gap: GAP,
    nodes: NODES,
    seed,
    relaxed: false,
    start: first.values,
    enough: start.objective / (1 - GAP),
  });
  const laid = new Map(draft.model.variables.map((v, i) => [v.name, found.values[i]!]));
  return evened(whole, (name) => laid.get(name) ?? 0, solve);
}

/** The same foods in the whole program, with grams evened out: only there its points can be set beside others'. */
function evened(
  whole: Draft,
  value: (name: string) => number,
  solve: Solver,
): Pick<OtherBoard, 'plan' | 'objective'> | undefined {
  for (const v of whole.model.variables)
    if (v.integer) v.lower = v.upper = Math.round(Math.min(v.upper, Math.max(v.lower, value(v.name))));
  const { seed } = whole.problem.plan;
  const found = solve(whole.model, { gap: GAP, nodes: NODES, seed, relaxed: true });
  return found.status === 'infeasible'
    ? undefined
    : { plan: boardOf(whole, found.values), objective: found.objective };
}

const kindsOf = (plan: Plan, problem: Problem): Set<ComponentId> => {
  const known = new Set(problem.candidates.map((c) => c.component.id));
  return new Set(plan.placements.map((p) => p.componentId).filter((id) => known.has(id)));
};

/** At least so many of these kinds are left out; pins are never asked to go. */
function differFrom(d: Draft, kinds: ReadonlySet<ComponentId>, k: number): void {
  const pinned = new Set(d.problem.plan.wishes.pinned);
  const free = [...kinds].filter((id) => !pinned.has(id));
  const out = Math.min(DIFFERENT, Math.floor(free.length / 2));
  d.model.atMost(
    `differs from board ${k}`,
    free.map((id) => [d.chosen.get(id)!, 1] as const),
    free.length - out,
  );
}

/** Which foods one board has and the other has not. */
export function cameAndWent(before: Plan, after: Plan): Pick<OtherBoard, 'came' | 'went'> {
  const ids = (p: Plan) => [...new Set(p.placements.map((x) => x.componentId))];
  const [old, now] = [ids(before), ids(after)];
  return { came: now.filter((id) => !old.includes(id)), went: old.filter((id) => !now.includes(id)) };
}
