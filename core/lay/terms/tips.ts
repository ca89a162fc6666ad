import { degrees, hypot2 } from '../../geometry/index.js';
import { kept, SILENT, term } from './term.js';

/** Points of wedges outward, the cut face to the guest. */
export const tips = term({
  id: 'tips',
  weight: 0.5,
  read({ foods }) {
    const wedges = foods.filter(({ element }) => element.form === 'wedge');
    if (wedges.length === 0) return SILENT;
    const each = wedges.map(({ element: { x, y, angle } }) => {
      const out = hypot2(x, y);
      // the point of a wedge lies at the left of its outline
      return out < 1 ? 1 : (1 - (x * Math.cos(degrees(angle)) + y * Math.sin(degrees(angle))) / out) / 2;
    });
    return kept(each.reduce((sum, n) => sum + n, 0) / each.length);
  },
});
