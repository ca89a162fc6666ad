import { memo1 } from '../measure/index.js';
import type { Group } from '../party/index.js';
import type { Plan } from './plan.js';
import type { Surface } from './records/surface.js';

/** The groups that are served from a surface, in the party's order. */
export const groupsAt = (plan: Plan, surface: Surface): Group[] =>
  surface.serves ? plan.party.filter((group) => surface.serves!.includes(group.id)) : [...plan.party];

/** Served from by more than one group, or by whoever comes. */
export const isShared = (surface: Surface): boolean => surface.serves === null || surface.serves.length > 1;

/** Kept for one group alone. */
export const isOnlyFor = (surface: Surface, groupId: string): boolean =>
  surface.serves?.length === 1 && surface.serves[0] === groupId;

/** Surfaces with the same guests, promises, kept parts, outline, rim and reach are modules of one table. */
export const moduleKey = memo1((surface: Surface): string =>
  JSON.stringify([
    surface.serves,
    surface.freeFrom,
    surface.zoneFor,
    surface.outline,
    surface.rimMm,
    surface.smallHands,
    surface.ground,
    surface.guests,
    surface.places,
    surface.walls,
    surface.segments,
    surface.singles,
  ]),
);
