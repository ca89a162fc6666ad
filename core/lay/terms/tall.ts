import { formOf } from '../../catalogue/index.js';
import { hypot2, type Point } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** What is taller than this is tall. */
export const TALL_MM = 40;

/** The tallest toward the middle, or to the back where guests stand in front alone: elsewhere it hides what lies behind it. */
export const tall = term({
  id: 'tall',
  weight: 0.5,
  read({ foods, half, surface }) {
    const high = foods.filter(
      ({ component, element }) => (formOf(component, element.form)?.heightMm ?? 0) >= TALL_MM,
    );
    if (high.length === 0) return SILENT;
    // from one side the back is as good as the middle, and better
    const far = ([x, y]: Point) =>
      surface.guests === 'one-side' ? y / half[1] + 0.5 : hypot2(x / half[0], y / half[1]);
    const each = high.map(({ middle }) => Math.max(0, far(middle) - 0.5) * 2);
    return kept(1 - each.reduce((sum, n) => sum + Math.min(1, n), 0) / each.length);
  },
});
