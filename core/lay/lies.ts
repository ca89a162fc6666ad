import { formOf, type Component } from '../catalogue/index.js';
import { memo2 } from '../measure/index.js';
import type { LaidElement } from '../plan/index.js';
import { outlineOfPiece, placed, type Point } from '../geometry/index.js';

/** Elements from here on stand hard: a bowl, a wheel, a wedge is its own outline. */
export const HARD_LAYER = 4;
export const HERB_LAYER = 6;
/** Leaves over the rim lie under all food. */
export const RIM_LEAF_LAYER = 7;

/**
 * What of an element lies on the surface: the outlines of its pieces, in millimetres from the surface's middle. It is the one
 * geometry of contact, figures and picture; an element's own `outline` is only the ground that was given to it.
 */
export const lies = (element: LaidElement, component: Component): readonly (readonly Point[])[] =>
  outlinesOf(element, component.forms);

/** A food of one's own may get another size while it lies: the same element has other outlines then. */
const outlinesOf = memo2((element: LaidElement, forms: Component['forms']): readonly (readonly Point[])[] => {
  const fact = formOf({ forms }, element.form);
  if (element.layer === HARD_LAYER || !fact || element.pieces.length === 0) return [element.outline];
  const [cos, sin] = [Math.cos((element.angle * Math.PI) / 180), Math.sin((element.angle * Math.PI) / 180)];
  return element.pieces.map(([x, y, angle], n) =>
    placed(
      outlineOfPiece(fact, n),
      element.x + x * cos - y * sin,
      element.y + x * sin + y * cos,
      angle + element.angle,
    ),
  );
});

/**
 * Where a flag or a number of an element stands. All parts of a motif have one middle, and a crescent's lies beside it:
 * there it is a piece of the element itself.
 */
export function pointOn({ motif, x, y, angle, pieces }: LaidElement): { x: number; y: number } {
  const piece = pieces[Math.floor(pieces.length / 2)];
  if (motif === undefined || !piece) return { x, y };
  const [c, s] = [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)];
  return { x: x + piece[0] * c - piece[1] * s, y: y + piece[0] * s + piece[1] * c };
}

/** Runs and heaps: what of them is higher was laid later. */
const SOFT_LAYER = 2;

/** Sprigs lie on food, half under bowls and cheeses. */
const TUCKED = HARD_LAYER - 0.5;

const UNDER_ALL = 0.5;

/** How high up an element lies, from the bottom: soft food by the height of its form, then motifs, herbs, what stands. */
export function stackOf(element: LaidElement, component: Component | undefined): number {
  if (element.layer === RIM_LEAF_LAYER) return UNDER_ALL;
  if (element.layer === HERB_LAYER) return TUCKED;
  if (element.layer > SOFT_LAYER || !component) return element.layer;
  return Math.min(SOFT_LAYER + 0.99, 1 + (formOf(component, element.form)?.heightMm ?? 0) / 50);
}
