import { z } from 'zod';
import type { Plan } from '../plan.js';

/** One kind of edit: its name on the wire, the words that undo shows, its fields, and what it does to a plan. */
export interface CommandKind<N extends string = string, S extends z.ZodRawShape = z.ZodRawShape> {
  name: N;
  label: string;
  schema: z.ZodObject<{ name: z.ZodLiteral<N> } & S, z.core.$strict>;
  run(plan: Plan, fields: z.infer<z.ZodObject<S>>): Plan;
}

/** Fields are strict: an edit with a field too many is refused, not half understood. */
export function command<N extends string, S extends z.ZodRawShape>(
  name: N,
  label: string,
  shape: S,
  run: (plan: Plan, fields: z.infer<z.ZodObject<S>>) => Plan,
): CommandKind<N, S> {
  const schema = z.strictObject({ name: z.literal(name), ...shape }) as unknown as CommandKind<
    N,
    S
  >['schema'];
  return { name, label, schema, run };
}

export const replaceBy = <T>(items: readonly T[], same: (item: T) => boolean, item: T): T[] =>
  items.some(same) ? items.map((i) => (same(i) ? item : i)) : [...items, item];

export const toggled = <T>(items: readonly T[], item: T, on: boolean): T[] =>
  on ? (items.includes(item) ? [...items] : [...items, item]) : items.filter((i) => i !== item);
