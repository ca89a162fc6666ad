import { z } from 'zod';
import { FAMILIES } from '../../catalogue/index.js';
import { ROLES } from './occasion.js';
import type { Steps } from '../steps.js';
import { text } from './fields.js';

/** How much of each family for a grown guest. By family, since that is how stylists note it. */
const grams = z.number().min(0).max(1000);
const perFamily = z.partialRecord(z.enum(FAMILIES), grams);

/** A portion school of the stylist's own: grams for a grown guest at drinks. */
export const ownSchoolSchema = z.strictObject({ name: text(40).min(1), rows: perFamily });
export type OwnSchool = z.infer<typeof ownSchoolSchema>;

/** What was eaten at a board of one's own: grams in all, by family, and for how many portions. */
export const pastBoardSchema = z.strictObject({
  name: text(80).min(1),
  portions: z.number().positive().max(2000),
  role: z.enum(ROLES),
  otherDishes: z.number().int().min(0).max(50),
  eatenG: z.partialRecord(z.enum(FAMILIES), z.number().min(0).max(200_000)),
});
export type PastBoard = z.infer<typeof pastBoardSchema>;

export const SCHOOL_IDS = ['cheese-only', 'by-family', 'combined', 'log', 'own'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** Version 2 had neither figures of one's own nor past boards. */
export const SCHOOL_STEPS: Steps = { 2: (stored) => ({ ownSchool: null, pastBoards: [], ...stored }) };
