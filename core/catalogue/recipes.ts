import { RECIPE_ROWS } from './data/recipes.js';
import { component, type FormRow } from './entry.js';
import {
  componentSchema,
  type Component,
  type ComponentId,
  type Family,
  type Job,
  type Taste,
} from './facts.js';
import { factsOf, STAPLES } from './mixtures.js';
import type { Larder } from './catalogue.js';
import { memo2 } from '../measure/index.js';

/** A home-made thing: what goes in, what comes out, how long it takes. Its facts are those of what goes in. */
export interface Recipe {
  id: string;
  name: string;
  family: Family;
  job?: Job;
  /** Component or staple, and grams. */
  parts: readonly (readonly [id: string, grams: number])[];
  /** Grams of a batch: water boils off, marinade is drained. */
  outG: number;
  handsMin: number;
  waitMin: number;
  /** Hours before serving at most. */
  keepsH: number;
  taste: Partial<Record<Taste, number>>;
  texture: Component['texture'];
  colours: readonly [string, string, string];
  forms: readonly FormRow[];
  sheds?: Component['sheds'];
  weeps?: boolean;
  drips?: boolean;
  milk?: Component['milk'];
  hold: Component['holdOut'];
  temper?: number;
  steps: string;
}

export const RECIPES: readonly Recipe[] = RECIPE_ROWS;

export const homeMadeId = (recipe: Pick<Recipe, 'id'>): ComponentId => `home-${recipe.id}` as ComponentId;

/** The recipe behind a component, if it is one of these. */
export const recipeOf = (id: ComponentId): Recipe | undefined =>
  RECIPES.find((recipe) => homeMadeId(recipe) === id);

// ------------------------------------------------------------------ facts of a mixture

type Part = { component: Component; grams: number };

/** Plain beside plain is plain; one other way of making it is its way; two others nobody can call by one name. */
function processOf(parts: readonly Part[]): Component['process'] {
  const others = [...new Set(parts.map((part) => part.component.process))].filter((p) => p !== 'plain');
  return others.length === 0 ? 'plain' : others.length === 1 ? others[0]! : 'unknown';
}

const NUTRIENTS = [
  'energyKj',
  'proteinG',
  'fatG',
  'carbTotalG',
  'carbNetG',
  'fibreG',
  'polyolsG',
  'erythritolG',
  'saltG',
] as const;
const round1 = (n: number) => Math.round(n * 10) / 10;

/** By grams in, over grams out; unknown in is unknown out. */
function nutritionOf(parts: readonly Part[], outG: number): Component['per100g'] {
  const sums = Object.fromEntries(
    NUTRIENTS.map((n) => {
      const values = parts.map((part) => part.component.per100g[n]);
      const sum = parts.reduce((sum, part, i) => sum + (part.grams * (values[i] ?? 0)) / outG, 0);
      return [n, values.includes(null) ? null : n === 'energyKj' ? Math.round(sum) : round1(sum)];
    }),
  ) as Omit<Component['per100g'], 'carbTradition'>;
  return { ...sums, carbTradition: 'eu' };
}

/** Minor units of what goes in, where it is cheapest. */
export const priceOf = ({ component, grams }: Part): number =>
  grams * Math.min(...component.packs.map((pack) => pack.priceMinor / pack.massG));

/** What goes into a batch, as the larder knows it; undefined where one part is not in it. */
export function partsOf(recipe: Pick<Recipe, 'parts'>, larder: Larder): Part[] | undefined {
  const parts = recipe.parts.map(([id, grams]) => ({
    component: larder.get(id as ComponentId) ?? STAPLES.get(id),
    grams,
  }));
  return parts.every((part) => part.component !== undefined) ? (parts as Part[]) : undefined;
}

/**
 * The home-made thing as a component: every fact the worst of what goes in, figures by mass, the price of what is used
 * up. With answers of labels in the larder they count here too. Undefined where the larder lacks a part, and where more
 * is left of it than a food can hold: 100 g of fat do not become 50 g.
 */
export const madeFrom = memo2((recipe: Recipe, larder: Larder): Component | undefined => {
  const parts = partsOf(recipe, larder);
  if (!parts) return undefined;
  const shape = component(recipe.family, {
    id: homeMadeId(recipe),
    name: `${recipe.name}, home-made`,
    is: 'home-made',
    kcal: 0,
    per100: [0, 0, 0, 0, 0],
    taste: recipe.taste,
    texture: recipe.texture,
    colours: recipe.colours,
    forms: recipe.forms,
    packs: [[recipe.outG, Math.ceil(parts.reduce((sum, part) => sum + priceOf(part), 0))]],
    hold: recipe.hold,
    ...(recipe.job ? { job: recipe.job } : {}),
    ...(recipe.sheds ? { sheds: recipe.sheds } : {}),
    ...(recipe.weeps ? { weeps: true } : {}),
    ...(recipe.drips ? { drips: true } : {}),
    ...(recipe.milk ? { milk: recipe.milk } : {}),
    ...(recipe.temper ? { temper: recipe.temper } : {}),
  });
  const made = componentSchema.safeParse({
    ...shape,
    handsMin: recipe.handsMin,
    baseFood: parts[0]!.component.baseFood,
    ingredients: parts.map((part) => part.component.name.toLowerCase()),
    ...factsOf(parts.map((part) => part.component)),
    process: processOf(parts),
    certificates: [...new Set(parts.flatMap((part) => part.component.certificates))],
    per100g: nutritionOf(parts, recipe.outG),
    seasonMonths: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12].filter((m) =>
      parts
        .filter((part) => part.component.family === 'fresh-fruit')
        .every((part) => part.component.seasonMonths.includes(m)),
    ),
  });
  return made.success ? made.data : undefined;
});

/** A recipe for so many grams: whole batches are not asked of a kitchen. */
export interface ScaledRecipe {
  recipe: Recipe;
  massG: number;
  parts: { name: string; grams: number }[];
  costMinor: number;
  handsMin: number;
  waitMin: number;
}

/** Twice the mass takes less than twice the hands: the pots are out already (house default). */
const HANDS_GROW = 0.6;

export function scaledTo(recipe: Recipe, massG: number, larder: Larder): ScaledRecipe | undefined {
  const parts = partsOf(recipe, larder);
  if (!parts) return undefined;
  const k = massG / recipe.outG;
  return {
    recipe,
    massG,
    parts: parts.map((part) => ({ name: part.component.name.toLowerCase(), grams: round1(part.grams * k) })),
    costMinor: Math.round(parts.reduce((sum, part) => sum + priceOf(part), 0) * k),
    handsMin: Math.max(2, Math.round(recipe.handsMin * Math.max(1, k) ** HANDS_GROW)),
    waitMin: recipe.waitMin,
  };
}
