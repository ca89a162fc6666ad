import { FORMS, formOf, type Component, type FormFact, type FormId, usualForm } from '../catalogue/index.js';
import {
  carriesTo,
  disliked,
  helpingG,
  isGrave,
  judgeGroup,
  type Judgement,
  type Verdict,
} from '../needs/index.js';
import { guestsIn, hasSmallChildren, portionsOf, type Group } from '../party/index.js';
import { keepsFree, planLarder, type Placement, type Plan, type Surface } from '../plan/index.js';
import {
  BOWL_G_PER_CM2,
  COUNTED,
  kindRanges,
  type KindRange,
  lotShares,
  targetsOf,
  type CountedFamily,
  type Targets,
  bowlHoldsG,
  largestBowlMm,
} from '../portion/index.js';

/** Surfaces with the same guests, promises and outline are composed as one and shared out evenly. */
export interface Ground {
  surfaces: Surface[];
  surface: Surface;
  copies: number;
  groups: Group[];
}

/** One component on one ground, in the form in which it would lie there. */
export interface Candidate {
  component: Component;
  ground: Ground;
  form: FormId;
  contained: boolean;
  gPerCm2: number;
  /** Share of its mass that lies there at opening. */
  laidShare: number;
  pieceG: number;
  /** Verdict by group id, for the groups that the ground serves. */
  verdicts: Map<string, Verdict>;
  minG: number;
  maxG: number;
  /** What lies there and stays as it is: the stylist's own hand. */
  held?: Placement[];
}

export interface Problem {
  plan: Plan;
  targets: Targets;
  grounds: Ground[];
  candidates: Candidate[];
  /** Does what lies on the board stay? */
  keep: boolean;
}

export const groupsOf = (plan: Plan, surface: Surface): Group[] =>
  surface.serves ? plan.party.filter((g) => surface.serves!.includes(g.id)) : [...plan.party];

function groundsOf(plan: Plan): Ground[] {
  const grounds: Ground[] = [];
  for (const surface of plan.surfaces) {
    const key = JSON.stringify([surface.serves, surface.freeFrom, surface.outline, surface.rimMm]);
    const twin = surface.serves
      ? grounds.find(
          (g) =>
            JSON.stringify([g.surface.serves, g.surface.freeFrom, g.surface.outline, g.surface.rimMm]) ===
            key,
        )
      : undefined;
    if (twin) {
      twin.surfaces.push(surface);
      twin.copies += 1;
    } else grounds.push({ surfaces: [surface], surface, copies: 1, groups: groupsOf(plan, surface) });
  }
  return grounds;
}

/** Food that none of those whom a surface serves may eat is never proposed there, whatever the policy. */
export const isNobodys = (verdicts: ReadonlyMap<string, Verdict>): boolean =>
  verdicts.size > 0 && [...verdicts.values()].every((v) => v === 'forbidden');

/** Is the surface kept for the guests of one table need, so that everything on it must be fine for them? */
export const isOwnPlate = (ground: Ground, plan: Plan): boolean =>
  ground.surface.serves !== null &&
  ground.groups.length > 0 &&
  ground.groups.length < plan.party.length &&
  ground.groups.every((g) => hasSmallChildren(g));

/** Small children who can reach this surface, whether it is meant for them or not. */
export const smallWithin = (plan: Plan, surface: Surface): Group[] =>
  plan.party.filter(
    (g) => hasSmallChildren(g) && (surface.smallHands || groupsOf(plan, surface).includes(g)),
  );

/** Do the rules for small children forbid it: a shape that chokes, raw milk, very salty food? */
export const forbiddenToSmall = ({ reasons }: Judgement): boolean =>
  reasons.some((r) => r.need.startsWith('child-') && r.verdict === 'forbidden');

/** The first form that stops service for no small child near; the usual form where there is none near. */
function formFor(component: Component, ground: Ground, plan: Plan): FormId | undefined {
  const small = smallWithin(plan, ground.surface);
  // what would stop service there is not proposed, nor a shape that only might choke
  const fits = (form: FormId) =>
    small
      .map((g) => judgeGroup(component, form, g))
      .every((j) => !forbiddenToSmall(j) && !j.reasons.some((r) => r.fact === 'choking'));
  const usual = usualForm(component).form;
  // an own plate is small: a whole wheel or a large bowl has no place on it
  const forms = component.forms.filter((f) => !isOwnPlate(ground, plan) || f.pieceG <= 30);
  return (
    forms.map((f) => f.form).find(fits) ??
    (small.length === 0 && !isOwnPlate(ground, plan) ? usual : undefined)
  );
}

/** What is not cut or filled to its mass comes in whole pieces. */
export const CUT_TO_MASS: ReadonlySet<FormId> = new Set(['wedge', 'log', 'bowl', 'smeared']);

/** A bowl of one food larger than this is too far to reach around; more goes into a second one (house default). */
const MOST_IN_A_BOWL_G = 330;

