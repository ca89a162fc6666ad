import {
  compose,
  OPTIMAL_GAP,
  type ComposeOptions,
  type Composition,
  type Solver,
} from '../compose/index.js';
import type { Plan } from '../plan/index.js';
import { shopFor } from './shopping.js';

/** So many quick boards are tried until the list of one is paid. */
const TRIES = 5;

/** What the shopping list goes over the budget; nought or less where it is kept. */
const overBy = ({ plan }: Composition, budgetMinor: number): number =>
  shopFor([plan]).costMinor - budgetMinor;

/**
 * `compose` under a budget, held to what the shopping list comes to. The program counts a home-made food at its share of
 * what goes in; the list buys whole packs of it. What that goes over, the next try has less to spend. The proof stays
 * that of the first program: every board that the list can pay is one that it looked at.
 */
export function composeWithin(plan: Plan, solve: Solver, options: ComposeOptions = {}): Composition {
  const { budgetMinor } = plan;
  const found = compose(plan, solve, options);
  if (budgetMinor === null || found.status === 'impossible' || overBy(found, budgetMinor) <= 0) return found;
  const { onFirst } = options;
  const paid = (board: Plan): Plan => ({ ...board, budgetMinor });
  const under = (asked: number, how: ComposeOptions): Composition =>
    compose({ ...plan, budgetMinor: asked }, solve, { ...how, silent: true });
  const fits = quickly(found, budgetMinor, (asked) =>
    under(asked, { ...options, onFirst: () => {}, quick: true }),
  );
  // what cannot be held to it is shown as it is: Check says by how much it is over
  if (!fits) return found;
  onFirst?.(paid(fits.board.plan), fits.board.objective);
  const whole = options.quick ? fits.board : under(fits.asked, { ...options, onFirst: () => {} });
  const kept = whole.status !== 'impossible' && overBy(whole, budgetMinor) <= 0 ? whole : fits.board;
  const gap = Math.max(0, (kept.objective - found.bound) / Math.max(1e-9, kept.objective));
  return {
    ...kept,
    plan: paid(kept.plan),
    bound: found.bound,
    gap,
    status: gap <= OPTIMAL_GAP ? 'optimal' : 'feasible',
  };
}

/** Less and less to spend, until a board's list is paid. */
function quickly(
  found: Composition,
  budgetMinor: number,
  under: (asked: number) => Composition,
): { board: Composition; asked: number } | undefined {
  let asked = budgetMinor;
  let last = found;
  for (let k = 0; k < TRIES; k++) {
    asked -= overBy(last, budgetMinor);
    if (asked <= 0) return undefined;
    const board = under(asked);
    if (board.status === 'impossible') return undefined;
    if (overBy(board, budgetMinor) <= 0) return { board, asked };
    last = board;
  }
  return undefined;
}
