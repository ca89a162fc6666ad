import { applyCommand, emptyPlan, type Command, type Plan } from '../plan/index.js';
import { advisedOutline } from './ground.js';

const key = (outline: Plan['surfaces'][number]['outline']) => JSON.stringify(outline);

/** The size that a new plan's surface has before anybody comes. */
const FRESH = emptyPlan('new', '2027-01-01T19:00').surfaces[0]!.outline;

/**
 * A plan's only surface follows the party while nothing lies on it and nobody has given it a size by hand: the edit that
 * changes who comes, or what the board is for, then changes its size too, as one step of undo. Any other edit comes back
 * as it is.
 */
export function withSize(plan: Plan, command: Command): Command {
  const [surface, more] = plan.surfaces;
  if (!surface || more || plan.placements.length > 0) return command;
  const untouched = plan.party.length === 0 ? FRESH : advisedOutline(plan, surface);
  if (!untouched || key(untouched) !== key(surface.outline)) return command;
  const done = applyCommand(plan, command);
  if (!done.ok || done.plan.placements.length > 0 || done.plan.surfaces.length !== 1) return command;
  const [after] = done.plan.surfaces;
  const advised = advisedOutline(done.plan, after!);
  if (!advised || key(after!.outline) !== key(surface.outline) || key(advised) === key(surface.outline))
    return command;
  return {
    name: 'together',
    label: done.label,
    commands: [
      ...(command.name === 'together' ? command.commands : [command]),
      { name: 'set-surface', surface: { ...after!, outline: advised } },
    ],
  };
}
