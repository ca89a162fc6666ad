import { z } from 'zod';
import { componentIdSchema } from '../../catalogue/index.js';
import { isRecord, type Steps } from '../steps.js';

const lever = z.number().int().min(-2).max(2);

export const wishesSchema = z.strictObject({
  pinned: z.array(componentIdSchema).max(200),
  excluded: z.array(componentIdSchema).max(1000),
  /** The one piece that gets the best place; null lets the composer choose it. */
  star: componentIdSchema.nullable(),
  /** What the last boards had: of two foods that serve alike the other one comes. */
  lately: z.array(componentIdSchema).max(400),
  /** −2 to 2: gentler or bolder, plainer or more colour, richer or cheaper, more work or less, from anywhere or in season. */
  levers: z.strictObject({
    bolder: lever,
    colour: lever,
    cheaper: lever,
    lessWork: lever,
    season: lever,
  }),
});

/** Version 2 had no star and two levers fewer, version 6 knew nothing of the last boards. */
export const WISHES_STEPS: Steps = {
  2: (stored) =>
    isRecord(stored.wishes)
      ? {
          ...stored,
          wishes: {
            star: null,
            ...stored.wishes,
            levers: isRecord(stored.wishes.levers)
              ? { lessWork: 0, season: 0, ...stored.wishes.levers }
              : stored.wishes.levers,
          },
        }
      : stored,
  6: (stored) => (isRecord(stored.wishes) ? { ...stored, wishes: { lately: [], ...stored.wishes } } : stored),
};
