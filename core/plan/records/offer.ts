import { z } from 'zod';
import type { Steps } from '../steps.js';
import { text } from './fields.js';

const money = z.number().int().min(0).max(100_000_000);

/** What an offer to a client says beside the plan. Money in minor units of the plan's currency. */
export const offerSchema = z.strictObject({
  /** Name and address of the house, as they stand on top. */
  letterhead: text(400),
  /** A few words to the client. */
  words: text(2000),
  /** An hour of one pair of hands. */
  hourMinor: money,
  /** Boards, china and linen that are hired. */
  hireMinor: money,
  travelMinor: money,
  /** On top of all costs. */
  marginPercent: z.number().min(0).max(500),
  /** Of the price, paid when it is agreed. */
  depositPercent: z.number().min(0).max(100),
});
export type Offer = z.infer<typeof offerSchema>;

export const EMPTY_OFFER: Offer = {
  letterhead: '',
  words: '',
  hourMinor: 0,
  hireMinor: 0,
  travelMinor: 0,
  marginPercent: 0,
  depositPercent: 0,
};

/** Version 11 knew none. */
export const OFFER_STEPS: Steps = { 11: (stored) => ({ offer: EMPTY_OFFER, ...stored }) };
