import { nearColour } from '../../board/index.js';
import { hypot2 } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** Each colour of the theme is seen in so many places, so far apart (sense, section 2); on a small surface in its thirds. */
const PLACES = 3;
const APART_MM = 60;

/** The theme's colours are seen in three places each, as far as a food of the board has them: the layout has no other. */
export const theme = term({
  id: 'theme',
  weight: 0.5,
  read({ foods, palette, half }) {
    const apart = Math.min(APART_MM, (2 * Math.max(...half)) / PLACES);
    const each = palette.flatMap((colour) => {
      const shows = foods.filter(({ component }) =>
        component.colours.slice(0, 2).some((own) => nearColour(own, colour)),
      );
      if (shows.length === 0) return [];
      const places: (readonly [number, number])[] = [];
      for (const { middle, seen } of shows)
        if (seen > 0 && places.every(([x, y]) => hypot2(x - middle[0], y - middle[1]) >= apart))
          places.push(middle);
      return [Math.min(PLACES, places.length) / PLACES];
    });
    if (each.length === 0) return SILENT;
    return kept(each.reduce((sum, n) => sum + n, 0) / each.length);
  },
});
