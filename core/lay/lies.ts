import { formOf, type Component } from '../catalogue/index.js';
import type { LaidElement } from '../plan/index.js';
import { pieceOutline, placed, type Point } from '../geometry/index.js';

/** Elements from here on stand hard: a bowl, a wheel, a wedge is its own outline. */
export const HARD_LAYER = 4;

const known = new WeakMap<LaidElement, readonly (readonly Point[])[]>();

/**
 * What of an element lies on the surface: the outlines of its pieces, in millimetres from the surface's middle. It is the one
 * geometry of contact, figures and picture; an element's own `outline` is only the ground that was given to it.
 */
export function lies(e: LaidElement, c: Component): readonly (readonly Point[])[] {
  let found = known.get(e);
  if (!found) known.set(e, (found = outlinesOf(e, c)));
  return found;
}

function outlinesOf(e: LaidElement, c: Component): readonly (readonly Point[])[] {
  const fact = formOf(c, e.form);
  if (e.layer === HARD_LAYER || !fact || e.pieces.length === 0) return [e.outline];
  const outline = pieceOutline(fact.piece, fact.lengthMm, fact.widthMm);
  const [cos, sin] = [Math.cos((e.angle * Math.PI) / 180), Math.sin((e.angle * Math.PI) / 180)];
  return e.pieces.map(([x, y, angle]) =>
    placed(outline, e.x + x * cos - y * sin, e.y + x * sin + y * cos, angle + e.angle),
  );
}
