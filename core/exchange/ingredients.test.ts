import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { measured, gramsOfMl, STAPLES, type Component } from '../catalogue/index.js';
import { planLarder } from '../plan/index.js';
import { planWith } from '../testing/plans.js';
import { readIngredients } from './ingredients.js';

const larder = new Map<Component['id'], Component>([
  ...planLarder(planWith({})),
  ...[...STAPLES.values()].map((staple) => [staple.id, staple] as const),
]);
const read = (text: string) =>
  readIngredients(text, larder).parts.map(({ component, massG }) => [component.id as string, massG]);

describe('ingredient lines', () => {
  test('are read with their amounts, whatever the unit, the fraction and what is done to them', () => {
    expect(read('200 g feta')).toEqual([['feta', 200]]);
    expect(read('- 1 1/2 cups honey (runny)')).toEqual([['honey', 510]]);
    expect(read('1½ cups of honey')).toEqual([['honey', 510]]);
    expect(read('2 tbsp olive oil')).toEqual([['staple-olive-oil', 27.3]]);
    expect(read('0,5 kg walnuts, chopped')).toEqual([['walnuts', 500]]);
    expect(read('4 oz dried figs')).toEqual([['dried-figs', 113.4]]);
    expect(read('½ tsp salt')[0]![0]).toBe('staple-salt');
  });

  test('that cannot be read are named with the reason, and the others are taken', () => {
    const { parts, problems } = readIngredients(
      ['honey', '1-2 cups walnuts', '100 g moon dust', '3 brie', '1 cup brie', '100 g walnuts'].join('\n'),
      larder,
    );
    expect(parts.map(({ component }) => component.id)).toEqual(['walnuts']);
    expect(problems.map(({ row, reason }) => [row, reason.say])).toEqual([
      [1, 'no.ingredient-amount'],
      [2, 'no.ingredient-amount'],
      [3, 'no.ingredient-food'],
      // nobody knows what one brie weighs, nor a cup of it
      [4, 'no.ingredient-weight'],
      [5, 'no.ingredient-weight'],
    ]);
  });

  test('of any text never throw, and never give a weight that is none', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        for (const { massG } of readIngredients(text, larder).parts) {
          expect(massG).toBeGreaterThan(0);
          expect(massG).toBeLessThanOrEqual(20_000);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('cups and spoons', () => {
  test('come near the grams, and nothing is said where nobody knows', () => {
    const ML = { cups: 240, tablespoons: 15, teaspoons: 5 };
    const ids = ['staple-sugar', 'flour', 'honey', 'staple-olive-oil', 'staple-salt'];
    fc.assert(
      fc.property(fc.constantFrom(...ids), fc.integer({ min: 20, max: 3000 }), (id, massG) => {
        const { amount, measure } = measured(id, massG)!;
        const ml = amount * ML[measure as keyof typeof ML];
        // half a step of the measure that was taken, at most
        expect(Math.abs(ml * gramsOfMl(id)! - massG) / massG).toBeLessThan(0.51);
        expect(Math.abs(ml * gramsOfMl(id)! - massG)).toBeLessThanOrEqual(0.126 * 240 * gramsOfMl(id)!);
      }),
    );
    expect(measured('eggs', 165)).toEqual({ amount: 3, measure: 'pieces' });
    expect(measured('staple-salt', 0.4)).toEqual({ amount: 1, measure: 'pinch' });
    expect(measured('brie', 200)).toBe(undefined);
  });
});
