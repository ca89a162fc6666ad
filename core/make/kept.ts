import { memo1 } from '../measure/index.js';
import type { Plan, WorkOfDay } from '../plan/index.js';
import { staleOf } from './day.js';
import { handRecords } from './hands.js';
import { faultsOfDay, type Fault } from './prove.js';
import { daysOf } from './schedule.js';
import { CLEAN_MIN, type Hand, type Placed, type Task } from './task.js';

/** A task of the kept day. */
export interface Kept {
  work: WorkOfDay;
  task: Task;
  placed: Placed;
}

export interface KeptDay {
  /** In the order of the day. */
  kept: Kept[];
  /** Work of the plan that has no place in the day: there was no room, or it came later. */
  missing: Task[];
  hands: readonly Hand[];
  /** What is wrong with the day as it stands, what is done already left out. */
  faults: Fault[];
  cleans: number;
  /** Hands-on minutes of each hand. */
  minutes: ReadonlyMap<string, number>;
  /** Is anything soiled that somebody minds? Then an empty answer of faults is a promise kept. */
  minded: boolean;
}

const shiftAt = (hand: Hand | undefined, start: number): number =>
  hand?.shifts.find(({ from, till }) => from <= start && till > start)?.from ?? start;

/**
 * Where a hand's board is washed: for each task that must not meet what was there, in the last break that is long enough
 * between what soiled it and the task; straight before the task where there is none, and then that is a fault.
 */
function withCleans(line: readonly Kept[], hand: Hand | undefined): Kept[] {
  const clean = line.map(() => false);
  const tasks = line.map(({ task }) => task);
  line.forEach(({ task, placed }, k) => {
    let soiler = -1;
    for (let j = k - 1; j >= 0 && soiler < 0; j--) {
      if (clean[j + 1] || shiftAt(hand, line[j]!.placed.start) !== shiftAt(hand, placed.start)) break;
      if ((tasks[j]!.leaves & task.keeps) !== 0) soiler = j;
    }
    if (soiler < 0) return;
    let at = k;
    while (at > soiler && line[at]!.placed.start - line[at - 1]!.placed.handsEnd < CLEAN_MIN) at -= 1;
    clean[at > soiler ? at : k] = true;
  });
  return line.map((item, k) => ({ ...item, placed: { ...item.placed, clean: clean[k]! } }));
}

const inOrder = (a: Kept, b: Kept): number =>
  a.placed.start - b.placed.start || (a.task.id < b.task.id ? -1 : 1);

/** The day that the plan keeps, read against the work that it asks for now. */
export function keptDayOf(plan: Plan): KeptDay {
  const { tasks, hands, kitchen } = daysOf(plan);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const raw = plan.day.tasks
    .flatMap((work): Kept[] => {
      const task = byId.get(work.task);
      if (!task) return [];
      const handsEnd = work.startMin + task.handsMin;
      const { hand, startMin: start } = work;
      return [
        {
          work,
          task,
          placed: { task: task.id, hand, start, handsEnd, end: handsEnd + task.waitMin, clean: false },
        },
      ];
    })
    .sort(inOrder);
  const kept = [...new Set(raw.map(({ placed }) => placed.hand))]
    .flatMap((id) =>
      withCleans(
        raw.filter(({ placed }) => placed.hand === id),
        hands.find((hand) => hand.id === id),
      ),
    )
    .sort(inOrder);
  const there = new Set(kept.map(({ task }) => task.id));
  const done = new Set(plan.day.tasks.filter(({ doneMin }) => doneMin !== null).map(({ task }) => task));
  const placed = kept.map(({ placed }) => placed);
  const minutes = new Map(handRecords(plan).map(({ id }) => [id, 0]));
  for (const { task, placed } of kept)
    minutes.set(placed.hand, (minutes.get(placed.hand) ?? 0) + task.handsMin);
  return {
    kept,
    missing: tasks.filter(({ id }) => !there.has(id) && !done.has(id)),
    hands,
    faults: faultsOfDay(tasks, placed, hands, kitchen).filter(
      ({ kind, task }) => kind !== 'missing' && !done.has(task),
    ),
    cleans: kept.filter(({ placed }) => placed.clean).length,
    minutes,
    minded: tasks.some(({ leaves }) => tasks.some(({ keeps }) => (keeps & leaves) !== 0)),
  };
}

