import {
  homeMadeId,
  madeFrom,
  partsOf,
  plainForm,
  priceOf,
  recipeOf,
  TASTES,
  type Component,
  type ComponentId,
  type Larder,
  type Recipe,
  type Taste,
} from '../catalogue/index.js';
import type { Plan } from './plan.js';
import type { OwnRecipe } from './records/recipe.js';

type Part = NonNullable<ReturnType<typeof partsOf>>[number];

/** The mean by mass; what nobody has tasted counts for nothing. */
function tasteOf(parts: readonly Part[]): Partial<Record<Taste, number>> {
  const tasted = parts.filter((part) => part.component.taste);
  const grams = tasted.reduce((sum, part) => sum + part.grams, 0);
  if (grams === 0) return {};
  return Object.fromEntries(
    TASTES.map((taste) => [
      taste,
      Math.round(tasted.reduce((sum, part) => sum + part.grams * part.component.taste![taste], 0) / grams),
    ]),
  );
}

/**
 * A recipe of the stylist's own, whole: it tastes as its parts do by mass, looks as the heaviest does, lies as its
 * family plainly does (house default). Undefined where the larder lacks a part.
 */
export function wholeRecipe(own: OwnRecipe, larder: Larder): Recipe | undefined {
  const bare = {
    id: own.id,
    name: own.name,
    family: own.family,
    parts: own.parts.map((part) => [part.componentId, part.massG] as const),
    outG: own.outG,
    handsMin: own.handsMin,
    waitMin: own.waitMin,
    keepsH: own.keepsH,
    forms: [plainForm(own.family)],
    hold: own.holdOut,
    steps: own.steps,
  };
  const parts = partsOf(bare, larder);
  if (!parts) return undefined;
  const heaviest = parts.reduce((most, part) => (part.grams > most.grams ? part : most)).component;
  return {
    ...bare,
    taste: tasteOf(parts),
    texture: own.family === 'spread-dip' ? 'soft' : heaviest.texture,
    colours: heaviest.colours,
    sheds: [...new Set(parts.flatMap((part) => part.component.sheds))],
    weeps: parts.some((part) => part.component.weeps),
    drips: parts.some((part) => part.component.drips),
    milk: heaviest.milk,
  };
}

/** What goes in of a food's offcuts was paid with its slices. */
function paidOnce(food: Component, own: OwnRecipe, larder: Larder): Component {
  if (!own.parts.some(({ fromOffcuts }) => fromOffcuts)) return food;
  const paid = own.parts.filter(({ fromOffcuts }) => !fromOffcuts);
  const parts = partsOf({ parts: paid.map((part) => [part.componentId, part.massG] as const) }, larder) ?? [];
  const priceMinor = Math.ceil(parts.reduce((sum, part) => sum + priceOf(part), 0));
  return { ...food, packs: food.packs.map(({ massG }) => ({ massG, priceMinor })) };
}

/** The food that it gives, with every fact the worst of what goes in. */
export function foodOfRecipe(own: OwnRecipe, larder: Larder): Component | undefined {
  const recipe = wholeRecipe(own, larder);
  const made = recipe && madeFrom(recipe, larder);
  const food = made && paidOnce(made, own, larder);
  if (!food || !own.serves) return food;
  return { ...food, colours: shownColours(food, own, larder), forms: [own.serves] };
}

/** What is seen in a window is the second part; on a skewer each part is seen. */
function shownColours(food: Component, own: OwnRecipe, larder: Larder): Component['colours'] {
  const seen = own.parts.flatMap(({ componentId }) => larder.get(componentId)?.colours[0] ?? []);
  const [first, second = first, third = second] = seen;
  if (own.serves?.piece === 'wheel' && seen.length > 1) return [food.colours[0], food.colours[1], second!];
  if (own.serves?.piece === 'skewer' && first) return [first, second!, third!];
  return food.colours;
}

/** The recipe behind a food of this plan, the larder's or the stylist's own. */
export function recipeIn(plan: Pick<Plan, 'recipes'>, larder: Larder, id: ComponentId): Recipe | undefined {
  const own = plan.recipes.find((recipe) => homeMadeId(recipe) === id);
  return own ? wholeRecipe(own, larder) : recipeOf(id);
}
