import { proxy, wrap, type Remote } from 'comlink';
import type { BenchWorker } from './bench.worker.js';
import type { JobAnswer, JobInput, JobKind } from './jobs/registry.js';

export class Cancelled extends Error {}

/** What is told when a worker dies in the middle: out of memory, or its code could not be fetched. */
export class Died extends Error {
  constructor() {
    super('The kitchen stopped in the middle of it. It was started again: try once more.');
  }
}

export interface Running<A> {
  done: Promise<A>;
  /** A solver in WASM hears nothing while it runs: its worker is dropped, another one takes its place. */
  cancel(): void;
  /** For a job that waits for its parts to be heard: it ends after the next one, and its worker stays. */
  stop(): void;
  /** Nobody wants the answer any more: what waits in line is not begun, what runs may end. */
  forget(): void;
}

export interface Hearing {
  progress?: (words: string) => void;
  /** Something usable before the answer. */
  part?: (value: never) => void;
}

interface Waiting {
  kind: JobKind;
  input: unknown;
  on: Hearing;
  stopped: boolean;
  resolve(answer: unknown): void;
  reject(error: Error): void;
}

interface Hand {
  worker: Worker;
  remote: Remote<BenchWorker>;
  doing: Waiting | undefined;
}

/** Workers that do one job each at a time; more jobs wait in line. Each job is cancelled by itself. */
export class Pool {
  private readonly hands: Hand[] = [];
  private readonly line: Waiting[] = [];

  /** `size` workers, each started when those before it have work; each does `first` before anything else. */
  constructor(
    private readonly size: number,
    private readonly start: () => Worker,
    private readonly first?: JobKind,
  ) {}

  /** Has one at hand before there is work. */
  warm(): void {
    if (this.hands.length === 0) this.hire();
  }

  ask<K extends JobKind>(kind: K, input: JobInput<K>, on: Hearing = {}): Running<JobAnswer<K>> {
    let waiting!: Waiting;
    const done = new Promise<unknown>((resolve, reject) => {
      waiting = { kind, input, on, stopped: false, resolve, reject };
    });
    this.line.push(waiting);
    this.next();
    return {
      done: done as Promise<JobAnswer<K>>,
      cancel: () => this.cancel(waiting),
      stop: () => this.stop(waiting),
      forget: () => this.forget(waiting),
    };
  }

  private hire(): Hand {
    const worker = this.start();
    const hand: Hand = { worker, remote: wrap<BenchWorker>(worker), doing: undefined };
    worker.addEventListener('error', () => this.fell(hand));
    worker.addEventListener('messageerror', () => this.fell(hand));
    this.hands.push(hand);
    // a failure here is told by the job that comes after it
    if (this.first) void hand.remote.run(this.first, {}, proxy(SILENT)).catch(() => undefined);
    return hand;
  }

  private next(): void {
    const waiting = this.line[0];
    if (!waiting) return;
    const hand =
      this.hands.find((hand) => hand.doing === undefined) ??
      (this.hands.length < this.size ? this.hire() : undefined);
    if (!hand) return;
    this.line.shift();
    void this.work(hand, waiting);
    // the next one warms while this one works, so that a job cancelled in favour of another costs no waiting
    if (this.hands.length < this.size && this.hands.every((hand) => hand.doing)) this.hire();
    this.next();
  }

  private async work(hand: Hand, waiting: Waiting): Promise<void> {
    hand.doing = waiting;
    const isMine = () => hand.doing === waiting;
    const isHeard = () => isMine() && !waiting.stopped;
    const heard = {
      progress: (words: string) => isHeard() && waiting.on.progress?.(words),
      part: (value: unknown) => {
        if (isHeard()) waiting.on.part?.(value as never);
        return isHeard();
      },
    };
    try {
      const answer = await hand.remote.run(waiting.kind, waiting.input, proxy(heard));
      if (isMine()) waiting.resolve(answer);
    } catch (error) {
      if (isMine()) waiting.reject(error instanceof Error ? error : new Error(String(error)));
    } finally {
      if (isMine()) {
        hand.doing = undefined;
        this.next();
      }
    }
  }

  private cancel(waiting: Waiting): void {
    this.forget(waiting);
    const hand = this.hands.find((hand) => hand.doing === waiting);
    if (hand) this.drop(hand, new Cancelled('cancelled'));
  }

  private stop(waiting: Waiting): void {
    this.forget(waiting);
    waiting.stopped = true;
    waiting.reject(new Cancelled('stopped'));
  }

  private forget(waiting: Waiting): void {
    const at = this.line.indexOf(waiting);
    if (at < 0) return;
    this.line.splice(at, 1);
    waiting.reject(new Cancelled('cancelled'));
  }

  private fell(hand: Hand): void {
    if (this.hands.includes(hand)) this.drop(hand, new Died());
  }

  private drop(hand: Hand, why: Error): void {
    const waiting = hand.doing;
    hand.doing = undefined;
    hand.worker.terminate();
    this.hands.splice(this.hands.indexOf(hand), 1);
    // a new one is warmed while the next job is thought of
    this.hire();
    waiting?.reject(why);
    this.next();
  }
}

const SILENT = { progress: () => undefined, part: () => undefined };
