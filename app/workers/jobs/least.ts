import { z } from 'zod';
import { leastFor } from '../../../core/compose/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

/** Whether the money and the minutes of a brief can be enough at all. */
export const least = job({
  words: 'Reckoning what it takes at least',
  input: z.strictObject({ plan: planInput }),
  run: async ({ plan }, bench) => ({ least: leastFor(plan, await bench.solver()) }),
});
