import { test as base, expect, type BrowserContext, type Locator, type Page } from '@playwright/test';
import { CATALOGUE } from '../core/catalogue/index.js';
import { readFileSync } from 'node:fs';
import { readPlanText, type Plan } from '../core/plan/index.js';

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
    // what a test has set for good, or left behind when it failed, is not for the next
    const asBefore = base.info().status === 'passed' && first && (await isPlain(first));
    if (!asBefore) await first?.goto('about:blank');
  },
  page: async ({ context }, give) => {
    const page = context.pages()[0] ?? (await context.newPage());
    await page.setViewportSize(SCREEN);
    await page.mouse.move(0, 0);
    if (await isUp(page)) {
      await goTo(page, '/');
      await expect(page.getByRole('button', { name: 'New plate' })).toBeVisible();
    } else await page.goto('/health');
    await fillStores(page, {});
    await give(page);
    await page.unrouteAll();
    page.removeAllListeners();
  },
});

/** The app runs in this page. */
const isUp = (page: Page): Promise<boolean> =>
  page.evaluate(() => document.querySelector('#root > *') !== null).catch(() => false);

/** The app runs, and neither its settings nor what it keeps for all plans were touched. */
const isPlain = async (page: Page): Promise<boolean> =>
  (await isUp(page)) &&
  (await page.evaluate(() => localStorage.length === 0 && !document.querySelector('[role=dialog]'))) &&
  ((await storedRows(page))['house'] ?? []).length === 0;

/** To another place of the app, as a link goes, and until it is drawn: what the page has fetched and made fast stays. */
export const goTo = (page: Page, path: string): Promise<void> =>
  page.evaluate(async (path) => {
    history.pushState(null, '', path);
    dispatchEvent(new PopStateEvent('popstate'));
    await new Promise<void>((drawn) => {
      requestAnimationFrame(() => requestAnimationFrame(() => drawn()));
      // a window that Chromium does not draw for a while has no frames: what is looked for is waited for anyway
      setTimeout(drawn, 2_000);
    });
  }, path);

/** The rows of each store of the browser, by the name of the store. */
type Rows = Record<string, unknown[]>;

/** Lets the browser hold these rows and nothing else; false where it has no stores yet. */
async function fillStores(page: Page, rows: Rows): Promise<boolean> {
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

let demo: { plan: Plan; rows: Rows } | undefined;
let opened = 0;

/**
 * The demo at one of its stations, in a browser that has opened it before: neither the start page nor the app is fetched
 * anew for each test. The first of a worker goes the whole way.
 */
export async function openDemo(
  page: Page,
  station = 'brief',
  change: (plan: Plan) => Plan = (plan) => plan,
): Promise<string> {
  if (!demo) {
    const id = await openDemoFromStart(page);
    await saved(page);
    const rows = await storedRows(page);
    demo = { plan: (rows['plans'] as { doc: Plan }[]).find(({ doc }) => doc.id === id)!.doc, rows };
    // the app has nothing in hand that it would write later
    expect(rows['steps']).toEqual([]);
    await goTo(page, '/');
  }
  // the app knows each of them as another plan, and looks at it anew
  const plan = change({ ...demo.plan, id: `${demo.plan.id}-${++opened}` as Plan['id'] });
  const cards = demo.rows['cards']!.map((card) => ({ ...(card as object), id: plan.id }));
  await openStored(page, plan, station, { cards });
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Comet Watch');
  return plan.id;
}

const small = readPlanText(readFileSync('demo/made/small-watch.plate.json', 'utf8'));

/** Comet Watch for eight, laid on a board and a tray, at one of its stations: where the size of the party is no matter. */
export async function openSmall(
  page: Page,
  station = 'brief',
  change: (plan: Plan) => Plan = (plan) => plan,
): Promise<string> {
  if (!small.ok) throw new Error('the small demo cannot be read');
  const plan = change({ ...small.plan, id: `${small.plan.id}-${++opened}` as Plan['id'] });
  await openStored(page, plan, station, {});
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Comet Watch');
  return plan.id;
}

/** A plan as the only one of the browser, at one of its stations. */
export const openPlan = (page: Page, plan: Plan, station = 'brief'): Promise<void> =>
  openStored(page, plan, station, {});

async function openStored(page: Page, plan: Plan, station: string, rows: Rows): Promise<void> {
  const row = { id: plan.id, doc: plan, rev: 1, cursor: 0, savedAt: 1, deletedAt: null };
  const isThere = await isUp(page);
  if (page.url() === 'about:blank') await page.goto('/health');
  // the app makes its stores
  if (!(await fillStores(page, { ...rows, plans: [row] }))) {
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'New plate' })).toBeVisible();
    await fillStores(page, { ...rows, plans: [row] });
    return goTo(page, `/plan/${plan.id}/${station}`);
  }
  const address = `/plan/${plan.id}/${station}`;
  if (isThere) await goTo(page, address);
  else await page.goto(address);
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
export const rests = (page: Page) =>
  expect(page.getByRole('button', { name: 'Stop', exact: true })).toHaveCount(0, { timeout: 120_000 });

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

/** Takes hold of a thing in its middle and lets it go so many pixels away. */
export async function drag(page: Page, thing: Locator, dx: number, dy: number): Promise<void> {
  const box = (await thing.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx, y + dy, { steps: 4 });
  await page.mouse.up();
}
