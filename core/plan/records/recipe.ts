import { z } from 'zod';
import {
  EQUIPMENT,
  FAMILIES,
  HOLD_OUTS,
  componentIdSchema,
  formFactSchema,
  type Equipment,
} from '../../catalogue/index.js';
import type { Steps } from '../steps.js';
import { idText, text } from './fields.js';

const minutes = z.number().int().min(0).max(2880);

/** Something that the stylist makes: what goes in, what comes out, how long it takes. Its facts are those of what goes in. */
export const ownRecipeSchema = z.strictObject({
  /** Never one of a recipe of the larder. */
  id: idText.regex(/^own-/, 'an id that begins with own-'),
  name: text(60).min(1),
  family: z.enum(FAMILIES),
  /** Grams of a batch, of foods of the larder and of kitchen staples. */
  parts: z
    .array(
      z.strictObject({
        componentId: componentIdSchema,
        massG: z.number().positive().max(20_000),
        /** What is left where it is cut out (`Plan.cuts`): paid for already. */
        fromOffcuts: z.literal(true).optional(),
      }),
    )
    .min(1)
    .max(30),
  /** Grams that a batch gives: water boils off, marinade is drained. */
  outG: z.number().positive().max(50_000),
  handsMin: minutes,
  waitMin: minutes,
  /** Hours before serving at most. */
  keepsH: z.number().int().min(1).max(2000),
  /** How long it stands, as its maker knows it: cooking can save what would spoil, and mixing spoil what would stand. */
  holdOut: z.enum(HOLD_OUTS),
  steps: text(1000),
  /** What of the kitchen it wants while it does itself. */
  uses: z
    .array(z.enum(EQUIPMENT as [Equipment, ...Equipment[]]))
    .max(EQUIPMENT.length)
    .optional(),
  /** How a piece of it lies, where it has a shape of its own: a wheel with a window, stars from a mould. */
  serves: formFactSchema.optional(),
});
export type OwnRecipe = z.infer<typeof ownRecipeSchema>;

/** Version 4 knew none. */
export const RECIPE_STEPS: Steps = { 4: (stored) => ({ recipes: [], ...stored }) };
