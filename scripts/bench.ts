import { chromium } from '@playwright/test';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { CATALOGUE } from '../core/catalogue/index.js';
import { checkPlan } from '../core/check/index.js';
import { compose } from '../core/compose/index.js';
import { laySurface } from '../core/lay/index.js';
import type { Plan } from '../core/plan/index.js';
import { DEMOS } from '../demo/index.js';
import { nodeSolver } from '../solver/node.js';

/** Speed as ratios and counts beside the raw figures: machines differ, ratios between two of our own figures much less. */
const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const RUNS = 5;

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
}

function timed(run: () => unknown): number {
  return median(
    Array.from({ length: RUNS }, () => {
      const t = performance.now();
      run();
      return performance.now() - t;
    }),
  );
}

const solve = await nodeSolver();
const brief = DEMOS['comet-watch']!();
/** The first eighty foods of the larder and everything the brief pins. */
const eighty: Plan = {
  ...brief,
  wishes: {
    ...brief.wishes,
    excluded: CATALOGUE.filter((c) => !brief.wishes.pinned.includes(c.id))
      .filter((_, i) => i % 11 >= 8)
      .map((c) => c.id),
  },
};
const kinds = CATALOGUE.length - eighty.wishes.excluded.length;
compose(eighty, solve); // the first solve of a process is slow: it warms, and is left out
let first = 0;
const composeMs = timed(() => {
  const t = performance.now();
  compose(eighty, solve, { onFirst: () => (first = performance.now() - t) });
});
const composed = compose(eighty, solve);
console.log(
  `composer at ${kinds} components: first ${first.toFixed(0)} ms, proven ${composeMs.toFixed(0)} ms, gap ${(composed.gap * 100).toFixed(2)} %, ${(composeMs / first).toFixed(1)} times the first`,
);

const { plan } = compose(brief, solve);
const checkMs = timed(() => checkPlan(plan));
console.log(
  `check of the demo: ${checkMs.toFixed(1)} ms, ${checkPlan(plan).context.lying.length * plan.party.length} pairs, ${(composeMs / checkMs).toFixed(0)} checks in the time of one composing`,
);

let covered = '';
const layMs = timed(() => {
  const laid = plan.surfaces.map((s) => laySurface(plan, s, plan.seed));
  covered = laid
    .map(
      (l) =>
        `${l.surfaceId} ${(l.coverage * 100).toFixed(1)} %, ${l.scores.pieces} pieces, ${l.scores.hardOverlaps} overlaps`,
    )
    .join('; ');
});
console.log(
  `layout of all surfaces: ${layMs.toFixed(0)} ms (${(layMs / composeMs).toFixed(1)} times composing); ${covered}`,
);

if (!existsSync(path.join(root, 'dist/index.html')))
  spawnSync('npx', ['vite', 'build', 'app', '--logLevel', 'error'], { cwd: root });
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
  cwd: root,
  env: { ...process.env, PORT: '4188' },
  stdio: 'ignore',
});
await new Promise((resolve) => setTimeout(resolve, 2500));
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto('http://127.0.0.1:4188/');
await page.waitForSelector('h1');
const paint = await page.evaluate(
  () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0,
);
console.log(`first paint: ${paint.toFixed(0)} ms (${(paint / checkMs).toFixed(1)} checks)`);
await browser.close();
server.kill();
