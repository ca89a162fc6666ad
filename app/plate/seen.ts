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
  const laid = context.plan.layout.find((l) => l.surfaceId === surface.id)?.elements ?? [];
  return new Map(
    laid.map((e): [string, Showing] => {
      const l = context.placed.find(
        (x) => x.surface.id === surface.id && x.component.id === e.componentId && x.form === e.form,
      );
      // what is drawn and not placed is an older layout's: nobody can say that it is theirs
      const standing = l && standingOf(context, l, group);
      return [e.id, standing === 'fine' ? 'full' : standing === 'touched' ? 'hatched' : 'pale'];
    }),
  );
}
