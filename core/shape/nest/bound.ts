import type { Polygon } from '../../geometry/index.js';
import { perimeterOf } from '../outline.js';
import { sliceAreaMm2, type Slice } from '../slice.js';
import type { Distances } from './energy.js';
import { areaWithin } from './field.js';
import type { Kind } from './kind.js';

/**
 * No packing has more pieces than this. By area: each piece with half a gap around it, in the slice less its margin. For
 * round cutters in a slice without a hole Oler's inequality for points that far apart in a convex region (N. Oler, 1961):
 * N ≤ 2/√3 · A/d² + P/2d + 1.
 */
export function boundOf(kind: Kind, slice: Slice, { gapMm, marginMm }: Distances): number {
  const grown = grownArea(kind, gapMm / 2);
  const less = marginMm - gapMm / 2;
  // a slice grown or shrunk by a little: by its perimeter, a hole the other way; grown corners are rounded, so that this is enough
  const edge =
    perimeterOf(slice.outer) * less + slice.holes.reduce((sum, hole) => sum + perimeterOf(hole) * less, 0);
  const room =
    less > 0 ? sliceAreaMm2(slice) - shrunk(slice, less) : sliceAreaMm2(slice) - edge + Math.PI * less * less;
  const byArea = Math.max(0, Math.floor(room / grown + 1e-9));
  if (kind.radius === 0 || !slice.round || slice.round.innerMm > 0) return byArea;
  const radius = slice.round.outerMm - marginMm - kind.radius;
  if (radius < 0) return 0;
  const d = 2 * kind.radius + gapMm;
  const oler = (2 / Math.sqrt(3)) * ((Math.PI * radius * radius) / (d * d)) + (Math.PI * radius) / d + 1;
  return Math.min(byArea, Math.floor(oler + 1e-9));
}

/** At least so much of a slice lies nearer to its edge than `less`; of one with sides nothing is taken off: it may be thin. */
function shrunk(slice: Slice, less: number): number {
  if (!slice.round) return 0;
  const { outerMm, innerMm } = slice.round;
  const [outer, inner] = [Math.max(0, outerMm - less), innerMm > 0 ? innerMm + less : 0];
  return sliceAreaMm2(slice) - Math.PI * Math.max(0, outer * outer - inner * inner);
}

/** The field's cells may count a little too much: so much of it is sure. */
const SURE_OF_FIELD = 0.98;

/** At least what an outline covers when it is grown by `mm`: never more than that, or the bound would be wrong. */
function grownArea(kind: Kind, mm: number): number {
  if (kind.radius > 0) return Math.PI * (kind.radius + mm) ** 2;
  if (mm === 0) return kind.areaMm2;
  if (isConvex(kind.outline)) return kind.areaMm2 + perimeterOf(kind.outline) * mm + Math.PI * mm * mm;
  return Math.max(kind.areaMm2, SURE_OF_FIELD * areaWithin(kind.field, mm));
}

const isConvex = (outline: Polygon): boolean =>
  outline.every(([bx, by], i) => {
    const [ax, ay] = outline.at(i - 1)!;
    const [cx, cy] = outline[(i + 1) % outline.length]!;
    return (bx - ax) * (cy - by) - (by - ay) * (cx - bx) >= -1e-9;
  });
