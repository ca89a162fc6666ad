import { z } from 'zod';
import { OCCASIONS, REGION_IDS } from '../../catalogue/index.js';
import { isRecord, type Steps } from '../steps.js';
import { hex, localTime, text } from './fields.js';

export const ROLES = ['meal', 'drinks', 'one-of-many', 'sweet', 'children'] as const;
export const MOTIFS = [
  'none',
  'comet',
  'crescent',
  'star',
  'kite',
  'wave',
  'fish',
  'weave',
  'lamp',
  'leaf',
] as const;

export const themeSchema = z.strictObject({
  name: text(60),
  palette: z.array(hex).max(6),
  motifs: z.array(z.enum(MOTIFS)).max(3),
  /** Where its foods come from; empty for anywhere. */
  region: z.enum(['', ...REGION_IDS]),
  /** Full to the rim, or calm with open ground. */
  mood: z.enum(['abundant', 'calm']),
});
export type Theme = z.infer<typeof themeSchema>;

export const occasionSchema = z.strictObject({
  name: text(80).min(1),
  host: text(80),
  start: localTime,
  durationMin: z.number().int().min(15).max(1440),
  place: text(120),
  where: z.enum(['indoors', 'outdoors']),
  airTempC: z.number().min(-30).max(50),
  role: z.enum(ROLES),
  /** What it is for, beside its role in the meal: it says what leads and what never lies there. */
  kind: z.enum(OCCASIONS),
  otherDishes: z.number().int().min(0).max(50),
  /** Minutes out of the cold before opening: on the road, and while the board is built. */
  carMin: z.number().int().min(0).max(600),
  buildMin: z.number().int().min(0).max(600),
  /** Half of the world: its months of fruit. */
  hemisphere: z.enum(['north', 'south']),
  theme: themeSchema,
});

/** Version 2 knew no half of the world, and no region or mood of a theme; version 5 not what the board is for. */
export const OCCASION_STEPS: Steps = {
  2: (stored) =>
    isRecord(stored.occasion)
      ? {
          ...stored,
          occasion: {
            hemisphere: 'north',
            ...stored.occasion,
            theme: isRecord(stored.occasion.theme)
              ? { region: '', mood: 'abundant', ...stored.occasion.theme }
              : stored.occasion.theme,
          },
        }
      : stored,
  5: (stored) =>
    isRecord(stored.occasion) ? { ...stored, occasion: { kind: 'none', ...stored.occasion } } : stored,
};
