import { coloursApart } from '../board/index.js';
import { isPartner, servingOf, type Component } from '../catalogue/index.js';

/** Distance of two foods' main colours in OKLab, 0 to about 1; one that is no colour is no one's neighbour. */
export const colourApart = (a: Component, b: Component): number =>
  Math.min(1, coloursApart(a.colours[0], b.colours[0]));

export const isWet = (component: Component): boolean => component.weeps || component.drips;
/** What juice spoils: bread and crackers, nuts, and what crunches and crumbles. */
export const isCrisp = (component: Component): boolean =>
  component.family === 'nut-seed' ||
  component.family === 'vehicle' ||
  (component.texture === 'crunchy' && component.sheds.includes('crumbs'));

/** Does `a` want `b` beside it? A dip its dipper, a condiment its partner, a cheese what carries it, a blue its sweet. */
export function wants(a: Component, b: Component): boolean {
  if (a.id === b.id) return false;
  const serving = servingOf(a);
  if (serving.ways.includes('dip')) return servingOf(b).ways.includes('dipper') || isVehicle(b);
  if (serving.partners.length > 0) return isPartner(serving.partners, b);
  if (a.family === 'cheese')
    return isVehicle(b) || ((a.taste?.strength ?? 0) >= 4 && (b.taste?.sweet ?? 0) >= 3);
  return false;
}

const isVehicle = (component: Component): boolean => component.job === 'vehicle';

/** Things that go together, whichever of them asks for it; and cured meat by what is sharp or sweet. */
export const goTogether = (a: Component, b: Component): boolean =>
  wants(a, b) || wants(b, a) || freshens(a, b) || freshens(b, a);

const freshens = (a: Component, b: Component): boolean =>
  a.family === 'cured-meat' && (b.family === 'pickle' || b.family === 'fresh-fruit');
