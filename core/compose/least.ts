import { minutesAtHand, effortOf } from '../portion/index.js';
import { guestsIn } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { problemOf } from './candidates.js';
import { ALL_WISHES, type Draft } from './draft.js';
import type { Solver } from './linear.js';
import { draftOf } from './program.js';
import { pricesOf } from './rows/bills.js';

/** What no board for these guests can do without. */
export interface Least {
  /** Money in minor units: the packs cost more, never less. */
  minor: number;
  /** Minutes of hands. */
  minutes: number;
  /** Guests whom the money of the brief feeds at most; all of them where it is enough, or where none is named. */
  fedByMoney: number;
  enoughMoney: boolean;
  enoughMinutes: boolean;
}

const NO_LIMITS = { ...ALL_WISHES, budget: false, work: false };

/** The least of something that any board must have: the program without its points, by the gram. */
function leastOf(plan: Plan, solve: Solver, charge: (draft: Draft) => void): number | undefined {
  const draft = draftOf(problemOf(plan, false, true), NO_LIMITS);
  for (const variable of draft.model.variables) variable.cost = 0;
  draft.model.offset = 0;
  charge(draft);
  const { status, objective } = solve(draft.model, { gap: 0, nodes: 0, seed: 1, relaxed: true });
  return status === 'infeasible' ? undefined : Math.max(0, objective);
}

const money = ({ problem: { plan }, chosen, entriesOf, model }: Draft): void => {
  for (const id of chosen.keys()) {
    const { gramMinor } = pricesOf(plan, id);
    for (const { mass } of entriesOf(id)) model.charge(mass, gramMinor);
  }
};

const minutes = ({ entries, model }: Draft): void => {
  for (const { candidate, laid, mass } of entries) {
    const effort = effortOf(candidate.component, candidate.form);
    model.charge(laid, effort.kindMin);
    model.charge(mass, effort.per100gMin / 100);
  }
};

/**
 * Whether the money and the minutes of a brief can be enough at all, before anything is composed: a bound, so that what
 * is called impossible is. Undefined where the guests can be fed by nothing in the larder, or nobody comes.
 */
export function leastFor(plan: Plan, solve: Solver): Least | undefined {
  if (plan.party.length === 0 || plan.surfaces.length === 0) return undefined;
  const [minor, min] = [leastOf(plan, solve, money), leastOf(plan, solve, minutes)];
  if (minor === undefined || min === undefined) return undefined;
  const { budgetMinor } = plan;
  const guests = guestsIn(plan.party);
  const atHand = minutesAtHand(plan);
  return {
    minor: Math.ceil(minor),
    minutes: Math.ceil(min),
    fedByMoney:
      budgetMinor === null || budgetMinor >= minor ? guests : Math.floor((guests * budgetMinor) / minor),
    enoughMoney: budgetMinor === null || budgetMinor >= minor,
    enoughMinutes: atHand === undefined || atHand >= min,
  };
}
