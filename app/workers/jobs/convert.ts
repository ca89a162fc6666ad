import { z } from 'zod';
import { convert as converted, type Target } from '../../../core/swap/index.js';
import { job } from '../job.js';
import { own, planInput } from '../input.js';

/** The whole board as one joint choice of swaps. */
export const convert = job({
  words: 'Turning the board',
  input: z.strictObject({ plan: planInput, target: own<Target>() }),
  run: async ({ plan, target }, bench) => ({ conversion: converted(plan, target, await bench.solver()) }),
});
