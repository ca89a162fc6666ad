import { expose, releaseProxy, type ProxyMethods } from 'comlink';
import { afterAll } from '@jest/globals';
import path from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Heard } from '../workers/bench.js';
import type { JobKind } from '../workers/jobs/registry.js';

/** What the thread of the kitchen says about a job; a part waits until it is known whether more is wanted. */
type Said =
  | { job: number; progress: string }
  | { job: number; part: unknown; at: number }
  | { job: number; answer: unknown }
  | { job: number; fault: string };

interface Doing {
  heard: Heard;
  resolve(answer: unknown): void;
  reject(fault: Error): void;
}

/**
 * A thread beside the page, as in a browser: inside the page of a test each `Math` and each `Map` is looked up in jsdom's
 * window, and composing takes thrice as long.
 */
class Thread {
  private readonly worker = new Worker(path.resolve('app/testing/kitchen-start.mjs'));
  private readonly doing = new Map<number, Doing>();
  private jobs = 0;

  constructor() {
    this.worker.unref();
    this.worker.on('message', (said: Said) => void this.hear(said));
    this.worker.on('error', (fault) => this.doing.forEach((doing) => doing.reject(fault as Error)));
  }

  run(kind: JobKind, input: unknown, heard: Heard): Promise<unknown> {
    const job = this.jobs++;
    return new Promise((resolve, reject) => {
      this.doing.set(job, { heard, resolve, reject });
      this.worker.postMessage({ job, kind, input });
    });
  }

  private async hear(said: Said): Promise<void> {
    const doing = this.doing.get(said.job)!;
    if ('progress' in said) return void doing.heard.progress(said.progress);
    if ('part' in said) {
      // who is gone wants nothing more
      const wanted = await Promise.resolve(doing.heard.part(said.part)).catch(() => false);
      return this.worker.postMessage({ job: said.job, at: said.at, wanted });
    }
    this.doing.delete(said.job);
    if ('fault' in said) doing.reject(new Error(said.fault));
    else doing.resolve(said.answer);
  }

  end(): Promise<unknown> {
    return this.worker.terminate();
  }
}

let thread: Thread | undefined;
afterAll(() => thread?.end());

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

/** A browser's worker to who asks it; its jobs are done in the kitchen's thread. */
export class InlineWorker extends Port {
  constructor() {
    super();
    const inside = new Port();
    [this.other, inside.other] = [inside, this];
    const run = async (kind: JobKind, input: unknown, heard: Heard): Promise<unknown> => {
      if (kind === 'warm') return null;
      if (NEVER_DONE.has(kind)) return new Promise(() => undefined);
      try {
        return await (thread ??= new Thread()).run(kind, input, heard);
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
