import { describe, expect, test } from '@jest/globals';
import {
  ALL_FACT_KEYS,
  CATALOGUE,
  factValue,
  larderOf,
  madeFrom,
  partsOf,
  RECIPES,
  scaledTo,
  withFact,
} from './index.js';

const larder = larderOf();
const made = RECIPES.map((recipe) => [recipe.id, recipe, madeFrom(recipe, larder)!] as const);

describe('home-made recipes', () => {
  test('are at least forty, each of parts that are known', () => {
    expect(RECIPES.length).toBeGreaterThanOrEqual(40);
    expect(new Set(RECIPES.map((recipe) => recipe.id)).size).toBe(RECIPES.length);
    for (const [id, , component] of made) expect([id, component?.made]).toEqual([id, 'home-made']);
  });

  const RANK = ['free', 'may', 'brand', 'unknown', 'contains'];
  test.each(made)('%s is in no fact better than its worst part', (_, recipe, component) => {
    for (const key of ALL_FACT_KEYS.filter((fact) =>
      /^(allergen|nut|animal|ingredient)\.|^alcohol$/.test(fact),
    )) {
      const worst = Math.max(
        ...partsOf(recipe, larder)!.map((part) =>
          RANK.indexOf(factValue(part.component, key, part.component.forms[0]!.form)),
        ),
      );
      expect([key, RANK.indexOf(factValue(component, key, component.forms[0]!.form))]).toEqual([key, worst]);
    }
  });

  test.each(made)(
    '%s has an energy that agrees with its parts, and no impossible figure',
    (_, __, component) => {
      const n = component.per100g;
      const kj = n.proteinG! * 17 + n.fatG! * 37 + (n.carbNetG! - n.polyolsG!) * 17 + n.fibreG! * 8;
      expect(Math.abs(n.energyKj! - kj)).toBeLessThanOrEqual(Math.max(60, n.energyKj! * 0.2));
      expect(n.saltG).toBeLessThan(30);
      expect(n.carbNetG!).toBeLessThanOrEqual(n.carbTotalG! + 0.11);
    },
  );

  test('what a label has told of a part is told of the whole', () => {
    const recipe = RECIPES.find((recipe) => recipe.id === 'candied-walnuts')!;
    const walnuts = CATALOGUE.find((component) => component.id === 'walnuts')!;
    const told = new Map(larder).set(walnuts.id, withFact(walnuts, 'allergen.peanuts', 'free'));
    expect(madeFrom(recipe, larder)!.allergens.peanuts).toBe('brand');
    expect(madeFrom(recipe, told)!.allergens.peanuts).toBe('free');
  });

  test('are scaled with all their parts, and twice as much is less than twice the work', () => {
    const recipe = RECIPES.find((recipe) => recipe.id === 'seed-pesto')!;
    const [once, twice] = [
      scaledTo(recipe, recipe.outG, larder)!,
      scaledTo(recipe, recipe.outG * 2, larder)!,
    ];
    once.parts.forEach((part, i) => expect(twice.parts[i]!.grams).toBeCloseTo(part.grams * 2, 0));
    expect(twice.handsMin).toBeLessThan(once.handsMin * 2);
    expect(twice.costMinor).toBeCloseTo(once.costMinor * 2, -1);
  });

  test('raw garlic or herbs under oil carry their caution', () => {
    for (const recipe of RECIPES.filter((otherRecipe) =>
      ['marinated-feta', 'marinated-mozzarella', 'basil-oil', 'seed-pesto'].includes(otherRecipe.id),
    ))
      expect(recipe.steps).toMatch(/botulism/);
  });
});
