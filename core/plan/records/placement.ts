import { z } from 'zod';
import { FORM_IDS, componentIdSchema } from '../../catalogue/index.js';
import { idText } from './fields.js';
import { surfaceIdSchema } from './surface.js';

/** Between which widths inside and walls a bowl of ice is made, in mm (house default). */
export const ICE_MM = { inner: [60, 240], wall: [10, 60] } as const;

const iceBowlSchema = z.strictObject({
  /** Across the opening, inside. */
  innerMm: z.number().min(ICE_MM.inner[0]).max(ICE_MM.inner[1]),
  /** Thickness of the ice all round and beneath. */
  wallMm: z.number().min(ICE_MM.wall[0]).max(ICE_MM.wall[1]),
});
/** A bowl of ice: water between two bowls, one in the other, frozen and turned out. */
export type IceBowl = z.infer<typeof iceBowlSchema>;

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
  /** In a bowl of ice of its own, made for it. */
  ice: iceBowlSchema.optional(),
});
export type Placement = z.infer<typeof placementSchema>;

/** As it lies when its motif is gone. */
export const outOfMotif = ({ motif: _motif, ...free }: Placement): Placement => free;
