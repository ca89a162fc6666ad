import { COOKED_G, OCCASION_SHARES, occasionOf, regionShare } from './occasion.js';
import type { Component, Family, Larder } from '../catalogue/index.js';
import { memo1 } from '../measure/index.js';
import { groupsAt, moduleKey, planLarder, type Plan, type SchoolId } from '../plan/index.js';
import { guestsIn, portionsIn, portionsOf, type Group } from '../party/index.js';
import { carriesTo, isGrave, judgeGroup, keepsCoursesApart } from '../needs/index.js';
import { isTiny, lacksCups } from './modules.js';

/** Families that count as food on the board; garnish does not. */
export const COUNTED = [
  'cheese',
  'cured-meat',
  'fish',
  'plant-protein',
  'cooked',
  'vehicle',
  'fresh-fruit',
  'dried-fruit',
  'vegetable',
  'pickle',
  'nut-seed',
  'spread-dip',
  'sweet-bite',
] as const satisfies readonly Family[];
export type CountedFamily = (typeof COUNTED)[number];

export const FAMILY_WORDS: Readonly<Record<CountedFamily, string>> = {
  cheese: 'cheese',
  'cured-meat': 'meat',
  fish: 'fish',
  'plant-protein': 'plant protein',
  cooked: 'cooked food',
  vehicle: 'bread and crackers',
  'fresh-fruit': 'fresh fruit',
  'dried-fruit': 'dried fruit',
  vegetable: 'vegetables',
  pickle: 'pickles',
  'nut-seed': 'nuts and seeds',
  'spread-dip': 'spreads and dips',
  'sweet-bite': 'sweet bites',
};

/** Grams per grown guest, drinks role (craft, section 4: house defaults). */
const REST_G: Record<
  Exclude<CountedFamily, 'cheese' | 'cured-meat' | 'fish' | 'plant-protein' | 'cooked'>,
  number
> = {
  vehicle: 30,
  'fresh-fruit': 60,
  'dried-fruit': 12,
  vegetable: 40,
  pickle: 20,
  'nut-seed': 12,
  'spread-dip': 45,
  'sweet-bite': 15,
};

/**
 * Cheese, and the protein beside it, for a grown guest, by school (craft, section 4). By family: the middle of 30–60 g at
 * drinks and of 60–115 g as the meal, of each. Combined: 55 g and 140 g of both together. Cheese alone: 30 g and 60 g.
 */
const BODY_G = {
  'cheese-only': { drinks: [30, 0], meal: [60, 0] },
  'by-family': { drinks: [45, 45], meal: [87.5, 87.5] },
  combined: { drinks: [27.5, 27.5], meal: [70, 70] },
} as const satisfies Partial<Record<SchoolId, Record<'drinks' | 'meal', readonly [number, number]>>>;
const MEAL_FACTOR = 1.6;
const MANY_DISHES = 5;
const MANY_DISHES_FACTOR = 0.6;
/** A sweet is eaten from the hand: only a sweet course asks nobody for bread. */
export const wantsBread = (plan: Pick<Plan, 'occasion'>): boolean => plan.occasion.role !== 'sweet';

/** A sweet course: 90–120 g in all, a third of it fruit, and something to dip it into. */
const SWEET_G = 105;

export interface Targets {
  /** Grams for the whole party, by family. */
  byFamily: Record<CountedFamily, number>;
  totalG: number;
  perPortionG: number;
  portions: number;
  guests: number;
}

type Shares = Record<CountedFamily, number>;

const none = (): Shares => Object.fromEntries(COUNTED.map((family) => [family, 0])) as Shares;

function roleFactor(plan: Plan): number {
  const { role, otherDishes } = plan.occasion;
  if (role === 'meal') return MEAL_FACTOR;
  return otherDishes >= MANY_DISHES ? MANY_DISHES_FACTOR : 1;
}

