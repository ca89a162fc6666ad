import { test as fresh, expect, type Page } from '@playwright/test';
import { openDemo, test } from './helpers.js';

const brie = (page: Page) => page.getByRole('button', { name: /^Brie(, pinned)?\. Arrows/ });
const middle = async (page: Page) => {
  const box = (await brie(page).boundingBox())!;
  return { x: box.x + box.width / 2, y: box.y + box.height / 2, width: box.width };
};

test('the wheel comes nearer to what is under it, and the keys go back to the whole board', async ({
  page,
}) => {
  await openDemo(page, 'lay');
  const was = await middle(page);
  await page.mouse.move(was.x, was.y);
  await page.mouse.wheel(0, -240);
  await expect.poll(async () => (await middle(page)).width).toBeGreaterThan(was.width * 1.5);
  const near = await middle(page);
  expect(Math.abs(near.x - was.x)).toBeLessThan(4);
  expect(Math.abs(near.y - was.y)).toBeLessThan(4);
  await page.keyboard.press('+');
  await expect.poll(async () => (await middle(page)).width).toBeGreaterThan(near.width * 1.3);
  await page.keyboard.press('0');
  await expect.poll(async () => (await middle(page)).width).toBeLessThan(was.width * 1.01);
  await expect(page.getByRole('button', { name: 'Further' })).toBeDisabled();
});

test('looked at near, a food still follows the pointer, and empty ground moves the board', async ({
  page,
}) => {
  await openDemo(page, 'lay');
  const was = await middle(page);
  await page.mouse.move(was.x, was.y);
  await page.mouse.wheel(0, -200);
  await expect.poll(async () => (await middle(page)).width).toBeGreaterThan(was.width * 1.4);
  const near = await middle(page);
  await page.mouse.move(near.x, near.y);
  await page.mouse.down();
  await page.mouse.move(near.x + 15, near.y + 9, { steps: 3 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^Brie, pinned/ })).toBeVisible();
  const dragged = await middle(page);
  expect(Math.abs(dragged.x - near.x - 15)).toBeLessThan(4);
  expect(Math.abs(dragged.y - near.y - 9)).toBeLessThan(4);

  // a spot of the stage where nothing lies
  const ground = await page.evaluate(() => {
    const stage = document.querySelector('main')!.getBoundingClientRect();
    for (let y = stage.top + 60; y < stage.bottom - 80; y += 6)
      for (let x = stage.left + 60; x < stage.right - 160; x += 6) {
        const at = document.elementFromPoint(x, y);
        if (at?.closest('main') && !at.closest('[data-element], button, a')) return { x, y };
      }
    return null;
  });
  expect(ground).not.toBeNull();
  await page.mouse.move(ground!.x, ground!.y);
  await page.mouse.down();
  await page.mouse.move(ground!.x + 40, ground!.y - 30, { steps: 4 });
  await page.mouse.up();
  // painted with the next frame, which a slow machine takes its time for
  await expect(async () => {
    const moved = await middle(page);
    expect(Math.abs(moved.x - dragged.x - 40)).toBeLessThan(4);
    expect(Math.abs(moved.y - dragged.y + 30)).toBeLessThan(4);
  }).toPass({ timeout: 5000 });
});

test('a long board takes the width of the stage, the rim of the plate beneath it', async ({ page }) => {
  await page.setViewportSize({ width: 1440, height: 800 });
  await openDemo(page, 'lay');
  const stage = (await page.getByRole('main').boundingBox())!;
  const wide = async (surface: RegExp): Promise<number> => {
    await page.getByRole('button', { name: surface }).first().click();
    return (await page.locator('main image').first().boundingBox())!.width / stage.width;
  };
  const round = await wide(/^Round oak/);
  await page.getByRole('link', { name: /^Brief/ }).click();
  await page.getByRole('button', { name: /^Quiet tray/ }).click();
  await page.getByLabel('Length').fill('800');
  await page.getByLabel('Length').press('Tab');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await page.getByRole('link', { name: /^Lay/ }).click();
  expect(await wide(/^Quiet tray/)).toBeGreaterThan(round);
});

test.describe('on a touch screen', () => {
  fresh.use({ hasTouch: true, viewport: { width: 1024, height: 768 } });

  fresh('two fingers apart come nearer', async ({ page }) => {
    await openDemo(page, 'lay');
    const was = await middle(page);
    // wherever the brie lies, both fingers are on the board
    const board = (await page.locator('main image').first().boundingBox())!;
    const [x, y] = [board.x + board.width / 2, board.y + board.height / 2];
    const fingers = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', apart = 0) =>
      fingers.send('Input.dispatchTouchEvent', {
        type,
        touchPoints:
          type === 'touchEnd' ? [] : [-1, 1].map((side, id) => ({ x: x + side * (40 + apart), y, id })),
      });
    await touch('touchStart');
    for (let i = 1; i <= 8; i++) await touch('touchMove', i * 5);
    await touch('touchEnd');
    const near = await middle(page);
    expect(near.width / was.width).toBeGreaterThan(1.6);
    expect(near.width / was.width).toBeLessThan(2.4);
    await expect(brie(page)).toHaveAccessibleName(/^Brie\. /);
  });
});

test('the parts of a long table stand side by side, and each is looked at by a press', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Bring in a plan file').setInputFiles('app/public/demo/last-ferry.plate.json');
  await page
    .getByRole('link', { name: /Last Ferry/ })
    .first()
    .click();
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: /^Lay/ }).click();
  const strip = page.getByRole('group', { name: 'The parts of the table side by side' });
  await expect(strip.getByRole('button')).toHaveCount(4);
  await strip.getByRole('button', { name: 'Look at Table, part 3' }).click();
  await expect(page.getByRole('group', { name: 'Table, part 3, laid' })).toBeVisible();
  await expect(strip.getByRole('button', { pressed: true })).toHaveAccessibleName('Look at Table, part 3');
});
