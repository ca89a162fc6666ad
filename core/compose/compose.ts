import type { Plan } from '../plan/index.js';
import { problemOf, type Problem } from './candidates.js';
import { findConflicts, type Conflict } from './conflicts.js';
import { costOf } from '../portion/index.js';
import { ALL_WISHES, type Draft } from './draft.js';
import type { Solution, Solver } from './linear.js';
import { draftOf } from './program.js';
import { fillPacks } from './rows/budget.js';
import { boardOf } from './settle.js';
import { sketchOf } from './sketch.js';

/** A board that is optimal within this share of its points counts as best. */
export const OPTIMAL_GAP = 0.01;
/** The first board may be this far from the best of its kernel: it is there in a third of a second. The second try closes in. */
const FIRST_GAP = 0.2;
/** What the relaxed program takes so surely is taken for the first board. */
export const SURE = 0.75;
/** What it hardly takes is left out of the first board, if that leaves one. */
const FAINT = 0.25;
const KERNEL_GAP = 0.009;
const KERNEL_NODES = 400;
const FULL_NODES = 20000;
/** Without a board to start from, whole packs under a budget are looked through only so far. */
const BUDGET_NODES = 4;

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
  /** What lies on the board stays as it is, and the rest is chosen around it. */
  keep?: boolean;
  /** Stop within this share of the bound, and after so many nodes, instead of the usual ones. */
  gap?: number;
  nodes?: number;
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
    return impossible(plan, [{ wishes: ['brief'], text, ways: [] }]);
  }
  const problem = problemOf(plan, options.keep);
  const sketch = plan.budgetMinor === null ? sketched(problem, solve) : undefined;
  if (sketch) {
    options.onFirst?.(boardOf(sketch.draft, sketch.solution.values));
    if (options.quick) return result(sketch.draft, { ...sketch.solution, bound: -Infinity });
  }
  if (plan.budgetMinor !== null) frugalFirst(draftOf(sketchOf(problem)), solve, { ...options, quick: true });
  const draft = draftOf(problem);
  const relaxed = solve(draft.model, { gap: 0, nodes: 0, seed: plan.seed, relaxed: true });
  if (relaxed.status === 'infeasible') return impossible(plan, findConflicts(problem, solve));
  const frugal = plan.budgetMinor === null ? undefined : frugalFirst(draft, solve, options);
  const promising = frugal?.relaxed ?? relaxed;
  const first = frugal?.first ?? (sketch && inWhole(draft, sketch)) ?? firstOf(draft, relaxed, solve);
  if (first && !frugal && !sketch) options.onFirst?.(boardOf(draft, first.values));
  if (first && options.quick) return result(draft, { ...first, bound: relaxed.objective });
  const best = improved(draft, relaxed, promising, first, solve, options, (values) =>
    options.onFirst?.(boardOf(draft, values)),
  );
  if (best.status === 'infeasible') return impossible(plan, findConflicts(problem, solve));
  return result(draft, best);
}

/** From a first board to one that is proven near enough to the best: the kernel, then the whole program. */
function improved(
  draft: Draft,
  relaxed: Solution,
  promising: Solution,
  first: Solution | undefined,
  solve: Solver,
  limits: Pick<ComposeOptions, 'gap' | 'nodes'>,
  onBetter: (values: readonly number[]) => void,
): Solution {
  const { plan } = draft.problem;
  const money = plan.budgetMinor !== null;
  const gap = limits.gap ?? (money ? BUDGET_GAP : OPTIMAL_GAP);
  const kernel =
    first &&
    solveKernel(draft, promising, solve, {
      gap: Math.min(gap, money ? BUDGET_GAP : KERNEL_GAP),
      start: first.values,
      // the relaxed program bounds every board: a board near enough to it is proven at once
      enough: relaxed.objective / (1 - gap),
    });
  if (kernel && gapOf(kernel.objective, relaxed.objective) <= gap)
    return { ...kernel, bound: relaxed.objective };
  // whole packs under a budget, and few minutes, take a minute for the last points: the board is shown with its gap
  if (kernel && (money || plan.work.minutes !== null)) return { ...kernel, bound: relaxed.objective };
  if (kernel && kernel.objective < first.objective - 1e-6) onBetter(kernel.values);
  return solve(draft.model, {
    gap: gap * 0.98,
    nodes: limits.nodes ?? (money ? BUDGET_NODES : FULL_NODES),
    seed: plan.seed,
    relaxed: false,
    noRestart: money,
    ...(kernel ? { start: kernel.values } : {}),
  });
}

const firstOf = (draft: Draft, relaxed: Solution, solve: Solver): Solution | undefined =>
  solveKernel(draft, relaxed, solve, { gap: FIRST_GAP, sure: SURE }) ??
  solveKernel(draft, relaxed, solve, { gap: FIRST_GAP });

/** A first board from a small part of the larder; undefined where that part cannot feed everybody. */
function sketched(problem: Problem, solve: Solver): { draft: Draft; solution: Solution } | undefined {
  const draft = draftOf(sketchOf(problem));
  const { seed } = problem.plan;
  const relaxed = solve(draft.model, { gap: 0, nodes: 0, seed, relaxed: true });
  if (relaxed.status === 'infeasible') return undefined;
  const solution = firstOf(draft, relaxed, solve);
  return solution && { draft, solution };
}

/** The sketch's board in the whole program: what both know has the same name there. */
function inWhole(draft: Draft, sketch: { draft: Draft; solution: Solution }): Solution {
  const told = new Map(sketch.draft.model.variables.map((v, i) => [v.name, sketch.solution.values[i]!]));
  return { ...sketch.solution, values: draft.model.variables.map((v) => told.get(v.name) ?? 0) };
}

function impossible(plan: Plan, conflicts: Conflict[]): Composition {
  return { status: 'impossible', plan, objective: Infinity, bound: Infinity, gap: 1, conflicts };
}

function result(draft: Draft, s: Solution): Composition {
  // a board of which nothing is proven is as far from the best as can be
  const gap = Number.isFinite(s.bound) ? gapOf(s.objective, s.bound) : 1;
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
    const found = solveKernel(d, relaxed, solve, { gap: FRUGAL_GAP });
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

interface KernelOptions {
  gap: number;
  start?: readonly number[];
  /** What the relaxed program takes at least so surely is taken, and what it hardly takes is left out. */
  sure?: number;
  enough?: number;
}

/** Fixes everything outside the kernel to "not chosen" and solves what is left; undefined when that feeds not everybody. */
export function solveKernel(
  draft: Draft,
  relaxed: Solution,
  solve: Solver,
  { gap, start, sure = Infinity, enough }: KernelOptions,
): Solution | undefined {
  const least = sure < Infinity ? FAINT : 1e-6;
  const chosen = [...draft.chosen.values()].map((x) => draft.model.variables[x]!);
  const bounds = chosen.map(({ lower, upper }) => [lower, upper] as const);
  [...draft.chosen.values()].forEach((x, i) => {
    const value = relaxed.values[x] ?? 0;
    if (value <= least && chosen[i]!.lower < 1) chosen[i]!.upper = 0;
    if (value >= sure) chosen[i]!.lower = 1;
  });
  const found = solve(draft.model, {
    gap,
    nodes: KERNEL_NODES,
    seed: draft.problem.plan.seed,
    relaxed: false,
    noRestart: draft.problem.plan.budgetMinor !== null,
    ...(start ? { start } : {}),
    ...(enough === undefined ? {} : { enough }),
  });
  bounds.forEach(([lower, upper], i) => Object.assign(chosen[i]!, { lower, upper }));
  return found.status === 'infeasible' ? undefined : found;
}
