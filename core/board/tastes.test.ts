import { describe, expect, test } from '@jest/globals';
import { CATALOGUE, larderOf } from '../catalogue/index.js';
import { foodsOfColour, nearColour } from './index.js';

const larder = larderOf();
const anywhere = { month: 6, region: '' } as const;
const RED = '#e2362f';

describe('foods of a colour', () => {
  test('are those, and all of those, that the composer counts for it; herbs are none', () => {
    const found = foodsOfColour(RED, larder, anywhere);
    expect(found.length).toBeGreaterThan(10);
    const counted = CATALOGUE.filter(
      (component) => component.family !== 'garnish' && nearColour(component.colours[0], RED),
    );
    expect(found.map((component) => component.id).sort()).toEqual(
      counted.map((component) => component.id).sort(),
    );
  });

  test('fruit and vegetables that are ripe stand first; a region is asked before that', () => {
    const [first] = foodsOfColour(RED, larder, anywhere);
    expect(['fresh-fruit', 'vegetable', 'pickle']).toContain(first!.family);
    expect(first!.seasonMonths).toContain(6);
    const italian = foodsOfColour(RED, larder, { month: 6, region: 'italy' });
    expect(italian.map((component) => component.id)).not.toEqual(
      foodsOfColour(RED, larder, anywhere).map((component) => component.id),
    );
  });

  test('what is no colour has no food', () => {
    expect(foodsOfColour('grue', larder, anywhere)).toEqual([]);
  });
});
