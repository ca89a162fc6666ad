import { componentIdSchema } from '../../catalogue/index.js';
import { groupIdSchema } from '../../party/index.js';
import { answerSchema, overrulingSchema, settledSchema } from '../records/said.js';
import { command, replaceBy } from './command.js';

/** What a person has read, decided or left: each can be taken back. */
export const SAID_COMMANDS = [
  command('answer', 'note an answer', { answer: answerSchema }, (plan, { answer }) => ({
    ...plan,
    answers: replaceBy(
      plan.answers,
      (otherAnswer) => otherAnswer.componentId === answer.componentId && otherAnswer.fact === answer.fact,
      answer,
    ),
  })),
  command(
    'take-back-answer',
    'take back an answer',
    { componentId: componentIdSchema, fact: answerSchema.shape.fact },
    (plan, c) => ({
      ...plan,
      answers: plan.answers.filter(
        (answer) => answer.componentId !== c.componentId || answer.fact !== c.fact,
      ),
    }),
  ),
  command('overrule', 'overrule', { overruling: overrulingSchema }, (plan, { overruling }) => ({
    ...plan,
    overrulings: replaceBy(
      plan.overrulings,
      (other) => other.componentId === overruling.componentId && other.groupId === overruling.groupId,
      overruling,
    ),
  })),
  command(
    'take-back-overruling',
    'take back an overruling',
    { componentId: componentIdSchema, groupId: groupIdSchema },
    (plan, c) => ({
      ...plan,
      overrulings: plan.overrulings.filter(
        (overruling) => overruling.componentId !== c.componentId || overruling.groupId !== c.groupId,
      ),
    }),
  ),
  command('settle', 'settle a slip', { settled: settledSchema }, (plan, { settled }) => ({
    ...plan,
    settled: replaceBy(plan.settled, (s) => s.key === settled.key, settled),
  })),
  command('unsettle', 'take a slip back', { key: settledSchema.shape.key }, (plan, { key }) => ({
    ...plan,
    settled: plan.settled.filter((s) => s.key !== key),
  })),
] as const;
