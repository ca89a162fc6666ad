import { createRandom, type Random } from '../measure/index.js';
import { Bench, TIDIES, type Entry, type Tidy } from './bench.js';
import type { Hand, Kitchen, Minute, Placed, Task } from './task.js';

/**
 * A day is made backward from the opening: tasks are taken in some order, each as late as it may be after all that
 * follows it, by the hand that can do it latest. The order is what is searched for (`Search`): among orders, the one
 * whose day is worth most by `costOf`. The same tasks, hands, seed and steps give the same day.
 */
export interface Days {
  tasks: readonly Task[];
  hands: readonly Hand[];
  kitchen: Kitchen;
  /** Where a task was, or was set by a hand: it stays there where that can be. Fixed ones are never moved. */
  stays?: ReadonlyMap<string, { hand: string; start: Minute; fixed: boolean }>;
  /** Nothing begins before it: the day has come so far. */
  now?: Minute;
}

export interface Day {
  placed: Placed[];
  /** Tasks for which there is no room. */
  left: string[];
  cost: Cost;
}

export interface Cost {
  sum: number;
  left: number;
  /** Points for each minute beyond what is fresh, by how short it is fresh. */
  stale: number;
  /** Minutes after the moment at which it should have begun. */
  late: number;
  cleans: number;
  /** Minutes moved against the day that stood, and tasks in other hands. */
  moved: number;
}

const LEFT_POINTS = 10_000;
const CLEAN_POINTS = 15;
const LATE_POINTS = 1;
const STALE_POINTS = 60;
const LEAST_FRESH = 30;
const MOVED_POINTS = 0.2;
const OTHER_HAND_POINTS = 5;
const MINUTES_A_DAY = 1440;

/** Staleness in points of a task that begins at `start`. */
export const staleOf = ({ fresh }: Task, start: Minute): number =>
  start >= fresh ? 0 : (STALE_POINTS * (fresh - start)) / Math.max(LEAST_FRESH, -fresh);

/** What of a plan's work is the same in every order. */
class Frame {
  readonly index: ReadonlyMap<string, number>;
  readonly followers: { j: number; what: 'all' | 'hands' }[][];
  constructor(readonly days: Days) {
    const { tasks } = days;
    this.index = new Map(tasks.map(({ id }, i) => [id, i]));
    this.followers = tasks.map(() => []);
    tasks.forEach(({ after }, j) => {
      for (const { id, what } of after) {
        const i = this.index.get(id);
        if (i !== undefined) this.followers[i]!.push({ j, what });
      }
    });
  }

  /** The day of one order: `rank` says which task is placed first among those whose followers all are. */
  day({ rank, handOf, tidy }: Order): Day {
    const { tasks, hands, stays, now = -Infinity } = this.days;
    const bench = new Bench(this.days);
    const entries: (Entry | undefined)[] = tasks.map(() => undefined);
    const waits = this.followers.map((followers) => followers.length);
    const left: string[] = [];
    const handIndex = new Map(hands.map(({ id }, h) => [id, h]));
    // what a hand has fixed lies first: all else goes around it
    const fixed = tasks.map((task, i) => {
      const stay = stays?.get(task.id);
      const h = stay?.fixed ? handIndex.get(stay.hand) : undefined;
      if (stay === undefined || h === undefined) return false;
      entries[i] = bench.put(i, h, stay.start, false);
      return true;
    });
    const order = [...rank.keys()].sort((a, b) => rank[a]! - rank[b]!);
    const open = new Set(order);
    while (open.size > 0) {
      let next = -1;
      for (const i of open)
        if (waits[i] === 0) {
          next = i;
          break;
        }
      if (next < 0) break;
      open.delete(next);
      if (!fixed[next] && !this.place(bench, entries, next, handOf[next]!, tidy[next]!, handIndex, now))
        left.push(tasks[next]!.id);
      for (const { id } of tasks[next]!.after) {
        const i = this.index.get(id);
        if (i !== undefined) waits[i]! -= 1;
      }
    }
    return this.told(bench, left);
  }

