import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { openDemo, pick, saved, test } from './helpers.js';

const LABEL =
  'Ingredients: WHEAT flour, butter (MILK), emulsifier E471, natural flavouring, salt. May contain sesame.';

test.describe('foods', () => {
  test('a label is pasted, its words are marked, its doubts asked, and the food is in the larder', async ({
    page,
  }) => {
    await openDemo(page, 'choose');
    await page.getByRole('button', { name: 'Read a label' }).click();
    const paper = page.getByRole('dialog', { name: 'Read a label' });
    await paper.getByLabel('The words of the label').fill(LABEL);
    await expect(paper.locator('mark[data-kind=contains]').first()).toContainText('WHEAT');
    await expect(paper.locator('mark[data-kind=may]')).toContainText('sesame');
    await expect(paper).toContainText('2 questions');
    await expect(paper).toContainText('E471: made of plant or of animal fat?');
    await expect(paper.getByRole('listitem').filter({ hasText: 'Coeliac' })).toContainText('not for them');
    await paper.getByLabel('Name of the food').fill('Butter twists');
    await paper.getByLabel('Your name').fill('Ada');
    await paper.getByRole('button', { name: 'Put it in the larder' }).click();
    await page.getByLabel('Look in the larder').fill('buter twits');
    await page.getByRole('button', { name: /^Butter twists/ }).click();
    const food = page.getByRole('dialog', { name: 'Butter twists' });
    await expect(food).toContainText('Label read by Ada');
    await food.getByRole('button', { name: 'Change its facts' }).click();
    await pick(page, 'soy', /^(contains|in it|it has it)/);
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await saved(page);
    await page.reload();
    await page.getByRole('button', { name: 'Your own foods (1)' }).click();
    const wait = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as a table (CSV)' }).click();
    const csv = readFileSync(await (await wait).path(), 'utf8');
    expect(csv).toContain('Butter twists');
    expect(csv).toContain('allergen.soy=contains');
    await page.getByRole('button', { name: 'Butter twists', exact: true }).click();
    await page.getByRole('button', { name: 'Delete it' }).click();
    await expect(page.getByRole('button', { name: 'Your own foods', exact: true })).toBeVisible();
    await page.getByRole('button', { name: /^Undo: delete a component/ }).click();
    await expect(page.getByRole('button', { name: 'Your own foods (1)' })).toBeVisible();
  });

  test('the larder forgives typing errors, narrows by who may eat it, and refuses a toxic leaf with its reason', async ({
    page,
  }) => {
    await openDemo(page, 'choose');
    const search = page.getByLabel('Look in the larder');
    await search.fill('gherkni');
    await expect(page.getByRole('button', { name: /^Cornichons/ })).toBeVisible();
    await search.fill('');
    await pick(page, 'Family', 'cheese');
    await pick(page, 'Who may eat it', 'Vegan');
    await expect(page.getByRole('button', { name: /^Sunflower-seed round/ })).toBeVisible();
    await expect(
      page.getByRole('complementary', { name: 'Shelf' }).getByRole('button', { name: /Brie/ }),
    ).toHaveCount(0);
    await pick(page, 'Family', 'any family');
    await pick(page, 'Who may eat it', 'for anyone');
    await search.fill('ivy');
    await expect(page.getByRole('alert')).toContainText('must not touch food');
  });
});

test.describe('guests', () => {
  test('a party comes as a table, from replies and from an earlier plan', async ({ page }) => {
    await openDemo(page);
    await page.getByRole('button', { name: 'More ways' }).click();
    const paper = page.getByRole('dialog', { name: 'More ways to seat a party' });
    await paper.getByLabel('A table of guests').setInputFiles({
      name: 'party.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('name,count,needs\nHarbour choir,12,\nPilots,2,pescatarian\nOdd,2,hallal\n'),
    });
    await expect(paper).toContainText('Understood: 14 guests');
    await expect(paper.getByRole('alert')).toContainText('Row 4, needs: "hallal" is no need');
    await paper.getByLabel('Their answers').fill('Your name: Jory\nWe eat: vegetarian\nAllergies: sesame\n');
    await expect(paper).toContainText('Jory: vegetarian, sesame allergy');
    await paper.getByRole('button', { name: 'Seat them too' }).click();
    await expect(page.getByRole('button', { name: /^Jory: vegetarian/ }).first()).toBeVisible();
    await saved(page);

    await page.goto('/');
    await page
      .getByRole('button', { name: /new plate|New plate|fresh/i })
      .first()
      .click();
    await page.getByRole('button', { name: 'More ways' }).click();
    await pick(page, 'The party of', /Comet/);
    await page.getByRole('button', { name: 'Seat them' }).click();
    await expect(page.getByRole('button', { name: /^Vegan, 6 ×/ })).toBeVisible();
  });

  test('a question is answered in the list, with who said so, and a card is handed over', async ({
    page,
  }) => {
    await openDemo(page, 'check');
    await page.getByRole('button', { name: /^Questions for labels/ }).click();
    const list = page.getByRole('dialog', { name: 'Questions for labels and makers' });
    const wait = page.waitForEvent('download');
    await list.getByRole('button', { name: 'Save as text' }).click();
    expect(readFileSync(await (await wait).path(), 'utf8')).toContain('[ ]');
    await list.getByRole('button', { name: 'Answer for Pork salami' }).click();
    const label = page.getByRole('dialog', { name: /The label of pork salami/ });
    await pick(label, /alcohol/, /free/);
    await label.getByLabel('What you saw').fill('label, lot 12');
    await label.getByLabel('Where the photograph is').fill('folder of May');
    await label.getByLabel('Your name').fill('Ada');
    await label.getByLabel(/Hold it for new plans/).check();
    await label.getByRole('button', { name: 'Note it' }).click();
    await expect(list).toContainText('alcohol free. Label, lot 12');
    await expect(list).toContainText('photograph: folder of May');
    // what is held is offered again where it is open, and never taken over unasked
    await list.getByRole('button', { name: 'Take back what was read of Pork salami: alcohol free' }).click();
    await expect(list).not.toContainText('alcohol free. Label, lot 12');
    await list.getByRole('button', { name: 'Use what you hold for pork salami' }).click();
    await expect(list).toContainText('alcohol free. Label, lot 12');
    await page.keyboard.press('Escape');

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
    await expect(page.getByRole('button', { name: /^Plate for Halal/ })).toBeVisible({ timeout: 20_000 });
    await expect(slip).toHaveCount(0);
  });
});
