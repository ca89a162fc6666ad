import type { Kept, KeptDay } from '../../../core/make/index.js';
import { handRecords } from '../../../core/make/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { dayAt, sinceMidnight } from './useMake.js';

/** A ring for one pair of hands: the day itself outside, the days before inside. */
export interface Groove {
  hand: string;
  name: string;
  before: boolean;
  r0: number;
  r1: number;
  /** Degrees of the ring's ends, and where its name stands. */
  from: number;
  till: number;
  nameAt: number;
  items: Kept[];
  angle(minute: number): number;
  /** Minutes of so many degrees. */
  minutesOf(degrees: number): number;
}

export interface Dial {
  /** Minutes that the dial goes round. */
  span: number;
  ticks: number[];
  hands: string[];
  grooves: Groove[];
  /** Hours of the days before, at the innermost ring. */
  before: { minute: number; at: number }[];
  angle(minute: number): number;
}

/** The dial begins after a gap in which the names of the hands stand. */
const [FIRST_DEG, LAST_DEG] = [34, 356];
const [OUTER_R, INNER_R, LEAST_R] = [294, 176, 92];
const MOST_GROOVE = 42;
const GAP = 5;
const SPANS_H = [1, 1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 8, 10, 12, 16, 24];
/** No more marks than this go round. */
const MOST_TICKS = 8;
const STEPS_MIN = [10, 15, 30, 60, 120, 180];

const scale = (from: number, till: number, first = FIRST_DEG, last = LAST_DEG) => {
  const perMin = (last - first) / Math.max(1, till - from);
  return {
    angle: (minute: number) => first + (minute - from) * perMin,
    minutesOf: (degrees: number) => degrees / perMin,
  };
};

/** Marks that are nearer than this would run into each other, and into the names. */
const LEAST_APART_DEG = 42;

/** When the work of the days before begins: not every minute, what has room. */
function marksOf(items: readonly Kept[], { angle }: ReturnType<typeof scale>): Dial['before'] {
  const marks: Dial['before'] = [];
  for (const minute of items.map(({ placed }) => placed.start).sort((a, b) => a - b)) {
    const at = angle(minute);
    if (at - (marks.at(-1)?.at ?? -Infinity) >= LEAST_APART_DEG && at < LAST_DEG - LEAST_APART_DEG / 2)
      marks.push({ minute, at });
  }
  return marks;
}

/** How a day lies on the plate: the last hours in a ring each, what is done on days before in thinner ones inside. */
export function dialOf(plan: Plan, day: KeptDay): Dial {
  const midnight = -sinceMidnight(plan);
  const today = day.kept.filter(({ placed }) => placed.start >= midnight);
  const before = day.kept.filter(({ placed }) => placed.start < midnight);
  const first = Math.min(-60, ...today.map(({ placed }) => placed.start));
  const span = 60 * (SPANS_H.find((hours) => -first <= hours * 60) ?? 24);
  const step = STEPS_MIN.find((minutes) => span / minutes <= MOST_TICKS) ?? 240;
  const outer = scale(-span, 0);
  const names = new Map(handRecords(plan).map(({ id, name }) => [id, name]));
  const hands = [...names.keys()];
  const rings = (
    items: Kept[],
    r1: number,
    r0: number,
    is: boolean,
    at: ReturnType<typeof scale>,
  ): Groove[] => {
    const who = is ? hands.filter((hand) => items.some(({ placed }) => placed.hand === hand)) : hands;
    const width = Math.min(MOST_GROOVE, (r1 - r0) / Math.max(1, who.length) - GAP);
    return who.map((hand, i) => ({
      hand,
      name: is ? `${names.get(hand)!}, ${dayAt(plan, items[0]!.placed.start).slice(0, 3)}` : names.get(hand)!,
      before: is,
      r1: r1 - i * (width + GAP),
      r0: r1 - i * (width + GAP) - width,
      from: FIRST_DEG,
      till: LAST_DEG,
      nameAt: FIRST_DEG / 2,
      items: items.filter(({ placed }) => placed.hand === hand),
      ...at,
    }));
  };
  const inner = scale(
    Math.min(...before.map(({ placed }) => placed.start), -1),
    Math.max(...before.map(({ placed }) => placed.end), 0 - Infinity),
  );
  return {
    span,
    hands,
    angle: outer.angle,
    before: before.length > 0 ? marksOf(before, inner) : [],
    ticks: Array.from({ length: Math.floor(span / step) }, (_, i) => -(i + 1) * step),
    grooves: [
      ...rings(today, OUTER_R, before.length > 0 ? INNER_R : LEAST_R, false, outer),
      ...(before.length > 0 ? rings(before, INNER_R - GAP, LEAST_R, true, inner) : []),
    ],
  };
}
