import { standingOf, type Checked } from '../../core/check/index.js';
import type { Group } from '../../core/party/index.js';
import type { Showing } from '../../core/picture/index.js';
import type { Surface } from '../../core/plan/index.js';

/** How each element of a surface is shown through a guest's eyes; undefined when everybody looks. */
export function showingFor(
  { context }: Checked,
  surface: Surface,
  group: Group | undefined,
): ReadonlyMap<string, Showing> | undefined {
  if (!group) return undefined;
  const laid = context.plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? [];
  return new Map(
    laid.map((element): [string, Showing] => {
      const placed = context.placed.find(
        (otherPlaced) =>
          otherPlaced.surface.id === surface.id &&
          otherPlaced.component.id === element.componentId &&
          otherPlaced.form === element.form,
      );
      // what is drawn and not placed is an older layout's: nobody can say that it is theirs
      const standing = placed && standingOf(context, placed, group);
      return [
        element.id,
        standing === 'fine' ? 'full' : standing === 'touched' || standing === 'little' ? 'hatched' : 'pale',
      ];
    }),
  );
}
