import { readFileSync } from 'node:fs';
import { readPlanText, type Plan } from '../plan/index.js';
import { inEnglish } from '../words/index.js';

/** The demo as it was composed and laid: its figures are not solved anew for each test. */
export function laidDemo(name = 'comet-watch'): Plan {
  const read = readPlanText(
    readFileSync(new URL(`../../demo/made/${name}.plate.json`, import.meta.url), 'utf8'),
  );
  if (!read.ok) throw new Error(inEnglish(read.problems[0]!.reason));
  return read.plan;
}
