import { CATALOGUE, factWords } from '../../catalogue/index.js';
import { answerSchema } from '../../plan/index.js';
import { record } from '../record.js';

const names = new Map<string, string>(CATALOGUE.map((component) => [component.id, component.name]));

/** What labels said for good: new plans begin with it. */
export const answers = record({
  title: 'Labels that hold for good',
  one: 'answer',
  none: 'When you note a label, you can keep it for every plan.',
  version: 1,
  schema: answerSchema,
  keyOf: (answer) => `${answer.componentId} ${answer.fact}`,
  nameOf: (answer) =>
    `${names.get(answer.componentId) ?? answer.componentId}: ${factWords(answer.fact)} ${answer.value}`,
  migrations: [],
  most: 2000,
});
