import { expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { ownComponent } from '../catalogue/index.js';
import { lies, planWith } from '../testing/plans.js';
import { shoppingCsv, shoppingRows } from './index.js';

test('the list adds all lots and surfaces, in whole packs, and its total is the sum of its rows', () => {
  const plan = planWith({
    placements: [lies('brie', 250), lies('brie', 250, { lot: 1 }), lies('green-grapes', 320)],
  });
  const rows = shoppingRows(plan);
  expect(rows.find((row) => row.component === 'Brie')).toMatchObject({
    neededG: 500,
    packs: '2 x 250 g',
    costMinor: 840,
  });
  const parsed = Papa.parse<Record<string, string>>(shoppingCsv(plan).trim(), { header: true });
  expect(parsed.errors).toEqual([]);
  expect(Number(parsed.data.at(-1)!['cost EUR'])).toBeCloseTo(
    rows.reduce((sum, row) => sum + row.costMinor, 0) / 100,
  );
});

test.each(['=1+1', '+1', '-1', '@sum'])('a cell that begins like a formula (%s) is made harmless', (name) => {
  const own = ownComponent(name, 'cheese');
  const plan = planWith({
    ownComponents: [own],
    placements: [{ ...lies('brie', 100), componentId: own.id, form: own.forms[0]!.form }],
  });
  expect(shoppingCsv(plan)).toContain(`'${name}`);
});
