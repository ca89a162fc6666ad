import type { Point, Polygon } from '../geometry/index.js';
import { nearestOn, sidesOf, type Nearest } from './nest/field.js';
import { boundsOf } from './outline.js';

const GRID = 28;

/** Where a number fits best: the point inside an outline that is farthest from its sides, on a fine grid. */
export function roomiest(polygon: Polygon): Point {
  const { left, top, right, bottom } = boundsOf(polygon);
  const sides = sidesOf([polygon]);
  const found: Nearest = { distance: 0, nx: 0, ny: 0 };
  let best = { room: 0, at: [0, 0] as Point };
  for (let i = 1; i < GRID; i++) {
    for (let j = 1; j < GRID; j++) {
      const at: Point = [left + ((right - left) * i) / GRID, top + ((bottom - top) * j) / GRID];
      const room = -nearestOn(sides, at[0], at[1], found);
      if (room > best.room) best = { room, at };
    }
  }
  return best.at;
}
