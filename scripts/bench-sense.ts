import { senseOf } from '../core/board/index.js';
import { compose } from '../core/compose/index.js';
import { menuText } from '../core/exchange/index.js';
import type { Plan } from '../core/plan/index.js';
import { boardsOf, isHeldOut, PAIRS } from '../core/testing/pairs.js';
import { scoreOf } from '../core/testing/score.js';
import { randomBrief } from '../core/testing/briefs.js';
import { STRANGE } from '../core/testing/strange.js';
import { ENGLISH } from '../core/words/index.js';
import { DEMOS } from '../demo/index.js';
import { nodeSolver } from '../solver/node.js';

/**
 * What a stylist would not serve, counted over the demos, strange briefs and random ones, beside gap and seconds. With
 * `--read` the menus of demos and strange briefs are printed, to be read.
 */
const RANDOM = 200;
/** What takes longer is named: so that one may look at it. */
const SLOW_S = 8;
const read = process.argv.includes('--read');
const solve = await nodeSolver();

const demos = Object.entries(DEMOS).map(([name, make]): [string, Plan] => [name, make()]);
const named = [...demos, ...Object.entries(STRANGE)];
const random = Array.from({ length: read ? 0 : RANDOM }, (_, n): [string, Plan] => [
  `random ${n}`,
  randomBrief(n),
]);

const counts = new Map<string, number>();
const seconds: number[] = [];
const gaps: number[] = [];
let boards = 0;
for (const [name, brief] of [...named, ...random]) {
  const start = performance.now();
  const { status, plan, gap } = compose(brief, solve);
  const took = (performance.now() - start) / 1000;
  if (status === 'impossible') {
    console.log(`${name}: impossible`);
    continue;
  }
  boards += 1;
  seconds.push(took);
  gaps.push(gap);
  const found = senseOf(plan);
  for (const { code } of found) counts.set(code, (counts.get(code) ?? 0) + 1);
  if (name.startsWith('random') && took > SLOW_S)
    console.log(`${name}: gap ${(100 * gap).toFixed(1)} %, ${took.toFixed(1)} s`);
  if (!name.startsWith('random')) {
    const said = found.map((senseless) =>
      'component' in senseless ? `${senseless.code} ${senseless.component.id}` : senseless.code,
    );
    console.log(
      `${name}: gap ${(100 * gap).toFixed(1)} %, ${took.toFixed(1)} s; ${said.join(', ') || 'nothing senseless'}`,
    );
    if (read) console.log(menuText(plan, ENGLISH));
  }
}

const at = (list: readonly number[], share: number): number =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))] ?? 0;
console.log(
  `sense: ${boards} boards; ${[...counts].map(([code, n]) => `${code} ${n}`).join(', ') || 'nothing senseless'}`,
);
console.log(
  `seconds: half within ${at(seconds, 0.5).toFixed(1)}, nine of ten within ${at(seconds, 0.9).toFixed(1)}, the longest ${at(seconds, 1).toFixed(1)}; gap at most ${(100 * at(gaps, 1)).toFixed(1)} %`,
);

const ordered = PAIRS.map((pair) => {
  const { served, not } = boardsOf(pair);
  return scoreOf(served, solve) < scoreOf(not, solve);
});
const fitted = ordered.filter((_, i) => !isHeldOut(i));
const held = ordered.filter((_, i) => isHeldOut(i));
const right = (list: readonly boolean[]) => `${list.filter(Boolean).length} of ${list.length}`;
console.log(`pairs ordered as a stylist would: ${right(fitted)}, held out ${right(held)}`);
