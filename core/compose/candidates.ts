import { FORMS, formOf, type Component, type FormFact, type FormId, usualForm } from '../catalogue/index.js';
import {
  countsThere,
  isNobodys,
  isOwnPlate,
  isSweetSpread,
  quietAreas,
  reachesOnto,
  servingAreas,
  smallChildrenWithin,
  type QuietAreas,
  type ServingArea,
} from '../board/index.js';
import { forbiddenToSmall, helpingG, judgeGroup, type Verdict } from '../needs/index.js';
import { guestsIn, portionsIn, type Group } from '../party/index.js';
import { keepsFree, planLarder, type Placement, type Plan } from '../plan/index.js';
import {
  BOWL_G_PER_CM2,
  COUNTED,
  kindRanges,
  type KindRange,
  lotShares,
  targetsOf,
  type CountedFamily,
  type Targets,
} from '../portion/index.js';

/** One component on one area, in the form in which it would lie there. */
export interface Candidate {
  component: Component;
  area: ServingArea;
  form: FormId;
  contained: boolean;
  gPerCm2: number;
  /** Share of its mass that lies there at opening. */
  laidShare: number;
  pieceG: number;
  /** Verdict by group id, for the groups that the area serves. */
  verdicts: Map<string, Verdict>;
  minG: number;
  maxG: number;
  /** What lies there and stays as it is: the stylist's own hand. */
  held?: Placement[];
}

export interface Problem {
  plan: Plan;
  targets: Targets;
  areas: ServingArea[];
  /** Where groups whose needs mind contact turn to. */
  quiet: QuietAreas;
  candidates: Candidate[];
  /** Does what lies on the board stay? */
  keep: boolean;
}

/** The first form that stops service for no small child near; the usual form where there is none near. */
function formFor(component: Component, area: ServingArea, plan: Plan): FormId | undefined {
  const small = smallChildrenWithin(plan, area.surface);
  // what would stop service there is not proposed, nor a shape that only might choke
  const fits = (form: FormId) =>
    small
      .map((group) => judgeGroup(component, form, group))
      .every(
        (judgement) =>
          !forbiddenToSmall(judgement) && !judgement.reasons.some((reason) => reason.fact === 'choking'),
      );
  const usual = usualForm(component).form;
  // an own plate is small: a whole wheel or a large bowl has no place on it
  const forms = component.forms.filter((fact) => !isOwnPlate(plan, area.surface) || fact.pieceG <= 30);
  return (
    forms.map((fact) => fact.form).find(fits) ??
    (small.length === 0 && !isOwnPlate(plan, area.surface) ? usual : undefined)
  );
}

/** The least that is worth laying of a kind, and the most before it crowds out the others, as shares of an even split. */
const LEAST_OF_EVEN = 0.5;
const MOST_OF_EVEN = 2;
/** Honey, jam and jelly: so many grams a portion at most (house default). */
const SWEET_SPREAD_G = 6;
/** A child's plate: grams of one food (house default). */
const PLATE_G: [number, number] = [6, 26];
const PLATE_ROUNDING = 1.15;
/** A single wheel, wedge or bowl is never less than this. */
const LEAST_ALONE_G = 150;

/** What is asked of every food, worked out once for the plan. */
interface Asked {
  plan: Plan;
  targets: Targets;
  kinds: Record<CountedFamily, KindRange>;
  quiet: QuietAreas;
}

