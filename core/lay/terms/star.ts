import { hypot2 } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** The star stands this far out at most, as a share of the half width: beyond it it stands in a corner. */
const PROMINENT = 0.62;
/** So much of it must be seen. */
const SEEN = 0.7;

/** A pile that is smaller than this share of the largest is not what eyes go to. */
const LARGE = 0.6;

/** The star in a prominent place, never in a corner, and not buried: one of its large piles is enough. */
export const star = term({
  id: 'star',
  weight: 1,
  read({ foods, half, star }) {
    const mine = foods.filter(({ component }) => component.id === star);
    if (mine.length === 0) return SILENT;
    const largest = Math.max(...mine.map(({ covers }) => covers));
    const [best] = mine
      .filter(({ covers }) => covers >= LARGE * largest)
      .map(({ component, middle, covers, seen }) => {
        const out = hypot2(middle[0] / half[0], middle[1] / half[1]);
        const shown = covers === 0 ? 0 : seen / covers;
        const place = 1 - Math.max(0, out - PROMINENT) / (1 - PROMINENT);
        return { component, middle, out, shown, place, score: Math.min(1, shown / SEEN) * place };
      })
      .sort((a, b) => b.score - a.score);
    const { component, middle, out, shown, place, score } = best!;
    const hidden = shown < SEEN;
    const fault = {
      components: [component.id],
      at: middle,
      reachMm: 50,
      amount: hidden ? 1 - shown : out,
    };
    return kept(score, hidden || place < 0.5 ? [fault] : []);
  },
});