/** A slip of the day: what, and about which tasks. */
export type DaySlip = { severity: 'blocker' | 'caution' | 'good'; tasks: string[] } & (
  | { kind: 'no-room' }
  | { kind: 'cold-too-long' }
  | { kind: 'meets' }
  | { kind: 'two-at-once' }
  | { kind: 'equipment'; equipment: string }
  | { kind: 'order' }
  | { kind: 'off-shift' }
  | { kind: 'not-sharp' }
  | { kind: 'not-fine' }
  | { kind: 'late' }
  | { kind: 'crisp-early' }
  | { kind: 'stale' }
  | { kind: 'fridge-cold' }
  | { kind: 'kept-apart'; cleans: number }
);

/** More points of staleness than this are told: a third beyond what is fresh. */
const STALE_TOLD = 20;
/** Cheese that comes out of the cold so much later than it should is cold when it is eaten. */
const COLD_TOLD_MIN = 10;

/** What is wrong with the kept day, the most urgent first, and what is proven of it. */
export function slipsOfDay({ kept, missing, faults, cleans, minded }: KeptDay): DaySlip[] {
  const of = (kind: Fault['kind']) => [
    ...new Set(faults.filter((fault) => fault.kind === kind).map(({ task }) => task)),
  ];
  const open = kept.filter(({ work }) => work.doneMin === null);
  const ids = (list: readonly Kept[]) => list.map(({ task }) => task.id);
  const stale = open.filter(({ task, placed }) => staleOf(task, placed.start) > STALE_TOLD);
  const crisp = (item: Kept) => item.task.stage === 'breads';
  const slips: DaySlip[] = [
    { kind: 'meets', severity: 'blocker', tasks: [...of('meets'), ...of('no-time-to-clean')] },
    { kind: 'cold-too-long', severity: 'blocker', tasks: of('too-early') },
    { kind: 'no-room', severity: 'blocker', tasks: missing.map(({ id }) => id) },
    { kind: 'not-sharp', severity: 'blocker', tasks: of('not-sharp') },
    { kind: 'not-fine', severity: 'caution', tasks: of('not-fine') },
    { kind: 'two-at-once', severity: 'caution', tasks: of('two-at-once') },
    ...[...new Set(faults.flatMap((fault) => (fault.kind === 'equipment' ? [fault.equipment] : [])))].map(
      (equipment): DaySlip => ({
        kind: 'equipment',
        equipment,
        severity: 'caution',
        tasks: faults.flatMap((fault) =>
          fault.kind === 'equipment' && fault.equipment === equipment ? [fault.task] : [],
        ),
      }),
    ),
    { kind: 'order', severity: 'caution', tasks: of('order') },
    { kind: 'late', severity: 'caution', tasks: of('too-late') },
    { kind: 'off-shift', severity: 'caution', tasks: [...of('off-shift'), ...of('unknown-hand')] },
    { kind: 'crisp-early', severity: 'caution', tasks: ids(stale.filter(crisp)) },
    { kind: 'stale', severity: 'caution', tasks: ids(stale.filter((item) => !crisp(item))) },
    {
      kind: 'fridge-cold',
      severity: 'caution',
      tasks: ids(
        open.filter(({ task, placed }) => task.kind === 'temper' && placed.start > task.ripe + COLD_TOLD_MIN),
      ),
    },
  ];
  const told = slips.filter(({ tasks }) => tasks.length > 0);
  const apart = minded && kept.length > 0 && !told.some(({ kind }) => kind === 'meets');
  return [
    ...told,
    ...(apart ? [{ kind: 'kept-apart' as const, severity: 'good' as const, cleans, tasks: [] }] : []),
  ];
}

/**
 * Is it proven that nothing free-from meets what it must not, over boards, knives and gloves? Only by a day that has a place
 * for everything, in which no task comes after what its guests mind without a clean-down.
 */
export const keepsApart = memo1((plan: Plan): boolean => {
  if (plan.day.tasks.length === 0) return false;
  const { missing, faults } = keptDayOf(plan);
  return missing.length === 0 && !faults.some(({ kind }) => kind === 'meets' || kind === 'no-time-to-clean');
});
