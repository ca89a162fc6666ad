import { z } from 'zod';
import type { Steps } from '../steps.js';
import { idText, text } from './fields.js';
import { shopPackSchema } from './price.js';

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
  /** Can fold roses and chains, and press out shapes. */
  fine: z.boolean(),
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
/** What lies in the basket: the packs that were taken, at what they cost. */
export const basketSchema = z.strictObject({
  id: z.string().min(1).max(80),
  /** Null: as many as the list says now; older plans knew no more. */
  packs: z
    .array(shopPackSchema.extend({ count: z.number().int().min(1).max(10_000) }))
    .max(12)
    .nullable(),
});
export type InBasket = z.infer<typeof basketSchema>;

/** What a cutting board of the house is for. Words for them stand with the interface. */
export const TOUCHES = ['free', 'greens', 'cheese', 'bread', 'sweet', 'nuts', 'meat', 'fish'] as const;
export type Touch = (typeof TOUCHES)[number];

/** One way to a shop, and who goes. */
const errandSchema = z.strictObject({ trip: z.string().min(1).max(80), hand: idText });

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
    fridge: z.number().int().min(0).max(9),
  }),
  tasks: z.array(workSchemaOfDay).max(600),
  /** Lines of the shopping list that are in the basket. */
  bought: z.array(basketSchema).max(600),
  /** Who goes to which shop when. */
  errands: z.array(errandSchema).max(60),
  /** The colours of the house's cutting boards, in words. */
  boards: z.array(z.strictObject({ touches: z.enum(TOUCHES), colour: text(30).min(1) })).max(TOUCHES.length),
  /** Things of the list of tools that are packed. */
  packed: z.array(z.string().min(1).max(80)).max(200),
});
export type DayRecord = z.infer<typeof daySchema>;

export const EMPTY_DAY: DayRecord = {
  hands: [],
  kitchen: { oven: 1, hob: 2, blender: 1, freezer: 1, fridge: 3 },
  tasks: [],
  bought: [],
  errands: [],
  boards: [],
  packed: [],
};

/** A tick said that a thing is in the basket, not how much of it; every hand could do everything; fridges had room. */
function withBaskets(day: unknown): unknown {
  const { bought, hands, kitchen, ...rest } = day as { bought?: unknown; hands?: unknown; kitchen?: object };
  const packs = Array.isArray(bought) ? bought.map((id: unknown) => ({ id, packs: null })) : [];
  const able = Array.isArray(hands) ? hands.map((hand: object) => ({ fine: true, ...hand })) : hands;
  const shelves = { fridge: EMPTY_DAY.kitchen.fridge, ...kitchen };
  return { errands: [], boards: [], ...rest, hands: able, kitchen: shelves, bought: packs };
}

/** Version 11 knew none; version 12 had ticks without packs. */
export const DAY_STEPS: Steps = {
  11: (stored) => ({ day: { ...EMPTY_DAY, bought: [] }, ...stored }),
  12: (stored) => ({ ...stored, day: withBaskets(stored.day ?? EMPTY_DAY) }),
};
