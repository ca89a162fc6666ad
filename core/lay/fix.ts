import { areaOf, hypot2 } from '../geometry/index.js';
import type { LaidElement, Plan, Surface } from '../plan/index.js';
import { laySurface, type LaidSurface } from './lay.js';
import { HARD_LAYER, HERB_LAYER } from './lies.js';
import { pinning, unpinned } from './around.js';
import { faultsOf, judged } from './scores.js';
import type { Fault, TermId } from './terms/index.js';

/** Rules that what stands breaks: there the bowl or cheese itself must move. */
const OF_STANDING: ReadonlySet<TermId> = new Set(['knife', 'star', 'free', 'tips', 'tall', 'pairs']);
/** So many ways are looked at before it is given up. */
const MOST_TRIES = 16;
/** A pile trades places with one about as large. */
const MOST_RATIO = 2.3;
/** The board as a whole may lose no more than this by it. */
const MOST_LOSS = 0.02;

const reachOf = (element: LaidElement, { at: [x, y] }: Fault): number => hypot2(element.x - x, element.y - y);

/** What is laid anew in each try: what the fault is about, with what lies there, or with one that could trade places with it. */
function loosenings(rule: TermId, fault: Fault, elements: readonly LaidElement[]): LaidElement[][] {
  const movable = elements.filter(
    (element) => !element.pinned && element.motif === undefined && element.layer < HERB_LAYER,
  );
  const near = movable.toSorted((a, b) => reachOf(a, fault) - reachOf(b, fault));
  const named = fault.components.flatMap(
    (id) =>
      near.filter(
        (element) => element.componentId === id && (element.layer < HARD_LAYER || OF_STANDING.has(rule)),
      )[0] ?? [],
  );
  const soft = near.filter((element) => element.layer < HARD_LAYER && !named.includes(element));
  const around = [soft.slice(0, 2), soft.slice(0, 4), soft.slice(0, 7)].map((some) => [...named, ...some]);
  const others = named.flatMap((element) => {
    const mine = areaOf(element.outline);
    const alike = soft
      .filter((other) => {
        const ratio = areaOf(other.outline) / mine;
        return other.layer === element.layer && ratio < MOST_RATIO && ratio > 1 / MOST_RATIO;
      })
      .reverse();
    return alike.slice(0, 3).map((other) => [element, other]);
  });
  return [...others, ...around].filter((some) => some.length > 0);
}

/** The faults that stay are numbered by what they are about, so that one that could not be mended is not tried again. */
const nameOf = ({ components, at: [x, y] }: Fault): string =>
  components.length > 0 ? [...components].sort().join(' ') : `${Math.round(x / 40)} ${Math.round(y / 40)}`;

/**
 * Lays only what one broken rule is about otherwise, everything else held where it lies: one fault after the other, each by
 * the first try that leaves fewer of them and costs the whole hardly anything. Undefined where nothing got better.
 * Deterministic for plan and seed.
 */
export function layFixed(plan: Plan, surface: Surface, rule: TermId, seed: number): LaidSurface | undefined {
  const elements = plan.layout.find(({ surfaceId }) => surfaceId === surface.id)?.elements ?? [];
  const before = judged(plan, surface, elements);
  const given = new Set<string>();
  let now = plan;
  let best: LaidSurface | undefined;
  let lying: readonly LaidElement[] = elements;
  for (let tries = 0; tries < MOST_TRIES;) {
    const faults: readonly Fault[] = faultsOf(plan, surface, lying).get(rule)!;
    const fault = faults.find((fault) => !given.has(nameOf(fault)));
    if (!fault) break;
    let mended: LaidSurface | undefined;
    for (const loose of loosenings(rule, fault, lying)) {
      if (mended || tries >= MOST_TRIES) break;
      tries += 1;
      const ids = new Set(loose.map(({ id }) => id));
      const laid = laySurface(
        pinning(now, surface, ({ id }) => !ids.has(id)),
        surface,
        seed + tries,
      );
      const sound =
        laid.figures.hardOverlaps <= before.figures.hardOverlaps &&
        laid.elements.length >= lying.length &&
        laid.elements.every(({ pieces }) => pieces.length > 0);
      const fewer = faultsOf(plan, surface, laid.elements).get(rule)!.length < faults.length;
      if (sound && fewer && laid.whole >= before.whole - MOST_LOSS) mended = laid;
    }
    if (!mended) given.add(nameOf(fault));
    else {
      best = unpinned(mended, elements);
      lying = best.elements;
      now = withLayout(plan, best);
    }
  }
  return best;
}

const withLayout = (plan: Plan, { surfaceId, elements }: LaidSurface): Plan => ({
  ...plan,
  layout: plan.layout.map((layer) => (layer.surfaceId === surfaceId ? { surfaceId, elements } : layer)),
});
