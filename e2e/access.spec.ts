import type axe from 'axe-core';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { test as fresh, expect, type Page } from '@playwright/test';
import { emptyPlan } from '../core/plan/index.js';
import { goTo, openSmall, openPlan, planCards, rests, test, withSmallLarder } from './helpers.js';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** Colours take half of the time: they hang neither on the width nor on what lies behind a paper. */
type Look = 'all' | 'colours' | 'no-colours';

/** No fault by day; in the evening the colours are looked at again. Within the paper on top, where there is one. */
async function clean(page: Page, colours = true): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  await page.waitForFunction(() => [...document.images].every((i) => i.complete));
  const found = await faults(page, colours ? 'all' : 'no-colours');
  if (colours) {
    await page.evaluate(() => document.body.classList.add('evening'));
    found.push(...(await faults(page, 'colours')));
    await page.evaluate(() => document.body.classList.remove('evening'));
  }
  expect(found).toEqual([]);
}

const faults = (page: Page, look: Look): Promise<string[]> =>
  page.evaluate(async (look) => {
    await Promise.allSettled(document.getAnimations().map((animation) => animation.finished));
    // passes are not asked for: on a page of a thousand shapes they take most of the time
    const paper = [...document.querySelectorAll('[role=dialog]')].at(-1);
    const { axe: looker } = window as unknown as { axe: typeof axe };
    // a paper lies over everything: what is beneath it would be walked through all the same
    const beneath = paper && document.getElementById('root')!;
    beneath?.remove();
    const { violations } = await looker.run(paper ?? document, {
      resultTypes: ['violations'],
      preload: false,
      ...(look === 'colours' ? { runOnly: ['color-contrast'] } : {}),
      ...(look === 'no-colours' ? { rules: { 'color-contrast': { enabled: false } } } : {}),
    });
    if (beneath) document.body.prepend(beneath);
    return violations.flatMap((result) => {
      // a drawing that is pressed has figures in it (a seat its number) that are no part of its name
      const spoken =
        result.id === 'label-content-name-mismatch'
          ? result.nodes.filter((node) => !/^<g /.test(node.html))
          : result.nodes;
      const where = spoken.slice(0, 3).map((node) => node.target.join(' '));
      if (spoken.length === 0) return [];
      return `${result.id}: ${where.join(', ')}`;
    });
  }, look);

const STATIONS = ['brief', 'choose', 'check', 'shape', 'lay', 'make'] as const;

/** A screen, and a tablet held upright, where things stand otherwise. */
async function cleanInBothSizes(page: Page): Promise<void> {
  await page.setViewportSize({ width: 1280, height: 800 });
  await clean(page);
  await page.setViewportSize({ width: 800, height: 1100 });
  await clean(page, false);
}

test('no station has an axe violation, on a screen and on a tablet', async ({ page }) => {
  const id = await openSmall(page);
  for (const station of STATIONS) {
    await goTo(page, `/plan/${id}/${station}`);
    await expect(page.locator(`[aria-current="step"][href$="/${station}"]`)).toBeVisible();
    await cleanInBothSizes(page);
  }
});

test('the sheet and the start page have no axe violation', async ({ page }) => {
  const id = await openSmall(page);
  await goTo(page, `/plan/${id}/sheet`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await cleanInBothSizes(page);
  await page.goto('/');
  await expect(planCards(page)).toHaveCount(1);
  await cleanInBothSizes(page);
});

/** Opens each dialog, looks at it, and closes it again. */
const lookAt = (page: Page) => ({
  opened: async (open: () => Promise<void>): Promise<void> => {
    await open();
    await expect(page.getByRole('dialog').first()).toBeVisible();
    await clean(page);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  },
  press: (name: string | RegExp) => page.getByRole('button', { name }).first().click(),
});

test('no dialog of Brief has an axe violation', async ({ page }) => {
  await openSmall(page);
  const { opened, press } = lookAt(page);
  await press('Type the party');
  await page.getByRole('textbox', { name: 'The party, in lines' }).fill('4 guests: 1 vegan, 1 owl');
  await clean(page);
  await press('Leave it');
  await opened(() => press('More ways'));
  await opened(() => press(/^Vegan, 2 ×/));
  await opened(async () => {
    await press(/^Vegan, 2 ×/);
    await press('In plain words');
  });
  await opened(async () => {
    await press(/^Vegan, 2 ×/);
    await press('A rule of your own …');
  });
  await opened(() => press(/^Round oak/));
  await opened(() => press(/^Air/));
  await opened(() => press('Side by side'));
  await opened(async () => {
    await press(/^Theme/);
    await page.getByText('Start from an idea').click();
  });
  await opened(() => press(/knives at hand/));
  await opened(() => page.keyboard.press('Control+k'));
});

test('no dialog of Choose has an axe violation', async ({ page }) => {
  await openSmall(page, 'choose');
  const { opened, press } = lookAt(page);
  await opened(() => press('Brie. Open'));
  await opened(() => press('At a glance'));
  await opened(() => press('Turn the whole board'));
  await opened(async () => {
    await page.locator('g[role=button]').first().click();
    await press(/^Swap it$/);
    await expect(page.getByText('of 100').first()).toBeVisible();
  });
  await opened(() => press('Something of your own'));
  await opened(() => press('Your own foods'));
  await opened(async () => {
    await press('Read a label');
    await page.getByLabel('The words of the label').fill('Wheat flour, lecithin. May contain milk.');
  });
  await page.getByLabel('Look in the larder').fill('ivy');
  await clean(page);
});

test('no paper and no dialog of Check has an axe violation', async ({ page }) => {
  const id = await openSmall(page);
  const { opened, press } = lookAt(page);
  for (const paper of ['reply', 'bites', 'card/vegan']) {
    await goTo(page, `/plan/${id}/${paper}`);
    await expect(page.getByRole('heading', { level: 1, name: /^Comet Watch/ }).first()).toBeVisible();
    await clean(page);
  }
  await goTo(page, `/plan/${id}/check`);
  await opened(() => press(/^Questions for labels/));
  await opened(() => press(/^Label read/));
  await opened(() => press(/^Why this/));
  await opened(() => press(/settled slips again/));
});

test('by keyboard alone: stations, guest view, step back, squint, help, command box', async ({ page }) => {
  await openSmall(page);
  await page.locator('body').click({ position: { x: 5, y: 795 } });
  await page.keyboard.press('3');
  await page.waitForURL('**/check');
  await page.keyboard.press('g');
  await expect(page.getByRole('button', { name: /^Seen by Eat everything/ })).toBeVisible();
  await page.keyboard.press(' ');
  await expect(page.locator('[data-stepped]')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('b');
  await expect(page.locator('[data-squint]')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox')).toBeFocused();
  await page.keyboard.type('Go to Lay');
  await page.keyboard.press('Enter');
  await page.waitForURL('**/lay');
  const brie = page.getByRole('button', { name: /^Brie\. Arrows/ });
  await brie.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: /^Brie, pinned/ })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.getByRole('button', { name: /^Brie\. Arrows/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Brie, pinned/ })).toBeVisible();
});

