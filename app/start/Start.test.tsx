/** @jest-environment ./app/testing/jsdom.mjs */
import { openStart, openStartAgain, paper } from '../testing/papers.js';
import { SAVED } from '../testing/dom.js';
import { describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { readFileSync } from 'node:fs';
import { planWith } from '../../core/testing/plans.js';
import { db } from '../store/db.js';

const file = readFileSync('core/plan/samples/v1.plate.json', 'utf8');
const one = JSON.parse(file) as { id: string; occasion: { name: string } };
const plan = planWith({ occasion: { ...planWith({}).occasion, name: 'Harbour lunch' } });
const cards = () => within(screen.getByRole('list', { name: 'Plans' })).queryAllByRole('listitem');
const cardsAre = (n: number) => waitFor(() => expect(cards()).toHaveLength(n));
const dialogs = () => screen.queryAllByRole('dialog');

describe('a file', () => {
  test.each<[string, string, RegExp]>([
    ['that is no plan at all', 'hello', /could not be read as JSON/],
    ['that is truncated', file.slice(0, 4000), /cut short/],
    ['of a newer version', file.replace('"version": 1', '"version": 99'), /newer Round Plate/],
    ['with a prototype key', file.replace('"notes": ""', '"notes": "", "__proto__": {"a": 1}'), /__proto__/],
    ['over 5 MB', `${file}${' '.repeat(5 * 1024 * 1024)}`, /larger than 5 MB/],
    ['with a wrong field', file.replace('"count": 11', '"count": "x"'), /party\[0\]\.count/],
  ])('%s is refused with its reason, and nothing stored is touched', async (_, text, reason) => {
    const hands = await openStart(plan);
    await cardsAre(1);
    await hands.give('Bring in a plan file', 'x.json', text);
    const refused = await screen.findByRole('dialog');
    await waitFor(() => expect(refused.textContent).toContain('This file was not taken'));
    expect(refused.textContent).toMatch(reason);
    await hands.press('Close', refused);
    await cardsAre(1);
    expect(await db.plans.count()).toBe(1);
  });

  test('of several plans asks of each that is here already, and lists those that were not taken', async () => {
    const hands = await openStart(plan);
    const bring = (plans: unknown[]) =>
      hands.give(
        'Bring in a plan file',
        'all.json',
        JSON.stringify({ format: 'round-plate.plans', version: 1, plans }),
      );
    const two = { ...one, id: 'other', occasion: { ...one.occasion, name: 'Kite Meadow' } };
    await bring([one, { ...two, version: 99 }]);
    const some = await paper('Not every plan was taken');
    expect(some.textContent).toContain('Kite Meadow');
    expect(some.textContent).toContain('newer Round Plate');
    await hands.press('Close', some);
    await cardsAre(2);
    await bring([two]);
    await cardsAre(3);
    await bring([one, two]);
    await waitFor(() => expect(dialogs()[0]?.textContent).toContain('Comet Watch'));
    await hands.press('Keep both');
    await waitFor(() => expect(dialogs()[0]?.textContent).toContain('Kite Meadow'));
    await hands.press('Replace the old one');
    await waitFor(() => expect(dialogs()).toEqual([]));
    await cardsAre(4);
  });

  test('with markup in a name is shown as text', async () => {
    const hands = await openStart();
    await hands.give(
      'Bring in a plan file',
      'x.json',
      file.replace('"Comet Watch"', '"<img src=x onerror=alert(1)>"'),
    );
    await cardsAre(1);
    expect(cards()[0]!.textContent).toContain('<img src=x onerror=alert(1)>');
    expect(document.querySelector('img[src=x]')).toBeNull();
  });
});

describe('the table of plans', () => {
  test('a deleted plan comes back with undo or out of the trash, and all plans go into one file', async () => {
    let hands = await openStart(plan);
    await hands.press('Delete Harbour lunch');
    await cardsAre(0);
    await hands.press('Undo');
    await cardsAre(1);
    await hands.press('Delete Harbour lunch');
    await cardsAre(0);
    // the trash keeps it over a new start of the page
    hands = await openStartAgain();
    await hands.click(await screen.findByText(/^Trash: 1 plan/));
    await hands.press('Put back Harbour lunch');
    await cardsAre(1);
    await hands.press('Save all plans');
    await waitFor(() => expect(SAVED[0]?.name).toContain('.json'));
    expect(JSON.parse(await SAVED[0]!.text())).toMatchObject({
      format: 'round-plate.plans',
      plans: [{ id: plan.id }],
    });
  });
});
