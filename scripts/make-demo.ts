import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { DEMOS } from '../demo/index.js';
import { keepDemos, madeDemoText } from '../demo/made.js';

const folder = path.join(path.dirname(path.dirname(fileURLToPath(import.meta.url))), 'app/public/demo');
// with --keep they go into the repository, too
if (process.argv.includes('--keep')) await keepDemos();
mkdirSync(folder, { recursive: true });
for (const name of Object.keys(DEMOS)) {
  writeFileSync(path.join(folder, `${name}.plate.json`), await madeDemoText(name));
  console.error(`The demo ${name} is composed and laid.`);
}
