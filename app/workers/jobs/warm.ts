import { z } from 'zod';
import { job } from '../job.js';

/** Brings the solver into memory, so that the first board does not wait for it. */
export const warm = job({
  words: 'Warming the kitchen',
  input: z.strictObject({}),
  async run(_input, bench): Promise<null> {
    await bench.solver();
    return null;
  },
});
