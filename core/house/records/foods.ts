import { componentSchema } from '../../catalogue/index.js';
import { record } from '../record.js';

/** Foods of one's own, with what is known of them. */
export const foods = record({
  title: 'Foods of your own',
  one: 'food',
  none: 'A food that you describe, or whose label you read, can be kept for every plan.',
  version: 1,
  schema: componentSchema,
  keyOf: (component) => component.id,
  nameOf: (component) => component.name,
  migrations: [],
  most: 1000,
});
