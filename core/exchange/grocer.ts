import { z } from 'zod';

/**
 * What a shop is asked and answers: the border at which an outside shop would be joined. Grams are as they are eaten, money in
 * minor units, times local.
 */
const id = z.string().min(1).max(80);
const grams = z.number().positive().max(1_000_000);
const money = z.number().int().min(0);
const time = z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/);

export const quoteRequest = z.strictObject({
  currency: z.string().length(3),
  /** When the party opens: it is delivered before. */
  opens: time,
  items: z.array(z.strictObject({ id, massG: grams })).max(600),
});
export type QuoteRequest = z.infer<typeof quoteRequest>;

export const deliveryWindow = z.strictObject({ id, from: time, till: time, feeMinor: money });

export const quoteAnswer = z.strictObject({
  lines: z.array(
    z.strictObject({
      id,
      name: z.string(),
      state: z.enum(['in-stock', 'sold-out', 'unknown']),
      packs: z.array(z.strictObject({ massG: grams, priceMinor: money, count: z.number().int().min(1) })),
      priceMinor: money,
      /** Offered in its place; whether it suits the guests is for whoever asks to judge. */
      instead: z.strictObject({ id, name: z.string(), priceMinor: money }).nullable(),
    }),
  ),
  totalMinor: money,
  windows: z.array(deliveryWindow),
});
export type QuoteAnswer = z.infer<typeof quoteAnswer>;

export const orderRequest = z.strictObject({ quote: quoteRequest, window: id });
export const orderAnswer = z.strictObject({
  order: id,
  from: time,
  till: time,
  totalMinor: money,
  /** Ids that are not in it: sold out since, or not sold here. */
  missing: z.array(id),
});
export type OrderAnswer = z.infer<typeof orderAnswer>;

/** All of it as JSON Schema, for whoever writes such a shop. */
export const grocerSchema = (): Record<string, unknown> => ({
  'POST /api/grocer/quote': { request: z.toJSONSchema(quoteRequest), answer: z.toJSONSchema(quoteAnswer) },
  'POST /api/grocer/orders': { request: z.toJSONSchema(orderRequest), answer: z.toJSONSchema(orderAnswer) },
});
