import { beforeAll, expect, test } from '@jest/globals';
import { nodeSolver } from '../../solver/node.js';
import { costOf, minutesOfPlan } from '../portion/index.js';
import { group, planWith, withSmallLarder } from '../testing/plans.js';
import { compose, leastFor, type Solver } from './index.js';

let solve: Solver;
beforeAll(async () => (solve = await nodeSolver()));

const party = [group('all', 10), group('vegans', 4, ['vegan'])];
const plan = withSmallLarder(planWith({ party }));

test('no board costs less, or takes less work, than is said; a free one is said to be possible', () => {
  const least = leastFor(plan, solve)!;
  const cheap = compose(
    { ...plan, wishes: { ...plan.wishes, levers: { ...plan.wishes.levers, cheaper: 2 } } },
    solve,
  ).plan;
  const quick = compose(
    { ...plan, wishes: { ...plan.wishes, levers: { ...plan.wishes.levers, lessWork: 2 } } },
    solve,
  ).plan;
  expect(least.minor).toBeGreaterThan(0);
  expect(least.minor).toBeLessThanOrEqual(costOf(cheap));
  expect(least.minutes).toBeLessThanOrEqual(minutesOfPlan(quick));
  expect([least.enoughMoney, least.enoughMinutes, least.fedByMoney]).toEqual([true, true, 14]);
});

test('what is said to be impossible is: half of the least feeds half of the guests, and composing finds nothing', () => {
  const { minor } = leastFor(plan, solve)!;
  const poor = { ...plan, budgetMinor: Math.floor(minor / 2) };
  const least = leastFor(poor, solve)!;
  expect(least.enoughMoney).toBe(false);
  expect([6, 7]).toContain(least.fedByMoney);
  expect(compose(poor, solve, { silent: true }).status).toBe('impossible');
});

test('nobody who comes, or nothing to lay on, has no least', () => {
  expect(leastFor({ ...plan, party: [] }, solve)).toBeUndefined();
  expect(leastFor({ ...plan, surfaces: [] }, solve)).toBeUndefined();
});
