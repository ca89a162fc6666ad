/** @jest-environment ./app/testing/jsdom.mjs */
import { openPaper, pick, planNow } from '../../testing/papers.js';
import { describe, expect, jest, test } from '@jest/globals';
import { screen, within } from '@testing-library/react';
import { group, planWith } from '../../../core/testing/plans.js';
import { planLarder } from '../../../core/plan/index.js';
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
    await pick(hands, 'Once it is served it stands', 'an hour looking good');
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
