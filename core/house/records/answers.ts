import { factWords } from '../../catalogue/index.js';
import { answerSchema } from '../../plan/index.js';
import { record } from '../record.js';
import { foodName } from './names.js';

/** What labels said for good: new plans begin with it. */
export const answers = record({
  title: 'Labels that hold for good',
  one: 'answer',
  none: 'When you note a label, you can keep it for every plan.',
  version: 1,
  schema: answerSchema,
  keyOf: (answer) => `${answer.componentId} ${answer.fact}`,
  nameOf: (answer) => `${foodName(answer.componentId)}: ${factWords(answer.fact)} ${answer.value}`,
  migrations: [],
  most: 2000,
});
