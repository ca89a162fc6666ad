import { FAMILIES, type ComponentId, type Family } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { isOwnPlate } from '../board/index.js';
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
  /** What would be worse, in words: "nothing sharp", "less cheese than the school asks". */
  worse: string[];
  /** What would be better. */
  better: string[];
  /** What would come instead, or go for it. */
  instead: ComponentId[];
  text: string;
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
  const problem = problemOf(free);
  const family = planLarder(plan).get(id)?.family;
  const candidates = problem.candidates.filter((candidate) => candidate.component.id === id);
  const there = plan.placements.some((placement) => placement.componentId === id);
  const name = planLarder(plan).get(id)?.name ?? id;
  if (!family || candidates.length === 0)
    return unknown(
      there
        ? `${name} is there because you put it there: the composer may not choose it.`
        : notAllowed(plan, problem, name),
    );
  const now = fixed(problem, family, 'all');
  const base = solveFixed(now, solve);
  if (!base)
    return unknown(
      'The board as it stands does not feed everybody by the rules of the composer: settle the slips or compose first.',
    );
  const other = fixed(problem, family, 'others');
  const x = other.chosen.get(id)!;
  other.model.variables[x]!.upper = there ? 0 : 1;
  other.model.variables[x]!.lower = there ? 0 : 1;
  if (there) for (const entry of other.entriesOf(id)) other.model.variables[entry.laid]!.upper = 0;
  const changed = solveFixed(other, solve);
  if (!changed)
    return {
      status: there ? 'chosen' : 'not-chosen',
      points: Infinity,
      worse: [there ? 'somebody would go short' : 'it cannot be fitted in without somebody going short'],
      better: [],
      instead: [],
      text: there
        ? `Without ${name.toLowerCase()} somebody would go short, whatever else of its kind came.`
        : `With ${name.toLowerCase()} somebody would go short.`,
    };
  const why = told(plan, { there, name, now, base, other, changed, family });
  return pinned && there ? { ...why, text: `You pinned it. ${why.text}` } : why;
}

const unknown = (text: string): Why => ({
  status: 'unknown',
  points: 0,
  worse: [],
  better: [],
  instead: [],
  text,
});

function notAllowed(plan: Plan, problem: Problem, name: string): string {
  if (plan.wishes.excluded.some((id) => planLarder(plan).get(id)?.name === name))
    return `You said: never ${name.toLowerCase()} here.`;
  return problem.areas.length === 0
    ? 'There is no surface yet.'
    : `No surface can take ${name.toLowerCase()}: each is kept free from what is in it, it suits nobody there, or nothing is known of it.`;
}

/** The program with the board as it is: every family, or every one but this. Grams stay free to even out. */
function fixed(problem: Problem, family: Family, which: 'all' | 'others'): Draft {
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

interface Told {
  there: boolean;
  name: string;
  now: Draft;
  base: Solution;
  other: Draft;
  changed: Solution;
  family: Family;
}

function told(plan: Plan, t: Told): Why {
  const points = t.changed.objective - t.base.objective;
  const [before, after] = [lossesOf(t.now, t.base), lossesOf(t.other, t.changed)];
  const rise = (a: Map<string, number>, b: Map<string, number>) =>
    [...b]
      .filter(([word, lost]) => lost - (a.get(word) ?? 0) > TRIFLE)
      .sort((x, y) => y[1] - (a.get(y[0]) ?? 0) - (x[1] - (a.get(x[0]) ?? 0)))
      .map(([word]) => word);
  const worse = rise(before, after);
  const better = rise(after, before);
  const kinds = (draft: Draft, solution: Solution) =>
    new Set([...draft.chosen].filter(([, x]) => (solution.values[x] ?? 0) > 0.5).map(([id]) => id));
  const [old, fresh] = [kinds(t.now, t.base), kinds(t.other, t.changed)];
  const instead = t.there ? [...fresh].filter((id) => !old.has(id)) : [...old].filter((id) => !fresh.has(id));
  return {
    status: t.there ? 'chosen' : 'not-chosen',
    points,
    worse,
    better,
    instead,
    text: sentence(plan, t, points, worse, instead),
  };
}

const list = (words: readonly string[]) =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '');

