import { costOf } from '../portion/index.js';
import { ALL_WISHES, type Draft, type Entry } from './draft.js';
import { solveKernel, takenBy } from './kernel.js';
import type { Solution, Solver } from './linear.js';
import { draftOf } from './program.js';
import { pricesOf } from './rows/bills.js';
import { fillPacks } from './rows/budget.js';
import { boardOf } from './settle.js';
import type { Problem } from './candidates.js';

/**
 * Money as a charge instead of a budget: the points for spending a whole budget, from generous to mean. What is taken at
 * any turn of this dial is worth a look under the budget itself (a Lagrangian relaxation).
 */
const DIAL = [6, 12, 24, 48] as const;
/** The first board under a budget: turned further until what is truly bought fits. */
const FIRST_TURNS = [12, 36, 108, 324, 972] as const;
const FIRST_GAP = 0.2;

/** A program that charges for money instead of forbidding it, and the dial that turns the charge. */
function frugalDraft(problem: Problem): { draft: Draft; turn: (points: number) => void } {
  const draft = draftOf(problem, { ...ALL_WISHES, budget: false });
  const before = draft.model.variables.map((variable) => variable.cost);
  const charges = frugalCharges(draft);
  const budget = Math.max(1, problem.plan.budgetMinor ?? 1);
  return {
    draft,
    turn: (points) =>
      charges.forEach(([v, minor]) => {
        draft.model.variables[v]!.cost = before[v]! + (points * minor) / budget;
      }),
  };
}

/** Minor units that one more of each variable costs. */
const frugalCharges = (draft: Draft): [variable: number, minor: number][] =>
  [...draft.chosen.keys()].flatMap((id) => {
    const { gramMinor, openedMinor } = pricesOf(draft.problem.plan, id);
    return draft.entriesOf(id).flatMap((entry): [number, number][] => [
      [entry.mass, gramMinor],
      [entry.laid, openedMinor],
    ]);
  });

/** What is worth a look under a budget. `relaxed` is the solution of the relaxed program with the budget in it. */
export function worthTheMoney(draft: Draft, relaxed: Solution, solve: Solver): Set<Entry> {
  const frugal = frugalDraft(draft.problem);
  const out = takenBy(draft, relaxed);
  for (const points of DIAL) {
    frugal.turn(points);
    const looked = relax(frugal.draft, solve);
    if (looked.status === 'infeasible') continue;
    const taken = takenBy(frugal.draft, looked);
    // the entries of both programs stand in the same order
    frugal.draft.entries.forEach((entry, i) => {
      if (taken.has(entry)) out.add(draft.entries[i]!);
    });
  }
  return out;
}

/** A first board that keeps the budget in whole packs; undefined when no turn of the dial gives one. */
export function firstInBudget(
  problem: Problem,
  solve: Solver,
): { draft: Draft; solution: Solution } | undefined {
  const { draft, turn } = frugalDraft(problem);
  for (const points of FIRST_TURNS) {
    turn(points);
    const relaxed = relax(draft, solve);
    if (relaxed.status === 'infeasible') return undefined;
    const found = solveKernel(draft, relaxed, solve, { gap: FIRST_GAP });
    if (found && costOf(boardOf(draft, found.values)) <= problem.plan.budgetMinor!)
      return inPacks(draftOf(problem), found.values);
  }
  return undefined;
}

const relax = (draft: Draft, solve: Solver): Solution =>
  solve(draft.model, { gap: 0, nodes: 0, seed: draft.problem.plan.seed, relaxed: true });

/** The same board in the program with whole packs, with the points that it truly loses there. */
function inPacks(draft: Draft, values: readonly number[]): { draft: Draft; solution: Solution } {
  const full = draft.model.variables.map((_, i) => values[i] ?? 0);
  fillPacks(draft, full);
  return {
    draft,
    solution: { status: 'feasible', objective: pointsOf(draft, full), bound: -Infinity, values: full },
  };
}

export const pointsOf = (draft: Draft, values: readonly number[]): number =>
  draft.model.variables.reduce((sum, variable, i) => sum + variable.cost * values[i]!, draft.model.offset);
