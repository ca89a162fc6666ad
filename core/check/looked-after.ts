import {
  DIFFERENT_BITES,
  ENOUGH,
  isFresh,
  partsAsked,
  shareTaken,
  type Part,
  type PlacedFood,
} from '../board/index.js';
import { formOf, servingOf } from '../catalogue/index.js';
import { countsOnSome, guestsIn, portionsOf, type Group } from '../party/index.js';
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

/** A food as it is shared: what lies in single portions is only theirs before whom they stand. */
type SharedFood = PlacedFood & { only?: Group };

/** What can be eaten; single portions in as many parts as there are groups before whom they stand, by their guests. */
function foodsToShare(context: CheckContext): SharedFood[] {
  return context.placed
    .filter((placed) => placed.component.job !== 'none')
    .flatMap((placed): SharedFood[] => {
      if (!placed.surface.singles) return [placed];
      const groups = context.groupsAt(placed.surface);
      const guests = guestsIn(groups);
      return groups.map((only) => ({ ...placed, massG: (placed.massG * only.count) / guests, only }));
    });
}

const eatersOf = (context: CheckContext, food: SharedFood): readonly Group[] =>
  food.only ? [food.only] : context.groupsAt(food.surface);

const mayEat = (context: CheckContext, food: SharedFood, group: Group): boolean =>
  context.counts(food, group) && (food.only === undefined || food.only === group);

/**
 * Grams of each food that are left for the restricted when the unrestricted take `greed` times their proportional share:
 * of each food alike, and in all what they eat, or all that there is for them where that is less.
 */
function leftBy(context: CheckContext, foods: readonly SharedFood[]): (greed: number) => number[] {
  const before = (group: Group): number =>
    foods.reduce(
      (sum, placed) =>
        sum + placed.massG * shareTaken(eatersOf(context, placed), (other) => (other === group ? 1 : 0)),
      0,
    );
  const eats = new Map(
    context.plan.party.map((group) => [
      group,
      countsOnSome(group) ? 0 : Math.min(1, needG(group, context.targets) / Math.max(1e-9, before(group))),
    ]),
  );
  const taken = foods.map((placed) => shareTaken(eatersOf(context, placed), (group) => eats.get(group) ?? 0));
  return (greed) => foods.map((placed, i) => placed.massG * Math.max(0, 1 - greed * taken[i]!));
}

function flowOf(
  context: CheckContext,
  foods: readonly SharedFood[],
  groups: readonly Group[],
  share: number,
): FlowGroup[] {
  return groups.map((group) => ({
    id: group.id,
    needG: needG(group, context.targets) * share,
    eats: foods.flatMap((placed, i) => (mayEat(context, placed, group) ? [i] : [])),
  }));
}

function kindsOf(foods: readonly PlacedFood[], job: string): number {
  return new Set(foods.filter((placed) => placed.component.job === job).map((placed) => placed.component.id))
    .size;
}

/** A small helping in grams, to the nearest whole piece of what comes in pieces smaller than it. */
function helpingOf(placed: PlacedFood): number {
  const helping = servingOf(placed.component).helping.little;
  const pieceG = formOf(placed.component, placed.form)?.pieceG ?? 0;
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
  for (const surface of new Set(foods.map((placed) => placed.surface))) {
    const here = foods.filter(
      (placed) => placed.surface === surface && placed.massG >= helpingOf(placed) * part,
    );
    const of = (job: string) =>
      here.filter((placed) => placed.component.job === job).map((placed) => placed.component.id as string);
    for (const body of of('body'))
      for (const contrast of of('contrast'))
        for (const vehicle of bread ? of('vehicle') : ['']) bites.add(`${body} ${contrast} ${vehicle}`);
  }
  return bites.size;
}

/** A plate that goes beyond what the group strictly counts: nobody is looked after with it. */
function beyondLimit(context: CheckContext, group: Group): Said[] {
  return plateSums(context)
    .filter((sum) => sum.group === group && sum.strict && sum.sum.low > sum.limit)
    .map((sum) => ({
      say: 'care.missing.limit',
      with: {
        sum: Math.ceil(sum.sum.low),
        limit: sum.limit,
        unit: { word: sum.quantity.unit },
        what: { word: sum.quantity.what },
      },
    }));
}

