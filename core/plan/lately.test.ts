import { expect, test } from '@jest/globals';
import { lies, planWith } from '../testing/plans.js';
import { servedLately } from './index.js';

const of = (host: string, ...foods: string[]) => {
  const plan = planWith({ placements: foods.map((food) => lies(food, 100)) });
  return { ...plan, occasion: { ...plan.occasion, host } };
};

test('the last three boards that have food are remembered, each food once', () => {
  const boards = [of('', 'brie', 'salami'), of(''), of('', 'brie', 'figs'), of('', 'feta'), of('', 'edam')];
  expect(servedLately(boards, '')).toEqual(['brie', 'salami', 'figs', 'feta']);
  expect(servedLately([], 'Jory')).toEqual([]);
});

test('those of the host, where there are any', () => {
  const boards = [of('Ana', 'brie'), of('Jory', 'figs'), of('Jory', 'feta')];
  expect(servedLately(boards, 'Jory')).toEqual(['figs', 'feta']);
  expect(servedLately(boards, 'Somebody new')).toEqual(['brie', 'figs', 'feta']);
});
