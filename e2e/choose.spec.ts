import { readFile } from 'node:fs/promises';
import { expect } from '@playwright/test';
import { openDemo, test } from './helpers.js';

test.describe('the whole board', () => {
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
