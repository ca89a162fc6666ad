import type { Component, Family } from '../catalogue/index.js';
import type { Placement } from '../plan/index.js';
import type { BuildStage } from './task.js';

/** Figures of the work, as data: craft, section 11, and house defaults where it is silent. Minutes and hours. */

type Form = Placement['form'];

const HOUR = 60;

/** How long before opening a cut food is still as it should be. */
const CUT_FRESH_H: Readonly<Record<Family, number>> = {
  cheese: 12,
  'cured-meat': 6,
  fish: 4,
  'plant-protein': 12,
  cooked: 6,
  vehicle: 4,
  'fresh-fruit': 4,
  'dried-fruit': 48,
  vegetable: 12,
  pickle: 24,
  'nut-seed': 48,
  'spread-dip': 12,
  'sweet-bite': 24,
  garnish: 2,
};
/** Apples, pears, bananas and avocado brown. */
const BROWNS = /^(apple|pear|banana|avocado)/;
const BROWNS_MIN = 45;

/** Folded and pleated meat dries: ribbons at the last, a rose holds longer under cover. */
const FOLD_FRESH_MIN: Partial<Record<Form, number>> = {
  ribbon: 30,
  'quarter-folds': 60,
  chain: 60,
  cones: 60,
  rose: 120,
};

export function cutFreshMin(component: Component): number {
  if (BROWNS.test(component.id)) return BROWNS_MIN;
  return CUT_FRESH_H[component.family] * HOUR;
}
export const foldFreshMin = (form: Form): number => FOLD_FRESH_MIN[form] ?? HOUR;

export const WASHED_FRESH_MIN = 24 * HOUR;
export const DRYING_MIN = 20;
export const OPENED_FRESH_MIN = 4 * HOUR;
/** A bowl of ice is turned out and filled no sooner than this before opening (house default). */
export const ICE_FRESH_MIN = 45;
/** Dipped, turned out, dried and set on its dish (house default). */
export const ICE_OUT_MIN = 4;
export const BOWLS_FRESH_MIN = 2 * HOUR;
export const TOOLS_FRESH_MIN = 24 * HOUR;
/** A dip into its bowl, spoon and cover with it. */
export const BOWL_MIN = 1.5;
/** Counting out what stands beside the food, and one label. */
export const TOOL_MIN = 0.5;
export const LABEL_MIN = 0.75;
export const SET_OUT_MIN = 4;
/** Into boxes with ice, and into the car. */
export const PACK_MIN = 10;
export const PACK_SURFACE_MIN = 2;
export const PACK_LITTLE_MIN = 0.5;
export const OUT_MIN = 1;
export const OUT_EACH_MIN = 0.5;
/** Nothing but the board is worked on in the last half hour. */
export const CALM_MIN = 30;
/** Work of so many minutes on what keeps a day is for the day before. */
export const AHEAD_FROM_MIN = 20;
export const AHEAD_KEEPS_H = 24;

/** Taking a blender apart and washing it, after each food: hands of others use it next. */
export const BLENDER_WASH_MIN = 3;

/** Twice the mass takes less than twice the hands: the pots are out already. */
export const HANDS_GROW = 0.6;

/** Seconds that one thing takes to be laid: a bowl or cheese is set, a slice placed, what is loose poured and pushed. */
export const LAY_SECONDS = { alone: 30, run: 3, loose: 1.5 } as const;
/** Small things are not set one by one: a heap of so many grams is poured and pushed into place (house default). */
export const POUR_SECONDS = 10;
export const POUR_SECONDS_PER_G = 0.25;
/** A stage that takes longer is shared out, so that two can work at it. */
export const LONG_STAGE_MIN = 14;
/** Washing and unpacking that takes longer is shared out, too. */
export const LONG_PREP_MIN = 40;
/** To begin a stage on a surface, in minutes. */
export const STAGE_MIN = 0.5;

/** One way to the table and back. */
export const RUN_MIN = 1;
/** Little boards and boxes go together on a tray, so many at once (house default). */
export const SMALL_MM = 260;
export const SMALL_G = 1200;
export const TRAY_HOLDS = 4;
export const OUT_FRESH_MIN = 20;

/** How long before opening a stage may lie open: bread and leaves last. */
export const STAGE_FRESH_MIN: Readonly<Record<BuildStage, number>> = {
  bowls: 60,
  cheese: 60,
  meat: 40,
  large: 40,
  fillers: 60,
  breads: 20,
  garnish: 15,
  ice: 15,
};
