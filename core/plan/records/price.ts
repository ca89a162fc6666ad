import { z } from 'zod';
import { componentIdSchema, packSchema } from '../../catalogue/index.js';
import { CURRENCIES } from '../../measure/index.js';
import type { Steps } from '../steps.js';

/** The packs of one food at the stylist's own shop; in another currency they say nothing. */
export const priceSchema = z.strictObject({
  componentId: componentIdSchema,
  currency: z.enum(CURRENCIES),
  packs: z.array(packSchema).min(1).max(6),
});
export type Price = z.infer<typeof priceSchema>;

/** Version 3 knew none. */
export const PRICE_STEPS: Steps = { 3: (stored) => ({ prices: [], ...stored }) };
