import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { canonicalText } from '../core/plan/index.js';
import { DEMOS } from '../demo/index.js';
import { makeDemo } from '../demo/make.js';
import { nodeSolver } from '../solver/node.js';

const folder = path.join(path.dirname(path.dirname(fileURLToPath(import.meta.url))), 'app/public/demo');
mkdirSync(folder, { recursive: true });
const solve = await nodeSolver();
for (const [name, brief] of Object.entries(DEMOS)) {
  writeFileSync(path.join(folder, `${name}.plate.json`), canonicalText(makeDemo(brief(), solve)));
  console.error(`Composed and laid the demo ${name}.`);
}