/** What one bowl holds at most: no more than the largest at hand. */
export const mostInABowlG = (plan: Plan): number => {
  const largest = largestBowlMm(plan);
  // whole tens: a mass that is rounded for the scale still goes in
  const holds = largest === undefined ? MOST_IN_A_BOWL_G : Math.floor(bowlHoldsG(largest) / 10) * 10;
  return Math.max(10, Math.min(MOST_IN_A_BOWL_G, holds));
};

/** The least that is worth laying of a kind, and the most before it crowds out the others, as shares of an even split. */
const LEAST_OF_EVEN = 0.5;
const MOST_OF_EVEN = 2;
/** Honey, jam and jelly go by the teaspoon: so many grams a portion at most (house default). */
const SWEET_SPREAD_G = 6;
/** A child's plate: grams of one food (house default). */
const PLATE_G: [number, number] = [6, 26];
const PLATE_ROUNDING = 1.15;
/** A single wheel, wedge or bowl is never less than this. */
const LEAST_ALONE_G = 150;

const isSweetSpread = (c: Component): boolean => c.family === 'spread-dip' && (c.taste?.sweet ?? 0) >= 4;

/** What is asked of every food, worked out once for the plan. */
interface Asked {
  plan: Plan;
  targets: Targets;
  kinds: Record<CountedFamily, KindRange>;
  quiet: QuietGrounds;
}

function massLimits(
  component: Component,
  fact: FormFact,
  lots: number,
  ground: Ground,
  { plan, targets, kinds }: Asked,
): [number, number] {
  const { byFamily, portions } = targets;
  if (isOwnPlate(ground, plan)) {
    // a child's helping of it, so that a bite can be built; whole pieces round it a little
    const part = Math.min(1, portionsAt(ground.groups) / guestsIn(ground.groups));
    const least = Math.max(PLATE_G[0], helpingG(component) * part * PLATE_ROUNDING);
    return [least * ground.copies, Math.max(PLATE_G[1], least * 1.5) * ground.copies];
  }
  const even =
    byFamily[component.family as CountedFamily] / Math.max(1, kinds[component.family as CountedFamily].from);
  const { pieceG } = fact;
  // one piece in each lot on each copy of the surface
  const round = pieceG * lots * ground.copies;
  if (fact.form === 'wheel') {
    // each lot is whole wheels, and the same number of them
    const wheels = Math.max(1, Math.round(even / round)) * round;
    return [wheels, wheels];
  }
  const alone = pieceG > LEAST_ALONE_G;
  const least = Math.max(
    even * LEAST_OF_EVEN,
    // less than one helping on a small box builds no bite
    helpingG(component) * ground.copies,
    alone ? LEAST_ALONE_G * ground.copies : pieceG * 3,
    CUT_TO_MASS.has(fact.form) ? 0 : round,
  );
  const most = Math.max(even * MOST_OF_EVEN, least * 1.5, pieceG);
  return isSweetSpread(component)
    ? [Math.min(least, SWEET_SPREAD_G * portions * 0.5), SWEET_SPREAD_G * portions]
    : [least, most];
}

/**
 * Everything that may be chosen at all, with where and how. With `keep`, what lies on the board already stays as it is,
 * in its form and with its grams; the rest is chosen around it.
 */
export function problemOf(plan: Plan, keep = false): Problem {
  const targets = targetsOf(plan);
  const grounds = groundsOf(plan);
  const asked = { plan, targets, kinds: kindRanges(plan), quiet: quietGrounds({ plan, grounds }) };
  const candidates: Candidate[] = [];
  for (const component of planLarder(plan).values()) {
    if (plan.wishes.excluded.includes(component.id)) continue;
    if (!(COUNTED as readonly string[]).includes(component.family)) continue;
    const pinned = plan.wishes.pinned.includes(component.id);
    // a food nobody knows anything about is never proposed, only pinned
    if (component.made === 'unknown' && !pinned) continue;
    for (const ground of grounds) {
      const here = keep ? heldOn(plan, component, ground) : [];
      const found =
        here.length > 0 ? heldCandidate(component, ground, here) : candidateOn(component, ground, asked);
      if (found) candidates.push(found);
    }
  }
  return { plan, targets, grounds, candidates, keep };
}

const heldOn = (plan: Plan, component: Component, ground: Ground): Placement[] =>
  plan.placements.filter(
    (p) => p.componentId === component.id && ground.surfaces.some((s) => s.id === p.surfaceId),
  );

function heldCandidate(component: Component, ground: Ground, held: Placement[]): Candidate {
  const [first] = held;
  const massG = held.reduce((n, p) => n + p.massG, 0);
  const laidG = held.filter((p) => p.lot === 0).reduce((n, p) => n + p.massG, 0);
  const fact = formOf(component, first!.form) ?? usualForm(component);
  return {
    component,
    ground,
    form: fact.form,
    contained: first!.contained,
    gPerCm2: first!.contained ? BOWL_G_PER_CM2 : fact.gPerCm2,
    laidShare: laidG / massG,
    pieceG: fact.pieceG,
    verdicts: new Map(
      ground.groups.map((g) => [g.id as string, judgeGroup(component, fact.form, g).verdict]),
    ),
    minG: massG,
    maxG: massG,
    held,
  };
}

