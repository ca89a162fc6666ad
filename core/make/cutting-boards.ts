import type { Component, Larder } from '../catalogue/index.js';
import { TOUCHES, type Plan, type Touch } from '../plan/index.js';
import { handRecords } from './hands.js';
import type { Task } from './task.js';

const OF_FAMILY: Readonly<Record<Component['family'], Touch>> = {
  cheese: 'cheese',
  'cured-meat': 'meat',
  cooked: 'meat',
  fish: 'fish',
  'plant-protein': 'greens',
  vehicle: 'bread',
  'fresh-fruit': 'greens',
  'dried-fruit': 'greens',
  vegetable: 'greens',
  pickle: 'greens',
  garnish: 'greens',
  'nut-seed': 'nuts',
  'spread-dip': 'greens',
  'sweet-bite': 'sweet',
};
const ON_A_BOARD: ReadonlySet<Task['kind']> = new Set(['cut', 'fold', 'shape', 'make']);

/** The cutting board that a task is done on: what must be kept from traces has its own. Undefined for work without one. */
export function touchOf(task: Task, larder: Larder): Touch | undefined {
  if (!ON_A_BOARD.has(task.kind)) return undefined;
  // what keeps from nothing that this plan has is no free-from work
  if (task.keeps !== 0 && task.leaves === 0) return 'free';
  const food = task.foods.map((id) => larder.get(id)).find((food) => food !== undefined);
  return food && OF_FAMILY[food.family];
}

export interface BoardNeed {
  touches: Touch;
  /** One for each pair of hands that works with it. */
  count: number;
  foods: readonly Component[];
  /** As the house marks it; null where nobody has said. */
  colour: string | null;
}

/**
 * One for each pair of hands that works with it: the proof of the day walks hand by hand, and holds only where no board goes
 * from one to another. While no day is laid out, as if everybody did.
 */
function handsAt(plan: Plan, tasks: readonly Task[]): number {
  const ids = new Set(tasks.map(({ id }) => id));
  const hands = new Set(plan.day.tasks.filter(({ task }) => ids.has(task)).map(({ hand }) => hand));
  return hands.size > 0 ? hands.size : Math.min(tasks.length, handRecords(plan).length);
}

/** Cutting boards and knives by what they touch, in the order of free-from work first and meat and fish last. */
export function cuttingBoards(plan: Plan, tasks: readonly Task[], larder: Larder): BoardNeed[] {
  return TOUCHES.flatMap((touches): BoardNeed[] => {
    const mine = tasks.filter((task) => touchOf(task, larder) === touches);
    if (mine.length === 0) return [];
    const ids = [...new Set(mine.flatMap(({ foods }) => foods))];
    return [
      {
        touches,
        count: handsAt(plan, mine),
        foods: ids.flatMap((id) => larder.get(id) ?? []),
        colour: plan.day.boards.find((board) => board.touches === touches)?.colour ?? null,
      },
    ];
  });
}
