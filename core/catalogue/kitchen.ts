import { CHILLED, GOODS, KITCHEN, ON_MIN, RECIPE_USES, type Aisle, type Equipment } from './data/kitchen.js';
import type { ComponentId } from './facts.js';
import { recipeOf } from './recipes.js';

export type { Aisle, Equipment } from './data/kitchen.js';
export const EQUIPMENT: readonly Equipment[] = ['oven', 'hob', 'blender', 'freezer', 'fridge'];

/** How a home-made food comes about: what goes in, what comes out, how long it takes, and what of the kitchen it wants. */
export interface Making {
  /** Food of the larder, staple, good, or another food that is made; grams for a batch. */
  parts: readonly (readonly [id: string, grams: number])[];
  outG: number;
  handsMin: number;
  waitMin: number;
  /** Hours before serving at most. */
  keepsH: number;
  uses: readonly Equipment[];
  /** Minutes of the waiting in which the oven or freezer is taken. */
  onMin: number;
  steps: string;
  source: 'house default';
}

/** Bought for a kitchen and never laid by itself. */
export interface Good {
  name: string;
  massG: number;
  priceMinor: number;
  aisle: Aisle;
}

export const GOOD_IDS = Object.keys(GOODS) as (keyof typeof GOODS)[];

export function goodOf(id: string): Good | undefined {
  if (!Object.hasOwn(GOODS, id)) return undefined;
  const [name, massG, priceMinor, aisle] = GOODS[id as keyof typeof GOODS];
  return { name, massG, priceMinor, aisle };
}

/** An oven is taken for no longer than this, usually: then the food cools by itself. */
const USUAL_ON_MIN = 45;
const onMin = (id: string, waitMin: number): number => Math.min(waitMin, ON_MIN[id] ?? USUAL_ON_MIN);

const usesOf = (recipeId: string): Equipment[] =>
  EQUIPMENT.filter((kind) => RECIPE_USES[kind].split(/\s+/).includes(recipeId));

const withFridge = (id: string, uses: readonly Equipment[]): readonly Equipment[] =>
  CHILLED.has(id) ? [...uses, 'fridge'] : uses;

/** How the house makes a food; undefined for what is bought, and for what a stylist makes (`Plan.recipes`). */
export function makingOf(id: ComponentId): Making | undefined {
  const recipe = recipeOf(id);
  if (recipe) {
    const { parts, outG, handsMin, waitMin, keepsH, steps } = recipe;
    return {
      parts,
      outG,
      handsMin,
      waitMin,
      keepsH,
      steps,
      uses: withFridge(id, usesOf(recipe.id)),
      onMin: onMin(id, waitMin),
      source: 'house default',
    };
  }
  const row = Object.hasOwn(KITCHEN, id) ? KITCHEN[id] : undefined;
  if (!row) return undefined;
  const [parts, outG, [handsMin, waitMin, keepsH], uses, steps] = row;
  return {
    parts,
    outG,
    handsMin,
    waitMin,
    keepsH,
    uses: withFridge(id, uses),
    onMin: onMin(id, waitMin),
    steps,
    source: 'house default',
  };
}
