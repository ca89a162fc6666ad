import { portionsIn, portionsOf, hasSmallChildren, type Group } from '../party/index.js';
import { groupsAt, moduleKey, numberOf, type Plan, type Surface } from '../plan/index.js';

/** Surfaces that are modules of one table, taken as one and shared out evenly. */
export interface ServingArea {
  surfaces: Surface[];
  /** The first of them; all are alike. */
  surface: Surface;
  /** Boards, boxes or parts of a table in all. */
  copies: number;
  groups: Group[];
}

/** The table as it is composed: modules that serve the same guests together, every other surface by itself. */
export function servingAreas(plan: Plan): ServingArea[] {
  const areas: ServingArea[] = [];
  for (const surface of plan.surfaces) {
    const twin = areas.find((area) => moduleKey(area.surface) === moduleKey(surface));
    if (twin) {
      twin.surfaces.push(surface);
      twin.copies += numberOf(surface);
    } else
      areas.push({
        surfaces: [surface],
        surface,
        copies: numberOf(surface),
        groups: groupsAt(plan, surface),
      });
  }
  return areas;
}

/** A small child's own plate: filled once, eaten at once, and everything on it must be fine for them. */
export function isOwnPlate(plan: Plan, surface: Surface): boolean {
  if (surface.serves === null) return false;
  const groups = groupsAt(plan, surface);
  return groups.length > 0 && groups.length < plan.party.length && groups.every(hasSmallChildren);
}

/** Small children who can reach this surface, whether it is meant for them or not. */
export const smallChildrenWithin = (plan: Plan, surface: Surface): Group[] =>
  plan.party.filter(
    (group) => hasSmallChildren(group) && (surface.smallHands || groupsAt(plan, surface).includes(group)),
  );

/**
 * The share of a food that these groups at its table take, each its proportional part of it times what `takes` says: 1 for
 * a group that eats as much as there is for it, less for one that has more before it than it eats. 0 where nobody is served.
 */
export function shareTaken(groups: readonly Group[], takes: (group: Group) => number): number {
  const all = portionsIn(groups);
  return all === 0 ? 0 : groups.reduce((sum, group) => sum + takes(group) * portionsOf(group), 0) / all;
}
