import { z } from 'zod';
import { swapsFor, type OptionSettings, type Swap } from '../../../core/swap/index.js';
import { job } from '../job.js';
import { foodInput, own, planInput } from '../input.js';

/** Ways to do one food's job otherwise. */
export const swap = job({
  words: 'Looking for what does the same job',
  input: z.strictObject({
    plan: planInput,
    componentId: foodInput,
    settings: own<OptionSettings | undefined>(),
  }),
  run: ({ plan, componentId, settings }): { swaps: Swap[] } => ({
    swaps: swapsFor(plan, componentId, settings),
  }),
});
