import { coloursApart } from '../board/index.js';
import type { Component } from '../catalogue/index.js';

/** Distance of two foods' main colours in OKLab, 0 to about 1; one that is no colour is no one's neighbour. */
export const colourApart = (a: Component, b: Component): number =>
  Math.min(1, coloursApart(a.colours[0], b.colours[0]));

/** Below this two neighbours read as one patch. */
export const SAME_COLOUR = 0.11;

export const isWet = (component: Component): boolean => component.weeps || component.drips;
export const isCrisp = (component: Component): boolean =>
  component.sheds.includes('crumbs') || component.family === 'nut-seed';

/** Things that go together: a vehicle by what it carries, sweet by blue, fruit by ham. */
export function goTogether(a: Component, b: Component): boolean {
  return oneWay(a, b) || oneWay(b, a);
}

function oneWay(a: Component, b: Component): boolean {
  if (a.job === 'vehicle') return b.family === 'cheese' || b.family === 'spread-dip';
  if (a.family === 'cheese' && (a.taste?.strength ?? 0) >= 4) return (b.taste?.sweet ?? 0) >= 3;
  if (a.family === 'cured-meat') return b.family === 'pickle' || b.family === 'fresh-fruit';
  return false;
}

/**
 * Points for a shared border, per millimetre: bad above zero. Same colours and wet by crisp are what the eye and the
 * tooth mind most; things that go together like a common border.
 */
export function borderPoints(a: Component, b: Component): number {
  let points = 0;
  const d = colourApart(a, b);
  if (d < SAME_COLOUR) points += 3 * (1 - d / SAME_COLOUR) + 1;
  if ((isWet(a) && isCrisp(b)) || (isWet(b) && isCrisp(a))) points += 1.6;
  if (a.id === b.id) points += 6;
  else if (a.family === b.family) points += 0.8;
  if (goTogether(a, b)) points -= 0.9;
  return points;
}
