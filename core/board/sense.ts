import {
  isPartner,
  SAME_SETS,
  servingOf,
  usualForm,
  type Component,
  type Partners,
} from '../catalogue/index.js';
import { judgeGroup } from '../needs/index.js';
import { guestsIn, hasSmallChildren, type Group } from '../party/index.js';
import { groupsAt, numberOf, planLarder, type Plan, type Surface } from '../plan/index.js';
import { isTiny, occasionOf, placementGroundCm2, surfaceAreaCm2, wantsBread } from '../portion/index.js';
import { carriedNeedG, carriedSets, carriesFor, isForMost, isPlainBread } from './carried.js';
import { eaten, isBold, mayStandAt, occasionAt, relyingAt, takersAt } from './helpings.js';
import { placedFoods, type PlacedFood } from './placed.js';
import { isOwnPlate } from './serving.js';
import { missingParts, type BoardPart } from './whole.js';

/** Where a board lacks sense: what a stylist who reads it would not serve. */
export type Senseless =
  /** More of a food than those who may eat it take. */
  | { code: 'beyond-most'; component: Component; massG: number; mostG: number }
  | { code: 'never-here'; component: Component; surface: Surface }
  | { code: 'same-job'; components: Component[]; at: number }
  | { code: 'too-bold'; components: Component[]; most: number }
  /** Shares of the mass, 0 to 1. */
  | { code: 'accents'; surface: Surface; share: number }
  | { code: 'little-base'; surface: Surface; share: number }
  | { code: 'alone'; component: Component; surface: Surface }
  /** Too little to spread on what is dry by itself. */
  | { code: 'dry'; component: Component; surface: Surface; massG: number; needG: number }
  | { code: 'no-dippers'; component: Component; surface: Surface }
  | { code: 'no-carrier'; group: Group; kinds: number }
  /** For a group, or for everybody together (null): too few grams of what holds a slice of cheese. */
  | { code: 'little-carried'; group: Group | null; massG: number; needG: number }
  /** Most guests find only the bread that a few may eat. */
  | { code: 'no-plain-bread' }
  /** A surface that is no board by itself. */
  | { code: 'no-board'; surface: Surface; missing: readonly BoardPart[] }
  | { code: 'large'; component: Component; surface: Surface; share: number };

/** House defaults (kitchen knowledge: see the glossary, "sense"). */
export const ACCENTS_AT_MOST = 0.1;
export const BASE_AT_LEAST = 2 / 3;
const BASE_ON_SWEET = 0.5;
export const baseAtLeast = (plan: Plan): number => (wantsBread(plan) ? BASE_AT_LEAST : BASE_ON_SWEET);
/** Three in five of those who may eat it take it. */
export const BASE_TAKERS = 0.6;
const KINDS_TO_A_BOLD = 8;
/** So few guests get no bold food that nobody asked for. */
const NO_BOLD_TO = 6;
/** Few guests get nothing hot that they did not ask for, nor does a board that small children eat from. */
export const wantsHeat = (plan: Plan): boolean =>
  guestsIn(plan.party) > NO_BOLD_TO &&
  !plan.surfaces.some(
    (surface) => !isOwnPlate(plan, surface) && groupsAt(plan, surface).some(hasSmallChildren),
  );
export const boldAtMost = (guests: number, kinds: number): number =>
  guests <= NO_BOLD_TO ? 0 : Math.round(kinds / KINDS_TO_A_BOLD);
export const DIPPERS_TO_A_DIP = 2;
export const CARRIERS = 2;
const MANY_GUESTS = 25;
export const sameAtMost = (guests: number, set: { few: number; many: number }): number =>
  guests >= MANY_GUESTS ? set.many : set.few;
/** A surface of ten kinds or more: no food covers more than this of it. */
const LARGEST_OF_MANY = 1 / 8;
const MANY_KINDS = 10;
const LARGEST_OF_FEW = 1.6;
/** What covers no more is one small pile, 90 mm across, however small the surface. */
const ONE_PILE_CM2 = 64;
/** Of a surface of this many kinds and so much ground, what one food covers at most. */
export const largestCm2 = (kinds: number, groundCm2: number): number =>
  Math.max(
    ONE_PILE_CM2,
    groundCm2 * (kinds >= MANY_KINDS ? LARGEST_OF_MANY : LARGEST_OF_FEW / Math.max(1, kinds)),
  );
