import { useEffect } from 'react';
import { create } from 'zustand';
import type { Tried } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import type { TriedOf } from '../workers/jobs/trial.js';
import { ask, type Running } from '../workers/kitchen.js';
import { Cancelled } from '../workers/pool.js';

/** The remedies of each slip of a plan, tried on the whole of it beside the page. A slip that is missing is being tried. */
interface Trials {
  tried: ReadonlyMap<string, readonly Tried[]>;
  /** The plan that they are tried on; null while none is. */
  of: Plan | null;
  /** The remedies that are missing could not be tried. */
  failed: boolean;
}

export const useTrials = create<Trials>(() => ({ tried: new Map(), of: null, failed: false }));

let running: Running<null> | undefined;
/** A plan that changes with every key is tried when it rests. */
const RESTS_MS = 120;

/** Tries them now; a trial that fails is begun once more. */
export function begin(plan: Plan, again = false): void {
  // one that still tries an older plan is of no use any more
  running?.stop();
  useTrials.setState({ of: plan, failed: false });
  running = ask(
    'trial',
    { plan },
    {
      part: ({ key, tried }: TriedOf) => {
        if (useTrials.getState().of === plan)
          useTrials.setState((now) => ({ tried: new Map(now.tried).set(key, tried) }));
      },
    },
  );
  running.done.catch((why: unknown) => {
    // what is cancelled is tried for the newer plan
    if (why instanceof Cancelled || useTrials.getState().of !== plan) return;
    if (!again) return begin(plan, true);
    // "being tried" for ever would be untrue: the slips say that it failed
    useTrials.setState({ failed: true });
  });
}

/** Tries them anew after a failure. */
export function tryAgain(): void {
  const { of } = useTrials.getState();
  if (of) begin(of);
}

/** Has the remedies of this plan tried; the results come in one by one. */
export function useTrialsOf(plan: Plan): void {
  useEffect(() => {
    // a plan that was only looked at and is gone again has taken what was tried with it
    if (useTrials.getState().of === plan) return undefined;
    useTrials.setState({ tried: new Map(), of: null, failed: false });
    const timer = setTimeout(() => begin(plan), RESTS_MS);
    return () => clearTimeout(timer);
  }, [plan]);
}
