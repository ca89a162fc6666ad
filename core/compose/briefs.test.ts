import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { checkPlan } from '../check/index.js';
import { planLarder } from '../plan/index.js';
import { randomBrief } from '../testing/briefs.js';
import { compose, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

/** A few of the two hundred that `npm run bench` goes through. */
const SOME = Array.from({ length: 8 }, (_, i) => [i * 5 + 1] as const);

describe('briefs as strangers bring them', () => {
  test.each(SOME)('brief %i: everyone is looked after', (n) => {
    const brief = randomBrief(n);
    const done = compose(brief, solve, { quick: true });
    // the two hundred of `npm run bench` can all be kept: a brief that cannot is a fault
    expect([done.status, done.conflicts]).not.toContain('impossible');
    const { context, care } = checkPlan(done.plan);
    for (const group of care.groups) expect([group.group.id, group.missing]).toEqual([group.group.id, []]);
    // what a group relies on is never forbidden to it
    for (const group of care.groups)
      for (const placed of group.foods)
        expect(context.judge(placed, group.group).verdict).not.toBe('forbidden');
    const larder = planLarder(done.plan);
    for (const placement of done.plan.placements) expect(larder.has(placement.componentId)).toBe(true);
  });

  test('the same brief is the same, another is another', () => {
    expect(randomBrief(4)).toEqual(randomBrief(4));
    expect(randomBrief(4)).not.toEqual(randomBrief(5));
  });
});
