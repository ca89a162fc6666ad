import { hypot2, type Point } from '../../geometry/index.js';
import type { Surface } from '../../plan/index.js';
import { lies } from '../lies.js';
import { kept, SILENT, term, type Fault } from './term.js';

/** How far a guest reaches from the edge without leaning over (sense, section 2). */
export const REACH_MM = 600;
/** Guests stand about so far apart along an edge. */
const GUEST_MM = 300;

/** Places along the rim where a guest may stand. */
function standing(ground: readonly Point[]): Point[] {
  const out: Point[] = [];
  let left = 0;
  ground.forEach(([ax, ay], i) => {
    const [bx, by] = ground[(i + 1) % ground.length]!;
    const length = hypot2(bx - ax, by - ay);
    for (let at = left; at < length; at += GUEST_MM)
      out.push([ax + ((bx - ax) * at) / length, ay + ((by - ay) * at) / length]);
    left = ((left - length) % GUEST_MM) + (left - length < 0 ? GUEST_MM : 0);
    if (left >= GUEST_MM) left -= GUEST_MM;
  });
  return out;
}

/** Do guests stand there? In front is where y grows; a side is more than a third of the way out. */
const isSide = ([, y]: Point, half: Point, guests: Surface['guests']): boolean =>
  guests === undefined || (guests === 'one-side' ? y : Math.abs(y)) > half[1] / 3;

/** Every kind that could lie in more than one place is within reach of whoever stands at the board. */
export const reach = term({
  id: 'reach',
  weight: 1,
  read({ foods, ground, half, surface }) {
    if (foods.length === 0 || Math.max(...half) * 2 <= REACH_MM) return SILENT;
    const places = standing(ground).filter((place) => isSide(place, half, surface.guests));
    // a bowl or a cheese that stands once does so on purpose
    const ids = [...new Set(foods.flatMap(({ component, isHard }) => (isHard ? [] : [component.id])))];
    if (ids.length === 0) return SILENT;
    const faults: Fault[] = [];
    let within = 0;
    for (const id of ids) {
      const points = foods
        .filter(({ component }) => component.id === id)
        .flatMap(({ element, component }) => lies(element, component).map((outline) => outline[0]!));
      let [worst, from] = [0, places[0]!];
      for (const place of places) {
        const d = Math.min(...points.map(([x, y]) => hypot2(x - place[0], y - place[1])));
        if (d <= REACH_MM) within += 1;
        if (d > worst) [worst, from] = [d, place];
      }
      if (worst > REACH_MM) faults.push({ components: [id], at: from, reachMm: 60, amount: worst });
    }
    return kept(
      within / (ids.length * places.length),
      faults.sort((a, b) => b.amount - a.amount),
    );
  },
});
