import { expect, test } from '@jest/globals';
import { CATALOGUE, formOf, usualForm } from '../catalogue/index.js';
import type { Point } from '../geometry/index.js';
import { createRandom } from '../measure/index.js';
import type { Pen } from './pen.js';
import { drawTwigs } from './twig.js';

const grapes = CATALOGUE.find(({ id }) => id === 'green-grapes')!;
const bunch = usualForm(grapes);

/** Where the cuts of the stalks are: each fork has one. */
function cuts(centres: readonly Point[], fact = bunch): Point[] {
  const found: Point[] = [];
  const pen: Pen = {
    path: () => undefined,
    ellipse: (x, y) => found.push([x, y]),
    group: (_x, _y, _turn, draw) => draw(),
    text: () => undefined,
    within: (_d, draw) => draw(),
  };
  drawTwigs(pen, { fact, random: createRandom(1) }, centres);
  return found;
}

const heap = (n: number, atX = 0): Point[] =>
  Array.from({ length: n }, (_, i): Point => {
    const far = 11 * Math.sqrt(i);
    return [atX + far * Math.cos(2.4 * i), far * Math.sin(2.4 * i)];
  });

test('a heap of grapes hangs on a twig whose stalk ends within it; two heaps on two', () => {
  const [cut, ...others] = cuts(heap(12));
  expect(others).toEqual([]);
  expect(Math.hypot(...cut!)).toBeLessThan(11 * Math.sqrt(12));
  const both = cuts([...heap(9), ...heap(9, 200)]);
  expect(both.map(([x]) => x > 100).sort()).toEqual([false, true]);
});

test('a row along the rim, a few, and what is cut hang on none', () => {
  expect(cuts(Array.from({ length: 14 }, (_, i): Point => [i * 18, 0]))).toEqual([]);
  expect(cuts(heap(3))).toEqual([]);
  expect(cuts(heap(12), formOf(grapes, 'quartered')!)).toEqual([]);
});
