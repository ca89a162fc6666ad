import { z } from 'zod';
import { otherBoards } from '../../../core/compose/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

/** Never only one answer: so many others are offered. */
const OTHERS = 2;

export const others = job({
  words: 'Looking for two others',
  input: z.strictObject({ plan: planInput }),
  run: async ({ plan }, bench) => ({ others: otherBoards(plan, await bench.solver(), OTHERS) }),
});
