import { bodyOf, LEAST_NECK_MM } from './survive.js';
import { boundsOf, centred, heightOf, moved, scaled } from './outline.js';
import { letterOf, type LetterSet } from './cutters/letters.js';
import { neckOf } from './neck.js';
import { Nesting, type Placed } from './nest/index.js';
import type { Slice } from './slice.js';
import type { ComponentId } from '../catalogue/index.js';
import type { Polygon } from '../geometry/index.js';
import type { Said } from '../words/index.js';

export interface WordAsked {
  text: string;
  set: LetterSet;
  /** Of a capital, in millimetres. */
  heightMm: number;
  slice: Slice;
  food: ComponentId;
  gapMm: number;
  marginMm: number;
  seed: number;
}

export interface WordLetter {
  letter: string;
  outline: Polygon;
  neckMm: number;
  holds: boolean;
  /** So thin for this food that one more is cut. */
  thin: boolean;
  /** In the word, and with its spare. */
  count: number;
  cut: number;
}

export interface NestedWord {
  /** Each letter of the word once. */
  letters: WordLetter[];
  /** What no letter cutter has. */
  missing: string[];
  /** The pieces on each slice; `cutter` counts in `letters`. */
  slices: Placed[][];
  /** All that is to be cut was placed. */
  nested: boolean;
  spares: number;
  /** Of the word as it is laid, with its gaps. */
  lengthMm: number;
  fits: boolean;
  /** The least height at which every letter holds in the food. */
  leastMm: number | undefined;
  why: Said;
}

/** Between two letters, and between two words, as shares of their height (house default). */
const LETTER_GAP = 0.12;
const WORD_GAP = 0.5;
/** A neck is thin while it is no more than so many times what holds. */
const THIN = 1.25;
/** Looks at all distances before a slice is taken as full, and slices before a word is given up. */
const STEPS_A_SLICE = 2500;
const MOST_SLICES = 30;

const capital = (set: LetterSet): number => heightOf(boundsOf(letterOf(set, 'H')!.outline));

/** A letter of a set in millimetres, about its middle. */
export const letterOutline = (set: LetterSet, letter: string, heightMm: number): Polygon | undefined => {
  const cutter = letterOf(set, letter);
  return cutter && centred(scaled(cutter.outline, heightMm / capital(set)));
};

/** The letters of a word, whether each holds, nested on as many slices as they need. */
export function nestWord(asked: WordAsked): NestedWord {
  const chars = [...asked.text.normalize('NFC')].filter((char) => char.trim() !== '');
  const missing = [...new Set(chars.filter((char) => !letterOf(asked.set, char)))];
  const letters = lettersOf(asked, chars);
  const slices = missing.length > 0 || letters.length === 0 ? [] : slicesOf(asked, letters);
  const placed = slices.reduce((sum, pieces) => sum + pieces.length, 0);
  const wanted = letters.reduce((sum, { cut }) => sum + cut, 0);
  const weak = letters.filter(({ holds }) => !holds);
  const leastMm = leastHeight(asked, letters);
  const nested = wanted > 0 && placed === wanted;
  return {
    letters,
    missing,
    slices,
    nested,
    spares: wanted - chars.length + missing.length,
    lengthMm: wordOutlines(asked).lengthMm,
    fits: missing.length === 0 && nested && weak.length === 0,
    leastMm,
    why: whyOf(asked, missing, weak, nested, leastMm),
  };
}

function lettersOf({ set, heightMm, food }: WordAsked, chars: readonly string[]): WordLetter[] {
  const body = bodyOf(food);
  const least = body === undefined ? Infinity : LEAST_NECK_MM[body];
  const counts = new Map<string, number>();
  for (const char of chars) {
    const name = letterOf(set, char)?.name;
    if (name !== undefined) counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  return [...counts].map(([letter, count]) => {
    const outline = letterOutline(set, letter, heightMm)!;
    const { neckMm } = neckOf(outline);
    const thin = neckMm < least * THIN;
    return { letter, outline, neckMm, holds: neckMm >= least, thin, count, cut: count + (thin ? 1 : 0) };
  });
}

/** What did not go onto one slice goes onto the next. */
function slicesOf({ slice, gapMm, marginMm, seed }: WordAsked, letters: readonly WordLetter[]): Placed[][] {
  const left = letters.map(({ cut }) => cut);
  const slices: Placed[][] = [];
  while (left.some((n) => n > 0) && slices.length < MOST_SLICES) {
    const nesting = new Nesting({
      slice,
      cutters: letters.map(({ outline }, k) => ({ outline, want: left[k]! })),
      gapMm,
      marginMm,
      seed: seed + slices.length,
    });
    while (!nesting.done && nesting.steps < STEPS_A_SLICE) nesting.step();
    const { pieces } = nesting.best;
    if (pieces.length === 0) break;
    slices.push([...pieces]);
    for (const { cutter } of pieces) left[cutter]! -= 1;
  }
  return slices;
}

/** The word as it stands on the board, about its middle: its letters in a row, with gaps; y upwards. */
export function wordOutlines({ text, set, heightMm }: Pick<WordAsked, 'text' | 'set' | 'heightMm'>): {
  outlines: Polygon[];
  lengthMm: number;
} {
  let x = 0;
  let gap = 0;
  const outlines: Polygon[] = [];
  for (const char of text.trim()) {
    const outline = letterOutline(set, char, heightMm);
    if (!outline) {
      if (char.trim() === '') gap = WORD_GAP * heightMm;
      continue;
    }
    const { left, right } = boundsOf(outline);
    x += outlines.length === 0 ? 0 : gap;
    outlines.push(moved(outline, x - left, 0));
    x += right - left;
    gap = LETTER_GAP * heightMm;
  }
  return { outlines: outlines.map((outline) => moved(outline, -x / 2, 0)), lengthMm: x };
}

/** Necks grow with the letter. */
function leastHeight({ heightMm, food }: WordAsked, letters: readonly WordLetter[]): number | undefined {
  const body = bodyOf(food);
  if (!body || letters.length === 0) return undefined;
  const narrowest = Math.min(...letters.map(({ neckMm }) => neckMm));
  return Math.ceil((heightMm * LEAST_NECK_MM[body]) / narrowest - 1e-6);
}

function whyOf(
  { food }: WordAsked,
  missing: readonly string[],
  weak: readonly WordLetter[],
  nested: boolean,
  leastMm: number | undefined,
): Said {
  if (missing.length > 0) return { say: 'word.missing', with: { letters: missing.join(' ') } };
  if (!bodyOf(food)) return { say: 'word.unfit' };
  if (weak.length > 0)
    return {
      say: 'word.thin',
      with: { letters: weak.map(({ letter }) => letter).join(' '), least: { mm: leastMm! } },
    };
  return nested ? { say: 'word.fits' } : { say: 'word.too-large' };
}
