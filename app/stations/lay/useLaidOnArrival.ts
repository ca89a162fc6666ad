import { useEffect } from 'react';
import type { Plan, Surface } from '../../../core/plan/index.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';

/** Surfaces with food on them that nobody has laid yet. */
const bare = (plan: Plan): Surface['id'][] =>
  plan.surfaces
    .map(({ id }) => id)
    .filter(
      (id) =>
        plan.placements.some(({ surfaceId }) => surfaceId === id) &&
        !plan.layout.some(({ surfaceId }) => surfaceId === id),
    );

/**
 * Who arrives finds the board laid, also where the page was closed before that was done. Only on arrival: a step back
 * here is not laid over.
 */
export function useLaidOnArrival(): void {
  useEffect(() => {
    const { plan } = useSession.getState();
    const { doing, lay } = useKitchen.getState();
    if (!plan || doing !== null) return;
    const ids = bare(plan);
    if (ids.length === 0) return;
    const laid = plan.placements.filter(({ surfaceId }) => !ids.includes(surfaceId));
    // what is laid stays: the rest counts as what has come since
    void (laid.length === 0 ? lay(plan) : lay(plan, undefined, { ...plan, placements: laid }));
  }, []);
}
