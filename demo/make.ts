import { compose, type Solver } from '../core/compose/index.js';
import { layPlan } from '../core/lay/index.js';
import type { Plan } from '../core/plan/index.js';

/** A demo plan from its brief and seed: composed and laid anew each time, nothing is kept. */
export function makeDemo(brief: Plan, solve: Solver): Plan {
  const composed = compose(brief, solve);
  if (composed.status === 'impossible')
    throw new Error(`the demo "${brief.id}" has no board: ${JSON.stringify(composed.conflicts[0]?.wishes)}`);
  return layPlan(composed.plan, brief.seed).plan;
}
