import {
  homeMadeId,
  FORMS,
  formOf,
  servingOf,
  type Component,
  type FormFact,
  type FormId,
  type Helping,
  usualForm,
} from '../catalogue/index.js';
import {
  countsThere,
  helpingAt,
  isNobodys,
  isOwnPlate,
  lotsAt,
  mayLieOn,
  quietAreas,
  reachesOnto,
  servingAreas,
  smallChildrenWithin,
  type QuietAreas,
  type ServingArea,
} from '../board/index.js';
import { forbiddenToSmall, helpingG, isOftenToo, judgeGroup, type Verdict } from '../needs/index.js';
import { guestsIn, portionsIn, type Group } from '../party/index.js';
import { keepsFree, planLarder, type Placement, type Plan } from '../plan/index.js';
import { COUNTED, gPerCm2, houseRows, lacksCups, targetsOf, type Targets } from '../portion/index.js';

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
  /** As much as those who take it usually have. */
  usualG: number;
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
  /** May there be more of a food than those who take it have? Only where no board is made otherwise. */
  loose: boolean;
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
  const forms = component.forms.filter(
    (fact) => fact.form !== 'cut-outs' && (!isOwnPlate(plan, area.surface) || fact.pieceG <= 30),
  );
  return (
    forms.map((fact) => fact.form).find(fits) ??
    (small.length === 0 && !isOwnPlate(plan, area.surface) ? usual : undefined)
  );
}

/** A child's plate: grams of one food (house default). */
const PLATE_G: [number, number] = [6, 26];
const PLATE_ROUNDING = 1.15;

/** What is asked of every food, worked out once for the plan. */
interface Asked {
  plan: Plan;
  quiet: QuietAreas;
  loose: boolean;
}

/** The least of a food that looks like something, in grams, by how it is served; three pieces of others (house default). */
const LOOKS_G: Readonly<Record<string, number>> = {
  jam: 40,
  mustard: 30,
  'pickle-sharp': 25,
  'fish-salt': 25,
  seed: 25,
  sprout: 12,
};
const LOOKS_BY_FORM: Partial<Record<FormId, number>> = { wedge: 90, log: 90, bowl: 80 };
/** A strong cheese for few of the guests is cut smaller. */
const OF_A_STRONG_ONE = 0.5;
/** A handful of slices of cheese, meat or fish. */
const SLICES_G = 40;
/** But few guests are not given a whole wedge of it: so many grams a portion, and of a jam so many. */
const LOOKS_A_PORTION_G = 14;
const JAM_A_PORTION_G = 8;
/** Nobody gets a blender out for two spoons of a dip, or heats an oven for three crackers: in all so much (house defaults). */
const WORTH_MAKING_G = 60;
const WORTH_BAKING_G = 80;
/** Of what is small or light by nature. */
const WORTH_OF_AN_ACCENT_G = 30;
/** A whole wheel is bought where those who take it eat nearly so much of it. */
const OF_A_WHEEL = 0.95;

/** The least that looks like something on one copy of the surface. */
function leastThatLooks(component: Component, { form, pieceG }: FormFact, portions: number): number {
  const { class: name, weight } = servingOf(component);
  const slices = ['cheese', 'cured-meat', 'fish'].includes(component.family) ? SLICES_G : 0;
  const whole = LOOKS_BY_FORM[form];
  const cut = whole && weight === 'accent' ? whole * OF_A_STRONG_ONE : whole;
  const looks = LOOKS_G[name] ?? cut ?? Math.max(pieceG * 3, slices);
  const jam = name === 'jam' || name === 'mustard';
  return Math.min(looks, portions * (jam ? JAM_A_PORTION_G : LOOKS_A_PORTION_G));
}

/** The shared surface at which most are served. */
const isMain = (plan: Plan, area: ServingArea): boolean =>
  servingAreas(plan).every(
    (other) => isOwnPlate(plan, other.surface) || portionsIn(other.groups) <= portionsIn(area.groups),
  );

