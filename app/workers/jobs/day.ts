import { z } from 'zod';
import { EQUIPMENT } from '../../../core/catalogue/index.js';
import {
  daysOf,
  keptDay,
  restOf,
  roundsFor,
  scheduled,
  Search,
  waysOf,
  type Day,
  type Way,
} from '../../../core/make/index.js';
import type { WorkOfDay } from '../../../core/plan/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

export interface DayFound {
  tasks: WorkOfDay[];
  /** Tasks without a place. */
  left: string[];
  cost: Day['cost'];
  bound: number;
  /** What would help, tried; only for a day that is laid out anew. */
  ways: Way[];
}

/** A day is shown before the search has looked at so many orders. */
const FIRST = 40;

/** A day for the plan's work; with `since`, the rest of one that is under way. */
export const day = job({
  words: 'Laying out the day',
  input: z.strictObject({
    plan: planInput,
    /** Minutes from opening before which nothing can begin any more. */
    notBefore: z.number().int().optional(),
    since: z
      .strictObject({
        now: z.number().int(),
        gone: z.array(z.string()).optional(),
        failed: z.array(z.enum(EQUIPMENT as [(typeof EQUIPMENT)[number]])).optional(),
      })
      .optional(),
  }),
  async run({ plan, since, notBefore }, bench): Promise<DayFound> {
    const { gone, failed, now } = since ?? {};
    const days =
      now === undefined
        ? daysOf(plan, notBefore)
        : restOf(plan, { now, ...(gone ? { gone } : {}), ...(failed ? { failed } : {}) });
    const search = new Search(days, plan.seed);
    const rounds = roundsFor(days.tasks.length);
    const found = (ways: Way[]): DayFound => {
      const schedule = scheduled(days, search.best);
      const { left, cost } = schedule.day;
      return { tasks: keptDay(plan, schedule), left, cost, bound: schedule.bound, ways };
    };
    for (let k = 0; k < rounds && search.best.cost.sum > 0; k++) {
      search.step();
      if (k === FIRST && !(await bench.part(found([])))) return found([]);
    }
    bench.progress('Looking for ways out');
    return found(since ? [] : waysOf(plan, scheduled(days, search.best)));
  },
});
