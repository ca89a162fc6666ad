import type { ComponentId, Family } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { isOwnPlate, mayLieOn, type ServingArea } from '../board/index.js';
import { isOftenToo } from '../needs/index.js';
import type { Args, Said } from '../words/index.js';
import { problemOf, type Problem } from './candidates.js';
import { solveKernel } from './kernel.js';
import type { Draft } from './draft.js';
import type { Solution, Solver } from './linear.js';
import { draftOf } from './program.js';

/** Why a food is on this board, or why not. */
export interface Why {
  status: 'chosen' | 'not-chosen' | 'unknown';
  /** Points that the board loses without it, or with it. Below nothing: the board would be better the other way. */
  points: number;
  /** What would be worse: nothing sharp, less cheese than the school asks. */
  worse: Said[];
  /** What would be better. */
  better: Said[];
  /** What would come instead, or go for it. */
  instead: ComponentId[];
  /** The answer, in one or more sentences. */
  said: Said[];
}

const GAP = 0.004;
/** Points below this are a matter of taste. */
const TRIFLE = 0.05;

/**
 * Solves the board again without the food (or with it), every other family as it is: what is lost then is what the food
 * is there for. A board that does not feed everybody has no answer yet, and says so.
 */
export function whyComponent(plan: Plan, id: ComponentId, solve: Solver): Why {
  // a pin is no reason: the food is asked what it is there for without it
  const pinned = plan.wishes.pinned.includes(id) || plan.wishes.star === id;
  const free: Plan = {
    ...plan,
    wishes: {
      ...plan.wishes,
      pinned: plan.wishes.pinned.filter((otherId) => otherId !== id),
      star: plan.wishes.star === id ? null : plan.wishes.star,
    },
  };
  // a board that could be made no other way has more of some foods than is taken of them
  const strict = problemOf(free);
  const problem = solveFixed(fixed(strict, 'all'), solve) ? strict : problemOf(free, false, true);
  const family = planLarder(plan).get(id)?.family;
  const candidates = problem.candidates.filter((candidate) => candidate.component.id === id);
  const there = plan.placements.some((placement) => placement.componentId === id);
  const food = { food: planLarder(plan).get(id)?.name ?? id };
  if (!family || candidates.length === 0)
    return unknown(there ? { say: 'why.by-hand', with: food } : notAllowed(free, problem, id, food));
  const now = fixed(problem, 'all');
  const base = solveFixed(now, solve);
  if (!base) return unknown({ say: 'why.unfed' });
  const other = fixed(problem, 'others', family);
  const x = other.chosen.get(id)!;
  other.model.variables[x]!.upper = there ? 0 : 1;
  other.model.variables[x]!.lower = there ? 0 : 1;
  if (there) for (const entry of other.entriesOf(id)) other.model.variables[entry.laid]!.upper = 0;
  const changed = solveFixed(other, solve);
  if (!changed)
    return {
      status: there ? 'chosen' : 'not-chosen',
      points: Infinity,
      worse: [{ say: there ? 'loss.short' : 'loss.cannot' }],
      better: [],
      instead: [],
      said: [{ say: there ? 'why.without-short' : 'why.with-short', with: food }],
    };
  const why = answered(plan, { there, food, now, base, other, changed });
  return pinned && there ? { ...why, said: [{ say: 'why.pinned' }, ...why.said] } : why;
}

const unknown = (said: Said): Why => ({
  status: 'unknown',
  points: 0,
  worse: [],
  better: [],
  instead: [],
  said: [said],
});

function notAllowed(plan: Plan, { areas }: Problem, id: ComponentId, food: Food): Said {
  if (plan.wishes.excluded.includes(id)) return { say: 'why.excluded', with: food };
  if (areas.length === 0) return { say: 'why.no-surface' };
  const component = planLarder(plan).get(id);
  const stands = ({ surface }: ServingArea) =>
    component!.forms.some((fact) => mayLieOn(plan, surface, component!, fact.form));
  if (component && !areas.some(stands)) return { say: 'why.never-here', with: food };
  const isToAsk = ({ groups }: ServingArea) => groups.some((group) => isOftenToo(component!, group));
  if (component && areas.every(isToAsk)) return { say: 'why.often-too', with: food };
  const withMore = problemOf(plan, false, true).candidates.some((candidate) => candidate.component.id === id);
  return { say: withMore ? 'why.too-few' : 'why.no-place', with: food };
}

