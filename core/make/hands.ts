import { parseLocalTime } from '../measure/index.js';
import type { HandRecord, Plan } from '../plan/index.js';
import { LONG_AGO } from './tasks/context.js';
import type { Hand, Minute, Task } from './task.js';

const DAY_MIN = 1440;
const [FROM, TILL] = ['09:00', '21:00'];
/** Where a party opens in the morning, the day begins so long before it. */
const LEAST_MORNING_MIN = 240;

/** Who helps where nobody has said more: you, and as many helpers as the brief has, the day before and on the day. */
export function usualHands({ work }: Pick<Plan, 'work'>): HandRecord[] {
  const hand = (id: string, name: string): HandRecord => ({
    id,
    name,
    from: FROM,
    till: TILL,
    daysBefore: 1,
    sharp: true,
    fine: true,
  });
  return [
    hand('you', 'You'),
    ...Array.from({ length: work.helpers }, (_, i) => hand(`helper-${i + 1}`, `Helper ${i + 1}`)),
  ];
}

export const handRecords = (plan: Plan): readonly HandRecord[] =>
  plan.day.hands.length > 0 ? plan.day.hands : usualHands(plan);

const minutesOfClock = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));

/** The shifts of a hand in minutes from opening; on the day of the party until it opens. */
export function shiftsOf(hand: HandRecord, start: string): { from: Minute; till: Minute }[] {
  const opens = parseLocalTime(start);
  const opening = opens ? opens.getUTCHours() * 60 + opens.getUTCMinutes() : 0;
  return Array.from({ length: hand.daysBefore + 1 }, (_, back) => hand.daysBefore - back).flatMap((day) => {
    const begin = minutesOfClock(hand.from) - opening - day * DAY_MIN;
    const over = minutesOfClock(hand.till) - opening - day * DAY_MIN;
    const from = day === 0 ? Math.min(begin, -LEAST_MORNING_MIN) : begin;
    const till = day === 0 ? 0 : Math.min(over, 0);
    return till > from ? [{ from, till }] : [];
  });
}

export const handsOf = (plan: Plan): Hand[] =>
  handRecords(plan).map((hand) => ({
    id: hand.id,
    name: hand.name,
    sharp: hand.sharp,
    fine: hand.fine,
    shifts: shiftsOf(hand, plan.occasion.start),
  }));

/** Work that is done ahead is over on the evening before, where somebody is there then; else on the day. */
export function onDaysBefore(tasks: readonly Task[], hands: readonly Hand[]): Task[] {
  const evening = Math.max(
    LONG_AGO,
    ...hands.flatMap(({ shifts }) => shifts.slice(0, -1).map(({ till }) => till)),
  );
  if (evening === LONG_AGO) return [...tasks];
  return tasks.map((task) => {
    const start = evening - task.handsMin;
    return task.ahead && start >= task.from ? { ...task, ripe: Math.min(task.ripe, start) } : task;
  });
}
