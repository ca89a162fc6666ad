import { lightnessOf } from '../../board/index.js';
import { kept, SILENT, term } from './term.js';

/** Where the weight of something lies, as shares of the half width and height, from −1 to 1. */
export interface Leaning {
  x: number;
  y: number;
}

/** So far from the middle a board looks as if it would tip (house default). */
const TIPPED = 0.22;

/** No side has it all: what is dark and bright lies on both sides of the middle, and the food too. */
export const balance = term({
  id: 'balance',
  weight: 1,
  read(reading) {
    const { foods, half } = reading;
    if (foods.length < 4) return SILENT;
    const lean = (weigh: (i: number) => number): Leaning => {
      const sum = foods.reduce((n, _, i) => n + weigh(i), 0) || 1;
      const mean = (k: 0 | 1) =>
        foods.reduce((n, { middle }, i) => n + weigh(i) * middle[k], 0) / sum / half[k];
      return { x: mean(0), y: mean(1) };
    };
    const food = lean((i) => foods[i]!.covers);
    const dark = lean((i) => foods[i]!.seen * (1 - lightnessOf(foods[i]!.component.colours[0])));
    const worst = Math.max(...[food.x, food.y, dark.x, dark.y].map(Math.abs));
    const faults =
      Math.hypot(food.x, food.y) > TIPPED
        ? [
            {
              components: [],
              at: [-food.x * half[0] * 2, -food.y * half[1] * 2] as const,
              reachMm: Math.min(...half) / 3,
              amount: Math.hypot(food.x, food.y),
            },
          ]
        : [];
    return kept(1 - worst, faults);
  },
});
