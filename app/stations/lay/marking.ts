import { create } from 'zustand';
import type { MarkedPlace, Plan, Surface } from '../../../core/plan/index.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { onOtherPlan, useSession } from '../../store/session.js';
import { t } from '../../words/index.js';

/** What a mark says on the board, and what is picked to make one. */
export const MARK_WORDS: Readonly<Record<MarkedPlace['for'], string>> = {
  open: t('stays open'),
  cheese: t('cheese here'),
  meat: t('meat or fish here'),
  bread: t('bread here'),
  fruit: t('fruit here'),
  green: t('vegetables here'),
  nuts: t('nuts here'),
  dips: t('dips here'),
  sweet: t('sweets here'),
};

interface Marking {
  /** What the next mark on the board will be for. */
  what: MarkedPlace['for'] | null;
  picked: string | null;
  begin(what: MarkedPlace['for']): void;
  pick(id: string | null): void;
  end(): void;
}

export const useMarking = create<Marking>((set) => ({
  what: null,
  picked: null,
  begin: (what) => set({ what, picked: null }),
  pick: (picked) => set({ picked, what: null }),
  end: () => set({ what: null, picked: null }),
}));

onOtherPlan(() => useMarking.getState().end());

export const [LEAST_MM, USUAL_MM, MOST_MM] = [20, 60, 600] as const;
export const STEP_MM = 10;

/** After the last key the board is laid anew: not after each of ten. */
const QUIET_MS = 500;
let waiting: ReturnType<typeof setTimeout> | undefined;
/** The plan before the first of the marks that the board has not been laid for yet. */
let since: Plan | undefined;

/** Marks are edits of the surface; the board is laid anew a moment later, pins kept, in one step of undo with them. */
export function useMarks(surface: Surface) {
  const edit = useSession((session) => session.edit);
  const lay = useKitchen((kitchen) => kitchen.lay);
  const label = t('mark a place');
  const keep = (places: MarkedPlace[]): void => {
    const before = useSession.getState().plan;
    const { places: _old, ...bare } = surface;
    edit({
      name: 'together',
      label,
      commands: [{ name: 'set-surface', surface: places.length > 0 ? { ...bare, places } : bare }],
    });
    since ??= before ?? undefined;
    clearTimeout(waiting);
    waiting = setTimeout(() => {
      const [now, was] = [useSession.getState().plan, since];
      since = undefined;
      if (now && was?.id === now.id && now.layout.some(({ surfaceId }) => surfaceId === surface.id))
        void lay(now, label, was);
    }, QUIET_MS);
  };
  const places = surface.places ?? [];
  return {
    places,
    add(place: Omit<MarkedPlace, 'id'>): void {
      let n = 1;
      while (places.some(({ id }) => id === `place-${n}`)) n += 1;
      const id = `place-${n}`;
      keep([...places, { ...place, id }]);
      useMarking.getState().pick(id);
    },
    change(id: string, patch: Partial<MarkedPlace>): void {
      keep(places.map((place) => (place.id === id ? { ...place, ...patch } : place)));
    },
    remove(id: string): void {
      keep(places.filter((place) => place.id !== id));
      useMarking.getState().end();
    },
  };
}
