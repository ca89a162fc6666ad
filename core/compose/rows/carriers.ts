import {
  carriedNeedG,
  carriedSets,
  CARRIERS,
  carriesFor,
  isForMost,
  isPlainBread,
  relyingAt,
} from '../../board/index.js';
import type { ComponentId } from '../../catalogue/index.js';
import { wantsBread } from '../../portion/index.js';
import type { Draft, Entry } from '../draft.js';

const NO_CARRIER = 4;

/** Two kinds that hold a slice of cheese for each group; for a few guests one. */
export function carrierRows(draft: Draft): void {
  const { plan } = draft.problem;
  if (!wantsBread(plan)) return;
  for (const group of plan.party) {
    const entries = draft.entries.filter(
      ({ candidate }) =>
        relyingAt(plan, candidate.area.surface).includes(group) &&
        carriesFor(candidate.component, group) &&
        candidate.verdicts.get(group.id) !== 'forbidden',
    );
    const kinds = new Set(entries.map(({ candidate }) => candidate.component.id));
    const wanted = Math.min(kinds.size, group.count <= 3 ? 1 : CARRIERS);
    if (wanted === 0) continue;
    const missing = draft.model.variable(`carriers missing ${group.id}`, 0, wanted, NO_CARRIER, {
      loss: { say: 'loss.carriers', with: { group: group.name } },
    });
    draft.model.atLeast(
      `carriers ${group.id}`,
      [...[...kinds].map((id) => [laidFor(draft, group.id, id, entries), 1] as const), [missing, 1]],
      wanted,
    );
  }
}

/** Points lost where none of the need is there. */
const LITTLE_CARRIED = 6;

/** Grams of what holds a slice of cheese, for each group and for everybody together. */
export function carriedRows(draft: Draft): void {
  const { plan } = draft.problem;
  for (const { id, group, groups } of carriedSets(plan)) {
    const needG = carriedNeedG(plan, groups);
    const entries = draft.entries.filter(({ candidate }) =>
      groups.some(
        (group) =>
          relyingAt(plan, candidate.area.surface).includes(group) &&
          carriesFor(candidate.component, group) &&
          candidate.verdicts.get(group.id) !== 'forbidden',
      ),
    );
    if (needG === 0 || entries.length === 0) continue;
    const missing = draft.model.variable(`carried missing ${id}`, 0, needG, LITTLE_CARRIED / needG, {
      loss: group ? { say: 'loss.carriers', with: { group: group.name } } : { say: 'loss.carriers-all' },
    });
    draft.model.atLeast(
      `carried ${id}`,
      [...entries.map((entry) => [entry.mass, 1] as const), [missing, 1]],
      needG,
    );
  }
}

/** Points lost where most guests find only the bread that the few may eat. */
const NO_PLAIN_BREAD = 5;

/** Bread that nearly everybody takes, for those who may have it, where they are most of the party. */
export function plainBreadRows(draft: Draft): void {
  const { plan } = draft.problem;
  if (!wantsBread(plan)) return;
  const entries = draft.entries.filter(
    ({ candidate }) =>
      isPlainBread(candidate.component) &&
      isForMost(plan, (group) => candidate.verdicts.get(group.id) === 'forbidden'),
  );
  if (entries.length === 0) return;
  const missing = draft.model.variable('no plain bread', 0, 1, NO_PLAIN_BREAD, {
    loss: { say: 'loss.plain-bread' },
  });
  draft.model.atLeast('plain bread', [...entries.map((entry) => [entry.laid, 1] as const), [missing, 1]], 1);
}

/** Does a food lie where the group takes of it? What lies on somebody else's tray alone carries nothing for them. */
function laidFor(draft: Draft, groupId: string, id: ComponentId, entries: readonly Entry[]): number {
  const here = entries.filter(({ candidate }) => candidate.component.id === id);
  const [only] = here;
  if (here.length === 1) return only!.laid;
  if (here.length === draft.entriesOf(id).length) return draft.chosen.get(id)!;
  const laid = draft.model.variable(`${id} laid for ${groupId}`, 0, 1);
  draft.model.atMost(
    `${id} lies for ${groupId}`,
    [[laid, 1], ...here.map((entry) => [entry.laid, -1] as const)],
    0,
  );
  return laid;
}
