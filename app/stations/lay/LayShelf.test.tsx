/** @jest-environment ./app/testing/jsdom.mjs */
import { cometWatch, openStation } from '../../testing/papers.js';
import { SAVED } from '../../testing/dom.js';
import { expect, test } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';

test('cards and picks are off until they are wanted, and then in the file as well, and at the next visit', async () => {
  const hands = await openStation(cometWatch(), 'lay');
  const drawing = async (nth: number) => {
    await hands.press('Pictures');
    await hands.click((await screen.findAllByRole('menuitem', { name: /SVG/ }))[0]!);
    await waitFor(() => expect(SAVED).toHaveLength(nth));
    return SAVED[0]!.text();
  };
  expect(await drawing(1)).not.toContain('<text');
  await hands.click(screen.getByRole('switch', { name: 'Cards and picks' }));
  expect(await drawing(2)).toContain('>Brie</text>');
  expect(JSON.parse(localStorage.getItem('round-plate.settings')!)).toMatchObject({ labels: true });
});