/**
 * Parts of the meat budget by protein family, among those that the group may eat at all; at a table for two or three it
 * goes to the first of them alone (house default): forty grams of one, not nine of each.
 */
const PROTEIN_PARTS = { 'cured-meat': 3, fish: 1, 'plant-protein': 1 } as const;
type Protein = keyof typeof PROTEIN_PARTS;
const PROTEINS = Object.keys(PROTEIN_PARTS) as Protein[];

function mayEatFamily(group: Group, components: readonly Component[]): boolean {
  return components.some((component) =>
    component.forms.some((fact) => judgeGroup(component, fact.form, group).verdict !== 'forbidden'),
  );
}

/** Tables that a group eats from, the modules of one taken together. */
const tablesOf = (plan: Plan, group: Group): number =>
  new Set(plan.surfaces.filter((surface) => groupsAt(plan, surface).includes(group)).map(moduleKey)).size;

/** So much of a family would reach an allergy: nearly all of it. And at so much of the party's table nobody else is asked for it. */
const MOST_OF_IT = 0.6;
const MOST_OF_THEM = 0.5;

/**
 * Somebody at the same table has an allergy that nearly all of these would reach: a fish in a bowl of its own is a fish too
 * many, and where that is most of the party's table nobody buys it for the rest.
 */
function reachesAtTable(plan: Plan, group: Group, components: readonly Component[]): boolean {
  const isReached = (other: Group): boolean =>
    components.filter((food) =>
      carriesTo(food, other).some(
        ({ need, choice, verdict }) => verdict === 'carries' && isGrave(need, choice),
      ),
    ).length >
    MOST_OF_IT * components.length;
  const tables = plan.surfaces
    .map((surface) => groupsAt(plan, surface))
    .filter((here) => here.some(isReached));
  const beside = [...new Set(tables.flat())];
  return beside.includes(group) || portionsIn(beside) > MOST_OF_THEM * portionsIn(plan.party);
}

/** The proteins among which the group's meat budget is shared. */
function proteinsFor(plan: Plan, group: Group, byFamily: Map<Family, Component[]>): Protein[] {
  const isOpen = (to: Group, family: Protein) => mayEatFamily(to, byFamily.get(family) ?? []);
  // who keeps meat from milk, and eats from one table, has the cheese of it
  const withoutMeat = keepsCoursesApart(group) && tablesOf(plan, group) === 1;
  const open = PROTEINS.filter(
    (family) =>
      isOpen(group, family) &&
      !(withoutMeat && family === 'cured-meat') &&
      !reachesAtTable(plan, group, byFamily.get(family) ?? []),
  );
  if (isTiny(plan)) return open.slice(0, 1);
  // plant protein stands where somebody needs it (craft, section 4), and then everybody takes of it
  return plan.party.some((other) => !isOpen(other, 'cured-meat'))
    ? open
    : open.filter((family) => family !== 'plant-protein' || open.length === 1);
}

/** Grams of each family for one grown portion of the group. */
function portionOf(plan: Plan, group: Group, byFamily: Map<Family, Component[]>): Shares {
  const shares = none();
  const { role } = plan.occasion;
  if (role === 'sweet') {
    return {
      ...shares,
      'fresh-fruit': SWEET_G * 0.36,
      'sweet-bite': SWEET_G * 0.4,
      'dried-fruit': SWEET_G * 0.05,
      'nut-seed': SWEET_G * 0.08,
      'spread-dip': SWEET_G * 0.11,
    };
  }
  const factor = roleFactor(plan);
  for (const [family, grams] of Object.entries(REST_G)) shares[family as CountedFamily] = grams * factor;
  const [cheese, budget] = BODY_G[houseSchool(plan)][role === 'meal' ? 'meal' : 'drinks'];
  shares.cheese = cheese;
  if (budget === 0) return shares;
  shares.cooked = COOKED_G[occasionOf(plan)] ?? 0;
  const open = proteinsFor(plan, group, byFamily);
  const parts = open.reduce((sum, f) => sum + PROTEIN_PARTS[f], 0);
  for (const f of open) shares[f] = (budget * PROTEIN_PARTS[f]) / parts;
  if (parts === 0) {
    // nobody's protein: the budget goes to cheese and dips
    shares.cheese += budget / 2;
    shares['spread-dip'] += budget / 2;
  }
  return shares;
}

