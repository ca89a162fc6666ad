import { standingOf, type Checked } from '../../core/check/index.js';
import type { Group } from '../../core/party/index.js';
import type { Showing } from '../../core/picture/index.js';
import type { LaidElement, Surface } from '../../core/plan/index.js';

/** How each element is shown through a guest's eyes; undefined when everybody looks. */
export function showingFor(
  checked: Checked,
  surface: Surface,
  group: Group | undefined,
): ((e: LaidElement) => Showing) | undefined {
  if (!group) return undefined;
  return (e) => {
    const l = checked.context.placed.find(
      (x) => x.surface.id === surface.id && x.component.id === e.componentId && x.form === e.form,
    );
    // what is drawn and not placed is an older layout's: nobody can say that it is theirs
    if (!l) return 'pale';
    const standing = standingOf(checked.context, l, group);
    return standing === 'fine' ? 'full' : standing === 'touched' ? 'hatched' : 'pale';
  };
}
