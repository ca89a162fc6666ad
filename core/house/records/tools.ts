import { z } from 'zod';
import { planSchema } from '../../plan/index.js';
import { record } from '../record.js';

/** Bowls and tools that are in the house, counted once. */
export const ownedToolsSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  bowls: planSchema.shape.bowls,
  tools: planSchema.shape.tools,
});
export type OwnedTools = z.infer<typeof ownedToolsSchema>;

export const tools = record({
  title: 'Bowls and tools',
  one: 'set',
  none: 'Count your bowls once, and take them to every plan.',
  version: 1,
  schema: ownedToolsSchema,
  keyOf: (t) => t.name,
  nameOf: (t) => t.name,
  migrations: [],
  most: 20,
});
