import { themeSchema } from '../../plan/index.js';
import { record } from '../record.js';

/** Occasion themes of one's own. */
export const themes = record({
  title: 'Themes',
  one: 'theme',
  none: 'A theme that you liked can be kept by its name.',
  version: 1,
  schema: themeSchema,
  keyOf: (theme) => theme.name,
  nameOf: (theme) => theme.name,
  migrations: [],
  most: 100,
});
