import type { Family } from '../../catalogue/index.js';
import { countsOnSome, guestsIn, type Group } from '../../party/index.js';
import { COUNTED } from '../../portion/index.js';
import { sharedAreas, type Draft } from '../draft.js';

/** Points lost where everybody at a surface may have nothing of a family of bodies; of fewer guests, their share (house default). */
const NOTHING_OF_IT = 10;
/** Fewer than this share are fed as well, by whatever of it there is. */
const A_FEW = 0.1;

/**
 * Who may eat some of the cheeses, or some of the meats, finds one of them where the larder has one: three of seven who are
 * expecting are not left with the bread beside three cured hams.
 */
export function servedRows(draft: Draft): void {
  const { targets } = draft.problem;
  const bodies = new Set(
    draft.entries
      .map(({ candidate: { component } }) => component)
      .filter(({ job }) => job === 'body')
      .map(({ family }) => family),
  );
  const families = COUNTED.filter((family) => targets.byFamily[family] > 0 && bodies.has(family));
  for (const area of sharedAreas(draft)) {
    const here = draft.entries.filter(({ candidate }) => candidate.area === area);
    const byFamily = new Map<Family, typeof here>();
    for (const entry of here) {
      const { family } = entry.candidate.component;
      byFamily.set(family, [...(byFamily.get(family) ?? []), entry]);
    }
    const row = (group: Group, family: Family): void => {
      const all = byFamily.get(family) ?? [];
      const theirs = all.filter(({ candidate }) => candidate.verdicts.get(group.id) !== 'forbidden');
      if (theirs.length === 0 || theirs.length === all.length) return;
      const name = `${family} for ${group.id} on ${area.surface.id}`;
      const share = group.count / guestsIn(area.groups);
      if (share < A_FEW) return;
      const none = draft.model.variable(`no ${name}`, 0, 1, NOTHING_OF_IT * share, {
        loss: { say: 'loss.served', with: { group: group.name } },
      });
      draft.model.atLeast(name, [...theirs.map(({ laid }) => [laid, 1] as const), [none, 1]], 1);
    };
    for (const group of area.groups.filter(countsOnSome)) for (const family of families) row(group, family);
  }
}
