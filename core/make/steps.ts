import { stagesOf, type StageFood } from '../lay/index.js';
import type { Plan, Surface } from '../plan/index.js';
import { BUILD_STAGES, surfacesOf, type Task } from './task.js';

/** What is laid in one task, and what lies there already: a helper who has never seen the board lays it from this. */
export interface BuildStep {
  surface: Surface;
  /** Numbered as on the sheet of the board, with piles, pieces and grams. */
  now: readonly StageFood[];
  before: readonly StageFood[];
}

/** Undefined for other work, and while the surface is not laid. */
export function buildStep(plan: Plan, tasks: readonly Task[], task: Task): BuildStep | undefined {
  const surface = plan.surfaces.find(({ id }) => id === task.surfaceId);
  if (task.kind !== 'build' || !task.stage || !surface) return undefined;
  const foods = stagesOf(plan, surface).flatMap(({ id, foods }) =>
    foods.map((food) => ({ food, stands: id === 'bowls' })),
  );
  const at = BUILD_STAGES.indexOf(task.stage);
  const earlier = tasks.filter((other) => {
    const { kind, stage } = other;
    return (
      kind === 'build' && surfacesOf(other).includes(surface.id) && stage && BUILD_STAGES.indexOf(stage) < at
    );
  });
  // the same cheese may stand in a bowl and lie in cubes: each is laid in its own stage
  const isOf = (tasks: readonly Task[], { food, stands }: (typeof foods)[number]): boolean =>
    tasks.some(
      ({ foods, stage }) =>
        foods.includes(food.component.id) && (stage === 'bowls' || stage === 'ice') === stands,
    );
  const inTask = foods.filter((laid) => isOf([task], laid));
  const now = inTask.map(({ food }) => food);
  const before = foods
    .filter((laid) => !inTask.includes(laid) && isOf(earlier, laid))
    .map(({ food }) => food);
  return now.length > 0 ? { surface, now, before } : undefined;
}
