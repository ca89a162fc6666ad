import { homeMadeId, type FormId } from '../catalogue/index.js';
import type { Polygon } from '../geometry/index.js';
import type { Command, OwnRecipe, SurfaceId } from '../plan/index.js';
import { shortName } from '../measure/index.js';

/** What the makers of the bench share: how what is made is named, kept and laid. */

/** Hours that a cut or melted cheese keeps at most (house default). */
export const KEEPS_H = 48;

export const short = (text: string): string => shortName(text).toLowerCase();
/** The food that a recipe gives has its id with five letters more, and no id has more than sixty. */
const MOST_ID = 55;
export const idWith = (...parts: readonly string[]): string =>
  `own-${parts.join('-')}`.slice(0, MOST_ID).replace(/-+$/, '');
export const flipped = (outline: Polygon): [number, number][] => outline.map(([x, y]) => [x, -y]);

export const grams = (massG: number): number => Math.round(massG * 10) / 10;

/** Keeps the recipe, and lays all that it gives. */
export const layMade = (
  recipe: OwnRecipe,
  surfaceId: SurfaceId,
  form: FormId,
  pieces: number,
  label: string,
): Command => ({
  name: 'together',
  label,
  commands: [
    { name: 'set-recipe', recipe },
    {
      name: 'place',
      componentId: homeMadeId(recipe),
      surfaceId,
      placements: [
        {
          componentId: homeMadeId(recipe),
          surfaceId,
          form,
          massG: recipe.outG,
          pieces,
          lot: 0,
          contained: false,
        },
      ],
    },
  ],
});
