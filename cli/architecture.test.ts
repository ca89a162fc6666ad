import { afterAll, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import {
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

/** The rules of lint are proven with files that break them: a rule that finds nothing would pass in silence. */
const BREAKING = {
  'core/measure/zz-later.ts': "export { checkPlan } from '../check/index.js';\n",
  'core/label/concepts/zz-later.ts': "export { checkPlan } from '../../check/index.js';\n",
  'core/check/zz-app.ts': "export { localNow } from '../../app/store/clock.js';\n",
  'core/check/zz-solver.ts': "export { nodeSolver } from '../../solver/node.js';\n",
  'core/check/zz-demo.ts': "export { DEMOS } from '../../demo/index.js';\n",
  'core/check/zz-testing.ts': "export { group } from '../testing/plans.js';\n",
  'core/check/zz-node.ts': "export { readFileSync } from 'node:fs';\n",
  'core/check/zz-clock.ts': 'export const x = Date.now();\n',
  'core/check/zz-today.ts': 'export const x = new Date();\n',
  'core/check/zz-chance.ts': 'export const x = Math.random();\n',
  'core/check/zz-page.ts': 'export const x = document.title;\n',
  'app/zz-unused.ts': 'const x = 1;\n',
};
const KEEPING = {
  'core/check/index.ts': "export { kept } from '../measure/index.js';\nexport const checkPlan = 1;\n",
  'core/measure/index.ts': 'export const kept = Math.round(1.5);\n',
  // a test proves what the folders give together
  'core/measure/zz.test.ts': "export { checkPlan } from '../check/index.js';\n",
};

const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const folder = mkdtempSync(path.join(tmpdir(), 'lint-'));
afterAll(() => rmSync(folder, { recursive: true }));

const lint = (): ReadonlySet<string> => {
  copyFileSync(path.join(root, 'oxlint.config.mjs'), path.join(folder, 'oxlint.config.mjs'));
  symlinkSync(path.join(root, 'node_modules'), path.join(folder, 'node_modules'));
  for (const [file, text] of Object.entries({ ...BREAKING, ...KEEPING })) {
    mkdirSync(path.dirname(path.join(folder, file)), { recursive: true });
    writeFileSync(path.join(folder, file), text);
  }
  const bin = path.join(root, 'node_modules/.bin/oxlint');
  const { stdout } = spawnSync(bin, ['-c', 'oxlint.config.mjs', '-f', 'json'], { cwd: folder });
  const { diagnostics } = JSON.parse(String(stdout)) as {
    diagnostics: readonly { filename: string; severity: string }[];
  };
  return new Set(diagnostics.flatMap((found) => (found.severity === 'error' ? [found.filename] : [])));
};

test('what breaks a rule of the house is refused, and nothing else', () => {
  expect([...lint()].sort()).toEqual(Object.keys(BREAKING).sort());
});

/** What a file fetches when it is run: types are gone by then. */
const FETCHES = /^(?:import|export)\s+(?!type\s)(?:[^;']*?\sfrom\s+)?'(\.{1,2}\/[^']+)'/gm;

/** The files of each ring of imports that is met; lint does not find a `.tsx` behind a `.js`. */
function ringsOf(texts: ReadonlyMap<string, string>): string[][] {
  const fileOf = (from: string, name: string) => {
    const stem = path.posix.join(path.posix.dirname(from), name).replace(/\.js$/, '');
    return [`${stem}.ts`, `${stem}.tsx`, stem].find((file) => texts.has(file));
  };
  const rings: string[][] = [];
  const done = new Set<string>();
  const visit = (file: string, way: readonly string[]) => {
    const at = way.indexOf(file);
    if (at >= 0) rings.push(way.slice(at));
    if (at >= 0 || done.has(file)) return;
    for (const [, name] of texts.get(file)!.matchAll(FETCHES)) {
      const next = fileOf(file, name!);
      if (next) visit(next, [...way, file]);
    }
    done.add(file);
  };
  for (const file of texts.keys()) visit(file, []);
  return rings;
}

test('no file fetches itself by way of others', () => {
  const made = { 'a.tsx': "import { b } from './x/b.js';", 'x/b.ts': "export * from '../c.js';", 'c.ts': '' };
  expect(ringsOf(new Map(Object.entries(made)))).toEqual([]);
  const ring = { ...made, 'c.ts': "import {\n  a,\n} from './a.js';" };
  expect(ringsOf(new Map(Object.entries(ring)))).toEqual([['a.tsx', 'x/b.ts', 'c.ts']]);

  const files = ['app', 'cli', 'core', 'demo', 'server', 'solver'].flatMap((folder) =>
    readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.tsx?$/.test(name))
      .map((name) => path.posix.join(folder, name)),
  );
  expect(files.length).toBeGreaterThan(900);
  const texts = new Map(files.map((file) => [file, readFileSync(path.join(root, file), 'utf8')]));
  expect(ringsOf(texts)).toEqual([]);
});
