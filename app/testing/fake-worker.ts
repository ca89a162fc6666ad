import { expose, releaseProxy, type ProxyMethods } from 'comlink';
import type { Heard } from '../workers/bench.js';
import type { JobKind } from '../workers/jobs/registry.js';

/** What a fake worker was asked for; the test says what comes back. */
export interface Asked {
  worker: FakeWorker;
  kind: JobKind;
  input: Record<string, unknown>;
  heard: Heard;
  answer(value: unknown): void;
  fail(reason: string): void;
}

/** Stands in for a browser's worker: the page talks to it as to a real one, the test answers. */
export class FakeWorker extends EventTarget {
  static all: FakeWorker[] = [];
  static asked: Asked[] = [];
  ended = false;
  private readonly channel = new MessageChannel();
  private readonly ears: (Heard & Partial<ProxyMethods>)[] = [];

  constructor() {
    super();
    FakeWorker.all.push(this);
    const run = (kind: JobKind, input: Record<string, unknown>, heard: Heard): Promise<unknown> =>
      new Promise((resolve, reject) => {
        this.ears.push(heard);
        FakeWorker.asked.push({
          worker: this,
          kind,
          input,
          heard,
          answer: resolve,
          fail: (reason) => reject(new Error(reason)),
        });
        if (kind === 'warm') resolve(null);
      });
    expose({ run }, this.channel.port2 as never);
    this.channel.port1.addEventListener('message', (event) =>
      this.dispatchEvent(new MessageEvent('message', { data: (event as MessageEvent).data })),
    );
    this.channel.port1.start();
  }

  postMessage(message: unknown, transfer: never[] = []): void {
    this.channel.port1.postMessage(message, transfer);
  }

  terminate(): void {
    this.ended = true;
    for (const ear of this.ears.splice(0)) ear[releaseProxy]?.();
    this.channel.port1.close();
  }

  static working(): FakeWorker[] {
    return FakeWorker.all.filter((fakeWorker) => !fakeWorker.ended);
  }

  /** Ends all of them, so that the test process can end. */
  static async clear(): Promise<void> {
    // what is on its way arrives first: an ear that nobody received could not be let go
    await new Promise((r) => setTimeout(r, 20));
    for (const fakeWorker of FakeWorker.all) fakeWorker.terminate();
    FakeWorker.all = [];
    FakeWorker.asked = [];
  }
}

export async function until(test: () => boolean): Promise<void> {
  for (let i = 0; i < 300; i++) {
    if (test()) return;
    await new Promise((r) => setTimeout(r, 5));
  }
  throw new Error('waited in vain');
}

/** The next question of this kind that was not answered yet. */
export async function nextAsked(kind: JobKind): Promise<Asked> {
  await until(() => FakeWorker.asked.some((asked) => asked.kind === kind));
  const at = FakeWorker.asked.findIndex((asked) => asked.kind === kind);
  return FakeWorker.asked.splice(at, 1)[0]!;
}
