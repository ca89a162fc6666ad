import { expect, test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { CATALOGUE } from '../core/catalogue/index.js';
import { speakTime } from '../core/measure/index.js';
import { madeUp } from '../core/words/made-up.js';

test.beforeEach(async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('round-plate.language', 'made-up'));
});

/** Text on the screen in which some word has no accents: it does not come from a word file. */
const plain = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const found = new Set<string>();
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (node.parentElement!.closest('script, style')) continue;
      const text = node.textContent!.replace(/[A-Za-z]\u0301/g, '').trim();
      if (/[A-Za-z]{3,}/.test(text)) found.add(text);
    }
    return [...found];
  });

/** Words that stick out of the box that hides what does: cut on purpose, with dots or behind a fold, is something else. */
const cutOff = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const hides = (element: Element): Element | null => {
      for (let box = element.parentElement; box; box = box.parentElement) {
        const { overflowX, textOverflow } = getComputedStyle(box);
        if (textOverflow === 'ellipsis' || /auto|scroll/.test(overflowX)) return null;
        if (/hidden|clip/.test(overflowX)) return box;
      }
      return null;
    };
    return [...document.querySelectorAll('body *')]
      .filter((element) => {
        if (element.children.length > 0 || !element.textContent?.trim() || element.closest('svg'))
          return false;
        const [words, box] = [element.getBoundingClientRect(), hides(element)?.getBoundingClientRect()];
        if (!box || words.width <= 1 || box.width <= 1) return false;
        return words.right > box.right + 1 || words.left < box.left - 1;
      })
      .map((element) => element.textContent!);
  });

const namesOf = (...texts: readonly string[]): Set<string> =>
  new Set(texts.flatMap((text) => text.toLowerCase().match(/[a-z]{3,}/g) ?? []));

const open = async (page: Page): Promise<void> => {
  await page.goto('/');
  await expect(page.getByRole('button').first()).toBeVisible();
};

test('the start page says nothing that is not from a word file', async ({ page }) => {
  await open(page);
  expect(await plain(page)).toEqual([]);
  expect(await cutOff(page)).toEqual([]);
  // both see what they are there for
  await page.evaluate(() => {
    document.body.insertAdjacentHTML(
      'beforeend',
      '<div style="width: 90px; overflow: hidden; white-space: nowrap"><b>not from a word file</b></div>',
    );
  });
  expect(await plain(page)).toEqual(['not from a word file']);
  expect(await cutOff(page)).toEqual(['not from a word file']);
});

/** What is no word of ours: names of the plan and of the larder, and the platform's own words for the day. */
const names = () =>
  namesOf(
    readFileSync('app/public/demo/comet-watch.plate.json', 'utf8'),
    ...CATALOGUE.flatMap(({ name, synonyms, ingredients }) => [name, ...synonyms, ...ingredients]),
    speakTime('2027-05-15T22:00'),
  );

const notOurs = async (page: Page, known: ReadonlySet<string>): Promise<string[]> =>
  (await plain(page)).filter((text) => [...namesOf(text)].some((word) => !known.has(word)));

test('the stations say the names of the plan and of the larder as they are, and nothing is cut off', async ({
  page,
}) => {
  await open(page);
  await page
    .getByRole('button')
    .filter({ hasText: /O\u0301p\u0301e\u0301n/ })
    .first()
    .click();
  await page.waitForURL('**/plan/*/brief');
  const wide = () => page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  const known = names();
  for (const station of ['brief', 'choose', 'check', 'shape', 'lay']) {
    await page.locator(`nav a[href$="/${station}"]`).click();
    await expect(page.locator(`[data-station="${station}"]`)).toBeVisible();
    await page.waitForTimeout(1500);
    expect([station, await wide(), await cutOff(page)]).toEqual([station, 0, []]);
    expect([station, await notOurs(page, known)]).toEqual([station, []]);
  }
});

test('the papers say nothing that is not from a word file either', async ({ page }) => {
  await open(page);
  await page
    .getByRole('button', { name: madeUp('Open the demo') })
    .first()
    .click();
  await page.waitForURL('**/plan/*/brief');
  const known = names();
  const look = async (paper: string): Promise<void> => {
    await expect(page.getByRole('dialog').last()).toBeVisible();
    expect.soft([paper, await notOurs(page, known)]).toEqual([paper, []]);
  };
  const press = (words: string) =>
    page
      .getByRole('button', { name: words, exact: true })
      .or(page.getByRole('button', { name: madeUp(words), exact: true }))
      .first()
      .click();
  const away = async (): Promise<void> => {
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  };
  await press('Side by side');
  await look('schools');
  await away();
  await page
    .getByRole('button', { name: /^Vegan, 6 / })
    .first()
    .click();
  await look('group');
  await press('In plain words');
  await look('need');
  await away();
  await page.keyboard.press('Control+k');
  await look('commands');
  await away();

  await page.locator('nav a[href$="/choose"]').click();
  await page
    .getByRole('button', { name: /^Brie\. / })
    .first()
    .click();
  await look('food');
  await away();
  await press('At a glance');
  await look('glance');
  await away();
  await press('Turn the whole board');
  await look('turn');
  await away();

  await page.locator('nav a[href$="/check"]').click();
  await page
    .getByRole('button', { name: new RegExp(`^${madeUp('Questions')}`) })
    .first()
    .click();
  await look('questions');
  await away();
});
