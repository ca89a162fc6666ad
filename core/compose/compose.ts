import type { Plan } from '../plan/index.js';
import { isTiny } from '../portion/index.js';
import { problemOf, type Problem } from './candidates.js';
import { findConflicts, type Conflict } from './conflicts.js';
import type { Draft, Entry } from './draft.js';
import { firstInBudget, worthTheMoney } from './frugal.js';
import {
  FAR_WORK,
  isWide,
  ROUNDINGS,
  solveAmong,
  solveKernel,
  takenBy,
  withinReach,
  worthALook,
} from './kernel.js';
import type { Solution, Solver } from './linear.js';
import { draftOf } from './program.js';
import { boardOf } from './settle.js';
import { sketchOf } from './sketch.js';

/** A board that is optimal within this share of its points counts as best. */
export const OPTIMAL_GAP = 0.01;
/** Under a budget in whole packs, or with few minutes, two per cent: the last one takes most of the time. */
const TIGHT_GAP = 0.02;
/** The first board may be this far from the best of its kernel: it is there in a third of a second. The second try closes in. */
const FIRST_GAP = 0.2;
const FULL_NODES = 20000;
/**
 * The proof of several surfaces together may take a minute, and finds no other board (measured): after seconds the board
 * is given with the gap that is proven by then. So many nodes, as variables times rows go into this.
 */
const WIDE_PROOF = 4e7;
/** Where the relaxed program is farther off than this, the proof of several surfaces takes half a minute and stops at two per cent or three (measured). */
const WIDE_FAR = 0.047;
/** Most small programs close at their root; where one of several surfaces took so many nodes, the whole takes ten seconds more for the same board (measured). */
const MANY_NODES = 30;
/** The smallest program closes at its root, or its nodes cost more than they bring: twenty seconds of one brief (measured). */
const FEW_NODES = 2;
/**
 * Such a program takes a minute for its last points: the board is shown with the gap that it has by then. A small one is
 * searched further: so many nodes, as its variables times its rows go into this.
 */
const TIGHT_WORK = 2e7;

/** Variables times rows from which the whole program is not searched: several shared surfaces for hundreds of guests. */
const LARGE_WORK = 3e7;
const LARGE_NODES = 30;
const HUGE_WORK = 1.5e8;

export interface Composition {
  status: 'optimal' | 'feasible' | 'impossible';
  plan: Plan;
  objective: number;
  bound: number;
  gap: number;
  conflicts: Conflict[];
}

export interface ComposeOptions {
  /** Called with a whole plan and its points as soon as there is a first good board, and again for a better one. */
  onFirst?: (plan: Plan, objective: number) => void;
  /** What lies on the board stays as it is, and the rest is chosen around it. */
  keep?: boolean;
  /** Stop within this share of the bound, and after so many nodes, instead of the usual ones. */
  gap?: number;
  nodes?: number;
  /** Stop after the first good board, unproven. */
  quick?: boolean;
  /** Where no board can be made, that alone is wanted, not what collides. */
  silent?: boolean;
}

const isTight = ({ budgetMinor, work }: Plan): boolean => budgetMinor !== null || work.minutes !== null;

const gapOf = (objective: number, bound: number) =>
  Math.max(0, (objective - bound) / Math.max(1e-9, objective));

/**
 * The best board for the brief. Two steps: the relaxed program names a kernel of promising components, a small
 * program over the kernel gives a first board; the whole program starts from it and proves how good it is.
 * Degenerate briefs (nobody comes, no surface) give an empty board and say so.
 */
export function compose(plan: Plan, solve: Solver, options: ComposeOptions = {}): Composition {
  if (plan.party.length === 0 || plan.surfaces.length === 0) {
    const say = plan.party.length === 0 ? 'conflict.nobody' : 'why.no-surface';
    return impossible(plan, [{ wishes: ['brief'], said: { say }, ways: [] }]);
  }
  const found = solved(problemOf(plan, options.keep), solve, options);
  if (found) return found;
  // nobody is sent away hungry for a measure: more of a food than is taken of it, as far as there is no other way
  const loose = problemOf(plan, options.keep, true);
  const isMade = (plan: Plan) => compose(plan, solve, { quick: true, silent: true }).status !== 'impossible';
  return (
    solved(loose, solve, options) ??
    impossible(plan, options.silent ? [] : findConflicts(loose, solve, isMade))
  );
}

/** The best board of a problem; undefined where it has none. */
function solved(problem: Problem, solve: Solver, options: ComposeOptions): Composition | undefined {
  const { plan } = problem;
  const sketch = sketched(problem, solve);
  if (sketch) {
    options.onFirst?.(boardOf(sketch.draft, sketch.solution.values), sketch.solution.objective);
    if (options.quick) return result(sketch.draft, { ...sketch.solution, bound: -Infinity });
  }
  const draft = draftOf(problem);
  // beyond this the bound alone takes half a minute: the first good board is the answer, and nothing is said to be proven
  if (sketch && sizeOf(draft) > HUGE_WORK) return result(sketch.draft, { ...sketch.solution, bound: 0 });
  const relaxed = solve(draft.model, { gap: 0, nodes: 0, seed: plan.seed, relaxed: true });
  if (relaxed.status === 'infeasible') return undefined;
  const first = sketch && inWhole(draft, sketch);
  if (options.quick) {
    const found = firstOf(draft, relaxed, solve);
    if (found) return result(draft, { ...found, bound: relaxed.objective });
    // to be sure that there is none takes seconds, and a way out that is that narrow is not worth offering
    if (options.silent) return undefined;
  }
  const best = improved(draft, relaxed, first, solve, options);
  return best.status === 'infeasible' ? undefined : result(draft, best);
}

