import { hypot2 } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** Two that stand so near to each other's mirror image look set out by a ruler. */
const MIRROR_MM = 18;

/** Not mirrored, not in a row: hands lay no pattern. */
export const free = term({
  id: 'free',
  weight: 0.5,
  read({ foods }) {
    const standing = foods.filter(({ isHard }) => isHard);
    if (standing.length < 3) return SILENT;
    const paired = standing.filter(({ middle: [x, y] }) =>
      standing.some(
        ({ middle: [u, v] }) =>
          hypot2(x - u, y - v) > MIRROR_MM &&
          (hypot2(x + u, y - v) < MIRROR_MM || hypot2(x - u, y + v) < MIRROR_MM),
      ),
    );
    const all = paired.length === standing.length;
    return kept(
      1 - paired.length / standing.length,
      all
        ? [
            {
              components: paired.slice(0, 2).map(({ component }) => component.id),
              at: paired[0]!.middle,
              reachMm: 50,
              amount: paired.length,
            },
          ]
        : [],
    );
  },
});