  private place(
    bench: Bench,
    entries: (Entry | undefined)[],
    i: number,
    only: number | null,
    tidy: Tidy,
    handIndex: ReadonlyMap<string, number>,
    now: number,
  ): boolean {
    const task = this.days.tasks[i]!;
    const until = this.followers[i]!.reduce(
      (until, { j, what }) => {
        const follower = entries[j];
        if (!follower) return until;
        return Math.min(until, follower.start - task.handsMin - (what === 'all' ? task.waitMin : 0));
      },
      task.by - task.handsMin - task.waitMin,
    );
    // what is fixed may lie before this in the day, and is over first
    const over = task.after.map(({ id, what }) => {
      const entry = entries[this.index.get(id) ?? -1];
      return entry ? (what === 'all' ? entry.end : entry.handsEnd) : -Infinity;
    });
    const low = Math.max(task.from, now, ...over);
    const stay = this.days.stays?.get(task.id);
    const own = stay && handIndex.get(stay.hand);
    if (stay && own !== undefined && tidy !== 'anywhere' && stay.start >= low && stay.start <= until) {
      const same = bench.latest(i, own, stay.start, stay.start, 'as-it-stood');
      if (same) return this.keep(bench, entries, i, own, same);
    }
    const windows: [number, number][] = [
      [Math.max(low, task.fresh), Math.min(until, task.ripe)],
      [low, Math.min(until, task.ripe)],
      [low, until],
    ];
    const all = [...this.days.hands.keys()];
    const ways: [readonly number[], Tidy][] = [
      ...(only === null ? [] : [[[only], tidy] as [readonly number[], Tidy]]),
      [all, tidy],
      ...(tidy === 'latest' || tidy === 'anywhere' ? [] : [[all, 'latest'] as [readonly number[], Tidy]]),
    ];
    for (const [hands, tidy] of ways)
      for (const window of windows) {
        const found = this.best(bench, i, hands, window, tidy);
        if (found) return this.keep(bench, entries, i, found.h, found);
      }
    return false;
  }

  /** The hand that can begin it latest; without washing first, where that costs no more than the washing. */
  private best(
    bench: Bench,
    i: number,
    hands: readonly number[],
    [from, till]: readonly [number, number],
    tidy: Tidy,
  ) {
    let best: { h: number; start: number; clean: boolean; worth: number } | undefined;
    for (const h of hands) {
      const found = bench.latest(i, h, from, till, tidy);
      if (!found) continue;
      const worth = found.start - (found.clean ? CLEAN_POINTS : 0);
      if (!best || worth > best.worth) best = { h, ...found, worth };
    }
    return best;
  }

  private keep(
    bench: Bench,
    entries: (Entry | undefined)[],
    i: number,
    h: number,
    { start, clean }: { start: number; clean: boolean },
  ): boolean {
    entries[i] = bench.put(i, h, start, clean);
    return true;
  }

  private told(bench: Bench, left: string[]): Day {
    bench.withoutNeedless();
    const { tasks, hands, stays } = this.days;
    const cost: Cost = { sum: 0, left: left.length, stale: 0, late: 0, cleans: 0, moved: 0 };
    const placed = bench.lines.flatMap((line, h) =>
      line.map((entry): Placed => {
        const task = tasks[entry.i]!;
        cost.stale += staleOf(task, entry.start);
        cost.late += Math.max(0, entry.start - task.ripe);
        if (entry.clean) cost.cleans += 1;
        const stay = stays?.get(task.id);
        if (stay)
          cost.moved +=
            MOVED_POINTS * Math.min(Math.abs(entry.start - stay.start), MINUTES_A_DAY) +
            (stay.hand === hands[h]!.id ? 0 : OTHER_HAND_POINTS);
        return {
          task: task.id,
          hand: hands[h]!.id,
          start: entry.start,
          handsEnd: entry.handsEnd,
          end: entry.end,
          clean: entry.clean,
        };
      }),
    );
    placed.sort((a, b) => a.start - b.start || (a.task < b.task ? -1 : 1));
    cost.sum =
      LEFT_POINTS * cost.left +
      cost.stale +
      LATE_POINTS * cost.late +
      CLEAN_POINTS * cost.cleans +
      cost.moved;
    return { placed, left, cost };
  }
}

/** A first order: what must come latest is placed first, and of the rest what soils before what must stay clean. */
const firstRank = ({ tasks }: Days, soiling: number): number[] => {
  const keys = tasks.map(({ ripe, by, handsMin, waitMin, leaves }) => {
    const latest = Math.min(ripe, by - handsMin - waitMin);
    return -latest - (leaves !== 0 ? soiling : 0);
  });
  const order = [...tasks.keys()].sort((a, b) => keys[a]! - keys[b]! || a - b);
  const rank: number[] = [];
  order.forEach((i, k) => (rank[i] = k));
  return rank;
};

