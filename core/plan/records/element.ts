import { z } from 'zod';
import { FORM_IDS, componentIdSchema } from '../../catalogue/index.js';
import { WARES } from './at-hand.js';
import { coordinate, idText, point } from './fields.js';

export const elementSchema = z.strictObject({
  id: idText,
  componentId: componentIdSchema,
  form: z.enum(FORM_IDS),
  contained: z.boolean(),
  /** Millimetres from the surface's centre, y down. */
  x: coordinate,
  y: coordinate,
  /** Degrees, clockwise. */
  angle: z.number().min(-360).max(360),
  layer: z.number().int().min(0).max(9),
  pinned: z.boolean(),
  /** The ground it covers, from the surface's centre. */
  outline: z.array(point).min(3).max(400),
  /** Each piece from the element's own place: x, y, degrees. */
  pieces: z.array(z.tuple([coordinate, coordinate, z.number()])).max(5000),
  /** Radius of the bowl, for what stands in one. */
  bowlMm: z.number().positive().max(400).nullable(),
  /** What its bowl is made of, where that is known; of ice with the thickness of the wall. */
  ware: z.enum([...WARES, 'ice']).optional(),
  wallMm: z.number().positive().max(60).optional(),
  /** Served with a tool of its own, drawn beside it. */
  ownTool: z.boolean().optional(),
  /** Laid in the part of the surface that is kept for somebody. */
  inZone: z.boolean().optional(),
  /** Part of this motif: what is moved moves with it. */
  motif: idText.optional(),
});
export type LaidElement = z.infer<typeof elementSchema>;
