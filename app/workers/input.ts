import { z } from 'zod';
import type { ComponentId } from '../../core/catalogue/index.js';
import type { Plan } from '../../core/plan/index.js';
import { planRead } from './job.js';

/** A plan, read as a file is read. */
export const planInput: z.ZodType<Plan> = z.unknown().transform((value, ctx): Plan => {
  try {
    return planRead(value);
  } catch (error) {
    ctx.addIssue({ code: 'custom', message: error instanceof Error ? error.message : String(error) });
    return z.NEVER;
  }
});

export const foodInput = z.string().max(80) as unknown as z.ZodType<ComponentId>;

/** What only the page itself writes: its shape is the type's business. */
export const own = <T>(): z.ZodType<T> => z.custom<T>(() => true);
