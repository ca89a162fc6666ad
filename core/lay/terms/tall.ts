import { formOf } from '../../catalogue/index.js';
import { hypot2 } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** What is taller than this is tall. */
const TALL_MM = 40;

/** The tallest toward the middle: at the rim it hides what lies behind it. */
export const tall = term({
  id: 'tall',
  weight: 0.5,
  read({ foods, half }) {
    const high = foods.filter(
      ({ component, element }) => (formOf(component, element.form)?.heightMm ?? 0) >= TALL_MM,
    );
    if (high.length === 0) return SILENT;
    const each = high.map(({ middle: [x, y] }) => Math.max(0, hypot2(x / half[0], y / half[1]) - 0.5) * 2);
    return kept(1 - each.reduce((sum, n) => sum + Math.min(1, n), 0) / each.length);
  },
});
