import { hypot2 } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** The star stands this far out at most, as a share of the half width: beyond it it stands in a corner. */
const PROMINENT = 0.62;
/** So much of it must be seen. */
const SEEN = 0.7;

/** The star in a prominent place, never in a corner, and not buried. */
export const star = term({
  id: 'star',
  weight: 1,
  read({ foods, half, star }) {
    const mine = foods.filter(({ component }) => component.id === star);
    if (mine.length === 0) return SILENT;
    const best = mine.reduce((a, b) => (b.covers > a.covers ? b : a));
    const out = hypot2(best.middle[0] / half[0], best.middle[1] / half[1]);
    const shown = best.covers === 0 ? 0 : best.seen / best.covers;
    const place = 1 - Math.max(0, out - PROMINENT) / (1 - PROMINENT);
    const hidden = shown < SEEN;
    return kept(
      Math.min(1, shown / SEEN) * place,
      hidden || place < 0.5
        ? [
            {
              components: [best.component.id],
              at: best.middle,
              reachMm: 50,
              amount: hidden ? 1 - shown : out,
            },
          ]
        : [],
    );
  },
});
