import { chromium, type Browser, type Page } from '@playwright/test';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { manyGuests } from '../core/testing/briefs.js';
import { createApp } from '../server/app.js';

/** What a visitor waits for: bytes before the first paint, the first paint, the board's picture, and tasks that hold up input. */
const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const dist = path.join(root, 'dist');
const LONG_MS = 50;
/** What one frame may take, of our own work, for the hand to feel nothing. */
const FRAME_MS = 16;
const [MOVES, STEP_PX] = [60, 2];
const kB = (bytes: number): string => `${(bytes / 1000).toFixed(0)} kB`;

const server = createApp(dist).listen(0, '127.0.0.1');
await new Promise((resolve) => server.once('listening', resolve));
const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-sync'],
});

/** A page that notes its long tasks from the start. */
async function watched(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addInitScript(() => {
    const tasks: number[] = [];
    Object.assign(window, { longTasks: tasks });
    new PerformanceObserver((list) =>
      tasks.push(...list.getEntries().map((entry) => entry.duration)),
    ).observe({
      type: 'longtask',
      buffered: true,
    });
  });
  return context.newPage();
}

/** The long tasks since the last time, and none of them any more. */
const tasksOf = (page: Page): Promise<number[]> =>
  page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks.splice(0));

const told = (tasks: readonly number[]): string => {
  const long = tasks.filter((ms) => ms > LONG_MS);
  return long.length === 0
    ? `no task over ${LONG_MS} ms`
    : `${long.length} tasks over ${LONG_MS} ms, the longest ${Math.max(...long).toFixed(0)} ms`;
};

const chunks = readdirSync(path.join(dist, 'assets')).filter((name) => name.endsWith('.js.gz'));
const sizes = new Map(chunks.map((name) => [name, statSync(path.join(dist, 'assets', name)).size]));
const largest = [...sizes].sort((a, b) => b[1] - a[1]).slice(0, 5);
console.log(
  `chunks: ${sizes.size}, ${kB([...sizes.values()].reduce((sum, size) => sum + size, 0))} packed in all; the largest ${largest.map(([name, size]) => `${name.replace(/-[\w-]{8}\.js\.gz$/, '')} ${kB(size)}`).join(', ')}`,
);

const page = await watched(browser);
await page.goto(base);
await page.waitForSelector('h1, [role=main], main');
await page.waitForFunction(() => performance.getEntriesByName('first-contentful-paint').length > 0);
const paint = await page.evaluate(() => {
  const at = performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0;
  const before = (performance.getEntriesByType('resource') as PerformanceResourceTiming[]).filter(
    (entry) => entry.responseEnd <= at && /\.(js|css)$/.test(entry.name),
  );
  return { at, bytes: before.reduce((sum, entry) => sum + entry.encodedBodySize, 0) };
});
console.log(
  `first paint: ${paint.at.toFixed(0)} ms, ${kB(paint.bytes)} of scripts and styles packed before it (aim 170 kB)`,
);
await page.waitForTimeout(1500);
console.log(`start page at rest: ${told(await tasksOf(page))}`);

const pressed = Date.now();
await page.getByRole('button', { name: 'Open the demo' }).click();
await page.waitForURL('**/plan/**');
const stations = page.getByRole('navigation', { name: 'Stations' });
await stations.getByRole('link', { name: /^Lay/ }).click();
await page.locator('image[href^="blob:"]').first().waitFor({ state: 'attached' });
console.log(`the board's picture, from the press on the start page: ${Date.now() - pressed} ms`);
await page.waitForTimeout(2500);
console.log(`opening the demo: ${told(await tasksOf(page))}`);

async function walk(page: Page, words: string): Promise<void> {
  const nav = page.getByRole('navigation', { name: 'Stations' });
  for (const name of ['Brief', 'Choose', 'Check', 'Shape', 'Make', 'Lay']) {
    await nav.getByRole('link', { name: new RegExp(`^${name}`) }).click();
    await page.waitForTimeout(2500);
    console.log(`${words}, ${name}: ${told(await tasksOf(page))}`);
  }
}
await walk(page, 'demo');
await page.waitForTimeout(3000);
console.log(
  `dragging on a board of ${await page.locator('[data-element]').count()} piles: ${await dragged(browser, page)}`,
);

const large = manyGuests(JSON.parse(readFileSync(path.join(dist, 'demo/comet-watch.plate.json'), 'utf8')));
const heavy = await watched(browser);
await heavy.goto(base);
await heavy.getByLabel('Bring in a plan file').setInputFiles({
  name: 'many.plate.json',
  mimeType: 'application/json',
  buffer: Buffer.from(JSON.stringify(large)),
});
await heavy
  .getByRole('link', { name: new RegExp(large.occasion.name) })
  .first()
  .click();
await heavy.waitForURL('**/plan/**');
await heavy.waitForTimeout(4000);
console.log(
  `opening a plan of 300 guests, ${large.party.length} groups, ${large.surfaces.length} surfaces, ${large.placements.length} foods: ${told(await tasksOf(heavy))}`,
);
await walk(heavy, '300 guests');

await memory(browser, heavy);
await browser.close();
server.close();
process.exit(0);

interface TraceEvent {
  name: string;
  ph: string;
  pid: number;
  tid: number;
  dur?: number;
  args?: { name?: string };
}

/** A food is dragged in a circle, a move a frame: how long the main thread's tasks are, script, style and painting together. */
async function dragged(browser: Browser, page: Page): Promise<string> {
  const food = page.getByRole('button', { name: /Arrows/ }).first();
  const box = (await food.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 8, y + 8, { steps: 4 });
  await page.waitForTimeout(1500);
  await browser.startTracing(page, { categories: ['toplevel', 'devtools.timeline'] });
  for (let i = 0; i < MOVES; i++) {
    const turn = (i / MOVES) * 2 * Math.PI;
    await page.mouse.move(x + 8 + STEP_PX * 10 * Math.sin(turn), y + 8 + STEP_PX * 10 * (1 - Math.cos(turn)));
    await page.evaluate(() => new Promise(requestAnimationFrame));
  }
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as {
    traceEvents: TraceEvent[];
  };
  await page.mouse.up();
  const main = traceEvents.find(
    ({ name, args }) => name === 'thread_name' && args?.name === 'CrRendererMain',
  );
  const tasks = traceEvents
    .filter(
      ({ name, pid, tid }) =>
        name === 'ThreadControllerImpl::RunTask' && pid === main?.pid && tid === main.tid,
    )
    .map(({ dur = 0 }) => dur / 1000)
    .sort((a, b) => a - b);
  const over = tasks.filter((ms) => ms > FRAME_MS).length;
  return `${MOVES} moves, the longest task of the main thread ${tasks.at(-1)?.toFixed(0) ?? '?'} ms, ${over} over ${FRAME_MS} ms, one in a hundred over ${tasks[Math.floor(tasks.length * 0.99)]?.toFixed(0) ?? '?'} ms`;
}

/** What the whole tab holds after all of that. */
async function memory(browser: Browser, page: Page): Promise<void> {
  await page.close();
  const { processInfo } = await (await browser.newBrowserCDPSession()).send('SystemInfo.getProcessInfo');
  const held = processInfo
    .filter(({ type }) => type === 'renderer')
    .map(({ id }) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${id}/status`, 'utf8'))?.[1] ?? 0));
  console.log(`memory of the demo's tab: ${(Math.max(...held) / 1000).toFixed(0)} MB`);
}
