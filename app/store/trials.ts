import { useEffect } from 'react';
import { create } from 'zustand';
import type { Tried } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import type { TriedOf } from '../workers/jobs/trial.js';
import { ask, type Running } from '../workers/kitchen.js';
import { Cancelled } from '../workers/pool.js';

/** The remedies of slips that somebody looks at, tried on the whole of a plan beside the page. One that is missing is being tried. */
interface Trials {
  tried: ReadonlyMap<string, readonly Tried[]>;
  /** The plan that they are tried on; null while none is. */
  of: Plan | null;
  /** The remedies that are missing could not be tried. */
  failed: boolean;
}

const NOTHING: Trials = { tried: new Map(), of: null, failed: false };
export const useTrials = create<Trials>(() => NOTHING);

let running: { of: Plan; job: Running<null> }[] = [];
/** The slips whose remedies were asked for, of the plan that is tried now. */
let asked = new Set<string>();
/** A plan that changes with every key is tried when it rests. */
const RESTS_MS = 120;

/** Tries the remedies of these slips now; a trial that fails is begun once more. */
export function begin(plan: Plan, keys: readonly string[], again = false): void {
  // one that still tries an older plan is of no use any more
  for (const { of, job } of running) if (of !== plan) job.stop();
  if (useTrials.getState().of !== plan) asked = new Set();
  for (const key of keys) asked.add(key);
  useTrials.setState({ of: plan, failed: false });
  const job = ask(
    'trial',
    { plan, keys: [...keys] },
    {
      part: ({ key, tried }: TriedOf) => {
        if (useTrials.getState().of === plan)
          useTrials.setState((now) => ({ tried: new Map(now.tried).set(key, tried) }));
      },
    },
  );
  running = [...running.filter(({ of }) => of === plan), { of: plan, job }];
  job.done.catch((why: unknown) => {
    // what is cancelled is tried for the newer plan
    if (why instanceof Cancelled || useTrials.getState().of !== plan) return;
    if (!again) return begin(plan, keys, true);
    // "being tried" for ever would be untrue: the slips say that it failed
    useTrials.setState({ failed: true });
  });
}

/** Tries them anew after a failure. */
export function tryAgain(): void {
  const { of, tried } = useTrials.getState();
  if (of)
    begin(
      of,
      [...asked].filter((key) => !tried.has(key)),
    );
}

/** Has the remedies of these slips of the plan tried, or of none before they are known; the results come in one by one. */
export function useTrialsOf(plan: Plan, keys: readonly string[] | null): void {
  const wanted = keys?.join(BETWEEN) ?? null;
  useEffect(() => {
    const isTried = useTrials.getState().of === plan;
    if (!isTried) useTrials.setState(NOTHING);
    const missing = (wanted ?? '').split(BETWEEN).filter((key) => key && !(isTried && asked.has(key)));
    if (missing.length === 0) return undefined;
    const timer = setTimeout(() => begin(plan, missing), RESTS_MS);
    return () => clearTimeout(timer);
  }, [plan, wanted]);
}

/** Stands in no key. */
const BETWEEN = '\n';
