import { EQUIPMENT, type Equipment } from '../catalogue/index.js';
import type { Days } from './day.js';
import { CLEAN_MIN, suits, type Hand, type Minute, type Task } from './task.js';

/** A task on a hand's line. */
export interface Entry {
  i: number;
  start: number;
  handsEnd: number;
  end: number;
  clean: boolean;
}

/** What a hand has done since its board was clean, before the entry at `at`; a new shift begins clean. */
function soiled(line: readonly Entry[], tasks: readonly Task[], at: number, since: Minute): number {
  let bits = 0;
  for (let k = at - 1; k >= 0 && line[k]!.start >= since; k--) {
    bits |= tasks[line[k]!.i]!.leaves;
    if (line[k]!.clean) break;
  }
  return bits;
}

/**
 * How one task is placed: where it was, else where it comes to lie latest; there, wherever it was; only where nothing need
 * be washed for it; or with the board washed before it whatever came, since something may come that soils.
 */
export const TIDIES = ['latest', 'anywhere', 'nothing-washed', 'washed-before'] as const;
export type Tidy = (typeof TIDIES)[number] | 'as-it-stood';

/** The lines of the hands, and what equipment is taken, as tasks are placed one after the other. */
export class Bench {
  readonly lines: Entry[][];
  private readonly busy = new Map<Equipment, { from: number; till: number }[]>(
    EQUIPMENT.map((kind) => [kind, []]),
  );

  constructor(private readonly days: Days) {
    this.lines = days.hands.map(() => []);
  }

  /** The latest start in [low, high] for these hands at which everything is free; undefined where there is none. */
  latest(
    i: number,
    h: number,
    low: number,
    high: number,
    tidy: Tidy,
  ): { start: number; clean: boolean } | undefined {
    const task = this.days.tasks[i]!;
    const hand = this.days.hands[h]!;
    if (!suits(task, hand)) return undefined;
    for (let s = hand.shifts.length - 1; s >= 0; s--) {
      const shift = hand.shifts[s]!;
      const found = this.inShift(
        i,
        h,
        Math.max(low, shift.from),
        Math.min(high, shift.till - task.handsMin),
        shift,
        tidy,
      );
      if (found) return found;
    }
    return undefined;
  }

  private inShift(
    i: number,
    h: number,
    low: number,
    high: number,
    { from: since, till }: Hand['shifts'][number],
    tidy: Tidy,
  ) {
    if (high < low) return undefined;
    const task = this.days.tasks[i]!;
    const line = this.lines[h]!;
    // gaps from the latest to the earliest: after entry k-1, before entry k
    for (let k = line.length; k >= 0; k--) {
      const next = line[k];
      const before = line[k - 1];
      const free = before && before.start >= since ? before.handsEnd : since;
      const opens = Math.max(low, free);
      let closes = high;
      if (next) closes = Math.min(closes, next.start - (next.clean ? CLEAN_MIN : 0) - task.handsMin);
      if (closes < opens) {
        if (before && before.handsEnd < low) return undefined;
        continue;
      }
      const after = this.cleanAfter(i, h, k, till);
      if (after === undefined) continue;
      if (after === k && next && !next.clean)
        closes = Math.min(closes, next.start - CLEAN_MIN - task.handsMin);
      const needed = (soiled(line, this.days.tasks, k, since) & task.keeps) !== 0;
      if (tidy === 'nothing-washed' && (needed || after >= 0)) continue;
      const clean = needed || tidy === 'washed-before';
      // a clean-down begins when the hand is free, and not before now unless the day already stood like that
      const begun = tidy === 'as-it-stood' ? free : Math.max(free, this.days.now ?? -Infinity);
      const from = clean ? Math.max(low, begun + CLEAN_MIN) : opens;
      const start = this.withEquipment(task, from, closes);
      if (start !== undefined) return { start, clean };
    }
    return undefined;
  }

