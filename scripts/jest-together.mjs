import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import alone from '../jest.config.mjs';

/**
 * The units as `npm test` runs them. The core keeps nothing between two calls, so that its tests may share a world: what
 * one has read, compiled and made fast serves the next, and the whole takes half as long. What has a page, a store or a
 * server has a world of its own, and so has each file that is run by its path (`npm run unit -- core/lay`).
 */
const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const together = path.join(root, '.cache/together');
/** More than there are cores, so that none waits long for the last. */
const WORLDS = 4;

const files = readdirSync(path.join(root, 'core'), { recursive: true })
  .filter((file) => file.endsWith('.test.ts'))
  .sort();
rmSync(together, { recursive: true, force: true });
mkdirSync(together, { recursive: true });
for (let world = 0; world < WORLDS; world += 1)
  writeFileSync(
    path.join(together, `core-${world + 1}.test.ts`),
    files
      .filter((_, i) => i % WORLDS === world)
      .map((file) => `import '../../core/${file.replace(/\.ts$/, '.js')}';\n`)
      .join(''),
  );

export default {
  ...alone,
  rootDir: root,
  testSequencer: '<rootDir>/scripts/jest-order.mjs',
  roots: ['<rootDir>/.cache/together', ...alone.roots.filter((folder) => folder !== '<rootDir>/core')],
};
