import { servingOf } from '../../catalogue/index.js';
import { goTogether, wants } from '../neighbours.js';
import { lies } from '../lies.js';
import type { LyingFood } from '../reading.js';
import { kept, SILENT, term } from './term.js';

/** A hand goes from the dip to its cracker without leaving the spot. */
const BESIDE_MM = 90;

const { sqrt } = Math;

/** The gap between the nearest pieces of two foods, by their corners: pieces are small against what is asked. Near enough is near enough. */
function gap(a: LyingFood, b: LyingFood): number {
  let best = Infinity;
  const theirs = lies(b.element, b.component).flat();
  for (const outline of lies(a.element, a.component))
    for (const [x, y] of outline)
      for (const [u, v] of theirs) {
        const d = (x - u) * (x - u) + (y - v) * (y - v);
        if (d < best) best = d;
        if (best <= BESIDE_MM * BESIDE_MM) return sqrt(best);
      }
  return sqrt(best);
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
      let mm = Infinity;
      for (const partner of partners) {
        mm = Math.min(mm, gap(food, partner));
        if (mm <= BESIDE_MM) break;
      }
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
