import { formOf, type Component } from '../catalogue/index.js';
import type { Cut, CutCutter, CutSlice } from '../plan/index.js';
import { libraryCutter, sliceFrom } from './cut.js';
import { cutterById, cutterOutline } from './cutters/index.js';
import { neckOf } from './neck.js';
import type { Slice } from './slice.js';
import { usualSliceOf } from './slices-of.js';
import { survives } from './survive.js';

/** Cutters for the motifs of a theme; a weave is laid, not cut. */
export const CUTTER_OF_MOTIF: Readonly<Record<string, string>> = {
  comet: 'comet',
  crescent: 'crescent',
  star: 'star',
  kite: 'kite',
  wave: 'wave',
  fish: 'fish',
  lamp: 'lantern',
  leaf: 'leaf',
};
const PLAIN = ['star', 'disc'];
/** A piece to eat is so large, and no larger (craft, section 8: 20 to 40 mm; a cutter over 60 mm makes more than a bite). */
const USUAL_MM = 32;
const MOST_MM = 46;
const STEP_MM = 2;

/** The least even size, from the usual one up, at which the cut stays whole; undefined where that is no bite. */
function sizeThatHolds(id: string, component: Component): number | undefined {
  const known = cutterById(id);
  if (!known) return undefined;
  const { verdict, larger } = survives(neckOf(cutterOutline(known, USUAL_MM)), component.id);
  if (verdict === 'unfit') return undefined;
  const size = Math.ceil((USUAL_MM * larger!) / STEP_MM) * STEP_MM;
  return size <= MOST_MM ? size : undefined;
}

const fitsIn = (slice: Slice, acrossMm: number): boolean =>
  Math.min(
    ...[0, 1].map((axis) => {
      const along = slice.outer.map((point) => point[axis]!);
      return Math.max(...along) - Math.min(...along);
    }),
  ) >=
  acrossMm + 4;

/**
 * What is proposed for a food: the theme's motif in its least size that holds, from the slice that a shop gives. Undefined
 * for a food of which nobody says that it can be cut.
 */
export function proposedCut(component: Component, motifs: readonly string[], seed: number): Cut | undefined {
  const { slice, thicknessMm } = usualSliceOf(component.id);
  const ids = [...motifs.flatMap((motif) => CUTTER_OF_MOTIF[motif] ?? []), ...PLAIN];
  for (const id of ids) {
    const size = sizeThatHolds(id, component);
    const cutter = size !== undefined && fitsIn(sliceFrom(slice), size) ? libraryCutter(id, size) : undefined;
    if (cutter) return cutWith(component, slice, thicknessMm, cutter, seed);
  }
  // a small slice gives one round each
  const small = libraryCutter('disc', 20);
  return survives(neckOf(small!.outline), component.id).verdict === 'holds'
    ? cutWith(component, slice, thicknessMm, small!, seed)
    : undefined;
}

const cutWith = (
  component: Component,
  slice: CutSlice,
  thicknessMm: number,
  cutter: CutCutter,
  seed: number,
): Cut => ({
  componentId: component.id,
  slice,
  thicknessMm,
  gapMm: 2,
  marginMm: 2,
  turns: null,
  cutters: [cutter],
  pieces: [],
  offcuts: formOf(component, 'cubes') || formOf(component, 'chunks') ? 'board' : 'waste',
  ownCutters: false,
  seed,
});
