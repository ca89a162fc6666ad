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

  test('a surface takes the advised size in one press, and a wrong size is refused with its field', async ({
    page,
  }) => {
    await openDemo(page);
    await page.getByRole('button', { name: /^Round oak/ }).click();
    const paper = page.getByRole('dialog', { name: 'Round oak' });
    await paper.getByLabel('Across, mm').fill('300');
    await expect(paper).toContainText('What lies on it fills');
    await paper.getByRole('button', { name: 'Take this size' }).click();
    await expect(paper.getByLabel('Across, mm')).toHaveValue(/^(49|50|51|52)0$/);
    await paper.getByLabel('Across, mm').fill('3');
    await paper.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(paper.getByRole('alert')).toContainText('diameterMm');
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

  test('a group is changed by hand, and a wrong age names the field', async ({ page }) => {
    await openDemo(page);
    await page.getByRole('button', { name: /^Children of three, 2 ×/ }).click();
    const paper = page.getByRole('dialog', { name: 'Children of three' });
    await paper.getByLabel(/^Ages/).fill('3, 99');
    await paper.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(paper.getByRole('alert')).toContainText('ages 1');
    await paper.getByLabel(/^Ages/).fill('3, 4');
    await paper.getByLabel('Dislikes, with commas').fill('blue, olives');
    await paper.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('button', { name: /^Children of three, 2 ×/ }).click();
    await expect(page.getByLabel('Dislikes, with commas')).toHaveValue('blue, olives');
    await expect(page.getByLabel(/^Ages/)).toHaveValue('3, 4');
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
