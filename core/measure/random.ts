import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A stream of numbers that a seed decides; the core has no other randomness. */
export interface Random {
  /** In [0, 1). */
  next(): number;
  /** In [from, to). */
  range(from: number, to: number): number;
  /** A whole number in [0, n); n ≥ 1. */
  int(n: number): number;
  pick<T>(items: readonly T[]): T;
}

const TWO_POW_32 = 4294967296;

export function createRandom(seed: number): Random {
  const source = xoroshiro128plus(seed | 0);
  const next = () => (source.next() >>> 0) / TWO_POW_32;
  return {
    next,
    range: (from, to) => from + (to - from) * next(),
    int: (n) => Math.floor(next() * n),
    pick: (items) => {
      const item = items[Math.floor(next() * items.length)];
      if (item === undefined) throw new Error('pick needs at least one item');
      return item;
    },
  };
}

/** A stable whole number from words, so that one thing's drawing does not depend on the order of the others. */
export function seedOf(...parts: readonly (string | number)[]): number {
  let h = 2166136261;
  for (const ch of parts.join('\u0001')) {
    h ^= ch.charCodeAt(0);
    h = Math.imul(h, 16777619);
  }
  return h | 0;
}
