import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { openDemo, pick, test } from './helpers.js';

test.describe('guests', () => {
  test('what a group is sure of is reckoned with greedy others, and a card is handed over', async ({
    page,
  }) => {
    await openDemo(page, 'check');
    await page.getByText('If the others take more').click();
    await page.getByRole('slider').press('End');
    await expect(page.getByRole('complementary', { name: 'Shelf' })).toContainText('At 3 times their share');

    await page
      .getByRole('button', { name: /^Vegan, 6 .*See the board/ })
      .first()
      .click();
    await page.getByRole('link', { name: 'A card to hand over' }).click();
    await expect(page.getByRole('heading', { name: 'Bites for you' })).toBeVisible();
    await expect(page.getByText(/as long as those who eat everything take no more than/)).toBeVisible();
    const card = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save the card' }).click();
    expect(readFileSync(await (await card).path(), 'utf8')).toContain('You may eat');
  });

  test('a part of the board is kept for somebody, a food is moved there with a tool of its own, and it is laid apart', async ({
    page,
  }) => {
    await openDemo(page);
    await page.getByRole('button', { name: /^Round oak/ }).click();
    const oak = page.getByRole('dialog', { name: 'Round oak' });
    await oak.getByLabel('Vegan, a part').check();
    await oak.getByRole('button', { name: 'Keep', exact: true }).click();
    await page.getByRole('link', { name: /^Choose/ }).click();
    await page.locator('g[role=button]').first().click();
    const paper = page.getByRole('dialog').first();
    await paper.getByLabel('in the part for Vegan').first().check();
    await expect(paper.getByLabel('own tool').first()).toBeChecked();
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: /^Lay/ }).click();
    const file = async () => {
      const wait = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Plan', exact: true }).click();
      return readFileSync(await (await wait).path(), 'utf8');
    };
    await expect(async () =>
      expect((await file()).split('"inZone": true').length).toBeGreaterThan(2),
    ).toPass();
  });

  test('a plate of their own is added by its remedy, and laid', async ({ page }) => {
    await openDemo(page, 'check');
    await pick(page, 'Who is looked after, and how', 'a plate of their own');
    const slip = page.getByRole('article', { name: /No plate of their own for “Halal” yet/ });
    await slip.getByRole('button', { name: /^A plate of their own/ }).click();
    await expect(page.getByRole('button', { name: /^Plate for Halal/ })).toBeVisible();
    await expect(slip).toHaveCount(0);
  });
});
