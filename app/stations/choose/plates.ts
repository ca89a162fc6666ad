import type { ComponentId } from '../../../core/catalogue/index.js';
import type { Plan } from '../../../core/plan/index.js';
import type { ConvertedItem } from '../../../core/swap/index.js';

/** One place on the two plates: what lies there now, and what then; null where nothing does. */
export interface Place {
  now: ComponentId | null;
  then: ComponentId | null;
}

const kindsOf = (plan: Plan): ComponentId[] => [
  ...new Set(plan.placements.map((placement) => placement.componentId)),
];

/** Every food across from what it becomes; what only joins comes last. */
export function acrossPlates(plan: Plan, after: Plan, items: readonly ConvertedItem[]): Place[] {
  const there = new Set(kindsOf(after));
  const becomes = new Map(items.map((item) => [item.from, item.kind === 'leave-out' ? null : item.to]));
  const places = kindsOf(plan).map((now): Place => {
    const then = becomes.has(now) ? becomes.get(now)! : now;
    return { now, then: then !== null && there.has(then) ? then : null };
  });
  for (const place of places) if (place.then) there.delete(place.then);
  return [...places, ...[...there].map((then) => ({ now: null, then }))];
}

/** The middle of one square cell on a round plate, and its side, in shares of the plate's width. */
export interface Cell {
  x: number;
  y: number;
  side: number;
}

/** Few foods are not drawn larger than this part of the plate. */
const LARGEST = 0.16;
const FINER = 0.98;

/** How many cells of this side each row of a round plate holds, from the top, and how far its middle is from the plate's. */
function rowsOf(side: number): { y: number; holds: number }[] {
  const rows = Math.floor(1 / side);
  return Array.from({ length: rows }, (_, i) => {
    const y = (i - (rows - 1) / 2) * side;
    // a row is narrowest at its edge that is farther from the middle
    const chord = 2 * Math.sqrt(Math.max(0, 0.25 - (Math.abs(y) + side / 2) ** 2));
    return { y, holds: Math.floor(chord / side) };
  });
}

const roomIn = (rows: readonly { holds: number }[]): number =>
  rows.reduce((sum, { holds }) => sum + holds, 0);

/** So many cells in rows on a round plate, each whole within its rim, as large as they can be; what is over is left open at both ends. */
export function cellsInDisc(n: number): Cell[] {
  let side = LARGEST;
  while (roomIn(rowsOf(side)) < n) side *= FINER;
  const rows = rowsOf(side);
  let [open, left] = [Math.floor((roomIn(rows) - n) / 2), n];
  return rows.flatMap(({ y, holds }) => {
    const skipped = Math.min(open, holds);
    const here = Math.min(holds - skipped, left);
    open -= skipped;
    left -= here;
    return Array.from({ length: here }, (_, k) => ({
      x: 0.5 + (k - (here - 1) / 2) * side,
      y: 0.5 + y,
      side,
    }));
  });
}
