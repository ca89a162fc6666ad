import { readFile } from 'node:fs/promises';
import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { openDemo, pick, saved, test, withSmallLarder } from './helpers.js';

const SLOW = { timeout: 60_000 };

test.describe('how much', () => {});

test.describe('the composer bends', () => {
  test('a lever brings another board and says what came and went; one press takes it back', async ({
    page,
  }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'choose', withSmallLarder);
    await page.getByRole('button', { name: 'less work' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Came:' })).toContainText('Came:', SLOW);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await saved(page);
  });

  test('a food says why it is there, and what would come instead', async ({ page }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'choose', withSmallLarder);
    await page.locator('g[role=button]').nth(3).click();
    await page.getByRole('button', { name: 'Why this?' }).click();
    await expect(page.getByRole('status', { name: 'Why this?' })).toContainText(
      /Without|do as well|better without/,
      SLOW,
    );
  });

  test('a brief that cannot be kept hangs its ways out, and one press composes', async ({ page }) => {
    test.setTimeout(150_000);
    await openDemo(page, 'brief', withSmallLarder);
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
    await expect(page.getByRole('status').filter({ hasText: 'Came:' })).toBeVisible(SLOW);
  });

  test('two other boards are offered and one is taken', async ({ page }) => {
    test.setTimeout(120_000);
    await openDemo(page, 'choose', withSmallLarder);
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
    await pick(paper, 'What kind', 'home-made');
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
    await expect(page.getByRole('listitem').first()).toBeVisible();
    await page.reload();
    await expect(page.getByRole('listitem').first()).toBeVisible();
  });
});

test('a theme takes its colours from a picture, goes out as a file and comes back; what is no theme is refused', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: /^Theme/ }).click();
  const paper = page.getByRole('dialog', { name: 'Theme' });
  const picture = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = 40;
    const c = canvas.getContext('2d')!;
    c.fillStyle = '#c03020';
    c.fillRect(0, 0, 40, 40);
    c.fillStyle = '#2050a0';
    c.fillRect(0, 0, 12, 40);
    return canvas.toDataURL('image/png').split(',')[1]!;
  });
  const choose = paper.getByLabel('From a picture');
  await choose.setInputFiles({ name: 'x.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(paper.getByText('this file cannot be read as a picture')).toBeVisible();
  await choose.setInputFiles({
    name: 'tiles.png',
    mimeType: 'image/png',
    buffer: Buffer.from(picture, 'base64'),
  });
  const red = await paper.getByLabel('Colour 1', { exact: true }).inputValue();
  await expect(paper.getByText('cannot be read')).toHaveCount(0);
  // more of it is red than blue
  expect(parseInt(red.slice(1, 3), 16)).toBeGreaterThan(parseInt(red.slice(5, 7), 16));
  await paper.getByLabel('Name').fill('Red tiles');
  await paper.getByRole('button', { name: 'Keep among your themes' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    paper.getByRole('button', { name: 'Save your themes' }).click(),
  ]);
  const themes = JSON.parse(await readFile(await file.path(), 'utf8')) as {
    name: string;
    palette: string[];
  }[];
  expect(themes[0]).toMatchObject({ name: 'Red tiles' });
  const bring = (text: string) =>
    page
      .getByLabel('File with themes')
      .setInputFiles({ name: 'themes.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await bring('[{"name": 7}]');
  await expect(page.getByText(/The themes were refused: 0\.name/)).toBeVisible();
  await bring(JSON.stringify([{ ...themes[0], name: 'Blue tiles' }]));
  await expect(page.getByText(/1 theme.* taken over/)).toBeVisible();
  await paper.getByText('Start from an idea').click();
  await expect(paper.getByRole('button', { name: /Blue tiles/ })).toBeVisible();
});

test('swaps are narrowed to what is cheaper, and follow what counts most', async ({ page }) => {
  await openDemo(page, 'choose');
  await page.getByRole('button', { name: 'Brie. Open' }).click();
  await page.getByRole('button', { name: 'Swap it' }).click();
  const paper = page.getByRole('dialog', { name: 'Instead of brie' });
  await expect(paper.getByRole('button', { name: /^Take it: / }).first()).toBeVisible({ timeout: 30_000 });
  await expect(paper.getByText('Trying each')).toHaveCount(0, { timeout: 30_000 });
  const names = () =>
    paper
      .getByRole('button', { name: /^Take it: / })
      .evaluateAll((list) => list.map((b) => b.getAttribute('aria-label')!));
  const house = await names();
  await pick(paper, 'Only', 'cheaper');
  await expect(paper.getByRole('listitem').first()).toContainText('−');
  for (const text of await paper.getByRole('listitem').allTextContents()) expect(text).toMatch(/−€/);
  await pick(paper, 'Only', 'all of them');
  await paper.getByText('What counts how much').click();
  await paper.getByRole('slider', { name: 'the price' }).press('End');
  await expect(async () => expect(await names()).not.toEqual(house)).toPass({ timeout: 30_000 });
  await paper.getByRole('button', { name: 'As the house weighs' }).click();
  await expect(async () => expect(await names()).toEqual(house)).toPass({ timeout: 30_000 });
});

test('another demo is opened from the start page', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Another demo' }).click();
  await page.getByRole('menuitem', { name: /Loom/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Open Loom');
});
