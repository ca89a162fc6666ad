import type { Point, Polygon } from '../../geometry/index.js';
import { LETTERS } from './letters-data.js';
import type { Cutter } from './library.js';

/** Sets of letter cutters, bent after the shipped font: strong strokes, and thin ones for what is firm. */
export const LETTER_SETS = Object.keys(LETTERS) as (keyof typeof LETTERS)[];
export type LetterSet = (typeof LETTER_SETS)[number];

const pointsOf = (text: string): Polygon => {
  const values = text.split(' ').map(Number);
  return values.flatMap((x, i) => (i % 2 === 0 ? [[x, values[i + 1]!] as Point] : []));
};

const SETS: Record<LetterSet, ReadonlyMap<string, Cutter>> = { bold: setOf('bold'), slim: setOf('slim') };

function setOf(set: LetterSet): ReadonlyMap<string, Cutter> {
  return new Map(
    Object.entries(LETTERS[set]).map(([letter, text]) => [
      letter,
      {
        id: `${set}-${letter === '&' ? 'and' : letter.toLowerCase()}`,
        name: letter,
        group: 'letter',
        outline: pointsOf(text),
      },
    ]),
  );
}

export const LETTER_CUTTERS: readonly Cutter[] = LETTER_SETS.flatMap((set) => [...SETS[set].values()]);

/** Accents are left away, small letters are capitals; undefined for what no letter cutter has. */
export const letterOf = (set: LetterSet, char: string): Cutter | undefined =>
  SETS[set].get(char.normalize('NFD').replace(/\p{M}/gu, '').toUpperCase());
