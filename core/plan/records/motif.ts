import { z } from 'zod';
import { FORM_IDS, componentIdSchema } from '../../catalogue/index.js';
import type { Steps } from '../steps.js';
import { idText, mm, point, text } from './fields.js';
import { surfaceIdSchema } from './surface.js';

/** One food of a motif, in the form in which it lies there. */
const motifFoodSchema = z.strictObject({ componentId: componentIdSchema, form: z.enum(FORM_IDS) });
export type MotifFood = z.infer<typeof motifFoodSchema>;

/** What is laid on a motif from thin slices. */
export const MOTIF_DETAILS = ['eyes', 'stripes', 'stitches'] as const;
export type MotifDetail = (typeof MOTIF_DETAILS)[number];

/** A figure on a surface: an outline filled with one food, with another around it. What lies in it says so (`Placement.motif`). */
export const motifSchema = z.strictObject({
  id: idText,
  surfaceId: surfaceIdSchema,
  /** A cutter of the library, or "own". */
  cutter: z.string().regex(/^[a-z0-9-]{1,60}$/, 'lower-case words joined by hyphens'),
  name: text(60).min(1),
  acrossMm: mm,
  /** Millimetres about its middle, y down, as it lies on the surface. */
  outline: z.array(point).min(3).max(400),
  fill: motifFoodSchema,
  /** Its filling lies woven: as many side by side as one is long, by turns along and across. */
  woven: z.boolean().optional(),
  border: motifFoodSchema.nullable(),
  /** Laid on top: cut-outs of this food. */
  detail: z.strictObject({ componentId: componentIdSchema, kind: z.enum(MOTIF_DETAILS) }).nullable(),
});
export type Motif = z.infer<typeof motifSchema>;

/** Version 8 knew no motifs. */
export const MOTIF_STEPS: Steps = { 8: (stored) => ({ motifs: [], ...stored }) };
