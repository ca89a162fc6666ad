import { hypot2 } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** Piles of one food lie this share of the ground's longer side apart, by how many they are. */
export const WANTED_APART = [0.64, 0.52, 0.38] as const;
const wantedOf = (piles: number): number => WANTED_APART[Math.min(WANTED_APART.length, piles - 1) - 1]!;

/** A food that is repeated is repeated elsewhere: its piles lie apart, so that each side has some. */
export const sameFood = term({
  id: 'repeats',
  weight: 1,
  border: (a, b) => (a.id === b.id ? 18 : 0),
  read({ foods, half }) {
    const soft = foods.filter(({ isHard, element }) => !isHard && element.motif === undefined);
    const ids = [...new Set(soft.map(({ component }) => component.id))];
    const repeated = ids
      .map((id) => soft.filter(({ component }) => component.id === id))
      .filter((piles) => piles.length > 1);
    if (repeated.length === 0) return SILENT;
    const span = 2 * Math.max(...half);
    const each = repeated.map((piles) => {
      const far = Math.max(
        ...piles.flatMap((a) =>
          piles.map((b) => hypot2(a.middle[0] - b.middle[0], a.middle[1] - b.middle[1])),
        ),
      );
      return Math.min(1, far / (wantedOf(piles.length) * span));
    });
    return kept(each.reduce((sum, n) => sum + n, 0) / each.length);
  },
});