/** Rounding to whole pieces and to the scale: a tenth, or a piece; of a share, a hundredth. */
const ROUNDING = 1.1;
const ROUNDED_SHARE = 0.01;
/** Of what carries, so much of the need at least: pieces are whole, and a surface may have no room for the last. */
const LITTLE = 0.7;

export const isDip = (component: Component): boolean => servingOf(component).ways.includes('dip');
export const isDipper = (component: Component): boolean =>
  servingOf(component).ways.includes('dipper') || servingOf(component).carries !== 'none';
/** What is dry without something on it: so many grams of that to a gram of it (house defaults: a good teaspoon to a small scone). */
const DRY: Partial<Record<Partners, number>> = { scone: 0.35, pancake: 0.25 };
export const spreadToAGram = (component: Component): number =>
  Math.max(0, ...servingOf(component).partners.map((name) => DRY[name] ?? 0));
/** Whole bowls and pieces: of what it asks for so much is enough. */
const NEARLY_SPREAD = 0.85;
export const needsPartner = (component: Component): boolean => servingOf(component).partners.length > 0;

/** Of those at a surface who may eat it, how many take some: a share of the grown portions. */
export function meanTakers(plan: Plan, component: Component, groups: readonly Group[]): number {
  const guests = guestsIn(groups);
  if (guests === 0) return 0;
  return groups.reduce((sum, group) => sum + group.count * takersAt(plan, component, group), 0) / guests;
}

const sum = (foods: readonly PlacedFood[]): number => foods.reduce((n, food) => n + food.massG, 0);

function amounts(plan: Plan, placed: readonly PlacedFood[]): Senseless[] {
  const out: Senseless[] = [];
  for (const component of new Set(placed.map((food) => food.component))) {
    const here = placed.filter((food) => food.component === component);
    const shared = here.filter((food) => !isOwnPlate(plan, food.surface));
    if (shared.length === 0 || component.family === 'garnish') continue;
    const groups = plan.party.filter((group) =>
      shared.some((food) => groupsAt(plan, food.surface).includes(group)),
    );
    const most = eaten(
      plan,
      component,
      groups.map((group) => ({ group, verdict: judgeGroup(component, shared[0]!.form, group).verdict })),
    ).most;
    // whole pieces round it up, on each of many as well
    const pieces = shared.reduce((n, food) => n + numberOf(food.surface), 0);
    if (sum(shared) > Math.max(most * ROUNDING, most + usualForm(component).pieceG * pieces))
      out.push({ code: 'beyond-most', component, massG: sum(shared), mostG: most });
  }
  return out;
}

function kinds(plan: Plan, components: readonly Component[]): Senseless[] {
  const guests = guestsIn(plan.party);
  const bold = components.filter(isBold);
  const most = boldAtMost(guests, components.length) + Math.max(0, plan.wishes.levers.bolder);
  const out: Senseless[] = bold.length > most ? [{ code: 'too-bold', components: bold, most }] : [];
  for (const set of SAME_SETS) {
    const here = components.filter((component) => set.foods.has(component.id));
    const at = sameAtMost(guests, set);
    if (here.length > at) out.push({ code: 'same-job', components: here, at });
  }
  return out;
}

