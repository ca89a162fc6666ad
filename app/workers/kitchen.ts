import type { JobAnswer, JobInput, JobKind } from './jobs/registry.js';
import { Pool, type Hearing, type Running } from './pool.js';

export { Cancelled, Died, type Running } from './pool.js';

const start = (): Worker => new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' });

/** Who composes, lays and swaps: two, with the solver in memory, the second from the first job on. */
const kitchen = new Pool(2, start, 'warm');
/** Who draws, and who tries remedies, never wait for a board that is being composed. */
const painter = new Pool(1, start);
const taster = new Pool(1, start);
/** Who looks at each edit waits for nobody, and brings what it looks with before it is asked. */
const inspector = new Pool(
  1,
  () => new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module', name: 'check' }),
);

/** Who presses cutters hears after each few packings whether it is still wanted. */
const presser = new Pool(1, start);

/** Surfaces that are laid side by side: as many as there are cores beside the page's own, four at most. */
export const LAYERS = Math.max(1, Math.min(4, (globalThis.navigator?.hardwareConcurrency ?? 2) - 1));
/** Who lays holds no solver, and does not wait for who composes. */
const layers = new Pool(LAYERS, start);

const POOLS: Partial<Record<JobKind, Pool>> = {
  lay: layers,
  arrange: layers,
  'make-way': layers,
  'fix-laid': layers,
  figures: layers,
  picture: painter,
  trial: taster,
  check: inspector,
  nest: presser,
  day: presser,
};

/** Called as soon as a plan is on its way: who looks at it first is there. */
export const wakeInspector = (): void => inspector.warm();

/** Called at page load: a worker is there, with the solver in memory. */
export const warmKitchen = (): void => kitchen.warm();

/** Has a job done beside the page. A fault is an error with its reason; a worker that dies is replaced and said. */
export const ask = <K extends JobKind>(
  kind: K,
  input: JobInput<K>,
  on: Hearing = {},
): Running<JobAnswer<K>> => {
  // what is composed is laid after it
  if (kind === 'compose') layers.warm();
  return (POOLS[kind] ?? kitchen).ask(kind, input, on);
};
