import type { ComponentId } from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';
import { problemOf, type Problem } from './candidates.js';
import { worthTheMoney } from './frugal.js';
import { solveAmong, takenBy, worthALook } from './kernel.js';
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
/** Further than this from what the relaxed program hopes for, the whole larder is looked through. */
const FAR = 0.07;

/** Boards that differ from what lies there and from each other; fewer where the larder gives no more. */
export function otherBoards(plan: Plan, solve: Solver, count: number): OtherBoard[] {
  const problem = problemOf(plan);
  const before = [kindsOf(plan, problem)];
  // one food alone, or pins alone, leave nothing to differ in
  if (freeOf(before[0]!, plan).length < 2) return [];
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
  const draft = draftOf(problem);
  before.forEach((kinds, k) => differFrom(draft, kinds, k));
  const look = solve(draft.model, { gap: 0, nodes: 0, seed: problem.plan.seed, relaxed: true });
  if (look.status === 'infeasible') return undefined;
  const worth =
    problem.plan.budgetMinor === null ? worthALook(draft, look) : worthTheMoney(draft, look, solve);
  for (const entry of takenBy(draft, look)) worth.add(entry);
  const enough = look.objective / (1 - GAP);
  const near = solveAmong(draft, worth, solve, { gap: GAP, enough });
  const found =
    near && near.objective <= look.objective / (1 - FAR)
      ? near
      : solveAmong(draft, new Set(draft.entries), solve, {
          gap: GAP,
          enough,
          ...(near ? { start: near.values } : {}),
        });
  return found && { plan: boardOf(draft, found.values), objective: found.objective };
}

const kindsOf = (plan: Plan, problem: Problem): Set<ComponentId> => {
  const known = new Set(problem.candidates.map((candidate) => candidate.component.id));
  return new Set(plan.placements.map((placement) => placement.componentId).filter((id) => known.has(id)));
};

const freeOf = (kinds: ReadonlySet<ComponentId>, plan: Plan): ComponentId[] =>
  [...kinds].filter((id) => !plan.wishes.pinned.includes(id));

/** At least so many of these kinds are left out; pins are never asked to go. */
function differFrom(draft: Draft, kinds: ReadonlySet<ComponentId>, k: number): void {
  const free = freeOf(kinds, draft.problem.plan);
  const out = Math.min(DIFFERENT, Math.floor(free.length / 2));
  draft.model.atMost(
    `differs from board ${k}`,
    free.map((id) => [draft.chosen.get(id)!, 1] as const),
    free.length - out,
  );
}

/** Which foods one board has and the other has not. */
export function cameAndWent(before: Plan, after: Plan): Pick<OtherBoard, 'came' | 'went'> {
  const ids = (plan: Plan) => [...new Set(plan.placements.map((placement) => placement.componentId))];
  const [old, now] = [ids(before), ids(after)];
  return { came: now.filter((id) => !old.includes(id)), went: old.filter((id) => !now.includes(id)) };
}
