import type { Occasion } from '../catalogue/index.js';
import { guestsIn } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { occasionOf, regionShare } from './occasion.js';
import { isTiny, lacksCups, modulesOf } from './modules.js';
import { wantsBread, type CountedFamily } from './targets.js';

export interface KindRange {
  from: number;
  to: number;
}

/** Fewest and most kinds for a large party (craft, section 4: house defaults); smaller ones have fewer. */
const LARGE: Record<CountedFamily, KindRange> = {
  // odd numbers read better: three, five or seven
  cheese: { from: 7, to: 7 },
  'cured-meat': { from: 3, to: 4 },
  fish: { from: 1, to: 2 },
  'plant-protein': { from: 2, to: 3 },
  cooked: { from: 0, to: 0 },
  vehicle: { from: 4, to: 5 },
  'fresh-fruit': { from: 4, to: 5 },
  'dried-fruit': { from: 2, to: 2 },
  vegetable: { from: 4, to: 5 },
  pickle: { from: 2, to: 3 },
  'nut-seed': { from: 1, to: 2 },
  'spread-dip': { from: 3, to: 4 },
  'sweet-bite': { from: 1, to: 2 },
};

const NONE: KindRange = { from: 0, to: 0 };
const OCCASION_KINDS: Partial<Record<Occasion, Partial<Record<CountedFamily, KindRange>>>> = {
  meal: { cooked: { from: 3, to: 4 } },
  iftar: { cooked: { from: 3, to: 4 } },
  afternoon: {
    cheese: { from: 4, to: 5 },
    'cured-meat': { from: 1, to: 2 },
    fish: { from: 0, to: 1 },
    'plant-protein': { from: 0, to: 1 },
    cooked: { from: 3, to: 3 },
    pickle: { from: 0, to: 1 },
    'spread-dip': { from: 4, to: 5 },
    'sweet-bite': { from: 4, to: 5 },
  },
  // popcorn beside the nuts
  film: {
    fish: NONE,
    cooked: { from: 1, to: 2 },
    'nut-seed': { from: 4, to: 4 },
    'sweet-bite': { from: 2, to: 3 },
  },
  // a sweet course is made of sweets
  sweet: {
    'sweet-bite': { from: 4, to: 6 },
    'fresh-fruit': { from: 4, to: 5 },
    'dried-fruit': { from: 1, to: 2 },
    'nut-seed': { from: 1, to: 2 },
    vehicle: NONE,
    'spread-dip': { from: 1, to: 3 },
  },
  breakfast: {
    cheese: { from: 4, to: 5 },
    fish: { from: 1, to: 2 },
    'plant-protein': { from: 0, to: 2 },
    cooked: { from: 3, to: 4 },
    'fresh-fruit': { from: 5, to: 6 },
    pickle: NONE,
    'spread-dip': { from: 4, to: 6 },
    'sweet-bite': NONE,
  },
  children: {
    cheese: { from: 3, to: 3 },
    'cured-meat': { from: 3, to: 3 },
    fish: NONE,
    'plant-protein': { from: 0, to: 2 },
    cooked: { from: 1, to: 2 },
    vehicle: { from: 3, to: 3 },
    vegetable: { from: 3, to: 3 },
    pickle: NONE,
    'nut-seed': NONE,
    'dried-fruit': { from: 1, to: 1 },
    'spread-dip': { from: 1, to: 2 },
    'sweet-bite': { from: 2, to: 2 },
  },
  picnic: { fish: NONE, cooked: { from: 2, to: 3 } },
  walk: { fish: NONE, pickle: NONE, 'spread-dip': NONE, cooked: { from: 1, to: 2 } },
};

/** From nine guests there are two kinds of these, from seventeen perhaps three. */
const TWO_FROM_NINE: readonly CountedFamily[] = ['nut-seed', 'dried-fruit', 'sweet-bite'];
const NINE = 9;
const SEVENTEEN = 17;

/** With bread there are two of these at least; at a table for two or three of the first two. */
const TWO_AT_LEAST: readonly CountedFamily[] = ['cheese', 'cured-meat', 'vehicle', 'spread-dip'];
/** A table for two or three: two cheeses (or three where it is the meal), one of most, and none needed of what only rounds a board off (house default). */
const ROUNDS_OFF: readonly CountedFamily[] = [
  'fish',
  'plant-protein',
  'dried-fruit',
  'nut-seed',
  'sweet-bite',
];
/** What a board for two or three can do without. */
export const isRoundingOff = (family: CountedFamily): boolean => ROUNDS_OFF.includes(family);
const UP_TO_SMALL = 8;
const UP_TO_MIDDLE = 16;
const scaled = (n: number, k: number, least: number) => Math.max(least, Math.round(n * k));

/** Where a kitchen has little of a family, it has few kinds of it. */
function fewIn(plan: Plan, family: CountedFamily, range: KindRange): KindRange {
  const share = Math.min(1, regionShare(plan, family));
  return { from: Math.round(range.from * share), to: Math.round(range.to * share) };
}

/** How many kinds of each family a party of this size asks for, for what the board is for. */
export function kindRanges(plan: Plan): Record<CountedFamily, KindRange> {
  const guests = guestsIn(plan.party) / modulesOf(plan);
  const tiny = isTiny(plan);
  const k = tiny ? 2 / 7 : guests <= UP_TO_SMALL ? 3 / 7 : guests <= UP_TO_MIDDLE ? 5 / 7 : 1;
  const occasion = occasionOf(plan);
  const twos = tiny ? TWO_AT_LEAST.slice(0, 2) : TWO_AT_LEAST;
  const inTwos = wantsBread(plan) ? twos : [];
  const here = OCCASION_KINDS[occasion] ?? {};
  const rangeOf = (family: CountedFamily): KindRange => {
    if (family === 'spread-dip' && lacksCups(plan)) return { from: 0, to: 1 };
    const range = fewIn(plan, family, here[family] ?? LARGE[family]);
    if (range.to === 0) return range;
    if (!here[family] && TWO_FROM_NINE.includes(family))
      return { from: guests < NINE ? 1 : 2, to: guests < NINE ? 1 : guests < SEVENTEEN ? 2 : 3 };
    const least = inTwos.includes(family) ? 2 : 1;
    if (tiny && family === 'cheese' && plan.occasion.role === 'meal')
      return { from: Math.min(2, range.from), to: Math.min(3, range.to) };
    const to = scaled(range.to, k, Math.min(least, range.to));
    const from =
      range.from === 0 || family === 'fish' ? Math.round(range.from * k) : scaled(range.from, k, least);
    return { from: Math.min(to, from), to };
  };
  return Object.fromEntries(
    (Object.keys(LARGE) as CountedFamily[]).map((family) => {
      const range = rangeOf(family);
      const unasked = tiny && !here[family] && ROUNDS_OFF.includes(family);
      return [family, unasked ? { ...range, from: 0 } : range];
    }),
  ) as Record<CountedFamily, KindRange>;
}
