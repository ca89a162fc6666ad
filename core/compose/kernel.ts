import type { Draft, Entry } from './draft.js';
import type { Solution, Solver } from './linear.js';

const KERNEL_NODES = 400;
/**
 * From so many variables times rows on (several surfaces, bowls that are short) the solver does not begin anew at its root:
 * that halves the slowest briefs, and costs the quick ones a third (measured).
 */
const WIDE_WORK = 4e6;
export const isWide = ({ model }: Draft): boolean => model.variables.length * model.rows.length > WIDE_WORK;

const TRACE = 1e-6;
/**
 * For a first board: what the relaxed program takes surely is taken, what it takes faintly is left out. The first pair
 * leaves least to think about; in one brief of ten it leaves no board, and the second does (measured).
 */
export const ROUNDINGS: readonly Rounding[] = [
  { sure: 0.6, faint: 0.5 },
  { sure: 0.75, faint: 0.25 },
];

interface Rounding {
  sure: number;
  faint: number;
}

interface KernelOptions {
  gap: number;
  start?: readonly number[];
  rounding?: Rounding;
  nodes?: number;
  /** Points that are good enough. */
  enough?: number;
  noRestart?: boolean;
  proving?: boolean;
}

/** Leaves out what the relaxed program does not take and solves what is left; undefined when that feeds not everybody. */
export function solveKernel(
  draft: Draft,
  relaxed: Solution,
  solve: Solver,
  { rounding = { sure: Infinity, faint: TRACE }, ...options }: KernelOptions,
): Solution | undefined {
  const bounds = new Map<number, { lower?: number; upper?: number }>();
  for (const x of draft.chosen.values()) {
    const value = relaxed.values[x] ?? 0;
    if (value <= rounding.faint && draft.model.variables[x]!.lower < 1) bounds.set(x, { upper: 0 });
    if (value >= rounding.sure) bounds.set(x, { lower: 1 });
  }
  return solveBounded(draft, bounds, solve, options);
}

/** Leaves out all but these entries and solves what is left; undefined when that feeds not everybody. */
export function solveAmong(
  draft: Draft,
  entries: ReadonlySet<Entry>,
  solve: Solver,
  options: Omit<KernelOptions, 'rounding'>,
): Solution | undefined {
  const bounds = new Map<number, { upper: number }>();
  const leaveOut = (v: number) => {
    if (draft.model.variables[v]!.lower < 1) bounds.set(v, { upper: 0 });
  };
  for (const entry of draft.entries) if (!entries.has(entry)) leaveOut(entry.laid);
  for (const [id, x] of draft.chosen)
    if (!draft.entriesOf(id).some((entry) => entries.has(entry))) leaveOut(x);
  return solveBounded(draft, bounds, solve, options);
}

/** Solves with some bounds moved, and puts them back. */
function solveBounded(
  draft: Draft,
  bounds: ReadonlyMap<number, { lower?: number; upper?: number }>,
  solve: Solver,
  options: Omit<KernelOptions, 'rounding'>,
): Solution | undefined {
  const { variables } = draft.model;
  const before = [...bounds.keys()].map((v) => [v, variables[v]!.lower, variables[v]!.upper] as const);
  for (const [v, bound] of bounds) Object.assign(variables[v]!, bound);
  const found = solve(draft.model, {
    nodes: KERNEL_NODES,
    noRestart: draft.problem.plan.budgetMinor !== null || isWide(draft),
    ...options,
    seed: draft.problem.plan.seed,
    relaxed: false,
  });
  for (const [v, lower, upper] of before) Object.assign(variables[v]!, { lower, upper });
  return found.status === 'infeasible' ? undefined : found;
}

/** What the relaxed program lays anywhere. */
export const takenBy = (draft: Draft, relaxed: Solution): Set<Entry> =>
  new Set(draft.entries.filter((entry) => (relaxed.values[entry.laid] ?? 0) > TRACE));

/** From so many variables times rows on, a program is one of several surfaces with the whole larder. */
export const FAR_WORK = 1e7;

/**
 * Of each family on each surface so many are looked at beside what the relaxed program takes: two, and one where there are
 * several surfaces. Three took a fifth more of the time for a thousandth of the points (measured).
 */
const cheapestOn = ({ model }: Draft): number =>
  model.variables.length * model.rows.length > FAR_WORK ? 1 : 2;

/** What an entry costs at least beyond the relaxed optimum, where that does not take it: its reduced costs together. */
function costsOf(draft: Draft, relaxed: Solution): (entry: Entry) => number {
  const { variables } = draft.model;
  // what must be there costs nothing beyond the optimum, which has it
  const dual = (v: number) => (variables[v]!.lower > 0 ? 0 : Math.max(0, relaxed.duals?.[v] ?? 0));
  return ({ candidate, laid, mass }) =>
    dual(draft.chosen.get(candidate.component.id)!) + dual(laid) + dual(mass) * candidate.minG;
}

/** What may lie on a board of fewer points than these: with any other entry it has more (its reduced costs say so). */
export function withinReach(draft: Draft, relaxed: Solution, points: number): Set<Entry> {
  const costs = costsOf(draft, relaxed);
  return new Set(draft.entries.filter((entry) => relaxed.objective + costs(entry) <= points));
}

/**
 * What is worth a look: the foods that the relaxed program takes, everywhere where they cost nothing there (their
 * reduced costs add up to nothing), and of each family on each surface those that cost least beside them. A fifth of the
 * larder, and nearly always enough for a board within one per cent of the best (measured).
 */
export function worthALook(draft: Draft, relaxed: Solution): Set<Entry> {
  const costs = costsOf(draft, relaxed);
  const taken = draft.entries.filter(
    (entry) =>
      (relaxed.values[draft.chosen.get(entry.candidate.component.id)!] ?? 0) > TRACE && costs(entry) <= TRACE,
  );
  const out = new Set(taken);
  const cheapest = cheapestOn(draft);
  const shelves = new Map<string, Entry[]>();
  for (const entry of draft.entries) {
    const key = `${entry.candidate.component.family} ${entry.candidate.area.surface.id}`;
    shelves.set(key, [...(shelves.get(key) ?? []), entry]);
  }
  for (const shelf of shelves.values())
    shelf
      .filter((entry) => !out.has(entry))
      .sort((a, b) => costs(a) - costs(b))
      .slice(0, cheapest)
      .forEach((entry) => out.add(entry));
  return out;
}
