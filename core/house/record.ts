import type { z } from 'zod';

/** A kind of thing that outlives a plan. Its records are kept, brought in and saved each for itself. */
export interface HouseRecord<T = unknown> {
  /** As the page "Your house" heads its list. */
  title: string;
  /** What one is called there, and what is said while there is none. */
  one: string;
  none: string;
  /** Of the shape that is written now. */
  version: number;
  schema: z.ZodType<T>;
  /** Two with the same key are one: the newer takes the older's place. */
  keyOf(value: T): string;
  nameOf(value: T): string;
  /** From a version to the next one; the first is from version 1 to 2. */
  migrations: readonly ((value: unknown) => unknown)[];
  /** More than so many are not kept. */
  most: number;
}

export const record = <T>(kept: HouseRecord<T>): HouseRecord<T> => kept;
