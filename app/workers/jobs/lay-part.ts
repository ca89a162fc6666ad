import { z } from 'zod';
import {
  layFixed,
  layMakingWay,
  laySurface,
  TERMS,
  type LaidSurface,
  type TermId,
} from '../../../core/lay/index.js';
import type { Plan, Surface } from '../../../core/plan/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

const TERM_IDS = TERMS.map(({ id }) => id) as [TermId, ...TermId[]];

const surfaceOf = (plan: Plan, id: string): Surface => {
  const surface = plan.surfaces.find((surface) => surface.id === id);
  if (!surface) throw new Error('That surface is not in the plan any more.');
  return surface;
};

const onSurface = z.strictObject({ plan: planInput, surfaceId: z.string(), seed: z.number().int().min(0) });

/** After a hand has moved something: what lies there makes way. Nothing where nothing must. */
export const makeWay = job({
  words: 'Making way',
  input: onSurface.extend({ before: planInput }),
  run: ({ plan, before, surfaceId, seed }): { laid: LaidSurface | null } => ({
    laid: layMakingWay(before, plan, surfaceOf(plan, surfaceId), seed) ?? null,
  }),
});

/** Only what one slip is about is laid otherwise. Nothing where no way is better. */
export const fixLaid = job({
  words: 'Laying only this otherwise',
  input: onSurface.extend({ rule: z.enum(TERM_IDS) }),
  run: ({ plan, surfaceId, rule, seed }): { laid: LaidSurface | null } => ({
    laid: layFixed(plan, surfaceOf(plan, surfaceId), rule, seed) ?? null,
  }),
});

/** The surface laid by another seed, pins kept. */
export const arrange = job({
  words: 'Laying it another way',
  input: onSurface,
  run: ({ plan, surfaceId, seed }): { laid: LaidSurface } => ({
    laid: laySurface(plan, surfaceOf(plan, surfaceId), seed),
  }),
});
