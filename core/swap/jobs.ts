import type { Component, ComponentId } from '../catalogue/index.js';
import { isFresh, WANTED } from '../board/index.js';
import { planLarder, type Plan } from '../plan/index.js';

/** Something that a board needs and that one food alone does there. */
export interface BoardJob {
  name: string;
  has(component: Component): boolean;
}

/** Jobs that count: the tastes and textures that a board is missed for. */
const JOBS: readonly BoardJob[] = [
  ...WANTED.filter((wantedTaste) => wantedTaste.points >= 1 && (wantedTaste.count ?? 1) === 1),
  { name: 'something fresh', has: isFresh },
  { name: 'something to lay it on', has: (component) => component.job === 'vehicle' },
];

/** The jobs that this food alone does on this board: its swap must do them too. */
export function onlyJobs(plan: Plan, id: ComponentId): BoardJob[] {
  const larder = planLarder(plan);
  const me = larder.get(id);
  if (!me) return [];
  const others = [...new Set(plan.placements.map((placement) => placement.componentId))].flatMap((otherId) =>
    otherId === id ? [] : (larder.get(otherId) ?? []),
  );
  return JOBS.filter((job) => job.has(me) && !others.some((component) => job.has(component)));
}
