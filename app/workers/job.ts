import type { z } from 'zod';
import { readPlan, type Plan } from '../../core/plan/index.js';
import type { Solver } from '../../core/compose/index.js';
import { inEnglish } from '../../core/words/index.js';

/** What a job has at hand while it runs. */
export interface Bench {
  /** The solver, in memory from the first call on. */
  solver(): Promise<Solver>;
  /** What is being done now, in words. */
  progress(words: string): void;
  /**
   * Something usable before the answer: a first board, the remedies of one slip. Tells, once the page has heard it,
   * whether the rest is still wanted: a job in many parts that waits for this can be stopped without losing its worker.
   */
  part(value: unknown): Promise<boolean>;
}

/** A job of a worker: what it takes, what it gives, and how. It stores nothing; the same input gives the same answer. */
export interface JobRecord<I = never, O = unknown> {
  /** What it does, in words, before it says more itself. */
  words: string;
  /** Checked on arrival: what comes over a border may be anything. */
  input: z.ZodType<I>;
  run(input: I, bench: Bench): O | Promise<O>;
}

export const job = <I, O>(record: JobRecord<I, O>): JobRecord<I, O> => record;

/** A plan as it arrives: read like a file. Throws with field and reason. */
export function planRead(value: unknown): Plan {
  const read = readPlan(value);
  if (!read.ok) throw new Error(`${read.problems[0]!.path}: ${inEnglish(read.problems[0]!.reason)}`);
  return read.plan;
}
