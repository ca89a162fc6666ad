import type { Days } from './day.js';
import type { Task } from './task.js';

/** The latest begin of each task with any number of hands and all equipment: no day begins it later. */
export function latestStarts({ tasks }: Pick<Days, 'tasks'>): number[] {
  const index = new Map(tasks.map(({ id }, i) => [id, i]));
  const latest = tasks.map(({ by, handsMin, waitMin }) => by - handsMin - waitMin);
  // tasks stand after those that they need: one walk from the end
  for (let j = tasks.length - 1; j >= 0; j--)
    for (const { id, what } of tasks[j]!.after) {
      const i = index.get(id);
      if (i === undefined) continue;
      const { handsMin, waitMin } = tasks[i]!;
      latest[i] = Math.min(latest[i]!, latest[j]! - handsMin - (what === 'all' ? waitMin : 0));
    }
  return latest;
}

const rate = ({ fresh }: Task): number => 60 / Math.max(30, -fresh);

/**
 * No day of these tasks costs less. Two reasons, of which the larger counts: a task begins no later than what follows it
 * allows, and what is to be fresh within the last minutes takes more hands than there are, so that the rest is begun
 * before (each minute of work before that moment is one too early for its task).
 */
export function leastCost(days: Days): number {
  const { tasks, hands } = days;
  const latest = latestStarts(days);
  const alone = tasks.reduce((sum, task, i) => sum + Math.max(0, task.fresh - latest[i]!) * rate(task), 0);
  const moments = [...new Set(tasks.map(({ fresh }) => fresh))].filter((fresh) => fresh < 0 && fresh > -1440);
  const crowded = moments.map((moment) => {
    const soon = tasks.filter(({ fresh }) => fresh >= moment);
    const work = soon.reduce((sum, { handsMin }) => sum + handsMin, 0);
    const over = work + hands.length * moment;
    return over <= 0 || soon.length === 0 ? 0 : over * Math.min(...soon.map(rate));
  });
  return Math.max(alone, 0, ...crowded);
}
