import { z } from 'zod';
import { LIKENESS_PARTS, type Likeness } from '../../swap/index.js';
import { record } from '../record.js';

const share = z.number().min(0).max(1);

/** What counts how much when one food stands in for another. There is one scale. */
export const weights = record<Likeness>({
  title: 'What counts in a swap',
  one: 'scale',
  none: 'The house weighs, until you set a scale of your own.',
  version: 1,
  schema: z.strictObject(
    Object.fromEntries(LIKENESS_PARTS.map((k) => [k, share])) as Record<keyof Likeness, z.ZodNumber>,
  ),
  keyOf: () => 'weights',
  nameOf: () => 'Your scale',
  migrations: [],
  most: 1,
});
