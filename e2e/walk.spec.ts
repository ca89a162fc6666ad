import { expect } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import { PDFDocument } from 'pdf-lib';
import { CATALOGUE } from '../core/catalogue/index.js';
import { drag, goTo, figures, openDemo, openSmall, planCards, rests, saved, stops, test } from './helpers.js';

test.describe('the whole walk', () => {
  test('the demo opens composed, laid and looked after, and its figures agree on every station', async ({
    page,
  }) => {
    const problems: string[] = [];
    page.on('pageerror', (error) => problems.push(error.message));
    page.on(
      'console',
      (consoleMessage) => consoleMessage.type() === 'error' && problems.push(consoleMessage.text()),
    );
    const id = await openDemo(page);
    await expect(page.getByText(/^28 guests, Saturday,? 15 May, 22:00/)).toBeVisible();
    await expect(page.getByText('25.5 portions of 230 g, 28 guests')).toBeVisible();
    await page.getByRole('link', { name: /^Choose/ }).click();
    await expect(page.getByText('of 5.88 kg')).toBeVisible();
    await page.getByRole('link', { name: /^Check/ }).click();
    await expect(page.getByText('Is everyone looked after?')).toBeVisible();
    await expect(page.locator('article[data-code="looked-after"]')).toBeVisible();
    await expect(stops(page)).toHaveCount(0);
    await page.getByRole('link', { name: /^Lay/ }).click();
    await expect(page.locator('path[data-element]').first()).toBeAttached();
    await goTo(page, `/plan/${id}/sheet`);
    await expect(page.getByRole('heading', { name: /Quiet tray: no pork, nuts, gluten/ })).toBeVisible();
    await expect(
      page.getByRole('img', { name: /^Round oak, laid, each food with its number/ }),
    ).toBeVisible();
    await expect(page.locator('svg[role=img] image').first()).toBeAttached();
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
    await expect(page.getByText(/\d+ kinds/)).not.toHaveText(/^0 kinds/);
    await rests(page);

    await page.getByRole('link', { name: /^Lay/ }).click();
    await expect(page.locator('path[data-element]').first()).toBeAttached();
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
    const picture = async (name: RegExp) => {
      await page.getByRole('button', { name: 'Pictures' }).click();
      await page.getByRole('menuitem', { name }).click();
    };
    const [svg] = await Promise.all([page.waitForEvent('download'), picture(/^SVG of (?!every)/)]);
    expect(readFileSync(await svg.path(), 'utf8')).toContain('<svg');
    const [png] = await Promise.all([page.waitForEvent('download'), picture(/^PNG of (?!every)/)]);
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
    await expect(planCards(page)).toHaveCount(2);
    await planCards(page).first().getByRole('link').click();
    await page.getByRole('link', { name: /^Lay/ }).click();
    const [again] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Plan', exact: true }).click(),
    ]);
    const strip = (text: string) => text.replace(/^ "id": "[^"]+",?\n/m, '');
    expect(strip(readFileSync(await again.path(), 'utf8'))).toBe(strip(text));
  });

  test('without the nut guest and the quiet tray nuts come; the guest back again is told, and a remedy clears it', async ({
    page,
  }) => {
    await openDemo(page, 'brief');
    await page.getByRole('button', { name: /^Tree-nut allergy, 1 ×/ }).click();
    await page.getByRole('button', { name: 'Not coming' }).click();
    await page.getByRole('button', { name: /^Quiet tray/ }).click();
    await page.getByRole('button', { name: 'Take it away' }).click();
    await page.getByRole('link', { name: /^Choose/ }).click();
    await page.getByRole('button', { name: 'Compose it anew, keep pins' }).click();
    await rests(page);
    const names = CATALOGUE.filter(
      ({ family, allergens }) => family === 'nut-seed' && allergens['tree-nuts'] === 'contains',
    ).map(({ name }) => name);
    const nuts = page.getByRole('button', { name: new RegExp(`^(${names.join('|')})[^.]*\\. Open$`) });
    await expect(nuts.first()).toBeVisible();

    await page.getByRole('link', { name: /^Brief/ }).click();
    await page.getByRole('button', { name: /^Undo/ }).waitFor();
    await page.getByRole('button', { name: /^Eat everything, 11 ×/ }).click();
    await page.getByRole('button', { name: 'Tree-nut allergy', exact: true }).click();
    await page.getByRole('button', { name: 'Keep' }).click();
    const slip = page.locator('article[data-code="same-surface"]', { hasText: 'Eat everything' });
    await expect(slip).toContainText('Stops service');
    await slip
      .getByRole('button', { name: /of (its|their) own/ })
      .first()
      .click();
    await rests(page);
    await expect(slip).toHaveCount(0);
  });

  test('on the laid board a swap lies in its place under the pointer; taken, nothing else moves', async ({
    page,
  }) => {
    await openSmall(page, 'lay');
    const inReach = page.getByRole('button', { name: /Arrows move it/ });
    const places = () =>
      inReach.evaluateAll((list) =>
        list.map((e) => `${e.getAttribute('aria-label')!.split('.')[0]!} ${e.getAttribute('d')!}`).sort(),
      );
    const salami = (list: string[]) => list.filter((x) => !x.startsWith('Pork salami'));
    await expect(inReach.first()).toBeVisible();
    const before = await places();
    await page
      .getByRole('button', { name: /^Pork salami\. Arrows/ })
      .first()
      .press('Enter');
    await page.getByRole('button', { name: 'Swap it', exact: true }).click();
    const paper = page.getByRole('dialog', { name: 'Instead of pork salami' });
    // the first that takes its place: with a twin for some guests it would stay
    const take = paper.getByRole('button', { name: /^Take it: (?!Pork salami)/ }).first();
    await expect(take).toBeVisible();
    await expect(paper.getByText('Trying each')).toHaveCount(0);
    const name = (await take.getAttribute('aria-label'))!.replace('Take it: ', '');
    const lying = page.locator(`[aria-label^="${name}"][aria-label*="Arrows"]`);
    await take.hover();
    await expect(lying.first()).toBeAttached();
    await paper.getByRole('heading').hover();
    await expect(lying).toHaveCount(0);
    await take.click();
    await rests(page);
    await expect(lying.first()).toBeAttached();
    const after = (await places()).filter((x) => !x.startsWith(name));
    expect(after).toEqual(salami(before));
  });

  test('the board is painted as the guest sees it who is picked, and as it lies again', async ({ page }) => {
    await openSmall(page, 'check');
    const picture = page.locator('image').first();
    // the sharp one has come, and stays
    const painted = async (but: string | null): Promise<string> => {
      let last: string | null = null;
      await expect(async () => {
        const now = await picture.getAttribute('href');
        const settled = now === last && now !== but;
        last = now;
        expect(settled).toBe(true);
      }).toPass({ intervals: [1200], timeout: 30_000 });
      return last!;
    };
    const asItLies = await painted(null);
    await page
      .getByRole('button', { name: /^Coeliac, 1 guest/ })
      .locator('circle')
      .first()
      .click();
    const theirs = await painted(asItLies);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Coeliac, 1 guest/ }).press('Enter');
    await painted(theirs);
  });

  test('the layout’s figures are on the foot slip and follow a drag', async ({ page }) => {
    await openDemo(page, 'lay');
    const foot = figures(page);
    await expect(foot).toContainText(/9[5-9] % covered/);
    await expect(foot).not.toContainText('overlap');
    const brie = page.getByRole('button', { name: /^Brie\. Arrows/ });
    const blue = page.getByRole('button', { name: /^Creamy blue\. Arrows/ });
    const [from, to] = [(await brie.boundingBox())!, (await blue.boundingBox())!];
    const over = (axis: 'x' | 'y', side: 'width' | 'height') =>
      to[axis] + to[side] / 2 - from[axis] - from[side] / 2;
    await drag(page, brie, over('x', 'width'), over('y', 'height'));
    await expect(foot).toContainText(/1 overlap/);
    await page.getByRole('button', { name: /^Undo: move/ }).click();
    await expect(foot).not.toContainText('overlap');
  });

  test('an element is dragged and pinned, and stays when the rest is laid again', async ({ page }) => {
    await openSmall(page, 'lay');
    const brie = page.getByRole('button', { name: /^Brie\. Arrows/ });
    const before = (await brie.boundingBox())!;
    await drag(page, brie, 20, 16);
    const pinned = page.getByRole('button', { name: /^Brie, pinned/ });
    await expect(pinned).toBeVisible();
    const moved = (await pinned.boundingBox())!;
    expect(moved.x).toBeGreaterThan(before.x + 10);
    await page.getByRole('button', { name: 'Lay it again, keep pins' }).click();
    await rests(page);
    const after = (await page.getByRole('button', { name: /^Brie, pinned/ }).boundingBox())!;
    expect(Math.abs(after.x - moved.x)).toBeLessThan(2);
  });

  test('a pile is parted and joined by keys, two trade places, and one undo takes each back', async ({
    page,
  }) => {
    await openSmall(page, 'lay');
    const piles = page.locator('[data-element*="strawberries"]');
    await expect(piles).not.toHaveCount(0);
    const count = await piles.count();
    await piles.first().press('s');
    await expect(piles).toHaveCount(count + 1);
    await rests(page);
    await page.getByRole('button', { name: /^Undo: part a pile/ }).click();
    await expect(piles).toHaveCount(count);
    await piles.first().press('j');
    await expect(piles).toHaveCount(count - 1);
    await rests(page);
    await page.getByRole('button', { name: /^Undo: put piles together/ }).click();
    await expect(piles).toHaveCount(count);
    const brie = page.getByRole('button', { name: /^Brie\. Arrows/ });
    const from = (await brie.boundingBox())!;
    await brie.focus();
    await page.getByRole('button', { name: 'Trade places' }).click();
    const dip = page.getByRole('button', { name: /^Avocado dip.*Arrows/ });
    await dip.focus();
    await expect(page.getByRole('button', { name: /^Brie, pinned/ })).toHaveCount(0);
    await dip.press('Enter');
    const traded = (await page.getByRole('button', { name: /^Brie, pinned/ }).boundingBox())!;
    expect(Math.abs(traded.x - from.x) + Math.abs(traded.y - from.y)).toBeGreaterThan(40);
  });

  test('another arrangement is taken, and only one slip is laid otherwise', async ({ page }) => {
    await openDemo(page, 'lay');
    const picture = () => page.locator('[data-element*="brie"]').first().boundingBox();
    const before = (await picture())!;
    await page.getByRole('button', { name: 'Other arrangements' }).click();
    await page.getByRole('button', { name: 'Take arrangement 3' }).click({ timeout: 60_000 });
    await expect(page.getByRole('dialog')).toHaveCount(0);
    const taken = (await picture())!;
    expect(Math.abs(taken.x - before.x) + Math.abs(taken.y - before.y)).toBeGreaterThan(5);
    await page.getByRole('button', { name: /^Undo: take another/ }).click();
    const slips = page.locator('article[data-code="juice-in-crackers"], article[data-code="one-patch"]');
    // a slip of a surface that is not looked at lights nothing here
    const lit = page.locator('[data-lit]').first();
    await expect
      .poll(async () => {
        // the board is looked at anew, and a slip may be off the spike by then
        for (const slip of await slips.all()) {
          await slip.hover({ timeout: 2_000 }).catch(() => {});
          if (await lit.isVisible()) return true;
        }
        return false;
      })
      .toBe(true);
    // what cannot be mended without touching the rest is said, and the next one is tried
    const mended = page.getByRole('button', { name: /^Undo: lay only this otherwise/ });
    const none = page.getByText(/^No better place was found/);
    for (let k = 0; !(await mended.isVisible()); k++) {
      await expect(none).toHaveCount(0);
      await slips
        .nth(k)
        .getByRole('button', { name: /^Fix only this/ })
        .click();
      await expect(mended.or(none).first()).toBeVisible();
    }
    // all else stays
    expect(await picture()).toEqual(before);
  });

  test('how it is laid is printed step by step, and a template in true size has the paper’s pages', async ({
    page,
  }) => {
    await openDemo(page, 'lay');
    await page.getByRole('button', { name: 'On paper' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: /^Template of .*round oak/ }).click(),
    ]);
    const pdf = await PDFDocument.load(readFileSync(await file.path()));
    expect(pdf.getPageCount()).toBeGreaterThan(6);
    expect(Math.round(pdf.getPage(0).getWidth())).toBe(595);
    await page.getByRole('button', { name: 'On paper' }).click();
    await page.getByRole('menuitem', { name: 'Step by step' }).click();
    await expect(
      page.getByRole('heading', { name: '1. What stands: bowls and figures' }).first(),
    ).toBeVisible();
    await expect(page.getByText(/pieces in 2 places/).first()).toBeVisible();
  });

  test('the pictures of all surfaces come in one file', async ({ page }) => {
    await openDemo(page, 'lay');
    await page.getByRole('button', { name: 'Pictures' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: 'SVG of every surface' }).click(),
    ]);
    expect(file.suggestedFilename()).toBe('comet-watch-pictures.zip');
    const files = unzipSync(new Uint8Array(readFileSync(await file.path())));
    expect(Object.keys(files)).toHaveLength(4);
    for (const svg of Object.values(files)) expect(strFromU8(svg)).toContain('</svg>');
    await page.getByRole('button', { name: 'Pictures' }).click();
    const [paper] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: 'PDF of round oak' }).click(),
    ]);
    expect(paper.suggestedFilename()).toBe('comet-watch-round-oak-picture.pdf');
    const pdf = await PDFDocument.load(readFileSync(await paper.path()));
    expect([pdf.getPageCount(), Math.round(pdf.getPage(0).getSize().height)]).toEqual([1, 842]);
  });
});
