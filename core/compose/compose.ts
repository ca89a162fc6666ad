import type { Plan } from '../plan/index.js';
import { problemOf } from './candidates.js';
import { findConflicts, type Conflict } from './conflicts.js';
import { costOf } from '../portion/index.js';
import { ALL_WISHES, type Draft } from './draft.js';
import type { Solution, Solver } from './linear.js';
import { draftOf } from './program.js';
import { fillPacks } from './rows/budget.js';
import { boardOf } from './settle.js';

/** A board that is optimal within this share of its points counts as best. */
export const OPTIMAL_GAP = 0.01;
/** The first board may be this far from the best of its kernel: it is there in a third of a second. The second try closes in. */
const FIRST_GAP = 0.2;
/** What the relaxed program takes so surely is taken for the first board. */
const SURE = 0.75;
const KERNEL_GAP = 0.009;
const KERNEL_NODES = 400;
const FULL_NODES = 20000;

export interface Composition {
  status: 'optimal' | 'feasible' | 'impossible';
  plan: Plan;
  objective: number;
  bound: number;
  gap: number;
  conflicts: Conflict[];
}

export interface ComposeOptions {
  /** Called with a whole plan as soon as there is a first good board; under a budget again for each better one. */
  onFirst?: (plan: Plan) => void;
  /** Stop after the first good board, unproven. */
  quick?: boolean;
}

const gapOf = (objective: number, bound: number) =>
  Math.max(0, (objective - bound) / Math.max(1e-9, objective));

/**
 * The best board for the brief. Two steps: the relaxed program names a kernel of promising components, a small
 * program over the kernel gives a first board; the whole program starts from it and proves how good it is.
 * Degenerate briefs (nobody comes, no surface) give an empty board and say so.
 */
export function compose(plan: Plan, solve: Solver, options: ComposeOptions = {}): Composition {
  if (plan.party.length === 0 || plan.surfaces.length === 0) {
    const text =
      plan.party.length === 0 ? 'Nobody is coming yet: say who in the brief.' : 'There is no surface yet.';
    return impossible(plan, [{ wishes: ['brief'], text }]);
  }
  const problem = problemOf(plan);
  const draft = draftOf(problem);
  const relaxed = solve(draft.model, { gap: 0, nodes: 0, seed: plan.seed, relaxed: true });
  if (relaxed.status === 'infeasible') return impossible(plan, findConflicts(problem, solve));
  const frugal = plan.budgetMinor === null ? undefined : frugalFirst(draft, solve, options);
  const promising = frugal?.relaxed ?? relaxed;
  const first =
    frugal?.first ??
    solveKernel(draft, relaxed, solve, plan.seed, FIRST_GAP, undefined, SURE) ??
    solveKernel(draft, relaxed, solve, plan.seed, FIRST_GAP);
  if (first && !frugal) options.onFirst?.(boardOf(draft, first.values));
  if (first && options.quick) return result(draft, { ...first, bound: relaxed.objective });
  const kernel =
    first && solveKernel(draft, promising, solve, plan.seed, frugal ? BUDGET_GAP : KERNEL_GAP, first.values);
  // the relaxed program bounds every board: a kernel board near enough to it is proven already
  if (kernel && gapOf(kernel.objective, relaxed.objective) <= OPTIMAL_GAP)
    return result(draft, { ...kernel, bound: relaxed.objective });
  const whole = solve(draft.model, {
    gap: frugal ? BUDGET_GAP : OPTIMAL_GAP * 0.98,
    nodes: FULL_NODES,
    seed: plan.seed,
    relaxed: false,
    noRestart: plan.budgetMinor !== null,
    ...(kernel ? { start: kernel.values } : {}),
  });
  if (whole.status === 'infeasible') return impossible(plan, findConflicts(problem, solve));
  return result(draft, whole);
}

function impossible(plan: Plan, conflicts: Conflict[]): Composition {
  return { status: 'impossible', plan, objective: Infinity, bound: Infinity, gap: 1, conflicts };
}

function result(draft: Draft, s: Solution): Composition {
  const gap = gapOf(s.objective, s.bound);
  return {
    status: gap <= OPTIMAL_GAP ? 'optimal' : 'feasible',
    plan: boardOf(draft, s.values),
    objective: s.objective,
    bound: s.bound,
    gap,
    conflicts: [],
  };
}

