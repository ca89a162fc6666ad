import { describe, expect, test } from '@jest/globals';
import { atHomeIn, REGIONS } from './regions.js';
import { CATALOGUE, FAMILIES, type ComponentId } from './index.js';

const known = new Set<string>(CATALOGUE.map((c) => c.id));
const EACH = REGIONS.map((r) => [r.id, r] as const);

describe('where food is at home', () => {
  test.each(EACH)('%s names foods of the larder only, each once', (_id, region) => {
    const foods = region.foods.split(' ');
    expect(foods.filter((f) => !known.has(f))).toEqual([]);
    expect(new Set(foods).size).toBe(foods.length);
  });

  test.each(EACH)('%s has enough to make a board of: something of nearly every family', (id) => {
    const here = CATALOGUE.filter((c) => atHomeIn(c.id, id));
    const families = new Set(here.map((c) => c.family));
    const missing = FAMILIES.filter(
      (f) => !families.has(f) && !['garnish', 'fish', 'plant-protein'].includes(f),
    );
    expect(missing.length).toBeLessThanOrEqual(2);
    for (const job of ['body', 'vehicle', 'contrast'])
      expect(here.filter((c) => c.job === job).length).toBeGreaterThanOrEqual(2);
  });

  test('no region asks nothing: then every food is at home', () => {
    for (const c of CATALOGUE.slice(0, 40)) expect(atHomeIn(c.id, '')).toBe(true);
    expect(atHomeIn('no-such-food' as ComponentId, 'italy')).toBe(false);
  });
});
