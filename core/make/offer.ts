import type { Plan } from '../plan/index.js';
import { guestsIn } from '../party/index.js';
import { shopFor } from './shopping.js';
import { tasksOf } from './tasks/index.js';

/** What an offer comes to, line by line, in minor units; the price is what the lines and the margin add up to. */
export interface OfferSum {
  foodMinor: number;
  /** Hands-on minutes of all work until it opens. */
  labourMin: number;
  labourMinor: number;
  hireMinor: number;
  travelMinor: number;
  marginMinor: number;
  priceMinor: number;
  /** Undefined while nobody is coming. */
  perGuestMinor: number | undefined;
  depositMinor: number;
}

/** Whole packs are charged, hands at their hour, then the margin on all of it. Each line is rounded to a minor unit. */
export function offerOf(plan: Plan): OfferSum {
  const { hourMinor, hireMinor, travelMinor, marginPercent, depositPercent } = plan.offer;
  const foodMinor = shopFor([plan]).costMinor;
  const labourMin = tasksOf(plan).reduce((sum, { handsMin }) => sum + handsMin, 0);
  const labourMinor = Math.round((labourMin / 60) * hourMinor);
  const costMinor = foodMinor + labourMinor + hireMinor + travelMinor;
  const marginMinor = Math.round((costMinor * marginPercent) / 100);
  const priceMinor = costMinor + marginMinor;
  const guests = guestsIn(plan.party);
  return {
    foodMinor,
    labourMin,
    labourMinor,
    hireMinor,
    travelMinor,
    marginMinor,
    priceMinor,
    perGuestMinor: guests > 0 ? Math.round(priceMinor / guests) : undefined,
    depositMinor: Math.round((priceMinor * depositPercent) / 100),
  };
}
