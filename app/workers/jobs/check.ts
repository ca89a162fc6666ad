import { z } from 'zod';
import { answerOf, checkPlan, type CheckAnswer } from '../../../core/check/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { own } from '../input.js';
import { job } from '../job.js';

/** Looks at the plan that is on the page: asked after each edit, so it is not read as a file is. */
export const check = job({
  words: 'Looking at the plan',
  input: z.strictObject({ plan: own<Plan>() }),
  run: ({ plan }): CheckAnswer => answerOf(checkPlan(plan)),
});
