import { expect, test, type Page } from '@playwright/test';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createApp } from '../server/app.js';
import { saved } from './helpers.js';

test.use({ serviceWorkers: 'allow' });

/** A server of this test alone, over its own copy of the build, so that it can be stopped and made newer. */
let server: Server;
let dist: string;
let base: string;
test.beforeEach(async ({ page }) => {
  dist = mkdtempSync(path.join(tmpdir(), 'plate-'));
  cpSync('dist', dist, { recursive: true });
  server = createApp(dist).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  await page.goto(base);
  await page.evaluate(() => navigator.serviceWorker.ready);
});
test.afterEach(() => {
  server.close();
  server.closeAllConnections();
  rmSync(dist, { recursive: true, force: true });
});

/** What a newer build looks like: another page, and a worker that says so. */
function makeNewer(): void {
  const index = path.join(dist, 'index.html');
  writeFileSync(
    index,
    readFileSync(index, 'utf8').replace('<html lang="en"', '<html data-newer="yes" lang="en"'),
  );
  const worker = path.join(dist, 'sw.js');
  writeFileSync(
    worker,
    readFileSync(worker, 'utf8').replace(/(url:"index\.html",revision:")[^"]+/, '$1newer'),
  );
}

async function openDemo(page: Page): Promise<string> {
  await page.goto(base);
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await page.waitForURL('**/plan/*/brief');
  return new URL(page.url()).pathname.split('/')[2]!;
}

test('opens without the server after one visit: pages, demo, solver, edits', async ({ page }) => {
  server.close();
  server.closeAllConnections();
  await expect(fetch(`${base}/health`)).rejects.toThrow();
  const id = await openDemo(page);
  await page.goto(`${base}/plan/${id}/choose`);
  await page.getByRole('button', { name: 'Compose it anew, keep pins' }).click();
  await expect(page.getByText(/^Proven: no board/)).toBeVisible({ timeout: 120_000 });
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Undo: / })).toBeVisible();
});

test('a newer version is announced, cuts no edit off, and is loaded when asked for', async ({ page }) => {
  const id = await openDemo(page);
  makeNewer();
  await page.goto(`${base}/plan/${id}/brief`);
  await expect(page.getByText('A newer Round Plate is ready.')).toBeVisible();
  await page.getByRole('button', { name: /^Other dishes/ }).click();
  await page.getByRole('spinbutton').fill('9');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.locator('html')).not.toHaveAttribute('data-newer', 'yes');
  await page.getByRole('button', { name: 'Load it' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-newer', 'yes');
  await expect(page.getByRole('button', { name: /Other dishes: 9/ })).toBeVisible();
});
