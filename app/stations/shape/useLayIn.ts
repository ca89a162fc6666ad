import { useShallow } from 'zustand/react/shallow';
import type { Command, Plan, SurfaceId } from '../../../core/plan/index.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';

/** Puts what was made into the plan; a surface that is laid already is laid anew around what changed, as one step. */
export function useLayIn(plan: Plan): {
  layIn: (command: Command, surfaceId: SurfaceId) => void;
  busy: boolean;
} {
  const edit = useSession((session) => session.edit);
  const kitchen = useKitchen(useShallow((state) => ({ doing: state.doing, lay: state.lay })));
  return {
    busy: kitchen.doing !== null,
    layIn(command, surfaceId) {
      edit(command);
      const now = useSession.getState().plan;
      const isLaid = plan.layout.some((layer) => layer.surfaceId === surfaceId && layer.elements.length > 0);
      if (now && isLaid) void kitchen.lay(now, 'label' in command ? command.label : undefined, plan);
    },
  };
}
