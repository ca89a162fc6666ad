// Runs on Node alone, so that a clone without node_modules can start: installs what is missing, then does the job.
import { spawnSync, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync, rmSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const bin = (name) => path.join(root, 'node_modules', '.bin', name);

const run = (cmd, args, opts = {}) => spawnSync(cmd, args, { cwd: root, stdio: 'inherit', ...opts });

/** Skip a slow `npm ci` while the lock file has not changed since the last one. */
export function ensurePackages({ quiet = false } = {}) {
  const hash = createHash('sha256')
    .update(readFileSync(path.join(root, 'package-lock.json')))
    .digest('hex');
  const stamp = path.join(root, 'node_modules', '.lock-hash');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return;
  console.error('Installing packages (a minute or two) …');
  const done = run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: ['ignore', quiet ? 2 : 'inherit', 'inherit'],
  });
  if (done.status !== 0) {
    console.error('Could not install the packages: see the lines above.');
    process.exit(1);
  }
  writeFileSync(stamp, hash);
}

const findChromium = () =>
  [process.env.CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser'].find((p) => p && existsSync(p));

function ensureChromium() {
  const found = findChromium();
  if (found) return found;
  console.error('Installing Chromium from Debian …');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => {
    const [cmd, ...rest] = [...sudo, 'apt-get', '-o', 'DPkg::Lock::Timeout=300', ...args];
    return run(cmd, rest, { stdio: ['ignore', 2, 2] });
  };
  apt('update');
  apt('install', '-y', 'chromium');
  const now = findChromium();
  if (!now) {
    console.error('Chromium is missing and could not be installed: apt-get install chromium');
    process.exit(1);
  }
  return now;
}

const BUILD = [bin('vite'), ['build', 'app', '--logLevel', 'warn']];
const MAKE_DEMO = [process.execPath, ['--import', 'tsx', 'scripts/make-demo.ts']];

function must([cmd, args]) {
  if (run(cmd, args).status !== 0) process.exit(1);
}

function demo() {
  ensurePackages();
  must(MAKE_DEMO);
  must(BUILD);
  spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], { cwd: root, stdio: 'inherit' }).on(
    'exit',
    (c) => process.exit(c ?? 0),
  );
}

function dev() {
  ensurePackages();
  must(MAKE_DEMO);
  spawn(bin('vite'), ['app', '--host', '127.0.0.1'], { cwd: root, stdio: 'inherit' }).on('exit', (c) =>
    process.exit(c ?? 0),
  );
}

/** Runs a command and gives its exit code and all that it said. */
function heard(cmd, args) {
  const child = spawn(cmd, args, { cwd: root });
  let output = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => (output += d));
  return new Promise((resolve) => {
    child.on('error', (e) => resolve([1, e.message]));
    child.on('close', (code) => resolve([code ?? 1, output.trim()]));
  });
}

/** The app as it is served, with the demo plans in it. */
async function built() {
  const [status, output] = await heard(...MAKE_DEMO);
  return status === 0 ? heard(...BUILD) : [status, output];
}

const RESULTS = path.join(root, 'test-results');
const CHECKS = {
  // what has not changed since the last time is not read again
  'type check': [bin('tsc'), ['--noEmit', '--incremental', '--tsBuildInfoFile', '.cache/tsc.json']],
  lint: [bin('oxlint'), ['-c', 'oxlint.config.mjs', '--deny-warnings']],
  format: [bin('oxfmt'), ['--check', '.']],
};

/** What is read and built, side by side: each takes one core. A step that fails counts as one failure. */
async function testSteps() {
  const steps = Object.entries(CHECKS).map(([name, check]) => [name, heard(...check)]);
  steps.push(['build', built()]);
  let failed = 0;
  for (const [name, step] of steps) {
    const [status, output] = await step;
    console.log(`\n— ${name}\n${output}`);
    if (status === 0) continue;
    failed += 1;
    console.log(`${name} failed`);
  }
  return { passed: steps.length - failed, failed };
}

/** The counts that a runner left in its report; a runner that falls without one is one failure. */
function reported(run, file, countsOf) {
  const counts = existsSync(file)
    ? countsOf(JSON.parse(readFileSync(file, 'utf8')))
    : { passed: 0, failed: 0 };
  return run.status !== 0 && counts.failed === 0 ? { ...counts, failed: 1 } : counts;
}

function testUnits() {
  console.log('\n— units');
  const file = path.join(RESULTS, 'jest.json');
  const jest = run(process.execPath, [
    '--experimental-vm-modules',
    '--no-warnings',
    // what a test makes is mostly gone at once: room for it saves collecting it
    '--max-semi-space-size=64',
    'node_modules/jest/bin/jest.js',
    '--config',
    'scripts/jest-together.mjs',
    '--json',
    `--outputFile=${file}`,
  ]);
  return reported(jest, file, (report) => ({
    passed: report.numPassedTests,
    failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
  }));
}

function testInterface(chromium) {
  console.log('\n— real interface');
  const file = path.join(RESULTS, 'e2e.json');
  // playwright empties its output folder; its report goes to its own
  const playwright = run(bin('playwright'), ['test', '--output', '.cache/e2e'], {
    env: { ...process.env, CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  });
  return reported(playwright, file, ({ stats }) => {
    if (stats.flaky > 0) console.log(`\n${stats.flaky} passed at the second try only: see "flaky" above`);
    return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
  });
}

/** Everything, one after the other; the closing line adds it up. */
async function test() {
  ensurePackages();
  const chromium = ensureChromium();
  rmSync(RESULTS, { recursive: true, force: true });
  mkdirSync(RESULTS, { recursive: true });
  const counts = [await testSteps(), testUnits(), testInterface(chromium)];
  const [passed, failed] = ['passed', 'failed'].map((key) => counts.reduce((sum, of) => sum + of[key], 0));
  console.log(`\n${passed} passed, ${failed} failed`);
  process.exit(failed === 0 ? 0 : 1);
}

/** One bench by its name, or all of them. */
function bench() {
  ensurePackages();
  const script = (name) => run(process.execPath, ['--import', 'tsx', `scripts/bench${name}.ts`]).status ?? 1;
  const named = { shape: '-shape', sense: '-sense', safety: '-safety', lay: '-lay', make: '-make' }[
    process.argv[3]
  ];
  if (named === '-lay' || named === '-make') must(MAKE_DEMO);
  if (named) process.exit(script(named));
  const speed = Math.max(...['', '-safety', '-sense', '-shape'].map(script));
  ensureChromium();
  must(MAKE_DEMO);
  must(BUILD);
  process.exit(Math.max(speed, script('-lay'), script('-make'), script('-page')));
}

const started = process.argv[1] && path.resolve(process.argv[1]) === fileURLToPath(import.meta.url);
const job = { demo, dev, test, bench }[process.argv[2]];
if (started && job) await job();
