import { INGREDIENTS } from '../../catalogue/index.js';
import { isRecord, type Steps } from '../steps.js';

/** An own component of version 1 knows nothing of the facts that came later: they are unknown, so they ask. */
function knowsMore(component: unknown): unknown {
  // a broken one is left as it is: the schema refuses it with its path
  if (!isRecord(component) || !isRecord(component.animal) || !isRecord(component.per100g)) return component;
  return {
    ...component,
    animal: { ...component.animal, game: 'unknown', beeswax: 'unknown' },
    notable: Object.fromEntries(INGREDIENTS.map((i) => [i, 'unknown'])),
    process: 'unknown',
    lactose: 'unknown',
    fishKind: 'unknown',
    supervision: 'unknown',
    per100g: { ...component.per100g, erythritolG: null },
  };
}

export const OWN_COMPONENT_STEPS: Steps = {
  1: (stored) => ({
    ...stored,
    ownComponents: Array.isArray(stored.ownComponents)
      ? stored.ownComponents.map(knowsMore)
      : stored.ownComponents,
  }),
};
