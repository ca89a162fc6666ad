import { expect, test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { CATALOGUE } from '../core/catalogue/index.js';
import { speakTime } from '../core/measure/index.js';
import { NEEDS } from '../core/needs/index.js';
import { schoolsOf } from '../core/portion/index.js';
import { planWith } from '../core/testing/plans.js';

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
  const names = namesOf(
    readFileSync('app/public/demo/comet-watch.plate.json', 'utf8'),
    ...CATALOGUE.map(({ name }) => name),
    // the platform's own words for the day
    speakTime('2027-05-15T22:00'),
    // tables of the core that have no words in a file yet: their names come as they are
    ...NEEDS.map((pack) => pack.contact?.what ?? ''),
    ...schoolsOf(planWith({})).map(({ name }) => name),
  );
  for (const station of ['brief', 'choose', 'check', 'lay']) {
    await page.locator(`nav a[href$="/${station}"]`).click();
    await expect(page.locator(`[data-station="${station}"]`)).toBeVisible();
    await page.waitForTimeout(1500);
    expect([station, await wide(), await cutOff(page)]).toEqual([station, 0, []]);
    const said = (await plain(page)).filter((text) => [...namesOf(text)].some((word) => !names.has(word)));
    expect([station, said]).toEqual([station, []]);
  }
});