/** Tries of the dial: none at first, then doubled until the packs fit the budget, then halved between. */
const FRUGAL_TRIES = 5;
const FRUGAL_START = 0.004;
const FRUGAL_GAP = 0.15;
/** With a budget a board within two per cent is good enough: the last one takes most of the time. */
const BUDGET_GAP = 0.02;

/**
 * A first board under a budget. Whole packs make the program hard; charging for money instead of forbidding it keeps
 * it easy, and the dial is turned until what is truly bought fits (a Lagrangian search). Undefined when no turn fits.
 */
function frugalFirst(
  draft: Draft,
  solve: Solver,
  options: ComposeOptions,
): { first: Solution; relaxed: Solution } | undefined {
  const { plan } = draft.problem;
  let best: { first: Solution; relaxed: Solution } | undefined;
  let [low, high, dial] = [0, Infinity, 0];
  for (let k = 0; k < FRUGAL_TRIES; k++) {
    const d = draftOf(draft.problem, { ...ALL_WISHES, budget: false, frugal: dial });
    const relaxed = solve(d.model, { gap: 0, nodes: 0, seed: plan.seed, relaxed: true });
    if (relaxed.status === 'infeasible') return undefined;
    const found = solveKernel(d, relaxed, solve, plan.seed, FRUGAL_GAP);
    const fits = found !== undefined && costOf(boardOf(d, found.values)) <= plan.budgetMinor!;
    if (fits) {
      const first = inFull(draft, found.values);
      if (!best || first.objective < best.first.objective) {
        best = { first, relaxed };
        options.onFirst?.(boardOf(draft, first.values));
      }
      high = dial;
      if (dial === 0 || options.quick) break;
    } else low = dial;
    dial = high === Infinity ? Math.max(FRUGAL_START, low * 3) : (low + high) / 2;
  }
  return best;
}

/** The same board in the program with whole packs, with the points that it truly loses there. */
function inFull(draft: Draft, values: readonly number[]): Solution {
  const full = draft.model.variables.map((_, i) => values[i] ?? 0);
  fillPacks(draft, full);
  const points = draft.model.variables.reduce((n, v, i) => n + v.cost * full[i]!, draft.model.offset);
  return { status: 'feasible', objective: points, bound: -Infinity, values: full };
}

/** Components of a family that go on into the kernel beyond those that the relaxed program uses: each one slows the first board (measured). */
const KERNEL_SPARE = 0;

/** Fixes everything outside the kernel to "not chosen" and solves what is left. */
function solveKernel(
  draft: Draft,
  relaxed: Solution,
  solve: Solver,
  seed: number,
  gap: number,
  start?: readonly number[],
  sure = Infinity,
): Solution | undefined {
  const byFamily = new Map<string, [number, number][]>();
  for (const [id, x] of draft.chosen) {
    const family = draft.component(id).family;
    byFamily.set(family, [...(byFamily.get(family) ?? []), [x, relaxed.values[x] ?? 0]]);
  }
  const closed: number[] = [];
  for (const list of byFamily.values()) {
    list.sort((a, b) => b[1] - a[1] || a[0] - b[0]);
    const used = list.filter(([, v]) => v > 1e-6).length;
    closed.push(...list.slice(used + KERNEL_SPARE).map(([x]) => x));
  }
  const taken = [...draft.chosen.values()].filter((x) => (relaxed.values[x] ?? 0) >= sure);
  const lowers = taken.map((x) => draft.model.variables[x]!.lower);
  taken.forEach((x) => (draft.model.variables[x]!.lower = 1));
  const uppers = closed.map((x) => draft.model.variables[x]!.upper);
  closed.forEach((x) => (draft.model.variables[x]!.upper = 0));
  const found = solve(draft.model, {
    gap,
    nodes: KERNEL_NODES,
    seed,
    relaxed: false,
    noRestart: draft.problem.plan.budgetMinor !== null,
    ...(start ? { start } : {}),
  });
  closed.forEach((x, i) => (draft.model.variables[x]!.upper = uppers[i]!));
  taken.forEach((x, i) => (draft.model.variables[x]!.lower = lowers[i]!));
  return found.status === 'infeasible' ? undefined : found;
}
