import { memo1 } from '../measure/index.js';
import { ellipse, rectangle, roundedRectangle, type Point, type Polygon } from './polygon.js';

/** How one piece looks from above; the picture has a recipe for each. */
export const PIECES = [
  'wheel',
  'wedge',
  'log',
  'bowl',
  'cube',
  'chunk',
  'round-slice',
  'long-slice',
  'quarter-fold',
  'nested-fold',
  'cone',
  'rose',
  'ribbon',
  'grape',
  'cherry',
  'berry',
  'drupelet',
  'strawberry',
  'square-cracker',
  'round-cracker',
  'toast',
  'breadstick',
  'stick',
  'nut',
  'ridged-nut',
  'seed-pinch',
  'popped',
  'floret',
  'macaron',
  'potato-half',
  'dried',
  'tomato',
  'olive',
  'gherkin',
  'ring',
  'coin',
  'star-slice',
  'ragged-crisp',
  'fan-slice',
  'citrus',
  'half-fruit',
  'ball',
  'leaf',
  'sprig',
  'flower',
  'quarter',
  'strip',
  'half-moon',
  'shred',
  'bit',
  'smear',
  'pod',
  'egg-half',
  'bow',
  'swirl',
  'tart',
  'sandwich',
  'boat',
  'skewer',
  'roll',
  'crescent',
  'bagel',
  'pancake',
  'waffle',
  'shell',
  'cut-out',
  'word',
] as const;
export type Piece = (typeof PIECES)[number];

/** A wedge with its point to the left and a slightly rounded rind to the right. */
function wedge(l: number, w: number): Point[] {
  const [a, b] = [l / 2, w / 2];
  return [
    [-a, -w * 0.04],
    [a * 0.86, -b],
    [a * 0.96, -b * 0.5],
    [a, 0],
    [a * 0.96, b * 0.5],
    [a * 0.86, b],
    [-a, w * 0.04],
  ];
}

/** A quarter of a folded slice: its blunt fold to the left, arc to the right. */
function quarterFold(l: number, w: number): Point[] {
  const arc = Array.from({ length: 8 }, (_, i): Point => {
    const t = ((i / 7) * 2 - 1) * 0.9;
    return [-l / 2 + l * Math.cos(t * 0.62), (w / 2) * (Math.sin(t * 0.9) / Math.sin(0.81))];
  });
  return [[-l / 2, -w * 0.17], ...arc, [-l / 2, w * 0.17]];
}

/** A rolled slice: its tip to the left, its mouth a curve to the right. */
function cone(l: number, w: number): Point[] {
  const mouth = Array.from({ length: 9 }, (_, i): Point => {
    const t = ((i / 8) * 2 - 1) * (Math.PI / 2);
    return [l * 0.36 + l * 0.14 * Math.cos(t), (w / 2) * Math.sin(t)];
  });
  return [[-l / 2, -w * 0.05], ...mouth, [-l / 2, w * 0.05]];
}

function leaf(l: number, w: number): Point[] {
  return Array.from({ length: 14 }, (_, i): Point => {
    const t = (i / 14) * 2 * Math.PI;
    const x = Math.cos(t);
    // broader toward the stalk; the factor keeps the belly inside the width
    return [(l / 2) * x, 0.97 * (w / 2) * Math.sin(t) * (1 - 0.25 * x)];
  });
}

function halfMoon(l: number, w: number): Point[] {
  const arc = Array.from({ length: 11 }, (_, i): Point => {
    const t = Math.PI * (i / 10);
    return [(-l / 2) * Math.cos(t), w / 2 - w * Math.sin(t)];
  });
  return arc;
}

/** A heart that lies on its side, its point to the right. */
function heart(l: number, w: number): Point[] {
  const [a, b] = [l / 2, w / 2];
  return [
    [a, 0],
    [a * 0.42, -b * 0.56],
    [-a * 0.3, -b * 0.98],
    [-a * 0.86, -b * 0.78],
    [-a * 0.98, -b * 0.34],
    [-a * 0.72, 0],
    [-a * 0.98, b * 0.34],
    [-a * 0.86, b * 0.78],
    [-a * 0.3, b * 0.98],
    [a * 0.42, b * 0.56],
  ];
}

/**
 * The ground that one piece hides, as it lies, from its middle: length along x. Layout counts coverage with it and
 * the picture draws within it, so that what is counted is what is seen.
 */
export function pieceOutline(piece: Piece, lengthMm: number, widthMm: number): Point[] {
  const [l, w] = [lengthMm, widthMm];
  switch (piece) {
    case 'wedge':
      return wedge(l, w);
    case 'cone':
      return cone(l, w);
    case 'quarter-fold':
    case 'nested-fold':
      return quarterFold(l, w);
    case 'leaf':
    case 'sprig':
      return leaf(l, w);
    case 'half-moon':
    case 'quarter':
    case 'crescent':
      return halfMoon(l, w);
    case 'cube':
    case 'chunk':
      return roundedRectangle(l, w, l * 0.12, 2);
    case 'waffle':
      return heart(l, w);
    case 'word':
      return rectangle(l, w);
    case 'tart':
    case 'sandwich':
    case 'bow':
      return roundedRectangle(l, w, Math.min(l, w) * 0.1, 2);
    case 'square-cracker':
    case 'stick':
    case 'strip':
    case 'breadstick':
    case 'ribbon':
    case 'log':
      return roundedRectangle(l, w, Math.min(l, w) * 0.3, 3);
    case 'toast':
    case 'fan-slice':
    case 'long-slice':
    case 'smear':
    case 'gherkin':
    case 'pod':
    case 'boat':
    case 'skewer':
      return roundedRectangle(l, w, Math.min(l, w) * 0.45, 4);
    default:
      return ellipse(l, w);
  }
}

/** What is cut with cutters, as a form of a food knows it: outlines, and of all pieces the share that has each. */
interface Shaped {
  piece: Piece;
  lengthMm: number;
  widthMm: number;
  outlines?: readonly { outline: Polygon; share: number }[] | undefined;
}

/** Shares come out evenly along any run of pieces (the golden ratio as a low-discrepancy sequence). */
const GOLDEN = 0.6180339887498949;

/** Which of its outlines the n-th piece has, counted from 0. */
export function outlineAt(shares: readonly number[], n: number): number {
  let left = (((n + 0.5) * GOLDEN) % 1) * shares.reduce((sum, share) => sum + share, 0);
  const found = shares.findIndex((share) => (left -= share) < 0);
  return Math.max(0, found);
}

const wholeOutline = memo1(({ piece, lengthMm, widthMm }: Shaped): Polygon =>
  pieceOutline(piece, lengthMm, widthMm),
);

/** The ground that the n-th piece of a form hides: its own outline where it was cut with a cutter. */
export function outlineOfPiece(fact: Shaped, n: number): Polygon {
  const { piece, outlines } = fact;
  // the outline of a wheel's window is not the wheel's own
  if (!outlines || piece !== 'cut-out') return wholeOutline(fact);
  const share = outlines.map((each) => each.share);
  return outlines[outlineAt(share, n)]!.outline;
}
