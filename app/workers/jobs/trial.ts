import { z } from 'zod';
import { checkPlan, triedRemedies, type Tried } from '../../../core/check/index.js';
import { job } from '../job.js';
import { planInput } from '../input.js';

/** The remedies of one slip that keep their word. */
export interface TriedOf {
  key: string;
  tried: Tried[];
}

/** Every remedy of every slip, tried on a copy of the plan; each slip's are a part, the first slip's first. */
export const trial = job({
  words: 'Trying remedies',
  input: z.strictObject({ plan: planInput }),
  async run({ plan }, bench): Promise<null> {
    const checked = checkPlan(plan);
    for (const finding of checked.findings) {
      if (finding.remedies.length === 0) continue;
      const part: TriedOf = { key: finding.key, tried: triedRemedies(plan, checked, finding) };
      // a newer plan is not kept waiting, nor is the worker ended for it
      if (!(await bench.part(part))) break;
    }
    return null;
  },
});
