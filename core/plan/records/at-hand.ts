import { z } from 'zod';
import { componentIdSchema } from '../../catalogue/index.js';
import type { Steps } from '../steps.js';
import { localDate } from './fields.js';

/** What a bowl is made of, as it is drawn. */
export const WARES = ['white', 'stone', 'blue', 'wood', 'glass', 'steel'] as const;
export type Ware = (typeof WARES)[number];

export const bowlsSchema = z
  .array(
    z.strictObject({
      diameterMm: z.number().min(30).max(400),
      count: z.number().int().min(0).max(99),
      /** Without one, of the house's earthenware. */
      ware: z.enum(WARES).optional(),
    }),
  )
  .max(20);

export const toolsSchema = z.strictObject({
  knives: z.number().int().min(0).max(99),
  spoons: z.number().int().min(0).max(99),
  tongs: z.number().int().min(0).max(99),
});

/** What the kitchen promises about the order of work: it closes the routes over gloves and cutting boards. */
export const prepSchema = z.strictObject({ freeFromFirst: z.boolean(), freshGloves: z.boolean() });

/** What is in the house already: used first, and not bought. What is open may be good until a day only. */
export const pantrySchema = z
  .array(
    z.strictObject({
      componentId: componentIdSchema,
      massG: z.number().positive().max(100_000),
      /** The last day on which it is good; without one it keeps. */
      until: localDate.optional(),
    }),
  )
  .max(300);

/** Hands for the preparation, and minutes each can give; null asks for no limit. */
export const workSchema = z.strictObject({
  minutes: z.number().int().min(5).max(2880).nullable(),
  helpers: z.number().int().min(0).max(20),
});

/** Version 1 knew no promises, version 2 neither pantry nor hands. */
export const AT_HAND_STEPS: Steps = {
  1: (stored) => ({ prep: { freeFromFirst: false, freshGloves: false }, ...stored }),
  2: (stored) => ({ pantry: [], work: { minutes: null, helpers: 0 }, ...stored }),
};
