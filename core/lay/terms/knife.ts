import { gapBetween } from '../../geometry/index.js';
import { isCutByGuests } from '../anchors.js';
import { kept, SILENT, term } from './term.js';

/** A hand with a knife needs so much beside a cheese before the next thing that stands (notes on laying). */
const KNIFE_MM = 30;

/** Room for the knife: nothing that stands close beside what guests cut. */
export const knife = term({
  id: 'knife',
  weight: 1.5,
  read({ foods }) {
    const standing = foods.filter(({ isHard }) => isHard);
    const cut = standing.filter(({ element }) => isCutByGuests(element));
    if (cut.length === 0) return SILENT;
    const faults = cut.flatMap((cheese) => {
      const others = standing.filter((other) => other !== cheese);
      const gaps = others.map((other) => gapBetween(cheese.element.outline, other.element.outline));
      const gap = Math.min(...gaps);
      return gap >= KNIFE_MM
        ? []
        : [
            {
              components: [cheese.component.id, others[gaps.indexOf(gap)]!.component.id],
              at: cheese.middle,
              reachMm: 60,
              amount: Math.max(0, gap),
            },
          ];
    });
    return kept(1 - faults.length / cut.length, faults);
  },
});
