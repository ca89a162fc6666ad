// `npm run -s plate -- <verb>` from a bare clone: packages first (their chatter on standard error), then the command.
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import path from 'node:path';
import { ensurePackages } from './boot.mjs';

const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
ensurePackages({ quiet: true });
const done = spawnSync(
  process.execPath,
  [
    '--import',
    path.join(root, 'node_modules/tsx/dist/loader.mjs'),
    path.join(root, 'cli/plate.ts'),
    ...process.argv.slice(2),
  ],
  { stdio: 'inherit' },
);
process.exit(done.status ?? 1);