function onSurface(plan: Plan, surface: Surface, here: readonly PlacedFood[]): Senseless[] {
  const groups = groupsAt(plan, surface);
  const all = sum(here);
  const out: Senseless[] = here
    .filter((food) => !mayStandAt(food.component, food.form, occasionAt(plan, surface)))
    .map((food) => ({ code: 'never-here', component: food.component, surface }));
  if (isOwnPlate(plan, surface) || all === 0) return out;
  const accents = sum(here.filter((food) => servingOf(food.component).weight === 'accent')) / all;
  if (accents > ACCENTS_AT_MOST + ROUNDED_SHARE) out.push({ code: 'accents', surface, share: accents });
  const base = sum(here.filter((food) => meanTakers(plan, food.component, groups) >= BASE_TAKERS)) / all;
  if (base < baseAtLeast(plan) - ROUNDED_SHARE) out.push({ code: 'little-base', surface, share: base });
  const missing = missingParts(
    plan,
    here.map((food) => food.component),
  );
  if (missing.length > 0) out.push({ code: 'no-board', surface, missing });
  const dippers = here.filter((food) => isDipper(food.component)).length;
  for (const { component, massG } of here) {
    if (isDip(component) && dippers < DIPPERS_TO_A_DIP) out.push({ code: 'no-dippers', component, surface });
    const { partners } = servingOf(component);
    const beside = here.filter((food) => isPartner(partners, food.component));
    const needG = massG * spreadToAGram(component);
    if (needsPartner(component) && beside.length === 0) out.push({ code: 'alone', component, surface });
    else if (sum(beside) < needG * NEARLY_SPREAD)
      out.push({ code: 'dry', component, surface, massG: sum(beside), needG });
  }
  const ground = surfaceAreaCm2(surface);
  for (const food of here) {
    const cm2 = food.lots
      .filter((lot) => lot.lot === 0)
      .reduce((n, lot) => n + placementGroundCm2(food.component, lot) / numberOf(surface), 0);
    if (cm2 > largestCm2(here.length, ground) * ROUNDING)
      out.push({ code: 'large', component: food.component, surface, share: cm2 / ground });
  }
  return out;
}

function carriers(plan: Plan, placed: readonly PlacedFood[]): Senseless[] {
  if (!wantsBread(plan)) return [];
  const foods = (group: Group): PlacedFood[] => placed.filter((food) => carriesHere(plan, food, group));
  const kinds = plan.party.flatMap((group): Senseless[] => {
    const kinds = new Set(foods(group).map((food) => food.component.id)).size;
    return kinds >= (group.count <= 3 || isTiny(plan) ? 1 : CARRIERS)
      ? []
      : [{ code: 'no-carrier', group, kinds }];
  });
  const little = carriedSets(plan).flatMap(({ group, groups }): Senseless[] => {
    const massG = sum([...new Set(groups.flatMap(foods))]);
    const needG = carriedNeedG(plan, groups);
    return massG >= needG * LITTLE ? [] : [{ code: 'little-carried', group, massG, needG }];
  });
  return [...kinds, ...little, ...plainBread(plan, placed)];
}

/** No bread that nearly everybody takes, though the larder has one that most may eat. */
function plainBread(plan: Plan, placed: readonly PlacedFood[]): Senseless[] {
  const isOne = (component: Component): boolean =>
    isPlainBread(component) &&
    mayStandAt(component, usualForm(component).form, occasionOf(plan)) &&
    isForMost(
      plan,
      (group) => judgeGroup(component, usualForm(component).form, group).verdict === 'forbidden',
    );
  const there = placed.some(({ component }) => isOne(component));
  return there || ![...planLarder(plan).values()].some(isOne) ? [] : [{ code: 'no-plain-bread' }];
}

const carriesHere = (plan: Plan, food: PlacedFood, group: Group): boolean =>
  relyingAt(plan, food.surface).includes(group) &&
  carriesFor(food.component, group) &&
  judgeGroup(food.component, food.form, group).verdict !== 'forbidden';

/** Everything on a composed board that lacks sense; none on a board that a stylist would serve. */
export function senseOf(plan: Plan): Senseless[] {
  const placed = placedFoods(plan, planLarder(plan)).placed.filter(
    (food) => food.component.family !== 'garnish',
  );
  const components = [...new Set(placed.map((food) => food.component))];
  return [
    ...amounts(plan, placed),
    ...kinds(plan, components),
    ...plan.surfaces.flatMap((surface) =>
      onSurface(
        plan,
        surface,
        placed.filter((food) => food.surface === surface),
      ),
    ),
    ...carriers(plan, placed),
  ];
}
