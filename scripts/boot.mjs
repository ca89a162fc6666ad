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

function build() {
  const done = run(bin('vite'), ['build', 'app', '--logLevel', 'warn']);
  if (done.status !== 0) process.exit(1);
}

function makeDemo() {
  const done = run(process.execPath, ['--import', 'tsx', 'scripts/make-demo.ts']);
  if (done.status !== 0) process.exit(1);
}

function demo() {
  ensurePackages();
  makeDemo();
  build();
  spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], { cwd: root, stdio: 'inherit' }).on(
    'exit',
    (c) => process.exit(c ?? 0),
  );
}

function dev() {
  ensurePackages();
  makeDemo();
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

const CACHED = ['--cache', '--cache-strategy', 'content'];

/** Each runner reports in JSON; the closing line adds them up, and a step that fails counts as one failure. */
async function test() {
  ensurePackages();
  const chromium = ensureChromium();
  let passed = 0;
  let failed = 0;
  const told = (name, status, output) => {
    console.log(`\n— ${name}\n${output}`);
    if (status === 0) passed += 1;
    else {
      failed += 1;
      console.log(`${name} failed`);
    }
  };
  const results = path.join(root, 'test-results');
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results, { recursive: true });
  // side by side: each of them takes one core
  const readings = [
    // what has not changed since the last time is not read again
    ['type check', bin('tsc'), ['--noEmit', '--incremental', '--tsBuildInfoFile', '.cache/tsc.json']],
    ['lint', bin('eslint'), ['.', '--max-warnings', '0', ...CACHED, '--cache-location', '.cache/eslint']],
    [
      'format',
      bin('prettier'),
      ['--check', '--log-level', 'warn', ...CACHED, '--cache-location', '.cache/prettier', '.'],
    ],
  ].map(([name, cmd, args]) => heard(cmd, args).then(([status, output]) => [name, status, output]));
  for (const reading of readings) told(...(await reading));

  console.log('\n— units');
  const jestFile = path.join(results, 'jest.json');
  const jest = run(process.execPath, [
    '--experimental-vm-modules',
    '--no-warnings',
    // what a test makes is mostly gone at once: room for it saves collecting it
    '--max-semi-space-size=64',
    'node_modules/jest/bin/jest.js',
    '--config',
    'scripts/jest-together.mjs',
    '--json',
    `--outputFile=${jestFile}`,
  ]);
  if (existsSync(jestFile)) {
    const r = JSON.parse(readFileSync(jestFile, 'utf8'));
    passed += r.numPassedTests;
    failed += r.numFailedTests + r.numRuntimeErrorTestSuites;
  }
  if (jest.status !== 0 && failed === 0) failed += 1;

  console.log('\n— real interface');
  makeDemo();
  build();
  const before = failed;
  // playwright empties its output folder; its report goes to its own
  const e2e = run(bin('playwright'), ['test', '--output', '.cache/e2e'], {
    env: { ...process.env, CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: path.join(results, 'e2e.json') },
  });
  const e2eFile = path.join(results, 'e2e.json');
  if (existsSync(e2eFile)) {
    const { stats } = JSON.parse(readFileSync(e2eFile, 'utf8'));
    passed += stats.expected + stats.flaky;
    failed += stats.unexpected;
    if (stats.flaky > 0)
      console.log(`
${stats.flaky} passed at the second try only: see "flaky" above`);
  }
  if (e2e.status !== 0 && failed === before) failed += 1;

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
  if (named === '-lay' || named === '-make') makeDemo();
  if (named) process.exit(script(named));
  const speed = Math.max(...['', '-safety', '-sense', '-shape'].map(script));
  ensureChromium();
  makeDemo();
  build();
  process.exit(Math.max(speed, script('-lay'), script('-make'), script('-page')));
}

const started = process.argv[1] && path.resolve(process.argv[1]) === fileURLToPath(import.meta.url);
const job = { demo, dev, test, bench }[process.argv[2]];
if (started && job) await job();
