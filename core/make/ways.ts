import { EQUIPMENT, type Equipment } from '../catalogue/index.js';
import type { Plan, SingleCommand } from '../plan/index.js';
import { applyCommand } from '../plan/index.js';
import { handRecords } from './hands.js';
import { scheduleOf, type Schedule } from './schedule.js';
import type { Task } from './task.js';

/** What would let a day be done that cannot be: an edit of the plan, tried. */
export type Way = { command: SingleCommand; left: number } & (
  | { kind: 'hands'; more: number }
  | { kind: 'build'; minutes: number }
  | { kind: 'equipment'; equipment: Equipment }
  | { kind: 'day-before' }
);

/** Enough orders to see whether a day can be done. */
const TRIES = 60;
const MOST_MORE_HANDS = 4;
const BUILD_STEPS_MIN = [10, 20, 30, 45, 60];

const leftAfter = (plan: Plan, command: SingleCommand): number => {
  const done = applyCommand(plan, command);
  return done.ok ? scheduleOf(done.plan, { rounds: TRIES }).day.left.length : Infinity;
};

/** The least of several steps that leaves least; undefined where none leaves less than now. */
function least(
  now: number,
  steps: readonly { command: SingleCommand; way: (left: number) => Way }[],
  plan: Plan,
): Way | undefined {
  let best: Way | undefined;
  for (const { command, way } of steps) {
    const left = leftAfter(plan, command);
    if (left < (best?.left ?? now)) best = way(left);
    if (left === 0) break;
  }
  return best;
}

/**
 * Ways out for a day in which not all finds room, each tried on the whole plan: more hands, a longer time for laying,
 * one more of what is short, help a day before. Those that leave least come first; none where all finds room.
 */
export function waysOf(plan: Plan, { day, tasks }: Schedule): Way[] {
  if (day.left.length === 0) return [];
  const now = day.left.length;
  const records = handRecords(plan);
  const left = tasks.filter(({ id }) => day.left.includes(id));
  const hands = Array.from({ length: MOST_MORE_HANDS }, (_, i) => {
    const more = Array.from({ length: i + 1 }, (_, k) => ({
      ...records[0]!,
      id: freeId(records, k),
      name: `Helper ${records.length + k}`,
    }));
    const command: SingleCommand = { name: 'set-hands', hands: [...records, ...more] };
    return { command, way: (left: number): Way => ({ kind: 'hands', more: i + 1, command, left }) };
  });
  const builds = BUILD_STEPS_MIN.map((minutes) => {
    const command: SingleCommand = {
      name: 'set-occasion',
      patch: { buildMin: Math.min(600, plan.occasion.buildMin + minutes) },
    };
    return { command, way: (left: number): Way => ({ kind: 'build', minutes, command, left }) };
  });
  const equipment = EQUIPMENT.filter((kind) =>
    left.some(({ uses }) => uses.some((use) => use.equipment === kind)),
  ).map((kind) => {
    const command: SingleCommand = {
      name: 'set-kitchen',
      kitchen: { ...plan.day.kitchen, [kind]: plan.day.kitchen[kind] + 1 },
    };
    return { command, way: (left: number): Way => ({ kind: 'equipment', equipment: kind, command, left }) };
  });
  const earlier: SingleCommand = {
    name: 'set-hands',
    hands: records.map((hand) => ({ ...hand, daysBefore: Math.min(7, hand.daysBefore + 1) })),
  };
  const ways = [
    least(now, hands, plan),
    ...(left.some(isOnBoard) ? [least(now, builds, plan)] : []),
    ...equipment.map((step) => least(now, [step], plan)),
    least(now, [{ command: earlier, way: (left) => ({ kind: 'day-before', command: earlier, left }) }], plan),
  ];
  return ways.filter((way) => way !== undefined).sort((a, b) => a.left - b.left);
}

const isOnBoard = ({ kind }: Task): boolean => ['build', 'temper', 'drive'].includes(kind);

function freeId(records: readonly { id: string }[], k: number): string {
  let n = records.length + k;
  while (records.some(({ id }) => id === `helper-${n}`)) n += 20;
  return `helper-${n}`;
}