/** Grams of one food on an area: as those there take of it. Undefined where it is too little to be worth laying. */
/** How much larger a portion is than at drinks, for which a child's helpings stand; never less than it. */
const ofDrinks = (plan: Plan): number =>
  Math.max(1, targetsOf(plan).perPortionG / Object.values(houseRows()).reduce((sum, g) => sum + g, 0));

function massLimits(
  component: Component,
  fact: FormFact,
  lots: number,
  area: ServingArea,
  verdicts: ReadonlyMap<string, Verdict>,
  { plan, loose }: Asked,
): Helping | undefined {
  const helping = helpingAt(plan, component, area, verdicts);
  const { pieceG } = fact;
  if (isOwnPlate(plan, area.surface)) {
    // a helping for each child who eats from it, so that a bite can be built; whole pieces round it a little
    const eating = Math.max(1, guestsIn(area.groups) / area.copies);
    const part = Math.min(1, portionsIn(area.groups) / guestsIn(area.groups)) * eating * ofDrinks(plan);
    const least = Math.max(PLATE_G[0], helpingG(component) * part * PLATE_ROUNDING);
    // sweets and other small things stay small
    const most =
      servingOf(component).weight === 'base'
        ? Math.max(PLATE_G[1] * eating * ofDrinks(plan), least * 1.5)
        : Math.max(servingOf(component).helping.usual * eating, least);
    return { little: least * area.copies, usual: least * area.copies, most: most * area.copies };
  }
  const asked = loose || [...plan.wishes.pinned, plan.wishes.star].includes(component.id);
  // one piece in each lot on each copy of the surface
  const round = pieceG * lots * area.copies;
  if (FORMS[fact.form].wholeLots) {
    // a wheel that was asked for lies where most are served
    if (helping.most < OF_A_WHEEL * round && !(loose || (asked && isMain(plan, area)))) return undefined;
    // each lot is whole wheels, and the same number of them
    const wheels = Math.max(1, Math.round(helping.usual / round)) * round;
    return { little: wheels, usual: wheels, most: wheels };
  }
  const looks = leastThatLooks(component, fact, portionsIn(area.groups) / area.copies) * area.copies;
  const least = Math.max(helping.little, looks, FORMS[fact.form].cutToMass ? 0 : round);
  // a little is rounded up to what can be laid; beyond that it is too much for those who take it
  if (least > helping.most * ROUNDED_UP && !asked) return undefined;
  const most = Math.max(helping.most, least) * (loose ? LOOSER : 1);
  return { little: least, usual: Math.min(most, Math.max(helping.usual, least)), most };
}
const ROUNDED_UP = 1.02;
/** Where the larder, the minutes or the money feed nobody otherwise, so many times the most that is taken (house default). */
const LOOSER = 4;

/**
 * Everything that may be chosen at all, with where and how. With `keep`, what lies on the board already stays as it is,
 * in its form and with its grams; the rest is chosen around it.
 */
export function problemOf(plan: Plan, keep = false, loose = false): Problem {
  const targets = targetsOf(plan);
  const areas = servingAreas(plan);
  const quiet = quietAreas(plan.party, areas);
  const asked = { plan, quiet, loose };
  const made = new Set(plan.recipes.filter(({ serves }) => serves).map(homeMadeId));
  const candidates: Candidate[] = [];
  for (const component of planLarder(plan).values()) {
    if (plan.wishes.excluded.includes(component.id)) continue;
    if (!(COUNTED as readonly string[]).includes(component.family)) continue;
    const pinned = plan.wishes.pinned.includes(component.id);
    const here: Candidate[] = [];
    // a food nobody knows anything about is never proposed, only pinned
    if (component.made === 'unknown' && !pinned) continue;
    for (const area of areas) {
      const held = heldOn(plan, component, area);
      // what was shaped by hand, or lies in a motif, stays with all that lies of its food, as a pin does
      const stays =
        keep ||
        made.has(component.id) ||
        held.some(({ form, motif }) => form === 'cut-outs' || motif !== undefined);
      const found =
        held.length > 0 && stays ? heldCandidate(component, area, held) : candidateOn(component, area, asked);
      if (found) here.push(found);
    }
    const most = here.reduce((sum, { maxG }) => sum + maxG, 0);
    if (loose || most >= worthMakingG(plan, here)) candidates.push(...here);
  }
  return { plan, targets, areas, quiet, candidates, keep, loose };
}

