import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { DEMOS } from '../demo/index.js';
import { madeDemoText } from '../demo/made.js';

const folder = path.join(path.dirname(path.dirname(fileURLToPath(import.meta.url))), 'app/public/demo');
mkdirSync(folder, { recursive: true });
for (const name of Object.keys(DEMOS)) {
  writeFileSync(path.join(folder, `${name}.plate.json`), await madeDemoText(name));
  console.error(`The demo ${name} is composed and laid.`);
}