/** From a first board to one that is proven near enough to the best: what is worth a look, then the whole program. */
function improved(
  draft: Draft,
  relaxed: Solution,
  first: Solution | undefined,
  solve: Solver,
  { gap: asked, nodes, onFirst }: ComposeOptions,
): Solution {
  const { plan } = draft.problem;
  const money = plan.budgetMinor !== null;
  const gap = asked ?? (isTight(plan) ? TIGHT_GAP : OPTIMAL_GAP);
  // the relaxed program bounds every board: a board near enough to it is proven at once
  const enough = relaxed.objective / (1 - gap * 0.98);
  const worth = money ? worthTheMoney(draft, relaxed, solve) : worthALook(draft, relaxed);
  // a very large table has its answer in seconds: the first good board, with the gap that is proven by then
  if (sizeOf(draft) > LARGE_WORK) {
    const found = first ?? solveAmong(draft, worth, solve, { gap: FIRST_GAP, nodes: LARGE_NODES });
    if (found) return { ...found, bound: relaxed.objective };
  }
  const shown = (board: Solution | undefined, before: Solution | undefined): Solution | undefined => {
    if (!board || board.objective >= (before?.objective ?? Infinity) - 1e-6) return before;
    onFirst?.(boardOf(draft, board.values), board.objective);
    return board;
  };
  const near = money
    ? undefined
    : solveKernel(draft, relaxed, solve, {
        gap: gap * 0.9,
        enough,
        ...startAt(first),
        rounding: SUPPORT,
        ...(isWide(draft) ? { nodes: FEW_NODES } : {}),
      });
  const known = shown(near, first);
  if (near) keepWithin(worth, withinReach(draft, relaxed, near.objective));
  for (const entry of known ? takenBy(draft, known) : []) worth.add(entry);
  // from so near its root finds what there is to find, and its own proof is none of the whole
  const kernel =
    near && gapOf(near.objective, relaxed.objective) <= gap
      ? near
      : (solveAmong(draft, worth, solve, {
          gap: gap * 0.9,
          enough,
          ...startAt(known),
          ...(near ? { nodes: 1 } : {}),
        }) ?? near);
  const isHard = isWide(draft) && (near?.nodes ?? 0) >= FEW_NODES;
  return proved({ draft, relaxed, kernel, known, gap, isHard, asked, nodes, enough, onBetter: shown }, solve);
}

interface Proof {
  draft: Draft;
  relaxed: Solution;
  /** The best of what is worth a look, and the one that was known before it. */
  kernel: Solution | undefined;
  known: Solution | undefined;
  /** The smallest program was given up: the whole one takes ten seconds and finds no other board (measured). */
  isHard: boolean;
  /** How near the best is near enough, and whether somebody asked for just that. */
  gap: number;
  asked: number | undefined;
  nodes: number | undefined;
  /** Points that are good enough. */
  enough: number;
  onBetter: (board: Solution | undefined, before: Solution | undefined) => void;
}

/** The best of what is worth a look is taken as the best of all, or the whole is looked through for a better one. */
function proved(proof: Proof, solve: Solver): Solution {
  const { draft, relaxed, kernel, known, gap, isHard, asked, nodes, enough, onBetter } = proof;
  const money = draft.problem.plan.budgetMinor !== null;
  const tight = isTight(draft.problem.plan);
  const proven = asked ?? proofFor(draft, kernel, gap);
  if (kernel && gapOf(kernel.objective, relaxed.objective) <= proven)
    return { ...kernel, bound: relaxed.objective };
  // the program of a table for two or three closes, and its best board is often another one (measured)
  const closes = isTiny(draft.problem.plan) && !money && !tight;
  const wide = isWide(draft) && !closes;
  const isLong =
    kernel &&
    !closes &&
    (money ? isFarInPacks(draft, kernel, relaxed) : !tight && (isHard || isLongToProve(kernel, relaxed)));
  if (isLong && !nodes && (money || sizeOf(draft) > FAR_WORK)) return { ...kernel, bound: relaxed.objective };
  onBetter(kernel, known);
  // what would cost more than a board that is as good as proven need not be looked at again
  const cutoff = kernel ? kernel.objective * (1 - proven * 0.98) : Infinity;
  const open = withinReach(draft, relaxed, cutoff);
  for (const entry of kernel ? takenBy(draft, kernel) : []) open.add(entry);
  const found = solveAmong(draft, open, solve, {
    gap: proven * 0.98,
    nodes: nodes ?? (tight ? nodesIn(TIGHT_WORK, draft) : wide ? nodesIn(WIDE_PROOF, draft) : FULL_NODES),
    noRestart: tight || isWide(draft),
    enough,
    ...(kernel ? { start: kernel.values, proving: true } : startAt(known)),
  });
  // given up before anything was found: nothing more is proven than before
  if (!found) return kernel ? { ...kernel, bound: relaxed.objective } : NONE;
  return { ...found, bound: Math.max(Math.min(found.bound, cutoff), relaxed.objective) };
}

