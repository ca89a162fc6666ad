import { basketSchema, daySchema, workSchemaOfDay, type DayRecord, type WorkOfDay } from '../records/day.js';
import { offerSchema } from '../records/offer.js';
import type { Plan } from '../plan.js';
import { command, replaceBy, toggled } from './command.js';
import { z } from 'zod';

const field = daySchema.shape;
const work = workSchemaOfDay.shape;

const withDay = (plan: Plan, patch: Partial<DayRecord>): Plan => ({
  ...plan,
  day: { ...plan.day, ...patch },
});

const withWork = (plan: Plan, task: string, patch: Partial<WorkOfDay>): Plan =>
  withDay(plan, {
    tasks: plan.day.tasks.map((other) => (other.task === task ? { ...other, ...patch } : other)),
  });

const tick = { id: z.string().min(1).max(80), on: z.boolean() };

/** Whose hands, what kitchen, who does what when, and what is done. */
export const DAY_COMMANDS = [
  command('set-hands', 'change who helps', { hands: field.hands }, (plan, { hands }) =>
    withDay(plan, { hands }),
  ),
  command('set-kitchen', 'change the kitchen', { kitchen: field.kitchen }, (plan, { kitchen }) =>
    withDay(plan, { kitchen }),
  ),
  command('set-day', 'lay out the day', { tasks: field.tasks }, (plan, { tasks }) =>
    withDay(plan, { tasks }),
  ),
  command(
    'move-work',
    'move a task',
    { task: work.task, hand: work.hand, startMin: work.startMin },
    (plan, { task, hand, startMin }) => withWork(plan, task, { hand, startMin, pinned: true }),
  ),
  command('pin-work', 'pin a task', { task: work.task, on: z.boolean() }, (plan, { task, on }) =>
    withWork(plan, task, { pinned: on }),
  ),
  command(
    'work-done',
    'tick off a task',
    { task: work.task, doneMin: work.doneMin },
    (plan, { task, doneMin }) => withWork(plan, task, { doneMin }),
  ),
  command('set-bought', 'tick off the list', { basket: basketSchema }, (plan, { basket }) =>
    withDay(plan, { bought: replaceBy(plan.day.bought, ({ id }) => id === basket.id, basket) }),
  ),
  command('put-back', 'take it out of the basket', { id: basketSchema.shape.id }, (plan, { id }) =>
    withDay(plan, { bought: plan.day.bought.filter((other) => other.id !== id) }),
  ),
  command('set-errands', 'change who goes shopping', { errands: field.errands }, (plan, { errands }) =>
    withDay(plan, { errands }),
  ),
  command('set-boards', 'change the cutting boards', { boards: field.boards }, (plan, { boards }) =>
    withDay(plan, { boards }),
  ),
  command('tick-packed', 'tick off a tool', tick, (plan, { id, on }) =>
    withDay(plan, { packed: toggled(plan.day.packed, id, on) }),
  ),
  command('set-offer', 'change the offer', { patch: offerSchema.partial() }, (plan, { patch }) => ({
    ...plan,
    offer: { ...plan.offer, ...(patch as Partial<Plan['offer']>) },
  })),
] as const;
