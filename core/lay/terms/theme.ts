import { nearColour } from '../../board/index.js';
import { hypot2 } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** Each colour of the theme is seen in so many places, so far apart (sense, section 2). */
const PLACES = 3;
const APART_MM = 60;

/** The theme's colours are seen in three places each. */
export const theme = term({
  id: 'theme',
  weight: 0.5,
  read({ foods, palette }) {
    if (palette.length === 0 || foods.length === 0) return SILENT;
    const each = palette.map((colour) => {
      const places: (readonly [number, number])[] = [];
      for (const { component, middle, seen } of foods)
        if (
          seen > 0 &&
          component.colours.slice(0, 2).some((own) => nearColour(own, colour)) &&
          places.every(([x, y]) => hypot2(x - middle[0], y - middle[1]) >= APART_MM)
        )
          places.push(middle);
      return Math.min(PLACES, places.length) / PLACES;
    });
    return kept(each.reduce((sum, n) => sum + n, 0) / each.length);
  },
});
