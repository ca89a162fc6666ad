import { CATALOGUE, makingOf, type Component } from '../catalogue/index.js';
import {
  compose,
  OPTIMAL_GAP,
  type ComposeOptions,
  type Composition,
  type Solver,
} from '../compose/index.js';
import type { Plan, Price } from '../plan/index.js';
import { shopFor } from './shopping.js';

/** So many quick boards are tried until the list of one is paid, and not much is left over. */
const TRIES = 6;
/** A board whose list leaves no more of the budget than this is not looked beyond. */
const SLACK = 0.04;

/** What the shopping list goes over the budget; below nought where money is left. */
const overBy = ({ plan }: Composition, budgetMinor: number): number =>
  shopFor([plan]).costMinor - budgetMinor;

/**
 * `compose` under a budget, held to what the shopping list comes to. The program counts a home-made food at its share of
 * what goes in; the list buys whole packs of it. Where that goes over, it is composed with home-made foods at whole packs
 * of their own, too dear where they share them, and with so much more or less to spend that the list just fits. The proof
 * stays that of the first program: every board that the list can pay is one that it looked at.
 */
export function composeWithin(plan: Plan, solve: Solver, options: ComposeOptions = {}): Composition {
  const { budgetMinor, prices } = plan;
  const found = compose(plan, solve, options);
  if (budgetMinor === null || found.status === 'impossible' || overBy(found, budgetMinor) <= 0) return found;
  const { onFirst } = options;
  const paid = (board: Plan): Plan => ({ ...board, budgetMinor, prices });
  const dear = { ...plan, prices: [...prices, ...wholePackPrices(plan)] };
  const under = (asked: number, how: ComposeOptions): Composition => {
    const done = compose({ ...dear, budgetMinor: asked }, solve, {
      ...options,
      ...how,
      onFirst: () => {},
      silent: true,
    });
    return { ...done, plan: paid(done.plan) };
  };
  const fits = quickly(budgetMinor, (asked) => under(asked, { quick: true }));
  // what cannot be held to it is shown as it is: Check says by how much it is over
  if (!fits) return found;
  onFirst?.(fits.board.plan, fits.board.objective);
  const whole = options.quick ? fits.board : under(fits.asked, {});
  const isBetter =
    whole.status !== 'impossible' &&
    whole.objective <= fits.board.objective &&
    overBy(whole, budgetMinor) <= 0;
  const kept = isBetter ? whole : fits.board;
  const gap = Math.max(0, (kept.objective - found.bound) / Math.max(1e-9, kept.objective));
  return { ...kept, bound: found.bound, gap, status: gap <= OPTIMAL_GAP ? 'optimal' : 'feasible' };
}

interface Fit {
  board: Composition;
  asked: number;
}

/** More or less to spend by the program's prices, until the list costs nearly what may be spent, and no more. */
function quickly(budgetMinor: number, under: (asked: number) => Composition): Fit | undefined {
  let fits: Fit | undefined;
  let [asked, least, most] = [budgetMinor, 0, Infinity];
  for (let k = 0; k < TRIES && asked > 0; k++) {
    const board = under(asked);
    if (board.status === 'impossible') {
      // too little to spend by prices that are too dear
      least = asked;
      asked = Math.min(asked * 1.3, most === Infinity ? asked * 1.3 : (asked + most) / 2);
      continue;
    }
    const over = overBy(board, budgetMinor);
    if (over <= 0) {
      if (!fits || board.objective < fits.board.objective) fits = { board, asked };
      if (-over <= SLACK * budgetMinor) break;
      least = Math.max(least, asked);
    } else most = Math.min(most, asked);
    const next = asked - over;
    asked = Math.round(next > least && next < most ? next : most === Infinity ? next : (least + most) / 2);
  }
  return fits;
}

/** As much of a food as a board usually has. */
const BATCH_G = 250;

/** What a usual amount of each home-made food costs in whole packs that nothing else goes into. */
const wholePackPrices = (plan: Plan): Price[] =>
  CATALOGUE.filter(({ id, made }) => made === 'home-made' && makingOf(id) !== undefined).map((food) => ({
    componentId: food.id,
    currency: plan.currency,
    packs: [{ massG: BATCH_G, priceMinor: costOfBatch(plan, food) }],
  }));

const costOfBatch = (plan: Plan, { id, forms }: Component): number =>
  shopFor([
    {
      ...plan,
      cuts: [],
      day: { ...plan.day, bought: [] },
      placements: [
        {
          componentId: id,
          surfaceId: plan.surfaces[0]!.id,
          form: forms[0]!.form,
          massG: BATCH_G,
          pieces: 1,
          lot: 0,
          contained: false,
        },
      ],
    },
  ]).costMinor;
