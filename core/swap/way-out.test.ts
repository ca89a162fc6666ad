import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { checkPlan } from '../check/index.js';
import { compose, type Solver } from '../compose/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { guestsWith, planForParty } from '../testing/parties.js';
import { group } from '../testing/plans.js';
import { wayOut } from './index.js';
import { inEnglish } from '../words/index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const stops = (plan: Plan) => checkPlan(plan).findings.filter((finding) => finding.severity === 'blocker');
const everyone = () => compose(planForParty([group('all', 12)]), solve, { quick: true }).plan;

const COME: readonly (readonly [string, readonly string[]])[] = [
  ['vegans', ['vegan']],
  ['halal guests', ['halal']],
  ['guests without nuts', ['tree-nut-free']],
  ['coeliacs and keto', ['gluten-free', 'keto']],
];

describe('a slip that no remedy takes away', () => {
  test.each(COME)(
    '%s come to a board that was chosen without them: choosing again keeps its word',
    (_name, needs) => {
      const before = everyone();
      const plan = { ...before, party: needs.map((need) => guestsWith(need, 5, [need])) };
      const slips = stops(plan);
      expect(slips.length).toBeGreaterThan(0);
      let helped = 0;
      for (const slip of slips) {
        const tried = wayOut(plan, slip.key, solve);
        if (!tried) continue;
        helped += 1;
        const done = applyCommand(plan, tried.remedy.command);
        if (!done.ok) throw new Error(inEnglish(done.problems[0]!.reason));
        const after = stops(done.plan);
        expect(after.length).toBeLessThanOrEqual(slips.length);
        // nothing that stops service is new
        expect(after.filter((finding) => !slips.some((slip) => slip.key === finding.key))).toEqual([]);
      }
      expect(helped).toBeGreaterThan(0);
    },
  );

  test('what is pinned stays; where that is the fault, nothing is offered', () => {
    const before = everyone();
    const all = { ...before, party: [guestsWith('vegans', 5, ['vegan'])] };
    const slip = stops(all).find((finding) => finding.key.startsWith('not-for'))!;
    const pinned = slip.components[0]!;
    const plan = { ...all, wishes: { ...all.wishes, pinned: [pinned] } };
    const ofIt = stops(plan).filter((finding) => finding.components.includes(pinned));
    expect(ofIt.length).toBeGreaterThan(0);
    for (const finding of ofIt)
      expect([finding.key, wayOut(plan, finding.key, solve)]).toEqual([finding.key, undefined]);
    expect(wayOut(plan, 'no such slip', solve)).toBeUndefined();
  });
});
