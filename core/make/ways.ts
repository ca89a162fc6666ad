import { EQUIPMENT, type Component, type ComponentId, type Equipment } from '../catalogue/index.js';
import type { Plan, SingleCommand } from '../plan/index.js';
import { applyCommand } from '../plan/index.js';
import { makingsOf } from '../portion/index.js';
import { handRecords } from './hands.js';
import { boughtInstead, buyInstead } from './instead.js';
import { scheduleOf, type Schedule } from './schedule.js';
import type { Task } from './task.js';

/** One thing that can be changed about a day. */
export type Change =
  | { kind: 'hands'; more: number }
  | { kind: 'build'; minutes: number }
  | { kind: 'equipment'; equipment: Equipment }
  | { kind: 'day-before' }
  | { kind: 'buy'; foods: readonly (readonly [made: ComponentId, bought: Component])[] };

/** What would let a day be done that cannot be: one change or two, tried on the whole plan. */
export interface Way {
  changes: readonly Change[];
  commands: SingleCommand[];
  /** Tasks that find no place even so. */
  left: number;
}

/** Enough orders to see whether a day can be done. */
const TRIES = 60;
/** Pairs of hands that are offered more; a hall wants a dozen. */
const MORE_HANDS = [1, 2, 3, 4, 6, 8, 12];
const BUILD_STEPS_MIN = [10, 20, 30, 45, 60, 90, 120];
const MOST_BOUGHT = 3;
/** No plan holds more. */
const MOST_HANDS = 20;
const MOST_DAYS = 7;
const MOST_BUILD_MIN = 600;

function commandOf(plan: Plan, change: Change): SingleCommand {
  const records = handRecords(plan);
  switch (change.kind) {
    case 'hands':
      return { name: 'set-hands', hands: [...records, ...helpers(records, change.more)] };
    case 'build': {
      const buildMin = Math.min(MOST_BUILD_MIN, plan.occasion.buildMin + change.minutes);
      return { name: 'set-occasion', patch: { buildMin } };
    }
    case 'equipment': {
      const { kitchen } = plan.day;
      return {
        name: 'set-kitchen',
        kitchen: { ...kitchen, [change.equipment]: kitchen[change.equipment] + 1 },
      };
    }
    case 'day-before': {
      const hands = records.map((hand) => ({
        ...hand,
        daysBefore: Math.min(MOST_DAYS, hand.daysBefore + 1),
      }));
      return { name: 'set-hands', hands };
    }
    case 'buy':
      return buyInstead(plan, change.foods);
  }
}

function helpers(records: ReturnType<typeof handRecords>, more: number): ReturnType<typeof handRecords> {
  return Array.from({ length: more }, (_, k) => ({
    ...records[0]!,
    id: freeId(records, k),
    name: `Helper ${records.length + k}`,
  }));
}

function freeId(records: readonly { id: string }[], k: number): string {
  let n = records.length + k;
  while (records.some(({ id }) => id === `helper-${n}`)) n += 20;
  return `helper-${n}`;
}

/** The changes tried one after the other on the plan, and what they leave. */
function tried(plan: Plan, changes: readonly Change[]): Way | undefined {
  let now = plan;
  const commands: SingleCommand[] = [];
  for (const change of changes) {
    const command = commandOf(now, change);
    const done = applyCommand(now, command);
    if (!done.ok) return undefined;
    commands.push(command);
    now = done.plan;
  }
  return { changes, commands, left: scheduleOf(now, { rounds: TRIES }).day.left.length };
}

/** The least of several steps that leaves least; undefined where none leaves less than now. */
function least(plan: Plan, now: number, steps: readonly Change[]): Way | undefined {
  let best: Way | undefined;
  for (const step of steps) {
    const way = tried(plan, [step]);
    if (way && way.left < (best?.left ?? now)) best = way;
    if (way?.left === 0) break;
  }
  return best;
}

const isOnBoard = ({ kind }: Task): boolean => ['build', 'temper', 'drive', 'carry'].includes(kind);

/** One food more with each step, what takes hands longest first. */
function toBuy(plan: Plan): Change[] {
  const pairs = makingsOf(plan)
    .sort((a, b) => b.making.handsMin - a.making.handsMin)
    .flatMap(({ id }) => {
      const bought = boughtInstead(plan, id);
      return bought ? [[id, bought] as const] : [];
    });
  return pairs.slice(0, MOST_BOUGHT).map((_, i) => ({ kind: 'buy', foods: pairs.slice(0, i + 1) }));
}

/**
 * Ways out for a day in which not all finds room, each tried on the whole plan: more hands, a longer time for laying,
 * one more of what is short, help a day before, bought instead of made. Where no single one leaves nothing, two together.
 * Those that leave least come first; none where all finds room.
 */
export function waysOf(plan: Plan, { day, tasks }: Schedule): Way[] {
  const now = day.left.length;
  if (now === 0) return [];
  const left = tasks.filter(({ id }) => day.left.includes(id));
  const equipment = EQUIPMENT.filter((kind) =>
    left.some(({ uses }) => uses.some((use) => use.equipment === kind)),
  );
  const families: Change[][] = [
    MORE_HANDS.filter((more) => handRecords(plan).length + more <= MOST_HANDS).map((more): Change => ({
      kind: 'hands',
      more,
    })),
    ...(left.some(isOnBoard) ? [BUILD_STEPS_MIN.map((minutes): Change => ({ kind: 'build', minutes }))] : []),
    ...equipment.map((kind): Change[] => [{ kind: 'equipment', equipment: kind }]),
    [{ kind: 'day-before' }],
    toBuy(plan),
  ];
  const ways = families.flatMap((steps) => least(plan, now, steps) ?? []);
  const alone = ways.sort((a, b) => a.left - b.left);
  return alone[0]?.left === 0 ? alone : [...together(plan, alone), ...alone];
}

const MOST_TOGETHER = 2;

/** Two of the ways at once, where they leave less than each. */
function together(plan: Plan, alone: readonly Way[]): Way[] {
  const pairs = alone.flatMap((one, i) =>
    alone.slice(i + 1).flatMap((other) => {
      const both = tried(plan, [...one.changes, ...other.changes]);
      return both && both.left < Math.min(one.left, other.left) ? [both] : [];
    }),
  );
  return pairs.sort((a, b) => a.left - b.left).slice(0, MOST_TOGETHER);
}