/** One or two dried fruits are for a party: at a table for two or three the fresh ones are the sweet thing (house default). */
const inFew = (plan: Plan, shares: Shares): Shares =>
  isTiny(plan)
    ? { ...shares, 'dried-fruit': 0, 'fresh-fruit': shares['fresh-fruit'] + shares['dried-fruit'] }
    : shares;

/** What the board is for, and whose kitchen it is of, shift what there is of each family. */
function forOccasion(plan: Plan, shares: Shares): Shares {
  const usual = OCCASION_SHARES[occasionOf(plan)] ?? {};
  const factors = lacksCups(plan) ? { ...usual, 'spread-dip': 0 } : usual;
  return Object.fromEntries(
    COUNTED.map((family) => [family, shares[family] * (factors[family] ?? 1) * regionShare(plan, family)]),
  ) as Shares;
}

/** The foods of a larder, family by family. */
export const groupByFamily = memo1((larder: Larder): Map<Family, Component[]> => {
  const out = new Map<Family, Component[]>();
  for (const component of larder.values()) {
    const list = out.get(component.family);
    if (list) list.push(component);
    else out.set(component.family, [component]);
  }
  return out;
});

/** Your own figures and your log stand on a school of the house, for what they do not say. */
const houseSchool = (plan: Plan): keyof typeof BODY_G =>
  plan.school === 'own' || plan.school === 'log' ? 'by-family' : plan.school;

/** Grams that a grown guest at drinks has by the house's figures: where one's own begin. */
export const houseRows = (): Record<CountedFamily, number> => ({
  ...REST_G,
  cheese: BODY_G['by-family'].drinks[0],
  'cured-meat': (BODY_G['by-family'].drinks[1] * PROTEIN_PARTS['cured-meat']) / 5,
  fish: (BODY_G['by-family'].drinks[1] * PROTEIN_PARTS.fish) / 5,
  'plant-protein': (BODY_G['by-family'].drinks[1] * PROTEIN_PARTS['plant-protein']) / 5,
  cooked: COOKED_G.drinks ?? 0,
});

/** The stylist's figure where one is kept; the meal and many other dishes scale it as they scale the house's. */
function withOwnFigures(plan: Plan, shares: Shares): Shares {
  if (plan.school !== 'own' || !plan.ownSchool) return shares;
  const out = { ...shares };
  const bodies = new Set<string>(['cheese', ...PROTEINS]);
  for (const family of COUNTED) {
    const own = plan.ownSchool.rows[family];
    // cheese and meat beside other dishes are not scaled again, as in the house's schools
    if (own !== undefined)
      out[family] = own * (bodies.has(family) && plan.occasion.role !== 'meal' ? 1 : roleFactor(plan));
  }
  return out;
}

/** So many boards of one's own count as much as the school itself (house default): a few logs only bend it. */
export const LOG_COUNTS_FROM = 3;

/** What was eaten at one's own boards of the same role, mixed with the school while they are few. */
function withLog(plan: Plan, shares: Shares): Shares {
  const alike = plan.pastBoards.filter(
    (pastBoard) =>
      pastBoard.role === plan.occasion.role &&
      pastBoard.otherDishes >= MANY_DISHES === plan.occasion.otherDishes >= MANY_DISHES,
  );
  if (plan.school !== 'log' || alike.length === 0) return shares;
  const portions = alike.reduce((sum, b) => sum + b.portions, 0);
  const weight = alike.length / (alike.length + LOG_COUNTS_FROM);
  const out = { ...shares };
  for (const family of COUNTED) {
    const told = alike.filter((b) => b.eatenG[family] !== undefined);
    if (told.length === 0) continue;
    const eaten =
      told.reduce((sum, b) => sum + b.eatenG[family]!, 0) / told.reduce((sum, b) => sum + b.portions, 0);
    out[family] = weight * eaten + (1 - weight) * shares[family];
  }
  return portions > 0 ? out : shares;
}

