import { COUNTED, CUPS } from './data/cups.js';

export const CUP_ML = 240;
export const TABLESPOON_ML = 15;
export const TEASPOON_ML = 5;

const CUP_G: ReadonlyMap<string, number> = new Map(
  CUPS.flatMap(([grams, ids]) => ids.split(' ').map((id) => [id, grams] as const)),
);

/** Grams of a millilitre as it is measured by the cup; undefined where no table of ours has it. */
export const gramsOfMl = (id: string): number | undefined => {
  const cup = CUP_G.get(id);
  return cup === undefined ? undefined : cup / CUP_ML;
};

/** Grams of one, of what is counted; undefined for what is measured. */
export const gramsOfOne = (id: string): number | undefined =>
  Object.hasOwn(COUNTED, id) ? COUNTED[id] : undefined;

export type Measure = 'cups' | 'tablespoons' | 'teaspoons' | 'pieces' | 'pinch';

/** Steps in which each is measured; below the least of a teaspoon it is a pinch. */
const STEP: Readonly<Record<Exclude<Measure, 'pinch'>, number>> = {
  cups: 0.25,
  tablespoons: 0.5,
  teaspoons: 0.25,
  pieces: 0.5,
};
const LEAST_CUPS = 0.25;
const LEAST_TABLESPOONS = 1;
const LEAST_TEASPOONS = 0.125;

/** Grams as a kitchen without a scale measures them; undefined where nobody can say. */
export function measured(id: string, massG: number): { amount: number; measure: Measure } | undefined {
  const one = gramsOfOne(id);
  const round = (amount: number, measure: Exclude<Measure, 'pinch'>) => ({
    amount: Math.max(STEP[measure], Math.round(amount / STEP[measure]) * STEP[measure]),
    measure,
  });
  if (one !== undefined) return round(massG / one, 'pieces');
  const density = gramsOfMl(id);
  if (density === undefined) return undefined;
  const ml = massG / density;
  if (ml >= LEAST_CUPS * CUP_ML) return round(ml / CUP_ML, 'cups');
  if (ml >= LEAST_TABLESPOONS * TABLESPOON_ML) return round(ml / TABLESPOON_ML, 'tablespoons');
  if (ml >= LEAST_TEASPOONS * TEASPOON_ML) return round(ml / TEASPOON_ML, 'teaspoons');
  return { amount: 1, measure: 'pinch' };
}
