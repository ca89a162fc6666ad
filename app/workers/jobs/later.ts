import { z } from 'zod';
import type { Plan } from '../../../core/plan/index.js';
import { later as laterOf } from '../../../core/swap/index.js';
import { own, planInput } from '../input.js';
import { job } from '../job.js';

/** What another number of guests asks for. */
export const later = job({
  words: 'Counting anew',
  input: z.strictObject({ plan: planInput, party: own<Plan['party']>() }),
  run: async ({ plan, party }, bench) => ({ later: laterOf(plan, party, await bench.solver()) }),
});
