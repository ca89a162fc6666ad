import { applyCommand, type Command } from '../../core/plan/index.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';

/**
 * Runs an edit that a slip offers. The board is laid again, pins kept, when what lies on it has changed; undo takes
 * back both at once.
 */
export function useRemedy(): (command: Command) => void {
  const edit = useSession((session) => session.edit);
  const lay = useKitchen((jobs) => jobs.lay);
  return (command) => {
    const before = useSession.getState().plan;
    const done = before && applyCommand(before, command);
    edit(command);
    const after = useSession.getState().plan;
    const changed =
      before && after && (before.placements !== after.placements || before.surfaces !== after.surfaces);
    if (changed && done?.ok && after.layout.length > 0) void lay(after, done.label, before);
  };
}
