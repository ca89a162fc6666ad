import { z } from 'zod';
import { componentIdSchema } from '../../catalogue/index.js';
import type { Steps } from '../steps.js';
import { point, text } from './fields.js';

const side = z.number().min(5).max(1000);
const distance = z.number().min(0).max(50);
const outline = z.array(point).min(3).max(400);

/** What is cut from, seen from above; millimetres about its middle, y upwards. */
const cutSliceSchema = z.discriminatedUnion('shape', [
  z.strictObject({ shape: z.literal('disc'), diameterMm: side }),
  z.strictObject({ shape: z.literal('ring'), diameterMm: side, holeMm: side }),
  z.strictObject({ shape: z.literal('half'), widthMm: side }),
  z.strictObject({ shape: z.literal('oval'), lengthMm: side, widthMm: side }),
  z.strictObject({ shape: z.literal('rect'), lengthMm: side, widthMm: side }),
  z.strictObject({ shape: z.literal('loaf'), widthMm: side, heightMm: side }),
  z.strictObject({ shape: z.literal('wedge'), widthMm: side, lengthMm: side }),
  z.strictObject({
    shape: z.literal('own'),
    name: text(60),
    outline,
    holes: z.array(outline).max(20).optional(),
  }),
]);
export type CutSlice = z.infer<typeof cutSliceSchema>;

export const cutCutterSchema = z.strictObject({
  /** A cutter of the library, or "own" and a number for a drawing of one's own. */
  id: z.string().regex(/^[a-z0-9-]{1,60}$/, 'lower-case words joined by hyphens'),
  name: text(60).min(1),
  /** As it was when it was taken: a library that changes does not change the plan. */
  outline,
  acrossMm: z.number().min(2).max(1000),
  /** So many from each slice; as many as there is room for where nothing is said. */
  want: z.number().int().min(0).max(200).nullable(),
});
export type CutCutter = z.infer<typeof cutCutterSchema>;

/** What becomes of what is left of a slice. */
export const OFFCUTS = ['board', 'melted', 'crumbled', 'dip', 'waste'] as const;
export type Offcuts = (typeof OFFCUTS)[number];

/** One food on the bench: slices of it, the cutters, and where each is pressed. */
export const cutSchema = z.strictObject({
  componentId: componentIdSchema,
  slice: cutSliceSchema,
  thicknessMm: z.number().min(0.5).max(100),
  gapMm: distance,
  marginMm: distance,
  /** Degrees by which a cutter may be turned, for stripes and grain; any where nothing is said. */
  turns: z.array(z.number().min(0).max(360)).min(1).max(12).nullable(),
  cutters: z.array(cutCutterSchema).min(1).max(8),
  /** Where they are pressed; `cutter` counts in `cutters`, degrees counter-clockwise. */
  pieces: z
    .array(
      z.strictObject({
        cutter: z.number().int().min(0).max(7),
        x: z.number().min(-1000).max(1000),
        y: z.number().min(-1000).max(1000),
        angle: z.number().min(-360).max(360),
        /** A hand has put it there. */
        locked: z.boolean(),
      }),
    )
    .max(200),
  offcuts: z.enum(OFFCUTS),
  /** These cutters touch no other food. */
  ownCutters: z.boolean(),
  seed: z.number().int().min(0).max(2_147_483_647),
});
export type Cut = z.infer<typeof cutSchema>;

/** Version 7 knew no bench. */
export const CUT_STEPS: Steps = { 7: (stored) => ({ cuts: [], ...stored }) };
