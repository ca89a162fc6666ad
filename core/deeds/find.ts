import Fuse from 'fuse.js';

/** Something that is found by its words, or by what people say instead. */
export interface Sayable {
  words: string;
  also?: readonly string[];
}

/** Little words that say nothing about what is meant. */
const LITTLE = new Set(['the', 'a', 'an', 'this', 'that', 'to', 'please', 'it', 'my', 'of', 'from']);
/** 0 is the same word, 1 is any: what a slip of the finger still finds. */
const NEAR = 0.3;

/** The words that count: all of them, where nothing else was typed. */
function telling(text: string): string[] {
  const all = text.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const some = all.filter((word) => !LITTLE.has(word));
  return some.length > 0 ? some : all;
}

/** Those in which every word that was typed is found, the nearest first; all of them while nothing is typed. */
export function findByWords<T extends Sayable>(things: readonly T[], text: string): T[] {
  const words = telling(text);
  if (words.length === 0) return [...things];
  const fuse = new Fuse(things, {
    keys: [
      { name: 'words', weight: 2 },
      { name: 'also', weight: 1 },
    ],
    includeScore: true,
    threshold: NEAR,
    ignoreLocation: true,
  });
  // each word by itself, in any order: "swap the brie" and "brie swap" are the same
  let scores: Map<T, number> | undefined;
  for (const word of words) {
    const found = new Map(fuse.search(word).map((fuseResult) => [fuseResult.item, fuseResult.score ?? 0]));
    const before = scores;
    scores = new Map(
      [...found].flatMap(([item, score]) =>
        before === undefined || before.has(item) ? [[item, score + (before?.get(item) ?? 0)] as const] : [],
      ),
    );
  }
  const order = new Map(things.map((thing, i) => [thing, i]));
  return [...scores!].sort((a, b) => a[1] - b[1] || order.get(a[0])! - order.get(b[0])!).map(([t]) => t);
}
