/** @jest-environment ./app/testing/jsdom.mjs */
import { openPaper, planNow } from '../../testing/papers.js';
import { describe, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { board, group, herbCheese, id, lies, planWith } from '../../../core/testing/plans.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { ComponentDialog } from './ComponentDialog.js';
import { OwnFoodsDialog } from './OwnFoodsDialog.js';
import { RecipeDialog } from './RecipeDialog.js';

const plan = planWith({ party: [group('all', 4), group('vegans', 2, ['vegan'])] });

describe('a recipe of one’s own', () => {
  test('is put together, says for whom it is, and its food is in the larder', async () => {
    const close = jest.fn();
    const hands = await openPaper(plan, (plan) => <RecipeDialog plan={plan} onClose={close} />);
    const put = screen.getByRole('button', { name: 'Put it in the larder' });
    expect(put).toHaveProperty('disabled', true);
    await hands.type(screen.getByLabelText('Name'), 'Herb cheese');
    await hands.click(screen.getByRole('combobox', { name: 'Another part' }));
    await hands.type(screen.getByPlaceholderText(/type a few letters/), 'goat log');
    await hands.click(screen.getByRole('option', { name: 'Fresh goat log' }));
    const gives = screen.getByRole('region', { name: 'What it gives' });
    expect(within(gives).getByText(/vegans/).textContent).toContain('vegans');
    await hands.pick('Once it is served it stands', 'an hour looking good');
    await hands.click(put);
    expect(close).toHaveBeenCalledTimes(1);
    expect(planNow().recipes).toMatchObject([
      { id: 'own-herb-cheese', name: 'Herb cheese', outG: 100, holdOut: 'sweats' },
    ]);
    expect([...planLarder(planNow()).values()].map((component) => component.name)).toContain(
      'Herb cheese, home-made',
    );
  });
});

describe('a part', () => {
  test.each([
    ['honey', 'Blossom honey'],
    ['walnuts', 'Walnut halves'],
    ['olive oil', 'olive oil'],
  ])('typed as %s is first %s, and Enter takes it', async (typed, name) => {
    const hands = await openPaper(plan, (plan) => <RecipeDialog plan={plan} onClose={() => undefined} />);
    await hands.click(screen.getByRole('combobox', { name: 'Another part' }));
    await hands.type(screen.getByPlaceholderText(/type a few letters/), `${typed}{Enter}`);
    expect(screen.getByLabelText(`Grams of ${name}`)).toHaveProperty('value', '100');
  });
});

describe('a recipe that cannot be', () => {
  const herbs = {
    ...herbCheese,
    id: 'own-recipe',
    name: 'Recipe',
    outG: 200,
    parts: [{ componentId: id('goat-log'), massG: 200 }],
  };
  const withHerbs = { ...plan, recipes: [herbs] };
  const keep = () => screen.getByRole('button', { name: /^(Keep it|Put it in the larder)$/ });

  test.each([
    ['It gives, grams', '20', 'So little cannot be left of it'],
    ['Grams of Fresh goat log', '', 'Say how much of each part'],
  ])('says why, and is not kept: %s %s', async (field, value, why) => {
    const hands = await openPaper(withHerbs, (plan) => (
      <RecipeDialog plan={plan} recipe={plan.recipes[0]} onClose={() => undefined} />
    ));
    expect(keep()).toHaveProperty('disabled', false);
    await hands.fill(field, value);
    expect(screen.getByRole('status').textContent).toContain(why);
    expect(keep()).toHaveProperty('disabled', true);
  });

  test('a new one of a name that is taken leaves the other alone', async () => {
    const hands = await openPaper(withHerbs, (plan) => (
      <RecipeDialog plan={plan} onClose={() => undefined} />
    ));
    await hands.fill('Name', 'Recipe');
    await hands.click(screen.getByRole('combobox', { name: 'Another part' }));
    await hands.click(screen.getByRole('option', { name: 'Brie' }));
    await hands.click(keep());
    expect(planNow().recipes.map((recipe) => recipe.id)).toEqual(['own-recipe', 'own-recipe-2']);
  });
});

describe('for whom a food is', () => {
  const halal = group('halal', 2, ['halal']);
  const oak = [lies('brie', 300), lies('green-grapes', 300)];
  const said = async (placements: Plan['placements'], surfaces = [board({})]): Promise<string> => {
    const table = planWith({ party: [group('all', 6), halal], surfaces, placements });
    await openPaper(table, (plan) => (
      <ComponentDialog
        plan={plan}
        component={planLarder(plan).get(id('green-grapes'))!}
        onClose={() => undefined}
      />
    ));
    const row = screen.getAllByRole('listitem').find((item) => item.textContent.includes(halal.name))!;
    return row.textContent;
  };

  test('what is fine by itself and lies beside what they leave out is theirs once it is kept apart', async () => {
    expect(await said(oak)).toContain('may eat it');
    cleanup();
    const beside = await said([...oak, lies('dry-cured-ham', 150)]);
    expect(beside).toContain('only where it is kept apart');
    expect(beside).not.toContain('may eat it');
    cleanup();
    // also where it lies by itself elsewhere: the paper is of all of it
    const alone = board({ id: 'alone' as never, name: 'Alone' });
    const two = await said(
      [...oak, lies('dry-cured-ham', 150), { ...lies('green-grapes', 90), surfaceId: alone.id }],
      [board({}), alone],
    );
    expect(two).toContain('only where it is kept apart');
  });
});

describe('what a food costs', () => {
  const withBrie = { ...plan, placements: [lies('brie', 300)] };
  const open = () =>
    openPaper(withBrie, (plan) => (
      <ComponentDialog plan={plan} component={planLarder(plan).get(id('brie'))!} onClose={() => undefined} />
    ));

  test('is noted, reckoned with, and kept in the house for another plan', async () => {
    const hands = await open();
    await hands.click(screen.getByText('Your price', { exact: true }));
    fireEvent.change(screen.getByLabelText('A pack costs, EUR'), { target: { value: '12.5' } });
    fireEvent.change(screen.getByLabelText('and holds, grams'), { target: { value: '400' } });
    await hands.click(screen.getByRole('button', { name: 'Reckon with it' }));
    const packs = [{ massG: 400, priceMinor: 1250 }];
    expect(planNow().prices).toEqual([{ componentId: 'brie', currency: 'EUR', packs }]);
    expect(screen.getByRole('dialog').textContent).toContain('Your price: € 12.50 for 400 g');
    await hands.click(screen.getByRole('button', { name: 'Keep in your house' }));
    await hands.click(screen.getByRole('button', { name: 'The usual price again' }));
    expect(planNow().prices).toEqual([]);
    await hands.click(await screen.findByRole('button', { name: 'As in your house: € 12.50 for 400 g' }));
    expect(planNow().prices).toHaveLength(1);
  });
});

describe('a table of own foods', () => {
  test('with a bad cell names row and column, and its good rows are taken', async () => {
    const hands = await openPaper(plan, (plan) => (
      <OwnFoodsDialog plan={plan} onPick={() => undefined} onClose={() => undefined} />
    ));
    const text = 'name,family,facts\nHill cheese,cheese,rennet=microbial\nOdd one,chees,\n';
    const table = Object.assign(new File([text], 'foods.csv', { type: 'text/csv' }), {
      text: () => Promise.resolve(text),
    });
    await hands.upload(screen.getByLabelText('A table of own foods'), table);
    expect((await screen.findByRole('alert')).textContent).toContain('Row 3, family');
    expect(planNow().ownComponents.map((component) => component.name)).toEqual(['Hill cheese']);
    expect(screen.getByRole('button', { name: 'Hill cheese' })).not.toBeNull();
  });
});
