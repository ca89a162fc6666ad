import { test as fresh, expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { openSmall, planCards, saved, test } from './helpers.js';

const addNotes = async (page: Page, dishes: string): Promise<void> => {
  await page.getByRole('button', { name: /^Other dishes/ }).click();
  await page.getByRole('spinbutton').fill(dishes);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
};

test.describe('hard edges', () => {
  test('undo survives a reload and names what it undoes', async ({ page }) => {
    await openSmall(page);
    await addNotes(page, '7');
    await expect(page.getByRole('button', { name: 'Other dishes: 7 other dishes. Change' })).toBeVisible();
    await saved(page);
    await page.reload();
    await page.getByRole('button', { name: 'Undo: change the occasion' }).click();
    await expect(page.getByRole('button', { name: 'Other dishes: 6 other dishes. Change' })).toBeVisible();
    await page.getByRole('button', { name: 'Redo: change the occasion' }).click();
    await expect(page.getByRole('button', { name: 'Other dishes: 7 other dishes. Change' })).toBeVisible();
  });

  test('a tab killed in the middle of writing leaves a whole plan', async ({ context }) => {
    const page = await context.newPage();
    const id = await openSmall(page);
    await addNotes(page, '8');
    await page.close({ runBeforeUnload: false });
    const next = await context.newPage();
    await next.goto(`/plan/${id}/brief`);
    await expect(next.getByRole('button', { name: /Other dishes: [68] other dishes/ })).toBeVisible();
    await expect(next.getByRole('heading', { level: 1 })).toContainText('Comet Watch');
  });

  test('a second tab sees an edit of the first, and edits of both are kept', async ({ context }) => {
    const one = await context.newPage();
    const id = await openSmall(one);
    const two = await context.newPage();
    await two.goto(`/plan/${id}/brief`);
    await expect(two.getByRole('button', { name: /Other dishes: 6/ })).toBeVisible();
    await addNotes(one, '9');
    await expect(two.getByRole('button', { name: /Other dishes: 9/ })).toBeVisible();
    await expect(two.getByText('This plan was changed in another tab.')).toBeVisible();
    await two.getByRole('button', { name: /^Air/ }).click();
    await two.getByRole('spinbutton').fill('12');
    await two.keyboard.press('Enter');
    await expect(one.getByRole('button', { name: /^Air: 12/ })).toBeVisible();
    await expect(one.getByRole('button', { name: /Other dishes: 9/ })).toBeVisible();
  });

  test.describe('files', () => {
    const plan = readFileSync(new URL('../core/plan/samples/v1.plate.json', import.meta.url), 'utf8');
    const cases: [string, string, RegExp][] = [
      ['no plan at all', 'hello', /could not be read as JSON/],
      ['over 5 MB', `${plan}${' '.repeat(5 * 1024 * 1024)}`, /larger than 5 MB/],
    ];
    test('a file that cannot be taken is refused with its reason, and nothing stored is touched', async ({
      page,
    }) => {
      await openSmall(page);
      await page.goto('/');
      for (const [name, text, reason] of cases)
        await test.step(name, async () => {
          await page
            .getByLabel('Bring in a plan file')
            .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) });
          await expect(page.getByRole('dialog')).toContainText('This file was not taken');
          await expect(page.getByRole('dialog')).toContainText(reason);
          await page.getByRole('button', { name: 'Close' }).click();
          await expect(planCards(page)).toHaveCount(1);
        });
    });
  });

  test('a plan deleted in another tab is told at once, and put back with the edit made since', async ({
    page,
    context,
  }) => {
    const id = await openSmall(page);
    const other = await context.newPage();
    await other.goto('/');
    await other.getByRole('button', { name: 'Delete Comet Watch' }).click();
    await expect(page.getByText('This plan was deleted elsewhere.')).toBeVisible();
    await expect(page.getByTestId('saved')).toHaveCount(0);
    await page.getByRole('button', { name: 'Put it back' }).click();
    await expect(page.getByTestId('saved')).toBeVisible();
    await other.goto(`/plan/${id}/brief`);
    await expect(other.getByRole('heading', { level: 1 })).toContainText('Comet Watch');
  });

  fresh('without any storage work goes on in memory, and the start page says so', async ({ page }) => {
    await page.addInitScript(() => Object.defineProperty(window, 'indexedDB', { get: () => undefined }));
    await page.goto('/');
    await expect(page.getByText('This browser keeps nothing')).toBeVisible();
    await page.getByRole('button', { name: 'New plate' }).click();
    await page.getByRole('button', { name: 'Say who is coming' }).click();
    await page.getByRole('textbox', { name: 'The party, in lines' }).fill('4 vegan');
    await page.getByRole('button', { name: 'Seat them' }).click();
    await expect(page.getByRole('button', { name: /^Vegan, 4/ }).first()).toBeVisible();
  });

  test('one damaged record is a damaged card, and the rest works', async ({ page }) => {
    await openSmall(page);
    await page.evaluate(
      () =>
        new Promise<void>((resolve, reject) => {
          const open = indexedDB.open('round-plate');
          open.onerror = () => reject(new Error('no store'));
          open.onsuccess = () => {
            const put = open.result.transaction('plans', 'readwrite').objectStore('plans');
            put.put({
              id: 'half',
              doc: { occasion: { name: 'Half a plan' } },
              rev: 1,
              cursor: 0,
              savedAt: 1,
              deletedAt: null,
            });
            put.transaction.oncomplete = () => resolve();
          };
        }),
    );
    await page.goto('/');
    const card = planCards(page).filter({ hasText: 'Half a plan' });
    await expect(card.getByRole('alert')).toContainText('cannot be read');
    const wait = page.waitForEvent('download');
    await card.getByRole('button', { name: 'Save Half a plan as it is' }).click();
    expect(readFileSync(await (await wait).path(), 'utf8')).toContain('Half a plan');
    await page.getByRole('link', { name: 'Comet Watch' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Comet Watch');
  });

  test('an address without a plan, and one without a page, say so', async ({ page }) => {
    await page.goto('/plan/nobody/brief');
    await expect(page.getByRole('alert')).toContainText('no plan at this address');
    expect((await page.goto('/somewhere'))?.status()).toBe(404);
    await expect(page.getByText('Nothing on this plate')).toBeVisible();
  });
});