/** From here on fat and chocolate stand badly, and guests want fruit (house default). */
export const HEAT_ABOVE_C = 28;
const HEAT: Partial<Record<CountedFamily, number>> = {
  cheese: 0.8,
  'cured-meat': 0.85,
  cooked: 0.9,
  'sweet-bite': 0.6,
  'spread-dip': 0.9,
  'fresh-fruit': 1.4,
  vegetable: 1.25,
};

function inHeat(plan: Plan, shares: Shares): Shares {
  if (plan.occasion.airTempC < HEAT_ABOVE_C) return shares;
  return Object.fromEntries(
    COUNTED.map((family) => [family, shares[family] * (HEAT[family] ?? 1)]),
  ) as Shares;
}

/** A family that the guests may eat nothing of has no share: its grams go to those that they eat, as these stand to each other. */
function withoutForbidden(group: Group, shares: Shares, larder: Map<Family, Component[]>): Shares {
  const eaten = COUNTED.filter(
    (family) => shares[family] > 0 && mayEatFamily(group, larder.get(family) ?? []),
  );
  const kept = eaten.reduce((sum, family) => sum + shares[family], 0);
  const all = COUNTED.reduce((sum, family) => sum + shares[family], 0);
  if (kept === all) return shares;
  const out = none();
  for (const family of eaten) out[family] = (shares[family] * all) / kept;
  return out;
}

/** The chosen school for this brief. No guests give no grams. */
export const targetsOf = memo1((plan: Plan): Targets => {
  const byFamily = none();
  const larder = groupByFamily(planLarder(plan));
  for (const group of plan.party) {
    const house = inFew(plan, forOccasion(plan, portionOf(plan, group, larder)));
    const asked = inHeat(plan, withLog(plan, withOwnFigures(plan, house)));
    const one = withoutForbidden(group, asked, larder);
    for (const family of COUNTED) byFamily[family] += one[family] * portionsOf(group);
  }
  const totalG = COUNTED.reduce((sum, family) => sum + byFamily[family], 0);
  const portions = portionsIn(plan.party);
  return {
    byFamily,
    totalG,
    portions,
    guests: guestsIn(plan.party),
    perPortionG: portions ? totalG / portions : 0,
  };
});

/** Grams that the group needs: its portions of the party's mean portion. */
export function needG(group: Group, targets: Targets): number {
  return portionsOf(group) * targets.perPortionG;
}

/** How much larger a helping is in a sweet course than beside a board at drinks (house default). */
const IN_A_SWEET_COURSE: Partial<Record<CountedFamily, number>> = {
  'sweet-bite': 1.25,
  'fresh-fruit': 0.85,
  'dried-fruit': 0.8,
  'nut-seed': 0.8,
};
const FACTORS = { from: 0.5, to: 2 } as const;

/**
 * How helpings of a family scale in this brief: as its target stands to the house's at drinks, so that beside five dishes
 * all are smaller and at a meal all larger. 1 where the house has no figure.
 */
export function helpingFactor(plan: Plan, family: CountedFamily): number {
  if (plan.occasion.role === 'sweet') return IN_A_SWEET_COURSE[family] ?? 1;
  const { byFamily, portions } = targetsOf(plan);
  const house = houseRows()[family];
  if (portions === 0 || house === 0) return 1;
  return Math.min(FACTORS.to, Math.max(FACTORS.from, byFamily[family] / portions / house));
}
