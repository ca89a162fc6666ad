import { z } from 'zod';
import { groupIdSchema } from '../../party/index.js';
import { FREE_FROM_IDS } from '../free-from.js';
import { idText, mm, text } from './fields.js';

export type SurfaceId = string & z.$brand<'SurfaceId'>;
export const surfaceIdSchema = idText.brand<'SurfaceId'>();

export const surfaceSchema = z.strictObject({
  id: surfaceIdSchema,
  name: text(60).min(1),
  outline: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('round'), diameterMm: mm }),
    z.strictObject({ kind: z.literal('oval'), lengthMm: mm, widthMm: mm }),
    z.strictObject({ kind: z.literal('half-round'), lengthMm: mm, widthMm: mm }),
    z.strictObject({
      kind: z.literal('rectangle'),
      lengthMm: mm,
      widthMm: mm,
      cornerMm: z.number().min(0).max(200),
    }),
  ]),
  /** Width of the rim where nothing lies. */
  rimMm: z.number().min(0).max(60),
  material: z.enum(['oak', 'walnut', 'slate', 'marble', 'china', 'enamel', 'tin', 'paper']),
  /** Whom it is for; null is everybody. */
  serves: z.array(groupIdSchema).max(60).nullable(),
  freeFrom: z.array(z.enum(FREE_FROM_IDS)).max(FREE_FROM_IDS.length),
  /** Can small hands reach it? Then choking shapes on it concern every child under five. */
  smallHands: z.boolean(),
  /** Part of it is kept for these groups, with open ground around: the foods that lie there say so. */
  zoneFor: z.array(groupIdSchema).min(1).max(60).optional(),
});
export type Surface = z.infer<typeof surfaceSchema>;
