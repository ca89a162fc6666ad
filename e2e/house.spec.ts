import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { openDemo, test } from './helpers.js';

async function keepRoundOak(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Round oak/ }).click();
  await page.getByRole('button', { name: 'Keep in your house' }).click();
  await expect(page.getByText('“Round oak” is in your house.')).toBeVisible();
  await page.keyboard.press('Escape');
}

const boards = (page: Page) => page.getByRole('region', { name: 'Boards and trays' });

test('a board of the house goes out as a file and comes back in, and a plan that used it keeps its copy', async ({
  page,
}) => {
  const id = await openDemo(page);
  await keepRoundOak(page);
  await page.goto('/house');
  await expect(boards(page)).toContainText('Round oak');

  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save your house to a file' }).click(),
  ]);
  const text = await readFile((await file.path())!, 'utf8');
  expect(JSON.parse(text)).toMatchObject({ format: 'round-plate.house' });

  await page.getByRole('button', { name: 'Take out: Round oak' }).click();
  await expect(boards(page)).not.toContainText('Round oak');
  await page.goto(`/plan/${id}/brief`);
  await expect(page.getByRole('button', { name: /^Round oak/ })).toBeVisible();
  await page.goto('/house');
  await page
    .getByLabel('Bring in a house file')
    .setInputFiles({ name: 'house.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(boards(page)).toContainText('Round oak');
});
