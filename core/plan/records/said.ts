import { z } from 'zod';
import { componentIdSchema, isFactKey, type FactKey } from '../../catalogue/index.js';
import { groupIdSchema } from '../../party/index.js';
import { localTime, text } from './fields.js';

const factKey = z.custom<FactKey>((v) => typeof v === 'string' && isFactKey(v), 'a fact of the catalogue');

export const answerSchema = z.strictObject({
  componentId: componentIdSchema,
  fact: factKey,
  value: text(40).min(1),
  who: text(60).min(1),
  when: localTime,
  /** What was read or shown: "label, lot 12", "certificate 2026". */
  seen: text(160),
  /** Where a photograph of it is kept, in words: nothing is uploaded. */
  photo: text(160).optional(),
});
export type Answer = z.infer<typeof answerSchema>;

export const overrulingSchema = z.strictObject({
  componentId: componentIdSchema,
  groupId: groupIdSchema,
  who: text(60).min(1),
  why: text(300).min(1),
  when: localTime,
});
export type Overruling = z.infer<typeof overrulingSchema>;

/** A slip that the stylist has read and left as it is. */
export const settledSchema = z.strictObject({ key: text(200).min(1), how: text(120), when: localTime });
