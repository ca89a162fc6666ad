import {
  countsOnSome,
  DIFFERENT_BITES,
  ENOUGH,
  isFresh,
  partsAsked,
  shareLeft,
  type Part,
  type PlacedFood,
} from '../board/index.js';
import { formOf } from '../catalogue/index.js';
import { helpingG } from '../needs/index.js';
import { portionsOf, type Group } from '../party/index.js';
import { needG, wantsBread } from '../portion/index.js';
import type { Said } from '../words/index.js';
import type { CheckContext } from './context.js';
import { plateSums } from './plates.js';
import { fairShare, shareOut, sharing, sharingInParts, type FlowGroup, type Sharing } from './flow.js';

export interface LookedAfter {
  group: Group;
  ok: boolean;
  /** Grams the group can count on while the others take their proportional share, at most what it needs. */
  sureG: number;
  needG: number;
  /** The same when the other groups with needs fill up on this group's foods first; at most `sureG`. */
  worstG: number;
  /** Has a need or a dislike, so that others can take what it counts on. */
  restricted: boolean;
  body: number;
  vehicle: number;
  fresh: number;
  bites: number;
  /** What is missing, to be said; empty when nothing is. */
  missing: Said[];
  foods: PlacedFood[];
}

export interface PartyCare {
  groups: LookedAfter[];
  /** The largest share, as a multiple of the proportional one, that the others may take; 0 when somebody is short already. */
  greed: number;
  /** What is missing now, or would be first beyond that. */
  shortFirst?: RunsShort;
}

const MOST_GREED = 3;

/** What is left of each food for the restricted when the unrestricted take `greed` times their proportional share. */
const leftOf = (c: CheckContext, l: PlacedFood, greed: number): number =>
  l.massG * shareLeft(c.groupsAt(l.surface), greed);

function flowOf(
  c: CheckContext,
  foods: readonly PlacedFood[],
  groups: readonly Group[],
  share: number,
): FlowGroup[] {
  return groups.map((g) => ({
    id: g.id,
    needG: needG(g, c.targets) * share,
    eats: foods.flatMap((l, i) => (c.counts(l, g) ? [i] : [])),
  }));
}

function kindsOf(foods: readonly PlacedFood[], job: string): number {
  return new Set(foods.filter((l) => l.component.job === job).map((l) => l.component.id)).size;
}

/** A helping in grams, to the nearest whole piece of what comes in pieces smaller than it. */
function helpingOf(l: PlacedFood): number {
  const helping = helpingG(l.component);
  const pieceG = formOf(l.component, l.form)?.pieceG ?? 0;
  return pieceG < helping ? helping - pieceG / 2 : helping;
}

/**
 * Different bites that can be built on one surface, each part with a helping's worth there: bread, body and contrast
 * that stand on different boards are no bite.
 */
function bitesOf(foods: readonly PlacedFood[], bread: boolean, group: Group): number {
  // a child's helping is as much smaller as its portion
  const part = Math.min(1, portionsOf(group) / group.count);
  const bites = new Set<string>();
  for (const surface of new Set(foods.map((l) => l.surface))) {
    const here = foods.filter((l) => l.surface === surface && l.massG >= helpingOf(l) * part);
    const of = (job: string) =>
      here.filter((l) => l.component.job === job).map((l) => l.component.id as string);
    for (const body of of('body'))
      for (const contrast of of('contrast'))
        for (const vehicle of bread ? of('vehicle') : ['']) bites.add(`${body} ${contrast} ${vehicle}`);
  }
  return bites.size;
}

/** A plate that goes beyond what the group strictly counts: nobody is looked after with it. */
function beyondLimit(c: CheckContext, group: Group): Said[] {
  return plateSums(c)
    .filter((p) => p.group === group && p.strict && p.sum.low > p.limit)
    .map((p) => ({
      say: 'care.missing.limit',
      with: {
        sum: Math.ceil(p.sum.low),
        limit: p.limit,
        unit: p.quantity.unit,
        what: p.quantity.what,
      },
    }));
}

