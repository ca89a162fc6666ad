/** @jest-environment ./app/testing/jsdom.mjs */
import '../testing/dom.js';
import { afterEach, expect, test } from '@jest/globals';
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import { CATALOGUE } from '../../core/catalogue/index.js';
import { Portrait } from './Portrait.js';

afterEach(cleanup);

const foods = CATALOGUE.filter(({ family }) => family === 'cheese').slice(0, 12);
const Shelf = () => foods.map((food) => <Portrait key={food.id} food={food} alt={food.name} />);
const shown = () => screen.getAllByRole('img').map((img) => img.getAttribute('src'));

test('portraits come after the page has had its turn, all of them, each drawn once', async () => {
  const first = render(<Shelf />);
  // the names are there before any picture is
  expect(shown()).toEqual(foods.map(() => null));
  await waitFor(() => expect(shown().every((src) => src !== null)).toBe(true), { timeout: 20_000 });
  const drawn = shown();
  expect(new Set(drawn).size).toBe(foods.length);
  first.unmount();
  render(<Shelf />);
  expect(shown()).toEqual(drawn);
});
