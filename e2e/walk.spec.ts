import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { openDemo, saved } from './helpers.js';

test.describe('the whole walk', () => {
  test('the demo opens composed, laid and looked after, and its figures agree on every station', async ({
    page,
  }) => {
    const problems: string[] = [];
    page.on('pageerror', (e) => problems.push(e.message));
    page.on('console', (m) => m.type() === 'error' && problems.push(m.text()));
    const id = await openDemo(page);
    await expect(page.getByText('28 guests, Saturday 15 May, 22:00')).toBeVisible();
    await expect(page.getByText('25.5 portions of 230 g, 28 guests')).toBeVisible();
    await page.getByRole('link', { name: /^Choose/ }).click();
    await expect(page.getByText('of 5.88 kg')).toBeVisible();
    await page.getByRole('link', { name: /^Check/ }).click();
    await expect(page.getByText('Is everyone looked after?')).toBeVisible();
    await expect(page.locator('article[data-code="looked-after"]')).toBeVisible();
    await expect(page.locator('.slip.cracked')).toHaveCount(0);
    await page.getByRole('link', { name: /^Lay/ }).click();
    await expect(page.locator('path[data-element]').first()).toBeAttached();
    await page.goto(`/plan/${id}/sheet`);
    await expect(page.getByRole('heading', { name: /Quiet tray: no pork, nuts, gluten/ })).toBeVisible();
    expect(problems).toEqual([]);
  });

  test('a new plate: brief in one line, compose, check, lay, export, import the same again', async ({
    page,
  }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'New plate' }).click();
    await page.getByRole('button', { name: 'Say who is coming' }).click();
    await page
      .getByRole('textbox', { name: 'The party, in lines' })
      .fill('12 guests: 3 vegan, 2 children (one is 3)');
    await expect(page.getByText('Understood: 12 guests')).toBeVisible();
    await page.getByRole('button', { name: 'Seat them' }).click();
    await expect(page.getByText('How old?')).toBeVisible();
    await page.getByRole('button', { name: /All are 8 or older/ }).click();
    await expect(page.getByText('How old?')).toHaveCount(0);

    await page.getByRole('link', { name: /^Choose/ }).click();
    await page.getByRole('button', { name: 'Compose a board' }).click();
    await expect(page.getByText(/\d+ kinds/)).not.toHaveText(/^0 kinds/, { timeout: 30_000 });
    await expect(page.locator('.progress')).toHaveCount(0, { timeout: 30_000 });

    await page.getByRole('link', { name: /^Lay/ }).click();
    await expect(page.locator('path[data-element]').first()).toBeAttached({ timeout: 20_000 });
    await saved(page);
    const [first] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Plan', exact: true }).click(),
    ]);
    const text = readFileSync(await first.path(), 'utf8');
    const [list] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Shopping list' }).click(),
    ]);
    expect(readFileSync(await list.path(), 'utf8')).toContain('component,family,needed g');
    const [svg] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'SVG' }).click(),
    ]);
    expect(readFileSync(await svg.path(), 'utf8')).toContain('<svg');
    const [png] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'PNG' }).click(),
    ]);
    expect(
      readFileSync(await png.path())
        .subarray(1, 4)
        .toString(),
    ).toBe('PNG');

    await page.goto('/');
    await page
      .getByLabel('Bring in a plan file')
      .setInputFiles({ name: 'plan.plate.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await page.getByRole('button', { name: 'Keep both' }).click();
    await expect(page.locator('.plan-card')).toHaveCount(2);
    await page.locator('.plan-card').first().getByRole('link').click();
    await page.getByRole('link', { name: /^Lay/ }).click();
    const [again] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Plan', exact: true }).click(),
    ]);
    const strip = (t: string) => t.replace(/^ "id": "[^"]+",?\n/m, '');
    expect(strip(readFileSync(await again.path(), 'utf8'))).toBe(strip(text));
  });

  test('a slip’s remedy runs, is undone, and a slip that is left goes onto the spike and back', async ({
    page,
  }) => {
    await openDemo(page, 'check');
    const season = page.locator('article[data-code="out-of-season"]');
    await season.getByRole('button', { name: /Leave it/ }).click();
    await expect(season).toHaveCount(0);
    await page.getByRole('button', { name: /1 settled/ }).click();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await page.keyboard.press('Escape');
    await expect(season).toBeVisible();

    const label = page.locator('article[data-code="label-to-read"]');
    await expect(label).toContainText('2 labels to read');
    await label
      .getByRole('button', { name: /^Label read/ })
      .first()
      .click();
    await expect(label).toContainText('Which ');
    await saved(page);
    await page.getByRole('button', { name: /^Undo: note the label/ }).click();
    await expect(label).toContainText('2 labels to read');
  });

  test('whole grapes on a small child’s plate stop service; quartering them settles it', async ({ page }) => {
    await openDemo(page, 'choose');
    await page.getByRole('searchbox').fill('green grapes');
    await page
      .getByRole('button', { name: /Green grapes/ })
      .first()
      .click();
    await page.getByLabel('Grams on Small plate one').fill('30');
    await page.getByLabel('Grams on Small plate one').press('Enter');
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('link', { name: /^Check/ }).click();
    const slip = page.locator('article[data-code="choking-shape"]');
    await expect(slip).toContainText('Stops service');
    await slip.getByRole('button', { name: /Cut in quarters/ }).click();
    await expect(slip).toHaveCount(0);
  });

  test('a swap is ranked, taken with one press, and undone', async ({ page }) => {
    await openDemo(page, 'choose');
    await page.getByRole('button', { name: 'Pork salami. Open' }).click();
    await page.getByRole('button', { name: 'Swap it' }).click();
    await page
      .getByRole('button', { name: /^Take / })
      .first()
      .click({ timeout: 20_000 });
    await expect(page.getByRole('button', { name: 'Pork salami. Open' })).toHaveCount(0);
    await expect(page.locator('.progress')).toHaveCount(0, { timeout: 20_000 });
    await page.getByRole('button', { name: /^Undo: lay/ }).click();
    await page.getByRole('button', { name: /^Undo: swap/ }).click();
    await expect(page.getByRole('button', { name: 'Pork salami. Open' })).toBeVisible();
  });

  test('a seat shows the board as that guest sees it', async ({ page }) => {
    await openDemo(page, 'check');
    await page
      .getByRole('button', { name: /^Coeliac, 2 guests/ })
      .locator('circle')
      .first()
      .click();
    await expect(page.getByRole('heading', { name: 'Coeliac', exact: true })).toBeVisible();
    await expect(page.getByText('Only once moved')).toBeVisible();
    await expect(page.getByText(/Sure of \d+ g, needs 230/)).toBeVisible();
  });

  test('an element is dragged and pinned, and stays when the rest is laid again', async ({ page }) => {
    await openDemo(page, 'lay');
    const brie = page.getByRole('button', { name: /^Brie\. Arrows/ });
    const before = (await brie.boundingBox())!;
    await page.mouse.move(before.x + before.width / 2, before.y + before.height / 2);
    await page.mouse.down();
    await page.mouse.move(before.x + before.width / 2 + 20, before.y + before.height / 2 + 16, { steps: 4 });
    await page.mouse.up();
    const pinned = page.getByRole('button', { name: /^Brie, pinned/ });
    await expect(pinned).toBeVisible();
    const moved = (await pinned.boundingBox())!;
    expect(moved.x).toBeGreaterThan(before.x + 10);
    await page.getByRole('button', { name: 'Lay it again, keep pins' }).click();
    await expect(page.locator('.progress')).toHaveCount(0, { timeout: 20_000 });
    const after = (await page.getByRole('button', { name: /^Brie, pinned/ }).boundingBox())!;
    expect(Math.abs(after.x - moved.x)).toBeLessThan(2);
  });
});
