import type { Component } from '../../catalogue/index.js';
import { isCrisp, isWet } from '../neighbours.js';
import { MIN_BORDER_MM } from '../reading.js';
import { kept, SILENT, term } from './term.js';

const soaks = (a: Component, b: Component): boolean => (isWet(a) && isCrisp(b)) || (isWet(b) && isCrisp(a));

/** What weeps lies away from what is crisp; in a bowl it is dry for its neighbours. */
export const wet = term({
  id: 'dry',
  weight: 2,
  border: (a, b) => (soaks(a, b) ? 15 : 0),
  read({ contacts }) {
    const loose = contacts.filter(
      ({ a, b, mm }) => mm >= MIN_BORDER_MM && a.element.bowlMm === null && b.element.bowlMm === null,
    );
    const all = loose.reduce((sum, { mm }) => sum + mm, 0);
    if (all === 0) return SILENT;
    const soaked = loose.filter(({ a, b }) => soaks(a.component, b.component));
    return kept(
      1 - (4 * soaked.reduce((sum, { mm }) => sum + mm, 0)) / all,
      soaked.map(({ a, b, mm, at }) => ({
        // the wet one first: the juice is its own
        components: isWet(a.component) ? [a.component.id, b.component.id] : [b.component.id, a.component.id],
        at,
        reachMm: Math.max(24, mm / 2),
        amount: mm,
      })),
    );
  },
});