function candidateOn(component: Component, ground: Ground, asked: Asked): Candidate | undefined {
  const { plan, quiet } = asked;
  if (ground.surface.freeFrom.some((id) => keepsFree(component, id) !== 'keeps')) return undefined;
  const form = formFor(component, ground, plan);
  if (!form) return undefined;
  const verdicts = new Map(
    ground.groups.map((g) => [g.id as string, judgeGroup(component, form, g).verdict]),
  );
  if (isNobodys(verdicts)) return undefined;
  if (isOwnPlate(ground, plan) && [...verdicts.values()].some((v) => v !== 'fine')) return undefined;
  if (plan.policy === 'everything-fits' && [...verdicts.values()].some((v) => v !== 'fine')) return undefined;
  const fact = component.forms.find((f) => f.form === form)!;
  const contained =
    form === 'bowl' ||
    (FORMS[form].lies !== 'alone' &&
      plan.bowls.some((b) => b.count > 0) &&
      reachesOnto(component, ground, quiet));
  const shares = lotShares(component, plan);
  const [minG, maxG] = massLimits(component, fact, shares.length, ground, asked);
  return {
    component,
    ground,
    form,
    contained,
    gPerCm2: contained ? BOWL_G_PER_CM2 : fact.gPerCm2,
    laidShare: isOwnPlate(ground, plan) ? 1 : form === 'wheel' ? 1 / shares.length : shares[0]!,
    pieceG: fact.pieceG,
    verdicts,
    minG,
    maxG,
  };
}

/** For a group with a contact need: the surfaces that keep its promise. */
type QuietGrounds = ReadonlyMap<string, Set<Ground>>;

/** May the group count on this food there: fine, liked, and with no neighbour that would carry to it? */
export function countsFor(c: Candidate, group: Group, quiet: QuietGrounds): boolean {
  if (c.verdicts.get(group.id) !== 'fine' || disliked(c.component, group)) return false;
  const grounds = quiet.get(group.id);
  return !grounds || grounds.has(c.ground);
}

const KEPT: Record<string, string[]> = {
  'gluten-free': ['gluten'],
  'tree-nut-free': ['nuts'],
  halal: ['pork', 'alcohol'],
  'dairy-free': ['milk'],
  'egg-free': ['egg'],
  'peanut-free': ['peanuts'],
  'sesame-free': ['sesame'],
  'fish-free': ['fish'],
};

/**
 * Where a group has a surface that keeps its promise, it counts on those surfaces alone. A group with a contact
 * need and no such surface counts on every one; Check then says what touches what.
 */
export function quietGrounds(problem: Pick<Problem, 'plan' | 'grounds'>): Map<string, Set<Ground>> {
  const out = new Map<string, Set<Ground>>();
  for (const group of problem.plan.party) {
    const asked = group.needs.flatMap((n) => KEPT[n.id] ?? []);
    if (asked.length === 0) continue;
    const keeps = problem.grounds.filter(
      (g) =>
        g.groups.includes(group) &&
        asked.every((id) => (g.surface.freeFrom as readonly string[]).includes(id)),
    );
    if (keeps.length > 0) out.set(group.id, new Set(keeps));
  }
  return out;
}

/**
 * A food that reaches guests here who have no quiet surface to turn to: crumbs, or what an allergy minds, also where
 * only the label can tell. It stands in a bowl of its own.
 */
export const reachesOnto = (component: Component, ground: Ground, quiet: QuietGrounds): boolean =>
  ground.groups.some(
    (g) =>
      !quiet.has(g.id) &&
      carriesTo(component, g).some(
        (r) =>
          r.reach !== 'neighbours' &&
          (isGrave(r.need, r.choice) || (component.job === 'vehicle' && r.verdict === 'carries')),
      ),
  );

/** Groups whose allergy a food on this ground would reach, though they are served from it. */
export const reachesGravely = (c: Candidate): boolean =>
  c.ground.groups.some((g) =>
    carriesTo(c.component, g).some(
      (r) => r.need.id === 'tree-nut-free' && isGrave(r.need, r.choice) && r.verdict === 'carries',
    ),
  );

const NO_PORK = ['halal', 'kosher-style'];

/** Pork or alcohol beside guests who must not meet it and have no surface of their own to turn to. */
export const reachesUnsheltered = (c: Candidate, quiet: QuietGrounds): boolean =>
  c.ground.groups.some(
    (g) =>
      !quiet.has(g.id) &&
      carriesTo(c.component, g).some((r) => NO_PORK.includes(r.need.id) && r.verdict === 'carries'),
  );

export const isUnrestricted = (group: Group): boolean => group.needs.length === 0 && !hasSmallChildren(group);

export const portionsAt = (groups: readonly Group[]): number => groups.reduce((n, g) => n + portionsOf(g), 0);
