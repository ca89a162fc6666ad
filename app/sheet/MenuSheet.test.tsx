/** @jest-environment ./app/testing/jsdom.mjs */
import { cometWatch, openStation } from '../testing/papers.js';
import { screen, within } from '@testing-library/react';
import { SAVED } from '../testing/dom.js';
import { expect, test } from '@jest/globals';
import type { FormId } from '../../core/catalogue/index.js';
import { menuOf, menuText } from '../../core/exchange/index.js';
import { group, lies, planWith } from '../../core/testing/plans.js';
import { formatMass } from '../../core/measure/index.js';
import { planLarder } from '../../core/plan/index.js';
import { ENGLISH } from '../../core/words/index.js';

const demo = cometWatch();

test('the menu says what each surface has, with the grams of the plan, and is saved as text', async () => {
  const hands = await openStation(demo, 'menu');
  const parts = menuOf(demo);
  expect(parts.length).toBeGreaterThan(2);
  for (const { families } of parts)
    for (const { foods } of families)
      for (const { component, massG } of foods) {
        const rows = screen
          .getAllByRole('row')
          .filter((row) => within(row).queryAllByText(component.name, { exact: false }).length > 0);
        expect([
          component.name,
          rows.some((row) => row.textContent?.includes(formatMass(Math.round(massG), 'metric', 'en'))),
        ]).toEqual([component.name, true]);
      }
  // nothing of the plan is missing, nothing is counted twice
  const grams = parts.flatMap(({ families }) =>
    families.flatMap(({ foods }) => foods.map((food) => food.massG)),
  );
  const larder = planLarder(demo);
  const laid = demo.placements.filter(({ componentId }) => larder.get(componentId)!.family !== 'garnish');
  expect(grams.reduce((sum, g) => sum + g, 0)).toBeCloseTo(
    laid.reduce((sum, { massG }) => sum + massG, 0),
    3,
  );
  await hands.press('Save it as text');
  expect(SAVED[0]!.name).toBe('comet-watch-menu.txt');
  expect(await SAVED[0]!.text()).toBe(menuText(demo, ENGLISH));
});

test('what is not served as usual says how: a small child’s carrots are grated', async () => {
  const of = (form: FormId) =>
    planWith({ party: [group('all', 4)], placements: [{ ...lies('carrot-sticks', 90), form }] });
  expect(menuText(of('grated'), ENGLISH)).toContain('Carrot sticks, grated 90 g');
  expect(menuText(of('sticks'), ENGLISH)).toContain('Carrot sticks 90 g');
  await openStation(of('grated'), 'menu');
  await screen.findByRole('rowheader', { name: 'Carrot sticks, grated' });
});
