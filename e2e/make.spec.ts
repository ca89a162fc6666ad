import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import type { Plan } from '../core/plan/index.js';
import { goTo, openDemo, openSmall, test } from './helpers.js';

const laidOut = async (page: Page): Promise<void> => {
  await expect(page.locator('[data-task]').first()).toBeAttached();
  await expect(page.getByRole('status').filter({ hasText: 'Laying out the day' })).toHaveCount(0);
};
const task = (page: Page, id: string) => page.locator(`[data-task="${id}"]`);
const said = async (page: Page, id: string): Promise<string> =>
  (await task(page, id).getAttribute('aria-label'))!;
const slip = (page: Page, kind: string) => page.locator(`article[data-code="day-${kind}"]`);

test('who arrives finds the day laid out and proven; a task is moved by keys and by the mouse, and undone', async ({
  page,
}) => {
  await openSmall(page, 'make');
  await laidOut(page);
  await expect(slip(page, 'kept-apart')).toBeVisible();
  await expect(slip(page, 'no-room')).toHaveCount(0);
  const was = await said(page, 'tools');
  await task(page, 'tools').focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(() => said(page, 'tools')).not.toBe(was);
  await page.getByRole('button', { name: /^Undo: move a task/ }).click();
  await expect.poll(() => said(page, 'tools')).toBe(was);
  await task(page, 'tools').focus();
  await page.keyboard.press('Enter');
  const card = page.getByRole('region', { name: 'Card of the task' });
  await expect(card).toContainText('Count out');
  await card.getByRole('button', { name: 'Put it away' }).click();
  const before = await said(page, 'wash-1');
  // a point of the ring's piece: the middle of its box may lie beside it
  const [x, y] = await task(page, 'wash-1')
    .locator('> path')
    .last()
    .evaluate((path: SVGPathElement) => {
      const matrix = path.getScreenCTM()!;
      const box = path.getBBox();
      for (let i = 1; i < 10; i++)
        for (let j = 1; j < 10; j++) {
          const point = new DOMPoint(box.x + (box.width * i) / 10, box.y + (box.height * j) / 10);
          if (path.isPointInFill(point)) {
            const at = point.matrixTransform(matrix);
            return [at.x, at.y] as const;
          }
        }
      throw new Error('no point');
    });
  await page.mouse.move(x, y);
  await page.mouse.down();
  // along its ring to a later hour
  await page.mouse.move(x + 10, y + 60, { steps: 5 });
  await page.mouse.up();
  await expect.poll(() => said(page, 'wash-1')).not.toBe(before);
});

test('crackers that a hand puts out at noon are told, and laying the day out again leaves them pinned', async ({
  page,
}) => {
  await openSmall(page, 'make');
  await laidOut(page);
  const bread = task(page, 'build-oak-breads');
  await bread.focus();
  for (let k = 0; k < 12; k++) await page.keyboard.press('ArrowLeft');
  await expect(slip(page, 'crisp-early')).toContainText('go soft');
  await bread.focus();
  await page.keyboard.press('Enter');
  await page
    .getByRole('region', { name: 'Card of the task' })
    .getByRole('button', { name: 'Let go' })
    .click();
  await page.getByRole('button', { name: 'Lay the day out again' }).first().click();
  await laidOut(page);
  await expect(slip(page, 'crisp-early')).toHaveCount(0);
});

test('a task is late: the rest is laid out from now, what is done stays done, one undo takes it back', async ({
  page,
}) => {
  await openSmall(page, 'make');
  await laidOut(page);
  const first = page.getByRole('checkbox', { name: /^Done: / }).first();
  await first.click();
  await expect(first).toBeChecked();
  // half an hour after the work on the day has begun
  const label = await said(page, 'wash-1');
  const [hours, minutes] = /(\d\d):(\d\d) to/.exec(label)!.slice(1).map(Number) as [number, number];
  await page.clock.setFixedTime(new Date(2027, 4, 15, hours + 1, minutes));
  await page.getByRole('radio', { name: 'Tools' }).click();
  await page.getByRole('radio', { name: 'The day' }).click();
  await expect(page.getByText(/tasks? (is|are) late/)).toBeVisible();
  await page.getByRole('button', { name: 'Lay out the rest from now' }).click();
  // so late there is no time left for some of it: that is said, not hidden
  await expect(slip(page, 'no-room')).toContainText('no place in the day');
  await expect(page.getByRole('checkbox', { name: /^Done: / }).first()).toBeChecked();
  await page.getByRole('button', { name: /^Undo: lay out the day/ }).click();
  await expect(slip(page, 'no-room')).toHaveCount(0);
  await page.clock.setFixedTime(new Date(2027, 4, 15, hours, minutes + 5));
  await page.getByRole('radio', { name: 'Tools' }).click();
  await page.getByRole('radio', { name: 'The day' }).click();
  await expect(page.locator('[data-task][aria-label*=", Piet"]').first()).toBeAttached();
  await page.getByRole('button', { name: 'Something is missing' }).click();
  await page.getByRole('menuitem', { name: 'Piet has left' }).click();
  // what he has done stays his
  const open = page.locator('[data-task][aria-label*=", Piet"]:not([aria-label*=", done"])');
  await expect(open).toHaveCount(0);
});

