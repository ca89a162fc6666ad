import { z } from 'zod';
import { componentIdSchema, packSchema } from '../../catalogue/index.js';
import { CURRENCIES } from '../../measure/index.js';
import type { Steps } from '../steps.js';
import { localDate, text } from './fields.js';

/** A pack where it is sold; without a shop where the stylist usually buys. */
export const shopPackSchema = packSchema.extend({ shop: text(40).min(1).optional() });
export type ShopPack = z.infer<typeof shopPackSchema>;

/** The packs of one food at the stylist's own shops; in another currency they say nothing. */
export const priceSchema = z.strictObject({
  componentId: componentIdSchema,
  currency: z.enum(CURRENCIES),
  packs: z.array(shopPackSchema).min(1).max(12),
  /** The day on which they were paid; without one they were noted by hand. */
  on: localDate.optional(),
});
export type Price = z.infer<typeof priceSchema>;

/** Version 3 knew none. */
export const PRICE_STEPS: Steps = { 3: (stored) => ({ prices: [], ...stored }) };
