import { checkPlan, triedRemedies } from '../core/check/index.js';
import { compose } from '../core/compose/index.js';
import { DANGERS, PLAIN } from '../core/label/fixtures/dangers.js';
import { componentOfLabel, readLabel } from '../core/label/index.js';
import { SHAPES, shaped } from '../core/label/fixtures/shapes.js';
import { layPlan } from '../core/lay/index.js';
import { createRandom } from '../core/measure/index.js';
import { judgeNeed } from '../core/needs/index.js';
import { applyCommand, type Plan } from '../core/plan/index.js';
import { randomBrief } from '../core/testing/briefs.js';
import { NEEDY_PARTIES, planForParty } from '../core/testing/parties.js';
import { nodeSolver } from '../solver/node.js';

/** What can hurt a guest, in numbers: counts of wrong answers, and none may be above nought. */
const LABELS = 20_000;
const LAYOUTS = 60;
const SEEDS = 3;
const LEAST_COVER = 0.93;
const PRESSED = 100;

const solve = await nodeSolver();

/** Forbidden words in every shape among plain ones: how many are called fine. */
function labels(): void {
  const random = createRandom(7);
  const words = Object.entries(DANGERS).flatMap(([language, rows]) =>
    rows.flatMap(([need, list]) => list.split('|').map((word) => ({ language, need, word }))),
  );
  let [read, wrong] = [0, 0];
  while (read < LABELS) {
    const danger = words[random.int(words.length)]!;
    const text = shaped(danger, SHAPES[random.int(SHAPES.length)]!, PLAIN[danger.language]!.split('|'));
    if (text === undefined) continue;
    read += 1;
    const about = { name: 'Label', family: 'vehicle' as const, text, who: '', when: '' };
    const food = componentOfLabel(readLabel(text), about);
    if (judgeNeed(food, 'fan', { id: danger.need, settings: {} }).verdict === 'fine') wrong += 1;
  }
  console.log(`labels: ${wrong} of ${read} with a forbidden word are called fine`);
}

const grave = (plan: Plan) =>
  checkPlan(plan).findings.filter((finding) => finding.severity === 'blocker').length;

/** Every need alone, among others, and every two: how many boards carry a slip that stops service. */
function parties(): void {
  let stopped = 0;
  for (const { party } of NEEDY_PARTIES) {
    const done = compose(planForParty(party), solve, { quick: true });
    if (done.status !== 'impossible' && grave(done.plan) > 0) stopped += 1;
  }
  console.log(`proposals: ${stopped} of ${NEEDY_PARTIES.length} boards stop service`);
}

/** Sixty boards, three seeds each: how many layouts cover less than they should, or lose a piece. */
function layouts(): void {
  let [thin, lost] = [0, 0];
  for (let i = 0; i < LAYOUTS; i++) {
    const { plan } = compose(randomBrief(i), solve, { quick: true });
    for (let seed = 1; seed <= SEEDS; seed++) {
      const laid = layPlan(plan, seed);
      const full = checkPlan(laid.plan).findings.every((finding) => finding.code !== 'too-large');
      if (full && laid.surfaces.some((laid) => laid.coverage < LEAST_COVER)) thin += 1;
      if (checkPlan(laid.plan).findings.some((finding) => finding.code === 'not-all-laid')) lost += 1;
    }
  }
  console.log(
    `layouts: ${thin} of ${LAYOUTS * SEEDS} cover less than ${LEAST_COVER * 100} %, ${lost} lose a piece`,
  );
}

/** First remedies pressed on hurt boards: how many never end, or raise what is grave. */
function remedies(): void {
  let [endless, raised] = [0, 0];
  for (let i = 0; i < PRESSED; i++) {
    const { plan } = compose(randomBrief(i), solve, { quick: true });
    let now: Plan = { ...plan, placements: plan.placements.filter((_, k) => (k + i) % 2 === 0) };
    let before = grave(now);
    let presses = 0;
    for (; presses < 80; presses++) {
      const checked = checkPlan(now);
      const slips = checked.findings.filter((finding) => finding.severity !== 'good');
      const first = slips
        .map((finding) => () => triedRemedies(now, checked, finding)[0])
        .reduce<ReturnType<typeof triedRemedies>[0] | undefined>((found, next) => found ?? next(), undefined);
      const done = first && applyCommand(now, first.remedy.command);
      if (!done?.ok) break;
      now = done.plan;
      if (grave(now) > before) raised += 1;
      before = grave(now);
    }
    if (presses === 80) endless += 1;
  }
  console.log(
    `remedies: ${endless} of ${PRESSED} boards never come to an end, ${raised} presses raise what is grave`,
  );
}

labels();
parties();
layouts();
remedies();
