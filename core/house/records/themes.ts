import { themeSchema } from '../../plan/index.js';
import { record } from '../record.js';

/** Occasion themes of one's own. */
export const themes = record({
  title: 'Themes',
  one: 'theme',
  none: 'A theme that you liked can be kept by its name.',
  version: 1,
  schema: themeSchema,
  keyOf: (t) => t.name,
  nameOf: (t) => t.name,
  migrations: [],
  most: 100,
});
