import { useEffect, useMemo } from 'react';
import { create } from 'zustand';
import { keptDayOf, type KeptDay } from '../../../core/make/index.js';
import { addMinutes, clockOf, speakTime } from '../../../core/measure/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { useDay } from '../../store/day.js';
import { onOtherPlan, useSession } from '../../store/session.js';

export const MAKE_VIEWS = ['day', 'shopping', 'recipes', 'tools'] as const;
export type MakeView = (typeof MAKE_VIEWS)[number];

interface MakeState {
  view: MakeView;
  /** The task whose card lies on the table. */
  picked: string | null;
  /** Whose work the shelf shows; null for all. */
  hand: string | null;
  /** Whose errands the list shows; null for all. */
  errandsOf: string | null;
  /** Other plans that are bought together with this one. */
  together: readonly string[];
}

/** What is looked at in this tab; no part of a plan. */
export const useMake = create<MakeState>(() => ({
  view: 'day',
  picked: null,
  hand: null,
  errandsOf: null,
  together: [],
}));

// no task, hand or list of one plan is looked for in the next
onOtherPlan(() => useMake.setState(useMake.getInitialState()));

export const useKeptDay = (plan: Plan): KeptDay => useMemo(() => keptDayOf(plan), [plan]);

/** Who arrives finds a day laid out; what hands have made of one is never laid over. */
export function useDayOnArrival(): void {
  useEffect(() => {
    const { plan } = useSession.getState();
    const { busy, layOut } = useDay.getState();
    if (plan && !busy && plan.day.tasks.length === 0 && plan.placements.length > 0) void layOut(plan);
  }, []);
}

/** The local time of a minute of the day. */
export const clockAt = (plan: Plan, minute: number): string =>
  clockOf(addMinutes(plan.occasion.start, minute));

const dateAt = (plan: Plan, minute: number): string => addMinutes(plan.occasion.start, minute).slice(0, 10);

/** The same, with the day where it is not that of the party: "Fri 20:30". */
export const whenAt = (plan: Plan, minute: number): string =>
  dateAt(plan, minute) === dateAt(plan, 0)
    ? clockAt(plan, minute)
    : `${dayAt(plan, minute).slice(0, 3)} ${clockAt(plan, minute)}`;

/** The day of a minute: "Friday 14 May". */
export const dayAt = (plan: Plan, minute: number): string =>
  speakTime(addMinutes(plan.occasion.start, minute), { year: false }).split(',')[0]!;

/** Minutes from midnight of the day of the party to its opening. */
export const sinceMidnight = (plan: Plan): number => {
  const clock = clockOf(plan.occasion.start);
  return Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
};
