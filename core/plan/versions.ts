import { PLAN_VERSION } from './plan.js';
import { AT_HAND_STEPS } from './records/at-hand.js';
import { CUT_STEPS } from './records/cut.js';
import { DAY_STEPS } from './records/day.js';
import { MOTIF_STEPS } from './records/motif.js';
import { OCCASION_STEPS } from './records/occasion.js';
import { OFFER_STEPS } from './records/offer.js';
import { OWN_COMPONENT_STEPS } from './records/own-component.js';
import { PRICE_STEPS } from './records/price.js';
import { RECIPE_STEPS } from './records/recipe.js';
import { SCHOOL_STEPS } from './records/school.js';
import { WISHES_STEPS } from './records/wishes.js';
import type { Steps, Stored } from './steps.js';

/** One step of the chain: takes a stored plan of version `from` and returns one of `from + 1`. Pure. */
export interface Migration {
  from: number;
  name: string;
  step(stored: Stored): Stored;
}

/** Each record knows what became of its own fields; no two touch the same one. */
const RECORDS: readonly Steps[] = [
  OWN_COMPONENT_STEPS,
  AT_HAND_STEPS,
  OCCASION_STEPS,
  WISHES_STEPS,
  SCHOOL_STEPS,
  PRICE_STEPS,
  RECIPE_STEPS,
  CUT_STEPS,
  MOTIF_STEPS,
  DAY_STEPS,
  OFFER_STEPS,
];

const NAMES: Readonly<Record<number, string>> = {
  1: 'more facts about own components; what the kitchen promises about the order of work',
  2: 'portion schools, a star, more levers, the pantry, work, region and mood of the theme',
  3: 'prices of one’s own',
  4: 'recipes of one’s own',
  5: 'what the board is for',
  6: 'what the last boards had',
  7: 'what is cut out on the bench',
  8: 'motifs that are filled with a food',
  9: 'surfaces that are oval or half round',
  10: 'what surfaces weigh, who stands where, marked places, tiers and compartments, own outlines',
  11: 'the day of the work: hands, kitchen, who does what when, what is bought and packed; the offer',
  12: 'what lies in the basket with its packs, shops of prices, dates of the pantry, errands, colours of boards',
  13: 'single portions: surfaces of which there are many',
};

/** In order. The samples hold one plan of each version that was ever stored. */
export const MIGRATIONS: readonly Migration[] = Object.entries(NAMES).map(([version, name]) => {
  const from = Number(version);
  const steps = RECORDS.flatMap((record) => record[from] ?? []);
  return { from, name, step: (stored) => steps.reduce((now, step) => step(now), stored) };
});

/** Brings a stored plan up to `to`. The version is stamped only after its step has succeeded. */
export function migrate(
  stored: Stored,
  migrations: readonly Migration[] = MIGRATIONS,
  to: number = PLAN_VERSION,
): Stored {
  let now = stored;
  for (let version = Number(stored.version); version < to; version++) {
    const found = migrations.find((migration) => migration.from === version);
    if (!found) throw new Error(`no way from version ${version} to ${version + 1}`);
    now = { ...found.step(now), version: version + 1 };
  }
  return now;
}
