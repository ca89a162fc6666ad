import { z } from 'zod';
import { compose as composeBoard } from '../../../core/compose/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

/** The best board for a brief. A part is a whole board: the first one, and under a budget each better one. */
export const compose = job({
  words: 'Looking through the larder',
  input: z.strictObject({ plan: planInput, keep: z.boolean().optional() }),
  async run({ plan, keep }, bench) {
    const {
      status,
      plan: board,
      gap,
      conflicts,
    } = composeBoard(plan, await bench.solver(), {
      ...(keep ? { keep } : {}),
      onFirst: (first) => {
        bench.part(first);
        bench.progress('Looking for a better one');
      },
    });
    return { status, plan: board, gap, conflicts };
  },
});
