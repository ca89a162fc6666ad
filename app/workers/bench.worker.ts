import { expose, releaseProxy, type ProxyMethods } from 'comlink';
import { z } from 'zod';
import type { Solver } from '../../core/compose/index.js';
import type { Bench } from './job.js';
import { JOBS, type JobKind } from './jobs/registry.js';

z.config({ jitless: true });

let solver: Promise<Solver> | undefined;

async function loadSolver(): Promise<Solver> {
  const [{ default: load }, { default: wasmUrl }, { highsSolver }] = await Promise.all([
    import('highs'),
    import('highs/runtime?url'),
    import('../../solver/highs.js'),
  ]);
  return highsSolver((await load({ locateFile: () => wasmUrl })) as never);
}

/** A solver that could not be fetched is fetched anew by the next job. */
function again(error: unknown): never {
  solver = undefined;
  throw error;
}

/** What the page hears while a job runs. */
export interface Heard {
  progress(words: string): unknown;
  part(value: unknown): unknown;
}

async function done(kind: JobKind, input: unknown, heard: Heard): Promise<unknown> {
  const record = await JOBS[kind]();
  const read = record.input.safeParse(input);
  if (!read.success) throw new Error(read.error.issues.map((i) => i.message).join('; '));
  // the answer comes on a way of its own and would overtake the last parts: it waits until they were heard
  const told: unknown[] = [];
  const bench: Bench = {
    solver: () => (solver ??= loadSolver().catch(again)),
    progress: (words) => void told.push(heard.progress(words)),
    part: (value) => void told.push(heard.part(value)),
  };
  bench.progress(record.words);
  const answer: unknown = await record.run(read.data as never, bench);
  await Promise.allSettled(told);
  return answer;
}

const worker = {
  /** Runs one job to its end; throws what went wrong, with field and reason where the input was. */
  async run(kind: JobKind, input: unknown, heard: Heard): Promise<unknown> {
    try {
      return await done(kind, input, heard);
    } finally {
      // the page's ear is let go with the job
      (heard as Heard & Partial<ProxyMethods>)[releaseProxy]?.();
    }
  },
};

export type BenchWorker = typeof worker;

expose(worker);