const startAt = (board: Solution | undefined): { start?: readonly number[] } =>
  board ? { start: board.values } : {};

function keepWithin(entries: Set<Entry>, reach: ReadonlySet<Entry>): void {
  for (const entry of [...entries]) if (!reach.has(entry)) entries.delete(entry);
}

const isLongToProve = (kernel: Solution, relaxed: Solution): boolean =>
  gapOf(kernel.objective, relaxed.objective) > WIDE_FAR ||
  gapOf(kernel.objective, kernel.bound) > TIGHT_GAP ||
  (kernel.nodes ?? 0) > MANY_NODES;

/**
 * Under a budget the relaxed program buys parts of packs; from so far off, or where the small program was long, the whole one
 * takes twenty seconds, halves the gap that is told and finds no other board (measured).
 */
const PACKS_FAR = 0.08;
/** Of several surfaces half of that: their root alone takes forty. */
const WIDE_PACKS_FAR = 0.04;
const isFarInPacks = (draft: Draft, kernel: Solution, relaxed: Solution): boolean =>
  gapOf(kernel.objective, relaxed.objective) > (sizeOf(draft) > FAR_WORK ? WIDE_PACKS_FAR : PACKS_FAR) ||
  (kernel.nodes ?? 0) > MANY_NODES;

/**
 * What the relaxed program lays without doubt is laid, and hardly more is looked at beside it: in a second there is a board
 * within one per cent of the best, in most briefs (measured). What could not be better than that one needs no look then.
 */
const SUPPORT = { sure: 0.95, faint: 0.05 };

/** It is, where the small one was given up beyond the wanted gap by more than this: from nearer the whole one closes in a second. */
const HARD = 1.2;

/**
 * How near the whole program is proven. Where what is worth a look was itself hard to close, the last point of several
 * surfaces takes ten seconds and finds no other board (measured): two per cent then.
 */
const proofFor = (draft: Draft, kernel: Solution | undefined, gap: number): number =>
  kernel?.status === 'feasible' &&
  sizeOf(draft) > FAR_WORK &&
  gapOf(kernel.objective, kernel.bound) > gap * HARD
    ? Math.max(gap, TIGHT_GAP)
    : gap;

const NONE: Solution = { status: 'infeasible', objective: Infinity, bound: Infinity, values: [] };

const sizeOf = ({ model }: Draft): number => model.variables.length * model.rows.length;

const nodesIn = (work: number, draft: Draft): number => Math.max(1, Math.floor(work / sizeOf(draft)));

function firstOf(draft: Draft, relaxed: Solution, solve: Solver): Solution | undefined {
  for (const rounding of ROUNDINGS) {
    const found = solveKernel(draft, relaxed, solve, { gap: FIRST_GAP, rounding });
    if (found) return found;
  }
  return solveKernel(draft, relaxed, solve, { gap: FIRST_GAP });
}

/** A first board from a small part of the larder; undefined where that part cannot feed everybody. */
function sketched(problem: Problem, solve: Solver): { draft: Draft; solution: Solution } | undefined {
  const small = sketchOf(problem);
  if (problem.plan.budgetMinor !== null) return firstInBudget(small, solve);
  const draft = draftOf(small);
  const { seed } = problem.plan;
  const relaxed = solve(draft.model, { gap: 0, nodes: 0, seed, relaxed: true });
  if (relaxed.status === 'infeasible') return undefined;
  const solution = firstOf(draft, relaxed, solve);
  return solution && { draft, solution };
}

/** The sketch's board in the whole program: what both know has the same name there. */
function inWhole(draft: Draft, sketch: { draft: Draft; solution: Solution }): Solution {
  const told = new Map(
    sketch.draft.model.variables.map((variable, i) => [variable.name, sketch.solution.values[i]!]),
  );
  return {
    ...sketch.solution,
    values: draft.model.variables.map((variable) => told.get(variable.name) ?? 0),
  };
}

function impossible(plan: Plan, conflicts: Conflict[]): Composition {
  return { status: 'impossible', plan, objective: Infinity, bound: Infinity, gap: 1, conflicts };
}

function result(draft: Draft, solution: Solution): Composition {
  // a board of which nothing is proven is as far from the best as can be
  const gap = Number.isFinite(solution.bound) ? gapOf(solution.objective, solution.bound) : 1;
  return {
    status: gap <= OPTIMAL_GAP ? 'optimal' : 'feasible',
    plan: boardOf(draft, solution.values),
    objective: solution.objective,
    bound: solution.bound,
    gap,
    conflicts: [],
  };
}
