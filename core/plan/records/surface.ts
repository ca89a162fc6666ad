import { z } from 'zod';
import { groupIdSchema } from '../../party/index.js';
import { FREE_FROM_IDS } from '../free-from.js';
import { bulges, holdsMiddle } from '../bulges.js';
import { coordinate, idText, mm, text } from './fields.js';

export type SurfaceId = string & z.$brand<'SurfaceId'>;
export const surfaceIdSchema = idText.brand<'SurfaceId'>();

/** What a hand has marked on a surface: ground that stays open, or where some kind of food is wanted. */
export const PLACE_FOR = [
  'open',
  'cheese',
  'meat',
  'bread',
  'fruit',
  'green',
  'nuts',
  'dips',
  'sweet',
] as const;

/** A marked place is a disc, so that a finger or three keys can set it. Millimetres from the surface's middle, y down. */
const placeSchema = z.strictObject({
  id: idText,
  x: coordinate,
  y: coordinate,
  radiusMm: z.number().min(10).max(600),
  for: z.enum(PLACE_FOR),
});
export type MarkedPlace = z.infer<typeof placeSchema>;

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
    /** One's own: its corners as shares of half its length and width, from −1 to 1, bulging outward everywhere. */
    z.strictObject({
      kind: z.literal('own'),
      lengthMm: mm,
      widthMm: mm,
      corners: z
        .array(z.tuple([z.number().min(-1).max(1), z.number().min(-1).max(1)]))
        .min(3)
        .max(200)
        .refine(bulges, 'its outline must bulge outward everywhere')
        .refine(holdsMiddle, 'the middle of its box must lie on it'),
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
  /** How full its ground is laid; where nothing is said, as the theme's mood has it. */
  ground: z.enum(['full', 'calm']).optional(),
  /** From where guests reach it; where nothing is said, from all round. */
  guests: z.enum(['two-sides', 'one-side']).optional(),
  /** What lies between it and the food. */
  liner: z.enum(['baking-paper', 'butcher-paper']).optional(),
  /** Its own weight, where somebody has put it on scales; else it is reckoned from what it is made of. */
  weightG: z.number().int().positive().max(200_000).optional(),
  /** Built where it is served: nobody carries it. */
  inPlace: z.boolean().optional(),
  /** Borrowed or hired: it goes back. */
  goesBack: z.boolean().optional(),
  /** One tier of the stand of this name. */
  tierOf: idText.optional(),
  /** A box that walls divide: each food lies in one compartment. Where a part is kept for somebody, its open ground goes first. */
  walls: z
    .strictObject({ columns: z.number().int().min(1).max(6), rows: z.number().int().min(1).max(6) })
    .optional(),
  /** Laid as so many small boards within the board, each with something of everything; not where a part is kept for somebody. */
  segments: z.union([z.literal(3), z.literal(4)]).optional(),
  /** So many of it, all alike: boxes, cups or plates for one guest each. What lies on it is the food of all of them. */
  singles: z.number().int().min(1).max(500).optional(),
  places: z.array(placeSchema).max(20).optional(),
});
export type Surface = z.infer<typeof surfaceSchema>;