/** The program with the board as it is: every family, or every one but this. Grams stay free to even out. */
function fixed(problem: Problem, which: 'all' | 'others', family?: Family): Draft {
  const draft = draftOf(problem);
  const { plan } = problem;
  const lies = new Set(plan.placements.map((placement) => `${placement.componentId} ${placement.surfaceId}`));
  for (const entry of draft.entries) {
    const candidate = entry.candidate;
    if (which === 'others' && candidate.component.family === family) continue;
    const on = candidate.area.surfaces.some((surface) => lies.has(`${candidate.component.id} ${surface.id}`))
      ? 1
      : 0;
    Object.assign(draft.model.variables[entry.laid]!, { lower: on, upper: on });
    if (on === 1 && !isOwnPlate(plan, candidate.area.surface))
      draft.model.variables[draft.chosen.get(candidate.component.id)!]!.lower = 1;
  }
  return draft;
}

function solveFixed(draft: Draft, solve: Solver): Solution | undefined {
  const relaxed = solve(draft.model, { gap: 0, nodes: 0, seed: draft.problem.plan.seed, relaxed: true });
  return relaxed.status === 'infeasible' ? undefined : solveKernel(draft, relaxed, solve, { gap: GAP });
}

interface Food extends Args {
  food: string;
}

/** The board as it is and the board that was solved anew, each with its program. */
interface Answered {
  there: boolean;
  food: Food;
  now: Draft;
  base: Solution;
  other: Draft;
  changed: Solution;
}

function answered(plan: Plan, asked: Answered): Why {
  const points = asked.changed.objective - asked.base.objective;
  const [before, after] = [lossesOf(asked.now, asked.base), lossesOf(asked.other, asked.changed)];
  const worse = rise(before, after);
  const kinds = (draft: Draft, solution: Solution) =>
    new Set([...draft.chosen].filter(([, x]) => (solution.values[x] ?? 0) > 0.5).map(([id]) => id));
  const [old, fresh] = [kinds(asked.now, asked.base), kinds(asked.other, asked.changed)];
  const instead = asked.there
    ? [...fresh].filter((id) => !old.has(id))
    : [...old].filter((id) => !fresh.has(id));
  return {
    status: asked.there ? 'chosen' : 'not-chosen',
    points,
    worse,
    better: rise(after, before),
    instead,
    said: sentences(plan, asked, points, worse, instead),
  };
}

/** What is named of what the board would lose. */
const MOST_LOST = 3;

function sentences(
  plan: Plan,
  { there, food }: Answered,
  points: number,
  worse: readonly Said[],
  instead: readonly ComponentId[],
): Said[] {
  const larder = planLarder(plan);
  const names: Args = {
    ...food,
    names: { foods: instead.map((id) => larder.get(id)?.name ?? id), most: instead.length },
  };
  const lost: Args = { ...food, lost: { all: worse.slice(0, MOST_LOST) } };
  if (points < -TRIFLE) {
    const say = there ? 'why.better-without' : 'why.better-with';
    return [instead.length > 0 ? { say: `${say}-for`, with: names } : { say, with: food }];
  }
  const next: Said[] =
    instead.length > 0
      ? [{ say: there ? 'why.next-best' : 'why.would-go', with: names }]
      : there
        ? [{ say: 'why.nothing-instead' }]
        : [];
  const first: Said =
    worse.length > 0
      ? { say: there ? 'why.without-loses' : 'why.with-loses', with: lost }
      : { say: there ? 'why.without-as-well' : 'why.with-as-well', with: food };
  return [first, ...next];
}

/** Points lost by what each is lost for. */
type Losses = Map<string, { loss: Said; points: number }>;

function lossesOf(draft: Draft, solution: Solution): Losses {
  const out: Losses = new Map();
  const lose = (loss: Said, points: number): void => {
    const key = JSON.stringify(loss);
    out.set(key, { loss, points: (out.get(key)?.points ?? 0) + points });
  };
  draft.model.variables.forEach((variable, i) => {
    if (variable.loss) lose(variable.loss, variable.cost * (solution.values[i] ?? 0));
  });
  for (const reason of draft.model.reasons)
    lose(reason.why, reason.cost * (solution.values[reason.variable] ?? 0));
  return out;
}

/** What more is lost in the second, the most first. */
const rise = (before: Losses, after: Losses): Said[] =>
  [...after]
    .map(([key, { loss, points }]) => ({ loss, more: points - (before.get(key)?.points ?? 0) }))
    .filter(({ more }) => more > TRIFLE)
    .sort((a, b) => b.more - a.more)
    .map(({ loss }) => loss);