function massLimits(
  component: Component,
  fact: FormFact,
  lots: number,
  area: ServingArea,
  { plan, targets, kinds }: Asked,
): [number, number] {
  const { byFamily, portions } = targets;
  if (isOwnPlate(plan, area.surface)) {
    // a child's helping of it, so that a bite can be built; whole pieces round it a little
    const part = Math.min(1, portionsIn(area.groups) / guestsIn(area.groups));
    const least = Math.max(PLATE_G[0], helpingG(component) * part * PLATE_ROUNDING);
    return [least * area.copies, Math.max(PLATE_G[1], least * 1.5) * area.copies];
  }
  const even =
    byFamily[component.family as CountedFamily] / Math.max(1, kinds[component.family as CountedFamily].from);
  const { pieceG } = fact;
  // one piece in each lot on each copy of the surface
  const round = pieceG * lots * area.copies;
  if (FORMS[fact.form].wholeLots) {
    // each lot is whole wheels, and the same number of them
    const wheels = Math.max(1, Math.round(even / round)) * round;
    return [wheels, wheels];
  }
  const alone = pieceG > LEAST_ALONE_G;
  const least = Math.max(
    even * LEAST_OF_EVEN,
    // less than one helping on a small box builds no bite
    helpingG(component) * area.copies,
    alone ? LEAST_ALONE_G * area.copies : pieceG * 3,
    FORMS[fact.form].cutToMass ? 0 : round,
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
  const areas = servingAreas(plan);
  const quiet = quietAreas(plan.party, areas);
  const asked = { plan, targets, kinds: kindRanges(plan), quiet };
  const candidates: Candidate[] = [];
  for (const component of planLarder(plan).values()) {
    if (plan.wishes.excluded.includes(component.id)) continue;
    if (!(COUNTED as readonly string[]).includes(component.family)) continue;
    const pinned = plan.wishes.pinned.includes(component.id);
    // a food nobody knows anything about is never proposed, only pinned
    if (component.made === 'unknown' && !pinned) continue;
    for (const area of areas) {
      const here = keep ? heldOn(plan, component, area) : [];
      const found =
        here.length > 0 ? heldCandidate(component, area, here) : candidateOn(component, area, asked);
      if (found) candidates.push(found);
    }
  }
  return { plan, targets, areas, quiet, candidates, keep };
}

const heldOn = (plan: Plan, component: Component, area: ServingArea): Placement[] =>
  plan.placements.filter(
    (placement) =>
      placement.componentId === component.id &&
      area.surfaces.some((surface) => surface.id === placement.surfaceId),
  );

function heldCandidate(component: Component, area: ServingArea, held: Placement[]): Candidate {
  const [first] = held;
  const massG = held.reduce((sum, placement) => sum + placement.massG, 0);
  const laidG = held
    .filter((placement) => placement.lot === 0)
    .reduce((sum, placement) => sum + placement.massG, 0);
  const fact = formOf(component, first!.form) ?? usualForm(component);
  return {
    component,
    area,
    form: fact.form,
    contained: first!.contained,
    gPerCm2: first!.contained ? BOWL_G_PER_CM2 : fact.gPerCm2,
    laidShare: laidG / massG,
    pieceG: fact.pieceG,
    verdicts: new Map(
      area.groups.map((group) => [group.id as string, judgeGroup(component, fact.form, group).verdict]),
    ),
    minG: massG,
    maxG: massG,
    held,
  };
}

function candidateOn(component: Component, area: ServingArea, asked: Asked): Candidate | undefined {
  const { plan, quiet } = asked;
  if (area.surface.freeFrom.some((id) => keepsFree(component, id) !== 'keeps')) return undefined;
  const form = formFor(component, area, plan);
  if (!form) return undefined;
  const verdicts = new Map(
    area.groups.map((group) => [group.id as string, judgeGroup(component, form, group).verdict]),
  );
  if (isNobodys(verdicts)) return undefined;
  if (isOwnPlate(plan, area.surface) && [...verdicts.values()].some((verdict) => verdict !== 'fine'))
    return undefined;
  if (plan.policy === 'everything-fits' && [...verdicts.values()].some((verdict) => verdict !== 'fine'))
    return undefined;
  const fact = component.forms.find((fact) => fact.form === form)!;
  const contained =
    FORMS[form].bowl === true ||
    (FORMS[form].lies !== 'alone' &&
      plan.bowls.some((bowl) => bowl.count > 0) &&
      reachesOnto(component, area, quiet));
  const shares = lotShares(component, plan);
  const [minG, maxG] = massLimits(component, fact, shares.length, area, asked);
  return {
    component,
    area,
    form,
    contained,
    gPerCm2: contained ? BOWL_G_PER_CM2 : fact.gPerCm2,
    laidShare: isOwnPlate(plan, area.surface) ? 1 : FORMS[form].wholeLots ? 1 / shares.length : shares[0]!,
    pieceG: fact.pieceG,
    verdicts,
    minG,
    maxG,
  };
}

/** May the group count on this candidate where it would lie? */
export const countsFor = (candidate: Candidate, group: Group, quiet: QuietAreas): boolean =>
  countsThere(candidate.component, candidate.verdicts.get(group.id), candidate.area, group, quiet);