function careOf(
  c: CheckContext,
  group: Group,
  sureG: number,
  worstG: number,
  restricted: boolean,
): LookedAfter {
  const foods = c.placed.filter((l) => c.counts(l, group));
  const body = kindsOf(foods, 'body');
  const vehicle = kindsOf(foods, 'vehicle');
  const fresh = new Set(foods.filter((l) => isFresh(l.component)).map((l) => l.component.id)).size;
  const bread = wantsBread(c.plan);
  const bites = bitesOf(foods, bread, group);
  const need = needG(group, c.targets);
  const missing: Said[] = [];
  if (sureG < need * ENOUGH)
    missing.push({
      say: 'care.missing.grams',
      with: {
        sure: { g: Math.floor(sureG / group.count) },
        need: { g: Math.round(need / group.count) },
      },
    });
  if (body === 0) missing.push({ say: 'care.missing.body' });
  if (bread && vehicle === 0) missing.push({ say: 'care.missing.vehicle' });
  if (fresh === 0) missing.push({ say: 'care.missing.fresh' });
  missing.push(...beyondLimit(c, group));
  if (bites < DIFFERENT_BITES) missing.push({ say: 'care.missing.bites', with: { n: bites } });
  return {
    group,
    ok: missing.length === 0,
    sureG,
    needG: need,
    worstG,
    restricted,
    body,
    vehicle,
    fresh,
    bites,
    missing,
    foods,
  };
}

/** What runs short first when the others take more than the certificate allows. */
export interface RunsShort {
  /** One part of a plate, or all of the food. */
  what: Part['id'] | 'food';
  groups: Group[];
  foods: PlacedFood[];
  missingG: number;
}

/**
 * The restricted groups share what the others leave: what runs short at each share of the others, undefined when everyone
 * gets enough of everything at once. Who eats what is looked up once for all shares.
 */
function shortOver(
  c: CheckContext,
  foods: readonly PlacedFood[],
  groups: readonly Group[],
): (greed: number) => RunsShort | undefined {
  const told = (
    what: RunsShort['what'],
    asked: readonly FlowGroup[],
    shared: Sharing,
  ): RunsShort | undefined => {
    const missingG = asked.reduce((n, a, i) => n + a.needG - shared.gotG[i]!, 0);
    return missingG <= 0.5
      ? undefined
      : {
          what,
          groups: shared.short.map((i) => groups[i]!),
          foods: shared.exhausted.map((i) => foods[i]!),
          missingG,
        };
  };
  const all = flowOf(c, foods, groups, ENOUGH);
  const parts = partsAsked(wantsBread(c.plan)).map((p) => ({
    ...p,
    share: p.least / ENOUGH,
    foods: new Set(foods.flatMap((l, i) => (p.is(l.component) ? [i] : []))),
  }));
  const alone = parts.map((part) =>
    all.map((g) => ({
      ...g,
      needG: g.needG * part.share,
      eats: g.eats.filter((f) => part.foods.has(f)),
    })),
  );
  return (greed) => {
    const left = foods.map((l) => leftOf(c, l, greed));
    const joint = told('food', all, sharingInParts(all, parts, left));
    if (!joint) return undefined;
    // what is short by itself is named first: "bread" helps more than "food"
    for (const [i, part] of parts.entries()) {
      const found = told(part.id, alone[i]!, sharing(alone[i]!, left));
      if (found) return found;
    }
    return joint;
  };
}

const known = new WeakMap<CheckContext, PartyCare>();

/** Is everyone looked after? The restricted groups are judged together: they share what the others leave. */
export function partyCare(c: CheckContext): PartyCare {
  const care = known.get(c) ?? careOfParty(c);
  known.set(c, care);
  return care;
}

