import type { Polygon } from '../../geometry/index.js';
import { boundsOf, centred, heightOf, reachOf, scaled, widthOf } from '../outline.js';
import { LETTER_CUTTERS } from './letters.js';
import { CUTTERS, type Cutter } from './library.js';

export { LETTER_CUTTERS, LETTER_SETS, letterOf, type LetterSet } from './letters.js';
export { CUTTERS, type Cutter, type CutterGroup } from './library.js';

const BY_ID: ReadonlyMap<string, Cutter> = new Map(
  [...CUTTERS, ...LETTER_CUTTERS].map((cutter) => [cutter.id, cutter]),
);

export const cutterById = (id: string): Cutter | undefined => BY_ID.get(id);

/** How large a cutter is: its larger measure, or both sides of the rectangle around it. Millimetres. */
export type CutterSize = number | { widthMm: number; heightMm: number };

/** Its outline in millimetres about its middle. A size is the larger side, or the circle through the tips where it has them. */
export function sizedOutline(outline: Polygon, size: CutterSize, byTips = false): Polygon {
  const middle = centred(outline);
  const bounds = boundsOf(middle);
  if (typeof size !== 'number')
    return scaled(middle, size.widthMm / widthOf(bounds), size.heightMm / heightOf(bounds));
  const across = byTips ? 2 * reachOf(middle) : Math.max(widthOf(bounds), heightOf(bounds));
  return scaled(middle, size / across);
}

export const cutterOutline = (cutter: Cutter, size: CutterSize): Polygon =>
  sizedOutline(cutter.outline, size, cutter.byTips);
