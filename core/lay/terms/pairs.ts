import { hypot2 } from '../../geometry/index.js';
import { servingOf } from '../../catalogue/index.js';
import { goTogether, wants } from '../neighbours.js';
import { lies } from '../lies.js';
import type { LyingFood } from '../reading.js';
import { kept, SILENT, term } from './term.js';

/** A hand goes from the dip to its cracker without leaving the spot. */
const BESIDE_MM = 90;

/** The gap between the nearest pieces of two foods, by their corners: pieces are small against what is asked. */
function gap(a: LyingFood, b: LyingFood): number {
  const [mine, theirs] = [a, b].map(({ element, component }) => lies(element, component).flat());
  let best = Infinity;
  for (const [x, y] of mine!) for (const [u, v] of theirs!) best = Math.min(best, hypot2(x - u, y - v));
  return best;
}

/** A dip lies by its dippers, a condiment by its partner, a cheese by what carries it. */
export const pairs = term({
  id: 'pairs',
  weight: 2,
  border: (a, b) => (goTogether(a, b) ? -2.6 : 0),
  read({ foods }) {
    const each = foods.flatMap((food) => {
      if (!food.isHard) return [];
      const partners = foods.filter((other) => wants(food.component, other.component));
      return partners.length === 0 ? [] : [{ food, partners }];
    });
    if (each.length === 0) return SILENT;
    const lonely = each.flatMap(({ food, partners }) => {
      const mm = Math.min(...partners.map((partner) => gap(food, partner)));
      return mm <= BESIDE_MM ? [] : [{ food, mm, partners }];
    });
    return kept(
      1 - lonely.length / each.length,
      lonely
        .filter(({ food }) => servingOf(food.component).ways.includes('dip'))
        .map(({ food, mm, partners }) => ({
          components: [food.component.id, partners[0]!.component.id],
          at: food.middle,
          reachMm: 50,
          amount: mm,
        })),
    );
  },
});
