import { judgeGroup, packOf, per100, plateLimit, QUANTITY_FACTS, settingValues } from '../../needs/index.js';
import { needsOf, portionsOf, type Group } from '../../party/index.js';
import type { Draft, Entry } from '../draft.js';

/** Points lost when a plate is over its limit by all of it: a promise to a guest, not a matter of taste. */
const OVER_LIMIT = 400;
/** Rounding to whole pieces moves a plate a little. */
const SPARE = 0.9;

/**
 * Carbohydrate, salt, energy on the plate of a guest who counts them. A plate is the portion, of everything that the
 * guest may eat, as it lies there: its sum keeps the limit when the mean of those foods does, which is linear.
 */
export function plateRows(draft: Draft): void {
  const { plan, targets } = draft.problem;
  for (const group of plan.party)
    for (const choice of needsOf(group)) {
      const pack = packOf(choice);
      if (!pack?.quantity || targets.perPortionG === 0) continue;
      const limit = plateLimit(pack, choice, plan.occasion.role);
      const eachG = (portionsOf(group) * targets.perPortionG) / group.count;
      const perGram = (limit / eachG) * SPARE;
      const setting = (id: string) => settingValues(pack, choice, id)[0]!;
      const terms = draft.entries
        .filter((entry) => onPlate(entry, group))
        .map(
          (entry) =>
            [
              entry.mass,
              per100(entry.candidate.component, pack.quantity!, setting).high / 100 - perGram,
            ] as const,
        );
      if (terms.length === 0) continue;
      const scale = Math.max(1e-6, perGram * targets.totalG);
      const over = draft.model.variable(`over limit ${group.id}`, 0, Infinity, OVER_LIMIT / scale, {
        loss: { say: 'loss.limit', with: { group: group.name } },
      });
      draft.model.atMost(`limit ${pack.id} ${group.id}`, [...terms, [over, -1]], 0);
    }
}

/** As the check counts a plate: what the guest may eat by its facts, whatever only the whole plate decides. */
function onPlate(entry: Entry, group: Group): boolean {
  const { area, component, form } = entry.candidate;
  return (
    area.groups.includes(group) &&
    judgeGroup(component, form, group).reasons.every(
      (reason) => reason.verdict === 'ask' && (QUANTITY_FACTS as readonly string[]).includes(reason.fact),
    )
  );
}
