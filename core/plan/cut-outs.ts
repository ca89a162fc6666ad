import simplify from 'simplify-js';
import { usualForm, type Component, type Family, type FormFact, type Larder } from '../catalogue/index.js';
import { areaOf, hypot2, type Polygon } from '../geometry/index.js';
import { memo2 } from '../measure/index.js';
import type { Cut } from './records/cut.js';

/** Grams of a millilitre where the food says nothing (craft, section 8, for cheese; bread with its crumb: house default). */
const DENSITY: Partial<Record<Family, number>> = { vehicle: 0.3, 'fresh-fruit': 0.95, vegetable: 0.95 };
const DENSE = 1.05;

export const densityOf = ({ densityGPerMl, family }: Component): number =>
  densityGPerMl ?? DENSITY[family] ?? DENSE;

/** Grams of a flat piece. */
export const flatG = (component: Component, areaMm2: number, thicknessMm: number): number =>
  ((areaMm2 * thicknessMm) / 1000) * densityOf(component);

/** How many pieces of each cutter one slice gives: as they lie, or alike many before anything was nested. */
export function piecesOf({ cutters, pieces }: Pick<Cut, 'cutters' | 'pieces'>): number[] {
  if (pieces.length === 0) return cutters.map(({ want }) => want ?? 1);
  return cutters.map((_, k) => pieces.filter(({ cutter }) => cutter === k).length);
}

/** Lying loose, a quarter of a piece is hidden by others (house default). */
const OVERLAP = 1.25;
/** Corners nearer than this to their neighbours' line are not drawn on a board. */
const TOLERANCE_MM = 0.1;

/** As it lies on a board, whose y runs down; drawn with few corners. */
function onBoard(outline: Polygon): [number, number][] {
  const flipped = outline.map(([x, y]) => ({ x, y: -y }));
  const line = simplify([...flipped, flipped[0]!], TOLERANCE_MM, true).slice(0, -1);
  const kept = line.length >= 3 ? line : flipped;
  return kept.map(({ x, y }) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100]);
}

/** The form that its cuts give a food: the mean piece, and every outline with its share. */
export function cutOutsForm(component: Component, cut: Cut): FormFact {
  const counts = piecesOf(cut);
  const all = counts.reduce((sum, n) => sum + n, 0) || 1;
  const shares = counts.map((n) => n / all);
  const area = cut.cutters.reduce((sum, { outline }, k) => sum + shares[k]! * areaOf(outline), 0);
  const across = Math.max(...cut.cutters.map(({ outline }) => 2 * reach(outline)));
  const g = flatG(component, area, cut.thicknessMm);
  return {
    form: 'cut-outs',
    piece: 'cut-out',
    pieceG: Math.max(0.01, g),
    lengthMm: across,
    widthMm: across,
    gPerCm2: Math.min(3.2, Math.max(0.1, (g / (area / 100)) * OVERLAP)),
    heightMm: cut.thicknessMm,
    choking: 'chunk',
    outlines: cut.cutters.map(({ outline }, k) => ({ outline: onBoard(outline), share: shares[k]! })),
  };
}

const reach = (outline: Polygon): number => outline.reduce((most, [x, y]) => Math.max(most, hypot2(x, y)), 0);

/** Foods that are on the bench can be served as what is cut from them, beside their usual forms. */
export const shapedLarder = memo2((larder: Larder, cuts: readonly Cut[]): Larder => {
  if (cuts.length === 0) return larder;
  const shaped = new Map(larder);
  for (const cut of cuts) {
    const component = larder.get(cut.componentId);
    if (!component) continue;
    const forms = component.forms.filter(({ form }) => form !== 'cut-outs');
    shaped.set(component.id, { ...component, forms: [...forms, cutOutsForm(component, cut)] });
  }
  return shaped;
});

/** What a food is served as where it is not cut out. */
export const uncutForm = (component: Component): FormFact =>
  component.forms.find(({ form }) => form !== 'cut-outs') ?? usualForm(component);
