/** @jest-environment ./app/testing/jsdom.mjs */
import { cometWatch, openStation, planNow } from '../../testing/papers.js';
import { SAVED } from '../../testing/dom.js';
import { expect, test } from '@jest/globals';
import { layPlan } from '../../../core/lay/index.js';
import type { SurfaceId } from '../../../core/plan/index.js';
import { board, lies, planWith } from '../../../core/testing/plans.js';
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

test('a surface is laid calmer and fuller again, each in one step of undo, and no other with it', async () => {
  const side = board({ id: 'side' as SurfaceId });
  const two = planWith({
    surfaces: [board(), side],
    placements: [
      lies('brie', 250),
      lies('green-grapes', 420),
      lies('almonds', 220),
      lies('cucumber', 300),
      lies('water-crackers', 220),
      lies('dried-apricots', 260),
      { ...lies('strawberries', 150), surfaceId: side.id },
    ],
  });
  const hands = await openStation(layPlan(two, 1).plan, 'lay');
  const before = planNow();
  const [oak, ...others] = before.layout;
  const calm = screen.getByRole('switch', { name: 'Calm, with open ground' });
  expect(calm.getAttribute('aria-checked')).toBe('false');
  await hands.click(calm);
  await waitFor(() => expect(planNow().layout[0]).not.toEqual(oak), { timeout: 30_000 });
  expect(planNow().surfaces[0]!.ground).toBe('calm');
  expect(planNow().layout.slice(1)).toEqual(others);
  const kinds = (elements: readonly { componentId: string }[]) =>
    [...new Set(elements.map(({ componentId }) => componentId))].sort();
  expect(kinds(planNow().layout[0]!.elements)).toEqual(kinds(oak!.elements));
  await hands.click(await screen.findByRole('button', { name: /^Undo: lay it calmer/ }));
  await waitFor(() => expect(planNow().layout[0]).toEqual(oak));
  expect(planNow().surfaces).toEqual(before.surfaces);
  expect(calm.getAttribute('aria-checked')).toBe('false');
}, 120_000);
