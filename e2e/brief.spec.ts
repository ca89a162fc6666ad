import { expect } from '@playwright/test';
import { figures, openDemo, pick, saved, test } from './helpers.js';

test.describe('the brief', () => {
  test('theme, bowls and tools, budget and currency are set, named by undo, and survive a reload', async ({
    page,
  }) => {
    await openDemo(page);
    await page.getByRole('button', { name: /^Theme: Comet and crescent/ }).click();
    const theme = page.getByRole('dialog', { name: 'Theme' });
    await theme.getByLabel('Name').fill('Night sky');
    await theme.getByRole('button', { name: 'Another colour' }).click();
    await theme.getByRole('checkbox', { name: 'star' }).check();
    await theme.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByRole('button', { name: /^Theme: Night sky/ })).toBeVisible();

    await page.getByRole('button', { name: /knives at hand/ }).click();
    const hand = page.getByRole('dialog', { name: 'Bowls and tools at hand' });
    await hand.getByLabel('How many').first().fill('9');
    await hand.getByLabel('knives').fill('7');
    await hand.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByRole('button', { name: /knives at hand/ })).toContainText('17 bowls, 7 knives');

    await page.getByRole('button', { name: /^Budget/ }).click();
    await pick(page, 'Currency', 'SEK');
    await page.getByRole('spinbutton').fill('900');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: /^Budget: At most 900 SEK/ })).toBeVisible();
    await saved(page);
    await page.reload();
    await expect(page.getByRole('button', { name: /^Theme: Night sky/ })).toBeVisible();
    await page.getByRole('button', { name: 'Undo: change the budget' }).click();
    await page.getByRole('button', { name: 'Undo: change the currency' }).click();
    await page.getByRole('button', { name: 'Undo: change what is at hand' }).click();
    await expect(page.getByRole('button', { name: /knives at hand/ })).toContainText('12 bowls, 5 knives');
  });

  test('a surface is added, named for whom it is, and taken away again', async ({ page }) => {
    await openDemo(page);
    await page.getByRole('button', { name: 'Add a surface' }).click();
    await page.getByRole('button', { name: /^Board 5/ }).click();
    const paper = page.getByRole('dialog', { name: 'Board 5' });
    await paper.getByRole('textbox', { name: 'Name' }).fill('Late tray');
    await pick(paper, 'Shape', /rectangle/i);
    await paper.getByRole('checkbox', { name: 'Vegan', exact: true }).uncheck();
    await paper.getByRole('checkbox', { name: 'pork' }).check();
    await paper.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('button', { name: /^Late tray, \d+ mm × \d+ mm/ }).click();
    await expect(page.getByRole('checkbox', { name: 'Vegan', exact: true })).not.toBeChecked();
    await page.getByRole('button', { name: 'Take it away' }).click();
    await expect(page.getByRole('button', { name: /^Late tray/ })).toHaveCount(0);
  });

  test('ounces and inches are spoken on every station and by the slips', async ({ page }) => {
    const id = await openDemo(page);
    await page.evaluate(() =>
      localStorage.setItem('round-plate.settings', JSON.stringify({ units: 'imperial' })),
    );
    await page.reload();
    await expect(figures(page)).toContainText('13.0 lb in all');
    await expect(page.getByRole('button', { name: /^Air: 48 °F/ })).toBeVisible();
    for (const station of ['brief', 'choose', 'check', 'lay']) {
      await page.goto(`/plan/${id}/${station}`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expect(page.getByRole('region', { name: 'Slips' })).toContainText(/./);
      const text = await page.locator('[data-station]').innerText();
      expect(text).not.toMatch(/\d (kg|mm|cm²|°C)\b/);
    }
  });
});
