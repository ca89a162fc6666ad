import type { z } from 'zod';
import { surfaceSchema } from '../../plan/index.js';
import { record } from '../record.js';

/** A board that one owns: its shape and what it is made of, not for whom it was laid. */
export const ownedSurfaceSchema = surfaceSchema.pick({
  name: true,
  outline: true,
  rimMm: true,
  material: true,
  weightG: true,
  walls: true,
});
export type OwnedSurface = z.infer<typeof ownedSurfaceSchema>;

export const surfaces = record({
  title: 'Boards and trays',
  one: 'surface',
  none: 'The boards that you own can be kept with their size.',
  version: 1,
  schema: ownedSurfaceSchema,
  keyOf: (s) => s.name,
  nameOf: (s) => s.name,
  migrations: [],
  most: 60,
});
