import {
  groupsAt,
  moduleKey,
  outlineSize,
  outlineSized,
  type Plan,
  type SingleCommand,
  type Surface,
} from '../plan/index.js';
import { advisedOutline, isCarried, passesDoor } from '../portion/index.js';

/** Beyond so many guests one dense board fails: only its near side is reached (craft, section 3). */
const MOST_AT_ONE = 25;
/** A part of a table, with every kind on it, is for so many at most (craft, section 3). */
const MOST_AT_A_PART = 20;
/** So far a hand reaches over the food, in millimetres (house default). */
export const REACH_MM = 600;
/** The least that a surface measures, and the steps in which it grows, in millimetres. */
const LEAST_MM = 60;
const STEP_MM = 10;
/** As many surfaces as a plan holds. */
const MOST_SURFACES = 20;

const longestMm = ({ outline }: Pick<Surface, 'outline'>): number => Math.max(...outlineSize(outline));

/** Who stands in its middle reaches both ends. */
const isWithinReach = (surface: Pick<Surface, 'outline'>): boolean => longestMm(surface) <= 2 * REACH_MM;

/** Everybody reaches all of it, and what is carried in passes a door. */
const isHandy = (surface: Surface): boolean =>
  isWithinReach(surface) && (!isCarried(surface) || passesDoor(surface));

const otherTables = (plan: Plan, surface: Surface): Surface[] =>
  plan.surfaces.filter((other) => moduleKey(other) !== moduleKey(surface));

/** Guests who eat from a surface and the parts of the same table: who has other tables too eats as much at each. */
function guestsAtTable(plan: Plan, surface: Surface): number {
  const others = [...new Map(otherTables(plan, surface).map((other) => [moduleKey(other), other])).values()];
  return groupsAt(plan, surface).reduce(
    (sum, group) =>
      sum + group.count / (1 + others.filter((other) => groupsAt(plan, other).includes(group)).length),
    0,
  );
}

const named = (surface: Surface, n: number, k: number): string => {
  const base = surface.name.replace(/ \d+$/, '');
  return n === 1 ? base : `${base} ${k + 1}`;
};

/** A free id for each part; the first keeps its own. */
function idsFor(plan: Plan, surface: Surface, n: number): Surface['id'][] {
  const taken = new Set<string>(otherTables(plan, surface).map((other) => other.id));
  const ids: string[] = [surface.id];
  for (let k = 2; ids.length < n; k++) {
    const id = `${surface.id}-${k}`;
    if (!taken.has(id)) ids.push(id);
  }
  return ids as Surface['id'][];
}

/**
 * A surface as it should be set for those who eat from it: one, or, for many guests, where a hand does not reach and where
 * it would not pass the door, parts that are alike, each with every kind. The shape stays; the size is what its guests fill. The surface as it is
 * where nobody is served.
 */
export function advisedTable(plan: Plan, surface: Surface): Surface[] {
  const guests = guestsAtTable(plan, surface);
  const rest = otherTables(plan, surface);
  const room = MOST_SURFACES - rest.length;
  const least = guests > MOST_AT_ONE ? Math.ceil(guests / MOST_AT_A_PART) : 1;
  for (let n = Math.min(room, least); ; n++) {
    const parts = idsFor(plan, surface, n).map((id, k) => ({ ...surface, id, name: named(surface, n, k) }));
    const outline = advisedOutline({ ...plan, surfaces: [...rest, ...parts], placements: [] }, parts[0]!);
    if (!outline) return [surface];
    if (n >= room || isHandy({ ...surface, outline })) return parts.map((part) => ({ ...part, outline }));
  }
}

/** Why a surface should be set in parts: for how many guests it is, or how far they would have to reach. */
export interface TooFar {
  guests: number;
  /** Are there too many, however short the board is? */
  crowded: boolean;
  longestMm: number;
  parts: number;
}

/** Is a table too much for one surface, or for as few parts as it has? Undefined where everybody reaches everything. */
export function tooFarToReach(plan: Plan, surface: Surface): TooFar | undefined {
  if (surface.singles) return undefined;
  const parts = plan.surfaces.filter((other) => moduleKey(other) === moduleKey(surface)).length;
  const guests = guestsAtTable(plan, surface);
  const crowded = guests / parts > MOST_AT_ONE;
  if (!crowded && isWithinReach(surface)) return undefined;
  const advised = advisedTable(plan, surface).length;
  const asked = Math.max(advised, Math.ceil((parts * longestMm(surface)) / (2 * REACH_MM)));
  const most = MOST_SURFACES - otherTables(plan, surface).length;
  const wanted = Math.min(asked, most);
  return wanted > parts ? { guests, crowded, longestMm: longestMm(surface), parts: wanted } : undefined;
}

/**
 * The edit that sets a table in so many parts, with what lies on it shared out by whole pieces. Each part has its share of
 * the ground, in the same shape.
 */
export function inParts(
  plan: Plan,
  surface: Surface,
  n: number,
): Extract<SingleCommand, { name: 'set-table' }> {
  const now = plan.surfaces.filter((other) => moduleKey(other) === moduleKey(surface));
  const size = Math.sqrt(now.length / n);
  const mm = (length: number): number => Math.max(LEAST_MM, Math.ceil((length * size) / STEP_MM) * STEP_MM);
  const smaller = outlineSized(surface.outline, mm);
  const [first] = now;
  return {
    name: 'set-table',
    surfaceIds: now.map(({ id }) => id),
    parts: idsFor(plan, first!, n).map((id, k) => ({
      ...first!,
      id,
      name: named(first!, n, k),
      outline: smaller,
    })),
  };
}
