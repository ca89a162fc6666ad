import { expect, type Locator, type Page } from '@playwright/test';

/** Opens the demo from an empty browser, in one press, and waits until it stands on the table. */
export async function openDemo(page: Page, station = 'brief'): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await page.waitForURL('**/plan/*/brief');
  const id = new URL(page.url()).pathname.split('/')[2]!;
  if (station !== 'brief')
    await page.getByRole('navigation', { name: 'Stations' }).locator(`a[href$="/${station}"]`).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Comet Watch');
  return id;
}

/** Every edit is in the store: nothing waits any more. */
export const saved = (page: Page) => expect(page.getByTestId('saved')).toBeVisible();

/** The cards on the start page. */
export const planCards = (page: Page) => page.getByRole('list', { name: 'Plans' }).getByRole('listitem');

/** The kitchen has done what it was asked for. */
export const rests = (page: Page, timeout = 30_000) =>
  expect(page.getByRole('button', { name: 'Stop', exact: true })).toHaveCount(0, { timeout });

/** Slips that stop service. */
export const stops = (page: Page) => page.getByRole('article', { name: /^Stops service/ });

export const figures = (page: Page) => page.getByRole('group', { name: 'In figures' });

/** Opens a choice by its name, within a page or a paper, and picks the words. */
export async function pick(
  where: Page | Locator,
  name: string | RegExp,
  words: string | RegExp,
): Promise<void> {
  const exact = typeof name === 'string' ? { exact: true } : {};
  await pickFrom(where.getByRole('combobox', { name, ...exact }), words);
}

export async function pickFrom(choice: Locator, words: string | RegExp): Promise<void> {
  await choice.click();
  const exact = typeof words === 'string' ? { exact: true } : {};
  await choice
    .page()
    .getByRole('option', { name: words, ...exact })
    .first()
    .click();
}
