import { z } from 'zod';
import { boardSheets, surfaceSize, type DrawOptions } from '../../../core/picture/index.js';
import { job } from '../job.js';
import { own, planInput } from '../input.js';

/** Letters of a sheet: so many are read in a few hundredths of a second. */
const SHEET = 160_000;

/** One surface drawn: the drawing in sheets, one over the other, and its size in millimetres; nothing where there is no such surface. */
export const picture = job({
  words: 'Drawing the board',
  input: z.strictObject({
    plan: planInput,
    /** The first one where none is named. */
    surfaceId: z.string().nullable(),
    options: own<DrawOptions | undefined>(),
  }),
  run({ plan, surfaceId, options }) {
    const surface =
      surfaceId === null ? plan.surfaces[0] : plan.surfaces.find((surface) => surface.id === surfaceId);
    return surface
      ? { sheets: boardSheets(plan, surface, options ?? {}, SHEET), size: surfaceSize(surface) }
      : null;
  },
});
