import { checkPlan, triedRemedy, type Finding, type Remedy, type Tried } from '../check/index.js';
import { cameAndWent, compose, type Solver } from '../compose/index.js';
import type { Plan } from '../plan/index.js';

/** The board without the foods that the slip is about; what is pinned stays. */
const without = (plan: Plan, { components }: Finding): Plan => ({
  ...plan,
  placements: plan.placements.filter(
    (placement) =>
      plan.wishes.pinned.includes(placement.componentId) || !components.includes(placement.componentId),
  ),
});

const dropsPin = (plan: Plan, chosen: Plan): boolean =>
  plan.wishes.pinned.some(
    (id) =>
      plan.placements.some((placement) => placement.componentId === id) &&
      !chosen.placements.some((placement) => placement.componentId === id),
  );

function asRemedy(plan: Plan, chosen: Plan): Remedy {
  const { came, went } = cameAndWent(plan, chosen);
  return {
    kind: 'choose-again',
    args: { came: came.length, went: went.length },
    command: {
      name: 'together',
      label: 'choose again',
      commands: [{ name: 'set-board', placements: chosen.placements }],
    },
  };
}

/**
 * For a slip for which no other remedy keeps its word: the board is chosen again, first around what may stay, then
 * anew, and judged by the same check before anything changes. Undefined when no board found takes the slip away without
 * bringing another that stops service.
 */
export function wayOut(plan: Plan, key: Finding['key'], solve: Solver): Tried | undefined {
  const checked = checkPlan(plan);
  const finding = checked.findings.find((finding) => finding.key === key);
  if (!finding) return undefined;
  const ways: [Plan, boolean][] = [
    [without(plan, finding), true],
    [plan, false],
  ];
  for (const [from, keep] of ways) {
    const chosen = compose(from, solve, { keep, quick: true });
    if (chosen.status === 'impossible' || dropsPin(plan, chosen.plan)) continue;
    const tried = triedRemedy(plan, checked, finding, asRemedy(plan, chosen.plan));
    if (tried) return tried;
  }
  return undefined;
}
