import { hypot2, meanOf, type Point } from '../../geometry/index.js';
import { lies } from '../lies.js';
import { isWantedAt } from '../places.js';
import { kept, SILENT, term, type Fault } from './term.js';

/** What lies so near to the edge of a marked place lies in it: a pile is no point. */
const NEAR_MM = 25;

/** Ground that a hand has marked holds what it was marked for: nothing at all, or some of its kind. */
export const places = term({
  id: 'places',
  weight: 2,
  read({ surface, foods }) {
    const marked = surface.places ?? [];
    if (marked.length === 0 || foods.length === 0) return SILENT;
    const pieces = foods.map(({ element, component }) => lies(element, component).map(meanOf));
    const faults = marked.flatMap((place): Fault[] => {
      const isIn =
        (mm: number) =>
        ([x, y]: Point) =>
          hypot2(x - place.x, y - place.y) < place.radiusMm + mm;
      const here = foods.filter((_, i) => pieces[i]!.some(isIn(place.for === 'open' ? 0 : NEAR_MM)));
      const fault = { place: place.id, at: [place.x, place.y] as const, reachMm: place.radiusMm };
      if (place.for === 'open')
        return here.length === 0
          ? []
          : [{ ...fault, components: here.map(({ component }) => component.id), amount: here.length }];
      return here.some(({ component }) => isWantedAt(component, place))
        ? []
        : [{ ...fault, components: [], amount: 1 }];
    });
    return kept(1 - faults.length / marked.length, faults);
  },
});
