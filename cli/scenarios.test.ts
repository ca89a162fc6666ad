import { expect, test } from '@jest/globals';
import { checkPlan } from '../core/check/index.js';
import { planSchema } from '../core/plan/index.js';
import { DEMOS } from '../demo/index.js';
import { makeDemo } from '../demo/make.js';
import { nodeSolver } from '../solver/node.js';

/** The main one is made by the headless command's own test. */
test.each(
  Object.keys(DEMOS)
    .slice(1)
    .map((name) => [name] as const),
)('the scenario %s is composed, laid and checked without a slip that stops service', async (name) => {
  const plan = makeDemo(DEMOS[name]!(), await nodeSolver());
  expect(planSchema.safeParse(plan).success).toBe(true);
  const { findings, care } = checkPlan(plan);
  expect(findings.filter((f) => f.glyph === 'cracked').map((f) => f.text)).toEqual([]);
  expect(care.groups.filter((g) => !g.ok).map((g) => [g.group.id, g.missing])).toEqual([]);
  expect(plan.layout.every((l) => l.elements.length > 0)).toBe(true);
});
