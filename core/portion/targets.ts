import type { Component, Family } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { guestsIn, portionsIn, portionsOf, type Group } from '../party/index.js';
import { judgeGroup } from '../needs/index.js';

/** Families that count as food on the board; garnish does not. */
export const COUNTED = [
  'cheese',
  'cured-meat',
  'fish',
  'plant-protein',
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

/** Grams per grown guest, drinks role (craft, section 4: house defaults). */
const REST_G: Record<Exclude<CountedFamily, 'cheese' | 'cured-meat' | 'fish' | 'plant-protein'>, number> = {
  vehicle: 30,
  'fresh-fruit': 60,
  'dried-fruit': 12,
  vegetable: 40,
  pickle: 20,
  'nut-seed': 12,
  'spread-dip': 45,
  'sweet-bite': 15,
};

/** Cheese, and likewise meat, per guest: the middle of 30–60 g at drinks and of 60–115 g as the meal. */
const SCHOOL_G = { drinks: 45, meal: 87.5 };
const MEAL_FACTOR = 1.6;
const MANY_DISHES = 5;
const MANY_DISHES_FACTOR = 0.6;
/** A sweet course: 90–120 g in all, a third of it fruit. */
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

const none = (): Shares => Object.fromEntries(COUNTED.map((f) => [f, 0])) as Shares;

function roleFactor(plan: Plan): number {
  const { role, otherDishes } = plan.occasion;
  if (role === 'meal') return MEAL_FACTOR;
  return otherDishes >= MANY_DISHES ? MANY_DISHES_FACTOR : 1;
}

/** Parts of the meat budget by protein family, among those that the group may eat at all. */
const PROTEIN_PARTS = { 'cured-meat': 3, fish: 1, 'plant-protein': 1 } as const;
type Protein = keyof typeof PROTEIN_PARTS;
const PROTEINS = Object.keys(PROTEIN_PARTS) as Protein[];

function mayEatFamily(group: Group, components: readonly Component[]): boolean {
  return components.some((c) => c.forms.some((f) => judgeGroup(c, f.form, group).verdict !== 'forbidden'));
}

/** Grams of each family for one grown portion of the group. */
function portionOf(plan: Plan, group: Group, byFamily: Map<Family, Component[]>): Shares {
  const shares = none();
  const { role } = plan.occasion;
  if (role === 'sweet') {
    return {
      ...shares,
      'fresh-fruit': SWEET_G / 3,
      'sweet-bite': SWEET_G / 3,
      'dried-fruit': SWEET_G / 9,
      'spread-dip': SWEET_G / 9,
      vehicle: SWEET_G / 9,
    };
  }
  const factor = roleFactor(plan);
  for (const [family, grams] of Object.entries(REST_G)) shares[family as CountedFamily] = grams * factor;
  const budget = SCHOOL_G[role === 'meal' ? 'meal' : 'drinks'];
  shares.cheese = budget;
  const open = PROTEINS.filter((f) => mayEatFamily(group, byFamily.get(f) ?? []));
  const parts = open.reduce((n, f) => n + PROTEIN_PARTS[f], 0);
  for (const f of open) shares[f] = (budget * PROTEIN_PARTS[f]) / parts;
  if (parts === 0) {
    // nobody's protein: the budget goes to cheese and dips
    shares.cheese += budget / 2;
    shares['spread-dip'] += budget / 2;
  }
  return shares;
}

export function groupByFamily(components: Iterable<Component>): Map<Family, Component[]> {
  const out = new Map<Family, Component[]>();
  for (const c of components) out.set(c.family, [...(out.get(c.family) ?? []), c]);
  return out;
}

/** The "by family" school for this brief. No guests give no grams. */
export function targetsOf(plan: Plan): Targets {
  const byFamily = none();
  const larder = groupByFamily(planLarder(plan).values());
  for (const group of plan.party) {
    const one = portionOf(plan, group, larder);
    for (const f of COUNTED) byFamily[f] += one[f] * portionsOf(group);
  }
  const totalG = COUNTED.reduce((sum, f) => sum + byFamily[f], 0);
  const portions = portionsIn(plan.party);
  return {
    byFamily,
    totalG,
    portions,
    guests: guestsIn(plan.party),
    perPortionG: portions ? totalG / portions : 0,
  };
}

/** Grams that the group needs: its portions of the party's mean portion. */
export function needG(group: Group, targets: Targets): number {
  return portionsOf(group) * targets.perPortionG;
}
