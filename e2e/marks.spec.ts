import { writeFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { drag, openSmall, rests, test } from './helpers.js';

const mark = async (page: Page, what: string): Promise<void> => {
  await page.getByRole('button', { name: 'Mark a place', exact: true }).click();
  await page.getByRole('menuitem', { name: what }).click();
};
const ring = (page: Page, what: string) => page.getByRole('button', { name: `Mark: ${what}` });

test('a place that is pulled open with the mouse has no food, and one undo takes mark and laying back', async ({
  page,
}) => {
  await openSmall(page, 'lay');
  const board = (await page.getByRole('button', { name: /^Brie\. Arrows/ }).boundingBox())!;
  const [x, y] = [board.x + board.width / 2, board.y + board.height / 2];
  await mark(page, 'stays open');
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 50, y, { steps: 4 });
  await page.mouse.up();
  await expect(ring(page, 'stays open')).toBeVisible();
  await rests(page);
  const brie = page.getByRole('button', { name: /^Brie\. Arrows/ });
  const far = async () => {
    const box = (await brie.boundingBox())!;
    return Math.hypot(box.x + box.width / 2 - x, box.y + box.height / 2 - y) - box.width / 2;
  };
  await expect.poll(far, { timeout: 20_000 }).toBeGreaterThan(45);
  await expect(page.locator('article[data-code="place-not-open"]')).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: mark a place/ }).click();
  await expect(ring(page, 'stays open')).toHaveCount(0);
  const back = (await page.getByRole('button', { name: /^Brie\. Arrows/ }).boundingBox())!;
  expect(Math.abs(back.x - board.x) + Math.abs(back.y - board.y)).toBeLessThan(2);
});

test('by keys alone a mark is set, moved, made larger and taken away', async ({ page }) => {
  await openSmall(page, 'lay');
  await mark(page, 'cheese here');
  await expect(page.getByRole('button', { name: /^The board\. Enter/ })).toBeFocused();
  await page.keyboard.press('Enter');
  const there = ring(page, 'cheese here');
  await expect(there).toBeVisible();
  const was = (await there.boundingBox())!;
  await there.focus();
  for (let k = 0; k < 5; k++) await there.press('ArrowRight');
  await there.press('>');
  await expect.poll(async () => (await there.boundingBox())!.x).toBeGreaterThan(was.x + 20);
  expect((await there.boundingBox())!.width).toBeGreaterThan(was.width);
  await expect(page.getByRole('region', { name: /Tag of the mark/ })).toContainText('cheese here');
  await there.press('Delete');
  await expect(there).toHaveCount(0);
  await mark(page, 'dips here');
  await expect(page.getByRole('button', { name: /^The board\. Enter/ })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('status').filter({ hasText: 'dips here' })).toHaveCount(0);
});

test('half of a food goes to another surface, a row is bent, and each is one step of undo', async ({
  page,
}) => {
  await openSmall(page, 'lay');
  const toasts = page.locator('[data-element^="oak-"][data-element*="baguette"]').first();
  await toasts.focus();
  const shape = await toasts.getAttribute('d');
  await toasts.press(')');
  await expect.poll(() => toasts.getAttribute('d')).not.toBe(shape);
  await rests(page);
  await page.getByRole('button', { name: /^Undo: bend a row/ }).click();
  await expect.poll(() => toasts.getAttribute('d')).toBe(shape);
  await toasts.focus();
  const end = page.getByRole('button', { name: /^End of the row/ }).first();
  await drag(page, end, 30, 40);
  await expect.poll(() => toasts.getAttribute('d')).not.toBe(shape);
  await rests(page);
  await page.getByRole('button', { name: /^Undo: pull a row’s end/ }).click();
  await expect.poll(() => toasts.getAttribute('d')).toBe(shape);
  await toasts.focus();
  await end.focus();
  await end.press('ArrowDown');
  await expect.poll(() => toasts.getAttribute('d')).not.toBe(shape);
  await expect(end).toBeFocused();
  await rests(page);
  await page.getByRole('button', { name: /^Undo: pull a row’s end/ }).click();
  await page.locator('[data-element^="oak-"][data-element*="dates"]').first().focus();
  await page.getByRole('button', { name: 'To another surface' }).click();
  await page.getByRole('menuitem', { name: 'Half of it to Quiet tray' }).click();
  await rests(page);
  await page
    .getByRole('button', { name: /^Quiet tray/ })
    .first()
    .click();
  await expect(page.locator('[data-element*="dates"]').first()).toBeAttached();
  await page.getByRole('button', { name: /^Undo: send to another surface/ }).click();
  await expect(page.locator('[data-element*="dates"]')).toHaveCount(0);
});

test('who arrives finds what was not laid yet laid, what is laid stays; a food is cut otherwise from its tag', async ({
  page,
}) => {
  await openSmall(page, 'lay', (plan) => ({ ...plan, layout: plan.layout.slice(1) }));
  await expect(page.locator('[data-element^="oak-"]').first()).toBeAttached();
  await rests(page);
  await expect(page.getByRole('button', { name: /^Undo: lay the board/ })).toBeVisible();
  const berries = page.locator('[data-element^="oak-"][data-element*="strawberries"]');
  const rounds = await berries.first().getAttribute('data-element');
  await berries.first().focus();
  await page.getByRole('button', { name: 'In another form' }).click();
  const [other] = await page.getByRole('menuitem').all();
  await other!.click();
  await rests(page);
  await expect(page.locator(`[data-element="${rounds}"]`)).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo: change the form/ }).click();
  await expect(page.locator(`[data-element="${rounds}"]`)).toHaveCount(1);
});

test('a board of one’s own outline, and a box with walls; a drawing with a notch is refused', async ({
  page,
}, info) => {
  await openSmall(page, 'brief');
  const svg = (name: string, d: string): string => {
    const path = info.outputPath(`${name}.svg`);
    writeFileSync(
      path,
      `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 420 320" width="420mm" height="320mm"><path d="${d}"/></svg>`,
    );
    return path;
  };
  await page.getByRole('button', { name: /Quiet tray.*Change/ }).click();
  const paper = page.getByRole('dialog');
  const file = paper.locator('input[type=file]');
  await file.setInputFiles(svg('paddle', 'M0 0 H300 V120 H420 V180 H300 V320 H0 Z'));
  await expect(paper.getByRole('alert')).toContainText('notch or a handle');
  await file.setInputFiles(svg('gable', 'M0 110 Q210 -110 420 110 L420 320 L0 320 Z'));
  await expect(paper.getByRole('alert')).toHaveCount(0);
  await expect(paper.getByRole('combobox', { name: 'Shape' })).toHaveText('as drawn');
  await paper.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(
    page.getByRole('button', { name: /Quiet tray, 420 mm × 320 mm, its own shape/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /Round oak.*Change/ }).click();
  await paper.getByRole('combobox', { name: 'Shape' }).click();
  await page.getByRole('option', { name: 'rectangle' }).click();
  await paper.getByRole('combobox', { name: 'Compartments' }).click();
  await page.getByRole('option', { name: '6', exact: true }).click();
  await paper.getByRole('button', { name: 'Keep', exact: true }).click();
  await page.keyboard.press('5');
  await page.getByRole('button', { name: /Lay it again/ }).click();
  await rests(page);
  await page.locator('[data-element]').first().waitFor();
  await expect(page.getByRole('alert').filter({ hasText: 'overlap' })).toHaveCount(0);
});
