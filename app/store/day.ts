import { create } from 'zustand';
import { keptDay, scheduleOf, type Since, type Way } from '../../core/make/index.js';
import { parseLocalTime } from '../../core/measure/index.js';
import type { Plan } from '../../core/plan/index.js';
import { ask, Cancelled, type Running } from '../workers/kitchen.js';
import type { DayFound } from '../workers/jobs/day.js';
import { toast } from '../ui/toast.js';
import { t } from '../words/index.js';
import { onOtherPlan, useSession } from './session.js';

interface DayJobs {
  busy: boolean;
  /** What would help with the day that was laid out last, and for which plan; gone with the next one. */
  ways: Way[];
  about: string | null;
  /** Lays the day out, and keeps it; pins and ticks stay. `amends`: one step of undo with the edit that called for it. */
  layOut(plan: Plan, amends?: string): Promise<void>;
  /** The rest of a day that is under way is laid out anew, as little changed as can be. */
  goOn(plan: Plan, since: Since): Promise<void>;
}

/** Minutes from opening to now, as this machine's clock has it. */
export function nowMinute(plan: Plan, now = new Date()): number {
  const opens = parseLocalTime(plan.occasion.start);
  if (!opens) return -Infinity;
  // the plan's time is local: its figures are read as if they were universal time
  const local = now.getTime() - now.getTimezoneOffset() * 60_000;
  return Math.floor((local - opens.getTime()) / 60_000);
}

/** A party of the past, or far away, is laid out as if there were time enough. */
function notBefore(plan: Plan): { notBefore?: number } {
  const now = nowMinute(plan);
  return now > -20_160 && now < 0 ? { notBefore: now } : {};
}

const LABEL = t('lay out the day');

/** The edit that keeps a day; put into one step with `amends` where that is the last one. */
function keep(tasks: DayFound['tasks'], amends: string | undefined): void {
  const command = {
    name: 'together' as const,
    label: LABEL,
    commands: [{ name: 'set-day' as const, tasks }],
  };
  if (amends === undefined) useSession.getState().edit(command);
  else useSession.getState().amend(command, amends);
}

/** What a day hangs on: it is not kept for a plan that has changed since. */
const key = (plan: Plan | null): string =>
  JSON.stringify(
    plan && [plan.id, plan.placements, plan.surfaces, plan.occasion, plan.day.hands, plan.day.kitchen],
  );

let running: Running<DayFound> | undefined;

const isOpen = (plan: Plan): boolean => useSession.getState().planId === plan.id;

export const useDay = create<DayJobs>((set) => ({
  busy: false,
  ways: [],
  about: null,

  async layOut(plan, amends) {
    set({ busy: true, ways: [] });
    let label = amends;
    const show = (found: Pick<DayFound, 'tasks'>): void => {
      if (key(useSession.getState().plan) !== key(plan)) return;
      keep(found.tasks, label);
      // what comes after the first is the same step
      label ??= LABEL;
    };
    // a first day at once, from this thread: it takes a few milliseconds; a better one comes from beside
    const soonest = notBefore(plan);
    const first = scheduleOf(plan, {
      rounds: 0,
      ...(soonest.notBefore === undefined ? {} : { now: soonest.notBefore }),
    });
    show({ tasks: keptDay(plan, first) });
    try {
      const job = ask('day', { plan, ...soonest }, { part: show });
      running = job;
      const found = await job.done;
      show(found);
      if (isOpen(plan)) set({ ways: found.ways, about: plan.id });
    } catch (error) {
      if (!(error instanceof Cancelled)) toast.error(error instanceof Error ? error.message : String(error));
    } finally {
      if (isOpen(plan)) set({ busy: false });
    }
  },

  async goOn(plan, since) {
    set({ busy: true, ways: [] });
    try {
      const { now, gone = [], failed = [] } = since;
      const job = ask('day', { plan, since: { now, gone: [...gone], failed: [...failed] } });
      running = job;
      const found = await job.done;
      if (key(useSession.getState().plan) === key(plan)) keep(found.tasks, undefined);
    } catch (error) {
      if (!(error instanceof Cancelled)) toast.error(error instanceof Error ? error.message : String(error));
    } finally {
      if (isOpen(plan)) set({ busy: false });
    }
  },
}));

// a day that is still being laid out is not kept for another plan, and does not hold up that one's
onOtherPlan(() => {
  running?.cancel();
  useDay.setState({ busy: false, ways: [], about: null });
});
