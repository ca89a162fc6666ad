import type { Component } from '../catalogue/index.js';
import { addMinutes } from '../measure/index.js';
import type { Plan } from '../plan/index.js';

/** Perishable food between 5 and 60 °C: two hours in all, one above 32 °C (public guidance; local rules decide). */
export const PERISHABLE_LIMIT_MIN = 120;
export const HOT_LIMIT_MIN = 60;
export const HOT_ABOVE_C = 32;
export const COLD_BELOW_C = 5;

export interface Holding {
  /** Minutes that the food may be out of the cold in all; Infinity when it keeps. */
  limitMin: number;
  /** Minutes already gone at opening: tempering, or the road and the building, whichever is longer. */
  leadMin: number;
  /** Minutes out of the cold when the table closes, if all of it is laid at opening. */
  outMin: number;
  /** Lots that keep every one of them inside the limit; 0 when even the first would be over it at opening. */
  lots: number;
  /** When each lot leaves the cold, as local date-times. */
  leaves: string[];
}

const keeps = (component: Component): boolean =>
  component.holdOut === 'stable' || component.holdOut === 'sweats';

/** How long this food has been out of the cold, and in how many lots it is safe. Unknown food counts as perishable. */
export function holdingOf(component: Component, plan: Pick<Plan, 'occasion'>): Holding {
  const { start, durationMin, carMin, buildMin, airTempC } = plan.occasion;
  const leadMin = Math.max(component.temperMin, carMin + buildMin);
  const outMin = leadMin + durationMin;
  const leave = addMinutes(start, -leadMin);
  if (keeps(component) || airTempC < COLD_BELOW_C)
    return { limitMin: Infinity, leadMin, outMin, lots: 1, leaves: [leave] };
  const limitMin = airTempC > HOT_ABOVE_C ? HOT_LIMIT_MIN : PERISHABLE_LIMIT_MIN;
  const first = limitMin - leadMin;
  if (first <= 0) return { limitMin, leadMin, outMin, lots: 0, leaves: [leave] };
  const lots = durationMin <= first ? 1 : 1 + Math.ceil((durationMin - first) / limitMin);
  const leaves = [leave];
  for (let i = 1; i < lots; i++) leaves.push(addMinutes(start, first + (i - 1) * limitMin));
  return { limitMin, leadMin, outMin, lots, leaves };
}

/** Share of the food that is eaten in the first `t` (0 to 1) of the window: guests eat more at first (house default). */
export const eatenBy = (t: number): number => 1 - (1 - t) ** 1.5;

/** The share of each lot, by what is eaten while it lies. Adds up to 1. */
export function lotShares(component: Component, plan: Pick<Plan, 'occasion'>): number[] {
  const holding = holdingOf(component, plan);
  if (holding.lots <= 1) return [1];
  const span = plan.occasion.durationMin;
  const first = holding.limitMin - holding.leadMin;
  const ends = Array.from({ length: holding.lots }, (_, i) =>
    Math.min(1, (first + i * holding.limitMin) / span),
  );
  return ends.map((end, i) => eatenBy(end) - (i === 0 ? 0 : eatenBy(ends[i - 1]!)));
}
