import { hypot2 } from '../geometry/index.js';

interface Pressed {
  x: number;
  y: number;
}

/** Pieces whose middles lie nearer to each other than this, seen from the middle of the slice, are one ring. */
const RING_OF_WIDTH = 0.6;

/**
 * The order in which cutters are pressed: from the edge inward, ring by ring and clockwise from the top, so that what is
 * still to be cut hangs together. Indices of `pieces`; y upwards; `acrossMm` is the size of a piece.
 */
export function pressOrder(pieces: readonly Pressed[], acrossMm: number): number[] {
  const far = pieces.map(({ x, y }) => hypot2(x, y));
  const clockwise = ({ x, y }: Pressed): number => (Math.atan2(x, y) + 2 * Math.PI) % (2 * Math.PI);
  const order: number[] = [];
  let left = pieces.map((_, i) => i);
  while (left.length > 0) {
    const outermost = Math.max(...left.map((i) => far[i]!));
    const ring = left.filter((i) => far[i]! >= outermost - acrossMm * RING_OF_WIDTH);
    order.push(...ring.sort((a, b) => clockwise(pieces[a]!) - clockwise(pieces[b]!) || a - b));
    left = left.filter((i) => !ring.includes(i));
  }
  return order;
}
