import { expose, releaseProxy, type ProxyMethods } from 'comlink';
import { z } from 'zod';
import type { Solver } from '../../core/compose/index.js';
import { runJob, type Heard } from './bench.js';
import type { JobRecord } from './job.js';
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

const bringSolver = (): Promise<Solver> => (solver ??= loadSolver().catch(again));

/** A solver that could not be fetched is fetched anew by the next job. */
function again(error: unknown): never {
  solver = undefined;
  throw error;
}

const worker = {
  /** Runs one job to its end; throws what went wrong, with field and reason where the input was. */
  async run(kind: JobKind, input: unknown, heard: Heard): Promise<unknown> {
    try {
      return await runJob((await JOBS[kind]()) as JobRecord, input, heard, bringSolver);
    } finally {
      // the page's ear is let go with the job
      (heard as Heard & Partial<ProxyMethods>)[releaseProxy]?.();
    }
  },
};

export type BenchWorker = typeof worker;

expose(worker);
// a worker that is named for its job fetches it at once; what fails here is told by the job itself
void JOBS[self.name as JobKind]?.().catch(() => undefined);
