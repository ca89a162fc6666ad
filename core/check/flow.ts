/**
 * Can every group have so many grams of the foods that it may eat? A maximum flow from groups through foods, by
 * shortest augmenting paths (Edmonds and Karp 1972). Groups and foods are few: this takes well under a millisecond.
 */
export interface FlowGroup {
  id: string;
  needG: number;
  /** Indices of the foods that it may eat. */
  eats: readonly number[];
}

export interface Sharing {
  /** Grams that each group gets. */
  gotG: number[];
  /** Groups that get less than they need, and those they share the exhausted foods with. */
  short: number[];
  /** Foods that are eaten up by them: more of anything else would not help (a smallest cut). */
  exhausted: number[];
}

/** Grams that each group gets in a largest sharing; the sum is largest, no group gets more than it needs. */
export const shareOut = (groups: readonly FlowGroup[], leftG: readonly number[]): number[] =>
  sharing(groups, leftG).gotG;

const EPSILON = 1e-6;

/** Foods that the same groups eat are one for a flow: so many grams of them, and which they are. */
interface Alike {
  eaters: number[];
  leftG: number;
  foods: number[];
}

function alikeFoods(groups: readonly FlowGroup[], leftG: readonly number[]): Alike[] {
  const eaters: number[][] = leftG.map(() => []);
  groups.forEach((group, i) => group.eats.forEach((food) => eaters[food]!.push(i)));
  const byEaters = new Map<string, Alike>();
  leftG.forEach((left, food) => {
    const who = eaters[food]!;
    if (who.length === 0) return;
    const key = who.join();
    const known = byEaters.get(key);
    if (known) {
      known.leftG += Math.max(0, left);
      known.foods.push(food);
    } else byEaters.set(key, { eaters: who, leftG: Math.max(0, left), foods: [food] });
  });
  return [...byEaters.values()];
}

/** The same with what runs short: the smallest cut of the flow names it. */
export function sharing(groups: readonly FlowGroup[], leftG: readonly number[]): Sharing {
  const foods = alikeFoods(groups, leftG);
  const first = groups.length;
  const source = first + foods.length;
  const sink = source + 1;
  const size = sink + 1;
  const capacity = new Float64Array(size * size);
  const next: number[][] = Array.from({ length: size }, () => []);
  const link = (a: number, b: number, c: number) => {
    capacity[a * size + b] = c;
    next[a]!.push(b);
    next[b]!.push(a);
  };
  groups.forEach((group, i) => link(source, i, group.needG));
  foods.forEach((food, i) => {
    for (const eater of food.eaters) link(eater, first + i, Infinity);
    link(first + i, sink, food.leftG);
  });
  const from = new Int32Array(size);
  const queue = new Int32Array(size);
  for (;;) {
    from.fill(-1);
    from[source] = source;
    queue[0] = source;
    let [head, tail] = [0, 1];
    while (head < tail && from[sink] === -1) {
      const a = queue[head++]!;
      for (const b of next[a]!) {
        if (from[b] !== -1 || capacity[a * size + b]! <= EPSILON) continue;
        from[b] = a;
        queue[tail++] = b;
      }
    }
    if (from[sink] === -1) break;
    let pushed = Infinity;
    for (let b = sink; b !== source; b = from[b]!) pushed = Math.min(pushed, capacity[from[b]! * size + b]!);
    for (let b = sink; b !== source; b = from[b]!) {
      const a = from[b]!;
      capacity[a * size + b]! -= pushed;
      capacity[b * size + a]! += pushed;
    }
  }
  // what the last search from the source could still reach: groups that want more, and foods that have no more
  return {
    gotG: groups.map((group, i) => group.needG - capacity[source * size + i]!),
    short: groups.flatMap((_, i) => (from[i] !== -1 ? [i] : [])),
    exhausted: foods.flatMap((food, i) => (from[first + i] !== -1 ? food.foods : [])).sort((a, b) => a - b),
  };
}

/** A least part of each need that must come from some foods only. */
export interface LeastPart {
  /** Of the need. */
  share: number;
  foods: ReadonlySet<number>;
}

/**
 * The same with everything asked at once: so much in all, and of it at least so much from each part. The linear program
 * of these rows is a flow, since a part of a need can be filled first and the rest from anything: each group becomes
 * one taker for each part and one for the rest. A food in two parts counts for one of them, which never promises more.
 */
export function sharingInParts(
  groups: readonly FlowGroup[],
  parts: readonly LeastPart[],
  leftG: readonly number[],
): Sharing {
  const rest = Math.max(0, 1 - parts.reduce((sum, least) => sum + least.share, 0));
  const takers = groups.flatMap((eaters) => [
    ...parts.map((least) => ({
      ...eaters,
      needG: eaters.needG * least.share,
      eats: eaters.eats.filter((f) => least.foods.has(f)),
    })),
    { ...eaters, needG: eaters.needG * rest },
  ]);
  const shared = sharing(takers, leftG);
  const each = parts.length + 1;
  return {
    gotG: groups.map((_, i) => shared.gotG.slice(i * each, (i + 1) * each).reduce((a, b) => a + b, 0)),
    short: [...new Set(shared.short.map((t) => Math.floor(t / each)))],
    exhausted: shared.exhausted,
  };
}

const HALVINGS = 12;

/**
 * Grams that each group gets when all are filled evenly: the share that everyone can have first, then more for those
 * who can have more without taking it from others (max-min, by filling step by step). Nobody gets more than the need.
 */
export function fairShare(groups: readonly FlowGroup[], leftG: readonly number[]): number[] {
  const level = groups.map(() => 1);
  const open = new Set(groups.keys());
  const fits = (levels: readonly number[]) => {
    const asked = groups.map((eaters, i) => ({ ...eaters, needG: eaters.needG * levels[i]! }));
    return shareOut(asked, leftG).every((got, i) => got >= asked[i]!.needG - 1e-3);
  };
  const withOpen = (share: number, only?: number) =>
    level.map((l, i) =>
      open.has(i) && (only === undefined || only === i) ? share : open.has(i) ? floor : l,
    );
  let floor = 0;
  while (open.size > 0) {
    if (fits(withOpen(1))) break;
    let [low, high] = [floor, 1];
    for (let i = 0; i < HALVINGS; i++) {
      const middle = (low + high) / 2;
      if (fits(withOpen(middle))) low = middle;
      else high = middle;
    }
    floor = low;
    // those who cannot have a little more, alone, stay at this level
    const stuck = [...open].filter((i) => !fits(withOpen(Math.min(1, floor + 2 * 0.5 ** HALVINGS), i)));
    for (const i of stuck.length > 0 ? stuck : [...open]) {
      level[i] = floor;
      open.delete(i);
    }
  }
  return groups.map((eaters, i) => eaters.needG * level[i]!);
}