test('one pair of hands is too few: it is said, and what was tried is pressed', async ({ page }) => {
  const alone = (plan: Plan): Plan => ({
    ...plan,
    day: { ...plan.day, hands: [{ ...plan.day.hands[0]!, from: '20:00', daysBefore: 0 }] },
  });
  await openSmall(page, 'make', alone);
  await laidOut(page);
  await expect(slip(page, 'no-room').first()).toBeVisible();
  // one slip for each task that finds no place
  const way = slip(page, 'no-room')
    .getByRole('button', { name: /more pairs? of hands/ })
    .first();
  await expect(way).toBeVisible();
  await way.click();
  await laidOut(page);
  await page.getByRole('button', { name: 'Who helps, and with what' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox', { name: 'Name' })).not.toHaveCount(1);
});

test('the list buys what is made as its ingredients, is ticked, and is printed; the table names the fourteen', async ({
  page,
}) => {
  const id = await openSmall(page, 'make');
  await laidOut(page);
  await page.getByRole('radio', { name: 'Shopping' }).click();
  const list = page.getByRole('region', { name: 'Shopping list' });
  await expect(list).toContainText(/for .*avocado dip/);
  const first = list.getByRole('checkbox', { name: /^In the basket: / }).first();
  const name = (await first.getAttribute('aria-label'))!;
  await expect(first).not.toBeChecked();
  await first.click();
  await expect(page.getByTestId('saved')).toBeVisible();
  await page.reload();
  await page.getByRole('radio', { name: 'Shopping' }).click();
  await expect(page.getByRole('checkbox', { name, exact: true })).toBeChecked();
  const cost = page.getByRole('heading', { name: /^Cost: / });
  const was = await cost.textContent();
  await page.getByRole('checkbox', { name: /Oil, salt, sugar/ }).click();
  await expect(cost).not.toHaveText(was!);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a table' }).click();
  expect((await download).suggestedFilename()).toBe('comet-watch-shopping.csv');
  await goTo(page, `/plan/${id}/shopping`);
  await expect(page.getByRole('heading', { name: 'Comet Watch: to buy' })).toBeVisible();
  await goTo(page, `/plan/${id}/allergens`);
  await expect(page.getByRole('columnheader', { name: 'milk' }).first()).toBeVisible();
  await goTo(page, `/plan/${id}/day`);
  await expect(page.getByRole('heading', { name: 'Runa' })).toBeVisible();
  const calendar = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as a calendar' }).click();
  expect((await calendar).suggestedFilename()).toBe('comet-watch-day.ics');
});

test('more guests after shopping: only what is beyond the basket is bought, in one step; each helper’s work is a PDF', async ({
  page,
}) => {
  const id = await openDemo(page, 'make');
  await laidOut(page);
  await page.getByRole('radio', { name: 'Shopping' }).click();
  const list = page.getByRole('region', { name: 'Shopping list' });
  const gouda = list.getByRole('checkbox', { name: 'In the basket: Aged gouda' });
  await gouda.click();
  await expect(gouda).toBeChecked();
  await page.getByRole('button', { name: 'More or fewer guests' }).click();
  const paper = page.getByRole('dialog', { name: 'Another number of guests' });
  await paper.getByRole('spinbutton', { name: 'Eat everything' }).fill('26');
  await expect(paper.getByText(/^For 43 guests/)).toBeVisible();
  await expect(paper.getByRole('listitem').filter({ hasText: 'Aged gouda' }).first()).toContainText(
    'beside what is in the basket',
  );
  await paper.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByText(/^43 guests/)).toBeVisible();
  await expect(gouda).not.toBeChecked();
  await expect(list.getByText('are in the basket').first()).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'Laying out the day' })).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: change the number of guests/ }).click();
  await expect(page.getByText(/^28 guests/)).toBeVisible();
  await expect(gouda).toBeChecked();
  await goTo(page, `/plan/${id}/day`);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it (PDF)' }).click();
  const saved = await download;
  expect(saved.suggestedFilename()).toBe('comet-watch-day.pdf');
  const { PDFDocument } = await import('pdf-lib');
  const pdf = await PDFDocument.load(readFileSync((await saved.path())!));
  expect(pdf.getPageCount()).toBeGreaterThan(2);
});

