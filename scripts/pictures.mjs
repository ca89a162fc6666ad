// One current picture of each main view, from the demo data: `node scripts/pictures.mjs [folder] [view …]` while
// `npm run demo` serves it (PORT, 4173 if not said).
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { chromium } from '@playwright/test';

const [folder = 'docs/screenshots', ...only] = process.argv.slice(2);
const base = `http://127.0.0.1:${process.env.PORT ?? 4173}`;
const plan = (page) => new URL(page.url()).pathname.split('/')[2];
const press = (page, name) => page.getByRole('button', { name }).first().click();
/** The board is laid and painted, and every remedy is tried: on a slow machine too. */
const drawn = async (page) => {
  await page.locator('main image').first().waitFor();
  await page.getByRole('button', { name: 'Stop', exact: true }).waitFor({ state: 'detached' });
  await page.getByText('Remedies are being tried').first().waitFor({ state: 'detached' });
  await page.waitForTimeout(1500);
};

const station = (page, name) =>
  page.getByRole('navigation', { name: 'Stations' }).locator(`a[href$="/${name}"]`).click();
const swapOf = async (page, food) => {
  await press(page, `${food}. Open`);
  await press(page, 'Swap it');
  await page
    .getByRole('button', { name: /^Take it: / })
    .first()
    .waitFor();
  await page.getByText('Trying each').waitFor({ state: 'detached' });
};

/** What is done on the opened demo before the picture is taken. */
const VIEWS = {
  start: async (page) => {
    await page.goto(base);
    await page.locator('image').first().waitFor();
    await page.getByRole('list', { name: 'Plans' }).locator('img').first().waitFor();
  },
  brief: async () => undefined,
  needs: (page) => press(page, /^Vegan, 6 ×/),
  theme: (page) => press(page, /^Theme/),
  choose: (page) => station(page, 'choose'),
  menu: async (page) => {
    await station(page, 'choose');
    await page.getByRole('link', { name: 'The menu' }).click();
  },
  glance: async (page) => {
    await station(page, 'choose');
    await press(page, 'At a glance');
  },
  label: async (page) => {
    await station(page, 'choose');
    await press(page, 'Read a label');
    await page
      .getByLabel('The words of the label')
      .fill(
        'Ingredients: WHEAT flour, sunflower oil, emulsifier (lecithin), salt. May contain MILK and sesame.',
      );
  },
  swap: async (page) => {
    await station(page, 'choose');
    await swapOf(page, 'Pork salami');
  },
  convert: async (page) => {
    await station(page, 'choose');
    await press(page, 'Turn the whole board');
    const paper = page.getByRole('dialog', { name: 'Turn the whole board' });
    await paper.getByLabel('Find a need').fill('vegan');
    await paper
      .getByRole('group', { name: 'Needs to add' })
      .getByRole('button', { name: 'Vegan', exact: true })
      .click();
    await paper.getByRole('button', { name: 'Turn it' }).click();
    await paper.getByRole('checkbox').first().waitFor();
    await paper.locator('img:not([src])').first().waitFor({ state: 'detached' });
  },
  check: async (page) => {
    await station(page, 'check');
    await drawn(page);
  },
  guest: async (page) => {
    await station(page, 'check');
    await press(page, /^Coeliac, 2 guests/);
  },
  shape: async (page) => {
    await station(page, 'shape');
    await page.getByText('Looking for more').waitFor({ state: 'detached' });
    await page.getByRole('button', { name: /^Lay \d+ on/ }).click();
    await page.getByText('They lie on').waitFor();
  },
  motif: async (page) => {
    await station(page, 'shape');
    await page.getByRole('radio', { name: 'Motif' }).click();
    await page.locator('main image').first().waitFor();
    await page.getByRole('button', { name: /^Lay it on/ }).click();
    await page.getByText('It lies on').waitFor();
    await station(page, 'lay');
    await drawn(page);
  },
  lay: async (page) => {
    await station(page, 'lay');
    await drawn(page);
  },
  make: async (page) => {
    await station(page, 'make');
    await page.locator('[data-task]').first().waitFor();
    await page.waitForTimeout(4000);
  },
  shopping: async (page) => {
    await station(page, 'make');
    await page.getByRole('radio', { name: 'Shopping' }).click();
  },
  table: async (page) => {
    await page.goto(base);
    await press(page, 'Another demo');
    await page.getByRole('menuitem', { name: /^Last Ferry/ }).click();
    await page.waitForURL('**/plan/last-ferry/**');
    await station(page, 'lay');
    await press(page, 'Look at Table, part 2');
  },
  evening: async (page) => {
    await page.evaluate(() =>
      localStorage.setItem('round-plate.settings', JSON.stringify({ theme: 'evening' })),
    );
    await page.goto(`${base}/plan/${plan(page)}/lay`);
    // the board is painted beside the page, after the first check
    await page.locator('main image').first().waitFor();
    await page.getByText('Remedies are being tried').first().waitFor({ state: 'detached' });
  },
};

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
});
mkdirSync(folder, { recursive: true });
for (const [name, act] of Object.entries(VIEWS)) {
  if (only.length > 0 && !only.includes(name)) continue;
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(base);
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await page.waitForURL('**/plan/*/brief');
  await act(page);
  // pictures of boards are painted a moment after the page
  await page.waitForTimeout(2500);
  await page.screenshot({ path: path.join(folder, `${name}.png`) });
  console.log(name);
  await context.close();
}
await browser.close();
