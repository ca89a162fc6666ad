import { expect, type Page } from '@playwright/test';
import { emptyPlan } from '../core/plan/index.js';
import { goTo, figures, openPlan, rests, saved, stops, test, withSmallLarder } from './helpers.js';

const SLOW = { timeout: 120_000 };

/** A new plate with a party typed in one line, as somebody does who has read nothing. */
async function newPlate(page: Page, party: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New plate' }).click();
  await seat(page, party);
}

/** The same with a plate for which most of the larder is left out. */
async function smallPlate(page: Page, id: string, party: string): Promise<void> {
  await openPlan(page, withSmallLarder(emptyPlan(id, '2027-05-15T18:00')));
  await seat(page, party);
}

async function seat(page: Page, party: string): Promise<void> {
  await page.getByRole('button', { name: 'Say who is coming' }).click();
  await page.getByRole('textbox', { name: 'The party, in lines' }).fill(party);
  await page.getByRole('button', { name: 'Seat them' }).click();
  await saved(page);
}

async function composed(page: Page): Promise<void> {
  await page.getByRole('link', { name: /^Choose/ }).click();
  await page.getByRole('button', { name: 'Compose a board' }).click();
  await expect(page.getByText('Proven: no board for this brief could be more than')).toBeVisible(SLOW);
  await rests(page);
}

test.describe('a board for a stranger’s party', () => {
  test('fits its party, keeps crumbs from the coeliac guest, and nothing stops service', async ({ page }) => {
    await newPlate(page, '12 guests: 2 vegan, 1 coeliac');
    // the board took the size of the party with the same edit, and goes back with it
    const area = async (what: 'asked' | 'there') =>
      Number(
        /\d+/.exec(
          await figures(page)
            .getByText(new RegExp(`cm² ${what}`))
            .innerText(),
        )?.[0],
      );
    await expect.poll(async () => (await area('there')) / (await area('asked'))).toBeGreaterThan(0.9);
    expect((await area('there')) / (await area('asked'))).toBeLessThan(1.2);
    await composed(page);
    await page.getByRole('link', { name: /^Check/ }).click();
    await expect(page.locator('article[data-code="looked-after"]')).toContainText(
      'Everyone is looked after',
      SLOW,
    );
    await expect(stops(page)).toHaveCount(0);
    await expect(page.getByText(/will not all fit/)).toHaveCount(0);
    await page.getByRole('link', { name: /^Lay/ }).click();
    await expect(page.locator('path[data-element]').first()).toBeAttached(SLOW);
  });

  test('each guest has a portion: one is laid, all are on the menu, and nothing stops service', async ({
    page,
  }) => {
    await smallPlate(page, 'portions', '14, 2 vegetarian');
    await page.getByRole('button', { name: /^Board.*Change$/ }).click();
    await page.getByRole('checkbox', { name: 'A portion of it for each guest' }).click();
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByRole('button', { name: /^12 × Box, .*Change$/ })).toBeVisible();
    await composed(page);
    await expect(stops(page)).toHaveCount(0);
    await page.getByRole('link', { name: /^Lay/ }).click();
    await expect(page.getByText('One of 12 that are alike.')).toBeVisible(SLOW);
    await expect(page.locator('path[data-element]').first()).toBeAttached(SLOW);
    await goTo(page, `${new URL(page.url()).pathname.replace(/\/lay$/, '')}/menu`);
    await expect(page.getByRole('heading', { name: /^12 × Box/ })).toBeVisible();
    await expect(page.getByRole('heading', { name: /^2 × Box, Vegetarian/ })).toBeVisible();
    await expect(page.getByText(/^\d+ pcs$/).first()).toBeVisible();
  });

  test('the proof goes when a hand bends the board, and comes back with the next proposal', async ({
    page,
  }) => {
    await smallPlate(page, 'stranger', '6 guests');
    await composed(page);
    const proof = page.getByText('Proven: no board');
    await page.locator('g[role=button]').first().click();
    await page
      .getByRole('button', { name: /^(Take it off|Leave it out)/ })
      .first()
      .click();
    await page.keyboard.press('Escape');
    await saved(page);
    await expect(proof).toHaveCount(0);
    await page.getByRole('button', { name: 'Fill it up, keep the rest' }).click();
    await expect(page.getByText('Proven: no board that keeps what lay there')).toBeVisible(SLOW);
  });
});

test.describe('a sweet course', () => {
  test('opens as a demo, bites are sweets with their contrast, and nobody is asked for bread', async ({
    page,
  }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Another demo' }).click();
    await page.getByRole('menuitem', { name: /Lamp|sweet/i }).click();
    await page.waitForURL('**/plan/*/brief');
    const id = new URL(page.url()).pathname.split('/')[2]!;
    await goTo(page, `/plan/${id}/check`);
    await expect(page.locator('article[data-code="looked-after"]')).toContainText(
      'Everyone is looked after',
      SLOW,
    );
    await expect(stops(page)).toHaveCount(0);
    await goTo(page, `/plan/${id}/bites`);
    await expect(page.getByText(/ginger|strawberries|gums/i).first()).toBeVisible(SLOW);
    await expect(page.getByText(/kale/i)).toHaveCount(0);
  });
});
