import { ownSchoolSchema } from '../../plan/index.js';
import { record } from '../record.js';

/** Portion figures of one's own. */
export const schools = record({
  title: 'Portion schools',
  one: 'school',
  none: 'Figures of your own, kept by name, are found in every plan.',
  version: 1,
  schema: ownSchoolSchema,
  keyOf: (school) => school.name,
  nameOf: (school) => school.name,
  migrations: [],
  most: 50,
});
