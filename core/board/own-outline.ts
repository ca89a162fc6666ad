import { polygonHull } from 'd3-polygon';
import simplify from 'simplify-js';
import { areaOf, type Polygon } from '../geometry/index.js';
import { outlineSized, type Surface } from '../plan/index.js';
import type { Said } from '../words/index.js';

/** So many corners say any board well. */
const MOST_CORNERS = 120;
/** A drawing's curves are sides, and dents smaller than this share of it are none (house default). */
const DENT = 0.012;

export type OwnOutline = { ok: true; outline: Surface['outline'] } | { ok: false; problem: Said };

const round4 = (n: number): number => Math.round(n * 10_000) / 10_000;

/**
 * A drawing (millimetres, y upwards) as the outline of a surface, in the size that it was drawn. What does not bulge outward
 * everywhere is refused: food would be laid beside it.
 */
export function ownOutline(drawing: Polygon): OwnOutline {
  const hull = polygonHull(drawing.map(([x, y]): [number, number] => [x, -y]));
  if (!hull || areaOf(hull) === 0) return { ok: false, problem: { say: 'svg.no-outline' } };
  if (areaOf(drawing) < areaOf(hull) * (1 - DENT)) return { ok: false, problem: { say: 'outline.notched' } };
  const reach = (k: 0 | 1): [number, number] => {
    const all = hull.map((p) => p[k]);
    return [Math.min(...all), Math.max(...all)];
  };
  const [[left, right], [top, bottom]] = [reach(0), reach(1)];
  const [lengthMm, widthMm] = [right - left, bottom - top];
  if (Math.min(lengthMm, widthMm) < 20) return { ok: false, problem: { say: 'svg.tiny' } };
  let corners = hull;
  for (let tolerance = lengthMm / 4000; corners.length > MOST_CORNERS; tolerance *= 1.6)
    corners = polygonHull(
      simplify(
        hull.map(([x, y]) => ({ x, y })),
        tolerance,
      ).map(({ x, y }): [number, number] => [x, y]),
    )!;
  return {
    ok: true,
    outline: {
      kind: 'own',
      lengthMm: Math.round(lengthMm),
      widthMm: Math.round(widthMm),
      corners: corners.map(([x, y]): [number, number] => [
        clamp(round4((2 * (x - left)) / lengthMm - 1)),
        clamp(round4((2 * (y - top)) / widthMm - 1)),
      ]),
    },
  };
}

const clamp = (share: number): number => Math.max(-1, Math.min(1, share));

/** Sizes of a stand's tiers, of the lowest one's (house default). */
const TIERS = [1, 0.76, 0.54] as const;

/** A stand of three tiers instead of one surface, the lowest as large as that was. Each keeps its material, guests and promises. */
export function tiersOf(surface: Surface, names: readonly [string, string, string]): Surface[] {
  const step = (mm: number, k: number) => Math.max(60, Math.round((mm * k) / 10) * 10);
  return TIERS.map((k, i) => ({
    ...surface,
    id: (i === 0 ? surface.id : `${surface.id.slice(0, 52)}-tier-${i + 1}`) as Surface['id'],
    name: names[i]!,
    outline: outlineSized(surface.outline, (mm) => step(mm, k)),
    tierOf: surface.id,
  }));
}