/** The day that a cook writes down as it comes: each task where it first fits, nothing looked ahead. */
export const firstFit = (days: Days): Day => new Frame(days).day(plainOrder(days, 0));

/** Which task is placed when, by whom, and how: what is searched over. */
interface Order {
  rank: readonly number[];
  /** Null: whoever can begin it latest. */
  handOf: readonly (number | null)[];
  tidy: readonly Tidy[];
}

const plainOrder = (days: Days, soiling: number, tidy: Tidy = 'latest'): Order => ({
  rank: firstRank(days, soiling),
  handOf: days.tasks.map(() => null),
  tidy: days.tasks.map(() => tidy),
});

/** With a day that stood: as it was, and all of it anew where it cannot be kept. */
const beginnings = (days: Days): Tidy[] =>
  (days.stays?.size ?? 0) > 0 ? ['latest', 'anywhere'] : ['latest'];

/** How much sooner what soils is placed, in minutes: from not at all to all of it. */
const SOILINGS = [0, 60, 240, 1440];

/** After so many steps without a better day, and one more for each task, the best one is shaken. */
const PATIENCE = 30;
/** Changes in a row when it is shaken. */
const SHAKEN = 5;

/** A search for a better day, a step at a time. What is best only ever gets better. */
export class Search {
  best: Day;
  private order: Order;
  private cost: number;
  private bestOrder: Order;
  private idle = 0;
  private readonly frame: Frame;
  private readonly random: Random;

  constructor(
    private readonly days: Days,
    seed: number,
  ) {
    this.frame = new Frame(days);
    this.random = createRandom(seed);
    const tries = SOILINGS.flatMap((soiling) =>
      beginnings(days).map((tidy) => {
        const order = plainOrder(days, soiling, tidy);
        return { order, day: this.frame.day(order) };
      }),
    );
    const first = tries.reduce((a, b) => (b.day.cost.sum < a.day.cost.sum ? b : a));
    this.order = first.order;
    this.bestOrder = first.order;
    this.best = first.day;
    this.cost = first.day.cost.sum;
  }

  /** One other order, taken where it is no worse; now and then the best one shaken, to come out of where it is stuck. */
  step(): void {
    const n = this.days.tasks.length;
    if (n === 0) return;
    const shaken = this.idle >= PATIENCE + n;
    const order = shaken
      ? this.changed(this.bestOrder, 2 + this.random.int(SHAKEN))
      : this.changed(this.order, this.random.next() < 0.5 ? 1 : 2);
    const day = this.frame.day(order);
    this.idle = shaken ? 0 : this.idle + 1;
    if (!shaken && day.cost.sum > this.cost) return;
    this.order = { ...order, rank: settled(order.rank) };
    this.cost = day.cost.sum;
    if (day.cost.sum >= this.best.cost.sum) return;
    this.best = day;
    this.bestOrder = this.order;
    this.idle = 0;
  }

  /** The order with so many things changed. */
  private changed(from: Order, changes: number): Order {
    const { random } = this;
    const rank = [...from.rank];
    const handOf = [...from.handOf];
    const tidy = [...from.tidy];
    const hands = this.days.hands.length;
    for (let k = 0; k < changes; k++) {
      const i = random.int(rank.length);
      const kind = random.next();
      if (kind < 0.2 && hands > 1) handOf[i] = handOf[i] === null ? random.int(hands) : null;
      else if (kind < 0.35) tidy[i] = random.pick(TIDIES);
      else if (kind < 0.65) {
        const j = random.int(rank.length);
        [rank[i], rank[j]] = [rank[j]!, rank[i]!];
      } else rank[i] = rank[random.int(rank.length)]! + (random.next() < 0.5 ? -0.5 : 0.5);
    }
    return { rank, handOf, tidy };
  }
}

/** Whole places again, so that halves never run together. */
function settled(rank: readonly number[]): number[] {
  const order = [...rank.keys()].sort((a, b) => rank[a]! - rank[b]! || a - b);
  const out: number[] = [];
  order.forEach((i, k) => (out[i] = k));
  return out;
}
