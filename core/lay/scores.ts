import type { Point } from '../shape/index.js';
import type { Grid } from './grid.js';
import { colourApart, goTogether, isCrisp, isWet, SAME_COLOUR } from './neighbours.js';
import type { Part } from './parts.js';
import { coverCount, coverage, type Filled } from './settle.js';

export interface Scores {
  /** Share of the ground inside the rim that food hides; herbs and what lies under count nothing. */
  covered: number;
  sameColours: number;
  wetByCrisp: number;
  together: number;
  hardOverlaps: number;
  /** Pieces on the board, for the record. */
  pieces: number;
}

export function scoresOf(
  grid: Grid,
  filled: readonly Filled[],
  anchors: readonly Part[],
  hard: readonly (readonly Point[])[],
  pairs: readonly (readonly [Part, Part])[],
  hardOverlaps: number,
): { coverage: number; scores: Scores } {
  const covered = coverage(grid, coverCount(grid, filled, hard));
  const between = (test: (a: Part, b: Part) => boolean) => pairs.filter(([a, b]) => test(a, b)).length;
  return {
    coverage: Math.round(covered * 1000) / 1000,
    scores: {
      covered: Math.round(covered * 1000) / 1000,
      sameColours: between(
        (a, b) => a.component.id !== b.component.id && colourApart(a.component, b.component) < SAME_COLOUR,
      ),
      wetByCrisp: between(
        (a, b) =>
          (isWet(a.component) && isCrisp(b.component)) || (isWet(b.component) && isCrisp(a.component)),
      ),
      together: between((a, b) => goTogether(a.component, b.component)),
      hardOverlaps,
      pieces: filled.reduce((n, f) => n + f.pieces.length, 0) + anchors.length,
    },
  };
}
