import { cometWatchBrief } from '../../demo/comet-watch.js';
import type { ComponentId } from '../catalogue/index.js';
import { groupSchema, type Group } from '../party/index.js';
import { emptyPlan, planLarder, planSchema, type Placement, type Plan } from '../plan/index.js';

/** Small plans for tests: everything that is not said is as in a new plan. */
export function planWith(patch: Partial<Plan>): Plan {
  return planSchema.parse({ ...emptyPlan('test', '2027-05-15T18:00'), ...patch });
}

export function group(id: string, count: number, needs: string[] = [], more: Partial<Group> = {}): Group {
  return groupSchema.parse({
    id,
    name: id,
    count,
    band: 'adult',
    ages: [],
    needs: needs.map((n) => ({ id: n, settings: {} })),
    dislikes: [],
    appetite: 1,
    ...more,
  });
}

export const id = (text: string): ComponentId => text as ComponentId;

/** So many grams of a component in its usual form on the only board. */
export function lies(component: string, massG: number, more: Partial<Placement> = {}): Placement {
  const c = planLarder({ ownComponents: [], answers: [] }).get(id(component))!;
  const fact = c.forms.find((f) => f.form === more.form) ?? c.forms[0]!;
  return {
    componentId: c.id,
    surfaceId: 'board' as Placement['surfaceId'],
    form: fact.form,
    massG,
    pieces: Math.max(1, Math.round(massG / fact.pieceG)),
    lot: 0,
    contained: fact.form === 'bowl',
    ...more,
  };
}

export const brief = cometWatchBrief;
