import type { ComponentId } from '../catalogue/index.js';
import type { z } from 'zod';
import type { pantrySchema } from './records/at-hand.js';

type Pantry = z.infer<typeof pantrySchema>;

/** What most kitchens have, and buy by the year. */
export const BASICS = [
  'olive-oil',
  'sunflower-oil',
  'sugar',
  'salt',
  'spirit-vinegar',
  'cider-vinegar',
  'pepper',
  'cumin',
  'cinnamon',
  'paprika',
].map((id) => `staple-${id}` as ComponentId);
const BASICS_G = 1000;

/** The pantry with what most kitchens have, or without. */
export const withBasics = ({ pantry }: { pantry: Pantry }, on: boolean): Pantry => [
  ...pantry.filter(({ componentId }) => !BASICS.includes(componentId)),
  ...(on ? BASICS.map((componentId) => ({ componentId, massG: BASICS_G })) : []),
];
