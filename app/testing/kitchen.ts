import { expose, releaseProxy, type ProxyMethods } from 'comlink';
import type { Solver } from '../../core/compose/index.js';
import { runJob, type Heard } from '../workers/bench.js';
import type { JobRecord } from '../workers/job.js';
import { JOBS, type JobKind } from '../workers/jobs/registry.js';

let solver: Promise<Solver> | undefined;
const bringSolver = (): Promise<Solver> =>
  (solver ??= import('../../solver/node.js').then((node) => node.nodeSolver()));

/** One end of a way for messages, as a browser's port: what is posted comes out at the other end, in a turn of its own. */
class Port extends EventTarget {
  other!: Port;
  private closed = false;

  postMessage(data: unknown): void {
    const { other } = this;
    setImmediate(() => {
      if (!this.closed && !other.closed) other.dispatchEvent(new MessageEvent('message', { data }));
    });
  }

  start(): void {}

  close(): void {
    this.closed = true;
  }
}

export class Channel {
  readonly port1 = new Port();
  readonly port2 = new Port();

  constructor() {
    this.port1.other = this.port2;
    this.port2.other = this.port1;
  }
}

/** Jobs that are asked for and never done: boards are not painted, for jsdom has no brush; a test adds what it does not wait for. */
export const NEVER_DONE = new Set<JobKind>(['picture']);

/** Does the jobs of a worker in the test's own thread. */
export class InlineWorker extends Port {
  constructor() {
    super();
    const inside = new Port();
    [this.other, inside.other] = [inside, this];
    const run = async (kind: JobKind, input: unknown, heard: Heard): Promise<unknown> => {
      if (kind === 'warm') return null;
      if (NEVER_DONE.has(kind)) return new Promise(() => undefined);
      try {
        return structuredClone(
          await runJob((await JOBS[kind]()) as JobRecord, structuredClone(input), heard, bringSolver),
        );
      } finally {
        (heard as Heard & Partial<ProxyMethods>)[releaseProxy]?.();
      }
    };
    expose({ run }, inside as never);
  }

  terminate(): void {
    this.close();
  }
}
