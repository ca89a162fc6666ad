import { beforeAll, describe, expect, test } from '@jest/globals';
import { DEMOS } from '../../demo/index.js';
import { nodeSolver } from '../../solver/node.js';
import { compose, type Solver } from '../compose/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { randomBrief } from '../testing/briefs.js';
import { withSmallLarder } from '../testing/plans.js';
import { guestsWith } from '../testing/parties.js';
import { checkFood, checkPlan, triedRemedies, type Tried } from './index.js';
import { text } from '../testing/words.js';
import { inEnglish } from '../words/index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const composed = (plan: Plan) => compose(plan, solve, { quick: true }).plan;
/** Boards that were hurt: half of the food gone, another party come. */
const HURT: readonly [string, (plan: Plan) => Plan][] = [
  ['as composed', (plan) => plan],
  [
    'with every other food gone',
    (plan) => ({ ...plan, placements: plan.placements.filter((_, i) => i % 2) }),
  ],
  [
    'with vegans and a nut allergy come',
    (plan) => ({
      ...plan,
      surfaces: plan.surfaces.map((surface) => ({ ...surface, serves: null })),
      party: [...plan.party, guestsWith('vegans', 4, ['vegan']), guestsWith('nut', 1, ['tree-nut-free'])],
    }),
  ],
];
const MOST_PRESSES = 80;

/** Presses the first remedy of the first slip that has one, again and again; the numbers of grave slips on the way. */
function pressAll(plan: Plan): number[] {
  const way: number[] = [];
  let now = plan;
  while (way.length <= MOST_PRESSES) {
    const checked = checkFood(now);
    way.push(checked.findings.filter((finding) => finding.severity === 'blocker').length);
    let first: Tried | undefined;
    for (const finding of checked.findings) {
      if (finding.severity !== 'good') first = triedRemedies(now, checked, finding)[0];
      if (first) break;
    }
    if (!first) return way;
    const done = applyCommand(now, first.remedy.command);
    if (!done.ok)
      throw new Error(`a remedy that was tried was refused: ${inEnglish(done.problems[0]!.reason)}`);
    now = done.plan;
  }
  return way;
}

describe('remedies keep their word', () => {
  const boards = [
    // `npm run bench` goes through a hundred briefs and every demo
    ['kite-meadow', () => DEMOS['kite-meadow']!()] as const,
    ...[0, 2].map((i) => [`brief ${i}`, () => withSmallLarder(randomBrief(i))] as const),
  ];

  test.each(boards)('pressing first remedies on %s ends, and never raises what is grave', (_name, brief) => {
    const board = composed(brief());
    for (const [how, hurt] of HURT) {
      const way = pressAll(hurt(board));
      expect([how, way.length <= MOST_PRESSES]).toEqual([how, true]);
      for (let i = 1; i < way.length; i++) expect([how, i, way[i]! <= way[i - 1]!]).toEqual([how, i, true]);
    }
  });

  test('what is offered says what it fixes and what it breaks, by the same check', () => {
    const board = HURT[1]![1](composed(randomBrief(2)));
    const checked = checkPlan(board);
    const texts = (plan: Plan) => new Set(checkPlan(plan).findings.map(text));
    let seen = 0;
    for (const finding of checked.findings.filter((otherFinding) => otherFinding.severity !== 'good'))
      for (const { remedy, fixes, breaks } of triedRemedies(board, checked, finding)) {
        const done = applyCommand(board, remedy.command);
        expect(done.ok).toBe(true);
        if (!done.ok) continue;
        seen += 1;
        // a slip about several foods may be about fewer then
        if (finding.components.length < 2) expect(fixes.map(text)).toContain(text(finding));
        for (const otherFinding of breaks) expect([...texts(done.plan)]).toContain(text(otherFinding));
      }
    expect(seen).toBeGreaterThan(2);
  });
});
