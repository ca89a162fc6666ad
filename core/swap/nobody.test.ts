import { beforeAll, describe, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { checkPlan } from '../check/index.js';
import { compose, type Solver } from '../compose/index.js';
import { judgeGroup } from '../needs/index.js';
import { applyCommand, groupsAt, planLarder, type Plan } from '../plan/index.js';
import type { Group } from '../party/index.js';
import { withSmallLarder } from '../testing/plans.js';
import { NEEDY_PARTIES, planForParty } from '../testing/parties.js';
import { convert, swapsFor } from './index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const stops = (plan: Plan): string[] =>
  checkPlan(plan)
    .findings.filter((finding) => finding.severity === 'blocker')
    .map((finding) => finding.key);

/** Food on a surface that nobody who is served there may eat. */
function nobodys(plan: Plan): string[] {
  const larder = planLarder(plan);
  return plan.placements.flatMap((placement) => {
    const surface = plan.surfaces.find((surface) => surface.id === placement.surfaceId)!;
    const groups = groupsAt(plan, surface);
    const out = groups.every(
      (group) =>
        judgeGroup(larder.get(placement.componentId)!, placement.form, group).verdict === 'forbidden',
    );
    return out ? [placement.componentId as string] : [];
  });
}

/** Every need alone and among others, and a part of the pairs; `npm run bench` goes through all of them. */
const SOME = NEEDY_PARTIES.filter((_, i) => i < 62 || i % 23 === 0);
/** Each fifth may have all of the larder; the others what is enough to find a fault of a rule. */
const planOf = (party: Group[], i: number, policy: Plan['policy']): Plan =>
  i % 5 === 0 ? planForParty(party, policy) : withSmallLarder(planForParty(party, policy));
const POLICIES = ['looked-after', 'everything-fits', 'own-plate'] as const;

describe('a proposal never has what nobody may eat, and never stops service', () => {
  test.each(
    SOME.map((p, i) => [p.name, p.party, POLICIES[i % 7 === 3 ? 1 : i % 7 === 5 ? 2 : 0], i] as const),
  )('a board for %s', (_name, party, policy, i) => {
    const done = compose(planOf(party, i, policy), solve, { quick: true });
    if (done.status === 'impossible') {
      // only a wish that nothing can keep says so, and names it
      expect(done.conflicts.length).toBeGreaterThan(0);
      return;
    }
    expect(nobodys(done.plan)).toEqual([]);
    expect(stops(done.plan)).toEqual([]);
    expect(done.plan.placements.length).toBeGreaterThan(5);
  });

  test.each(['vegan', 'keto', 'kosher-style', 'child-1-3'])(
    'filling up a half-empty board for %s',
    (need) => {
      const { party } = NEEDY_PARTIES.find((p) => p.name === `everyone and ${need}`)!;
      const { plan } = compose(planForParty(party), solve, { quick: true });
      const kept = new Set(
        plan.placements.map((placement) => placement.componentId).filter((_, i) => i % 2 === 0),
      );
      const half = {
        ...plan,
        placements: plan.placements.filter((placement) => kept.has(placement.componentId)),
      };
      const filled = compose(half, solve, { keep: true, quick: true });
      expect(nobodys(filled.plan)).toEqual([]);
      expect(stops(filled.plan)).toEqual([]);
    },
  );

  test.each(['vegan', 'tree-nut-free', 'halal'])('swaps on a board for %s', (need) => {
    const { party } = NEEDY_PARTIES.find((p) => p.name === need)!;
    const { plan } = compose(planForParty(party), solve, { quick: true });
    const before = new Set(stops(plan));
    for (const id of [...new Set(plan.placements.map((placement) => placement.componentId))].slice(0, 4)) {
      for (const swap of swapsFor(plan, id)) {
        const done = applyCommand(plan, swap.command);
        if (!done.ok) continue;
        expect([swap.id, nobodys(done.plan)]).toEqual([swap.id, []]);
        expect([swap.id, stops(done.plan).filter((stop) => !before.has(stop))]).toEqual([swap.id, []]);
      }
      // the first list, by likeness alone, has nothing either that nobody may eat
      for (const swap of swapsFor(plan, id, { judge: false })) {
        const done = applyCommand(plan, swap.command);
        if (done.ok) expect([swap.id, nobodys(done.plan)]).toEqual([swap.id, []]);
      }
    }
  });

  test.each([
    ['vegan', 'everyone and gluten-free'],
    ['dairy-free', 'everyone and tree-nut-free'],
    ['halal', 'everyone and keto'],
  ])('a board turned to %s for %s', (need, whose) => {
    const { party } = NEEDY_PARTIES.find((p) => p.name === whose)!;
    const { plan } = compose(planForParty(party), solve, { quick: true });
    const before = new Set(stops(plan));
    const done = convert(plan, { needs: [{ id: need, settings: {} }] }, solve);
    if (done.status === 'impossible') expect(done.said[0]!.say).toBe('convert.stops');
    expect(stops(done.plan).filter((stop) => !before.has(stop))).toEqual([]);
  });
});