/**
 * Grams left for one restricted group when the others of them, each up to its need, take what they can of just the foods
 * that it counts on: those foods less a largest flow of the others into them.
 */
function leftAtWorst(
  c: CheckContext,
  foods: readonly PlacedFood[],
  restricted: readonly Group[],
  r: number,
): number {
  const left = foods.map((l) => leftOf(c, l, 1));
  const flows = flowOf(c, foods, restricted, 1);
  const mine = new Set(flows[r]!.eats);
  const others = flows
    .filter((_, i) => i !== r)
    .map((g) => ({ ...g, eats: g.eats.filter((f) => mine.has(f)) }));
  const taken = shareOut(others, left).reduce((a, b) => a + b, 0);
  return Math.max(0, [...mine].reduce((n, f) => n + left[f]!, 0) - taken);
}

function careOfParty(c: CheckContext): PartyCare {
  const foods = c.placed.filter((l) => l.component.job !== 'none');
  const restricted = c.plan.party.filter(countsOnSome);
  const now = fairShare(
    flowOf(c, foods, restricted, 1),
    foods.map((l) => leftOf(c, l, 1)),
  );
  // who eats everything is sure of what is there when all share: the restricted take what they may from elsewhere too
  const together = fairShare(
    flowOf(c, foods, c.plan.party, 1),
    foods.map((l) => l.massG),
  );
  const groups = c.plan.party.map((group, i) => {
    const r = restricted.indexOf(group);
    const sure = r >= 0 ? Math.min(now[r]!, together[i]!) : together[i]!;
    const worst = r >= 0 ? Math.min(sure, leftAtWorst(c, foods, restricted, r)) : sure;
    return careOf(c, group, sure, worst, r >= 0);
  });
  const short = shortOver(c, foods, restricted);
  const ok = groups.every((g) => g.ok) && short(1) === undefined;
  const greed = ok ? largestGreed((at) => short(at) === undefined) : 0;
  const first = ok ? short(greed + STEP) : (short(1) ?? undefined);
  return {
    groups: withParts(groups, ok ? undefined : first),
    greed,
    ...(first ? { shortFirst: first } : {}),
  };
}

/** What each restricted group is sure of when the others take so many times their share, and what runs short then. */
export interface CareAt {
  greed: number;
  groups: { group: Group; sureG: number; needG: number }[];
  short?: RunsShort;
}

/** The promise at another share of the others than the proportional one: what the dial of Check shows. */
export function careAt(c: CheckContext, greed: number): CareAt {
  const foods = c.placed.filter((l) => l.component.job !== 'none');
  const groups = c.plan.party.filter(countsOnSome);
  const sure = fairShare(
    flowOf(c, foods, groups, 1),
    foods.map((l) => leftOf(c, l, greed)),
  );
  const short = shortOver(c, foods, groups)(greed);
  return {
    greed,
    groups: groups.map((group, i) => ({ group, sureG: sure[i]!, needG: needG(group, c.targets) })),
    ...(short ? { short } : {}),
  };
}

/** A group with enough in all may still lack bread, body or fresh food beside the others who rely on it. */
function withParts(groups: LookedAfter[], short: RunsShort | undefined): LookedAfter[] {
  if (!short || short.what === 'food') return groups;
  return groups.map((g) =>
    g.ok && short.groups.includes(g.group)
      ? {
          ...g,
          ok: false,
          missing: [short.what].map((part) => ({
            say: 'care.missing.part' as const,
            with: { part: { say: `care.part.${part}` as const }, mass: { g: Math.ceil(short.missingG) } },
          })),
        }
      : g,
  );
}

const STEP = 0.02;

/** To a hundredth, by halving. */
function largestGreed(holds: (greed: number) => boolean): number {
  if (holds(MOST_GREED)) return MOST_GREED;
  let [low, high] = [1, MOST_GREED];
  while (high - low > 0.01) {
    const middle = (low + high) / 2;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return Math.floor(low * 100) / 100;
}
