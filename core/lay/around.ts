import type { LaidElement, Placement, Plan, Surface } from '../plan/index.js';
import { inside } from '../geometry/index.js';
import type { Stands } from './anchors.js';
import { laySurface, type LaidSurface } from './lay.js';
import { partsOf } from './parts.js';
import { HARD_LAYER } from './lies.js';
import { hardOverlaps } from './scores.js';

/** Beyond this share of the kinds changed there is no rest to keep: the surface is laid afresh. */
const MOST_CHANGED = 1 / 3;

/**
 * Lays what differs between two states of one plan, and leaves the rest where it lies: a food that was swapped takes
 * the ground that came free. Surfaces on which nothing differs are not in the answer; one that was never laid, has
 * changed itself, keeps another part for somebody, or has changed by more than a third, is laid afresh, pins kept.
 * Deterministic for both plans and the seed.
 */
export function layAround(before: Plan, after: Plan, seed: number): LaidSurface[] {
  return after.surfaces.flatMap((surface) => {
    const [was, is] = [onSurface(before, surface), onSurface(after, surface)];
    const stays = is.filter((placement) => was.some((otherPlacement) => same(placement, otherPlacement)));
    const identical = stays.length === is.length && was.length === is.length;
    if (identical && unchanged(before, surface)) return [];
    const laid = laidOn(after, surface);
    const afresh =
      laid.length === 0 ||
      !unchanged(before, surface) ||
      figuresOn(before, surface) !== figuresOn(after, surface) ||
      zoneOf(was) !== zoneOf(is) ||
      stays.length < is.length * (1 - MOST_CHANGED);
    if (afresh) return [laySurface(after, surface, seed)];
    return [unpinned(laidAmong(after, surface, stays, seed), laid)];
  });
}

const onSurface = (plan: Plan, surface: Surface): Placement[] =>
  plan.placements.filter((placement) => placement.surfaceId === surface.id && placement.lot === 0);

const laidOn = (plan: Plan, surface: Surface): readonly LaidElement[] =>
  plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? [];

const same = (placement: Placement, otherPlacement: Placement): boolean =>
  JSON.stringify(placement) === JSON.stringify(otherPlacement);

const unchanged = (before: Plan, surface: Surface): boolean =>
  JSON.stringify(before.surfaces.find((otherSurface) => otherSurface.id === surface.id)) ===
  JSON.stringify(surface);

/** The figures that stand on a surface: a new one wants its place before all else. */
const figuresOn = (plan: Plan, { id }: Surface): string =>
  JSON.stringify(
    plan.motifs
      .filter(
        ({ surfaceId, id: motif }) =>
          surfaceId === id && plan.placements.some((placement) => placement.motif === motif),
      )
      .map(({ id: motif, outline }) => [motif, outline]),
  );

/** The kinds in the part that is kept for somebody. */
const zoneOf = (placements: readonly Placement[]): string =>
  placements
    .filter((placement) => placement.inZone)
    .map((placement) => placement.componentId)
    .sort()
    .join(' ');

/**
 * What stays is held, and something hard takes the place of something hard that went. Where it comes to stand on soft
 * food all the same, that makes room and is laid again too.
 */
function laidAmong(plan: Plan, surface: Surface, stays: readonly Placement[], seed: number): LaidSurface {
  const held = (element: LaidElement) =>
    stays.some(
      (placement) =>
        placement.componentId === element.componentId &&
        placement.form === element.form &&
        placement.motif === element.motif,
    );
  const lay = (keep: (element: LaidElement) => boolean, stands?: Stands) =>
    laySurface(pinning(plan, surface, keep), surface, seed, stands ? { stands } : {});
  const stands = standsFor(pinning(plan, surface, held), surface);
  const inPlace = lay(held, stands);
  const came = (laid: LaidSurface) => laid.elements.filter(({ layer }) => layer === HARD_LAYER).length;
  const fits = hardOverlaps(inPlace.elements).length === 0 && came(inPlace) >= hardParts(plan, surface);
  const first = fits ? inPlace : lay(held);
  const come = first.elements.filter((element) => !held(element));
  if (come.some((element) => element.layer < HARD_LAYER && element.pieces.length === 0))
    return laySurface(plan, surface, seed);
  const hard = come.filter((element) => element.layer === HARD_LAYER);
  const went = laidOn(plan, surface).filter((element) => element.layer === HARD_LAYER && !held(element));
  const buried = (element: LaidElement) =>
    hard.some((otherElement) => standsOn(otherElement, element)) &&
    !went.some((otherElement) => standsOn(otherElement, element));
  const covered = new Set(
    first.elements
      .filter((element) => element.layer < HARD_LAYER && held(element) && buried(element))
      .map((element) => element.id),
  );
  if (covered.size === 0) return first;
  return lay((element) => held(element) && !covered.has(element.id), fits ? stands : undefined);
}

const hardParts = (plan: Plan, surface: Surface): number =>
  partsOf(plan, surface).filter(({ kind }) => kind === 'hard').length;

/** For each hard part that comes, the place of a hard element that went, the largest to the largest. */
function standsFor(plan: Plan, surface: Surface): Stands {
  const parts = partsOf(plan, surface);
  const come = parts.filter((part) => part.kind === 'hard' && !part.pinned);
  const stay = new Set(parts.map((part) => part.pinned?.id));
  const went = laidOn(plan, surface).filter(
    (element) => element.layer === HARD_LAYER && !stay.has(element.id),
  );
  const size = (element: LaidElement) =>
    Math.max(...element.outline.map(([x, y]) => Math.hypot(x - element.x, y - element.y)));
  went.sort((a, b) => size(b) - size(a));
  come.sort((a, b) => b.lengthMm - a.lengthMm);
  return new Map(come.slice(0, went.length).map((part, i) => [part.id, went[i]!]));
}

/** A slice may be tucked under a cheese; more of a food than this share may not. */
const MOST_TUCKED = 0.15;

/** Does a hard element stand on more of a soft one than may be tucked under it? */
function standsOn(hard: LaidElement, soft: LaidElement): boolean {
  const [c, s] = [Math.cos((soft.angle * Math.PI) / 180), Math.sin((soft.angle * Math.PI) / 180)];
  const under = soft.pieces.filter(([x, y]) =>
    inside(hard.outline, soft.x + x * c - y * s, soft.y + x * s + y * c),
  );
  return under.length > soft.pieces.length * MOST_TUCKED;
}

/** The plan with these elements held fast. */
export function pinning(plan: Plan, surface: Surface, held: (element: LaidElement) => boolean): Plan {
  return {
    ...plan,
    layout: plan.layout.map((layer) =>
      layer.surfaceId === surface.id
        ? {
            ...layer,
            elements: layer.elements.map((element) =>
              held(element) ? { ...element, pinned: true } : element,
            ),
          }
        : layer,
    ),
  };
}

/** Only what the stylist's own hand had pinned stays pinned. */
export function unpinned(done: LaidSurface, laid: readonly LaidElement[]): LaidSurface {
  const byHand = new Set(laid.filter((element) => element.pinned).map((element) => element.id));
  return {
    ...done,
    elements: done.elements.map((element) => ({ ...element, pinned: byHand.has(element.id) })),
  };
}
