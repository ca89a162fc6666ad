import { parentPort } from 'node:worker_threads';
import { nodeSolver } from '../../solver/node.js';
import { runJob } from '../workers/bench.js';
import type { JobRecord } from '../workers/job.js';
import { JOBS, type JobKind } from '../workers/jobs/registry.js';

/** Does the real jobs for a test of the interface: see kitchen.ts, which speaks with it. */
type Asked = { job: number; kind: JobKind; input: unknown } | { job: number; at: number; wanted: boolean };

let solver: ReturnType<typeof nodeSolver> | undefined;
const answers = new Map<number, (wanted: boolean) => void>();
let parts = 0;

async function run(job: number, kind: JobKind, input: unknown): Promise<void> {
  const say = (said: object): void => parentPort!.postMessage({ job, ...said });
  const heard = {
    progress: (words: string) => say({ progress: words }),
    part: (part: unknown) =>
      new Promise<boolean>((wanted) => {
        const at = parts++;
        answers.set(at, wanted);
        say({ part, at });
      }),
  };
  try {
    const record = (await JOBS[kind]()) as JobRecord;
    say({ answer: await runJob(record, input, heard, () => (solver ??= nodeSolver())) });
  } catch (fault) {
    say({ fault: fault instanceof Error ? fault.message : String(fault) });
  }
}

parentPort!.on('message', (asked: Asked) => {
  if ('kind' in asked) return void run(asked.job, asked.kind, asked.input);
  answers.get(asked.at)?.(asked.wanted);
  answers.delete(asked.at);
});
