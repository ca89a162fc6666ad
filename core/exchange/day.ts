import { createEvents, type DateArray } from 'ics';
import { addMinutes, clockOf } from '../measure/index.js';
import { handRecords, tasksOf, type Task } from '../make/index.js';
import type { Plan, WorkOfDay } from '../plan/index.js';
import { writeTable } from './csv.js';

/** A task of the day as it is written down. */
export interface DayRow {
  work: WorkOfDay;
  task: Task;
  hand: string;
  from: string;
  /** Hands are free. */
  till: string;
  /** The waiting is over. */
  over: string;
}

/** The kept day in order, with local date-times. What the plan does not ask for any more is left out. */
export function dayRows(plan: Plan): DayRow[] {
  const tasks = new Map(tasksOf(plan).map((task) => [task.id, task]));
  const names = new Map(handRecords(plan).map(({ id, name }) => [id, name]));
  const at = (minute: number) => addMinutes(plan.occasion.start, minute);
  return plan.day.tasks
    .flatMap((work): DayRow[] => {
      const task = tasks.get(work.task);
      if (!task) return [];
      const till = work.startMin + task.handsMin;
      return [
        {
          work,
          task,
          hand: names.get(work.hand) ?? work.hand,
          from: at(work.startMin),
          till: at(till),
          over: at(till + task.waitMin),
        },
      ];
    })
    .sort((a, b) => a.work.startMin - b.work.startMin || (a.task.id < b.task.id ? -1 : 1));
}

const dateArray = (time: string): DateArray => [
  Number(time.slice(0, 4)),
  Number(time.slice(5, 7)),
  Number(time.slice(8, 10)),
  Number(time.slice(11, 13)),
  Number(time.slice(14, 16)),
];

/** The day as a calendar (RFC 5545): an event a task, in local time. `words` says what a task is. */
export function dayCalendar(plan: Plan, words: (task: Task) => string): string {
  const rows = dayRows(plan);
  if (rows.length === 0) return '';
  const { error, value } = createEvents(
    rows.map(({ task, hand, from, till, work }) => ({
      title: `${words(task)} (${hand})`,
      start: dateArray(from),
      end: dateArray(till),
      startInputType: 'local' as const,
      startOutputType: 'local' as const,
      endInputType: 'local' as const,
      endOutputType: 'local' as const,
      description: task.waitMin > 0 ? `+ ${task.waitMin} min by itself` : plan.occasion.name,
      location: plan.occasion.place,
      uid: `${plan.id}-${work.task}@round-plate`,
      productId: 'round-plate',
      // the same plan gives the same file
      timestamp: dateArray(plan.occasion.start),
    })),
  );
  if (error || !value) throw error ?? new Error('no calendar');
  return value;
}

/** The day as a table. */
export const dayCsv = (plan: Plan, words: (task: Task) => string): string =>
  writeTable(
    ['from', 'hands free', 'over', 'who', 'what', 'grams', 'hands min', 'wait min', 'done'],
    dayRows(plan).map(({ task, hand, from, till, over, work }) => [
      from,
      clockOf(till),
      clockOf(over),
      hand,
      words(task),
      Math.round(task.massG),
      task.handsMin,
      task.waitMin,
      work.doneMin === null ? '' : 'yes',
    ]),
  );
