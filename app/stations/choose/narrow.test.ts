import { describe, expect, test } from '@jest/globals';
import { group, lies, planWith } from '../../../core/testing/plans.js';
import { findFoods } from './NarrowBy.js';

const plan = planWith({
  party: [group('all', 4), group('nut', 1, ['tree-nut-free'])],
  placements: [lies('brie', 250)],
});
const ids = (query: string, narrow: Parameters<typeof findFoods>[2]) =>
  findFoods(plan, query, narrow).map((component) => component.id as string);

describe('narrowing the larder', () => {
  test('everything that is set holds at once', () => {
    const found = findFoods(plan, '', { family: 'cheese', colour: 'orange', for: 'need:vegetarian' });
    expect(found.every((component) => component.family === 'cheese')).toBe(true);
    expect(found.map((component) => component.id)).not.toContain('parmigiano');
  });

  test('a group of the party narrows by its own verdicts', () => {
    expect(ids('almond', { for: 'group:nut' })).toEqual([]);
    expect(ids('chickpeas', { for: 'group:nut' })).toContain('roast-chickpeas');
  });

  test('in season is the month of the plan', () => {
    const may = ids('', { family: 'fresh-fruit', season: true });
    expect(may).toContain('strawberries');
    expect(may).not.toContain('cherries');
  });

  test('a group that has left the party narrows nothing', () => {
    expect(ids('brie', { for: 'group:gone' })).toContain('brie');
  });
});
