import { expect, type Locator, type Page } from '@playwright/test';
import { openSmall, test } from './helpers.js';

const pieces = (page: Page) => page.getByRole('button', { name: /Arrows move it, Shift and arrows turn it/ });
/** Whatever lies most on the demo's boards: these walks are through a block of cheddar. */
const takeCheddar = (page: Page) =>
  page
    .getByRole('button', { name: /^Mature cheddar/ })
    .first()
    .click();
/** As it is so far, where more is still looked for: what was found for this block before is there at once. */
const pressedSo = async (page: Page): Promise<void> => {
  await expect(pieces(page).nth(3)).toBeVisible();
  const stop = page.getByRole('button', { name: 'Press it so' });
  if (await stop.isVisible()) await stop.click();
  await rested(page);
};
const rested = (page: Page) => expect(page.getByText('Looking for more')).toHaveCount(0);

/** A point of the window where a press meets this piece: a crescent's own middle is none of it, however it is turned. */
const pointIn = (piece: Locator): Promise<[number, number]> =>
  piece.evaluate((group) => {
    const { x, y, width, height } = group.getBoundingClientRect();
    const steps = [0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8, 0.1, 0.9];
    for (const across of steps)
      for (const down of steps) {
        const at: [number, number] = [x + across * width, y + down * height];
        if (group.contains(document.elementFromPoint(...at))) return at;
      }
    throw new Error('the piece is covered');
  });

test('a slice is nested at once, the search is ended, and a dragged piece stays while the rest finds its place', async ({
  page,
}) => {
  await openSmall(page, 'shape');
  // nothing is known of this block yet: it is looked for before the eyes
  await page.reload();
  await takeCheddar(page);
  await expect(pieces(page).nth(7)).toBeVisible();
  await page.getByRole('button', { name: 'Press it so' }).click();
  await rested(page);
  const first = page.getByRole('button', { name: /^Crescent 1\./ });
  const was = (await first.boundingBox())!;
  const [x, y] = await pointIn(first);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 60, y + 70, { steps: 5 });
  await page.mouse.up();
  const pinned = page.getByRole('button', { name: /^Crescent \d+, pinned/ });
  await expect(pinned).toHaveCount(1);
  const now = (await pinned.boundingBox())!;
  // it settles at the next place that keeps gap and margin
  expect(Math.hypot(now.x - was.x + 60, now.y - was.y - 70)).toBeLessThan(110);
  await rested(page);
  await expect.poll(() => pieces(page).count()).toBeGreaterThan(6);
  expect((await pinned.boundingBox())!.x).toBeCloseTo(now.x, 0);
  await page.getByRole('button', { name: 'Free the pins' }).click();
  await expect(pinned).toHaveCount(0);
});

test('cut-outs lie on the board by their true outline, and the shopping list has what their slices take', async ({
  page,
}) => {
  await openSmall(page, 'shape');
  await takeCheddar(page);
  await pressedSo(page);
  await page.getByRole('button', { name: /^Lay \d+ on/ }).click();
  const lie = page.getByText(/^They lie on/);
  await expect(lie).toBeVisible();
  const [surface] = /Quiet tray|Round oak/i.exec((await lie.textContent())!)!;
  await page.getByRole('navigation', { name: 'Stations' }).locator('a[href$="/lay"]').click();
  await page.getByRole('button', { name: new RegExp(`^${surface}`, 'i') }).click();
  await expect(page.getByRole('button', { name: /^Mature cheddar.*Arrows/ }).first()).toBeVisible();
});

