import { expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { ownComponent } from '../catalogue/index.js';
import { lies, planWith } from '../testing/plans.js';
import { shopFor } from '../make/index.js';
import { shoppingCsv, shoppingText } from './index.js';

test('the list adds all lots and surfaces, in whole packs, and its total is the sum of its rows', () => {
  const plan = planWith({
    placements: [lies('brie', 250), lies('brie', 250, { lot: 1 }), lies('green-grapes', 320)],
  });
  const { lines, costMinor } = shopFor([plan]);
  expect(lines.find(({ id }) => id === 'brie')).toMatchObject({ neededG: 500, costMinor: 840 });
  expect(shoppingText([plan])).toContain('- Brie, 2 x 250 g');
  const parsed = Papa.parse<Record<string, string>>(shoppingCsv([plan]).trim(), { header: true });
  expect(parsed.errors).toEqual([]);
  expect(Number(parsed.data.at(-1)!['cost EUR'])).toBeCloseTo(costMinor / 100);
});

test.each(['=1+1', '+1', '-1', '@sum'])('a cell that begins like a formula (%s) is made harmless', (name) => {
  const own = ownComponent(name, 'cheese');
  const plan = planWith({
    ownComponents: [own],
    placements: [{ ...lies('brie', 100), componentId: own.id, form: own.forms[0]!.form }],
  });
  expect(shoppingCsv([plan])).toContain(`'${name}`);
});
