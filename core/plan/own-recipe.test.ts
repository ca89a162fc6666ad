import { describe, expect, test } from '@jest/globals';
import { homeMadeId, RECIPES, STAPLES, type ComponentId } from '../catalogue/index.js';
import { judgeGroup } from '../needs/index.js';
import { group, herbCheese, id, planWith } from '../testing/plans.js';
import { applyCommand, foodOfRecipe, planLarder, recipeIn, type OwnRecipe, type Plan } from './index.js';

const food = homeMadeId(herbCheese);
const withRecipe = (recipe: OwnRecipe, plan: Plan = planWith({})): Plan => ({ ...plan, recipes: [recipe] });
const made = (plan: Plan) => planLarder(plan).get(food)!;
const verdictOf = (plan: Plan, need: string) =>
  judgeGroup(made(plan), made(plan).forms[0]!.form, group('guests', 2, [need])).verdict;

describe('a recipe of one’s own', () => {
  test('gives a food of the larder whose facts are the worst of what goes in', () => {
    const plan = withRecipe(herbCheese);
    expect(made(plan)).toMatchObject({ name: 'Herb cheese, home-made', made: 'home-made' });
    expect(made(plan).allergens.milk).toBe('contains');
    expect(verdictOf(plan, 'vegan')).toBe('forbidden');
    expect(made(plan).rennet).toBe(planLarder(plan).get(id('goat-log'))!.rennet);
  });

  test('what a label says of a part counts for what is made of it', () => {
    const plan = withRecipe(herbCheese);
    expect(verdictOf(plan, 'vegetarian')).toBe('ask');
    const answered = {
      ...plan,
      answers: [
        {
          componentId: id('goat-log'),
          fact: 'rennet' as const,
          value: 'microbial',
          who: 'Ana',
          when: '2027-05-01T10:00',
          seen: 'label',
        },
      ],
    };
    expect(verdictOf(answered, 'vegetarian')).toBe('fine');
  });

  test('costs what goes in, at one’s own prices', () => {
    const plan = withRecipe(herbCheese);
    const packs = [{ massG: 200, priceMinor: 900 }];
    const dearer = {
      ...plan,
      prices: [{ componentId: id('goat-log'), currency: plan.currency, packs }],
    };
    const oil = STAPLES.get('staple-olive-oil')!.packs[0]!;
    expect(made(dearer).packs[0]).toEqual({
      massG: 220,
      priceMinor: Math.ceil(900 + (20 * oil.priceMinor) / oil.massG),
    });
    expect(made(plan).packs[0]!.priceMinor).toBeLessThan(made(dearer).packs[0]!.priceMinor);
  });

  test('nobody has said whether one can choke on it, nor how it stands where its maker does not know', () => {
    const chunks = withRecipe({ ...herbCheese, family: 'sweet-bite', holdOut: 'unknown' });
    expect(made(chunks).forms.map((fact) => fact.choking)).toEqual(['unknown']);
    expect(made(chunks).holdOut).toBe('unknown');
  });

  test('a part that the larder lacks gives nothing, and so does a recipe made of itself', () => {
    for (const componentId of ['nowhere', food]) {
      const parts = [{ componentId: componentId as ComponentId, massG: 50 }];
      expect(foodOfRecipe({ ...herbCheese, parts }, planLarder(planWith({})))).toBeUndefined();
      expect(made(withRecipe({ ...herbCheese, parts }))).toBeUndefined();
    }
  });

  test('one that gives less than can be left of it gives nothing, and the rest of the larder stands', () => {
    const plan = withRecipe({ ...herbCheese, outG: 20 });
    expect(made(plan)).toBeUndefined();
    expect(planLarder(plan).size).toBe(planLarder(planWith({})).size);
  });

  test('is found behind its food, as those of the larder are', () => {
    const plan = withRecipe(herbCheese);
    expect(recipeIn(plan, planLarder(plan), food)?.steps).toBe('Stir.');
    expect(recipeIn(plan, planLarder(plan), homeMadeId(RECIPES[0]!))).toBe(RECIPES[0]);
    expect(recipeIn(plan, planLarder(plan), id('brie'))).toBeUndefined();
  });

  test('an id of the larder’s recipes is refused, and one that stands twice', () => {
    const plan = withRecipe(herbCheese);
    const taken = applyCommand(plan, { name: 'set-recipe', recipe: { ...herbCheese, id: RECIPES[0]!.id } });
    expect(taken).toMatchObject({ ok: false });
    const twice = applyCommand(plan, { name: 'set-recipe', recipe: { ...herbCheese, steps: 'Whip.' } });
    expect(twice.ok && twice.plan.recipes.map((recipe) => recipe.steps)).toEqual(['Whip.']);
  });
});
