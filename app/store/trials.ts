import { useEffect } from 'react';
import { create } from 'zustand';
import type { Tried } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import type { TrialAnswer } from '../workers/trial.worker.js';

/** The remedies of each slip of a plan, tried on the whole of it beside the page. A slip that is missing is being tried. */
interface Trials {
  tried: ReadonlyMap<string, readonly Tried[]>;
}

export const useTrials = create<Trials>(() => ({ tried: new Map() }));

let worker: Worker | undefined;
let counter = 0;
let begunFor: Plan | undefined;
/** A plan that changes with every key is tried when it rests. */
const RESTS_MS = 120;

function begin(plan: Plan): void {
  // one that still tries an older plan is of no use any more
  worker?.terminate();
  worker = new Worker(new URL('../workers/trial.worker.ts', import.meta.url), { type: 'module' });
  begunFor = plan;
  const id = ++counter;
  worker.onmessage = (event: MessageEvent<TrialAnswer>) => {
    if (event.data.id !== counter) return;
    const { key, tried } = event.data;
    useTrials.setState((now) => ({ tried: new Map(now.tried).set(key, tried) }));
  };
  worker.postMessage({ id, plan });
}

/** Has the remedies of this plan tried; the results come in one by one. */
export function useTrialsOf(plan: Plan): void {
  useEffect(() => {
    if (begunFor === plan) return undefined;
    useTrials.setState({ tried: new Map() });
    const timer = setTimeout(() => begin(plan), RESTS_MS);
    return () => clearTimeout(timer);
  }, [plan]);
}
