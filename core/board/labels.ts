import { FORMS, type Component, type Family, type FormId } from '../catalogue/index.js';
import { FREE_FROM, keepsFree, planLarder, type FreeFrom, type Plan, type Surface } from '../plan/index.js';

/** What stands on a board with a card at it: every cheese (craft, section 10). */
export const wantsLabel = ({ family }: Component): boolean => family === 'cheese';

const PICKED: readonly Family[] = ['pickle', 'cooked', 'plant-protein', 'cheese'];
/** Is it taken with a pick: a small wet or sticky thing that lies loose? */
export const wantsPick = ({ family }: Component, form: FormId): boolean =>
  !FORMS[form].large && PICKED.includes(family);

/** The foods of a plan that want a card, each once; in a box of one's own stands none. */
export function labelledFoods(plan: Plan): Component[] {
  const larder = planLarder(plan);
  const singles = new Set(plan.surfaces.flatMap(({ id, singles }) => (singles ? [id] : [])));
  const shared = plan.placements.filter(({ surfaceId }) => !singles.has(surfaceId));
  return [...new Set(shared.map(({ componentId }) => componentId))].flatMap((id) => {
    const component = larder.get(id);
    return component && wantsLabel(component) ? [component] : [];
  });
}

/**
 * Cards of a surface itself: one that promises to be free from something says so (craft, section 10), and so does a part
 * that is kept for somebody.
 */
export const cardsOfSurface = ({ freeFrom, zoneFor }: Surface): ('free-from' | 'kept-part')[] => [
  ...(freeFrom.length > 0 ? (['free-from'] as const) : []),
  ...(zoneFor ? (['kept-part'] as const) : []),
];

/**
 * What a surface promises to be free from, as far as everything that lies there keeps it: a card or a sheet is believed, and
 * what breaks a promise or must be asked is no "free from" there.
 */
export const promisesKept = ({ freeFrom }: Surface, lying: readonly Component[]): FreeFrom[] =>
  FREE_FROM.filter(
    ({ id }) => freeFrom.includes(id) && lying.every((component) => keepsFree(component, id) === 'keeps'),
  );
