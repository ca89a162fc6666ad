import { beforeAll, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import type { Solver } from '../compose/index.js';
import { boardsOf, isHeldOut, PAIRS } from './pairs.js';
import { scoreOf } from './score.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

test.each(PAIRS.map((pair, i) => [`${pair[0]}${isHeldOut(i) ? ' (held out)' : ''}`, pair] as const))(
  'a stylist would serve the first, and so would the points: %s',
  (_name, pair) => {
    const { served, not } = boardsOf(pair);
    expect(scoreOf(served, solve)).toBeLessThan(scoreOf(not, solve));
  },
);

test('there are eighty pairs at least, and a third is held out', () => {
  expect(PAIRS.length).toBeGreaterThanOrEqual(80);
  expect(PAIRS.filter((_, i) => isHeldOut(i)).length).toBeGreaterThanOrEqual(Math.floor(PAIRS.length / 3));
});
