import { mostCount, onPlateOf, reachOf } from '../../board/index.js';
import { packOf, per100, plateLimit, settingValues, type NeedPack } from '../../needs/index.js';
import { needsOf, type Group, type NeedChoice } from '../../party/index.js';
import { needG } from '../../portion/index.js';
import type { Draft, Entry } from '../draft.js';

/** Points lost when a plate is over its limit by all of it: a promise to a guest, not a matter of taste. */
const OVER_LIMIT = 400;
/** Rounding to whole pieces moves a plate a little. */
const SPARE = 0.9;

/**
 * Carbohydrate, salt, energy on the plate of a guest who counts them. A plate is the portion, as it lies there, of what
 * is fine for them; its sum keeps the limit when the mean of those foods does, which is linear. A few among many find
 * enough of it, and the board is as it would be without them; who is most of a party eats of everything.
 */
export function plateRows(draft: Draft): void {
  const { plan, targets } = draft.problem;
  if (targets.perPortionG === 0) return;
  const isMost = mostCount(plan);
  for (const group of plan.party)
    for (const choice of needsOf(group)) {
      const pack = packOf(choice);
      if (!pack?.quantity) continue;
      const eaten = draft.entries.filter(({ candidate: { area, component, form } }) => {
        const on = area.groups.includes(group) ? onPlateOf(component, form, group) : 'never';
        return on === 'first' || (on === 'then' && isMost);
      });
      if (eaten.length === 0) continue;
      const part = ({ candidate }: Entry) => (isMost ? 1 : reachOf(plan, candidate.area.surface, group));
      limitRow(draft, { group, choice, pack, parts: eaten.map((entry) => [entry, part(entry)]) });
      if (!isMost)
        enoughRow(
          draft,
          group,
          pack,
          eaten.map((entry) => [entry.mass, part(entry)]),
        );
    }
}

interface Plate {
  group: Group;
  choice: NeedChoice;
  pack: NeedPack;
  /** What is on it, and the part of each that the group may take. */
  parts: (readonly [Entry, number])[];
}

function limitRow(draft: Draft, { group, choice, pack, parts }: Plate): void {
  const { plan, targets } = draft.problem;
  const limit = plateLimit(pack, choice, plan.occasion.role);
  const perGram = (limit / (needG(group, targets) / group.count)) * SPARE;
  const setting = (id: string) => settingValues(pack, choice, id)[0]!;
  const terms = parts.map(
    ([{ mass, candidate }, part]) =>
      [mass, part * (per100(candidate.component, pack.quantity!, setting).high / 100 - perGram)] as const,
  );
  const scale = Math.max(1e-6, perGram * targets.totalG);
  const over = draft.model.variable(`over limit ${group.id}`, 0, Infinity, OVER_LIMIT / scale, {
    loss: { say: 'loss.limit', with: { group: group.name } },
  });
  draft.model.atMost(`limit ${pack.id} ${group.id}`, [...terms, [over, -1]], 0);
}

/** Points lost when nothing of a portion is fine by itself. */
const LITTLE_FINE = 40;

/** A whole portion of what is fine, so that nobody needs to weigh what is not. */
function enoughRow(
  draft: Draft,
  group: Group,
  pack: NeedPack,
  fine: readonly (readonly [variable: number, factor: number])[],
): void {
  const portion = needG(group, draft.problem.targets);
  const short = draft.model.variable(`fine short ${pack.id} ${group.id}`, 0, portion, LITTLE_FINE / portion, {
    loss: { say: 'loss.limit', with: { group: group.name } },
  });
  draft.model.atLeast(`fine for ${pack.id} ${group.id}`, [...fine, [short, 1]], portion / SPARE);
}
