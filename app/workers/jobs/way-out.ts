import { z } from 'zod';
import { wayOut as found } from '../../../core/swap/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

/** A board chosen again for a slip that no other remedy takes away. */
export const wayOut = job({
  words: 'Choosing again',
  input: z.strictObject({ plan: planInput, key: z.string() }),
  run: async ({ plan, key }, bench) => ({ tried: found(plan, key, await bench.solver()) }),
});
