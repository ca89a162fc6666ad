import { describe, expect, test } from '@jest/globals';
import { CATALOGUE, makingOf, type ComponentId } from '../catalogue/index.js';
import { cautionsOf } from './cautions.js';

const of = (id: string) => {
  const { parts, uses } = makingOf(id as ComponentId)!;
  return cautionsOf({ parts, uses }, CATALOGUE.find((food) => food.id === id)?.family);
};

describe('cautions of a making', () => {
  test('stand where raw egg, what lies under oil, hot sugar and heat are', () => {
    expect(of('aioli')).toEqual(['raw-egg', 'under-oil']);
    expect(of('home-marinated-feta')).toEqual(['under-oil']);
    expect(of('home-candied-walnuts')).toEqual(['hot-sugar']);
    expect(of('roast-potatoes')).toEqual(['hot']);
    expect(of('tzatziki')).toEqual([]);
    // boiled eggs are not raw, and herbs in a cracker lie under no oil
    expect(of('egg-halves')).toEqual(['hot']);
    expect(of('home-crackers')).toEqual(['hot']);
    expect(of('falafel')).toEqual(['hot']);
    expect(of('herb-tofu')).toEqual(['under-oil']);
  });

  test('every recipe of the house whose steps warn of raw garlic, herbs or egg has its caution', () => {
    const warned = CATALOGUE.flatMap(({ id }) => {
      const steps = makingOf(id)?.steps ?? '';
      return /under oil|raw garlic|raw egg/i.test(steps) ? [id as string] : [];
    });
    expect(warned.length).toBeGreaterThan(4);
    for (const id of warned) expect([id, of(id).length > 0]).toEqual([id, true]);
  });
});
