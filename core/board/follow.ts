import { applyCommand, emptyPlan, type Command, type Plan, type Surface } from '../plan/index.js';
import { advisedTable } from './table.js';

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
const FRESH = emptyPlan('new', '2027-01-01T19:00').surfaces;

/**
 * A plan's table follows the party while nothing lies on it and nobody has given it a size by hand: the edit that changes
 * who comes, or what the board is for, then changes its size, and for many guests its parts, as one step of undo. Any other
 * edit comes back as it is.
 */
export function withSize(plan: Plan, command: Command): Command {
  const [surface] = plan.surfaces;
  if (!surface || plan.placements.length > 0) return command;
  const untouched = plan.party.length === 0 ? FRESH : advisedTable(plan, surface);
  if (key(untouched) !== key(plan.surfaces)) return command;
  const done = applyCommand(plan, command);
  if (!done.ok || done.plan.placements.length > 0) return command;
  const { surfaces } = done.plan;
  if (key(surfaces) !== key(plan.surfaces)) return command;
  const advised = advisedTable(done.plan, surfaces[0]!);
  if (key(advised) === key(surfaces)) return command;
  return {
    name: 'together',
    label: done.label,
    commands: [
      ...(command.name === 'together' ? command.commands : [command]),
      { name: 'set-table', surfaceIds: surfaces.map(({ id }) => id), parts: advised },
    ],
  };
}