/** Tabs until the thing of this name has the focus: what a stylist without a mouse does. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 140; i++) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const element = document.activeElement;
      return element?.getAttribute('aria-label') ?? element?.textContent ?? '';
    });
    if (name.test(label.trim())) return;
  }
  throw new Error(`expected to reach ${String(name)} by Tab`);
}

test('the whole way without a mouse: new plate, party, compose, settle, lay, export', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'New plate' })).toBeVisible();
  await tabTo(page, /^New plate$/);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/brief');
  // a board of sixty foods is composed at once
  await openPlan(page, withSmallLarder(emptyPlan('without-a-mouse', '2027-05-15T18:00')));
  await tabTo(page, /^Say who is coming$/);
  await page.keyboard.press('Enter');
  await page.keyboard.type('10 guests: 3 vegan, 1 coeliac');
  await expect(page.getByText('Understood: 10 guests')).toBeVisible();
  await tabTo(page, /^Seat them$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await tabTo(page, /^Choose: /);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/choose');
  await tabTo(page, /^Compose a board$/);
  await page.keyboard.press('Enter');
  await rests(page);
  await tabTo(page, /^Check: /);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/check');
  await tabTo(page, /^Let it be|^A board of its own|^Bowls? of /);
  await page.keyboard.press('Enter');
  await rests(page);
  await expect(page.getByRole('button', { name: /^Undo: (bowl|a b|give|settle)/ })).toBeVisible();
  await tabTo(page, /^Lay: /);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/lay');
  await expect(page.locator('path[data-element]').first()).toBeAttached();
  await tabTo(page, /Arrows move it/);
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('button', { name: /, pinned\. Arrows/ })).toBeVisible();
  await tabTo(page, /^Plan$/);
  const [file] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')]);
  expect(file.suggestedFilename()).toMatch(/\.plate\.json$/);
});

test.describe('on a touch screen', () => {
  fresh.use({ hasTouch: true, viewport: { width: 1024, height: 768 } });

  fresh('a finger drags a food, and it is pinned where it was let go', async ({ page }) => {
    await openSmall(page, 'lay');
    const brie = page.getByRole('button', { name: /^Brie\. Arrows/ });
    const box = (await brie.boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const finger = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', dx = 0, dy = 0) =>
      finger.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: type === 'touchEnd' ? [] : [{ x: x + dx, y: y + dy }],
      });
    await touch('touchStart');
    for (let i = 1; i <= 6; i++) await touch('touchMove', i * 5, i * 3);
    await touch('touchEnd');
    const pinned = page.getByRole('button', { name: /^Brie, pinned/ });
    await expect(pinned).toBeVisible();
    expect((await pinned.boundingBox())!.x).toBeGreaterThan(box.x + 10);
  });
});

test('the focus returns to what opened a paper, and never falls to the start of the page', async ({
  page,
}) => {
  await openSmall(page);
  const opener = async (name: string | RegExp) => {
    const button = page.getByRole('button', { name }).first();
    await button.focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
    return button;
  };
  for (const name of [/^Vegan, 2 ×/, /^Theme/, 'Side by side', /^Round oak/]) {
    const button = await opener(name);
    await page.keyboard.press('Escape');
    await expect(button).toBeFocused();
  }
  // a small paper is done with Enter
  const air = await opener(/^Air/);
  await page.getByRole('spinbutton').fill('11');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Air: 11/ })).toBeFocused();
  await expect(air).toBeFocused();
  // what was pressed is gone: its part of the page has the focus
  await page
    .getByRole('button', { name: /^Let it be/ })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Slips, most urgent first')).toBeFocused();
});

test('nothing is wider than the screen, from a phone to a desk', async ({ page }) => {
  const id = await openSmall(page);
  for (const view of ['brief', 'choose', 'check', 'shape', 'lay', 'sheet']) {
    await goTo(page, `/plan/${id}/${view}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    if (view !== 'sheet') await expect(page.locator(`[aria-current="step"][href$="/${view}"]`)).toBeVisible();
    for (const width of [320, 390, 768, 1024]) {
      await page.setViewportSize({ width, height: 800 });
      const over = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      await expect.poll(over, { message: `${view} at ${width} px` }).toBe(0);
    }
  }
});
