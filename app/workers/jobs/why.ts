import { z } from 'zod';
import { whyComponent } from '../../../core/compose/index.js';
import { job } from '../job.js';
import { foodInput, planInput } from '../input.js';

/** What a food is on the board for, or what it would cost there. */
export const why = job({
  words: 'Trying the board without it',
  input: z.strictObject({ plan: planInput, componentId: foodInput }),
  run: async ({ plan, componentId }, bench) => ({
    why: whyComponent(plan, componentId, await bench.solver()),
  }),
});
