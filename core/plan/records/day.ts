import { z } from 'zod';
import type { Steps } from '../steps.js';
import { idText, text } from './fields.js';

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time of day such as 09:30');
/** Minutes from opening; a week ahead at most, and into the party. */
const minute = z.number().int().min(-20_160).max(1440);

/** One pair of hands, and when it helps. */
export const handSchema = z.strictObject({
  id: idText,
  name: text(40).min(1),
  /** Local times of day; on the day of the party they help until it opens. */
  from: clock,
  till: clock,
  /** How many days before the party they begin to help; 0 on the day only. */
  daysBefore: z.number().int().min(0).max(7),
  /** May use sharp knives, hot pans and hot sugar. */
  sharp: z.boolean(),
});
export type HandRecord = z.infer<typeof handSchema>;

/** A piece of work as it was laid into the day. What it is comes from the plan; here stands only who and when. */
export const workSchemaOfDay = z.strictObject({
  task: z.string().min(1).max(160),
  hand: idText,
  startMin: minute,
  /** A hand has set it: it is not moved. */
  pinned: z.boolean(),
  /** Minutes from opening at which it was over; null while it is to be done. */
  doneMin: minute.nullable(),
});
export type WorkOfDay = z.infer<typeof workSchemaOfDay>;

/** The day of the work: whose hands, what kitchen, what is done when. */
export const daySchema = z.strictObject({
  /** Empty: you, and the helpers of `work`. */
  hands: z.array(handSchema).max(20),
  kitchen: z.strictObject({
    oven: z.number().int().min(0).max(9),
    hob: z.number().int().min(0).max(9),
    blender: z.number().int().min(0).max(9),
    freezer: z.number().int().min(0).max(9),
  }),
  tasks: z.array(workSchemaOfDay).max(600),
  /** Lines of the shopping list that are in the basket. */
  bought: z.array(z.string().min(1).max(80)).max(600),
  /** Things of the list of tools that are packed. */
  packed: z.array(z.string().min(1).max(80)).max(200),
});
export type DayRecord = z.infer<typeof daySchema>;

export const EMPTY_DAY: DayRecord = {
  hands: [],
  kitchen: { oven: 1, hob: 2, blender: 1, freezer: 1 },
  tasks: [],
  bought: [],
  packed: [],
};

/** Version 11 knew none. */
export const DAY_STEPS: Steps = { 11: (stored) => ({ day: EMPTY_DAY, ...stored }) };
