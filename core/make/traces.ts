import { countsThere, quietAreas, servingAreas } from '../board/index.js';
import type { Component } from '../catalogue/index.js';
import { carriesTo, judgeGroup } from '../needs/index.js';
import type { Group } from '../party/index.js';
import type { Placement, Plan } from '../plan/index.js';

/** A bit for each group that minds what was on the board before; groups with the same needs share one. */
export interface Traces {
  groups: readonly { bit: number; group: Group }[];
  /** Groups that must not meet the food. */
  leaves(component: Component): number;
  /** Groups that are served it, and for whom it is fine. */
  keeps(component: Component, form: Placement['form'], at: readonly Placement[]): number;
}

/** No more can be told apart; beyond them the rest share the last bit, which only cleans more. */
const MOST = 30;

/** Bits reach over knife, board and gloves where the need minds more than what lies beside the food. */
const reaches = (component: Component, group: Group): boolean =>
  carriesTo(component, group).some(({ reach }) => reach !== 'neighbours');

export function tracesOf(plan: Plan): Traces {
  const kinds = new Map<string, number>();
  const groups = plan.party.map((group) => {
    const key = JSON.stringify([group.needs, group.band, group.ages]);
    if (!kinds.has(key)) kinds.set(key, 1 << Math.min(kinds.size, MOST - 1));
    return { bit: kinds.get(key)!, group };
  });
  const areas = servingAreas(plan);
  const quiet = quietAreas(plan.party, areas);
  return {
    groups,
    // what only a label can tell counts as there
    leaves: (component) =>
      groups.reduce((bits, { bit, group }) => (reaches(component, group) ? bits | bit : bits), 0),
    keeps: (component, form, placements) =>
      groups.reduce((bits, { bit, group }) => {
        // what still asks is nobody's yet: once its label is noted the day is judged again
        const { verdict } = judgeGroup(component, form, group);
        const served = areas.some(
          (area) =>
            area.groups.includes(group) &&
            placements.some(({ surfaceId }) => area.surfaces.some(({ id }) => id === surfaceId)) &&
            countsThere(component, verdict, area, group, quiet),
        );
        return served ? bits | bit : bits;
      }, 0),
  };
}
