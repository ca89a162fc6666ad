import type { Plan } from '../../plan/index.js';
import type { Task } from '../task.js';
import { boards } from './boards.js';
import { makeContext } from './context.js';
import { freezing } from './ice.js';
import { cutting, folding, making, opening, washing } from './food.js';

/** All work of a plan until it opens, each task after those that it needs. */
export function tasksOf(plan: Plan): Task[] {
  const context = makeContext(plan);
  const raw = [...making(context), ...washing(context)];
  const cut = cutting(context, raw);
  const prep = [
    ...raw,
    ...cut,
    ...folding(context, [...raw, ...cut]),
    ...opening(context),
    ...freezing(context),
  ];
  return [...prep, ...boards(context, prep)];
}
