import { describe, expect, test } from '@jest/globals';
import {
  ALLERGENS,
  CATALOGUE,
  goodOf,
  makingOf,
  RECIPES,
  STAPLES,
  homeMadeId,
  type Component,
  type ComponentId,
} from './index.js';
import { RECIPE_USES } from './data/kitchen.js';

const larder = new Map<string, Component>(CATALOGUE.map((component) => [component.id, component]));
const homeMade = CATALOGUE.filter(({ made }) => made === 'home-made');

describe('how home-made foods are made', () => {
  test('every home-made food of the larder says what is bought for it', () => {
    expect(homeMade.filter(({ id }) => !makingOf(id)).map(({ id }) => id)).toEqual([]);
    expect(RECIPES.filter((recipe) => !makingOf(homeMadeId(recipe)))).toEqual([]);
    expect(makingOf('brie' as ComponentId)).toBeUndefined();
  });

  test.each(homeMade.map(({ id }) => id))(
    '%s is made of what can be bought, and of no more than goes in',
    (id) => {
      const making = makingOf(id)!;
      for (const [part] of making.parts) {
        expect([part, larder.has(part) || STAPLES.has(part) || goodOf(part) !== undefined]).toEqual([
          part,
          true,
        ]);
        expect(part).not.toBe(id);
      }
      const inG = making.parts.reduce((sum, [, grams]) => sum + grams, 0);
      expect(making.outG).toBeLessThanOrEqual(inG * 1.2);
      expect(making.handsMin).toBeGreaterThan(0);
      expect(making.keepsH).toBeGreaterThanOrEqual(1);
    },
  );

  test.each(homeMade.map(({ id }) => id))('%s is free from no allergen that goes into it', (id) => {
    const food = larder.get(id)!;
    const parts = makingOf(id)!.parts.flatMap(([part]) => larder.get(part) ?? STAPLES.get(part) ?? []);
    for (const allergen of ALLERGENS) {
      const within = parts.filter((part) => part.allergens[allergen] === 'contains');
      if (within.length > 0)
        expect([allergen, within.map((part) => part.name), food.allergens[allergen]]).toEqual([
          allergen,
          within.map((part) => part.name),
          'contains',
        ]);
    }
  });

  test('what wants an oven, a hob or a blender is a recipe of the house', () => {
    const ids = new Set(RECIPES.map(({ id }) => id));
    const named = Object.values(RECIPE_USES).flatMap((words) => words.split(/\s+/).filter(Boolean));
    expect(named.filter((id) => !ids.has(id))).toEqual([]);
  });
});