function careOf(
  context: CheckContext,
  group: Group,
  sureG: number,
  worstG: number,
  restricted: boolean,
): LookedAfter {
  const foods = context.placed.filter((placed) => context.counts(placed, group));
  const body = kindsOf(foods, 'body');
  const vehicle = kindsOf(foods, 'vehicle');
  const fresh = new Set(
    foods.filter((placed) => isFresh(placed.component)).map((placed) => placed.component.id),
  ).size;
  const bread = wantsBread(context.plan);
  const bites = bitesOf(foods, bread, group);
  const need = needG(group, context.targets);
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
  missing.push(...beyondLimit(context, group));
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
  context: CheckContext,
  foods: readonly SharedFood[],
  groups: readonly Group[],
  leftAt: (greed: number) => number[],
): (greed: number) => RunsShort | undefined {
  const told = (
    what: RunsShort['what'],
    asked: readonly FlowGroup[],
    shared: Sharing,
  ): RunsShort | undefined => {
    const missingG = asked.reduce((sum, eaters, i) => sum + eaters.needG - shared.gotG[i]!, 0);
    return missingG <= 0.5
      ? undefined
      : {
          what,
          groups: shared.short.map((i) => groups[i]!),
          foods: shared.exhausted.map((i) => foods[i]!),
          missingG,
        };
  };
  const all = flowOf(context, foods, groups, ENOUGH);
  const parts = partsAsked(wantsBread(context.plan)).map((part) => ({
    ...part,
    share: part.least / ENOUGH,
    foods: new Set(foods.flatMap((placed, i) => (part.is(placed.component) ? [i] : []))),
  }));
  const alone = parts.map((part) =>
    all.map((eaters) => ({
      ...eaters,
      needG: eaters.needG * part.share,
      eats: eaters.eats.filter((f) => part.foods.has(f)),
    })),
  );
  return (greed) => {
    const left = leftAt(greed);
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
export function partyCare(context: CheckContext): PartyCare {
  const care = known.get(context) ?? careOfParty(context);
  known.set(context, care);
  return care;
}

/**
 * Grams left for one restricted group when the others of them, each up to its need, take what they can of just the foods
 * that it counts on: those foods less a largest flow of the others into them.
 */
function leftAtWorst(
  context: CheckContext,
  foods: readonly SharedFood[],
  left: readonly number[],
  restricted: readonly Group[],
  r: number,
): number {
  const flows = flowOf(context, foods, restricted, 1);
  const mine = new Set(flows[r]!.eats);
  const others = flows
    .filter((_, i) => i !== r)
    .map((eaters) => ({ ...eaters, eats: eaters.eats.filter((f) => mine.has(f)) }));
  const taken = shareOut(others, left).reduce((a, b) => a + b, 0);
  return Math.max(0, [...mine].reduce((sum, f) => sum + left[f]!, 0) - taken);
}

function careOfParty(context: CheckContext): PartyCare {
  const foods = foodsToShare(context);
  const restricted = context.plan.party.filter(countsOnSome);
  const leftAt = leftBy(context, foods);
  const left = leftAt(1);
  const now = fairShare(flowOf(context, foods, restricted, 1), left);
  // who eats everything is sure of what is there when all share: the restricted take what they may from elsewhere too
  const together = fairShare(
    flowOf(context, foods, context.plan.party, 1),
    foods.map((placed) => placed.massG),
  );
  const groups = context.plan.party.map((group, i) => {
    const r = restricted.indexOf(group);
    const sure = r >= 0 ? Math.min(now[r]!, together[i]!) : together[i]!;
    const worst = r >= 0 ? Math.min(sure, leftAtWorst(context, foods, left, restricted, r)) : sure;
    return careOf(context, group, sure, worst, r >= 0);
  });
  const short = shortOver(context, foods, restricted, leftAt);
  const ok = groups.every((care) => care.ok) && short(1) === undefined;
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
export function careAt(context: CheckContext, greed: number): CareAt {
  const foods = foodsToShare(context);
  const groups = context.plan.party.filter(countsOnSome);
  const leftAt = leftBy(context, foods);
  const sure = fairShare(flowOf(context, foods, groups, 1), leftAt(greed));
  const short = shortOver(context, foods, groups, leftAt)(greed);
  return {
    greed,
    groups: groups.map((group, i) => ({ group, sureG: sure[i]!, needG: needG(group, context.targets) })),
    ...(short ? { short } : {}),
  };
}

/** A group with enough in all may still lack bread, body or fresh food beside the others who rely on it. */
function withParts(groups: LookedAfter[], short: RunsShort | undefined): LookedAfter[] {
  if (!short || short.what === 'food') return groups;
  return groups.map((care) =>
    care.ok && short.groups.includes(care.group)
      ? {
          ...care,
          ok: false,
          missing: [short.what].map((part) => ({
            say: 'care.missing.part' as const,
            with: { part: { say: `care.part.${part}` as const }, mass: { g: Math.ceil(short.missingG) } },
          })),
        }
      : care,
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