function sentence(
  plan: Plan,
  t: Told,
  points: number,
  worse: readonly string[],
  instead: readonly ComponentId[],
): string {
  const larder = planLarder(plan);
  const food = t.name.toLowerCase();
  const names = list(instead.map((id) => larder.get(id)?.name.toLowerCase() ?? id));
  const lost = worse.length > 0 ? list(worse.slice(0, 3)) : '';
  if (points < -TRIFLE)
    return t.there
      ? `The board would be a little better without ${food}${names ? `, with ${names}` : ''}.`
      : `The board would be a little better with ${food}${names ? ` instead of ${names}` : ''}.`;
  if (t.there)
    return `${lost ? `Without ${food} the board would lose: ${lost}.` : `Nearly anything of its kind would do as well as ${food}.`}${names ? ` Next best instead: ${names}.` : ' Nothing would come instead.'}`;
  return `${lost ? `With ${food} the board would lose: ${lost}.` : `${t.name} would do nearly as well.`}${names ? ` For it would go: ${names}.` : ''}`;
}

/** Points lost by what each is lost for, in words. */
function lossesOf(draft: Draft, solution: Solution): Map<string, number> {
  const out = new Map<string, number>();
  draft.model.variables.forEach((variable, i) => {
    const lost = variable.cost * (solution.values[i] ?? 0);
    const word = lost > 1e-6 ? lossWord(variable.name, draft) : undefined;
    if (word) out.set(word, (out.get(word) ?? 0) + lost);
  });
  for (const reason of draft.model.reasons)
    out.set(reason.why, (out.get(reason.why) ?? 0) + reason.cost * (solution.values[reason.variable] ?? 0));
  return out;
}

const surfaceName = (draft: Draft, id: string): string =>
  draft.problem.plan.surfaces.find((surface) => surface.id === id)?.name.toLowerCase() ?? id;

const familyWord = (family: string): string =>
  (FAMILIES as readonly string[]).includes(family) ? family.replace('-', ' ') : family;

/** How a name of the program is said at a table; undefined for what no stylist asks after. */
const WORDS: readonly (readonly [RegExp, (match: RegExpMatchArray, draft: Draft) => string])[] = [
  [/^missing (.+) on (\S+)$/, (match, draft) => `${match[1]} on ${surfaceName(draft, match[2]!)}`],
  [/^missing (.+)$/, (match) => match[1]!],
  [/^under (.+)$/, (match) => `grams of ${familyWord(match[1]!)}`],
  [/^over (.+)$/, (match) => `the measure of ${familyWord(match[1]!)}`],
  [/^few (.+)$/, (match) => `kinds of ${familyWord(match[1]!)}`],
  [/^many (.+)$/, (match) => `the calm of few kinds of ${familyWord(match[1]!)}`],
  [/^bare (.+)$/, (match, draft) => `a full ${surfaceName(draft, match[1]!)}`],
  [/^overfull (.+)$/, (match, draft) => `room on ${surfaceName(draft, match[1]!)}`],
  [/^palette (.+)$/, () => 'the colours of the theme'],
  [/^alike (.+)$/, (match) => `variety: ${match[1]} twice`],
  [/^redundant /, () => 'variety: two cheeses would taste alike'],
  [/^too heavy$/, () => 'lightness before the meal'],
  [
    /^no relief on (.+)$/,
    (match, draft) => `something sharp beside the rich on ${surfaceName(draft, match[1]!)}`,
  ],
  [/^no vehicle on (.+)$/, (match, draft) => `enough to lay cheese on, on ${surfaceName(draft, match[1]!)}`],
  [
    /^over limit (.+)$/,
    (match, draft) =>
      `the limit on the plate of “${draft.problem.plan.party.find((group) => group.id === match[1])?.name ?? match[1]}”`,
  ],
  [/^busy (.+)$/, (match, draft) => `calm on ${surfaceName(draft, match[1]!)}`],
  [/^special bread/, () => 'plain bread for those who may have it'],
  [
    /^bread short (.+)$/,
    (match, draft) =>
      `bread for “${draft.problem.plan.party.find((group) => group.id === match[1])?.name ?? match[1]}”`,
  ],
  [/^plate short (.+)$/, (match, draft) => `a full ${surfaceName(draft, match[1]!)}`],
  [/^extra /, () => 'a kind that is bought for one plate alone'],
];

function lossWord(name: string, draft: Draft): string | undefined {
  for (const [pattern, say] of WORDS) {
    const match = name.match(pattern);
    if (match) return say(match, draft);
  }
  return undefined;
}
