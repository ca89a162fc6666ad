import { test as base, expect, type BrowserContext, type Locator, type Page } from '@playwright/test';
import { CATALOGUE } from '../core/catalogue/index.js';
import type { Plan } from '../core/plan/index.js';

const SCREEN = { width: 1280, height: 800 };

/**
 * A browser for many tests: its page is kept warm, and its stores are emptied before each of them. What needs a browser
 * of its own (touch, a script before the page, workers of the network) takes the `test` of Playwright.
 */
export const test = base.extend<object, { warm: BrowserContext }>({
  warm: [
    async ({ browser }, give) => {
      const { baseURL, viewport, serviceWorkers } = base.info().project.use;
      const context = await browser.newContext({
        ...(baseURL ? { baseURL } : {}),
        ...(viewport ? { viewport } : {}),
        ...(serviceWorkers ? { serviceWorkers } : {}),
        reducedMotion: 'reduce',
      });
      await give(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ warm }, give) => {
    await give(warm);
    const [first, ...others] = warm.pages();
    for (const page of others) await page.close();
    await first?.goto('about:blank');
  },
  page: async ({ context }, give) => {
    const page = context.pages()[0] ?? (await context.newPage());
    await page.setViewportSize(SCREEN);
    await page.mouse.move(0, 0);
    await fillStores(page, {});
    await give(page);
    await page.unrouteAll();
    page.removeAllListeners();
  },
});

/** The rows of each store of the browser, by the name of the store. */
type Rows = Record<string, unknown[]>;

/** Leaves the app, and lets the browser hold these rows and nothing else; false where it has no stores yet. */
async function fillStores(page: Page, rows: Rows): Promise<boolean> {
  await page.goto('/health');
  return page.evaluate(async (rows) => {
    localStorage.clear();
    const all = await indexedDB.databases();
    for (const { name } of all)
      await new Promise<void>((done, failed) => {
        const open = indexedDB.open(name!);
        open.onerror = () => failed(open.error);
        open.onsuccess = () => {
          const stores = [...open.result.objectStoreNames];
          const write = open.result.transaction(stores, 'readwrite');
          for (const store of stores) {
            write.objectStore(store).clear();
            for (const row of rows[store] ?? []) write.objectStore(store).put(row);
          }
          write.oncomplete = () => done(open.result.close());
        };
      });
    return all.length > 0;
  }, rows);
}

/** What the stores hold, but for pictures of boards: those are files, and are painted again when asked for. */
const storedRows = (page: Page): Promise<Rows> =>
  page.evaluate(
    () =>
      new Promise<Rows>((done, failed) => {
        const open = indexedDB.open('round-plate');
        open.onerror = () => failed(open.error);
        open.onsuccess = () => {
          const stores = [...open.result.objectStoreNames].filter((store) => store !== 'pictures');
          const read = open.result.transaction(stores, 'readonly');
          const rows: Rows = {};
          for (const store of stores) {
            const all = read.objectStore(store).getAll() as IDBRequest<unknown[]>;
            all.onsuccess = () => (rows[store] = all.result);
          }
          read.oncomplete = () => {
            open.result.close();
            done(rows);
          };
        };
      }),
  );

/** Opens the demo from an empty browser, in one press on the start page, and waits until it stands on the table. */
export async function openDemoFromStart(page: Page): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await page.waitForURL('**/plan/*/brief');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Comet Watch');
  return new URL(page.url()).pathname.split('/')[2]!;
}

let demo: { id: string; rows: Rows } | undefined;

/**
 * The demo at one of its stations, in a browser that has opened it before: the start page is not drawn anew for each
 * test. The first of a worker goes the whole way, and so does a fresh browser.
 */
export async function openDemo(
  page: Page,
  station = 'brief',
  change?: (plan: Plan) => Plan,
): Promise<string> {
  const filled = async () => {
    const plans = demo!.rows['plans'] as { doc: Plan }[];
    return fillStores(page, {
      ...demo!.rows,
      plans: change ? plans.map((row) => ({ ...row, doc: change(row.doc) })) : plans,
    });
  };
  if (!demo || !(await filled())) {
    const id = await openDemoFromStart(page);
    await saved(page);
    demo ??= { id, rows: await storedRows(page) };
    if (change) await filled();
  }
  await page.goto(`/plan/${demo.id}/${station}`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Comet Watch');
  return demo.id;
}

/** A plan as the only one of the browser, at one of its stations. */
export async function openPlan(page: Page, plan: Plan, station = 'brief'): Promise<void> {
  // the app makes its stores
  if (!(await fillStores(page, {}))) {
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'New plate' })).toBeVisible();
  }
  await fillStores(page, {
    plans: [{ id: plan.id, doc: plan, rev: 1, cursor: 0, savedAt: 1, deletedAt: null }],
  });
  await page.goto(`/plan/${plan.id}/${station}`);
}

/** Most of the larder is left out, so that a board is composed at once: what lies there and each sixth food remain. */
export const withSmallLarder = (plan: Plan): Plan => {
  const lies = new Set<string>(plan.placements.map((placement) => placement.componentId));
  const excluded = CATALOGUE.filter(({ id }, i) => i % 6 !== 0 && !lies.has(id)).map(({ id }) => id);
  return { ...plan, wishes: { ...plan.wishes, excluded } };
};

/** Every edit is in the store: nothing waits any more. */
export const saved = (page: Page) => expect(page.getByTestId('saved')).toBeVisible();

/** The cards on the start page. */
export const planCards = (page: Page) => page.getByRole('list', { name: 'Plans' }).getByRole('listitem');

/** The kitchen has done what it was asked for. */
export const rests = (page: Page, timeout = 30_000) =>
  expect(page.getByRole('button', { name: 'Stop', exact: true })).toHaveCount(0, { timeout });

/** Slips that stop service. */
export const stops = (page: Page) => page.getByRole('article', { name: /^Stops service/ });

export const figures = (page: Page) => page.getByRole('group', { name: 'In figures' });

/** Opens a choice by its name, within a page or a paper, and picks the words. */
export async function pick(
  where: Page | Locator,
  name: string | RegExp,
  words: string | RegExp,
): Promise<void> {
  const exact = typeof name === 'string' ? { exact: true } : {};
  await pickFrom(where.getByRole('combobox', { name, ...exact }), words);
}

async function pickFrom(choice: Locator, words: string | RegExp): Promise<void> {
  await choice.click();
  const exact = typeof words === 'string' ? { exact: true } : {};
  await choice
    .page()
    .getByRole('option', { name: words, ...exact })
    .first()
    .click();
}
