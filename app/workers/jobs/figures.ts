import { z } from 'zod';
import { figuresOf, type Figures } from '../../../core/lay/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

/** What a laid surface is judged by; nothing where nothing is laid. */
export const figures = job({
  words: 'Measuring the board',
  input: z.strictObject({ plan: planInput, surfaceId: z.string() }),
  run({ plan, surfaceId }): Figures | null {
    const surface = plan.surfaces.find(({ id }) => id === surfaceId);
    const laid = plan.layout.find((layer) => layer.surfaceId === surfaceId)?.elements ?? [];
    return surface && laid.length > 0 ? figuresOf(plan, surface, laid) : null;
  },
});
