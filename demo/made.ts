import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { canonicalText, readPlanText, type Plan } from '../core/plan/index.js';
import { nodeSolver } from '../solver/node.js';
import { KEPT_BRIEFS } from './index.js';
import { makeDemo } from './make.js';

const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));

/** Everything that a demo's board is made of: where one of these changes, it is made anew. */
const SOURCES = ['core', 'solver', 'demo'];
const isSource = (name: string): boolean =>
  name.endsWith('.ts') && !/\.(?:test|fixture)\.ts$/.test(name) && !/^(?:testing|test-support)\//.test(name);

let state: string | undefined;
function stateOfTheCode(): string {
  if (state) return state;
  const hash = createHash('sha256');
  for (const folder of SOURCES) {
    const files = readdirSync(path.join(root, folder), { recursive: true }) as string[];
    for (const name of files.filter(isSource).sort())
      hash.update(name).update(readFileSync(path.join(root, folder, name)));
  }
  hash.update(readFileSync(path.join(root, 'package-lock.json')));
  return (state = hash.digest('hex').slice(0, 16));
}

/** The demos that lie in the repository, and the state of the code that made them: a fresh clone need not solve them. */
const KEPT = path.join(root, 'demo/made');
const STATE = path.join(KEPT, 'state.txt');
const plateIn = (folder: string, name: string): string => path.join(folder, `${name}.plate.json`);

/** Makes what lies in the repository the work of the code as it is now. */
export async function keepDemos(): Promise<void> {
  const texts = await Promise.all(
    Object.keys(KEPT_BRIEFS).map(async (name) => [name, await madeDemoText(name)] as const),
  );
  mkdirSync(KEPT, { recursive: true });
  for (const [name, text] of texts) writeFileSync(plateIn(KEPT, name), text);
  writeFileSync(STATE, `${stateOfTheCode()}\n`);
}

const isKept = (): boolean => existsSync(STATE) && readFileSync(STATE, 'utf8').trim() === stateOfTheCode();

/** The text of a demo, composed and laid. It is solved once for each state of the code, and kept beside it. */
export async function madeDemoText(name: string): Promise<string> {
  const brief = KEPT_BRIEFS[name];
  if (!brief) throw new Error(`expected one of ${Object.keys(KEPT_BRIEFS).join(', ')}, got "${name}"`);
  if (isKept()) return readFileSync(plateIn(KEPT, name), 'utf8');
  const folder = path.join(root, '.cache', 'demo', stateOfTheCode());
  const file = plateIn(folder, name);
  if (existsSync(file)) return readFileSync(file, 'utf8');
  const text = canonicalText(makeDemo(brief(), await nodeSolver()));
  mkdirSync(folder, { recursive: true });
  // written aside and moved: another process never reads half of it
  const aside = `${file}.${process.pid}`;
  writeFileSync(aside, text);
  renameSync(aside, file);
  return text;
}

/** The same as a plan. */
export async function madeDemo(name: string): Promise<Plan> {
  const read = readPlanText(await madeDemoText(name));
  if (!read.ok) throw new Error(`the demo ${name} cannot be read: ${read.problems[0]?.reason}`);
  return read.plan;
}
