import { describe, expect, test } from '@jest/globals';
import { atHomeIn, REGIONS } from './regions.js';
import { CATALOGUE, FAMILIES, type ComponentId } from './index.js';

const known = new Set<string>(CATALOGUE.map((component) => component.id));
const EACH = REGIONS.map((r) => [r.id, r] as const);

describe('where food is at home', () => {
  test.each(EACH)('%s names foods of the larder only, each once', (_id, region) => {
    const foods = region.foods.split(' ');
    expect(foods.filter((food) => !known.has(food))).toEqual([]);
    expect(new Set(foods).size).toBe(foods.length);
  });

  test.each(EACH)('%s has enough to make a board of: something of nearly every family', (id) => {
    const here = CATALOGUE.filter((component) => atHomeIn(component.id, id));
    const families = new Set(here.map((component) => component.family));
    const missing = FAMILIES.filter(
      (family) => !families.has(family) && !['garnish', 'fish', 'plant-protein'].includes(family),
    );
    expect(missing.length).toBeLessThanOrEqual(2);
    for (const job of ['body', 'vehicle', 'contrast'])
      expect(here.filter((component) => component.job === job).length).toBeGreaterThanOrEqual(2);
  });

  test('no region asks nothing: then every food is at home', () => {
    for (const component of CATALOGUE.slice(0, 40)) expect(atHomeIn(component.id, '')).toBe(true);
    expect(atHomeIn('no-such-food' as ComponentId, 'italy')).toBe(false);
  });
});
