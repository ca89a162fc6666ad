import { expect, type Page } from '@playwright/test';

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
