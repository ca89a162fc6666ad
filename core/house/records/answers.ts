import { CATALOGUE, factWords } from '../../catalogue/index.js';
import { answerSchema } from '../../plan/index.js';
import { record } from '../record.js';

const names = new Map<string, string>(CATALOGUE.map((c) => [c.id, c.name]));

/** What labels said for good: new plans begin with it. */
export const answers = record({
  title: 'Labels that hold for good',
  one: 'answer',
  none: 'When you note a label, you can keep it for every plan.',
  version: 1,
  schema: answerSchema,
  keyOf: (a) => `${a.componentId} ${a.fact}`,
  nameOf: (a) => `${names.get(a.componentId) ?? a.componentId}: ${factWords(a.fact)} ${a.value}`,
  migrations: [],
  most: 2000,
});
