import { z } from 'zod';
import { layAround, laySurface, type LaidSurface } from '../../../core/lay/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

/** Lays every surface; with `before`, only what differs from that plan, and the rest stays where it lies. */
export const lay = job({
  words: 'Laying the board',
  input: z.strictObject({
    plan: planInput,
    seed: z.number().int().min(0),
    before: planInput.optional(),
    /** A first draft is wanted too. */
    draft: z.boolean().optional(),
    /** Only these surfaces; the others are laid by somebody else. */
    only: z.array(z.string()).optional(),
  }),
  async run({ plan, seed, before, draft, only }, bench): Promise<{ surfaces: LaidSurface[] }> {
    if (before) {
      bench.progress('Laying what changed');
      return { surfaces: layAround(before, plan, seed) };
    }
    // a first draft is there to be seen while the board settles
    const surfaces = plan.surfaces.filter(({ id }) => only?.includes(id) ?? true);
    if (draft) await bench.part(surfaces.map((surface) => laySurface(plan, surface, seed, { steps: 0 })));
    return {
      surfaces: surfaces.map((surface) => {
        bench.progress(`Laying ${surface.name.toLowerCase()}`);
        return laySurface(plan, surface, seed);
      }),
    };
  },
});
