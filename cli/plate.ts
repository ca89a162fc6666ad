import { readFileSync, writeFileSync } from 'node:fs';
import { text } from 'node:stream/consumers';
import { runPlate } from './run.js';
import { shoot } from './shoot.js';

const args = process.argv.slice(2);
// a pipe may not be full yet: it is read to its end before the command begins
const piped = args.includes('-') ? await text(process.stdin) : '';

process.exitCode = await runPlate(args, {
  read: (file) => (file === '-' ? piped : readFileSync(file, 'utf8')),
  write: (file, data) => writeFileSync(file, data),
  shoot,
  out: (text) => process.stdout.write(text),
  err: (text) => process.stderr.write(text),
  now: () => performance.now(),
});
