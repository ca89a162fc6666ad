import { z } from 'zod';
import { FORM_IDS, componentIdSchema } from '../../catalogue/index.js';
import { idText } from './fields.js';
import { surfaceIdSchema } from './surface.js';

export const placementSchema = z.strictObject({
  componentId: componentIdSchema,
  surfaceId: surfaceIdSchema,
  form: z.enum(FORM_IDS),
  massG: z.number().positive().max(100_000),
  pieces: z.number().int().min(1).max(20_000),
  /** 0 is laid at opening; later lots wait in the cold. */
  lot: z.number().int().min(0).max(9),
  /** In a bowl of its own, whatever its form. */
  contained: z.boolean(),
  /** Served with a knife, spoon or tongs that touch nothing else. */
  ownTool: z.boolean().optional(),
  /** In the part of its surface that is kept for somebody. */
  inZone: z.boolean().optional(),
  /** In this motif of its surface. */
  motif: idText.optional(),
  /** In a bowl of ice of its own, made for it: across inside, and how thick its wall is. */
  ice: z
    .strictObject({ innerMm: z.number().min(60).max(240), wallMm: z.number().min(10).max(60) })
    .optional(),
});
export type Placement = z.infer<typeof placementSchema>;

/** As it lies when its motif is gone. */
export const outOfMotif = ({ motif: _motif, ...free }: Placement): Placement => free;
