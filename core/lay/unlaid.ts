import { FORMS, type Component } from '../catalogue/index.js';
import {
  oneOfEach,
  planLarder,
  unevenOn,
  type LaidElement,
  type Placement,
  type Plan,
  type Surface,
} from '../plan/index.js';
import { bowlsInUse, type BowlInUse } from '../portion/index.js';

/** A food of which not all that is planned for the first lot lies there. */
export interface Unlaid {
  component: Component;
  laid: number;
  planned: number;
  massG: number;
  /** No bowl at hand takes it, no ground is left, or it does not go evenly into all single portions. */
  why: 'no bowl' | 'no room' | 'uneven';
}

/** Pieces of a placement that lie there: its bowls hold all of its food, whatever its form. */
function laidOf(placement: Placement, elements: readonly LaidElement[], bowls: readonly BowlInUse[]): number {
  const mine = elements.filter(
    (element) => element.componentId === placement.componentId && element.form === placement.form,
  );
  if (placement.contained && !FORMS[placement.form].bowl) {
    const wanted = bowls.filter(
      (bowl) => bowl.componentId === placement.componentId && bowl.surfaceId === placement.surfaceId,
    );
    return wanted.slice(0, mine.length).reduce((pieces, bowl) => pieces + bowl.pieces, 0);
  }
  return mine.reduce((most, element) => most + Math.max(element.pieces.length, 1), 0);
}

/** Do the bowls at hand take all of it? */
const hasBowl = ({ componentId, surfaceId, pieces }: Placement, bowls: readonly BowlInUse[]): boolean =>
  bowls
    .filter((bowl) => bowl.componentId === componentId && bowl.surfaceId === surfaceId)
    .reduce((sum, bowl) => sum + bowl.pieces, 0) >= pieces;

/** Of single portions: what is left when each has as many whole pieces as the others. */
const leftOverOn = (plan: Plan, surface: Surface): Unlaid[] =>
  unevenOn(plan, surface).flatMap(({ componentId, left, pieces, massG }): Unlaid[] => {
    const component = planLarder(plan).get(componentId);
    if (!component || component.family === 'garnish') return [];
    const [laid, planned] = [pieces - left, pieces];
    return [{ component, laid, planned, massG: (massG * left) / planned, why: 'uneven' }];
  });

/** What is planned for a surface and does not lie there; herbs are laid as far as they go. Nothing for a surface that was never laid. */
export function unlaidOn(all: Plan, surface: Surface): Unlaid[] {
  const plan = oneOfEach(all);
  const layer = plan.layout.find(({ surfaceId }) => surfaceId === surface.id);
  if (!layer) return [];
  const { elements } = layer;
  const larder = planLarder(plan);
  const bowls = bowlsInUse(plan);
  const missing = plan.placements
    .filter((placement) => placement.surfaceId === surface.id && placement.lot === 0)
    .flatMap((placement): Unlaid[] => {
      const component = larder.get(placement.componentId);
      if (!component || component.family === 'garnish') return [];
      const laid = laidOf(placement, elements, bowls);
      if (laid >= placement.pieces) return [];
      const massG = (placement.massG * (placement.pieces - laid)) / placement.pieces;
      return [
        {
          component,
          laid,
          planned: placement.pieces,
          massG,
          why: placement.contained && !hasBowl(placement, bowls) ? 'no bowl' : 'no room',
        },
      ];
    });
  return [...leftOverOn(all, surface), ...missing];
}
