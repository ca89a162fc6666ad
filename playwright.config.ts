import { availableParallelism } from 'node:os';
import { defineConfig } from '@playwright/test';

const port = Number(process.env.E2E_PORT ?? 4179);

/** Debian's Chromium with a fresh profile for each test; the server under test serves the built app. */
export default defineConfig({
  testDir: 'e2e',
  timeout: 300_000,
  // a browser a core, four at most: a board takes its time to be drawn; speed is the bench's matter
  expect: { timeout: 45_000 },
  workers: Math.min(4, Math.max(2, availableParallelism())),
  forbidOnly: true,
  // a second try tells a slow machine from a fault; the closing lines of the test say which needed it
  retries: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // each test has a fresh profile and would fetch the whole app once more; e2e/offline.spec.ts allows them
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node --import tsx server/main.ts',
    env: { PORT: String(port) },
    url: `http://127.0.0.1:${port}/health`,
    reuseExistingServer: false,
  },
});