test('life size follows the scale that a card has set, and no word of the bench is cut off', async ({
  page,
}) => {
  await openSmall(page, 'shape');
  await takeCheddar(page);
  await expect(pieces(page).nth(7)).toBeVisible();
  await page.getByRole('button', { name: 'Life size' }).click();
  const wide = async () =>
    page.evaluate(() => {
      const slice = document.querySelector('main svg path[fill^="url(#bench-stripes"]')!;
      return slice.getBoundingClientRect().width;
    });
  // 110 mm at 96 pixels an inch, and its edge
  await expect.poll(wide).toBeGreaterThan(110 * (96 / 25.4) - 2);
  expect(await wide()).toBeLessThan(110 * (96 / 25.4) + 8);
  for (const craft of ['Window', 'Mould', 'Fold', 'Word', 'Motif', 'Fruit', 'Skewers', 'Cut out']) {
    await page.getByRole('radio', { name: craft }).click();
    await expect(page.getByRole('radio', { name: craft })).toBeChecked();
    const sideways = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth);
    expect([craft, sideways]).toEqual([craft, false]);
  }
});

test('a hostile drawing runs nothing and fetches nothing; each is refused with its reason', async ({
  page,
}) => {
  const fetched: string[] = [];
  page.on('request', (request) => fetched.push(request.url()));
  await openSmall(page, 'shape');
  await takeCheddar(page);
  await expect(pieces(page).nth(7)).toBeVisible();
  const points = 'L1 1 2 2'.repeat(150_000);
  for (const [svg, reason] of [
    ['<svg xmlns="http://www.w3.org/2000/svg"><script>window.ran = true</script></svg>', 'no closed outline'],
    [
      '<svg xmlns="http://www.w3.org/2000/svg"><image href="http://127.0.0.1:9/x.png" onerror="window.ran = true"/></svg>',
      'no closed outline',
    ],
    [`<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0${points}Z"/></svg>`, ''],
    ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'no closed outline'],
  ] as const) {
    await page
      .getByLabel('A drawing (SVG) or a set of cutters (JSON)')
      .setInputFiles({ name: 'mine.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
    await expect(page.getByRole('alert')).toContainText(`mine.svg: `);
    await expect(page.getByRole('alert')).toContainText(reason);
  }
  expect(await page.evaluate(() => 'ran' in window)).toBe(false);
  expect(fetched.filter((url) => url.includes(':9/'))).toEqual([]);
});

test('a window that does not fit is told, offcuts fill a mould, a word and a motif lie on the board', async ({
  page,
}) => {
  await openSmall(page, 'shape');
  await takeCheddar(page);
  await pressedSo(page);
  await page.getByRole('button', { name: /^Lay \d+ on/ }).click();
  await expect(page.getByText(/^They lie on/)).toBeVisible();

  const craft = (name: string) => page.getByRole('radio', { name }).click();
  await craft('Window');
  await page.getByRole('button', { name: /^Cutter across/ }).click();
  await page.getByLabel('Cutter across, mm').fill('100');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'It does not fit' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make it so' })).toBeDisabled();

  await craft('Mould');
  await page
    .getByRole('button', { name: /offcuts/ })
    .first()
    .click();
  await expect(page.getByText('offcuts', { exact: false }).first()).toBeVisible();
  await page.getByRole('button', { name: /^Lay \d+ on/ }).click();

  await craft('Word');
  await page.getByLabel('Word or initials').fill('Sky');
  await page.getByRole('button', { name: /^Lay it on/ }).click();
  const laid = page.getByText(/^It lies on/);
  await expect(laid).toBeVisible();
  const where = (await laid.textContent())!.replace(/^It lies on (.*)\.$/, '$1');

  await craft('Motif');
  await expect(page.locator('main image').first()).toBeVisible();
  await page.getByRole('button', { name: /^Lay it on/ }).click();
  await expect(page.getByText(/^It lies on/)).toBeVisible();
  await page.getByRole('navigation', { name: 'Stations' }).locator('a[href$="/lay"]').click();
  await expect(page.getByRole('button', { name: /^Dark brined olives.*Arrows/ }).first()).toBeVisible();
  await page.getByRole('button', { name: new RegExp(`^${where}`) }).click();
  await expect(page.getByRole('button', { name: /^Sky in .*Arrows/ }).first()).toBeVisible();
});
