import type { Solver } from '../../core/compose/index.js';
import type { Bench, JobRecord } from './job.js';

/** What the page hears while a job runs; each is over when the page has heard it. `part` may answer: no more. */
export interface Heard {
  progress(words: string): unknown;
  part(value: unknown): unknown;
}

/**
 * One job from its input to its answer. The answer goes to the page on a way of its own and would overtake the last
 * parts, which nobody listens to any more then: it waits until they were heard.
 */
export async function runJob(
  record: JobRecord,
  input: unknown,
  heard: Heard,
  solver: () => Promise<Solver>,
): Promise<unknown> {
  const read = record.input.safeParse(input);
  if (!read.success) throw new Error(read.error.issues.map((issue) => issue.message).join('; '));
  const told: Promise<boolean>[] = [];
  // a page that is gone wants nothing more, and is no fault of the job
  const hear = (answer: unknown): Promise<boolean> => {
    const wanted = Promise.resolve(answer).then(
      (more) => more !== false,
      () => false,
    );
    told.push(wanted);
    return wanted;
  };
  const bench: Bench = {
    solver,
    progress: (words) => void hear(heard.progress(words)),
    part: (value) => hear(heard.part(value)),
  };
  bench.progress(record.words);
  const answer = await record.run(read.data, bench);
  await Promise.all(told);
  return answer;
}
