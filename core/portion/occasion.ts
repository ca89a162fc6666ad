import { shareOf, type Family, type Occasion } from '../catalogue/index.js';
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
  iftar: 'meal',
  sweet: 'sweet',
  children: 'children',
};
export const roleFor = (role: Plan['occasion']['role'], kind: Occasion): Plan['occasion']['role'] =>
  role === 'drinks' ? (ROLE_FOR[kind] ?? role) : role;

/** The hour of a new plan, that nobody has said. */
export const UNSAID_HOUR = '19:00';

/** When an occasion usually begins that is not of the evening (house default). */
export const USUAL_HOUR: Partial<Record<Occasion, string>> = {
  breakfast: '10:00',
  walk: '12:00',
  picnic: '13:00',
  children: '15:00',
  afternoon: '16:00',
};

/** What in a box smells or weeps is left out; what fills is more. */
const BOXED = { fish: 0, 'cured-meat': 1.3, pickle: 0, 'spread-dip': 0, vehicle: 1.2 } as const;

/**
 * Grams of cooked food for a grown guest, by what the board is for: eggs, grains, quiche, small sandwiches feed, and have
 * no place beside drinks (house default). Helpings of it are meant for these occasions and are not scaled again.
 */
export const COOKED_G: Partial<Record<Occasion, number>> = {
  meal: 70,
  iftar: 70,
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
  // dates first, then a meal, with something sweet to end
  iftar: {
    cheese: 0.8,
    'fresh-fruit': 0.8,
    'dried-fruit': 2,
    vegetable: 0.75,
    'spread-dip': 1,
    pickle: 0.75,
    'sweet-bite': 1.5,
  },
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
    'plant-protein': 0.3,
    vehicle: 1.2,
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

/** How much of a family the kitchen of the theme has, beside what is usual: 1 where no kitchen is named. */
export const regionShare = ({ occasion }: Pick<Plan, 'occasion'>, family: Family): number =>
  shareOf(family, occasion.theme.region);
