import { planLarder, type LaidElement, type Plan, type Surface } from '../plan/index.js';
import { hypot2, inside, type Point } from '../geometry/index.js';
import { pinning, unpinned } from './around.js';
import type { Spot } from './anchors.js';
import { laySurface, type LaidSurface } from './lay.js';
import { HARD_LAYER, lies } from './lies.js';

/** More of a pile than this under what was moved onto it, and it makes way. */
const MOST_UNDER = 0.12;
/** What lay so near to a place that came free grows into it. */
const BESIDE_MM = 16;

const same = (a: LaidElement, b: LaidElement): boolean =>
  a.x === b.x && a.y === b.y && a.angle === b.angle && a.pieces.length === b.pieces.length;

const middle = (outline: readonly Point[]): Point => [
  outline.reduce((sum, [x]) => sum + x, 0) / outline.length,
  outline.reduce((sum, [, y]) => sum + y, 0) / outline.length,
];

/**
 * After a hand has moved, parted or grown something: what lies under it makes way and what lay beside its old place grows into
 * that, from where they lie; all else stays. Undefined where nothing must. Deterministic for both plans and the seed.
 */
export function layMakingWay(
  before: Plan,
  after: Plan,
  surface: Surface,
  seed: number,
): LaidSurface | undefined {
  const larder = planLarder(after);
  const of = (plan: Plan) => plan.layout.find(({ surfaceId }) => surfaceId === surface.id)?.elements ?? [];
  const [was, is] = [of(before), of(after)];
  const unmoved = (element: LaidElement) => was.some((old) => old.id === element.id && same(old, element));
  const moved = is.filter((element) => !unmoved(element));
  const left = was.filter((old) => !is.some((element) => element.id === old.id && same(element, old)));
  if (moved.length === 0) return undefined;
  const outlinesOf = (element: LaidElement) => {
    const component = larder.get(element.componentId);
    return component ? lies(element, component) : [];
  };
  const on = moved.flatMap(outlinesOf);
  const free = left.flatMap((element) => outlinesOf(element).flat());
  const makesWay = (element: LaidElement): boolean => {
    if (element.pinned || element.layer >= HARD_LAYER || element.motif !== undefined || !unmoved(element))
      return false;
    const pieces = outlinesOf(element).map(middle);
    const under = pieces.filter(([x, y]) => on.some((outline) => inside(outline, x, y)));
    if (under.length > pieces.length * MOST_UNDER) return true;
    return outlinesOf(element).some((outline) =>
      outline.some(([x, y]) => free.some(([u, v]) => hypot2(x - u, y - v) < BESIDE_MM)),
    );
  };
  const loose = is.filter(makesWay);
  if (loose.length === 0) return undefined;
  const ids = new Set(loose.map(({ id }) => id));
  const stands = new Map(loose.map(({ id, x, y }): [string, Spot] => [id, { x, y, angle: 0 }]));
  const held = pinning(after, surface, ({ id }) => !ids.has(id));
  return unpinned(laySurface(held, surface, seed, { stands }), is);
}