/** Of a food that is made at home, so much on all surfaces together; none where it was asked for, or lies there already. */
export function worthMakingG(plan: Plan, candidates: readonly Candidate[]): number {
  const [first] = candidates;
  if (!first || candidates.some(({ held, area }) => held || isOwnPlate(plan, area.surface))) return 0;
  const { id, made, family } = first.component;
  if (made !== 'home-made' || [...plan.wishes.pinned, plan.wishes.star].includes(id)) return 0;
  if (servingOf(first.component).weight === 'accent') return WORTH_OF_AN_ACCENT_G;
  return family === 'vehicle' ? WORTH_BAKING_G : WORTH_MAKING_G;
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
    gPerCm2: gPerCm2(component, fact.form, first!.contained),
    laidShare: laidG / massG,
    pieceG: fact.pieceG,
    verdicts: new Map(
      area.groups.map((group) => [group.id as string, judgeGroup(component, fact.form, group).verdict]),
    ),
    minG: massG,
    usualG: massG,
    maxG: massG,
    held,
  };
}

function candidateOn(component: Component, area: ServingArea, asked: Asked): Candidate | undefined {
  const { plan, quiet } = asked;
  if (area.surface.freeFrom.some((id) => keepsFree(component, id) !== 'keeps')) return undefined;
  const form = formFor(component, area, plan);
  if (!form) return undefined;
  const wished = [...plan.wishes.pinned, plan.wishes.star].includes(component.id);
  if (!wished && !mayLieOn(plan, area.surface, component, form)) return undefined;
  // until the guest is asked, no stylist proposes peanuts beside an allergy to nuts
  if (!wished && area.groups.some((group) => isOftenToo(component, group))) return undefined;
  const verdicts = new Map(
    area.groups.map((group) => [group.id as string, judgeGroup(component, form, group).verdict]),
  );
  if (isNobodys(verdicts)) return undefined;
  if (isOwnPlate(plan, area.surface) && [...verdicts.values()].some((verdict) => verdict !== 'fine'))
    return undefined;
  // nobody trades what lies in a box of their own
  if (area.surface.singles && [...verdicts.values()].includes('forbidden')) return undefined;
  if (plan.policy === 'everything-fits' && [...verdicts.values()].some((verdict) => verdict !== 'fine'))
    return undefined;
  const fact = component.forms.find((fact) => fact.form === form)!;
  const contained =
    FORMS[form].bowl === true ||
    (FORMS[form].lies !== 'alone' &&
      plan.bowls.some((bowl) => bowl.count > 0) &&
      reachesOnto(component, area, quiet));
  if (contained && area.surface.singles && lacksCups(plan)) return undefined;
  const shares = lotsAt(plan, component, area.surface);
  const limits = massLimits(component, fact, shares.length, area, verdicts, asked);
  if (!limits) return undefined;
  return {
    component,
    area,
    form,
    contained,
    gPerCm2: gPerCm2(component, form, contained),
    laidShare: isOwnPlate(plan, area.surface) ? 1 : FORMS[form].wholeLots ? 1 / shares.length : shares[0]!,
    pieceG: fact.pieceG,
    verdicts,
    minG: limits.little,
    usualG: limits.usual,
    maxG: limits.most,
  };
}

/** May the group count on this candidate where it would lie? */
export const countsFor = (candidate: Candidate, group: Group, quiet: QuietAreas): boolean =>
  countsThere(candidate.component, candidate.verdicts.get(group.id), candidate.area, group, quiet);
