import { z } from 'zod';
import { answerOf, checkPlan, type CheckAnswer } from '../../../core/check/index.js';
import { ownPlan } from '../input.js';
import { job } from '../job.js';

/** Looks at the plan that is on the page, after each edit. */
export const check = job({
  words: 'Looking at the plan',
  input: z.strictObject({ plan: ownPlan }),
  run: ({ plan }): CheckAnswer => answerOf(checkPlan(plan)),
});
