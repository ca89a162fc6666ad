import {
  applyCommand,
  emptyPlan,
  type Command,
  type Plan,
  type SingleCommand,
  type Surface,
} from '../plan/index.js';
import { coverOf, fittingOutline, laidGroundCm2 } from '../portion/index.js';
import { roomOn, sizedTogether } from './room.js';
import { advisedTable } from './table.js';
import { advisedSetting } from './trays.js';

/** What makes a surface another one; its name and what it is made of do not. */
const key = (surfaces: readonly Surface[]): string =>
  JSON.stringify(
    surfaces.map(({ outline, rimMm, serves, freeFrom, smallHands, zoneFor }) => [
      outline,
      rimMm,
      serves,
      freeFrom,
      smallHands,
      zoneFor,
    ]),
  );

/** A new plan's surface before anybody comes. */
const FRESH = emptyPlan('new', '2027-01-01T19:00');

/** Bowls and tools of a fresh plan, and as many more as its parts want: each has dips and olives of its own (house default). */
const atHandFor = (parts: number): Pick<Plan, 'bowls' | 'tools'> => ({
  bowls: FRESH.bowls.map(({ diameterMm, count }) => ({
    diameterMm,
    count: Math.max(count, Math.ceil(count / 2) * parts),
  })),
  tools: {
    knives: Math.max(FRESH.tools.knives, 3 * parts),
    spoons: Math.max(FRESH.tools.spoons, 2 * parts),
    tongs: Math.max(FRESH.tools.tongs, parts),
  },
});

/** Nobody has said what is at hand: it follows the parts of the table. */
function withMoreAtHand(plan: Plan, parts: number): SingleCommand[] {
  const now = atHandFor(plan.surfaces.length);
  const then = atHandFor(parts);
  const isUnsaid = (part: keyof typeof now): boolean =>
    JSON.stringify(plan[part]) === JSON.stringify(now[part]) &&
    JSON.stringify(now[part]) !== JSON.stringify(then[part]);
  return [
    ...(isUnsaid('bowls') ? [{ name: 'set-bowls' as const, bowls: then.bowls }] : []),
    ...(isUnsaid('tools') ? [{ name: 'set-tools' as const, tools: then.tools }] : []),
  ];
}

/** How a table was set for who comes, if nobody set it by hand: with trays for the few, or as a table alone. */
function howSet(plan: Plan): ((plan: Plan, surface: Surface) => Surface[]) | undefined {
  const [surface] = plan.surfaces;
  if (!surface) return undefined;
  if (plan.party.length === 0) return key(FRESH.surfaces) === key(plan.surfaces) ? advisedSetting : undefined;
  return [advisedSetting, advisedTable].find((set) => key(set(plan, surface)) === key(plan.surfaces));
}

/** The same surfaces without guests who come no more. */
const withoutGone = (plan: Plan, then: Plan): Surface[] =>
  plan.surfaces.map((surface) => ({
    ...surface,
    serves: surface.serves && surface.serves.filter((id) => then.party.some((group) => group.id === id)),
  }));

/**
 * A plan's table follows the party while nothing lies on it and nobody has set it by hand: the edit that changes who
 * comes, or what the board is for, then changes its size, for many guests its parts, and who has a tray of their own, as
 * one step of undo. Any other edit comes back as it is.
 */
export function withSize(plan: Plan, command: Command): Command {
  if (plan.placements.length > 0) return command;
  const set = howSet(plan);
  if (!set) return command;
  const done = applyCommand(plan, command);
  if (!done.ok || done.plan.placements.length > 0) return command;
  const { surfaces } = done.plan;
  if (key(surfaces) !== key(withoutGone(plan, done.plan))) return command;
  const advised = set(done.plan, surfaces[0]!);
  if (key(advised) === key(surfaces)) return command;
  return {
    name: 'together',
    label: done.label,
    commands: [
      ...(command.name === 'together' ? command.commands : [command]),
      { name: 'set-table', surfaceIds: surfaces.map(({ id }) => id), parts: advised },
      ...withMoreAtHand(plan, advised.length),
    ],
  };
}

/** The same surfaces, each in the size that what lies there asks for, where it would not fit or would look mean. */
function fitted(plan: Plan): Surface[] {
  return plan.surfaces.map((surface) => {
    const alike = sizedTogether(plan, surface);
    if (laidGroundCm2(plan, surface) === 0 || alike.every((part) => roomOn(plan, part).is === 'fitting'))
      return surface;
    const ground = Math.max(...alike.map((part) => laidGroundCm2(plan, part)));
    return { ...surface, outline: fittingOutline(surface, ground, coverOf(plan, surface)) };
  });
}

/**
 * The edits that bring surfaces to the size of what was proposed for them. None where somebody has set the table by hand:
 * then it is the food that gives way, and Check says which size would fit.
 */
export function fittedTo(plan: Plan, placements: Plan['placements']): SingleCommand[] {
  const [first] = plan.surfaces;
  if (!first || plan.party.length === 0) return [];
  const bare = { ...plan, placements: [] };
  // as it was advised, or as the last proposal has left it
  const advised = [advisedSetting, advisedTable]
    .map((set) => set(bare, first))
    .find((surfaces) =>
      [surfaces, fitted({ ...plan, surfaces })].some((table) => key(table) === key(plan.surfaces)),
    );
  if (!advised) return [];
  const then = fitted({ ...plan, surfaces: advised, placements });
  return then.flatMap((surface, i) =>
    key([surface]) === key([plan.surfaces[i]!])
      ? []
      : [{ name: 'set-surface' as const, surface: { ...plan.surfaces[i]!, outline: surface.outline } }],
  );
}
