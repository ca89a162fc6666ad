import { EQUIPMENT } from '../catalogue/index.js';
import { CLEAN_MIN, type Hand, type Kitchen, type Placed, type Task } from './task.js';

/** What is wrong with a day; it knows nothing of how a day is found. */
export type Fault =
  | { kind: 'too-early' | 'too-late' | 'off-shift' | 'not-sharp' | 'not-fine' | 'unknown-hand'; task: string }
  | { kind: 'order'; task: string; before: string }
  | { kind: 'two-at-once'; task: string; other: string }
  | { kind: 'equipment'; task: string; equipment: string }
  | { kind: 'meets'; task: string; other: string }
  | { kind: 'no-time-to-clean'; task: string; other: string }
  | { kind: 'missing'; task: string };

type Told = readonly { placed: Placed; task: Task }[];

function windows(told: Told, hands: readonly Hand[]): Fault[] {
  return told.flatMap(({ placed, task }): Fault[] => {
    const hand = hands.find(({ id }) => id === placed.hand);
    if (!hand) return [{ kind: 'unknown-hand', task: task.id }];
    const there = hand.shifts.some(({ from, till }) => placed.start >= from && placed.handsEnd <= till);
    return [
      ...(placed.start < task.from ? [{ kind: 'too-early' as const, task: task.id }] : []),
      ...(placed.end > task.by ? [{ kind: 'too-late' as const, task: task.id }] : []),
      ...(there ? [] : [{ kind: 'off-shift' as const, task: task.id }]),
      ...(task.sharp && !hand.sharp ? [{ kind: 'not-sharp' as const, task: task.id }] : []),
      ...(task.fine && !hand.fine ? [{ kind: 'not-fine' as const, task: task.id }] : []),
    ];
  });
}

function order(told: Told): Fault[] {
  const by = new Map(told.map(({ placed, task }) => [task.id, placed]));
  return told.flatMap(({ placed, task }) =>
    task.after.flatMap(({ id, what }): Fault[] => {
      const before = by.get(id);
      const over = before && (what === 'all' ? before.end : before.handsEnd);
      return over !== undefined && over > placed.start ? [{ kind: 'order', task: task.id, before: id }] : [];
    }),
  );
}

/** One hand's day walked through: nobody does two things, and nothing meets what it must not. */
function handsWalk(told: Told, hand: Hand): Fault[] {
  const mine = told
    .filter(({ placed }) => placed.hand === hand.id)
    .sort((a, b) => a.placed.start - b.placed.start);
  const faults: Fault[] = [];
  let soil: { leaves: number; id: string }[] = [];
  mine.forEach(({ placed, task }, k) => {
    const last = mine[k - 1];
    const shift = hand.shifts.find(({ from, till }) => from <= placed.start && till > placed.start);
    // a board that dried overnight is clean
    if (last && shift && last.placed.start < shift.from) soil = [];
    const begins = placed.start - (placed.clean ? CLEAN_MIN : 0);
    if (last && last.placed.handsEnd > placed.start)
      faults.push({ kind: 'two-at-once', task: task.id, other: last.task.id });
    else if (last && placed.clean && last.placed.handsEnd > begins)
      faults.push({ kind: 'no-time-to-clean', task: task.id, other: last.task.id });
    if (placed.clean) soil = [];
    const met = soil.find(({ leaves }) => (leaves & task.keeps) !== 0);
    if (met) faults.push({ kind: 'meets', task: task.id, other: met.id });
    soil.push({ leaves: task.leaves, id: task.id });
  });
  return faults;
}

function equipment(told: Told, kitchen: Kitchen): Fault[] {
  return EQUIPMENT.flatMap((kind) => {
    const spans = told.flatMap(({ placed, task }) =>
      task.uses
        .filter(({ equipment }) => equipment === kind)
        .map(({ during }) => ({
          id: task.id,
          from: during === 'hands' ? placed.start : placed.handsEnd,
          till: during === 'hands' ? placed.handsEnd : placed.handsEnd + during,
        })),
    );
    return spans
      .filter(
        (span) =>
          span.till > span.from &&
          spans.filter(({ from, till }) => from <= span.from && till > span.from).length > kitchen[kind],
      )
      .map(({ id }): Fault => ({ kind: 'equipment', task: id, equipment: kind }));
  });
}

/**
 * All that is wrong with a day, from its tasks alone: an empty answer is the proof that free-from food meets nothing that
 * it must not, that no clock is run over, and that nobody and nothing is wanted twice.
 */
export function faultsOfDay(
  tasks: readonly Task[],
  placed: readonly Placed[],
  hands: readonly Hand[],
  kitchen: Kitchen,
): Fault[] {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const told = placed.flatMap((placed) => {
    const task = byId.get(placed.task);
    return task ? [{ placed, task }] : [];
  });
  const there = new Set(told.map(({ task }) => task.id));
  return [
    ...tasks.filter(({ id }) => !there.has(id)).map(({ id }): Fault => ({ kind: 'missing', task: id })),
    ...windows(told, hands),
    ...order(told),
    ...hands.flatMap((hand) => handsWalk(told, hand)),
    ...equipment(told, kitchen),
  ];
}
