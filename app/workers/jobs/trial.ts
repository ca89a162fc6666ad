import { z } from 'zod';
import { checkFood, triedRemedies, type Tried } from '../../../core/check/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

/** The remedies of one slip that keep their word. */
export interface TriedOf {
  key: string;
  tried: Tried[];
}

/**
 * Every remedy of these slips, tried on a copy of the plan; each slip's are a part, the first slip's first. How food lies has
 * no remedy, and a slip that hangs no more has none either.
 */
export const trial = job({
  words: 'Trying remedies',
  input: z.strictObject({ plan: planInput, keys: z.array(z.string()) }),
  async run({ plan, keys }, bench): Promise<null> {
    const checked = checkFood(plan);
    for (const key of keys) {
      const finding = checked.findings.find((finding) => finding.key === key);
      const part: TriedOf = { key, tried: finding ? triedRemedies(plan, checked, finding) : [] };
      // a newer plan is not kept waiting, nor is the worker ended for it
      if (!(await bench.part(part))) break;
    }
    return null;
  },
});
