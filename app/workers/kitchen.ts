import type { Plan } from '../../core/plan/index.js';
import type { Answer, Job, Message } from './contract.js';

export interface Running<A extends Answer> {
  done: Promise<A>;
  /** A solver in WASM hears nothing while it runs: the busy worker is dropped and the warm spare takes over. */
  cancel(): void;
}

export class Cancelled extends Error {}

interface Waiting {
  resolve(answer: Answer): void;
  reject(error: Error): void;
  onFirst: ((plan: Plan) => void) | undefined;
  onProgress: ((words: string) => void) | undefined;
}

function start(): Worker {
  return new Worker(new URL('./kitchen.worker.ts', import.meta.url), { type: 'module' });
}

let busy: Worker | undefined;
let spare: Worker | undefined;
let counter = 0;
const waiting = new Map<number, Waiting>();

function listen(worker: Worker): Worker {
  worker.onmessage = (event: MessageEvent<Message>) => {
    const message = event.data;
    const w = waiting.get(message.id);
    if (!w) return;
    if (message.type === 'first') w.onFirst?.(message.plan);
    else if (message.type === 'progress') w.onProgress?.(message.words);
    else {
      waiting.delete(message.id);
      if (message.type === 'done') w.resolve(message.answer);
      else w.reject(new Error(message.reason));
    }
  };
  return worker;
}

const warm = (worker: Worker): void => worker.postMessage({ id: 0, job: { kind: 'warm' } });

/** Called at page load: two workers, both with the solver in memory. */
export function warmKitchen(): void {
  busy ??= listen(start());
  warm(busy);
  if (!spare) {
    spare = listen(start());
    warm(spare);
  }
}

function drop(): void {
  busy?.terminate();
  busy = spare ?? listen(start());
  spare = listen(start());
  warm(spare);
  for (const [id, w] of waiting) {
    waiting.delete(id);
    w.reject(new Cancelled('cancelled'));
  }
}

export function ask<J extends Job>(
  job: J,
  on: { first?: (plan: Plan) => void; progress?: (words: string) => void } = {},
): Running<Extract<Answer, { kind: J['kind'] }>> {
  busy ??= listen(start());
  const id = ++counter;
  const done = new Promise<Answer>((resolve, reject) => {
    waiting.set(id, { resolve, reject, onFirst: on.first, onProgress: on.progress });
  });
  busy.postMessage({ id, job });
  return {
    done: done as Promise<Extract<Answer, { kind: J['kind'] }>>,
    cancel() {
      if (waiting.has(id)) drop();
    },
  };
}
