import { readFileSync, writeFileSync } from 'node:fs';
import { runPlate } from './run.js';

process.exitCode = await runPlate(process.argv.slice(2), {
  read: (file) => readFileSync(file === '-' ? 0 : file, 'utf8'),
  write: (file, text) => writeFileSync(file, text),
  out: (text) => process.stdout.write(text),
  err: (text) => process.stderr.write(text),
  now: () => performance.now(),
});