test('a recipe is pasted, made one’s own, and lies in the larder', async ({ page }) => {
  await openSmall(page, 'make');
  await laidOut(page);
  await page.getByRole('radio', { name: 'Recipes' }).click();
  await page.getByRole('button', { name: 'A recipe of your own' }).click();
  const paper = page.getByRole('dialog', { name: 'A recipe of your own' });
  await paper.getByRole('textbox', { name: 'Name' }).fill('Walnut cream');
  await paper.getByText('Paste the ingredients').click();
  await paper.getByLabel(/^A line each/).fill('200 g walnuts\n2 tbsp honey\n3 brie');
  await expect(paper.getByText('3 brie: how much that weighs is not known of Brie: say grams')).toBeVisible();
  await paper.getByRole('button', { name: 'Put them in (2)' }).click();
  await expect(paper.getByLabel(/^Grams of walnut/i)).toHaveValue('200');
  await paper.getByRole('checkbox', { name: 'blender' }).click();
  await paper.getByRole('button', { name: 'Put it in the larder' }).click();
  await page.getByRole('navigation', { name: 'Stations' }).locator('a[href$="/choose"]').click();
  await page.getByLabel('Look in the larder').fill('walnut cream');
  await expect(page.getByRole('button', { name: /^Walnut cream/ }).first()).toBeVisible();
});

test('a grocer is asked: what is sold out is said, what it offers is judged as a swap, and the rest is ordered', async ({
  page,
}) => {
  await openSmall(page, 'make');
  await laidOut(page);
  await page.getByRole('radio', { name: 'Shopping' }).click();
  await page.getByRole('button', { name: 'Ask for prices and stock' }).click();
  await expect(page.getByText(/: sold out$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Swap it for what suits your guests' }).first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Order what is there' }).click();
  await expect(page.getByText(/^Ordered for .*missing/)).toBeVisible();
});

test('without a grocer the list stays, and says so', async ({ page }) => {
  await openSmall(page, 'make');
  await laidOut(page);
  await page.route('**/api/grocer/**', (route) => route.abort());
  await page.getByRole('radio', { name: 'Shopping' }).click();
  await page.getByRole('button', { name: 'Ask for prices and stock' }).click();
  await expect(page.getByText('No grocer answers now')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Shopping list' })).toContainText(/for .*avocado dip/);
});

test('the offer is priced from the plan, its fields are not printed, and it is saved as text', async ({
  page,
}) => {
  const id = await openSmall(page, 'make');
  await goTo(page, `/plan/${id}/offer`);
  const price = page.getByRole('heading', { name: 'Price' }).locator('xpath=following-sibling::p[1]');
  const was = await price.textContent();
  await page.getByRole('spinbutton', { name: 'Margin, %' }).fill('25');
  await expect(price).not.toHaveText(was!);
  await page.getByRole('textbox', { name: 'Letterhead' }).fill('A house of boards');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('spinbutton', { name: 'Margin, %' })).toBeHidden();
  await expect(page.getByText('A house of boards').last()).toBeVisible();
  await page.emulateMedia({ media: 'screen' });
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it as text' }).click();
  expect((await download).suggestedFilename()).toBe('comet-watch-offer.txt');
  const pdf = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save it (PDF)' }).click();
  const saved = await pdf;
  expect(saved.suggestedFilename()).toBe('comet-watch-offer.pdf');
  // with the board as a picture
  expect(readFileSync((await saved.path())!).length).toBeGreaterThan(50_000);
});
