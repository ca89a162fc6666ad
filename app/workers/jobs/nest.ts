import { z } from 'zod';
import { cutSchema, type Cut } from '../../../core/plan/index.js';
import { Nesting, nestRequest, stepsFor } from '../../../core/shape/index.js';
import { job } from '../job.js';

export interface Nested {
  pieces: Cut['pieces'];
  /** No packing has more, as far as areas tell. */
  bound: number;
  /** Of the steps that it looks for, those that are done; 1 when it is over. */
  share: number;
}

/** After so many packings the page is asked whether it still wants to know. */
const LISTENS_EVERY = 12;

/** Where cutters are pressed: a first answer at once, better ones as it goes on. */
export const nest = job({
  words: 'Pressing cutters',
  input: z.strictObject({ cut: cutSchema }),
  async run({ cut }, bench): Promise<Nested> {
    const nesting = new Nesting(nestRequest(cut));
    const found = (share: number): Nested => {
      const { pieces, bound } = nesting.best;
      return {
        pieces: pieces.map(({ cutter, x, y, angle, locked }) => ({ cutter, x, y, angle, locked })),
        bound,
        share,
      };
    };
    let told = -1;
    for (let packing = 1; !nesting.done; packing++) {
      nesting.step();
      const { pieces } = nesting.best;
      const share = nesting.steps / stepsFor(pieces.length);
      if (share >= 1) break;
      if (pieces.length === told && packing % LISTENS_EVERY > 0) continue;
      told = pieces.length;
      if (!(await bench.part(found(share)))) break;
    }
    return found(1);
  },
});