  /**
   * The entry before which the board must be washed once this task lies before entry `k`; -1 where none need be, undefined
   * where there is no time for it.
   */
  private cleanAfter(i: number, h: number, k: number, till: Minute): number | undefined {
    const { leaves } = this.days.tasks[i]!;
    if (leaves === 0) return -1;
    const line = this.lines[h]!;
    for (let j = k; j < line.length && !line[j]!.clean && line[j]!.start < till; j++) {
      if ((this.days.tasks[line[j]!.i]!.keeps & leaves) === 0) continue;
      if (j > k && line[j]!.start - line[j - 1]!.handsEnd < CLEAN_MIN) return undefined;
      return j;
    }
    return -1;
  }

  /** When a task that begins at `start` has the equipment. */
  private wants(task: Task, use: Task['uses'][number], start: number): { from: number; till: number } {
    const hands = start + task.handsMin;
    return use.during === 'hands' ? { from: start, till: hands } : { from: hands, till: hands + use.during };
  }

  private withEquipment(task: Task, low: number, high: number): number | undefined {
    let start = Math.floor(high);
    for (let tries = 0; start >= low && tries < 400; tries++) {
      const clash = this.clash(task, start);
      if (clash === undefined) return start;
      start = Math.floor(clash);
    }
    return undefined;
  }

  /** A start before this one that may do, where something is taken; undefined where all is free. */
  private clash(task: Task, start: number): number | undefined {
    for (const use of task.uses) {
      const span = this.wants(task, use, start);
      const taken = this.busy
        .get(use.equipment)!
        .filter(({ from, till }) => from < span.till && till > span.from);
      const has = this.days.kitchen[use.equipment];
      // each moment of the span: as many as begin before it and are not over
      const over = [span.from, ...taken.map(({ from }) => Math.max(from, span.from))].some(
        (moment) => taken.filter(({ from, till }) => from <= moment && till > moment).length >= has,
      );
      if (!over) continue;
      if (has === 0) return -Infinity;
      return start - (span.till - Math.max(...taken.map(({ from }) => from)));
    }
    return undefined;
  }

  /** Washing that was held ready and that nothing asks for is left out. */
  withoutNeedless(): void {
    this.lines.forEach((line, h) => {
      for (let k = line.length - 1; k >= 0; k--) {
        if (!line[k]!.clean) continue;
        line[k]!.clean = false;
        if (this.soiledSomewhere(line, h)) line[k]!.clean = true;
      }
    });
  }

  private soiledSomewhere(line: readonly Entry[], h: number): boolean {
    const { tasks, hands } = this.days;
    return line.some((entry, k) => {
      const shift = hands[h]!.shifts.find(({ from, till }) => from <= entry.start && till > entry.start);
      const since = shift?.from ?? entry.start;
      return !entry.clean && (soiled(line, tasks, k, since) & tasks[entry.i]!.keeps) !== 0;
    });
  }

  /** `clean`: it was found to be wanted; else it is looked whether it is. */
  put(i: number, h: number, start: number, clean: boolean): Entry {
    const task = this.days.tasks[i]!;
    const handsEnd = start + task.handsMin;
    const shift = this.days.hands[h]!.shifts.find(({ from, till }) => from <= start && till > start);
    const entry = { i, start, handsEnd, end: handsEnd + task.waitMin, clean };
    const line = this.lines[h]!;
    let k = line.length;
    while (k > 0 && line[k - 1]!.start > start) k--;
    line.splice(k, 0, entry);
    entry.clean ||= (soiled(line, this.days.tasks, k, shift?.from ?? start) & task.keeps) !== 0;
    const needed = this.cleanAfter(i, h, k + 1, shift?.till ?? Infinity);
    if (needed !== undefined && needed >= 0) line[needed]!.clean = true;
    for (const use of task.uses) this.busy.get(use.equipment)!.push(this.wants(task, use, start));
    return entry;
  }
}
