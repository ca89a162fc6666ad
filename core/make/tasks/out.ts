import { numberOf, outlineSize, type Surface } from '../../plan/index.js';
import { isCarried, loadG, loadOf, ONE_CARRIES_G } from '../../portion/index.js';
import { OUT_FRESH_MIN, RUN_MIN, SMALL_G, SMALL_MM, TRAY_HOLDS } from '../rules.js';
import { surfacesOf, type Task } from '../task.js';
import { task, type MakeContext } from './context.js';

/** Goes on a tray with others of its kind. */
export const isLittle = ({ outline }: Surface): boolean => Math.max(...outlineSize(outline)) <= SMALL_MM;

const isSmall = (surface: Surface, grams: number): boolean => isLittle(surface) && grams <= SMALL_G;

export const trayRuns = (surfaces: number): number => Math.ceil(surfaces / TRAY_HOLDS);

/**
 * To the table: each board by itself, by two where it is too heavy for one; little ones together on trays. What comes by
 * car is laid where it is served.
 */
export function carryingOut({ plan }: MakeContext, builds: readonly Task[]): Task[] {
  const laid = plan.surfaces
    .filter(
      (surface) =>
        plan.occasion.carMin === 0 &&
        isCarried(surface) &&
        builds.some((build) => surfacesOf(build).includes(surface.id)),
    )
    .map((surface) => ({ surface, grams: loadG(loadOf(plan, surface)) }));
  const small = laid.filter(({ surface, grams }) => isSmall(surface, grams));
  // a single little one is carried as it is
  const little = small.reduce((sum, { surface }) => sum + numberOf(surface), 0);
  const onTrays = little > 1 ? small : [];
  const after = (surfaces: readonly Surface[]): Task['after'] =>
    builds
      .filter((build) => surfaces.some(({ id }) => surfacesOf(build).includes(id)))
      .map(({ id }) => ({ id, what: 'hands' as const }));
  const shared = { kind: 'carry' as const, foods: [], fresh: -OUT_FRESH_MIN };
  return [
    ...laid
      .filter(({ surface }) => !onTrays.some((other) => other.surface === surface))
      .map(({ surface, grams }) =>
        task({
          ...shared,
          id: `carry-${surface.id}`,
          surfaceId: surface.id,
          massG: grams,
          pieces: 1,
          // the second pair of hands is counted, too
          handsMin: grams > ONE_CARRIES_G ? 2 * RUN_MIN : RUN_MIN,
          after: after([surface]),
        }),
      ),
    ...(onTrays.length > 0
      ? [
          task({
            ...shared,
            id: 'carry-trays',
            massG: onTrays.reduce((sum, { surface, grams }) => sum + grams * numberOf(surface), 0),
            pieces: little,
            handsMin: RUN_MIN * trayRuns(little),
            after: after(onTrays.map(({ surface }) => surface)),
          }),
        ]
      : []),
  ];
}
