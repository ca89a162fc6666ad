import { toast } from 'sonner';
import { create } from 'zustand';
import type { Plan } from '../../core/plan/index.js';
import { ask, Cancelled, type Running } from '../workers/kitchen.js';
import type { Answer } from '../workers/contract.js';
import { useSession } from './session.js';

interface Jobs {
  /** What the kitchen is doing, in words; null when it rests. */
  doing: string | null;
  conflicts: string[];
  compose(plan: Plan): Promise<void>;
  lay(plan: Plan, surfaceIds: string[] | null, seed: number): Promise<void>;
  cancel(): void;
}

let running: Running<Answer> | undefined;

/** Long work: proposals come into the plan as one undoable edit, and only if the plan is still the one that was asked about. */
export const useKitchen = create<Jobs>((set) => ({
  doing: null,
  conflicts: [],

  async compose(plan) {
    set({ doing: 'Looking through the larder', conflicts: [] });
    const job = ask({ kind: 'compose', plan }, { progress: (words) => set({ doing: words }) });
    running = job;
    const answer = await finish(job, set);
    if (!answer || useSession.getState().planId !== plan.id) return;
    if (answer.status === 'impossible') {
      set({ conflicts: answer.conflicts.map((c) => c.text) });
      return;
    }
    useSession.getState().edit({ name: 'set-board', placements: answer.plan.placements });
    const now = useSession.getState().plan;
    if (now) await useKitchen.getState().lay(now, null, now.seed);
  },

  async lay(plan, surfaceIds, seed) {
    set({ doing: 'Laying the board' });
    const job = ask({ kind: 'lay', plan, surfaceIds, seed }, { progress: (words) => set({ doing: words }) });
    running = job;
    const answer = await finish(job, set);
    if (!answer || useSession.getState().planId !== plan.id) return;
    useSession.getState().edit({
      name: 'together',
      label: 'lay the board',
      commands: answer.surfaces.map((s) => ({
        name: 'set-layout',
        surfaceId: s.surfaceId,
        elements: s.elements,
      })),
    });
  },

  cancel() {
    running?.cancel();
  },
}));

async function finish<A extends Answer>(
  job: Running<A>,
  set: (patch: Partial<Jobs>) => void,
): Promise<A | undefined> {
  try {
    return await job.done;
  } catch (error) {
    if (!(error instanceof Cancelled)) toast.error(error instanceof Error ? error.message : String(error));
    return undefined;
  } finally {
    set({ doing: null });
  }
}
