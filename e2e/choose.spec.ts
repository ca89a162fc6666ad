import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { openDemo, saved } from './helpers.js';

const SLOW = { timeout: 60_000 };

test.describe('how much', () => {
  test('the schools stand side by side, another is taken, and figures of one’s own are kept by name', async ({
    page,
  }) => {
    await openDemo(page);
    await page.getByRole('button', { name: 'Side by side' }).click();
    const paper = page.getByRole('dialog', { name: 'How much, side by side' });
    await expect(paper).toContainText('shares one budget between cheese and meat');
    await paper.getByRole('button', { name: 'Take it: Combined' }).click();
    await expect(paper).toContainText('Combined is the school of this plan');
    await paper.getByText('Figures of your own', { exact: true }).click();
    await paper.getByLabel('Called').fill('Hilltop');
    await paper.getByLabel('Cheese', { exact: true }).fill('80');
    await paper.getByRole('button', { name: 'Keep these figures' }).click();
    await expect(paper.getByRole('row', { name: /^Cheese/ })).toContainText('your own figure');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: /^Hilltop/ })).toHaveAttribute('aria-pressed', 'true');
  });
});

test.describe('the composer bends', () => {
  test('a lever brings another board and says what came and went; one press takes it back', async ({
    page,
  }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'choose');
    await page.getByRole('button', { name: 'less work' }).click();
    await expect(page.locator('.changed')).toContainText('Came:', SLOW);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await saved(page);
  });

  test('a food says why it is there, and what would come instead', async ({ page }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'choose');
    await page.locator('g[role=button]').nth(3).click();
    await page.getByRole('button', { name: 'Why this?' }).click();
    await expect(page.locator('.why')).toContainText(/Without|do as well|better without/, SLOW);
  });

  test('a brief that cannot be kept hangs its ways out, and one press composes', async ({ page }) => {
    test.setTimeout(150_000);
    await openDemo(page);
    await page.getByRole('button', { name: /knives at hand. Change/ }).click();
    const hands = page.getByRole('dialog', { name: 'Bowls and tools at hand' });
    await hands.getByLabel('limit the minutes').check();
    await hands.getByLabel('Minutes each').fill('25');
    await hands.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('link', { name: /^Choose/ }).click();
    await page.getByRole('button', { name: 'Compose it anew, keep pins' }).click();
    const slip = page.getByRole('article', { name: 'These wishes collide' });
    await expect(slip).toContainText('minutes of work', SLOW);
    await slip.getByRole('button').first().click();
    await expect(slip).toHaveCount(0);
    await expect(page.locator('.changed')).toBeVisible(SLOW);
  });

  test('two other boards are offered and one is taken', async ({ page }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'choose');
    await page.getByRole('button', { name: 'Two others' }).click();
    await page.getByRole('button', { name: 'Take it: board 2' }).click(SLOW);
    await saved(page);
    await expect(page.getByRole('button', { name: /Undo: take another board/ })).toBeVisible(SLOW);
  });
});

test.describe('the whole board', () => {
  test('is turned vegan; a part is refused and the rest taken', async ({ page }) => {
    test.setTimeout(150_000);
    await openDemo(page, 'choose');
    await page.getByRole('button', { name: 'Turn the whole board' }).click();
    const paper = page.getByRole('dialog', { name: 'Turn the whole board' });
    await paper.getByLabel('Find a need').fill('vegan');
    await paper
      .getByRole('group', { name: 'Needs to add' })
      .getByRole('button', { name: 'Vegan', exact: true })
      .click();
    await paper.getByRole('button', { name: 'Turn it' }).click();
    await expect(paper.getByRole('status')).toContainText('so that the board fits: vegan', SLOW);
    await paper.getByLabel('Take the change of Pork salami').uncheck();
    await paper.getByRole('button', { name: 'Take what is ticked' }).click();
    await page.getByRole('link', { name: /^Lay/ }).click();
    await expect(async () => {
      const wait = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Plan', exact: true }).click();
      const plan = readFileSync(await (await wait).path(), 'utf8');
      const placed = plan.slice(plan.indexOf('"placements"'));
      expect(placed).toContain('"salami"');
      expect(placed).not.toContain('"componentId": "brie"');
    }).toPass(SLOW);
  });

  test('shows a swap on the plate under the pointer, filters, and takes a home-made one with its recipe', async ({
    page,
  }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'choose');
    await page.getByRole('button', { name: 'Blossom honey. Open' }).first().click();
    const food = page.getByRole('dialog').first();
    await food.getByRole('button', { name: 'Swap it' }).click();
    const paper = page.getByRole('dialog', { name: 'Instead of blossom honey' });
    await paper.getByLabel('What kind').selectOption('home-made');
    const made = paper.getByRole('button', { name: /^Take it: Honey with thyme/ });
    await expect(made).toBeVisible(SLOW);
    await made.hover();
    await expect(page.locator('g[aria-label^="Honey with thyme"]')).toBeAttached();
    await expect(paper.getByText('Trying each')).toHaveCount(0, SLOW);
    await made.click();
    await page.locator('g[aria-label^="Honey with thyme"]').click();
    await expect(page.getByRole('dialog')).toContainText('min by hand');
  });

  test('is seen at a glance, and its bites are printed', async ({ page }) => {
    await openDemo(page, 'choose');
    await page.getByRole('button', { name: 'At a glance' }).click();
    await expect(page.getByRole('dialog')).toContainText('the order of tasting');
    await page.getByRole('link', { name: /ten best bites/ }).click();
    await expect(page.locator('.bite').first()).toBeVisible();
    await page.reload();
    await expect(page.locator('.bite').first()).toBeVisible();
  });
});

test('a theme starts from an idea, takes its colours from words, and goes among one’s own', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^Theme/ }).click();
  const paper = page.getByRole('dialog', { name: 'Theme' });
  await paper.getByText('Start from an idea').click();
  await paper.getByRole('button', { name: /Lemon courtyard/ }).click();
  await expect(paper.getByLabel('Food from')).toHaveValue('italy');
  await paper.getByLabel('From words').fill('sea and plum');
  await paper.getByRole('button', { name: 'Find its colours' }).click();
  await expect(paper.getByLabel('Colour 1', { exact: true })).toHaveValue('#3f6f8f');
  await paper.getByLabel('Name').fill('Plum quay');
  await paper.getByRole('button', { name: 'Keep among your themes' }).click();
  await paper.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Theme: Plum quay. Change' })).toBeVisible();
});

test('another demo is opened from the start page', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Another demo').selectOption('open-loom');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Open Loom');
});
