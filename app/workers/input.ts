import { z } from 'zod';
import type { ComponentId } from '../../core/catalogue/index.js';
import { sharing } from '../../core/measure/index.js';
import type { Plan } from '../../core/plan/index.js';
import { planRead } from './job.js';

let last: Plan | undefined;

/**
 * What of a plan is as in the last one that this worker was given is that one's: an edit arrives as a copy of the whole, and
 * all that is remembered of foods, surfaces and layouts is remembered by what they are.
 */
const asBefore = (plan: Plan): Plan => (last = sharing(plan, last));

/** A plan, read as a file is read. */
export const planInput: z.ZodType<Plan> = z.unknown().transform((value, ctx): Plan => {
  try {
    return asBefore(planRead(value));
  } catch (error) {
    ctx.addIssue({ code: 'custom', message: error instanceof Error ? error.message : String(error) });
    return z.NEVER;
  }
});

export const foodInput = z.string().max(80) as unknown as z.ZodType<ComponentId>;

/** The plan that is on the page: asked about after each edit, so it is not read as a file is. */
export const ownPlan: z.ZodType<Plan> = z.unknown().transform((plan) => asBefore(plan as Plan));

/** What only the page itself writes: its shape is the type's business. */
export const own = <T>(): z.ZodType<T> => z.custom<T>(() => true);
