import type { Family, Occasion, RegionId } from '../catalogue/index.js';
import type { Plan } from '../plan/index.js';

/** What a role is for, as long as the brief does not say it. */
const BY_ROLE: Record<Plan['occasion']['role'], Occasion> = {
  meal: 'meal',
  drinks: 'drinks',
  'one-of-many': 'drinks',
  sweet: 'sweet',
  children: 'children',
};

/** What the board is for: as the brief says, or as its role goes. A sweet course is one, whatever it is for. */
export const occasionOf = ({ occasion }: Pick<Plan, 'occasion'>): Occasion =>
  occasion.role === 'sweet' || occasion.kind === 'none' ? BY_ROLE[occasion.role] : occasion.kind;

/**
 * What a board at drinks becomes by what it is said to be for: a meal feeds, a sweet course is sweet. A board that is one
 * dish of many stays one.
 */
const ROLE_FOR: Partial<Record<Occasion, Plan['occasion']['role']>> = {
  meal: 'meal',
  sweet: 'sweet',
  children: 'children',
};
export const roleFor = (role: Plan['occasion']['role'], kind: Occasion): Plan['occasion']['role'] =>
  role === 'drinks' ? (ROLE_FOR[kind] ?? role) : role;

/** What in a box smells or weeps is left out; what fills is more. */
const BOXED = { fish: 0, 'cured-meat': 1.3, pickle: 0, 'spread-dip': 0, vehicle: 1.2 } as const;

/**
 * Grams of cooked food for a grown guest, by what the board is for: eggs, grains, quiche, small sandwiches feed, and have
 * no place beside drinks (house default). Helpings of it are meant for these occasions and are not scaled again.
 */
export const COOKED_G: Partial<Record<Occasion, number>> = {
  meal: 70,
  breakfast: 50,
  children: 35,
  picnic: 45,
  afternoon: 50,
  film: 35,
  walk: 35,
};

/** How the shares of the families shift with what the board is for, beside a board at drinks (house default). */
export const OCCASION_SHARES: Partial<Record<Occasion, Partial<Record<Family, number>>>> = {
  // cooked food takes some of the place of what is beside it; cheese and meat are the school's
  meal: { 'fresh-fruit': 0.62, vegetable: 0.75, 'spread-dip': 0.8, pickle: 0.75 },
  breakfast: {
    cheese: 0.8,
    'cured-meat': 0.7,
    fish: 1.3,
    'plant-protein': 0.4,
    vehicle: 2.2,
    'fresh-fruit': 1.4,
    'dried-fruit': 0.7,
    vegetable: 0.8,
    pickle: 0,
    'nut-seed': 0.8,
    'spread-dip': 0.7,
    'sweet-bite': 0,
  },
  children: {
    cheese: 0.8,
    'cured-meat': 0.8,
    fish: 0,
    'plant-protein': 0.3,
    vehicle: 1.2,
    'fresh-fruit': 1.4,
    'dried-fruit': 0.7,
    vegetable: 1,
    pickle: 0,
    'nut-seed': 0,
    'spread-dip': 0.6,
    'sweet-bite': 1.3,
  },
  // small sandwiches and small cakes: between two meals nobody asks for sausage and gherkins
  afternoon: {
    cheese: 0.7,
    'cured-meat': 0.5,
    fish: 0.7,
    'plant-protein': 0.5,
    vehicle: 0.8,
    'dried-fruit': 0.7,
    vegetable: 0.7,
    pickle: 0.4,
    'nut-seed': 0.7,
    'spread-dip': 0.7,
    'sweet-bite': 2.6,
  },
  // salt and sweet for the hand in the dark
  film: { fish: 0, 'cured-meat': 0.9, 'sweet-bite': 1.7, 'nut-seed': 1.7 },
  picnic: { fish: 0, 'cured-meat': 1.2, vehicle: 1.2 },
  walk: BOXED,
};

/** What nobody forgives a board for such an occasion to lack: one of these (house default). */
export const HEART_OF: Partial<Record<Occasion, readonly string[]>> = {
  film: ['salted-popcorn', 'caramel-popcorn'],
  afternoon: ['small-sandwiches', 'quiche-squares'],
};

/** Kitchens whose boards are of cheese and ham, with less to dip into. */
const OF_CHEESE_AND_HAM: Partial<Record<Family, number>> = {
  'spread-dip': 0.7,
  cheese: 1.1,
  'cured-meat': 1.1,
};
/** What a kitchen has little of, and more of instead (house default): few boards of the East have cheese. */
const REGION_SHARES: Partial<Record<RegionId, Partial<Record<Family, number>>>> = {
  alps: OF_CHEESE_AND_HAM,
  italy: OF_CHEESE_AND_HAM,
  france: OF_CHEESE_AND_HAM,
  iberia: OF_CHEESE_AND_HAM,
  isles: OF_CHEESE_AND_HAM,
  north: { 'spread-dip': 0.7, fish: 1.5 },
  aegean: { 'spread-dip': 1.15, vegetable: 1.15 },
  levant: { 'spread-dip': 1.2, vegetable: 1.15, cheese: 0.9 },
  east: {
    cheese: 0.4,
    'cured-meat': 1.15,
    fish: 1.6,
    'plant-protein': 1.5,
    vegetable: 1.2,
    'fresh-fruit': 1.1,
  },
  'south-america': { cheese: 0.7, 'cured-meat': 1.15, 'fresh-fruit': 1.1, vegetable: 1.1 },
};

/** How much of a family the kitchen of the theme has, beside what is usual: 1 where no kitchen is named. */
export const regionShare = ({ occasion }: Pick<Plan, 'occasion'>, family: Family): number =>
  occasion.theme.region === '' ? 1 : (REGION_SHARES[occasion.theme.region]?.[family] ?? 1);
