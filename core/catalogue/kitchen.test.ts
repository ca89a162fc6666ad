import { describe, expect, test } from '@jest/globals';
import {
  ALLERGENS,
  CATALOGUE,
  goodOf,
  makingOf,
  RECIPES,
  STAPLES,
  homeMadeId,
  type Allergen,
  type Component,
  type ComponentId,
} from './index.js';
import { GOOD_ALLERGENS, RECIPE_USES } from './data/kitchen.js';

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

  test.each(homeMade.map(({ id }) => id))('%s is no freer of anything than what goes into it', (id) => {
    const food = larder.get(id)!;
    const parts = makingOf(id)!.parts.flatMap(([part]) => larder.get(part) ?? STAPLES.get(part) ?? []);
    const free = (record: Readonly<Record<string, string>>): string[] =>
      Object.keys(record).filter((key) => record[key] === 'free');
    for (const part of parts)
      for (const key of ['allergens', 'nuts', 'animal', 'notable'] as const)
        expect([part.id, key, free(food[key]).filter((fact) => !free(part[key]).includes(fact))]).toEqual([
          part.id,
          key,
          [],
        ]);
    if (food.alcohol === 'free') expect(parts.filter(({ alcohol }) => alcohol !== 'free')).toEqual([]);
    for (const [part] of makingOf(id)!.parts)
      for (const allergen of Object.keys(
        GOOD_ALLERGENS[part as keyof typeof GOOD_ALLERGENS] ?? {},
      ) as Allergen[])
        expect([part, allergen, food.allergens[allergen]]).not.toEqual([part, allergen, 'free']);
    for (const allergen of ALLERGENS)
      if (parts.some((part) => part.allergens[allergen] === 'contains'))
        expect([allergen, food.allergens[allergen]]).toEqual([allergen, 'contains']);
  });

  test('what wants an oven, a hob or a blender is a recipe of the house', () => {
    const ids = new Set(RECIPES.map(({ id }) => id));
    const named = Object.values(RECIPE_USES).flatMap((words) => words.split(/\s+/).filter(Boolean));
    expect(named.filter((id) => !ids.has(id))).toEqual([]);
  });
});
