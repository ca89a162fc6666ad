/** @jest-environment ./app/testing/jsdom.mjs */
import { cometWatch, gone, openStation, paper, planNow } from '../testing/papers.js';
import { NEVER_DONE } from '../testing/kitchen.js';
import { describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { id } from '../../core/testing/plans.js';

const demo = cometWatch();
// no slip is looked at here
NEVER_DONE.add('trial');
const squint = () => [...document.querySelectorAll('[data-squint]')];

describe('keys', () => {
  test('the command box finds what people say, and does it', async () => {
    const hands = await openStation(demo, 'choose');
    const box = () => screen.getByRole('dialog', { name: 'What shall be done?' });
    const say = async (words: string): Promise<void> => {
      await hands.keyboard('{Control>}k{/Control}');
      await hands.type(within(await paper('What shall be done?')).getByRole('combobox'), words);
    };
    const found = () => within(box()).getAllByRole('option');
    await say('swap the brie');
    await waitFor(() => expect(found()[0]!.textContent).toMatch(/^Swap brie/));
    await hands.keyboard('{Enter}');
    await paper(/^Instead of brie/);
    await hands.keyboard('{Escape}');
    await gone(() => screen.queryAllByRole('dialog'));
    await say('vegan');
    await waitFor(() =>
      expect(
        found()
          .map((option) => option.textContent)
          .join(),
      ).toMatch(/Turn the board: vegan/),
    );
    expect(
      found()
        .map((option) => option.textContent)
        .join(),
    ).toMatch(/See it as Vegan/);
    await hands.keyboard('{Escape}');
    await say('leave out brie');
    await waitFor(() => expect(found()[0]!.textContent).toMatch(/^Leave out brie/));
    await hands.keyboard('{Enter}');
    await waitFor(() =>
      expect(planNow().placements.map((placement) => placement.componentId)).not.toContain(id('brie')),
    );
    await say('print');
    await waitFor(() => expect(found()[0]!.textContent).toContain('Print the sheet'));
    await hands.keyboard('{Enter}');
    await gone(() => [...document.querySelectorAll('[data-station]')]);
  });

  test('single keys can be switched off, and never act while a field has the focus', async () => {
    const hands = await openStation(demo, 'choose');
    await hands.type(screen.getByRole('searchbox'), 'goat b');
    expect(squint()).toEqual([]);
    (document.activeElement as HTMLElement).blur();
    await hands.keyboard('b');
    expect(squint()).toHaveLength(1);
    await hands.keyboard('{Escape}');
    await hands.keyboard('?');
    await hands.click(within(await paper('Keys')).getByLabelText(/Single keys act/));
    await hands.keyboard('{Escape}');
    await gone(() => screen.queryAllByRole('dialog'));
    await hands.keyboard('b');
    expect(squint()).toEqual([]);
  });
});
