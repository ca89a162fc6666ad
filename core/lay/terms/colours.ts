import type { Component } from '../../catalogue/index.js';
import { coloursApart } from '../../board/index.js';
import { colourApart } from '../neighbours.js';
import { MIN_BORDER_MM } from '../reading.js';
import { kept, SILENT, term } from './term.js';

/** Below this two foods read as of one colour while places are looked for; a third of it counts the second colour (notes on laying). */
const ALIKE = 0.115;
/** Below this two neighbours as they lie read as one patch; of a shade apart the eye tells them (house default). */
export const ONE_PATCH = 0.06;

const apart = (a: Component, b: Component): number =>
  0.7 * colourApart(a, b) + 0.3 * Math.min(1, coloursApart(a.colours[1], b.colours[1]));

export const isAlike = (a: Component, b: Component): boolean => a.id !== b.id && apart(a, b) < ALIKE;

/** Foods of one colour lie opposite, not side by side. */
export const colours = term({
  id: 'colours',
  weight: 3,
  border(a, b) {
    const d = apart(a, b);
    return d < ALIKE ? 8 + 10 * (1 - d / ALIKE) : -0.3 * Math.min(1, (d - ALIKE) / 0.4);
  },
  read({ contacts }) {
    const long = contacts.filter(({ a, b, mm }) => mm >= MIN_BORDER_MM && a.component.id !== b.component.id);
    if (long.length === 0) return SILENT;
    const patches = long.filter(({ a, b }) => colourApart(a.component, b.component) < ONE_PATCH);
    const all = long.reduce((sum, { mm }) => sum + mm, 0);
    const bad = patches.reduce((sum, { mm }) => sum + mm, 0);
    return kept(
      1 - (4 * bad) / all,
      patches.map(({ a, b, mm, at }) => ({
        components: [a.component.id, b.component.id],
        at,
        reachMm: Math.max(24, mm / 2),
        amount: mm,
      })),
    );
  },
});
