import { helpingAt, isNobodys } from '../board/index.js';
import { usualForm, type ComponentId } from '../catalogue/index.js';
import { draftOf, problemOf, tieOf, type Candidate, type Problem, type Solver } from '../compose/index.js';
import { judgeGroup } from '../needs/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { gPerCm2, lotShares } from '../portion/index.js';

/** Points for a food that this occasion never has, for a rule that a board breaks, and for a wish that it leaves open. */
const NEVER = 12;
const BROKEN = 6;
const UNKEPT = 40;
const NOT_ALLOWED = 200;
/** Points for a food that is too little to look like something, for all of that. */
const TOO_LITTLE = 4;

let last: { plan: Plan; problem: Problem } | undefined;
const sameBrief = (a: Plan, b: Plan): boolean =>
  (Object.keys(a) as (keyof Plan)[]).every((key) => key === 'placements' || a[key] === b[key]);

/** Boards for one brief are counted after each other: what may be chosen for it is found out once. */
function problemOfBrief(plan: Plan): Problem {
  if (!last || !sameBrief(plan, last.plan))
    last = { plan, problem: problemOf({ ...plan, placements: [] }, false, true) };
  return last.problem;
}

/** What a board that somebody laid would be proposed from: its foods with their grams, and all that it lacks. */
function problemOfBoard(plan: Plan): { problem: Problem; unasked: Set<ComponentId> } {
  const problem = problemOfBrief(plan);
  const unasked = new Set<ComponentId>();
  const candidates = [...problem.candidates];
  for (const { componentId, massG } of plan.placements) {
    const area = problem.areas[0]!;
    const component = planLarder(plan).get(componentId)!;
    const at = candidates.findIndex((candidate) => candidate.component.id === componentId);
    if (at >= 0) {
      const known = candidates[at]!;
      candidates[at] = { ...known, minG: Math.min(known.minG, massG), maxG: Math.max(known.maxG, massG) };
      continue;
    }
    const fact = usualForm(component);
    const verdicts = new Map(
      area.groups.map((group) => [group.id as string, judgeGroup(component, fact.form, group).verdict]),
    );
    const { usual, most } = helpingAt(plan, component, area, verdicts);
    unasked.add(componentId);
    const contained = fact.form === 'bowl';
    const candidate: Candidate = {
      component,
      area,
      form: fact.form,
      contained,
      gPerCm2: gPerCm2(component, fact.form, contained),
      laidShare: lotShares(component, plan)[0]!,
      pieceG: fact.pieceG,
      verdicts,
      minG: massG,
      usualG: isNobodys(verdicts) ? 0 : Math.min(usual, massG),
      maxG: Math.max(massG, most * 4),
    };
    candidates.push(candidate);
  }
  return { problem: { ...problem, candidates }, unasked };
}

/**
 * Points of a board on one surface as the composer counts them, whoever laid it: what a proposal may not do costs as much
 * as anything can. Fewer are better. What breaks ties between equal boards is left out.
 */
export function scoreOf(plan: Plan, solve: Solver): number {
  const { problem, unasked } = problemOfBoard(plan);
  const draft = draftOf(problem);
  const { model } = draft;
  const grams = new Map(plan.placements.map((placement) => [placement.componentId, placement.massG]));
  let points = 0;
  const fixed = new Set<number>();
  const fix = (v: number, value: number): void => {
    fixed.add(v);
    Object.assign(model.variables[v]!, { lower: value, upper: value });
  };
  for (const [id, x] of draft.chosen) {
    fix(x, grams.has(id) ? 1 : 0);
    if (grams.has(id)) points -= tieOf(plan, draft.component(id));
  }
  for (const { candidate, laid, mass } of draft.entries) {
    const g = grams.get(candidate.component.id) ?? 0;
    fix(laid, g > 0 ? 1 : 0);
    fix(mass, g);
    if (g === 0) continue;
    const { little } = helpingAt(plan, candidate.component, candidate.area, candidate.verdicts);
    points += TOO_LITTLE * Math.max(0, 1 - g / Math.max(1, little));
  }
  points += NEVER * unasked.size;
  for (const row of model.rows.splice(0)) {
    if (row.terms.every(([v]) => fixed.has(v))) {
      const value = row.terms.reduce((sum, [v, factor]) => sum + factor * model.variables[v]!.lower, 0);
      if (value < row.lower - 1e-6 || value > row.upper + 1e-6) points += BROKEN;
      continue;
    }
    // a proposal keeps every row; a board that somebody laid may not, and pays for it
    const scale = Math.max(1, Math.abs(Number.isFinite(row.lower) ? row.lower : row.upper));
    const cost = (row.wish === undefined ? NOT_ALLOWED : UNKEPT) / scale;
    const short = model.variable(`short ${row.name}`, 0, Infinity, cost);
    const over = model.variable(`over ${row.name}`, 0, Infinity, cost);
    model.rows.push({ ...row, terms: [...row.terms, [short, 1], [over, -1]] });
  }
  const found = solve(model, { gap: 0, nodes: 0, seed: 1, relaxed: true });
  if (found.status === 'infeasible') throw new Error('expected that a laid board can be counted');
  return points + found.objective;
}
