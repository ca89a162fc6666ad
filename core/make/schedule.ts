import type { Equipment } from '../catalogue/index.js';
import type { Plan, WorkOfDay } from '../plan/index.js';
import { leastCost } from './bound.js';
import { Search, firstFit, type Day, type Days } from './day.js';
import { handsOf, onDaysBefore } from './hands.js';
import { faultsOfDay, type Fault } from './prove.js';
import { tasksOf } from './tasks/index.js';
import type { Hand, Kitchen, Minute, Task } from './task.js';

export interface Schedule {
  tasks: readonly Task[];
  hands: readonly Hand[];
  kitchen: Kitchen;
  day: Day;
  /** No day costs less than this. */
  bound: number;
  /** What is wrong with it; empty is the proof that it can be worked. */
  faults: Fault[];
}

/** Orders that are tried: fewer where each takes longer. Never a clock, so that the same plan gives the same day. */
export const roundsFor = (tasks: number): number =>
  Math.max(150, Math.min(2500, Math.round(6_000_000 / Math.max(1, tasks) ** 2)));

/** The plan's work, hands and kitchen, and what its hands have pinned; nothing new begins before `now`. */
export function daysOf(plan: Plan, now?: Minute): Days {
  const hands = handsOf(plan);
  const pinned = plan.day.tasks.filter((work) => work.pinned);
  return {
    tasks: onDaysBefore(tasksOf(plan), hands),
    hands,
    kitchen: plan.day.kitchen,
    stays: staying(pinned),
    ...(now === undefined ? {} : { now }),
  };
}

const staying = (works: readonly WorkOfDay[]): NonNullable<Days['stays']> =>
  new Map(works.map(({ task, hand, startMin }) => [task, { hand, start: startMin, fixed: true }]));

/** What has happened since the day was laid out. */
export interface Since {
  now: Minute;
  /** Hands that left, by id. */
  gone?: readonly string[];
  /** Equipment that failed: one of each name. */
  failed?: readonly Equipment[];
}

/** No minute of a plan lies before it. */
const EARLIEST_MIN = -20_160;

/**
 * The rest of a day that is under way: what is done is done, what is being worked on stays, and of the rest as little is
 * moved as can be. What should be over and was not ticked is late: it begins now or after. What is done stands in the day
 * all the same: it has soiled boards.
 */
export function restOf(plan: Plan, { now, gone = [], failed = [] }: Since): Days {
  const days = daysOf(plan);
  const kitchen = { ...days.kitchen };
  for (const kind of failed) kitchen[kind] = Math.max(0, kitchen[kind] - 1);
  const hands = days.hands.map((hand) => (gone.includes(hand.id) ? { ...hand, shifts: [] } : hand));
  const handsMin = new Map(days.tasks.map((task) => [task.id, task.handsMin]));
  const stays = new Map<string, { hand: string; start: Minute; fixed: boolean }>();
  for (const { task, hand, startMin, pinned, doneMin } of plan.day.tasks) {
    const long = handsMin.get(task) ?? 0;
    const runs = startMin < now && startMin + long > now && !gone.includes(hand);
    if (doneMin !== null)
      stays.set(task, { hand, start: Math.max(EARLIEST_MIN, Math.min(doneMin, now) - long), fixed: true });
    else if (runs) stays.set(task, { hand, start: startMin, fixed: true });
    else if (startMin >= now && !gone.includes(hand))
      stays.set(task, { hand, start: startMin, fixed: pinned });
  }
  return { ...days, hands, kitchen, now, stays };
}

/** The answer of a search as it stands, judged by itself. */
export const scheduled = (days: Days, day: Day): Schedule => ({
  tasks: days.tasks,
  hands: days.hands,
  kitchen: days.kitchen,
  day,
  bound: leastCost(days),
  faults: faultsOfDay(days.tasks, day.placed, days.hands, days.kitchen),
});

/** The best day that so many orders give: deterministic for days, seed and rounds. */
export function searched(days: Days, seed: number, rounds = roundsFor(days.tasks.length)): Schedule {
  const search = new Search(days, seed);
  for (let k = 0; k < rounds && search.best.cost.sum > 0; k++) search.step();
  return scheduled(days, search.best);
}

export const scheduleOf = (
  plan: Plan,
  { seed = plan.seed, rounds, now }: { seed?: number; rounds?: number; now?: Minute } = {},
): Schedule => searched(daysOf(plan, now), seed, rounds);

/** The day that is written down as it comes; kept beside the search to be measured against. */
export const firstFitOf = (plan: Plan): Schedule => {
  const days = daysOf(plan);
  return scheduled(days, firstFit(days));
};

/** The day as the plan keeps it: pins and ticks stay. */
export function keptDay(plan: Plan, { day }: Schedule): WorkOfDay[] {
  const before = new Map(plan.day.tasks.map((work) => [work.task, work]));
  const placed = day.placed.map(({ task, hand, start }): WorkOfDay => ({
    task,
    hand,
    startMin: start,
    pinned: before.get(task)?.pinned ?? false,
    doneMin: before.get(task)?.doneMin ?? null,
  }));
  const there = new Set(placed.map(({ task }) => task));
  return [...placed, ...plan.day.tasks.filter(({ task, doneMin }) => doneMin !== null && !there.has(task))];
}
