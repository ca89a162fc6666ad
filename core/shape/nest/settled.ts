import { placed } from '../../geometry/index.js';
import { Energy } from './energy.js';
import { isKept, type Placed } from './exact.js';
import type { NestRequest } from './index.js';
import { kindOf } from './kind.js';

/** How far from where it was let go a piece is looked for a place, in which steps, and in how many ways. */
const FAR_MM = 30;
const STEP_MM = 0.5;
const WAYS = 24;

interface Spot {
  cutter: number;
  x: number;
  y: number;
  angle: number;
}

/**
 * The nearest place to where a hand let go of a piece that keeps the margin to the edge and the gap to the other pieces
 * that hands have set. The rest is nested again around it. Undefined where there is no such place near.
 */
export function settledAt(request: NestRequest, spot: Spot): Spot | undefined {
  const { cutters, slice, gapMm, marginMm, locked = [] } = request;
  const kinds = cutters.map(({ outline }) => kindOf(outline, Math.max(gapMm, marginMm) + 0.6));
  const all = [spot, ...locked];
  const energy = new Energy(
    kinds,
    slice,
    { gapMm, marginMm },
    Uint8Array.from(all, ({ cutter }) => cutter),
    Uint8Array.from(all, (_, i) => (i > 0 ? 1 : 0)),
    true,
  );
  const lain = ({ cutter, x, y, angle }: Spot, isLocked: boolean): Placed => ({
    cutter,
    x,
    y,
    angle,
    outline: placed(kinds[cutter]!.outline, x, y, angle),
    locked: isLocked,
  });
  const others = locked.map((piece) => lain(piece, true));
  const fits = (at: Spot): boolean => isKept(energy, [lain(at, false), ...others]);
  if (fits(spot)) return spot;
  for (let r = STEP_MM; r <= FAR_MM; r += STEP_MM) {
    for (let way = 0; way < WAYS; way++) {
      const turn = (2 * Math.PI * way) / WAYS;
      const at = { ...spot, x: spot.x + r * Math.cos(turn), y: spot.y + r * Math.sin(turn) };
      if (fits(at)) return at;
    }
  }
  return undefined;
}
