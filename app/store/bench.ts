import { useEffect } from 'react';
import { create } from 'zustand';
import type { Cut } from '../../core/plan/index.js';
import type { Nested } from '../workers/jobs/nest.js';
import { ask, Cancelled, type Running } from '../workers/kitchen.js';
import { toast } from '../ui/toast.js';
import { useSession } from './session.js';

/** What was found for a slice with its cutters; `over` when nothing better is looked for any more. */
export interface OnBench extends Nested {
  over: boolean;
}

interface Bench {
  /** By what was asked. */
  found: ReadonlyMap<string, OnBench>;
  /** What is being looked for; null while the bench rests. */
  pressing: string | null;
  /** Leaves it at the best that was found so far. */
  stop(): void;
}

/** Answers that are kept; the oldest go first. */
const MOST_KEPT = 30;

let running: Running<Nested> | undefined;

export const useBench = create<Bench>((set, get) => ({
  found: new Map(),
  pressing: null,
  stop() {
    const { pressing, found } = get();
    if (pressing === null) return;
    running?.stop();
    const best = found.get(pressing);
    set({ pressing: null, found: best ? kept(found, pressing, { ...best, over: true }) : found });
  },
}));

function kept(found: ReadonlyMap<string, OnBench>, key: string, best: OnBench): Map<string, OnBench> {
  const now = new Map(found);
  now.delete(key);
  now.set(key, best);
  for (const oldest of now.keys()) {
    if (now.size <= MOST_KEPT) break;
    now.delete(oldest);
  }
  return now;
}

const keys = new WeakMap<Cut, string>();

/** All that the places of the pieces hang on. */
export function benchKey(cut: Cut): string {
  const known = keys.get(cut);
  if (known !== undefined) return known;
  const { slice, cutters, gapMm, marginMm, turns, seed, pieces } = cut;
  const asked = cutters.map(({ outline, want }) => [outline, want]);
  const key = JSON.stringify([slice, asked, gapMm, marginMm, turns, seed, pieces.filter((p) => p.locked)]);
  keys.set(cut, key);
  return key;
}

/** Is there more to find than what hands have set? */
export const isBare = ({ pieces }: Cut): boolean => pieces.every((piece) => piece.locked);

async function press(cut: Cut, key: string): Promise<void> {
  const keep = (nested: Nested, over: boolean): void =>
    useBench.setState((now) => ({ found: kept(now.found, key, { ...nested, over }) }));
  running?.stop();
  useBench.setState({ pressing: key });
  const job = ask('nest', { cut }, { part: (nested: Nested) => keep(nested, false) });
  running = job;
  try {
    keep(await job.done, true);
  } catch (error) {
    if (!(error instanceof Cancelled)) toast.error(error instanceof Error ? error.message : String(error));
  } finally {
    if (running === job) useBench.setState({ pressing: null });
  }
}

/** The name of the step that a change on the bench makes: what is found for it is one step with it. */
export const CUT_STEP = 'change what is cut out';

/**
 * The best places so far for a cut that nobody has nested yet; undefined for one that lies as it is kept. `kept`: it is in
 * the plan, and what is found goes there.
 */
export function useNested(cut: Cut | undefined, isKept: boolean): OnBench | undefined {
  const key = cut && isBare(cut) ? benchKey(cut) : undefined;
  const best = useBench((bench) => (key === undefined ? undefined : bench.found.get(key)));
  const amend = useSession((session) => session.amend);
  useEffect(() => {
    if (!cut || key === undefined) return;
    if (!best && useBench.getState().pressing !== key) void press(cut, key);
    else if (best?.over && isKept && best.pieces.some((piece) => !piece.locked))
      amend({ name: 'set-cut', cut: { ...cut, pieces: best.pieces } }, CUT_STEP);
  }, [cut, key, best, isKept, amend]);
  return best;
}
