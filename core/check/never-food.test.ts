import { expect, test } from '@jest/globals';
import { ownComponent } from '../catalogue/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { group, planWith } from '../testing/plans.js';
import { checkPlan } from './index.js';

const withOwn = (name: string): Plan => {
  const own = ownComponent(name, 'garnish', 'own-leaf');
  const { form } = own.forms[0]!;
  return planWith({
    party: [group('all', 6)],
    ownComponents: [own],
    placements: [
      {
        componentId: own.id,
        surfaceId: 'board' as never,
        form,
        massG: 20,
        pieces: 4,
        lot: 0,
        contained: false,
      },
    ],
  });
};
const told = (plan: Plan) => checkPlan(plan).findings.find(({ code }) => code === 'never-food');

test('a leaf that must not touch food stops service under whatever name it came, and its remedy takes it off', () => {
  const plan = withOwn('Eucalyptus twigs');
  const slip = told(plan)!;
  expect([slip.severity, slip.grave]).toEqual(['blocker', true]);
  const done = applyCommand(plan, slip.remedies[0]!.command);
  if (!done.ok) throw new Error('refused');
  expect(done.plan.placements).toEqual([]);
  expect(told(done.plan)).toBeUndefined();
  expect(told(withOwn('Mint'))).toBeUndefined();
});
