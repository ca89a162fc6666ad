import { applyCommand, type Plan } from '../plan/index.js';
import { kindOf, type Severity } from './kinds.js';
import { isOfTheLayout, type Finding, type Remedy } from './finding.js';
import { checkFood, type Checked } from './registry.js';

/** A remedy that was tried on the whole plan, by the same check: what goes away with it, and what comes. */
export interface Tried {
  remedy: Remedy;
  fixes: Finding[];
  breaks: Finding[];
}

/** How much a slip weighs against others: one that stops service is worth no number of questions. */
const WEIGHT: Record<Severity, number> = { blocker: 1000, ask: 3, caution: 1, good: 0 };

const counted = (findings: readonly Finding[]): Finding[] =>
  findings.filter((finding) => !isOfTheLayout(finding));

/** Of slips that weigh the same, those about fewer foods are less: a label that is read is one question less. */
const EACH_FOOD = 0.001;
const weigh = (findings: readonly Finding[]): number =>
  findings.reduce(
    (sum, finding) =>
      sum +
      (kindOf(finding.code).weight ?? WEIGHT[finding.severity]) +
      (finding.severity === 'good' ? 0 : finding.components.length * EACH_FOOD),
    0,
  );

/**
 * The remedies of a slip that keep their word: the slip goes, or is about fewer foods, nothing that stops service comes, and the
 * plan as a whole is better for it. So pressing first remedies comes to an end, and never raises what is grave.
 */
export function triedRemedies(plan: Plan, checked: Checked, finding: Finding): Tried[] {
  return finding.remedies.flatMap((remedy) => triedRemedy(plan, checked, finding, remedy) ?? []);
}

/** One remedy carried out on a copy of the plan and judged; undefined when it does not keep its word. */
export function triedRemedy(
  plan: Plan,
  checked: Checked,
  finding: Finding,
  remedy: Remedy,
): Tried | undefined {
  const done = applyCommand(plan, remedy.command);
  if (!done.ok || done.changes.length === 0) return undefined;
  const before = counted(checked.findings);
  const after = checkFood(done.plan).findings;
  const come = after.filter(
    (finding) =>
      finding.severity !== 'good' &&
      !before.some(
        (otherFinding) => otherFinding.key === finding.key && otherFinding.severity === finding.severity,
      ),
  );
  const gone = before.filter(
    (finding) =>
      finding.severity !== 'good' &&
      !after.some(
        (otherFinding) => otherFinding.key === finding.key && otherFinding.severity === finding.severity,
      ),
  );
  if (come.some((finding) => finding.severity === 'blocker')) return undefined;
  const better = weigh(after) < weigh(before);
  const told = { remedy, fixes: gone, breaks: come };
  // what only makes a good thing last longer fixes no slip, and may break none
  if (finding.severity === 'good') return come.length === 0 ? told : undefined;
  const left = after.find(
    (otherFinding) => otherFinding.key === finding.key && otherFinding.severity === finding.severity,
  );
  const helped = !left || left.components.length < finding.components.length;
  return better && helped ? told : undefined;
}
